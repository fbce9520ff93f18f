import { readRosterText } from '../readRoster';

/** What stands before each name of a list, by its place. */
const BEFORE: readonly ((at: number) => string)[] = [
  () => '',
  ...[(at: number) => `${String(at)}. `, (at: number) => `${String(at)}) `],
  ...[(at: number) => `${String(at)} `, (at: number) => `0${String(at)} `],
  ...[(at: number) => `#${String(at)} `, (at: number) => `(${String(at)}) `],
  ...[(at: number) => `${String(at)} - `, (at: number) => `${String(at)}: `],
  ...[(at: number) => `${String(at)}.\t`, (at: number) => `${String(at)}.   `],
  (at) => `${' abcd'[at] ?? ''}) `,
  ...[() => '- ', () => '• ', () => '* ', () => '[ ] ', () => '☐ ', () => '→ ', () => '> '],
];

/** And behind it: the same for all, or for the second of them alone. */
const BEHIND: readonly ((at: number) => string)[] = [
  ...[() => '', () => ',', () => ';', () => '.', () => '   '],
  ...[() => ' 7B', () => ' (7B)', () => ' - 7B', () => ': 7B', () => '\t7B', () => '     7B'],
  ...[(at: number) => ` ${String(80 + at)}%`, (at: number) => ` ${String(at)}/10`],
  (at) => ` <${String(at)}@river.example>`,
  ...[' (new)', ' (absent)', ' absent', ' – late', ' *', ' ✓'].map(
    (sign) => (at: number) => (at === 2 ? sign : ''),
  ),
];

const LISTS: readonly (readonly [written: readonly string[], shown: readonly string[]])[] = [
  ...[['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash']].map((all) => [all, all] as const),
  [
    ['Haddad, Amira', 'Visser, Bram', 'Dube, Chipo', 'Lind, Eva'],
    ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Eva Lind'],
  ],
];

test.each(BEFORE.map((before) => [before(1), before] as const))(
  'a list with %j before names is of everybody, whatever stands behind them',
  (_, before) => {
    const read = LISTS.flatMap(([written, shown]) =>
      BEHIND.map((behind) => {
        const text = written.map((name, i) => before(i + 1) + name + behind(i + 1)).join('\n');
        const found = readRosterText(text);
        const names = found.ok ? found.roster.students.map(({ displayName }) => displayName) : [];
        return { text, names, shown };
      }),
    );
    expect(read.filter(({ names, shown }) => names.join() !== shown.join())).toEqual([]);
  },
);

const GROUPS = [
  ['Amira', 'Bram', 'Chipo'],
  ['Dov', 'Eva', 'Fay'],
];
const WHOLE = [
  ['Amira Haddad', 'Bram van der Meer', 'Chipo Dube'],
  ['Dov Ash', 'Eva Lind', 'Fay Ito'],
];

test.each([
  ['Group 1: ', 'Group 2: '],
  ['Otters: ', 'Herons: '],
  ['Group 1 - ', 'Group 2 - '],
  ['Otters – ', 'Herons – '],
  ['Table 1 = ', 'Table 2 = '],
  ['Otters (3): ', 'Herons (3): '],
  ['**Otters**: ', '**Herons**: '],
  ['[Otters] ', '[Herons] '],
  ['- Boat 1: ', '- Boat 2: '],
  ['Group 1\n', 'Group 2\n'],
  ['Group 1:\n', 'Group 2:\n'],
])('members behind %j are read, whatever stands between them', (...labels) => {
  const read = [', ', ',', ' / ', '; ', ' & ', ' + ', ' · ', '\t', '   '].flatMap((sign) =>
    [GROUPS, WHOLE].map((groups) => {
      const text = groups.map((group, at) => `${labels[at] ?? ''}${group.join(sign)}`).join('\n');
      const found = readRosterText(text);
      const students = found.ok ? found.roster.students : [];
      return {
        text,
        names: students.map(({ displayName }) => displayName),
        parts: new Set(students.map(({ section }) => section)).size,
        shown: groups.flat(),
      };
    }),
  );
  expect(
    read.filter(({ names, shown, parts }) => names.join() !== shown.join() || parts !== 2),
  ).toEqual([]);
});

test('groups and their members in two cells of a row are read without headings', () => {
  const found = readRosterText('Otters\tAmira, Bram\nHerons\tDov, Eva and Fay');
  expect(
    found.ok && found.roster.students.map(({ displayName, section }) => [displayName, section]),
  ).toEqual([
    ['Amira', 'Otters'],
    ['Bram', 'Otters'],
    ['Dov', 'Herons'],
    ['Eva', 'Herons'],
    ['Fay', 'Herons'],
  ]);
});

const CLASS = ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind', 'Fay Ito'];
const WRITTEN: Readonly<Record<string, readonly string[]>> = {
  'one a line': CLASS,
  counted: CLASS.map((name, at) => `${String(at + 1)}. ${name}`),
  'in cells': CLASS.map((name, at) => `${name},7B,${String(at + 2)}`),
  'with addresses': CLASS.map((name, at) => `${name} <${String(at)}@river.example>`),
  'family first': CLASS.map((name) => name.split(' ').reverse().join(', ')),
  'on one line': [CLASS.join(', ')],
  'two a line': [0, 2, 4].map((at) => CLASS.slice(at, at + 2).join(', ')),
};
const OVER =
  'Class|The kids|Kids 7B|Kids: 6|Mitglieder|Field trip|Thursday|Biology|Gruppe|Lista|Enfants|To: class|Fwd: names|Jungen und Mädchen|Grupo de los jueves';
const BELOW =
  'Done|Gracias|That is everyone.|Thanks all|(empty)|Oda Lind, teacher|Mr Reed (teacher)|New student';
/** Asked about where nothing else in the list tells. */
const UNSURE = 'Herons|Signed up|see below|River Survey';
const WITHIN = 'bring boots|Late|Thursday|second half|Have lunch first';
const UNSURE_BELOW = 'Have fun|all here|Bring boots|Ende';

test.each(Object.keys(WRITTEN))('what stands over, among and below names %s is nobody', (way) => {
  const list = WRITTEN[way] ?? [];
  const misread = (words: string, textOf: (word: string) => string, mayAsk: boolean) =>
    words.split('|').flatMap((word) => {
      const found = readRosterText(textOf(word));
      const { students = [], warnings = [] } = found.ok ? found.roster : {};
      const asked = new Set(warnings.map(({ kind, row }) => (kind === 'doubtfulName' ? row : 0)));
      const names = students.filter(({ row }) => !mayAsk || !asked.has(row));
      return names.map(({ displayName }) => displayName).join() === CLASS.join() ? [] : [word];
    });
  const over = (word: string): string => [word, ...list].join('\n');
  const below = (word: string): string => [...list, word].join('\n');
  const within = (word: string): string => [...list.slice(0, 2), word, ...list.slice(2)].join('\n');
  expect([
    ...misread(OVER, over, false),
    ...misread(UNSURE, over, true),
    ...misread(BELOW, below, false),
    ...misread(UNSURE_BELOW, below, true),
    ...(list.length > 3 ? misread(WITHIN, within, true) : []),
  ]).toEqual([]);
});

test('an odd line within a list hides no other at its edges', () => {
  const found = readRosterText(
    ['Herons', ...CLASS.slice(0, 3), 'bring boots', ...CLASS.slice(3), 'Tom'].join('\n'),
  );
  expect(found.ok && found.roster.warnings.map(({ name }) => name)).toEqual([
    'Herons',
    'bring boots',
    'Tom',
  ]);
});

test('one name among whole ones, a family name like a word for a list, and heads of parts stay', () => {
  const shown = (...lines: readonly string[]): readonly string[] => {
    const found = readRosterText(lines.join('\n'));
    return found.ok ? found.roster.students.map(({ displayName }) => displayName) : [];
  };
  expect(shown('Amira', ...CLASS.slice(1))).toHaveLength(6);
  expect(shown('English', 'Haddad', 'Visser', 'Dube', 'Lind')).toHaveLength(5);
  expect(shown('Faye Summers', 'Mary Ann Summer', ...CLASS)).toHaveLength(8);
  expect(shown('Mary Ann Summer', ...CLASS)).toHaveLength(7);
  const parts = readRosterText('Girls\nAmira\nEva\nBoys\nBram\nDov');
  expect(parts.ok && parts.roster.students.map(({ section }) => section)).toEqual(
    'Girls,Girls,Boys,Boys'.split(','),
  );
});
