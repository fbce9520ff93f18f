import { lines, type RosterCase } from './types';

/** Headings known by their parts, in seven languages, on one row or two. */
export const headings: readonly RosterCase[] = [
  {
    name: 'legal and preferred names with prefixes',
    given: lines(
      'Student Legal Last Name,Student Legal First Name,Preferred/Nickname,Primary School E-mail,Local Student ID No.,Homeroom / Section',
      'Haddad,Amira,Miri,amira@example.org,0071,7B',
      'Visser,Bram,,bram@example.org,0072,7C',
    ),
    students: ['Miri Haddad', 'Bram Visser'],
    facts: [
      { givenName: 'Amira', email: 'amira@example.org', externalId: '0071', section: '7B' },
      { section: '7C' },
    ],
  },
  {
    name: 'headings in brackets and in capitals',
    given: lines(
      'PUPIL SURNAME (LEGAL),PUPIL FORENAME(S),REG. GROUP,UPN',
      'Haddad,Amira,7B,A101',
      'Visser,Bram,7B,A102',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ section: '7B' }],
  },
  {
    name: 'two apellidos',
    given: lines(
      'Apellido 1;Apellido 2;Nombre;Correo institucional;Grupo',
      'Ruiz;Soto;Ana;ana@example.org;A',
      'Peña;;Luis;luis@example.org;B',
    ),
    students: ['Ana Ruiz Soto', 'Luis Peña'],
    facts: [{ familyName: 'Ruiz Soto', givenName: 'Ana', email: 'ana@example.org', section: 'A' }],
  },
  {
    name: 'primer y segundo apellido',
    given: lines(
      'Primer apellido,Segundo apellido,Nombre(s),Matrícula',
      'Ruiz,Soto,Ana María,00123',
      'Peña,Gil,Luis,00124',
    ),
    students: ['Ana María Ruiz Soto', 'Luis Peña Gil'],
    facts: [{ externalId: '00123' }],
  },
  {
    name: 'French',
    given: lines(
      "Nom de l'élève;Prénom de l'élève;Classe;Adresse de courriel;Né(e) le",
      'Dubois;Maëlle;5e B;maelle@example.org;04/03/2013',
      'Petit;Loïc;5e C;loic@example.org;11/12/2012',
    ),
    students: ['Maëlle Dubois', 'Loïc Petit'],
    facts: [{ section: '5e B', email: 'maelle@example.org' }],
  },
  {
    name: 'German',
    given: lines(
      'Schüler-Nr.;Familienname des Schülers;Rufname;Vorname(n);Klasse;E-Mail (Schule)',
      '0011;Groß;Anni;Anna Maria;7b;anna@example.org',
      '0012;Müller;;Jürgen;7b;juergen@example.org',
    ),
    students: ['Anni Groß', 'Jürgen Müller'],
    facts: [{ givenName: 'Anna Maria', externalId: '0011', section: '7b' }],
  },
  {
    name: 'Portuguese',
    given: lines(
      'Nº de matrícula;Nome;Sobrenome;Turma;Correio eletrónico',
      '0011;Inês;Araújo;7A;ines@example.org',
      '0012;João;Conceição;7B;joao@example.org',
    ),
    students: ['Inês Araújo', 'João Conceição'],
    facts: [{ externalId: '0011', section: '7A', email: 'ines@example.org' }],
  },
  {
    name: 'Italian',
    given: lines(
      'Cognome,Nome,Classe,Matricola,Posta elettronica',
      'Rossi,Giulia,2B,0011,giulia@example.org',
      'De Luca,Marco,2B,0012,marco@example.org',
    ),
    students: ['Giulia Rossi', 'Marco De Luca'],
    facts: [{ section: '2B', externalId: '0011', email: 'giulia@example.org' }],
  },
  {
    name: 'Dutch with particles in a column of their own',
    given: lines(
      'Leerlingnummer;Roepnaam;Tussenvoegsel;Achternaam;Klas;E-mailadres',
      '0011;Sanne;van der;Meer;2B;sanne@example.org',
      '0012;Bram;;Visser;2B;bram@example.org',
    ),
    students: ['Sanne van der Meer', 'Bram Visser'],
    facts: [{ familyName: 'van der Meer', externalId: '0011', section: '2B' }],
  },
  {
    name: 'Italian whole names',
    given: lines('Alunno,Sezione', 'Rossi Giulia,A', 'De Luca Marco,B'),
    students: ['Rossi Giulia', 'De Luca Marco'],
    facts: [{ section: 'A' }],
  },
  {
    name: 'two rows of headings',
    given: lines(
      'Student,,,Marks,',
      'First name,Last name,ID,Quiz 1,Quiz 2',
      'Amira,Haddad,0071,7,8',
      'Bram,Visser,0072,5,9',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ externalId: '0071', attributes: { 'Quiz 1': 7, 'Quiz 2': 8 } }],
  },
  {
    name: 'two rows of headings, the names in the first',
    given: lines(
      'Name,Section,Quiz 1,Quiz 2',
      ',,(out of 10),(out of 10)',
      'Amira Haddad,A,7,8',
      'Bram Visser,B,5,9',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ section: 'A', attributes: { 'Quiz 1': 7, 'Quiz 2': 8 } }],
  },
  {
    name: 'headings that are dates',
    given: lines(
      'Name,2026-09-01,2026-09-08,2026-09-15',
      'Amira Haddad,P,A,P',
      'Bram Visser,P,P,L',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ attributes: { '2026-09-01': 'P', '2026-09-08': 'A', '2026-09-15': 'P' } }],
  },
  {
    name: 'headings that are dates only, over names without a heading',
    given: lines(
      ',01/09,08/09,15/09',
      'Amira Haddad,1,0,1',
      'Bram Visser,1,1,1',
      'Chipo Dube,0,1,1',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'two headings alike',
    given: lines('Name,Score,Score', 'Amira Haddad,7,8', 'Bram Visser,5,9'),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [{ attributes: { Score: 7, 'Score (2)': 8 } }],
  },
  ...[
    'Name',
    'Names',
    'Students',
    'Student name',
    'Nombre y apellidos',
    'Nom et prénom',
    'Schülerinnen und Schüler',
    'Nome completo',
    'Full Name:',
    'Pupils',
    'First and last name',
    'Naam leerling',
  ].map((heading): RosterCase => ({
    name: `the heading "${heading}" alone over pasted names`,
    given: lines(heading, 'Amira Haddad', 'Bram Visser', 'Chipo Dube'),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  })),
  {
    name: 'Role and Status in a table',
    given: lines(
      'Name,Role,Status',
      'Oda Lind,Teacher,Active',
      'Amira Haddad,Student,Active',
      'Bram Visser,Student,Active',
      'Chipo Dube,Student,Inactive',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Oda Lind'],
    leftOut: ['Oda Lind', 'Chipo Dube'],
  },
  {
    name: 'Role and Status between tabs, in German',
    given: lines(
      'Vorname\tNachname\tRolle\tStatus\tGruppe',
      'Oda\tLind\tLehrerin\taktiv\t',
      'Amira\tHaddad\tSchülerin\taktiv\tA',
      'Bram\tVisser\tSchüler\taktiv\tB',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    staff: ['Oda Lind'],
    facts: [{ section: 'A' }],
  },
  {
    name: 'a heading again on every page',
    given: lines(
      'Name,Role,Section',
      'Amira Haddad,Student,A',
      'Name,Role,Section',
      'Bram Visser,Student,B',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'a word for students over their numbers',
    given: lines(
      'Leerling;Roepnaam;Tussenvoegsel;Achternaam;Klas',
      '10231;Amira;;Haddad;2B',
      '10232;Bram;van der;Visser;2B',
      '10233;Chipo;;Dube;2B',
    ),
    students: ['Amira Haddad', 'Bram van der Visser', 'Chipo Dube'],
    facts: [
      { externalId: '10231', givenName: 'Amira', familyName: 'Haddad', section: '2B' },
      { externalId: '10232', familyName: 'van der Visser' },
    ],
  },
  {
    name: 'Arabic headings',
    given: lines('الاسم,الصف', 'أميرة حداد,7ب', 'يوسف الخطيب,7ب', 'ليلى منصور,7ب'),
    students: ['أميرة حداد', 'يوسف الخطيب', 'ليلى منصور'],
    facts: [{ section: '7ب' }],
  },
  {
    name: 'Chinese headings',
    given: lines('学号,姓名,性别', '20260101,王小明,男', '20260102,李娜,女', '20260103,欧阳修,男'),
    students: ['王小明', '李娜', '欧阳修'],
    facts: [{ externalId: '20260101' }],
    details: { 性别: 'category' },
  },
  {
    name: 'Japanese headings, the names twice in two scripts',
    given: lines(
      '出席番号\t氏名\tふりがな',
      '1\t佐藤 花子\tさとう はなこ',
      '2\t鈴木 一郎\tすずき いちろう',
      '3\t高橋 桜\tたかはし さくら',
    ),
    students: ['佐藤 花子', '鈴木 一郎', '高橋 桜'],
  },
  {
    name: 'Polish headings',
    given: lines('Lp.;Nazwisko;Imię;Klasa', '1;Wójcik;Zofia;5a', '2;Żak;Łukasz;5a'),
    students: ['Zofia Wójcik', 'Łukasz Żak'],
    facts: [{ section: '5a', familyName: 'Wójcik' }],
  },
  {
    name: 'headings in a language that is not known, over figures in a column',
    given: lines(
      'jina,darasa',
      'Asha Juma,7B',
      'Baraka Otieno,7B',
      'Neema Wanjiru,7C',
      'Juma Ali,7C',
    ),
    students: ['Asha Juma', 'Baraka Otieno', 'Neema Wanjiru', 'Juma Ali'],
    leftOut: ['jina'],
  },
  {
    name: 'the names of tests over a row with how many points they have',
    given: lines(
      ',,Test 1,Test 2',
      'Last,First,10,20',
      'Haddad,Amira,7,15',
      'Visser,Bram,9,18',
      'Dube,Chipo,8,12',
    ),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ attributes: { 'Test 1': 7, 'Test 2': 15 } }],
    details: { 'Test 1': 'number', 'Test 2': 'number' },
  },
];
