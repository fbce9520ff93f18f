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
    leftOut: ['Remove', 'Remove'],
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
  {
    name: 'first letters over each name, what each is below, and a foot of the page',
    given: lines(
      ...['Skip to main content', 'People', 'AH', 'Amira Haddad', 'Student', 'BV', 'Bram Visser'],
      ...['Student', 'PH', 'Paula Haddad', 'Parent', 'MO', 'Mira Okafor', 'Teacher'],
      '© 2026 River School',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Mira Okafor'],
    leftOut: [
      'Skip to main content',
      'People',
      'AH',
      'Student',
      'BV',
      'Student',
      'PH',
      'Paula Haddad',
      'Parent',
      'MO',
      'Mira Okafor',
      'Teacher',
      '© 2026 River School',
    ],
  },
  {
    name: 'addresses and what each is below the names',
    given: lines(
      ...['Members (3)', 'Amira Haddad', 'amira@example.org', 'Member', 'Bram Visser'],
      ...['bram@example.org', 'Member', 'Mira Okafor', 'mira@example.org', 'Owner'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Mira Okafor'],
    facts: [{ email: 'amira@example.org' }],
  },
  {
    name: 'when each wrote something, and what',
    given: lines(
      ...['Amira Haddad', 'Nov 2, 2026 at 9:02 AM', 'I like maps.', 'Bram Visser'],
      ...['Nov 2, 2026 at 9:40 AM', 'Me too.', 'Chipo Dube', 'Nov 3, 2026 at 8:00 AM', 'Boats!'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'results and grades below the names',
    given: lines(
      ...['Amira Haddad', '85%', 'B', 'Bram Visser', '70%', 'C', 'Chipo Dube', '92%', 'A'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '5': 'B' } }],
  },
  {
    name: 'three first names on each line',
    given: lines('1. Amira, Bram, Chipo', '2. Dov, Eli, Fay', '3. Gil, Hana, Ines'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay', 'Gil', 'Hana', 'Ines'],
  },
  {
    name: 'a given name, a family name and a town that comes again are one student',
    given: lines('Amira, Haddad, Oxbow', 'Bram, Visser, Oxbow', 'Chipo, Dube, Mill'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'the head of a second page below the first names',
    given: lines(
      ...['Amira Haddad', 'Bram Visser', 'River School – Class list – page 2', 'Chipo Dube'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'an example of how to fill in the list, and a remark behind a star',
    given: lines(
      'Name',
      'e.g. Jane Sample',
      'Amira Haddad',
      'Bram Visser',
      '*left early on Friday',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Name', 'e.g. Jane Sample', '*left early on Friday'],
  },
  {
    name: 'a table copied cell by cell, row after row',
    given: lines(
      ...['River School', '', 'Name', 'Class', 'House', 'Amira Haddad', '8B', 'Reed'],
      ...['Bram Visser', '8B', 'Sedge', 'Chipo Dube', '8B', 'Reed', 'Dov Ash', '8B', 'Sedge'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: '8B', attributes: { House: 'Reed' } }],
  },
  {
    name: 'a table copied column after column',
    given: lines(
      ...['Name', 'Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', ''],
      ...['House', 'Reed', 'Sedge', 'Reed', 'Sedge'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ attributes: { House: 'Reed' } }, { attributes: { House: 'Sedge' } }],
  },
  {
    name: 'a table copied with one blank between its columns',
    given: lines(
      ...['No. Name Class House', '1 Amira Haddad 8B Reed', '2 Bram de Visser 8B Sedge'],
      ...['3 Chipo Dube 8B Reed', '4 Dov Ash 8B Sedge'],
    ),
    students: ['Amira Haddad', 'Bram de Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: '8B', attributes: { House: 'Reed' } }],
  },
];
