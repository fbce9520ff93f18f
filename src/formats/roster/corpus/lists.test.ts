import fc from 'fast-check';
import { readRosterText } from '../readRoster';

const PEOPLE = [
  'Amira Haddad',
  'Bram Visser',
  'Chipo Dube',
  'Dov Ash',
  'Eva Lind',
  'Goran Hall',
].map((name) => name.split(' '));

const WRITTEN = [
  (given: string, family: string): string => `${given} ${family}`,
  (given: string, family: string): string => `${family.toUpperCase()} ${given}`,
  (given: string, family: string): string => `${given} ${family}`.toUpperCase(),
] as const;

/** What may stand before a name, by its place from 0. */
const BEFORE: readonly ((at: number) => string)[] = [
  () => '',
  (at) => `${String(at + 1)}. `,
  (at) => `${String(at + 1)}\t`,
  (at) => `(${String(at + 1)}) `,
  (at) => `${'abcdef'[at] ?? ''}) `,
  () => '- ',
  () => '•\t',
  () => '[ ] ',
];
/** And behind it. */
const BEHIND: readonly ((at: number) => string)[] = [
  () => '',
  (at) => ` (${'mf'[at % 2] ?? ''})`,
  () => ' - 7B',
  (at) => `: ${String(11 + at)}`,
  (at) => ` <s${String(at)}@river.example>`,
  (at) => ` - ${['yes', 'no'][at % 2] ?? ''}`,
  (at) => ` (${['Otters', 'Herons'][at % 2] ?? ''})`,
  () => ' x',
  () => ' ........',
];
/** How those of a list or of a part stand together. */
const JOINED: readonly ((names: readonly string[]) => string)[] = [
  (names) => names.join('; '),
  (names) => names.join(' | '),
  (names) => names.join(' • '),
  (names) => names.join(' + '),
  (names) => names.join(' - '),
  (names) => names.join('   '),
  (names) => names.join('\t'),
  (names) => `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`,
  (names) => `${names.slice(0, -1).join(', ')} & ${names.at(-1) ?? ''}`,
];
const HEADS: readonly ((part: number) => string)[] = [
  (part) => `Group ${String(part + 1)}:`,
  (part) => `Class 7${'AB'[part] ?? ''}`,
  (part) => ['Monday', 'Tuesday'][part] ?? '',
  (part) => ['Girls', 'Boys'][part] ?? '',
];
const OVER = [
  'Everyone',
  'Ms Okafor',
  'Week of 12 October',
  'Biology 101 – Autumn 2026',
  'Group list',
];
const BELOW = ['That is everyone.', 'See you Monday', 'Absent: none', 'Cheers, Tom', '6 students'];

const around = {
  over: fc.option(fc.constantFrom(...OVER), { nil: '' }),
  below: fc.option(fc.constantFrom(...BELOW), { nil: '' }),
  write: fc.constantFrom(...WRITTEN),
  head: fc.option(fc.constantFrom(...HEADS), { nil: null }),
};

const inParts = <T>(all: readonly T[], parted: boolean): readonly (readonly T[])[] =>
  parted ? [all.slice(0, 3), all.slice(3)] : [all];

function namesIn(text: string): readonly string[] {
  const read = readRosterText(text);
  return read.ok ? read.roster.students.map(({ displayName }) => displayName) : [];
}

test('a list with one name on a line is read by its names, whatever stands before, behind, over and below them', () => {
  const list = fc.record({
    ...around,
    before: fc.constantFrom(...BEFORE),
    behind: fc.constantFrom(...BEHIND),
  });
  fc.assert(
    fc.property(list, ({ over, below, write, head, before, behind }) => {
      const names = PEOPLE.map(([given = '', family = '']) => write(given, family));
      const lines = names.map((name, at) => `${before(at)}${name}${behind(at)}`);
      const body = inParts(lines, head !== null).flatMap((some, part) => [
        ...(head ? [head(part)] : []),
        ...some,
      ]);
      const text = [over, ...body, below].filter((line) => line !== '').join('\n');
      expect({ text, names: namesIn(text) }).toEqual({ text, names });
    }),
    { seed: 47, numRuns: 500 },
  );
});

test('several names on a line are as many students, whatever parts them', () => {
  const list = fc.record({ ...around, join: fc.constantFrom(...JOINED) });
  fc.assert(
    fc.property(list, ({ over, below, write, head, join }) => {
      const names = PEOPLE.map(([given = '', family = '']) => write(given, family));
      const body = inParts(names, head !== null).flatMap((some, part) => [
        ...(head ? [head(part)] : []),
        join(some),
      ]);
      const text = [over, ...body, below].filter((line) => line !== '').join('\n');
      expect({ text, names: namesIn(text) }).toEqual({ text, names });
    }),
    { seed: 47, numRuns: 400 },
  );
});
