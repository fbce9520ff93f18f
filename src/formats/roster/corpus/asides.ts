import { lines, type RosterCase } from './types';

/** What stands beside a name on its line: telephones, birthdays, numbers, classes, times, pictures, roles. */
export const asides: readonly RosterCase[] = [
  {
    name: 'telephone numbers after names are nobody’s name and no student numbers',
    given: lines(
      'Amira Haddad +31 6 1234 5678',
      'Bram Visser 06-12345678',
      'Chipo Dube (020) 123 4567',
      'Dov Ash, tel. 555-013-4567',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ externalId: null }, { externalId: null }, { externalId: null }, { externalId: null }],
    leftOut: ['+31 6 1234 5678', '06-12345678', '(020) 123 4567', 'tel. 555-013-4567'],
  },
  {
    name: 'birthdays after names',
    given: lines(
      'Amira Haddad 12/03/2011',
      'Bram Visser (4.5.2010)',
      'Chipo Dube, 2011-09-30',
      'Dov Ash *01.02.2011',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ externalId: null }, { externalId: null }],
    leftOut: ['12/03/2011', '4.5.2010', '2011-09-30', '01.02.2011'],
  },
  {
    name: 'numbers after names with a sign or a word before them',
    given: lines('Amira Haddad #10231', 'Bram Visser #10232', 'Chipo Dube #10233'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '10231' }, { externalId: '10232' }, { externalId: '10233' }],
  },
  {
    name: 'numbers after names with their word',
    given: lines('Amira Haddad (ID: 10231)', 'Bram Visser (ID: 10232)', 'Chipo Dube (ID: 10233)'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '10231' }, { externalId: '10232' }],
  },
  {
    name: 'classes in brackets, with marks behind',
    given: lines('Amira Haddad (7B)', 'Bram Visser (7B) *', 'Chipo Dube (7B)', '* has glasses'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7B' }],
    leftOut: ['* has glasses'],
  },
  {
    name: 'lines of a chat: who wrote, once each, and not what',
    given: lines(
      '[10:32, 3/11/2026] Amira Haddad: here',
      '[10:33, 3/11/2026] Bram Visser: present!',
      '[10:33, 3/11/2026] Chipo Dube: yes, me too',
      '[10:35, 3/11/2026] Amira Haddad: can I sit in front?',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['here', 'Amira Haddad', 'can I sit in front?'],
  },
  {
    name: 'times at which people came, before their names',
    given: lines('08:55 Amira Haddad', '08:57 Bram Visser', '09:02 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: null, section: null }],
  },
  {
    name: 'pictures as bullets',
    given: lines('🦦 Amira Haddad', '🐸 Bram Visser', '✅ Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'staff by a role after the name',
    given: lines(
      'Ms. R. Okafor (teacher)',
      'Amira Haddad',
      'Bram Visser',
      'Mr. Tan - assistant',
      'Chipo Dube',
      'Oda Lind, class teacher',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    staff: ['Ms. R. Okafor (teacher)', 'Mr. Tan', 'Oda Lind'],
  },
  {
    name: 'a title before one name among many is asked about',
    given: lines('Amira Haddad', 'Bram Visser', 'Mr. Okafor', 'Chipo Dube', 'Dov Ash', 'Eva Lind'),
    students: ['Amira Haddad', 'Bram Visser', 'Mr. Okafor', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    asked: ['Mr. Okafor'],
  },
  {
    name: 'ticks and crosses behind names',
    given: lines('Amira ✅', 'Bram ✅', 'Chipo ❌', 'Dov ✅'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov'],
  },
  {
    name: 'places in an order before names',
    given: lines('1st Amira Haddad', '2nd Bram Visser', '3rd Chipo Dube', '4th Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'numbers in no order before names are those of the students',
    given: lines('371 Amira Haddad', '188 Bram Visser', '265 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '371' }, { externalId: '188' }, { externalId: '265' }],
  },
  {
    name: 'few numbers again and again before names are their groups',
    given: lines('2 Amira Haddad', '1 Bram Visser', '2 Chipo Dube', '1 Dov Ash', '2 Eva Lind'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    facts: [{ section: '2' }, { section: '1' }, { section: '2' }],
  },
  {
    name: 'lines to sign on, and dots up to the class',
    given: lines(
      'Name ................ Signature ................',
      'Amira Haddad ____________',
      'Bram Visser ____________',
      'Chipo Dube ............. ',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'dots between names and classes',
    given: lines(
      'Amira Haddad ............ 7A',
      'Bram Visser ............. 7B',
      'Chipo Dube ... 7A',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7A' }, { section: '7B' }, { section: '7A' }],
  },
  {
    name: 'what is known of everybody behind a dash',
    given: lines('Amira Haddad — new', 'Bram Visser — some', 'Chipo Dube — seasoned'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '2': 'new' } }, { attributes: { '2': 'some' } }],
  },
  {
    name: 'what is known of everybody behind a colon',
    given: lines('Amira Haddad: new', 'Bram Visser: some', 'Chipo Dube: seasoned'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '2': 'new' } }, { attributes: { '2': 'some' } }],
  },
  {
    name: 'a remark behind one name among many',
    given: lines(
      'Amira Haddad - absent',
      'Bram Visser',
      'Chipo Dube: needs the front seat',
      'Dov Ash',
      'Eva Lind',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    leftOut: ['absent', 'needs the front seat'],
    asked: ['Amira Haddad', 'Chipo Dube'],
  },
  {
    name: 'remarks in brackets are no part of what the class sees',
    given: lines(
      'Amira Haddad (late bus on Fridays)',
      'Bram Visser (not with Chipo)',
      'Chipo Dube',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['late bus on Fridays', 'not with Chipo'],
  },
  {
    name: 'names that are set off by signs',
    given: lines('~~Amira Haddad~~', '**Bram Visser**', '_Chipo Dube_', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
];
