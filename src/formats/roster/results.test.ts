import { readRosterText } from './readRoster';
import { resultColumnsIn, testIn } from './results';

const LADDER = ['maps', 'flow', 'flow gauging'];

function columnsOf(text: string, skills: readonly string[] = LADDER, find = resultColumnsIn) {
  const read = readRosterText(text);
  if (!read.ok) throw new Error(read.error.code);
  return find(read.table, read.reading, read.roster, skills);
}

test('points, ticks, words, shares and percentages are points of what each column counts up to', () => {
  const columns = columnsOf(
    [
      'Name\tEmail\tmaps a\tmaps b\tflow gauging (4)\tflow 1\tflow 2',
      'Amira Haddad\tamira@example.org\t1\t✓\t3\t7/10\t85%',
      'Bo Lindqvist\tbo@example.org\t0\t✗\t4\t10/10\t100%',
      'Ngozi Eze\tngozi@example.org\t1\t\t-\t0/10\t40%',
      'Sami Virta\tsami@example.org\t0\t✓\t1\t5/10\t12,5%',
    ].join('\n'),
  );
  expect(
    columns.map(({ heading, whole, points, skill }) => [heading, whole, skill, points]),
  ).toEqual([
    ['maps a', 1, 0, [1, 0, 1, 0]],
    ['maps b', 1, 0, [1, 0, null, 1]],
    // The longer name of two that the heading holds.
    ['flow gauging (4)', 4, 2, [3, 4, null, 1]],
    ['flow 1', 10, 1, [7, 10, 0, 5]],
    ['flow 2', 100, 1, [85, 100, 40, 12.5]],
  ]);
});

test('headings that begin with the number of a skill tell which it is, where all of them do', () => {
  const list = (headings: string) =>
    [`Name,${headings}`, 'Amira Haddad,1,0,1', 'Bo Lindqvist,0,1,1', 'Ngozi Eze,1,1,0'].join('\n');
  const skillsOf = (headings: string) => columnsOf(list(headings)).map(({ skill }) => skill);
  expect(skillsOf('1a,1b,3a')).toEqual([0, 0, 2]);
  expect(skillsOf('Item 1.1,Item 2.1,Item 2.2')).toEqual([0, 1, 1]);
  // The ninth skill of three is none: these are numbers of questions.
  expect(skillsOf('1a,2a,9a')).toEqual([null, null, null]);
  expect(skillsOf('Q1,Q2,Q3')).toEqual([null, null, null]);
});

test('several columns of right and wrong beside names are a test; a few facts are none, nor are scores', () => {
  const list = (headings: string, ...cells: readonly string[]) =>
    columnsOf(
      [
        `Name,${headings}`,
        ...['Amira Haddad', 'Bo Lindqvist', 'Ngozi Eze'].map(
          (name, at) => `${name},${cells[at] ?? ''}`,
        ),
      ].join('\n'),
      [],
      testIn,
    ).map(({ column }) => column);
  expect(list('Level,Q1,Q2,Q3,Q4', 'new,1,0,1,1', 'some,0,1,1,0', 'new,1,1,0,1')).toEqual([
    2, 3, 4, 5,
  ]);
  expect(list('Swims,Drives', 'yes,no', 'no,yes', 'yes,yes')).toEqual([]);
  expect(list('Q1,Q2,Q3', '1,0,1', '0,1,1', '1,1,0')).toEqual([]);
  expect(list('Maths,English,Art,Music', '12,31,8,40', '9,22,17,33', '15,8,11,29')).toEqual([]);
});

test('sums and other facts are offered, not taken; what is over the most is told with its cell', () => {
  const columns = columnsOf(
    [
      'Name,maps,Total,Home language',
      ...['Amira Haddad,50%,12,Welsh', 'Bo Lindqvist,130%,3,Arabic', 'Ngozi Eze,100%,7,Welsh'],
      'Sami Virta,20%,9,Welsh',
    ].join('\n'),
  );
  expect(columns.map(({ heading, likely }) => [heading, likely])).toEqual([
    ['maps', true],
    ['Total', false],
  ]);
  expect(columns[0]?.points).toEqual([50, null, 100, 20]);
  expect(columns[0]?.unread).toEqual([{ student: 1, cell: '130%' }]);
});
