/** How a class is called in a list: names as they are written, and as they must be shown. */
export interface Pool {
  readonly name: string;
  readonly written: readonly string[];
  readonly shown: readonly string[];
  /** Whether names hold a comma, are in small letters alone, or end in a letter that may be a mark. */
  readonly comma?: boolean;
  readonly small?: boolean;
  readonly short?: boolean;
}

/** A way to write a list of everybody, and what it tells of each, whichever fact that is. */
export interface Way {
  readonly name: string;
  readonly write: (names: readonly string[]) => string;
  readonly told?: (at: number) => readonly (string | number)[];
  /** Pools that cannot be written so without doubt. */
  readonly not?: (pool: Pool) => boolean;
}

const CLASS = [
  ...['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind', 'Farid Azar'],
  ...['Gita Puri', 'Hana Jo', 'Ivo Maric', 'Jana Novák', 'Kofi Mensah', 'Lena Groß'],
  ...['Mateo Ruiz Soto', 'Nadia El Amrani', 'Oskar Lindqvist', 'Priya Nair', 'Quinn O’Brien'],
  ...['Rosa Pérez', 'Sanne van der Meer', 'Tariq Aziz', 'Uma Rao', 'Viktor Petrov', 'Wren Taylor'],
  'Ximena Díaz',
];
const given = (name: string): string => name.split(' ')[0] ?? '';
const family = (name: string): string => name.split(' ').slice(1).join(' ');
const further = (at: number): string => given(CLASS[(at + 5) % CLASS.length] ?? '');

const pool = (
  name: string,
  write: (whole: string, at: number) => string,
  about: Partial<Pool> = {},
): Pool => ({ name, written: CLASS.map(write), shown: CLASS.map(write), ...about });
const others = (name: string, ...written: readonly string[]): Pool => ({
  ...{ name, written, shown: written },
});

export const POOLS: readonly Pool[] = [
  pool('whole names', (name) => name),
  pool('first names', given, { short: true }),
  pool('first names with an initial', (name) => `${given(name)} ${family(name)[0] ?? ''}.`),
  pool('the same without a stop', (name) => `${given(name)} ${family(name)[0] ?? ''}`, {
    short: true,
  }),
  pool('initials before family names', (name) => `${name[0] ?? ''}. ${family(name)}`),
  pool('family names first', (name) => `${family(name)}, ${given(name)}`, {
    ...{ comma: true, shown: CLASS },
  }),
  pool('family names and initials', (name) => `${family(name)}, ${name[0] ?? ''}.`, {
    ...{ comma: true, shown: CLASS.map((name) => `${name[0] ?? ''}. ${family(name)}`) },
  }),
  pool('capitals', (name) => name.toUpperCase()),
  pool('family names in capitals first', (name) => `${family(name).toUpperCase()} ${given(name)}`),
  pool('small letters', (name) => name.toLowerCase(), { small: true }),
  pool('first names in small letters', (name) => given(name).toLowerCase(), {
    ...{ small: true, short: true },
  }),
  pool('some with one name', (name, at) => (at % 7 === 3 ? given(name) : name)),
  pool('two given names', (name, at) => `${given(name)} ${further(at)} ${family(name)}`),
  pool('initials within', (name, at) => `${given(name)} ${further(at)[0] ?? ''}. ${family(name)}`),
  others(
    'Cyrillic letters',
    ...['Анна Иванова', 'Олег Петров', 'Мария Смирнова', 'Иван Кузнецов', 'Елена Попова'],
    ...['Дмитрий Соколов', 'Ольга Лебедева', 'Павел Козлов'],
  ),
  others(
    'Arabic letters',
    ...['أميرة حداد', 'يوسف الخطيب', 'ليلى منصور', 'سامي عودة', 'هدى ناصر', 'كريم صالح'],
    ...['نور فارس', 'رامي شاهين'],
  ),
  {
    ...others('Chinese', '王小明', '李娜', '欧阳修', '张伟', '刘洋', '陈静', '杨帆', '赵敏'),
    short: true,
  },
  others(
    'Hindi',
    ...['अमित शर्मा', 'प्रिया सिंह', 'राहुल वर्मा', 'नेहा गुप्ता', 'संजय कुमार', 'पूजा मिश्रा'],
    ...['विजय यादव', 'अंजलि जोशी'],
  ),
];

const LEVELS = ['new', 'some', 'seasoned'];
const HOUSES = ['Reed', 'Sedge', 'Rush'];
const GROUPS = ['Otters', 'Herons', 'Voles', 'Swans', 'Newts', 'Terns'];
const level = (at: number): string => LEVELS[at % 3] ?? '';
const house = (at: number): string => HOUSES[at % 3] ?? '';
const inClass = (at: number): string => `7${'BC'[at % 2] ?? ''}`;
const score = (at: number): number => ((at * 7) % 20) + 1;
const id = (at: number): string => String(10_231 + at * 7);
const mail = (at: number): string => `s${String(at + 1)}@example.org`;
const cell = (name: string): string => (name.includes(',') ? `"${name}"` : name);
const group = (at: number): string => GROUPS[Math.floor(at / 4)] ?? '';
const numbered = (at: number): string => `Group ${String(Math.floor(at / 4) + 1)}`;
const fours = (names: readonly string[]): readonly (readonly string[])[] =>
  Array.from({ length: names.length / 4 }, (_, at) => names.slice(at * 4, at * 4 + 4));

type Told = Way['told'];

/** One line for each, with what may stand over the first and below the last. */
const each = (
  name: string,
  line: (name: string, at: number) => string,
  told?: Told,
  more: { readonly over?: string; readonly below?: string; readonly not?: Way['not'] } = {},
): Way => ({
  name,
  write: (names) => [more.over, ...names.map(line), more.below].filter(isTold).join('\n'),
  ...(told && { told }),
  ...(more.not && { not: more.not }),
});
const isTold = (text: string | undefined): text is string => text !== undefined;

/** A line over each four of them. */
const headed = (
  name: string,
  head: (at: number) => string,
  line: (name: string, at: number) => string,
  told: Told,
  not?: Way['not'],
): Way => ({
  ...each(name, (one, at) => (at % 4 === 0 ? `${head(at)}\n` : '') + line(one, at), told),
  ...(not && { not }),
});

const whole = (
  name: string,
  write: Way['write'],
  told?: Told,
  not?: (pool: Pool) => boolean,
): Way => ({ name, write, ...(told && { told }), ...(not && { not }) });

const withComma = ({ comma = false }: Pool): boolean => comma;
const small = ({ small: one = false }: Pool): boolean => one;
const short = (one: Pool): boolean => one.short ?? false;

export const WAYS: readonly Way[] = [
  each('plain', (name) => name),
  each('numbers with a stop', (name, at) => `${String(at + 1)}. ${name}`),
  each('numbers with a bracket', (name, at) => `${String(at + 1)}) ${name}`),
  each('numbers alone', (name, at) => `${String(at + 1)} ${name}`),
  each('numbers and tabs', (name, at) => `${String(at + 1)}\t${name}`),
  each('letters', (name, at) => `${'abcdefghijklmnopqrstuvwxyz'[at] ?? ''}) ${name}`),
  each('dashes', (name) => `- ${name}`),
  each('bullets', (name) => `• ${name}`),
  each('boxes', (name, at) => `- [${at % 3 === 0 ? 'x' : ' '}] ${name}`),
  each('crosses and ticks before', (name, at) => `${at % 3 === 0 ? '✗' : '✓'} ${name}`),
  each('crosses and ticks behind', (name, at) => `${name} ${at % 3 === 0 ? '✗' : '✓'}`),
  each('the sign of a quotation', (name) => `> ${name}`),
  each('small pictures', (name) => `🙂 ${name}`),
  each('set in', (name) => `    ${name}`),
  each('blank lines between', (name) => `${name}\n`),
  each('quotes', (name) => `"${name}"`),
  each('commas at the ends', (name) => `${name},`),
  each('set off', (name) => `**${name}**`),
  each(
    'the class in brackets',
    (name, at) => `${name} (${inClass(at)})`,
    (at) => [inClass(at)],
  ),
  each(
    'the class behind a comma',
    (name, at) => `${name}, ${inClass(at)}`,
    (at) => [inClass(at)],
  ),
  each(
    'the class behind a dash',
    (name, at) => `${name} - ${inClass(at)}`,
    (at) => [inClass(at)],
  ),
  each(
    'the class before',
    (name, at) => `${inClass(at)} ${name}`,
    (at) => [inClass(at)],
  ),
  each('the level in brackets', (name, at) => `${name} (${level(at)})`),
  each(
    'the level behind a dash',
    (name, at) => `${name} - ${level(at)}`,
    (at) => [level(at)],
  ),
  each(
    'the level behind a colon',
    (name, at) => `${name}: ${level(at)}`,
    (at) => [level(at)],
  ),
  each(
    'the level below',
    (name, at) => `${name}\nLevel: ${level(at)}`,
    (at) => [level(at)],
  ),
  each('a score behind a colon', (name, at) => `${name}: ${String(score(at))}`),
  each(
    'a score behind a tab',
    (name, at) => `${name}\t${String(score(at))}`,
    (at) => [score(at)],
  ),
  each('a score behind blanks', (name, at) => `${name.padEnd(30)}${String(score(at))}`),
  each('a score behind dots', (name, at) => `${name} ${'.'.repeat(20)} ${String(score(at))}`),
  each('points', (name, at) => `${name} ${String(score(at))}/20`),
  each(
    'two scores',
    (name, at) => `${name} ${String(score(at))} ${String(score(at + 3))}`,
    (at) => [score(at), score(at + 3)],
    { not: ({ name }) => name === 'the same without a stop' },
  ),
  each(
    'letters of a register',
    (name, at) => `${name} ${'PPAPL'[at % 5] ?? ''}`,
    (at) => ['PPAPL'[at % 5] ?? ''],
    { not: short },
  ),
  each(
    'numbers behind',
    (name, at) => `${name} ${id(at)}`,
    (at) => [id(at)],
  ),
  each(
    'numbers before',
    (name, at) => `${id(at)} ${name}`,
    (at) => [id(at)],
  ),
  each(
    'numbers in brackets',
    (name, at) => `${name} (${id(at)})`,
    (at) => [id(at)],
  ),
  each('seats before', (name, at) => `${'ABCD'[at % 4] ?? ''}${String((at >> 2) + 1)} ${name}`),
  each(
    'addresses in angles',
    (name, at) => `${name} <${mail(at)}>`,
    (at) => [mail(at)],
  ),
  each(
    'addresses behind a tab',
    (name, at) => `${name}\t${mail(at)}`,
    (at) => [mail(at)],
  ),
  each(
    'addresses behind a comma',
    (name, at) => `${name}, ${mail(at)}`,
    (at) => [mail(at)],
  ),
  each(
    'addresses in brackets',
    (name, at) => `${name} [${mail(at)}]`,
    (at) => [mail(at)],
  ),
  each(
    'addresses below',
    (name, at) => `${name}\n${mail(at)}`,
    (at) => [mail(at)],
  ),
  each('birthdays behind', (name, at) => `${name}  ${String((at % 28) + 1)}.05.2013`),
  each('telephones behind', (name, at) => `${name} 06 1234 56${String(10 + at)}`),
  each('times before', (name, at) => `9:${String(10 + at)} ${name}`),
  each('times behind', (name, at) => `${name} 9:${String(10 + at)}`),
  each(
    'from when to when before',
    (name, at) => `9:${String(10 + at)}-9:${String(11 + at)} ${name}`,
  ),
  each('some new', (name, at) => name + (at % 8 === 3 ? ' (new)' : '')),
  each('some with a star', (name, at) => name + (at % 8 === 3 ? '*' : ''), undefined, {
    below: '\n* new this term',
  }),
  each('what each did', (name) => `${name} submitted the report`, undefined, {
    not: (one) =>
      one.comma === true || small(one) || !/^[A-Z]\S+$|\s\p{Lu}\S+$/u.test(one.written[0] ?? ''),
  }),
  each('roles below', (name) => `${name}\nStudent`),
  each('a word and a number before', (name, at) => `Student ${String(at + 1)}: ${name}`),
  each(
    'houses behind a comma',
    (name, at) => `${name}, ${house(at)}`,
    (at) => [house(at)],
    {
      not: withComma,
    },
  ),
  each(
    'houses behind a dash',
    (name, at) => `${name} – ${house(at)}`,
    (at) => [house(at)],
  ),
  each(
    'houses before',
    (name, at) => `${house(at)}: ${name}`,
    (at) => [house(at)],
  ),
  each(
    'tables before',
    (name, at) => `Table ${String((at % 4) + 1)}: ${name}`,
    (at) => [`Table ${String((at % 4) + 1)}`],
  ),
  each('page numbers', (name, at) => name + (at % 10 === 9 ? '\nPage 1 of 3' : '')),
  each('page heads', (name, at) => (at % 10 === 0 ? 'River School\nClass list 7B\n' : '') + name),
  each('the heading Name', (name) => name, undefined, { over: 'Name' }),
  each('the class over it', (name) => name, undefined, { over: 'Class 7B' }),
  each('a title and a teacher', (name) => name, undefined, {
    over: 'River School\nClass: 7B\nTeacher: Ms Okafor\n',
  }),
  each('a title and a total', (name) => name, undefined, {
    ...{ over: 'Class list 7B\n', below: '\nTotal: 24' },
  }),
  each('a letter around it', (name) => name, undefined, {
    ...{ over: 'Hi Mira,\nhere is my class:\n', below: '\nThanks\nTom' },
  }),
  each('who printed it', (name) => name, undefined, {
    below: '\nPrinted 12/10/2026 by the office',
  }),
  each(
    'cells without headings',
    (name, at) => `${cell(name)},${level(at)}`,
    (at) => [level(at)],
  ),
  each(
    'cells',
    (name, at) => `${cell(name)},${level(at)}`,
    (at) => [level(at)],
    {
      over: 'Name,Level',
    },
  ),
  each(
    'cells between semicolons',
    (name, at) => `${name};${level(at)};${String(score(at))}`,
    (at) => [level(at), score(at)],
    { over: 'Name;Level;Score' },
  ),
  each(
    'cells between tabs with numbers',
    (name, at) => `${String(at + 1)}\t${name}\t${level(at)}`,
    (at) => [level(at)],
    { over: 'No\tName\tLevel' },
  ),
  each(
    'cells between bars',
    (name, at) => `| ${name} | ${level(at)} |`,
    (at) => [level(at)],
    { over: '| Name | Level |\n|---|---|' },
  ),
  each(
    'columns of blanks',
    (name, at) => `${name.padEnd(30)}${inClass(at)}     ${String(score(at)).padStart(3)}`,
    (at) => [inClass(at), score(at)],
    {
      over: `${'Name'.padEnd(30)}Form   Score\n${'='.repeat(42)}`,
      below: `${'-'.repeat(42)}\n${'Mean'.padEnd(30)}       10.2`,
    },
  ),
  each(
    'numbers and classes in cells',
    (name, at) => `${id(at)},${cell(name)},${inClass(at)}`,
    (at) => [id(at), inClass(at)],
  ),
  each(
    'the class first',
    (name, at) => `${inClass(at)},${cell(name)}`,
    (at) => [inClass(at)],
    { over: 'Class,Student' },
  ),
  each(
    'German cells',
    (name, at) => `${String(at + 1)};${name};7b;${String((at % 5) + 1)},5`,
    (at) => ['7b', (at % 5) + 1.5],
    { over: 'Nr.;Name;Klasse;Note' },
  ),
  each(
    'Spanish cells',
    (name, at) => `${String(at + 1)};${name};1A;${String(at % 9)},5`,
    (at) => ['1A', (at % 9) + 0.5],
    { over: 'N.º;Alumno/a;Grupo;Nota' },
  ),
  each('roles and states', (name) => `${cell(name)},Student,Active`, undefined, {
    over: 'Name,Role,Status',
  }),
  each('a register', (name, at) => `${cell(name)},${'PA'[at % 2] ?? ''},P`, undefined, {
    over: 'Name,01/09,08/09',
  }),
  each('letters of days', (name) => `${cell(name)},P,A,P,P,L`, undefined, {
    over: 'Name,M,T,W,T,F',
  }),
  each(
    'means below',
    (name, at) => `${cell(name)},${String(score(at))}`,
    (at) => [score(at)],
    { ...{ over: 'Name,Score', below: 'Mean,10.2\nSD,4.1' } },
  ),
  each(
    'points that are possible',
    (name, at) => `${cell(name)},${String(score(at))}`,
    (at) => [score(at)],
    { over: 'Name,Test 1\nMax points,20' },
  ),
  each(
    'answers to a form',
    (name, at) => `2026/10/12 9:${String(10 + at)}:00,${cell(name)},${level(at)}`,
    (at) => [level(at)],
    { over: 'Timestamp,Your name,Which level are you?' },
  ),
  each(
    'a column of groups',
    (name, at) => `${String((at >> 2) + 1)};${name}`,
    (at) => [String((at >> 2) + 1)],
    { over: 'Group;Name' },
  ),
  headed(
    'numbered groups',
    (at) => `\n${numbered(at)}`,
    (name) => name,
    (at) => [numbered(at)],
  ),
  headed(
    'numbered groups, counted anew',
    numbered,
    (name, at) => `${String((at % 4) + 1)}. ${name}`,
    (at) => [numbered(at)],
  ),
  headed(
    'lettered groups',
    (at) => `Team ${'ABCDEF'[at >> 2] ?? ''}:`,
    (name) => `- ${name}`,
    (at) => [`Team ${'ABCDEF'[at >> 2] ?? ''}`],
  ),
  headed(
    'blocks below groups',
    (at) => `\n${group(at)}`,
    (name) => name,
    (at) => [group(at)],
    (one) => withComma(one) || short(one),
  ),
  headed(
    'groups before a colon',
    (at) => `${group(at)}:`,
    (name) => name,
    (at) => [group(at)],
  ),
  headed(
    'names set in below groups',
    group,
    (name) => `   ${name}`,
    (at) => [group(at)],
  ),
  headed(
    'groups as headings',
    (at) => `## ${group(at)}`,
    (name) => `- ${name}`,
    (at) => [group(at)],
  ),
  headed(
    'groups over those who are counted',
    group,
    (name, at) => `${String((at % 4) + 1)} ${name}`,
    (at) => [group(at)],
  ),
  whole('commas', (names) => names.join(', '), undefined, withComma),
  whole(
    'commas and a word before the last',
    (names) => `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`,
    undefined,
    withComma,
  ),
  whole('semicolons', (names) => names.join('; ')),
  whole('slashes', (names) => names.join(' / ')),
  whole('bars', (names) => names.join(' | ')),
  whole('dots', (names) => names.join(' • ')),
  whole(
    'lines of four',
    (names) =>
      fours(names)
        .map((some) => some.join(', '))
        .join('\n'),
    undefined,
    withComma,
  ),
  whole('lines of four with plus', (names) =>
    fours(names)
      .map((some) => some.join(' + '))
      .join('\n'),
  ),
  whole('those present', (names) => `Present: ${names.join(', ')}`, undefined, withComma),
  whole(
    'those present and absent',
    (names) => `Present: ${names.slice(4).join(', ')}\nAbsent: ${names.slice(0, 4).join(', ')}`,
    undefined,
    withComma,
  ),
  whole(
    'a sentence',
    (names) => `In the crew are ${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`,
    undefined,
    (one) => withComma(one) || small(one),
  ),
  whole('pairs', (names) =>
    fours(names)
      .flatMap(([a, b, c, d]) => [`${a ?? ''} & ${b ?? ''}`, `${c ?? ''} and ${d ?? ''}`])
      .join('\n'),
  ),
  whole(
    'lines of groups',
    (names) =>
      fours(names)
        .map((some, at) => `Group ${String(at + 1)}: ${some.join('; ')}`)
        .join('\n'),
    (at) => [numbered(at)],
  ),
  whole(
    'lines of named groups',
    (names) =>
      fours(names)
        .map((some, at) => `${group(at * 4)}: ${some.join(', ')}`)
        .join('\n'),
    (at) => [group(at)],
    withComma,
  ),
  whole(
    'lines of lettered groups',
    (names) =>
      fours(names)
        .map((some, at) => `${'ABCDEF'[at] ?? ''}) ${some.join(', ')}`)
        .join('\n'),
    (at) => ['ABCDEF'[at >> 2] ?? ''],
    withComma,
  ),
  whole(
    'groups over a line of members',
    (names) =>
      fours(names)
        .map((some, at) => `Group ${String(at + 1)}\n${some.join(', ')}`)
        .join('\n\n'),
    (at) => [numbered(at)],
    withComma,
  ),
  whole('a grid', (names) =>
    fours(names)
      .map((some) => some.join('\t'))
      .join('\n'),
  ),
  whole(
    'a room',
    (names) =>
      `Board\t\t\t\n${fours(names)
        .map((some) => some.join('\t'))
        .join('\n')}\n\tDoor\t\t`,
  ),
  whole('numbered rows', (names) =>
    fours(names)
      .map((some, at) => `Row ${String(at + 1)}\t${some.join('\t')}`)
      .join('\n'),
  ),
  whole(
    'columns of groups',
    (names) =>
      ['Group 1\tGroup 2\tGroup 3\tGroup 4', ...fours(names).map((some) => some.join('\t'))].join(
        '\n',
      ),
    (at) => [`Group ${String((at % 4) + 1)}`],
  ),
  whole(
    'columns for members',
    (names) =>
      [
        'Group,Member 1,Member 2,Member 3,Member 4',
        ...fours(names).map((some, at) => `${String(at + 1)},${some.map(cell).join(',')}`),
      ].join('\n'),
    (at) => [String((at >> 2) + 1)],
  ),
  whole(
    'members in a cell',
    (names) =>
      [
        'Boat,Crew',
        ...fours(names).map((some, at) => `${group(at * 4)},"${some.join('; ')}"`),
      ].join('\n'),
    (at) => [group(at)],
  ),
  whole('halves', (names) =>
    names
      .slice(names.length / 2)
      .map(
        (name, at) =>
          `${String(at + 1)}\t${names[at] ?? ''}\t${String(at + 1 + names.length / 2)}\t${name}`,
      )
      .join('\n'),
  ),
  whole(
    'entries of a letter',
    (names) => `To: ${names.map((name, at) => `"${name}" <${mail(at)}>`).join(', ')}`,
    (at) => [mail(at)],
  ),
  whole(
    'JSON',
    (names) => JSON.stringify(names.map((name, at) => ({ name, level: level(at) }))),
    (at) => [level(at)],
  ),
  whole('cards', (names) =>
    names
      .map((name) => `BEGIN:VCARD\nVERSION:3.0\nFN:${name.replaceAll(',', '\\,')}\nEND:VCARD`)
      .join('\n'),
  ),
];
