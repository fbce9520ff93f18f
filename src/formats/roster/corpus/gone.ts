import { lines, type RosterCase } from './types';

/** Who is said to have left. */
export const gone: readonly RosterCase[] = [
  {
    name: 'who has left, below a heading',
    given: lines('Amira Haddad', 'Bram Visser', '', 'Withdrawn', 'Dov Ash', '', 'New:', 'Eva Lind'),
    students: ['Amira Haddad', 'Bram Visser', 'Eva Lind'],
    leftOut: ['Withdrawn', 'Dov Ash', 'New'],
  },
  {
    name: 'who has left, on a line of their own',
    given: lines('Amira Haddad', 'Bram Visser', 'Bajas: Dov Ash, Eva Lind'),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Bajas', 'Dov Ash', 'Eva Lind'],
    asked: [],
  },
  {
    name: 'who has left, behind the name; whoever is left-handed has not',
    given: lines(
      '1. Amira Haddad',
      '2. Bram Visser (withdrawn 3/10)',
      '3. Chipo Dube (left handed)',
      '4. Dov Ash - left in October',
    ),
    students: ['Amira Haddad', 'Chipo Dube'],
    leftOut: ['Bram Visser', 'left handed', 'Dov Ash'],
  },
  {
    name: 'who has left, above the others',
    given: lines('Left:', 'Dov Ash', '', 'Amira Haddad', 'Bram Visser (left 10:30)'),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Left', 'Dov Ash', 'left 10:30'],
  },
  {
    name: 'who is of the low level has not left',
    given: lines('Alta:', 'Amira Haddad', 'Bram Visser', 'Baja:', 'Chipo Dube', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'who sits left has not left',
    given: lines('Left:', 'Amira Haddad', 'Bram Visser', 'Right:', 'Chipo Dube', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Left' }],
  },
];
