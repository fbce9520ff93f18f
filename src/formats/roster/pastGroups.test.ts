import { pastColumnsIn } from './pastGroups';
import { readRosterText } from './readRoster';

const TODAY = '2026-11-27';

function columnsOf(text: string) {
  const read = readRosterText(text);
  if (!read.ok) throw new Error(read.error.code);
  const names = read.roster.students.map(({ displayName }) => displayName);
  return pastColumnsIn(read.table, read.reading, read.roster, TODAY).map(
    ({ heading, day, likely, groups }) => ({
      ...{ heading, day, likely },
      groups: groups.map(
        ({ name, students }) => `${name}: ${students.map((one) => names[one]).join(', ')}`,
      ),
    }),
  );
}

test('a column for each week, with days where the heading names them; whoever was away is in none', () => {
  expect(
    columnsOf(
      [
        'Name\tEmail\tWeek 1\t10 Sep',
        'Amira Haddad\tamira@example.org\tAlder\t2',
        'Bo Lindqvist\tbo@example.org\tAlder\t1',
        'Ngozi Eze\tngozi@example.org\tIris\t1',
        'Sami Virta\tsami@example.org\tIris\t-',
        'Dewi Lestari\tdewi@example.org\t\t2',
      ].join('\n'),
    ),
  ).toEqual([
    {
      ...{ heading: 'Week 1', day: null, likely: true },
      groups: ['Alder: Amira Haddad, Bo Lindqvist', 'Iris: Ngozi Eze, Sami Virta'],
    },
    {
      ...{ heading: '10 Sep', day: '2026-09-10', likely: true },
      groups: ['2: Amira Haddad, Dewi Lestari', '1: Bo Lindqvist, Ngozi Eze'],
    },
  ]);
});

test('details beside weeks are offered and not taken for groups; what nobody shares is none', () => {
  const columns = columnsOf(
    [
      'Name,Level,Score,Week 1,Week 2',
      ...['Amira Haddad,new,12,A,C', 'Bo Lindqvist,new,87,A,D', 'Ngozi Eze,some,31,B,C'],
      'Sami Virta,some,55,B,D',
    ].join('\n'),
  );
  expect(columns.map(({ heading, likely }) => [heading, likely])).toEqual([
    ['Level', false],
    ['Week 1', true],
    ['Week 2', true],
  ]);
});

test('a detail whose name only begins like a week or a day is no group; a group may be called X', () => {
  const columns = columnsOf(
    [
      'Name,Satisfaction,Friendly,Round 1',
      ...['Amira Haddad,high,a bit,X', 'Bo Lindqvist,high,a bit,X', 'Ngozi Eze,low,very,Y'],
      'Sami Virta,low,very,Y',
    ].join('\n'),
  );
  expect(columns.map(({ heading, likely }) => [heading, likely])).toEqual([
    ['Satisfaction', false],
    ['Friendly', false],
    ['Round 1', true],
  ]);
  expect(columns[2]?.groups).toEqual(['X: Amira Haddad, Bo Lindqvist', 'Y: Ngozi Eze, Sami Virta']);
});
