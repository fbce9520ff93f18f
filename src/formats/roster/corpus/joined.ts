import { lines, type RosterCase } from './types';

/** Lines of which several belong together, and signs on a line. */
export const joined: readonly RosterCase[] = [
  {
    name: 'names that break in a numbered list',
    given: lines('1. Amira Fatima', '   Haddad-El Masri', '2. Bram', '   Visser', '3. Chipo Dube'),
    students: ['Amira Fatima Haddad-El Masri', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'the last of a sentence parted by semicolons',
    given: 'Amira Haddad; Bram Visser; Chipo Dube; and Dewi Hughes.',
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dewi Hughes'],
  },
  {
    name: 'brothers and sisters under one family name are asked about',
    given: lines('Imke & Sanne de Vries', 'Bram Visser', 'Freya & Nils Lund'),
    students: ['Imke & Sanne de Vries', 'Bram Visser', 'Freya & Nils Lund'],
    asked: ['Imke & Sanne de Vries', 'Freya & Nils Lund'],
  },
  {
    name: 'a time that nobody has taken is asked about',
    given: lines('09:00 Amira Haddad', '09:10 Bram Visser', '09:20 free', '09:30 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'free', 'Chipo Dube'],
    asked: ['free'],
  },
  {
    name: 'a level below each number is no rest of a name',
    given: lines(
      ...['1. Amira Haddad', '   new', '2. Bram Visser', '   some', '3. Chipo Dube', '   new'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '5': 'new' } }],
  },
  {
    name: 'family names in capitals over given names',
    given: lines('HADDAD', 'Amira', 'VAN DER VISSER', 'Bram', 'DUBE', 'Chipo Tendai'),
    students: ['Amira HADDAD', 'Bram VAN DER VISSER', 'Chipo Tendai DUBE'],
    facts: [{ givenName: 'Amira', familyName: 'HADDAD' }],
  },
  {
    name: 'what each is in the school, below the name, on a page that says more',
    given: lines(
      ...['Skip to main content', 'People', 'Amira Haddad', 'Student', 'Paula Haddad', 'Parent'],
      ...['Bram Visser', 'Student', 'Mira Okafor', 'Teacher'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Mira Okafor'],
    leftOut: [
      'Skip to main content',
      'People',
      'Student',
      'Paula Haddad',
      'Parent',
      'Student',
      'Mira Okafor',
      'Teacher',
    ],
  },
  {
    name: 'a chat with names over what they wrote, the times below',
    given: lines(
      ...['Amira Haddad', '09:02', 'present!', 'Bram Visser', '09:03', 'here', 'and Chipo too'],
      ...['Amira Haddad', '09:05', 'great'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: [
      '09:02',
      'present!',
      '09:03',
      'here',
      'and Chipo too',
      'Amira Haddad',
      '09:05',
      'great',
    ],
  },
  {
    name: 'a chat with names over what they wrote, the times beside',
    given: lines(
      ...['Amira Haddad  9:02 AM', 'I am here', 'Bram Visser  9:03 AM', 'me too'],
      ...['and my brother says hi'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['9:02 AM', 'I am here', '9:03 AM', 'me too', 'and my brother says hi'],
  },
  {
    name: 'when each came, behind the name',
    given: lines('Amira Haddad 09:02', 'Bram Visser 9.03', 'Chipo Dube (09:04)'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['09:02', '9.03', '(09:04)'],
  },
  {
    name: 'a group before an equals sign and its members',
    given: lines('Otters = Amira, Bram, Chipo', 'Herons = Dov, Eli, Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay'],
    facts: [{ section: 'Otters' }, {}, {}, { section: 'Herons' }],
  },
  {
    name: 'words with a sign before them behind some names',
    given: lines('Amira Haddad #new', 'Bram Visser', 'Chipo Dube #seasoned #boat'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '5': 'new' } }, {}, { attributes: { '5': 'seasoned, boat' } }],
  },
  {
    name: 'the second and third of a family are of the name',
    given: lines('Amira Haddad III', 'Bram Visser II', 'Chipo Dube III'),
    students: ['Amira Haddad III', 'Bram Visser II', 'Chipo Dube III'],
  },
  {
    name: 'letters behind names that a line below explains',
    given: lines('Amira Haddad E', 'Bram Visser N', 'Chipo Dube E', 'E = early, N = none'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '5': 'E' } }],
    leftOut: ['E = early, N = none'],
  },
  {
    name: 'the first letters of each name before it',
    given: lines('AH Amira Haddad', 'BV Bram Visser', 'CD Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: 'AH' }],
  },
  {
    name: 'family name, given name and class between strokes',
    given: lines('Haddad / Amira / 7B', 'Visser / Bram / 7B', 'Dube / Chipo / 7C'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'the office is copied in the head of a letter',
    given: lines(
      'To: "Haddad, Amira" <amira@example.org>; "Visser, Bram" <bram@example.org>',
      'Cc: Office <office@example.org>',
      'Subject: River survey',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Office', 'Subject: River survey'],
  },
  {
    name: 'several remarks behind a dash are no members of a group',
    given: lines('Amira Haddad – EAL, glasses', 'Bram Visser – sits at front', 'Chipo Dube – EAL'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '2': 'EAL, glasses' } }],
  },
  {
    name: 'houses behind commas are no given names',
    given: lines('Amira Haddad, Reed House', 'Bram Visser, Sedge House', 'Chipo Dube, Reed House'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '2': 'Reed House' } }],
  },
  {
    name: 'groups in square brackets before their members',
    given: lines('[Otters] Amira, Bram, Chipo', '[Herons] Dov, Eli, Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay'],
    facts: [{ section: 'Otters' }, {}, {}, { section: 'Herons' }],
  },
  {
    name: 'members in brackets behind the name of their group',
    given: lines('Otters (Amira, Bram, Chipo)', 'Herons (Dov, Eli, Fay)'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay'],
    facts: [{ section: 'Otters' }, {}, {}, { section: 'Herons' }],
  },
  {
    name: 'first names behind the name of a group and a dash',
    given: lines('Group A - Amira, Bram, Chipo', 'Group B - Dov, Eli, Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay'],
    facts: [{ section: 'Group A' }],
  },
  {
    name: 'one at each table',
    given: lines('Table 1: Amira Haddad', 'Table 2: Bram Visser', 'Table 3: Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'Table 1' }, { section: 'Table 2' }, { section: 'Table 3' }],
  },
  {
    name: 'names set in by tabs below their periods',
    given: lines(
      'Period 1',
      '\tAmira Haddad',
      '\tBram Visser',
      'Period 2',
      '\tChipo Dube',
      '\tDov Ash',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Period 1' }, { section: 'Period 1' }, { section: 'Period 2' }],
  },
  {
    name: 'a star before who leads, below the name of the group',
    given: lines(
      ...['Otters', '* Amira Haddad (leader)', '  Bram Visser', 'Herons'],
      ...['* Chipo Dube (leader)', '  Dov Ash'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Otters' }, { section: 'Otters' }, { section: 'Herons' }],
  },
  ...['Roll No. #:', 'Student #:', 'Alumno #)'].map((label) => ({
    name: `"${label}" with a number before each name`,
    given: lines(
      ...['Amira Haddad', 'Bram Visser', 'Chipo Dube'].map(
        (name, at) => `${label.replace('#', String(at + 1))} ${name}`,
      ),
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  })),
  {
    name: 'a sentence of names on several lines',
    given: lines('Amira Haddad,', 'Bram Visser, and', 'Chipo Dube.'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'names as they are written to sign in',
    given: lines('amira.haddad', 'bram.van_der.visser', 'chipo_dube'),
    students: ['Amira Haddad', 'Bram Van Der Visser', 'Chipo Dube'],
  },
  {
    name: 'lettered heads over members who are counted and set in',
    given: lines(
      ...['A. Boat crew', '   1. Amira Haddad', '   2. Bram Visser'],
      ...['B. Bank crew', '   1. Chipo Dube', '   2. Dov Ash'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Boat crew' }, { section: 'Boat crew' }, { section: 'Bank crew' }],
  },
  {
    name: 'heads with how many are below, the first of them at the top',
    given: lines(
      'Boys (2)',
      'Bram Visser',
      'Dov Ash',
      'Girls (3)',
      'Amira Haddad',
      'Eva Lind',
      'Fay Ito',
    ),
    students: ['Bram Visser', 'Dov Ash', 'Amira Haddad', 'Eva Lind', 'Fay Ito'],
    facts: [{ section: 'Boys' }, {}, { section: 'Girls' }],
  },
  {
    name: 'sentences that tell who does what are asked about',
    given: 'On Friday: Amira and Bram share a boat, Chipo goes with Dov.',
    students: ['Amira', 'Bram share a boat', 'Chipo goes with Dov'],
    asked: ['Bram share a boat', 'Chipo goes with Dov'],
  },
];
