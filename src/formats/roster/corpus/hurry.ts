import { lines, type RosterCase } from './types';

/** What is typed or pasted in a hurry: names with blanks between, reports, days, a letter's first words. */
export const hurry: readonly RosterCase[] = [
  {
    name: 'first names on one line, in small letters',
    given: 'amira bram chipo dov eva fay',
    students: ['amira', 'bram', 'chipo', 'dov', 'eva', 'fay'],
  },
  {
    name: 'first names on one line, some with a capital within',
    given:
      'Amira Bram Chipo Dov Jean-Luc Fay Gil Hana Ivo Anna-Lena Kai Lea Milo Nia Oki Pia Quin Rui',
    students: [
      ...['Amira', 'Bram', 'Chipo', 'Dov', 'Jean-Luc', 'Fay', 'Gil', 'Hana', 'Ivo', 'Anna-Lena'],
      ...['Kai', 'Lea', 'Milo', 'Nia', 'Oki', 'Pia', 'Quin', 'Rui'],
    ],
  },
  {
    name: 'first names on several lines with blanks between',
    given: lines('Amira Bram Chipo Dov Eva', 'Fay Gil Hana Ivo Kai Lea'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Fay', 'Gil', 'Hana', 'Ivo', 'Kai', 'Lea'],
  },
  {
    name: 'long names of two, no line of first names',
    given: lines('Ana Clara Souza Lima', 'João Pedro Alves Costa'),
    students: ['Ana Clara Souza Lima', 'João Pedro Alves Costa'],
  },
  {
    name: 'a report on each, with words of the school',
    given: lines(
      ...['Student: Amira Haddad', 'Effort: good', 'Target: read aloud more', ''],
      ...['Student: Bram Visser', 'Effort: very good', 'Target: help others', ''],
      ...['Student: Chipo Dube', 'Effort: good', 'Target: ask when stuck'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { Effort: 'good', Target: 'read aloud more' } }],
  },
  {
    name: 'a title over days with those who are on',
    given: lines(
      'Week 48',
      'Mon: Amira Haddad, Bram Visser, Chipo Dube',
      'Tue: Dov Ash, Eva Lind, Fay Ito',
      'Wed: Gil Roe, Hana Sato, Ivo Petrov',
    ),
    students: [
      ...['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind', 'Fay Ito'],
      ...['Gil Roe', 'Hana Sato', 'Ivo Petrov'],
    ],
    facts: [{ section: 'Mon' }, {}, {}, { section: 'Tue' }],
  },
  {
    name: 'words that head groups on lines',
    given: lines('Kitchen duty', 'Monday: Amira, Bram, Chipo', 'Tuesday: Dov, Eva'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva'],
    leftOut: ['Kitchen duty'],
  },
  {
    name: 'a letter to everybody with a list of stars',
    given: lines('Dear all,', '', '* Amira Haddad', '* Bram Visser', '* Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['Dear all,'],
  },
  {
    name: 'a comma behind each name, one of which greets in Italian',
    given: lines('Amira Haddad,', 'Cara Bell,', 'Bram Visser,'),
    students: ['Amira Haddad', 'Cara Bell', 'Bram Visser'],
  },
  {
    name: 'a question in a chat, and those who answer it',
    given: lines(
      '[12:01] Tamsin: who is coming on Friday?',
      '[12:02] Amira Haddad: me',
      '[12:03] Bram Visser: me',
    ),
    students: ['Tamsin', 'Amira Haddad', 'Bram Visser'],
    asked: ['Tamsin'],
  },
  {
    name: 'numbers and names on one line',
    given: '1. Amira Haddad 2. Bram Visser 3. Chipo Dube 4. Dov Ash',
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'underscores for blanks',
    given: lines('Amira_Haddad', 'Bram_de_Visser', 'Chipo_Dube'),
    students: ['Amira Haddad', 'Bram de Visser', 'Chipo Dube'],
  },
  {
    name: 'a day and a time before each',
    given: lines('Mon 10:00 Amira Haddad', 'Mon 10:15 Bram Visser', 'Tue 10:00 Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'small words and a number behind a comma',
    given: lines('Amira Haddad, locker 101', 'Bram Visser, locker 102', 'Chipo Dube, locker 103'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['locker 101', 'locker 102', 'locker 103'],
  },
  {
    name: 'small words behind one of several names',
    given: lines('Amira Haddad', 'Bram Visser, needs glasses', 'Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['needs glasses'],
    asked: ['Bram Visser'],
  },
  {
    name: 'pairs of words and what they are on each line',
    given: lines(
      'name=Amira Haddad; level=new; swims=yes',
      'name=Bram Visser; level=some; swims=no',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ attributes: { level: 'new', swims: 'yes' } }],
  },
  {
    name: 'dots up to a word, and a day behind it',
    given: lines(
      'Amira Haddad .... due 1 Nov',
      'Bram Visser ..... due 2 Nov',
      'Chipo Dube ..... back',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'a family called as parts of a school are',
    given: lines('Haddad, A.', 'Class, M.', 'Visser, B.'),
    students: ['A. Haddad', 'M. Class', 'B. Visser'],
  },
  {
    name: 'heads between equals signs',
    given: lines('== Otters ==', 'Amira Haddad', 'Bram Visser', '', '== Herons ==', 'Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'Otters' }, { section: 'Otters' }, { section: 'Herons' }],
  },
  {
    name: 'heads with who teaches them',
    given: lines(
      ...['Otters (Ms Okafor)', 'Amira Haddad', 'Bram Visser'],
      ...['Herons (Mr Mbeki)', 'Chipo Dube', 'Dov Ash'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    leftOut: ['Ms Okafor', 'Mr Mbeki', 'Otters', 'Herons'],
    facts: [{ section: 'Otters' }, {}, { section: 'Herons' }],
  },
  {
    name: 'first names, behind some of which a teacher stands',
    given: lines('Amira (Ms Okafor)', 'Bram', 'Chipo', 'Dov (Ms Okafor)', 'Eva', 'Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Fay'],
  },
  {
    name: 'heads of one word over whole names',
    given: lines(
      ...['Soprano', 'Amira Haddad', 'Bea Roe', 'Chipo Dube'],
      ...['Alto', 'Dov Ash', 'Eva Lind', 'Fay Ito'],
    ),
    students: ['Amira Haddad', 'Bea Roe', 'Chipo Dube', 'Dov Ash', 'Eva Lind', 'Fay Ito'],
    facts: [{ section: 'Soprano' }, {}, {}, { section: 'Alto' }],
  },
  {
    name: 'somebody of one name among whole names, who heads nobody',
    given: lines('Amira Haddad', 'Bea Roe', 'Chipo Dube', 'Sukarno', 'Dov Ash', 'Eva Lind'),
    students: ['Amira Haddad', 'Bea Roe', 'Chipo Dube', 'Sukarno', 'Dov Ash', 'Eva Lind'],
  },
  {
    name: 'commas and semicolons among names typed by hand',
    given: lines('Amira Haddad ,Bram Visser,  Chipo Dube;Dov Ash', 'Eva Lind'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
  },
  {
    name: 'families in brackets behind first names',
    given: lines('Amira (Haddad)', 'Bram (de Visser)', 'Chipo (Dube)', 'Dov (Ash)', 'Eva (Lind)'),
    students: ['Amira Haddad', 'Bram de Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
  },
  {
    name: 'what each is called in brackets behind first names',
    given: lines('Amira (Ami)', 'Bram (Bo)', 'Chipo (Chi)', 'Dov (Dodo)', 'Eva (Evi)'),
    students: ['Ami', 'Bo', 'Chi', 'Dodo', 'Evi'],
  },
  {
    name: 'columns of groups that tell how many are in them',
    given: lines('Otters (2)\tHerons (2)', 'Amira Haddad\tChipo Dube', 'Bram Visser\tDov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Otters' }, { section: 'Otters' }, { section: 'Herons' }],
  },
  {
    name: 'two columns without headings, where small words tell which are families',
    given: lines('Haddad,Amira,40001', 'de la Cruz,Bram,40002', 'Dube,Chipo,40003'),
    students: ['Amira Haddad', 'Bram de la Cruz', 'Chipo Dube'],
  },
  {
    name: 'remarks behind a long dash on counted lines',
    given: lines('1. Amira Haddad', '2. Bram Visser  — abs.', '3. Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['abs.'],
    asked: ['Bram Visser'],
  },
  {
    name: 'who works with whom',
    given: lines('Amira with Bram', 'Chipo with Dov', 'Eva with Fay'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Fay'],
  },
  {
    name: 'a club over a list, and what each has paid',
    given: lines('Chess club', 'Amira Haddad - paid', 'Bram Visser - owes £2', 'Chipo Dube - paid'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['Chess club'],
  },
  {
    name: 'rooms over those in them',
    given: lines('Room 101', 'Amira', 'Bram', '', 'Room 102', 'Chipo', 'Dov', 'Eva'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva'],
    facts: [{ section: 'Room 101' }, {}, { section: 'Room 102' }],
  },
  {
    name: 'points of a hundred behind a colon',
    given: lines('Amira Haddad: 88/100', 'Bram Visser: 90/100', 'Chipo Dube: 70/100'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'how many have a place over a list of them',
    given: lines(
      ...['Course: Hydrology 201', 'Enrolled: 3', '', 'No. Name ID'],
      ...['1 Amira Haddad 8000', '2 Bram Visser 8001', '3 Chipo Dube 8002'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'a letter sent on, with who wrote it',
    given: lines(
      ...['---------- Forwarded ----------', 'From: Mira Okafor <mira@example.org>'],
      ...['Date: Mon, 30 Nov 2026', 'Subject: class list', '', 'Amira Haddad', 'Bram Visser'],
      ...['', 'Best,', 'Mira'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'what each of them says in a chat, behind names in brackets',
    given: lines('[Amira Haddad] present', '[Bram Visser] here', '[Amira Haddad] sorry, late'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'what each of them says in a chat, behind the time',
    given: lines('Amira Haddad (9:10): here!', 'Bram Visser (9:11): me too'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'who voted for what',
    given: lines(
      'Option,Votes,Voters',
      'Boat,2,"Amira Haddad, Bram Visser"',
      'Bank,1,"Chipo Dube"',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'letters that say something of some, behind a dash',
    given: lines('Amira Haddad – SEN', 'Bram Visser', 'Chipo Dube - EAL', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    asked: ['Amira Haddad', 'Chipo Dube'],
  },
  {
    name: 'a message on one line, with its greeting and its thanks',
    given: 'Hi, here are the kids: Ellis Grant, Mariama Sow, Jonas Weber and Paloma Ruiz. Thanks!',
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber', 'Paloma Ruiz'],
    leftOut: ['Hi', 'here are the kids', 'Thanks!'],
  },
  {
    name: 'a message to somebody, with first names alone',
    given: 'Hi Dana, here is my list: Ellis, Mariama, Jonas and Paloma.',
    students: ['Ellis', 'Mariama', 'Jonas', 'Paloma'],
    leftOut: ['Hi Dana', 'here is my list'],
  },
  {
    name: 'first names of which one sounds like a greeting',
    given: 'Hiro, Dana, Ellis and Mariama',
    students: ['Hiro', 'Dana', 'Ellis', 'Mariama'],
  },
  {
    name: 'who wrote the list, below two strokes, and their school',
    given: lines(
      'Ellis Grant',
      'Mariama Sow',
      'Jonas Weber',
      '',
      '--',
      'Dana Holt',
      'River School',
    ),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber'],
    leftOut: ['--', 'Dana Holt', 'River School'],
  },
  {
    name: 'two parts of a list with strokes between are both of students',
    given: lines('Ellis Grant', 'Mariama Sow', 'Jonas Weber', '--', 'Paloma Ruiz', 'Kenji Mori'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber', 'Paloma Ruiz', 'Kenji Mori'],
  },
  {
    name: 'one more name below two strokes, who is asked about',
    given: lines('Ellis Grant', 'Mariama Sow', 'Jonas Weber', '--', 'Dana Holt'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber', 'Dana Holt'],
    asked: ['Dana Holt'],
  },
  {
    name: 'a school below its students',
    given: lines('Ellis Grant', 'Mariama Sow', 'Colegio del Río'),
    students: ['Ellis Grant', 'Mariama Sow'],
    leftOut: ['Colegio del Río'],
  },
  {
    name: 'two on a line, and three on the last',
    given: lines('Ellis & Mariama', 'Jonas & Paloma & Kenji'),
    students: ['Ellis', 'Mariama', 'Jonas', 'Paloma', 'Kenji'],
  },
  {
    name: 'one a line with commas, and a last "and" before the last',
    given: lines('Ellis Grant,', 'Mariama Sow,', 'and Jonas Weber'),
    students: ['Ellis Grant', 'Mariama Sow', 'Jonas Weber'],
  },
  {
    name: 'names on one line with stars between',
    given: lines('Amira Haddad * Bram Visser * Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'first names on one line with stops between',
    given: lines('Amira. Bram. Chipo. Dov.'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov'],
  },
];
