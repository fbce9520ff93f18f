import { lines, type RosterCase } from './types';

/** Quotes that swallow rows are found and read the other way. */
export const quotes: readonly RosterCase[] = [
  {
    name: 'names with a comma and no quotes in some rows',
    given: lines(
      'Name,Form,Level',
      'Haddad, Amira,7B,new',
      'Bram Visser,7B,some',
      'Dube, Chipo,7C,new',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'single quotes, two of them for one',
    given: lines("'Name','Level'", "'Amira Haddad',''", "'Seán O''Brien','some'"),
    students: ['Amira Haddad', "Seán O'Brien"],
    facts: [{ attributes: {} }, { attributes: { Level: 'some' } }],
  },
  {
    name: 'a quote that opens and is closed rows later',
    given: lines(
      'Name,Note,Score',
      'Amira Haddad,"good,3',
      'Bram Visser,fine,4',
      'Chipo Dube,"also good",5',
      'Dov Ash,ok,6',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'a quote that is never closed',
    given: lines('Name,Score', '"Amira Haddad,3', 'Bram Visser,4', 'Chipo Dube,5'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'inches in cells',
    given: lines('Name,Height,Score', 'Amira,"5\'2"",3', 'Bram,5\'4",4', 'Chipo,"5\'1"",5'),
    students: ['Amira', 'Bram', 'Chipo'],
    facts: [{ attributes: { Height: `5'2"`, Score: 3 } }],
    details: { Height: 'category', Score: 'number' },
  },
  {
    name: 'a true cell of several lines',
    given: 'Name,Note,Score\nAmira,"first line\nsecond line\nthird, with a comma",3\nBram,x,4\n',
    students: ['Amira', 'Bram'],
    facts: [{ attributes: { Note: 'first line second line third, with a comma', Score: 3 } }],
  },
  {
    name: 'round quotes around cells',
    given: lines('“Haddad, Amira”,7B', '“Visser, Bram”,7B', '“Dube, Chipo”,7C'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'names and addresses, each in quotes, without headings',
    given: lines('"Haddad, Amira","amira@example.org"', '"Visser, Bram","bram@example.org"'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ email: 'amira@example.org' }, { email: 'bram@example.org' }],
  },
  {
    name: 'cells in quotes without a heading keep each class beside its student',
    given: lines('"Grant, Ellis","7B"', '"Sow, Mariama","7B"', '"Weber, Jonas","7C"'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'cells in quotes with a blank behind each comma',
    given: lines('"Name", "Class"', '"Grant, Ellis", "7B"', '"Sow, Mariama" , "7C"'),
    students: ['Ellis Grant', 'Mariama Sow'],
    facts: [{ section: '7B' }, { section: '7C' }],
  },
  {
    name: 'the same without a heading, names in two cells',
    given: lines('"Ellis", "Grant", "7B"', '"Mariama", "Sow", "7B"', '"Jonas", "Weber", "7C"'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
  {
    name: 'several whole names in quotes on each line',
    given: lines('"Ellis Grant", "Mariama Sow"', '"Jonas Weber", "Paloma Ruiz"'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber', 'Paloma Ruiz'],
  },
  {
    name: 'several first names in quotes on each line',
    given: lines('"Ellis", "Mariama", "Jonas"', '"Paloma", "Kenji", "Aoibhe"'),
    students: ['Ellis', 'Mariama', 'Jonas', 'Paloma', 'Kenji', 'Aoibhe'],
  },
  {
    name: 'cells within single quotes',
    given: lines("'Haddad, Amira','7B'", "'Visser, Bram','7C'"),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ section: '7B' }, { section: '7C' }],
  },
  {
    name: 'a name that goes on in the next line of its cell',
    given: lines('Name,Class', '"Amira\nHaddad",7B', '"Bram Visser",7B'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ section: '7B' }, { section: '7B' }],
  },
];
