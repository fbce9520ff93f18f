import { readMastery, wholeOf } from './mastery';
import { readRosterText } from './readRoster';

test.each([
  ['flow gauging (12)', ['3', '9'], 12],
  ['flow gauging / 8', ['3'], 8],
  ['plotting of 20', ['3'], 20],
  ['mastery of plotting', ['40%', '3%'], 100],
  ['plotting', ['0', '1', ''], 1],
  ['plotting', ['0.4', '0.9'], 1],
  ['plotting', ['2', '7'], 10],
  ['plotting', ['55', '100'], 100],
])('"%s" with %j counts up to %d', (heading, cells, whole) => {
  expect(wholeOf(heading, cells, '.')).toBe(whole);
});

test.each([
  ['✓', 100],
  ['no', 0],
  ['Mastered', 100],
  ['not yet', 0],
  ['7/10', 70],
  ['3 of 4', 75],
  ['6', 50],
  ['85%', 85],
  ['13', null],
  ['120%', null],
  ['-1', null],
  ['soon', null],
])('"%s" of 12 is a mastery of %p', (cell, mastery) => {
  expect(readMastery(cell, 12, '.')).toBe(mastery);
});

test('columns of mastery in a list: points, ticks and words are one scale, and what is over the most is told', () => {
  const read = readRosterText(
    [
      'Name,Maps mastery (8),Gauges mastery,Plots mastery',
      ...['Amira Haddad,6,✓,85%', 'Bo Lindqvist,8,✗,100%', 'Ngozi Eze,9,✓,', 'Sami Virta,0,✗,12%'],
    ].join('\n'),
  );
  if (!read.ok) throw new Error(read.error.code);
  expect(read.reading.columns.slice(1).map(({ kind }) => kind)).toEqual([
    'skill',
    'skill',
    'skill',
  ]);
  expect(read.roster.students.map(({ attributes }) => Object.values(attributes))).toEqual([
    [75, 100, 85],
    [100, 0, 100],
    [100],
    [0, 0, 12],
  ]);
  expect(read.roster.warnings.filter(({ kind }) => kind === 'unreadValue')).toMatchObject([
    { name: 'Ngozi Eze', given: '9' },
  ]);
});
