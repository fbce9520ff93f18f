import { lines, type RosterCase } from './types';

/** What stands around names and is none: deeds, counts, commands, titles, letters for days and groups. */
export const signs: readonly RosterCase[] = [
  {
    name: 'what each handed in, and who did so twice',
    given: lines(
      'Amira Haddad submitted River report on 12 Oct',
      'Sanne van der Meer submitted River report on 13 Oct',
      'Amira Haddad submitted River map on 14 Oct',
    ),
    students: ['Amira Haddad', 'Sanne van der Meer'],
    leftOut: [
      'submitted River report on 12 Oct',
      'submitted River report on 13 Oct',
      'submitted River map on 14 Oct',
      'Amira Haddad',
    ],
  },
  {
    name: 'who joined a class and who left it',
    given: lines(
      'Amira Haddad joined the class',
      'Bram Visser joined the class',
      'Chipo Dube left the class',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['joined the class', 'joined the class', 'Chipo Dube'],
  },
  {
    name: 'small words behind names that differ are theirs',
    given: lines('Maria josé', 'Maria luisa', 'Ana sofía'),
    students: ['Maria josé', 'Maria luisa', 'Ana sofía'],
  },
  {
    name: 'strokes that count something',
    given: lines('Amira Haddad IIII', 'Bram Visser II', 'Chipo Dube III'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['IIII', 'II', 'III'],
  },
  {
    name: 'the second and the third of a family count nothing',
    given: lines('Amira Haddad II', 'Bram Visser III'),
    students: ['Amira Haddad II', 'Bram Visser III'],
  },
  {
    name: 'items of a typeset list',
    given: lines(
      ...['\\begin{itemize}', '\\item Amira Haddad', '\\item Bram Visser', '\\end{itemize}'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['\\begin{itemize}', '\\end{itemize}'],
  },
  {
    name: 'small letters that stand for signs of a list',
    given: lines('x Amira Haddad', 'x Bram Visser', 'o Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'a cell that goes on below, in columns of blanks',
    given: lines(
      'Name              Subjects          Level',
      'Amira Haddad      Maths, Biology    new',
      '                  and Art',
      'Bram Visser       Physics           some',
      'Chipo Dube        Maths             new',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: [],
    facts: [{ attributes: { Subjects: 'Maths, Biology and Art', Level: 'new' } }],
  },
  {
    name: 'a name alone in its column of blanks does not go on with the one above',
    given: lines(
      'No  Name              Level   Form',
      '1   Amira Haddad      new     7B',
      '    Bram Visser',
      '3   Chipo Dube        some    7B',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'who has which part in each week is asked about',
    given: lines(...['Week,Washing up,Fire', '1,Amira Haddad,Bram Visser', '2,Chipo Dube,Dov Ash']),
    students: ['Amira Haddad', 'Chipo Dube', 'Bram Visser', 'Dov Ash'],
    asked: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    leftOut: ['Week', 'Washing up', 'Fire'],
  },
  {
    name: 'a child and a parent in each row are no two students',
    given: lines('Nr,Kid,Grown-up', '1,Amira Haddad,Samir Haddad', '2,Bram Visser,Joke Visser'),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Nr'],
  },
  {
    name: 'first names under letters and beside numbers',
    given: lines(
      '   A        B        C',
      '1  Amira    Bram     Chipo',
      '2  Dov      Eva      Farid',
    ),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Farid'],
  },
  {
    name: 'years of a school before a colon',
    given: lines(
      ...['Curso: 3º A', 'Amira Haddad', 'Bram Visser', 'Curso: 3º B', 'Chipo Dube', 'Dov Ash'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Curso: 3º A' }, {}, { section: 'Curso: 3º B' }],
  },
  {
    name: 'stations with what they are about, over their crews',
    given: lines(
      ...[
        'Station 1 – Water',
        'Amira Haddad, Bram Visser',
        'Station 2 – Soil',
        'Chipo Dube, Eva Lind',
      ],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Eva Lind'],
    facts: [{ section: 'Station 1 – Water' }, {}, { section: 'Station 2 – Soil' }],
  },
  {
    name: 'groups by a word with a capital, in columns',
    given: lines('Reed Group\tSedge Group', 'Amira Haddad\tDov Ash', 'Bram Visser\t'),
    students: ['Amira Haddad', 'Bram Visser', 'Dov Ash'],
    facts: [{ section: 'Reed Group' }, {}, { section: 'Sedge Group' }],
  },
  {
    name: 'how many are in each class behind a dash',
    given: lines('7B - 2', 'Amira Haddad', 'Bram Visser', '7C - 1', 'Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Dov Ash'],
    facts: [{ section: '7B' }, {}, { section: '7C' }],
  },
  {
    name: 'a stroke between the names that a heading says are turned',
    given: lines('Last/First,Grade', 'Haddad/Amira,7', 'Visser/Bram,7'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'the second of a name is asked about, not lost',
    given: lines('Anna K.', 'Anna M.', 'Bram', 'Bram 2'),
    students: ['Anna K.', 'Anna M.', 'Bram', 'Bram 2'],
    asked: ['Bram 2'],
  },
  {
    name: 'who teaches beside the class over the headings',
    given: lines(
      ...['River School,,', 'Class 7B,,Teacher: Oda Lind', 'No,Name,Level'],
      ...['1,Amira Haddad,new', '2,Bram Visser,some'],
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Oda Lind'],
    leftOut: ['River School', 'Class 7B', 'Oda Lind'],
  },
  {
    name: 'who leads a meeting',
    given: lines('Moderator: Oda Lind', 'Amira Haddad', 'Bram Visser'),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Oda Lind'],
  },
  {
    name: 'what the page of a chat says itself',
    given: lines(
      '12/10/2026, 10:10 - Amira Haddad: here',
      '12/10/2026, 10:12 - Messages are private.',
      '12/10/2026, 10:13 - Bram Visser: yes',
      '12/10/2026, 10:14 - Chipo Dube: here',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['here', 'Messages are private.', 'yes', 'here'],
  },
  {
    name: 'a title in small words over a blank line',
    given: lines(
      ...['Reading pairs', '', 'Amira Haddad & Bram Visser', 'Chipo Dube & Dov Ash'],
      ...['Eva Lind & Farid Azar', 'Gita Puri & Hana Jo', 'Ivo Maric & Jana Novák & Kofi Mensah'],
    ),
    students: [
      ...['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind', 'Farid Azar'],
      ...['Gita Puri', 'Hana Jo', 'Ivo Maric', 'Jana Novák', 'Kofi Mensah'],
    ],
    leftOut: ['Reading pairs'],
  },
  {
    name: 'the same words right over the names are asked about',
    given: lines(
      ...['Boots washed', 'Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    ),
    students: [
      ...['Boots washed', 'Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    ],
    asked: ['Boots washed'],
  },
  {
    name: 'shares of a hundred behind a blank',
    given: lines('Amira Haddad 36 %', 'Bram Visser 43 %', 'Chipo Dube 71 %'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { '2': 36 } }],
  },
  {
    name: 'groups that are set off before a colon',
    given: lines('**Group 1:** Amira, Bram, Chipo', '**Group 2:** Dov, Eva, Farid'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Farid'],
    facts: [{ section: 'Group 1' }, {}, {}, { section: 'Group 2' }],
  },
  {
    name: 'houses in brackets behind first names, which are nobody’s name to be called by',
    given: lines(
      ...[
        'Noor (Reed)',
        'Elif (Sedge)',
        'Hugo (Reed)',
        'Mila (Sedge)',
        'Leo (Reed)',
        'Ruth (Sedge)',
      ],
    ),
    students: ['Noor', 'Elif', 'Hugo', 'Mila', 'Leo', 'Ruth'],
    facts: [{ section: 'Reed', preferredName: '' }, { section: 'Sedge' }],
  },
  {
    name: 'what three are called, in brackets',
    given: lines('Robert Cole (Bob)', 'Aoife Byrne (Fi)', 'Ibrahim Sow (Ibo)'),
    students: ['Bob Cole', 'Fi Byrne', 'Ibo Sow'],
  },
  {
    name: 'names in brackets behind addresses',
    given: lines('noor@example.org (Noor Bakker)', 'elif@example.org (Elif Kaya)'),
    students: ['Noor Bakker', 'Elif Kaya'],
    facts: [{ email: 'noor@example.org' }],
  },
  {
    name: 'commas with blanks on either side under a heading',
    given: lines('Name , Level', 'Noor Bakker , new', 'Elif Kaya , some', 'Hugo Lund , new'),
    students: ['Noor Bakker', 'Elif Kaya', 'Hugo Lund'],
    details: { Level: 'level' },
  },
  {
    name: 'dashes between all of them on one line',
    given: 'Noor Bakker - Elif Kaya - Hugo Lund - Mila Fox',
    students: ['Noor Bakker', 'Elif Kaya', 'Hugo Lund', 'Mila Fox'],
  },
  {
    name: 'a word for those who are away over the last ones, who are asked about',
    given: lines(
      ...['Noor Bakker', 'Elif Kaya', 'Hugo Lund', 'Mila Fox', 'Leo March', '', 'Missing', ''],
      ...['Ruth Cole', 'Omar Nasser'],
    ),
    students: [
      ...['Noor Bakker', 'Elif Kaya', 'Hugo Lund', 'Mila Fox', 'Leo March', 'Ruth Cole'],
      'Omar Nasser',
    ],
    leftOut: ['Missing'],
    asked: ['Ruth Cole', 'Omar Nasser'],
  },
  {
    name: 'who was there and who was not, in minutes',
    given: lines(
      ...['Minutes of 12 October 2026', 'Present: Noor Bakker, Elif Kaya, Hugo Lund'],
      'Apologies: Mila Fox, Leo March',
    ),
    students: ['Noor Bakker', 'Elif Kaya', 'Hugo Lund', 'Mila Fox', 'Leo March'],
    facts: [{ section: 'Present' }, {}, {}, { section: 'Apologies' }],
    leftOut: ['Minutes of 12 October 2026'],
  },
  {
    name: 'families first under groups are one student each',
    given: lines('Group 1', 'Haddad, Amira', 'Visser, Bram', 'Group 2', 'Dube, Chipo', 'Ash, Dov'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
    facts: [{ section: 'Group 1' }, {}, { section: 'Group 2' }],
  },
  {
    name: 'first names with an initial are no sentences between others',
    given: lines('Amira H.', 'Bram V.', 'Chipo D.', 'Dov A.', 'Eva L.', 'Farid A.'),
    students: ['Amira H.', 'Bram V.', 'Chipo D.', 'Dov A.', 'Eva L.', 'Farid A.'],
  },
  {
    name: 'signs of a font that draws its bullets',
    given: lines('\uf0b7 Amira Haddad', '\uf0a7 Bram Visser'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'numbers in the figures of Arabic',
    given: lines('١. أحمد علي', '٢. فاطمة حسن'),
    students: ['أحمد علي', 'فاطمة حسن'],
  },
  {
    name: 'line breaks of a page between names, and at the end of their lines',
    given: lines('Amira Haddad<br>Bram Visser<br/>', 'Chipo Dube<br>Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'a tag behind the name in an address',
    given: lines('amira.haddad+bio@example.org', 'bram.visser+bio@example.org'),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'bars round a group and its members',
    given: lines('| Otters | Amira, Bram, Chipo |', '| Herons | Dov, Eva, Fay |'),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eva', 'Fay'],
    facts: [{ section: 'Otters' }, {}, {}, { section: 'Herons' }],
  },
  {
    name: 'crosses before those who are there',
    given: lines('x Amira Haddad', '  Bram Visser', 'x Chipo Dube', '  Dov Ash'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash'],
  },
  {
    name: 'a class after a stroke without blanks',
    given: lines('Amira Haddad/7B', 'Bram Visser/7B', 'Chipo Dube/7C'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7B' }, { section: '7C' }],
  },
];
