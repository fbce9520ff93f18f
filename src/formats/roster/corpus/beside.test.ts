import { readRosterText } from '../readRoster';

/** What stands beside names: its heading, and what is told of each. */
const BESIDE: readonly (readonly [heading: string, told: readonly string[]])[] = [
  ['Student ID', ['1024', '1025', '1026']],
  ['Home group', ['Otter', 'Heron', 'Otter']],
  ['E-mail address', ['amira@river.example', 'bram@river.example', 'chipo@river.example']],
  ['Reading level', ['3', '2', '4']],
  ['Date of birth', ['3/4/2013', '17/11/2012', '1/2/2013']],
  ['Period 3', ['yes', 'no', 'yes']],
  ['Bus no.', ['14', '', '22']],
  ['Notes', ['new', '', 'needs ramp']],
  ['Works well with', ['Bram van der Meer', '', 'Amira Haddad']],
];
const NAMES = ['Amira Haddad', 'Bram van der Meer', 'Chipo N. Dube'];

const read = (lines: readonly string[]): readonly string[] => {
  const found = readRosterText(lines.join('\n'));
  return found.ok ? found.roster.students.map(({ displayName }) => displayName) : [];
};

const inBothOrders = (sign: string, pairs: readonly (readonly [string, string])[]) => [
  read(pairs.map((pair) => pair.join(sign))),
  read(pairs.map(([name, told]) => [told, name].join(sign))),
];

describe.each([',', ';', '\t', '|', ' | ', ', '])('names in a table between %j', (sign) => {
  test.each(BESIDE)('are those of everybody beside %s', (heading, told) => {
    for (const called of ['Name', 'Student name', 'Pupil', 'Nombre y apellidos']) {
      const rows = NAMES.map((name, at) => [name, told[at] ?? ''] as const);
      expect(inBothOrders(sign, [[called, heading], ...rows])).toEqual([NAMES, NAMES]);
    }
  });
});

test.each([
  [',', ['yes', 'no', 'yes']],
  [', ', ['yes', 'no', 'yes']],
  [', ', ['70%', '85%', '100%']],
  [', ', ['x', '', 'x']],
  [' | ', ['Ash', 'Elm', 'Ash']],
  ['|', ['7B', '7B', '7C']],
  [' - ', ['amira@river.example', 'bram@river.example', 'chipo@river.example']],
  ['\t', ['new', '', 'needs ramp']],
])('names are those of everybody without headings, with %j before %j', (sign, told) => {
  const rows = NAMES.map((name, at) => [name, told[at] ?? ''] as const);
  expect(inBothOrders(sign, rows)).toEqual([NAMES, NAMES]);
});
