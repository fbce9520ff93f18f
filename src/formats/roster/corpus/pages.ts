import { lines, type RosterCase } from './types';

/** What is copied of a page, with more lines than one for each person, and names with what stands before them. */
export const pages: readonly RosterCase[] = [
  ...(
    [
      ['the first letters of each name', (name, i) => [['AH', 'BV', 'CD'][i] ?? '', name]],
      ['a word to select each', (name) => [`Select ${name}`, name]],
      ['when each was last there', (name, i) => [name, `Last active: ${i} days ago`]],
      ['the word for a button', (name) => [name, 'Remove', 'Message']],
      [
        'what each has written',
        (name, i) => [
          name,
          ['I would like the boat.', 'The bank please.', 'No preference.'][i] ?? '',
        ],
      ],
    ] satisfies [string, (name: string, i: number) => string[]][]
  ).map(([what, block]): RosterCase => ({
    name: `${what} beside the name`,
    given: lines(...['Amira Haddad', 'Bram Visser', 'Chipo Dube'].flatMap(block)),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  })),
  {
    name: 'an address and a button below each of two names',
    given: lines(
      ...['Amira Haddad', 'amira@example.org', 'Remove'],
      ...['Bram Visser', 'bram@example.org', 'Remove'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ email: 'amira@example.org' }, { email: 'bram@example.org' }],
    leftOut: ['Remove'],
  },
  {
    name: 'two names, each over another name, are four',
    given: lines('Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eli Orr', 'Fay Ito'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eli Orr', 'Fay Ito'],
  },
  ...[
    ['A', 'B'],
    ['I', 'II'],
    ['1', '2'],
    ['Girls', 'Boys'],
    ['Niñas', 'Niños'],
    ['**Otters**', '**Herons**'],
  ].map(([one = '', two = '']): RosterCase => ({
    name: `"${one}" and "${two}" over the names of those in them`,
    given: lines(one, 'Amira Haddad', 'Bram Visser', two, 'Chipo Dube', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [one, one, two, two].map((section) => ({ section: section.replaceAll('*', '') })),
  })),
  {
    name: 'groups alone in their rows of a table',
    given: lines(
      ...['Name,Score', 'Otters,', 'Amira Haddad,5', 'Bram Visser,6', 'Herons,', 'Chipo Dube,7'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'Otters' }, { section: 'Otters' }, { section: 'Herons' }],
  },
  {
    name: 'who has no score and one name is somebody',
    given: lines('Name,Score', 'Amira,', 'Bram Visser,6', 'Chipo,', 'Dov,7'),
    students: ['Amira', 'Bram Visser', 'Chipo', 'Dov'],
  },
  {
    name: 'numbers of four figures before names count nobody',
    given: lines('1023 - Amira Haddad', '1024 - Bram Visser', '1025 - Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '1023' }, { externalId: '1024' }],
  },
  {
    name: 'a class in brackets before each name',
    given: lines('[7B] Amira Haddad', '[7B] Bram Visser', '[7C] Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'family names first, as the addresses tell',
    given: lines('Haddad, Amira, amira@example.org', 'Visser, Bram, bram@example.org'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'numbers that are kept as text by a stroke, without headings',
    given: lines("'0041,Amira Haddad", "'0042,Bram Visser"),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ externalId: '0041' }],
  },
];
