import { groupsIn, withoutGroups } from './groupsIn';
import { readRosterText } from './readRoster';

function readGroups(text: string) {
  const read = readRosterText(text);
  if (!read.ok) throw new Error(read.error.code);
  const { roster, table, reading } = read;
  const names = roster.students.map(({ displayName }) => displayName);
  const found = groupsIn(roster, table, reading);
  return {
    roster,
    found,
    told: found.map(({ heading, groups }) => [
      heading,
      ...groups.map(
        ({ name, students }) => `${name}: ${students.map((one) => names[one]).join(', ')}`,
      ),
    ]),
  };
}

const NUMBERED = ['1: Ana Sol, Caro Ray', '2: Bo Lind, Dov Mar'];

test.each([
  ['a column of groups', 'Name\tGroup\nAna Sol\t1\nBo Lind\t2\nCaro Ray\t1\nDov Mar\t2', 'Group'],
  ['numbers beside names, by blanks', 'Ana Sol 1\nBo Lind 2\nCaro Ray 1\nDov Mar 2', ''],
  ['numbers beside names, by commas', 'Ana Sol, 1\nBo Lind, 2\nCaro Ray, 1\nDov Mar, 2', ''],
  ['numbers beside names, by tabs', 'Bo Lind\t2\nAna Sol\t1\nCaro Ray\t1\nDov Mar\t2', ''],
])('%s says who is with whom, by number', (_, text, heading) => {
  const [[told, ...groups] = []] = readGroups(text).told;
  expect(told).toBe(heading);
  expect(groups).toEqual(NUMBERED);
});

test.each([
  [
    'a column for each group',
    'Otters\tHerons\nAna Sol\tBo Lind\nCaro Ray\tDov Mar\nEli Fox\tFay Orr',
  ],
  [
    'names under the name of each group',
    'Otters: Ana Sol, Caro Ray, Eli Fox\nHerons: Bo Lind, Dov Mar, Fay Orr',
  ],
])('%s says so too', (_, text) => {
  expect(readGroups(text).told).toEqual([
    ['', 'Otters: Ana Sol, Caro Ray, Eli Fox', 'Herons: Bo Lind, Dov Mar, Fay Orr'],
  ]);
});

test('twelve groups and more are all found', () => {
  const rows = Array.from(
    { length: 30 },
    (_, at) =>
      `Ana S${'abcdefghijklmnopqrstuvwxyzabcd'[at] ?? ''}${at > 25 ? 'x' : ''}l\t${(at % 14) + 1}`,
  );
  const { found } = readGroups(['Name\tTeam', ...rows].join('\n'));
  expect(found[0]?.groups).toHaveLength(14);
  expect(found[0]?.groups.flatMap(({ students }) => students)).toHaveLength(30);
});

test.each([
  ['sections', 'Name\tSection\nAna Sol\tNorth\nBo Lind\tSouth\nCaro Ray\tNorth\nDov Mar\tSouth'],
  ['a level', 'Name\tLevel\nAna Sol\t1\nBo Lind\t2\nCaro Ray\t1\nDov Mar\t2'],
  ['a group of one each', 'Name\tTeam\nAna Sol\ta\nBo Lind\tb\nCaro Ray\tc\nDov Mar\td'],
  ['one group of all', 'Name\tTeam\nAna Sol\ta\nBo Lind\ta\nCaro Ray\ta'],
  ['names alone', 'Ana Sol\nBo Lind\nCaro Ray'],
])('%s are no groups of a lineup', (_, text) => {
  expect(readGroups(text).found).toEqual([]);
});

test.each([
  ['Name\tGroup\tLevel\nAna Sol\t1\tnew\nBo Lind\t2\told\nCaro Ray\t1\tnew\nDov Mar\t2\told'],
  ['Name\tSection\tTeam\nAna Sol\tN\t1\nBo Lind\tN\t2\nCaro Ray\tS\t1\nDov Mar\tS\t2'],
])(
  'what has become groups is neither section nor detail any more, and all else stays (%#)',
  (text) => {
    const { roster, found } = readGroups(text);
    const [groups] = found;
    const left = withoutGroups(roster, groups!);
    const facts = (of: typeof roster) =>
      of.students.map(({ displayName, section, attributes }) => [
        ...[displayName, section, ...Object.values(attributes)],
      ]);
    const [own] = groups!.groups.map(({ name }) => name);
    expect(JSON.stringify(facts(roster)[0])).toContain(own!);
    expect(JSON.stringify(facts(left)[0])).not.toContain(own!);
    expect(left.students).toHaveLength(4);
    expect(facts(left)[0]).toContain(text.includes('Level') ? 'new' : 'N');
  },
);
