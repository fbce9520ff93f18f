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
];
