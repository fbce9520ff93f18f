import { lines, type RosterCase } from './types';

const scores = (odd: string): string =>
  lines(
    'Name,Score',
    'Amira,71',
    'Bram,55',
    `Chipo,${odd}`,
    'Dov,60',
    'Eli,48',
    'Fay,90',
    'Gil,77',
    'Hana,81',
  );

/** One odd cell decides nothing; what is no amount is never balanced by. */
export const values: readonly RosterCase[] = [
  ...['EX', 'absent', 'krank', '#DIV/0!', 'excused', '#N/A', 'abs.', 'ausente', '*'].map(
    (odd): RosterCase => ({
      name: `"${odd}" among figures`,
      given: scores(odd),
      students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli', 'Fay', 'Gil', 'Hana'],
      details: { Score: 'number' },
      facts: [{ attributes: { Score: 71 } }, {}, { attributes: {} }],
    }),
  ),
  {
    name: 'B1 stays B1',
    given: lines('Name,Level,Locker', 'Amira,B1,B1', 'Bram,A2,C7', 'Chipo,B1,B2'),
    students: ['Amira', 'Bram', 'Chipo'],
    facts: [{ attributes: { Level: 'B1', Locker: 'B1' } }],
    details: { Level: 'level', Locker: 'category' },
  },
  {
    name: 'numbers kept as text by a sign of equality',
    given: lines('Name,Student ID,Score', 'Amira,="00041",="7"', 'Bram,="00042",="8"'),
    students: ['Amira', 'Bram'],
    facts: [{ externalId: '00041', attributes: { Score: 7 } }],
  },
  {
    name: 'numbers kept as text, quoted by the file',
    given: lines('Name,Student ID', 'Amira,"=""00041"""', 'Bram,"=""00042"""'),
    students: ['Amira', 'Bram'],
    facts: [{ externalId: '00041' }],
  },
  {
    name: 'telephones, birthdays and homes are no amounts',
    given: lines(
      'Name,Phone,Date of birth,Postcode,Home address,Mobile',
      'Amira,5550101,20120304,1012,12 Weir Lane,06 1234',
      'Bram,5550102,20111105,1013,3 Mill Row,06 1235',
    ),
    students: ['Amira', 'Bram'],
  },
  {
    name: 'yes and no in seven languages and as ticks',
    given: lines('Name,A,B,C,D,E,F', 'Amira,sim,sì,ja,✓,oui,[x]', 'Bram,não,no,nee,✗,non,[ ]'),
    students: ['Amira', 'Bram'],
    details: { A: 'yesNo', B: 'yesNo', C: 'yesNo', D: 'yesNo', E: 'yesNo', F: 'yesNo' },
    facts: [{ attributes: { A: 'yes', B: 'yes', C: 'yes', D: 'yes', E: 'yes', F: 'yes' } }],
  },
  {
    name: 'levels in seven languages',
    given: lines(
      'Name,A,B,C',
      'Amira,baixo,basso,laag',
      'Bram,médio,medio,gemiddeld',
      'Chipo,alto,alto,hoog',
    ),
    students: ['Amira', 'Bram', 'Chipo'],
    details: { A: 'level', B: 'level', C: 'level' },
  },
  {
    name: 'marks out of a maximum',
    given: lines('Name,Quiz', 'Amira,17/20', 'Bram,9 / 20', 'Chipo,12.5/20'),
    students: ['Amira', 'Bram', 'Chipo'],
    details: { Quiz: 'number' },
    facts: [
      { attributes: { Quiz: 17 } },
      { attributes: { Quiz: 9 } },
      { attributes: { Quiz: 12.5 } },
    ],
  },
  {
    name: 'marks of attendance',
    given: lines('Name,Mon,Tue', 'Amira,P,A', 'Bram,L,P', 'Chipo,P,E'),
    students: ['Amira', 'Bram', 'Chipo'],
    details: { Mon: 'category', Tue: 'category' },
  },
  {
    name: 'nothing missing becomes a nought',
    given: lines('Name,Score,Boots', 'Amira,,38', 'Bram,-,', 'Chipo,0,39'),
    students: ['Amira', 'Bram', 'Chipo'],
    facts: [
      { attributes: { Boots: 38 } },
      { attributes: {} },
      { attributes: { Score: 0, Boots: 39 } },
    ],
  },
  {
    name: 'points of ten',
    given: lines('Name\tQuiz', 'Amira Haddad\t7/10', 'Bram Visser\t9/10', 'Chipo Dube\tabs'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { Quiz: 7 } }, { attributes: { Quiz: 9 } }, { attributes: {} }],
    details: { Quiz: 'number' },
  },
  {
    name: 'a short word among marks, and the middle of a scale in German',
    given: lines(
      ...['Name;Note;Niveau', 'Amira Haddad;7,5;fortgeschritten', 'Bram Visser;6,0;Anfänger'],
      ...['Chipo Dube;zk;mittel'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    details: { Note: 'number', Niveau: 'level' },
  },
  {
    name: 'figures with what they count, halves among them',
    given: lines(
      ...['Name,Height,Jump,Paid,Shoe,Time', 'Amira Haddad,152 cm,3.40 m,€ 12.50,36,1 h'],
      ...['Bram Visser,160 cm,3.75 m,€ 0,39½,30 min', 'Chipo Dube,149 cm,DNS,€ 12.50,35,20 min'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    details: {
      ...{ Height: 'number', Jump: 'number', Paid: 'number', Shoe: 'number' },
      // Hours and minutes are not added up.
      Time: 'category',
    },
    facts: [
      { attributes: { Height: 152, Jump: 3.4, Paid: 12.5, Shoe: 36, Time: '1 h' } },
      { attributes: { Height: 160, Jump: 3.75, Paid: 0, Shoe: 39.5, Time: '30 min' } },
    ],
  },
  {
    name: 'how much somebody agrees, and how often, in several languages',
    given: lines(
      ...['Name;A;B;C;D', 'Amira Haddad;Strongly agree;de acuerdo;selten;souvent'],
      ...[
        'Bram Visser;Disagree;en desacuerdo;nie;jamais',
        'Chipo Dube;Neutral;neutral;oft;parfois',
      ],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    details: { A: 'level', B: 'level', C: 'level', D: 'level' },
  },
  {
    name: 'numbers of nine figures are telephones, whatever heads them',
    given: lines('Name;Móvil casa', 'Amira Haddad;600123123', 'Bram Visser;600123124'),
    students: ['Amira Haddad', 'Bram Visser'],
    details: { 'Móvil casa': 'category' },
  },
  {
    name: 'what each test counts up to, in the headings and once more below',
    given: lines(
      ...['Student;Test 1 (max 20);Test 2 (max 30);%', 'Amira Haddad;15;24;78 %'],
      ...['Bram Visser;12;abs;', 'Chipo Dube;19;28;94 %', 'Max;20;30;100 %'],
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    leftOut: ['Max'],
    details: { 'Test 1 (max 20)': 'number', 'Test 2 (max 30)': 'number', '%': 'number' },
  },
  {
    name: 'Max is somebody where the figures are not those of the headings',
    given: lines('Student;Test (max 20)', 'Amira Haddad;15', 'Bram Visser;12', 'Max;17'),
    students: ['Amira Haddad', 'Bram Visser', 'Max'],
    asked: ['Max'],
  },
  {
    name: 'levels by their numbers, and upper and lower',
    given: lines(
      ...['Name,Stage,Band', 'Amira Haddad,Level 10,Upper', 'Bram Visser,Level 3,Lower'],
      'Chipo Dube,Level 2,Middle',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    details: { Stage: 'level', Band: 'level' },
  },
  {
    name: 'marks in letters with signs, each a level of its own',
    given: lines(
      ...['Name,Grade', 'Amira Haddad,B', 'Bram Visser,B+', 'Chipo Dube,A-', 'Dov Ash,A*'],
      'Eva Lind,B',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Dov Ash', 'Eva Lind'],
    details: { Grade: 'level' },
    facts: [
      ...[{ attributes: { Grade: 'B' } }, { attributes: { Grade: 'B+' } }],
      ...[{ attributes: { Grade: 'A-' } }, { attributes: { Grade: 'A*' } }],
    ],
  },
];
