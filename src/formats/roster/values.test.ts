import { readNumber, readYesNo, unitOf, yesNoWord } from './readValue';
import { guessKind, isOddWord, levelKey, levelsFor } from './values';

describe('the figure in a cell', () => {
  test.each([
    ['7', '.', 7],
    ['7.5', '.', 7.5],
    ['7,5', ',', 7.5],
    ['7.', '.', 7],
    ['.5', '.', 0.5],
    ['-3', '.', -3],
    ['−3', '.', -3],
    ['+3', '.', 3],
    ['1,234', '.', 1234],
    ['1.234', ',', 1234],
    ['1,234.5', '.', 1234.5],
    ['1.234,5', ',', 1234.5],
    ['12,34', '.', null],
    ['1,2345', '.', null],
    ["1'234", '.', 1234],
    ['1 234', '.', 1234],
    ['85%', '.', 85],
    ['85 %', '.', 85],
    ['20°', '.', 20],
    ['17/20', '.', 17],
    ['7/10', '.', 7],
    ['11/10', '.', null],
    ['4/3', '.', null],
    ['13,5/20', ',', 13.5],
    ['½', '.', 0.5],
    ['2½', '.', 2.5],
    ['-1¼', '.', -1.25],
    ['3¾', '.', 3.75],
    ['152 cm', '.', 152],
    ['15.2 s', '.', 15.2],
    ['€ 12.50', '.', 12.5],
    ['5m', '.', null],
    ['5 m', '.', 5],
    ['3.5', ',', 3.5],
    ['seven', '.', null],
    ['7B', '.', null],
    ['', '.', null],
    ['1-2', '.', null],
    ['3−', '.', null],
  ] as const)('%s with “%s”', (cell, decimal, value) =>
    expect(readNumber(cell, decimal)).toBe(value),
  );

  test.each([
    ['152 cm', 'cm'],
    ['€ 12.50', '€'],
    ['12 KG', 'kg'],
    ['5 m', 'm'],
    ['5m', ''],
    ['5', ''],
    ['five cm', ''],
  ])('%s counts “%s”', (cell, unit) => expect(unitOf(cell)).toBe(unit));

  test.each([
    ['Yes', 'yes'],
    ['ja', 'yes'],
    ['✓', 'yes'],
    ['x', 'yes'],
    ['[✓]', 'yes'],
    ['No', 'no'],
    ['não', 'no'],
    ['☐', 'no'],
    ['[ ]', 'no'],
    ['perhaps', null],
    ['', null],
  ])('%s says %s', (cell, said) => expect(readYesNo(cell)).toBe(said));

  test('an answer is compared by its words, or by its sign', () => {
    expect([' YES! ', '✗'].map(yesNoWord)).toEqual(['yes', '✗']);
  });
});

describe('what kind of detail a column is', () => {
  const kindOf = (cells: string, heading = 'Detail', comma = false) =>
    guessKind(heading, cells.split('|'), comma).kind;

  test.each([
    ['3|4|5', 'number'],
    ['3,5|4|5', 'number'],
    ['3|4|krank|5', 'number'],
    ['3|4|5|6|7|zu spät gekommen', 'number'],
    ['3|4|5|zu spät gekommen', 'category'],
    ['3|4|zk', 'number'],
    ['3|zk', 'category'],
    ['3|4|zk|yy', 'category'],
    ['1 h|30 min', 'category'],
    ['1 h|2 h', 'number'],
    ['0041|0042', 'category'],
    ['+491234567|+491234568', 'category'],
    ['123456789|123456780', 'category'],
    ['12345678|12345679', 'number'],
    ['yes|no|yes', 'yesNo'],
    ['ja|nein|', 'yesNo'],
    ['x||x', 'yesNo'],
    ['S|N', 'category'],
    ['S|no', 'yesNo'],
    ['Otter|Heron', 'category'],
    ['low|high|medium', 'level'],
    ['low|blue', 'category'],
    ['low|low', 'category'],
    ['B+|A-|C', 'level'],
    ['A|B', 'category'],
    ['B1|A2|C1', 'level'],
    ['Level 2|Level 10', 'level'],
    ['Level 2|Step 3', 'category'],
    ['absent|absent|3', 'category'],
    ['|', 'category'],
    [':---:|3|4', 'number'],
  ])('%s is %s', (cells, kind) => expect(kindOf(cells)).toBe(kind));

  test('a heading tells what figures are no amounts, and what a skill is', () => {
    expect(kindOf('20|21', 'Phone')).toBe('category');
    expect(kindOf('20|21', 'Room')).toBe('category');
    expect(kindOf('3|4', 'Skill: reading')).toBe('skill');
    expect(kindOf('3/5|secure', 'Mastery')).toBe('skill');
    expect(kindOf('yes|not yet', 'Skill')).toBe('skill');
    expect(kindOf('3/5|blue', 'Skill')).toBe('category');
  });

  test('a comma is a decimal one where it cannot part thousands', () => {
    const decimalOf = (cells: string) => guessKind('Detail', cells.split('|'), false).decimal;
    expect(
      ['1,234', '1,23', '3,5 %', '1.234,5', '12', '1,234|3,5', '-3,5', '12.345,6'].map(decimalOf),
    ).toEqual(['.', ',', ',', ',', '.', ',', ',', ',']);
    expect(guessKind('Detail', ['12'], true).decimal).toBe(',');
  });

  test('words for an absence, and signs of a sheet, say that a value is missing', () => {
    const odd = ['EX', 'krank', '#DIV/0!', '*', '–', 'Not submitted', '()'];
    expect(odd.map(isOddWord)).toEqual(odd.map(() => true));
    const values = ['ex-pupil', '7', '#river', '*3', 'fine'];
    expect(values.map(isOddWord)).toEqual(values.map(() => false));
  });
});

describe('levels from low to high', () => {
  test.each([
    ['high|low|medium', 'low|medium|high'],
    ['Advanced|Beginner|Intermediate', 'Beginner|Intermediate|Advanced'],
    ['Level 10|Level 2', 'Level 2|Level 10'],
    ['A|B-|B|B+|A*', 'B-|B|B+|A|A*'],
    ['C++|C+|C', 'C|C+|C++'],
    ['B–|A−', 'B–|A−'],
    ['Heron|Otter|Heron', 'Heron|Otter'],
    ['n/a|gut|mittel', 'gut|mittel'],
    ['hoch|niedrig|mittel', 'niedrig|mittel|hoch'],
    ['always|never|often', 'never|often|always'],
    ['C1|A2', 'A2|C1'],
    ['XL|S|M', 'S|M|XL'],
  ])('%s', (cells, levels) => expect(levelsFor(cells.split('|')).join('|')).toBe(levels));

  test('differ by the sign behind them, and not by their case', () => {
    expect([levelKey('B+'), levelKey('b'), levelKey('High '), levelKey('high')]).toEqual([
      ...['b+', 'b', 'high', 'high'],
    ]);
  });
});
