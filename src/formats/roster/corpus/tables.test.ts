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

interface Column {
  readonly heads: readonly string[];
  readonly cell: (at: number) => string;
}

const ofPerson =
  (write: (given: string, family: string) => string) =>
  (at: number): string =>
    write(PEOPLE[at]?.[0] ?? '', PEOPLE[at]?.[1] ?? '');

/** What may stand beside names, none of which is a name. */
const TOLD: readonly Column[] = [
  { heads: ['Student ID', 'Matric no', 'Reg. No.'], cell: (at) => `2026/0${String(110 + at)}` },
  { heads: ['Email', 'E-mail address'], cell: (at) => `s${String(at)}@river.example` },
  { heads: ['Class', 'Form'], cell: (at) => (at < 3 ? '7A' : '7B') },
  { heads: ['DOB', 'Date of birth'], cell: (at) => `1${String(at)}/03/2013` },
  { heads: ['Score', 'Test 1'], cell: (at) => String(10 + ((at * 7) % 9)) },
  { heads: ['Gender', 'M/F'], cell: (at) => 'fm'[at % 2] ?? '' },
  { heads: ['Consent', 'Paid'], cell: (at) => ['yes', 'no'][at % 2] ?? '' },
  { heads: ['Week 1', '1'], cell: (at) => ['x', '', 'x'][at % 3] ?? '' },
  { heads: ['Guardian', 'Parent'], cell: (at) => `Mona ${PEOPLE[at]?.[1] ?? ''}` },
  { heads: ['Signature', 'Sign'], cell: () => '' },
];
const NAMED: readonly (readonly Column[])[] = [
  [
    {
      heads: ['Name', 'Student', 'Pupil'],
      cell: ofPerson((given, family) => `${given} ${family}`),
    },
  ],
  [{ heads: ['Name', 'Student name'], cell: ofPerson((given, family) => `${family}, ${given}`) }],
  [
    { heads: ['First name', 'Forename'], cell: ofPerson((given) => given) },
    { heads: ['Last name', 'Surname'], cell: ofPerson((_, family) => family) },
  ],
  [
    { heads: ['Surname', 'Last'], cell: ofPerson((_, family) => family) },
    { heads: ['First name', 'First'], cell: ofPerson((given) => given) },
  ],
];
const NUMBERS: readonly (readonly Column[])[] = [
  [],
  [{ heads: ['No.', '#', ''], cell: (at) => String(at + 1) }],
  [{ heads: ['No', 'Nr.'], cell: (at) => `${String(at + 1)}.` }],
];
const TITLES = ['Students', 'Class 7B', 'Room 12', 'Teacher: Ms Okafor', 'Printed 12/10/2026'];

type Write = (rows: readonly (readonly string[])[]) => readonly string[];
const between =
  (sign: string): Write =>
  (rows) =>
    rows.map((row) =>
      row.map((cell) => (cell.includes(sign.trim() || sign) ? `"${cell}"` : cell)).join(sign),
    );
const WRITTEN: readonly Write[] = [
  between('\t'),
  between(','),
  between(';'),
  between(' | '),
  ([head = [], ...below]) =>
    [head, head.map(() => '---'), ...below].map((row) => `| ${row.join(' | ')} |`),
];

const table = fc.record({
  numbers: fc.constantFrom(...NUMBERS),
  named: fc.constantFrom(...NAMED),
  told: fc.uniqueArray(fc.constantFrom(...TOLD), { maxLength: 3 }),
  before: fc.boolean(),
  word: fc.nat({ max: 2 }),
  titles: fc.uniqueArray(fc.constantFrom(...TITLES), { maxLength: 2 }),
  write: fc.constantFrom(...WRITTEN),
});

test('a table under headings is read by its names, whatever stands over and beside them and parts its cells', () => {
  fc.assert(
    fc.property(table, ({ numbers, named, told, before, word, titles, write }) => {
      const [first, second] = before ? [told, named] : [named, told];
      const columns = [...numbers, ...first, ...second];
      const rows = [
        columns.map(({ heads }) => heads[word % heads.length] ?? ''),
        ...PEOPLE.map((_, at) => columns.map(({ cell }) => cell(at))),
      ];
      const text = [...titles, ...write(rows)].join('\n');
      const read = readRosterText(text);
      const names = read.ok ? read.roster.students.map(({ displayName }) => displayName) : [];
      expect({ text, names }).toEqual({
        text,
        names: PEOPLE.map((parts) => parts.join(' ')),
      });
    }),
    { seed: 47, numRuns: 600 },
  );
});
