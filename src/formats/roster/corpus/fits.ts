import { lines, type RosterCase } from './types';

/** Choosing list or table by the best overall fit, not by the look of a first character. */
export const fits: readonly RosterCase[] = [
  {
    name: 'rows that begin with a date',
    given: lines(
      '2026-09-01,Amira Haddad,amira@example.org',
      '2026-09-01,Bram Visser,bram@example.org',
      '2026-09-02,Chipo Dube,chipo@example.org',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ email: 'amira@example.org' }],
  },
  {
    name: 'rows that begin with a time stamp under a heading',
    given: lines(
      'Timestamp,Your name,E-mail address,Boots',
      '2026/09/01 10:22:31 AM GMT+2,Amira Haddad,amira@example.org,38',
      '2026/09/01 10:23:05 AM GMT+2,"Visser, Bram",bram@example.org,41',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'rows that begin with a number and a stop, in a steady table',
    given: lines('1.,Amira,Haddad,7B', '2.,Bram,Visser,7B', '3.,Chipo,Dube,7C'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'numbers like 2026-0041 before family and given name',
    given: lines('2026-0041,Haddad,Amira', '2026-0042,Visser,Bram', '2026-0043,Dube,Chipo'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '2026-0041' }, { externalId: '2026-0042' }, { externalId: '2026-0043' }],
  },
  {
    name: 'numbers like 2026-0041 under a heading',
    given: lines('ID,Last name,First name', '2026-0041,Haddad,Amira', '2026-0042,Visser,Bram'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ externalId: '2026-0041' }],
  },
  {
    name: 'numbers like 2026-0041 parted from the name by a blank',
    given: lines('2026-0041 Amira Haddad', '2026-0042 Bram Visser', '2026-0043 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: '2026-0041' }],
  },
  {
    name: 'a time before each name, parted by tabs',
    given: lines('09:00\tAmira Haddad', '09:10\tBram Visser', '09:20\tChipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '1': '09:00' } }],
  },
  {
    name: 'days before names under a heading',
    given: lines('Day\tName', '12.10.2026\tAmira Haddad', '13.10.2026\tBram Visser'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ attributes: { Day: '12.10.2026' } }],
  },
  {
    name: 'the same days with a blank are no numbers of students',
    given: lines('12.10.2026 Amira Haddad', '13.10.2026 Bram Visser'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ externalId: null }],
  },
  {
    name: 'from when to when, before names',
    given: lines('9:00-9:15 Amira Haddad', '9:15-9:30 Bram Visser', '9:30-9:45 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'results with a point before names number nobody',
    given: lines('7.5,Amira Haddad', '8.0,Bram Visser', '6.5,Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ externalId: null, attributes: { '5': 7.5 } }],
  },
  {
    name: 'numbers before names without a stop',
    given: lines('1 Amira Haddad', '2 Bram Visser', '3 Chipo Dube', '10 Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'a numbered list whose names are written family name first',
    given: lines('1. Haddad, Amira', '2. Visser, Bram', '3. Dube, Chipo'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'a numbered list of rows with name, class and address',
    given: lines(
      '1. Amira Haddad, 7B, amira@example.org',
      '2. Bram Visser, 7B, bram@example.org',
      '3. Chipo Dube, 7C, chipo@example.org',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ email: 'amira@example.org' }],
  },
  {
    name: 'semicolons part the columns, commas the decimals',
    given: lines('Nom;Prénom;Moyenne', 'Haddad;Amira;12,5', 'Visser;Bram;9,25', 'Dube;Chipo;15,0'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { Moyenne: 12.5 } }],
  },
  {
    name: 'upright bars with a rule below the heading',
    given: lines(
      '| Name | Section |',
      '|------|---------|',
      '| Amira Haddad | River A |',
      '| Bram Visser | River B |',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ section: 'River A' }, { section: 'River B' }],
  },
  {
    name: 'names with an address in a line, parted by a dash',
    given: lines('Amira Haddad - amira@example.org', 'Bram Visser – bram@example.org'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ email: 'amira@example.org' }, { email: 'bram@example.org' }],
  },
  {
    name: 'a title over a table, one cell wide',
    given: lines(
      'River survey 2026',
      'exported 2026-09-01',
      '',
      'Name,Score,Section',
      'Amira Haddad,71,A',
      'Bram Visser,55,B',
      'Chipo Dube,60,A',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'A', attributes: { Score: 71 } }],
    leftOut: ['River survey 2026', 'exported 2026-09-01'],
  },
  {
    name: 'a table of one row under its heading',
    given: lines('First name,Last name,Score', 'Amira,Haddad,71'),
    students: ['Amira Haddad'],
  },
  {
    name: 'rows ending in empty cells of different number',
    given: lines(
      'Name,Quiz 1,Quiz 2,Quiz 3',
      'Amira Haddad,3,,',
      'Bram Visser',
      'Chipo Dube,1,2,3',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    details: { 'Quiz 1': 'number', 'Quiz 2': 'number', 'Quiz 3': 'number' },
  },
  {
    name: 'a heading with a comma in brackets',
    given: lines('Name (Last, First),Sec.,Score', '"Haddad, Amira",1,9', '"Visser, Bram",2,8'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'names under a heading for their team',
    given: lines('Team,Score', 'Amira Haddad,71', 'Bram Visser,55'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ attributes: { Score: 71 } }],
  },
  {
    name: 'entries of an address book ending in semicolons',
    given: lines('"Amira Haddad" <amira@example.org>;', '"Visser, Bram" <bram@example.org>;'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ email: 'amira@example.org' }, { email: 'bram@example.org' }],
  },
];
