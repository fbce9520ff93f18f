import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { markColumn, peopleRows } from './peopleRows';
import {
  marksFile,
  marksTable,
  type MarkOut,
  type MarksLayout,
  type MarksOut,
  type MarkWords,
} from './out/marksOut';
import { calledSo, readAnswers } from './answersRead';
import { readMarks } from './marksRead';
import { fileAsText } from './roster/asText';
import { whoseFiles } from './whoseFiles';

const words: MarkWords = {
  headings: {
    ...{ number: 'Number', name: 'Name', givenName: 'Given name', familyName: 'Family name' },
    ...{ email: 'Address', section: 'Section', group: 'Group', marks: 'Mark', percent: 'Per cent' },
    ...{ mean: 'Mean', missing: 'Missing', comment: 'Comment' },
  },
  state: (state) => state,
  sheet: 'Marks',
  of: (heading, activity) => `${activity}, ${heading}`,
};
const LAYOUT: MarksLayout = { columns: ['number', 'name', 'marks'], headings: {}, decimal: '.' };
const NAMES = ['Ana Reed', 'Bo Lee', 'Chipo Dube', 'Dov Stern', '=1+1 Eve', 'Łucja Wójcik'];

/** Marks of an activity at random, some excused, some missing. */
function randomMarks(rng: Rng): MarksOut {
  const mark = (): MarkOut => {
    const state = (['marked', 'marked', 'marked', 'excused', 'absent', 'missing'] as const)[
      uniformInt(rng, 6)
    ]!;
    const points = state === 'marked' ? uniformInt(rng, 41) / 4 : state === 'absent' ? 0 : null;
    return { group: 'Alder', state, points, comment: '=cmd|1' };
  };
  return {
    className: 'Crew',
    activities: [{ name: 'Flow report', most: 10, due: null, weight: 1 }],
    rows: NAMES.map((name, at) => ({
      ...{ name, number: `00${4100 + at}`, email: `p${at}@example.org`, section: 'North bank' },
      ...{ givenName: name.split(' ')[0]!, familyName: name.split(' ')[1]! },
      ...{ marks: [mark()], mean: 71.234, missing: 0 },
    })),
  };
}

async function bytesOf(
  kind: 'csv' | 'xlsx',
  marks: MarksOut,
  layout: MarksLayout,
): Promise<Uint8Array> {
  const { content } = await marksFile(kind, marks, layout, words);
  return typeof content === 'string' ? new TextEncoder().encode(content) : content;
}

test.each([
  ['csv', '.'],
  ['csv', ','],
  ['xlsx', '.'],
] as const)(
  'marks written as %s with a decimal “%s” are read back to the figure',
  async (kind, decimal) => {
    const wrong: string[] = [];
    for (let seed = 0; seed < 12; seed++) {
      const marks = randomMarks(rngFromSeed(seed));
      const layout: MarksLayout = { ...LAYOUT, decimal, columns: [...LAYOUT.columns, 'comment'] };
      const asText = await fileAsText(await bytesOf(kind, marks, layout));
      if (!asText.ok) throw new Error(asText.error.code);
      const people = marks.rows.map(({ number, email, name }) => ({
        ...{ id: number, number, email, names: [name] },
      }));
      const sheet = await peopleRows(asText.sheets[0]!.text, people);
      const found = markColumn(sheet.columns, ['Flow report']);
      const back = sheet.rows.map(({ id }, at) => `${id} ${found?.cells[at]?.replace(',', '.')}`);
      const sent = marks.rows.map(({ number, marks: [mark] }) => {
        const { state, points } = mark!;
        return `${number} ${state === 'excused' || state === 'absent' ? state : (points ?? '')}`;
      });
      if (back.join() !== sent.join()) wrong.push(`${seed}\n${back.join()}\n${sent.join()}`);
    }
    expect(wrong).toEqual([]);
  },
);

test('no cell of a table of marks is run as a formula', async () => {
  const marks = randomMarks(rngFromSeed(1));
  const layout: MarksLayout = { ...LAYOUT, columns: ['name', 'comment', 'marks'] };
  const { content } = await marksFile('csv', marks, layout, words);
  expect(content).toContain("'=1+1 Eve,'=cmd|1,");
});

test('a table has the columns of the layout in its order under its headings, one for each activity', () => {
  const one = randomMarks(rngFromSeed(2));
  const [first] = one.activities;
  const two: MarksOut = {
    ...one,
    activities: [first!, { ...first!, name: 'Poster', most: 20 }],
    rows: one.rows.map((row) => ({
      ...row,
      marks: [{ group: 'Alder', state: 'marked', points: 5, comment: '' }, null],
    })),
  };
  const layout: MarksLayout = {
    ...{ columns: ['familyName', 'marks', 'percent', 'mean'], decimal: '.' },
    headings: { familyName: 'Surname' },
  };
  const { heading, rows } = marksTable(two, layout, words);
  expect(heading).toEqual([
    ...['Surname', 'Flow report', 'Poster', 'Flow report, Per cent', 'Poster, Per cent', 'Mean'],
  ]);
  expect(rows[0]).toEqual(['Reed', 5, '', 50, '', 71.23]);
});

test('a sheet with several columns of figures and none called like the activity leaves the choice to the teacher', () => {
  const column = (heading: string, likely: number) => ({ column: 0, heading, cells: [], likely });
  expect(markColumn([column('Mark', 3), column('Seat', 3)], ['Report'])).toBeNull();
  expect(markColumn([column('report', 3), column('Seat', 3)], ['Report'])?.heading).toBe('report');
  expect(markColumn([column('Mark', 3), column('Note', 0)], ['Report'])?.heading).toBe('Mark');
});

test('files are whose name stands in theirs, the longest of all, and doubts are told', () => {
  const called = [
    { key: '0', names: ['Alder', 'Ana Reed'] },
    { key: '1', names: ['Alder buckthorn', 'Bo Lee'] },
    { key: '2', names: ['Group 1'] },
    { key: '3', names: ['Group 12', 'Ána Reed'] },
  ];
  const files = [
    ...['alder_report.pdf', 'Alder-Buckthorn.docx', 'group12 final.pdf', 'Group 1/scan.pdf'],
    ...['ana reed.pdf', 'holiday.png', 'sent/Bo_Lee/alder.txt'],
  ];
  expect(whoseFiles(files, called).map(({ keys }) => keys.join(' '))).toEqual([
    ...['0', '1', '3', '2', '0 3', '', '0'],
  ]);
});

test('each cell of a sheet that is no mark is named, and nothing is taken of it', () => {
  const cells = [...['7,5', "'-2", '11', 'seven', '', 'EXCUSED', 'abs', '8', '7,5', '9', '9']];
  const ids = ['a', 'b', 'c', 'd', 'e', 'f', 'g', null, 'a', 'h', 'h'];
  const column = { column: 2, heading: 'Mark', cells, likely: 5 };
  const words = { excused: ['excused'], absent: ['absent', 'abs'] };
  const rowAt = (place: number) => ({ id: ids[place] ?? null, doubtful: place === 7 });
  const read = readMarks(column, rowAt, 10, words);
  expect([...read.marks]).toEqual([
    ['a', 7.5],
    ['f', 'excused'],
    ['g', 'absent'],
    ['h', 9],
  ]);
  expect(read.unread.map(({ place, code }) => `${place} ${code}`)).toEqual([
    ...['1 below', '2 over', '3 noFigure', '7 doubtful'],
  ]);
  expect(read).toMatchObject({ blank: 1, twice: [] });
  const whole = { ...column, cells: ['7 / 10', '6,5/10', '7/20', '1/2/3'] };
  const parts = readMarks(whole, (place) => ({ id: place, doubtful: false }), 10, words);
  expect([...parts.marks.values()]).toEqual([7, 6.5]);
  expect(parts.unread.map(({ place, code }) => `${place} ${code}`)).toEqual([
    ...['2 noFigure', '3 noFigure'],
  ]);
  const two = { ...column, cells: ['7', '8'] };
  expect(readMarks(two, () => ({ id: 'a', doubtful: false }), 10, words)).toMatchObject({
    twice: [{ id: 'a', places: [0, 1] }],
  });
});

test('answers are read by who answers and whom the column is headed with, within one group alone', () => {
  const column = (heading: string, ...cells: string[]) => ({
    ...{ column: 0, heading, cells, likely: cells.length },
  });
  const people = [
    { id: 'a', names: ['Ana Reed', 'Reed Ana'] },
    { id: 'b', names: ['Bo Lee'] },
    { id: 'c', names: ['Bo Lee'] },
    { id: 'd', names: ['Dov'] },
  ];
  const ids = ['a', 'd', 'c', null];
  const read = readAnswers(
    [
      column('reed ana', '100', '60,5', '10', '3'),
      column('Bo Lee', '1', '1', '1', '1'),
      column('Dov', '40', '', 'much', ''),
      column('Comment', '5', '5', '5', '5'),
    ],
    (place) => ids[place] ?? null,
    calledSo(people),
    (one, two) => `${one}${two}` !== 'ca',
  );
  expect(read.answers).toEqual({ d: { a: 60.5 }, a: { d: 40 } });
  expect(read.unread).toEqual([
    { from: 'c', to: 'a', cell: '10', code: 'notTogether' },
    { from: 'c', to: 'd', cell: 'much', code: 'noFigure' },
  ]);
  expect(read).toMatchObject({ named: 2, unknown: [3] });
});

describe('whose a row of a sheet is', () => {
  const people = [
    { id: 'a', number: '004100', email: 'ana@example.org', names: ['Ana Reed', 'Reed Ana'] },
    { id: 'b', number: '4', email: 'bo@example.org', names: ['Bo Lee', 'Lee Bo'] },
    { id: 'c', number: '5', email: '', names: ['Bo Lee', 'Lee Bo'] },
    { id: 'd', number: '', email: '', names: ['Chipo Dube', 'Dube Chipo'] },
  ];
  const ids = async (text: string) => (await peopleRows(text, people)).rows.map(({ id }) => id);

  test.each([
    ['by number, its leading zeros lost', 'No;Mark\n4100;7\n4;5', ['a', 'b']],
    ['by address, whatever its case', 'Mail,Mark\nANA@example.org,7\nx@example.org,1', ['a', null]],
    [
      'by name, in one column or two',
      'Family\tGiven\tMark\nDube\tChipo\t5\nReed\tAna\t4',
      ['d', 'a'],
    ],
    ['by name, turned round with a comma', 'Name;Mark\n"Reed, Ana";5', ['a']],
    ['not by a name that two have', 'Name;Mark\nBo Lee;5\nAna Reed;3', [null, 'a']],
    ['but by the number beside such a name', 'No;Name;Mark\n5;Bo Lee;5\n4;Bo Lee;3', ['c', 'b']],
    [
      'not where number and name say two people',
      'No;Name;Mark\n4;Ana Reed;5\n4100;Ana Reed;4',
      [null, 'a'],
    ],
    [
      'twice where two rows say so',
      'Name;Mark\nAna Reed;5\nAna Reed;4\nChipo Dube;3',
      ['a', 'a', 'd'],
    ],
    ['by numbers that look like marks', 'No;Mark\n4;5\n5;5\n4100;4', ['b', 'c', 'a']],
    ['without a heading', 'Ana Reed;5\nChipo Dube;4', ['a', 'd']],
  ])('is told %s', async (_, text, wanted) => {
    expect(await ids(text)).toEqual(wanted);
  });

  test('is told to be in doubt where several could be meant', async () => {
    const { rows } = await peopleRows('Name;Mark\nBo Lee;5\nAna Reed;3\nZoe;1', people);
    expect(rows.map(({ doubtful }) => doubtful)).toEqual([true, false, false]);
  });

  test('lines are counted with the heading and with blank ones', async () => {
    const { rows, columns } = await peopleRows('Name,Mark\n\nAna Reed,5\nNobody,4', people);
    expect(rows).toEqual([
      { line: 3, id: 'a', doubtful: false, called: 'Ana Reed' },
      { line: 4, id: null, doubtful: false, called: 'Nobody' },
    ]);
    expect(columns).toEqual([{ column: 1, heading: 'Mark', cells: ['5', '4'], likely: 2 }]);
  });
});
