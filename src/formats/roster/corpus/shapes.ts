import { lines, type RosterCase } from './types';

/** Shapes that are not one student a row. */
export const shapes: readonly RosterCase[] = [
  {
    name: 'a seat plan',
    given: lines(
      '\tBoard\t\t',
      'Amira Haddad\tBram Visser\t\tChipo Dube',
      'Dov Ash\t\tEli Orr\tFay Ito',
      'Gil Roe\tHana Sato\tInes Paz\t',
      '\t\t\tDoor',
    ),
    students: [
      'Amira Haddad',
      'Bram Visser',
      'Chipo Dube',
      'Dov Ash',
      'Eli Orr',
      'Fay Ito',
      'Gil Roe',
      'Hana Sato',
      'Ines Paz',
    ],
    leftOut: ['Board', 'Door'],
  },
  {
    name: 'a seat plan of given names in a CSV',
    given: lines(
      'Teacher desk,,,',
      'Amira,Bram,,Chipo',
      'Dov,,Eli,Fay',
      'Gil,Hana,Ines,Jun',
      'Window,,,Door',
    ),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay', 'Gil', 'Hana', 'Ines', 'Jun'],
  },
  {
    name: 'one column for each group',
    given: lines(
      'Otters,Herons,Kingfishers',
      'Amira Haddad,Bram Visser,Chipo Dube',
      'Dov Ash,Eli Orr,Fay Ito',
      'Gil Roe,,Hana Sato',
    ),
    students: [
      'Amira Haddad',
      'Dov Ash',
      'Gil Roe',
      'Bram Visser',
      'Eli Orr',
      'Chipo Dube',
      'Fay Ito',
      'Hana Sato',
    ],
    facts: [
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Herons' },
    ],
  },
  {
    name: 'numbered groups side by side',
    given: lines('Group 1\tGroup 2\tGroup 3', 'Amira\tBram\tChipo', 'Dov\tEli\tFay', 'Gil\tHana\t'),
    students: ['Amira', 'Dov', 'Gil', 'Bram', 'Eli', 'Hana', 'Chipo', 'Fay'],
    facts: [{ section: 'Group 1' }],
  },
  {
    name: 'lines of groups',
    given: lines(
      'Group 1: Amira Haddad, Bram Visser and Chipo Dube',
      'Group 2: Dov Ash, Eli Orr & Fay Ito',
      'Group 3: Gil Roe',
    ),
    students: [
      'Amira Haddad',
      'Bram Visser',
      'Chipo Dube',
      'Dov Ash',
      'Eli Orr',
      'Fay Ito',
      'Gil Roe',
    ],
    facts: [
      { section: 'Group 1' },
      { section: 'Group 1' },
      { section: 'Group 1' },
      { section: 'Group 2' },
    ],
  },
  {
    name: 'lines of groups with names of their own',
    given: lines('Otters – Amira, Bram, Chipo', 'Herons – Dov, Eli, Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay'],
    facts: [
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Herons' },
    ],
  },
  {
    name: 'group headings with members below',
    given: lines('Group 1', 'Amira Haddad', 'Bram Visser', '', 'Group 2', 'Chipo Dube', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [
      { section: 'Group 1' },
      { section: 'Group 1' },
      { section: 'Group 2' },
      { section: 'Group 2' },
    ],
  },
  {
    name: 'group headings ending in a colon',
    given: lines(
      'Otters:',
      '- Amira Haddad',
      '- Bram Visser',
      'Herons:',
      '- Chipo Dube',
      '- Dov Ash',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Herons' },
      { section: 'Herons' },
    ],
  },
  {
    name: 'a table with a group in each row and several members',
    given: lines('Group,Members', '1,"Amira Haddad, Bram Visser"', '2,"Chipo Dube, Dov Ash"'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: '1' }, { section: '1' }, { section: '2' }, { section: '2' }],
  },
  {
    name: 'a table with a group and one column for each member',
    given: lines(
      'Group,Member 1,Member 2,Member 3',
      'Otters,Amira Haddad,Bram Visser,Chipo Dube',
      'Herons,Dov Ash,Eli Orr,',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eli Orr'],
    facts: [
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Herons' },
    ],
  },
];
