import {
  isAround,
  isBareClosing,
  isClosing,
  isDayWord,
  isGreeting,
  isGroupWord,
  isLeaderWord,
  isListTitle,
  isOver,
  isPageNumber,
  isPlace,
  isPointsLabel,
  isRemark,
  isRemarkLabel,
  isRule,
  isStaffHead,
  isTotal,
  kindOfLine,
  sectionHeading,
  signedBy,
} from './lineKinds';
import { everyOne, saidOf } from './testTable';

/** Lines, one a row, without the blanks that set them in. */
const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

const PEOPLE = lines(`
  Amira Haddad
  Ruiz Soto, Carmen
  7B Ruiz Soto, M.
  Class, M.
  Stand
  Page
  Sum
  Max
  Mina Page
  Total Recall Jones
  Ann Best
  Tom Thanks
  Grace Church
  Summer Kurs
  Bram Visser (exchange student until June)
  Ana
  de la Cruz Ana
  Bram Visser?
`);

describe('a figure for a whole list', () => {
  test('is told by its words, with or without what it counts', () => {
    const totals = lines(`
      Total
      Subtotal: 12
      N = 24
      n: 7
      Students: 24
      24 students
      24 students in total
      Number of students 24
      Number of the students
      Total number of pupils: 30
      Count 12
      Present 21
      Class average
      Overall mean 3.4
      Std dev
      Boys: 12, Girls: 14, Total: 26
      Enrolled: 22
      Capacity: 30
      Seats = 18 of 24
      Angemeldet: 20/24
      Total students enrolled
      Anzahl Schüler 25
      Gesamt: 25
      Promedio
      Klassenschnitt 2,3
      Total general
      Row count
      Total 12 13
    `);
    expect(saidOf((line) => isTotal(line), totals)).toEqual(everyOne(totals, true));
  });

  test('is none where the words may be a name, a heading or something else', () => {
    const others = [
      ...PEOPLE,
      ...lines(`
      Students
      Pupils
      Sum
      Mode
      Media
      24
      Enrolled: many
      Enrolled: 22222
      Total Recall 12 Jones
      Average Joe
      Group A: 3, Amira 4
      Boys: 12, Amira Haddad: 14
      `),
    ];
    expect(saidOf((line) => isTotal(line), others)).toEqual(everyOne(others, false));
  });

  test('may be meant by words that are names too, where nothing speaks for a person', () => {
    const either = ['Sum', 'Max', 'Min', 'Mode', 'Media', 'Suma', 'max 30', 'Class max'];
    expect(saidOf((line) => isTotal(line, false), either)).toEqual(everyOne(either, true));
    expect(isTotal('Max Weber', false)).toBe(false);
    expect(isTotal('Total', false)).toBe(true);
  });

  test('a row of the points that can be had is told by its label', () => {
    const points = lines(`
      Points possible
      Max points
      Maximum score
      Out of 20
      out of
      Weighting
      Puntos posibles
      Barème
      max. Punkte
    `);
    expect(saidOf(isPointsLabel, points)).toEqual(everyOne(points, true));
    const others = ['Max', 'Max Weber', 'Weight lifting', 'Out of town', 'Amira out of 20'];
    expect(saidOf(isPointsLabel, others)).toEqual(everyOne(others, false));
  });
});

describe('a line that says what the list is', () => {
  test('is a title', () => {
    const titles = lines(`
      Class list
      Attendance register
      Student names
      River survey 2026
      Klassenliste 8b
      Lista de alumnos 2A
      Liste des élèves
      Brook School
      River Club
      Minutes of the meeting
      Spring term roster
      Field trip sign up
      Survey 3
    `);
    expect(saidOf(isListTitle, titles)).toEqual(everyOne(titles, true));
  });

  test('is no title where it is one word, or somebody called by two', () => {
    const others = [...PEOPLE, 'Roster', 'School', 'Summer Kurs', 'Autumn Winter', 'Rose Winter'];
    expect(saidOf(isListTitle, others)).toEqual(everyOne(others, false));
  });

  test('stands over a list with what is behind its colon or dash', () => {
    const over = lines(`
      Class list: Thursday
      Attendance register – Mill
      Teacher: A. Okafor
      Page 2
      12 October 2026
      www.river.example
      Room: 12
    `);
    expect(saidOf(isOver, over)).toEqual(everyOne(over, true));
    const others = [
      ...PEOPLE,
      ...lines(`
      Student 1: Amira Haddad
      12 Class list
      Class list, Thursday
      Class list; Thursday
      Names on the class list
      Room
    `),
    ];
    expect(saidOf(isOver, others)).toEqual(everyOne(others, false));
  });

  test('beside it only what surely names nobody is set aside', () => {
    const around = lines(`
      -----
      Teacher: A. Okafor
      Total: 24
      Page 2 of 3
      Printed on Monday
      12/10/2026
      lunes, 12 de octubre de 2026
      2026-10-12
      12 Mill Lane, Oxbow
      Tel 020 555 0101
      https://river.example/list
      Note: bring boots
    `);
    expect(saidOf(isAround, around)).toEqual(everyOne(around, true));
    const others = [
      ...PEOPLE,
      ...lines(`
      Class: 7B
      Total
      3
      Note:
      Teacher: A. Okafor | Room 2
      First name: Amira
      www.river.example is where we put everything that has to do with it
      Note: bring boots, a coat, and lunch
      Team: Otters
    `),
    ];
    expect(saidOf(isAround, others)).toEqual(everyOne(others, false));
  });
});

describe('the name of a part that a line heads', () => {
  test.each([
    ['Class 7B', 'Class 7B'],
    ['7B', '7B'],
    ['7 B', '7 B'],
    ['Otters:', 'Otters'],
    ['Class 7B (24 students)', 'Class 7B'],
    ['--- Group 3 ---', 'Group 3'],
    ['[Table 4]', 'Table 4'],
    ['Gruppe A', 'Gruppe A'],
    ['Year 9 Class B', 'Year 9 Class B'],
    ['2º A', '2º A'],
    ['Boat IV', 'Boat IV'],
    ['Team Otter', 'Team Otter'],
    ['Red house', 'Red house'],
    ['Blue Team', 'Blue Team'],
    ['House: Otter', 'Otter'],
    ['Team name: Green Herons', 'Green Herons'],
    ['Waiting list', 'Waiting list'],
    ['Warteliste:', 'Warteliste'],
    ['Period 3 - Biology', 'Period 3 - Biology'],
    ['Period 3: Biology of rivers', 'Period 3: Biology of rivers'],
    ['Turno de mañana', 'Turno de mañana'],
    ['Class 7B (Mill)', 'Class 7B'],
    ['3rd period', '3rd period'],
  ])('%s', (line, name) => expect(sectionHeading(line)).toBe(name));

  test('is read from no line that is somebody, a remark or a word alone', () => {
    const others = [
      ...PEOPLE.filter((line) => line !== '7B Ruiz Soto, M.'),
      ...lines(`
      Class
      Note:
      Room:
      Rooms, halls:
      Somebody of the second boat here:
      a@b.example:
      White House
      Period 3 - Biology, chemistry
      Period 3 - one two three four five
      Amira:Haddad:
      –:
      Mr. Okafor:
    `),
    ];
    expect(saidOf(sectionHeading, others)).toEqual(everyOne(others, null));
  });

  test('words for groups by themselves', () => {
    const all = ['House', 'team', 'Gruppe', 'Équipe', 'huis '];
    expect(saidOf(isGroupWord, all)).toEqual(everyOne(all, true));
    const others = ['Houses', 'House 3', 'Otter', 'Greenhouse'];
    expect(saidOf(isGroupWord, others)).toEqual(everyOne(others, false));
  });
});

describe('a remark', () => {
  test('is told by how it begins, ends, or how long it is', () => {
    const remarks = lines(`
      Dear all,
      12 Mill Lane, Oxbow
      and so on
      Please bring boots
      Bitte bringt Stiefel mit
      (absent on Monday)
      [draft]
      -- end --
      Thanks!
      * = absent
      * late twice
      *has moved to 8B
      (*) = new
      ab) = absent before
      x = here
      A: on target; B: below target
      Note: boots
      Printed on 12 October
      12 October 2026
      Teachers
      Room 12b
      www.river.example
      Everybody meets at the mill.
      Who brings the boat?
      What you will need for this:
      The names of all who will be in the boats on the day of the survey
    `);
    expect(saidOf(isRemark, remarks)).toEqual(everyOne(remarks, true));
  });

  test('is nobody who is somebody, and no line of a few words', () => {
    const others = [
      ...PEOPLE,
      ...lines(`
      *Amira Haddad
      Why
      Haddad, Amira K.
      Amira Haddad.
      Who?
      A: Amira; B: Bram
      x=y
      Rooms 12
      Please Amira
      (Amira) Haddad
      Boat one:
      We meet at mill.
    `),
    ];
    expect(saidOf(isRemark, others)).toEqual(everyOne(others, false));
  });

  test('labels of remarks', () => {
    const labels = [
      'Note',
      'PS',
      'Hinweis',
      'Missing today',
      'fehlt',
      'Absent today',
      'Room',
      'URL',
    ];
    expect(saidOf(isRemarkLabel, labels)).toEqual(everyOne(labels, true));
    const others = ['Notes on', 'Amira', 'Absent', 'Otters'];
    expect(saidOf(isRemarkLabel, others)).toEqual(everyOne(others, false));
  });
});

describe('a letter', () => {
  test('begins with a greeting', () => {
    const all = ['Dear all,', 'Hi team!', 'Guten Morgen:', 'Liebe Eltern,', 'Hola a todos,'];
    expect(saidOf(isGreeting, all)).toEqual(everyOne(all, true));
    const others = ['Dear Amira', 'Hiro,', 'Bram, hi,', 'Hello'];
    expect(saidOf(isGreeting, others)).toEqual(everyOne(others, false));
  });

  test('ends with a closing, which alone is nobody where a greeting began', () => {
    const all = ['Kind regards', 'Thanks!', 'Viele Grüße,', 'Many thanks', 'Un saludo'];
    expect(saidOf(isClosing, all)).toEqual(everyOne(all, true));
    const names = ['Best', 'Thanks', 'Cheers'];
    expect(saidOf(isClosing, names)).toEqual(everyOne(names, false));
    expect(saidOf(isBareClosing, names)).toEqual(everyOne(names, true));
    const others = ['Ann Best', 'Best Ann', 'Thanksgiving', 'Regards to all'];
    expect(saidOf(isBareClosing, others)).toEqual(everyOne(others, false));
  });

  test('names who signs behind the closing', () => {
    expect(signedBy('Thanks, the office')).toBe('the office');
    expect(signedBy('Kind regards, Ann Best, River School')).toBe('Ann Best, River School');
    expect(signedBy('Thanks,')).toBeNull();
    expect(signedBy('Haddad, Amira')).toBeNull();
  });
});

describe('what stands around', () => {
  test('pages', () => {
    const all = lines(`
      Page 2
      page 2 of 3
      Seite 2 von 3
      p. 4
      2/5
      - 3 -
      3
      2 of 5
      Showing 1 to 25 of 31 entries
      Previous 1 2 Next
      Next 2
      Select all
      Rows per page: 25
      Load more
    `);
    expect(saidOf(isPageNumber, all)).toEqual(everyOne(all, true));
    const others = [
      'Page',
      'Page two',
      'Next',
      'Previous',
      '3a',
      '2/5/7',
      'Showing Amira',
      'Amira 3',
    ];
    expect(saidOf(isPageNumber, others)).toEqual(everyOne(others, false));
  });

  test('strokes, days and halves of days, things of a room, leaders, the staff', () => {
    expect(saidOf(isRule, ['---', '***', '. . .', '|'])).toEqual(
      everyOne(['---', '***', '. . .', '|'], true),
    );
    expect(saidOf(isRule, ['', '  ', '-a-', '- 3 -'])).toEqual(
      everyOne(['', '  ', '-a-', '- 3 -'], false),
    );
    const days = ['Monday', 'Mon', 'lundi', 'Mo', 'miércoles', 'dinsdag', 'am', 'AM pm', 'a.m.'];
    expect(saidOf(isDayWord, days)).toEqual(everyOne(days, true));
    expect(saidOf(isDayWord, ['Ammon', 'May', 'Amir', ''])).toEqual(
      everyOne(['Ammon', 'May', 'Amir', ''], false),
    );
    const things = ['Board', 'DOOR', 'empty seat', 'Fenster', 'Mesa del profesor'];
    expect(saidOf(isPlace, things)).toEqual(everyOne(things, true));
    expect(saidOf(isPlace, ['Doors', 'Amira', 'Board meeting'])).toEqual(
      everyOne(['Doors', 'Amira', 'Board meeting'], false),
    );
    const leaders = ['Leader', 'group leader', 'Team captain', 'Sprecherin', 'jefe'];
    expect(saidOf(isLeaderWord, leaders)).toEqual(everyOne(leaders, true));
    expect(saidOf(isLeaderWord, ['Leaders', 'boat leader', 'Jefferson'])).toEqual(
      everyOne(['Leaders', 'boat leader', 'Jefferson'], false),
    );
    const staff = ['Teachers', 'Teacher:', 'Lehrkräfte', 'docente', 'Insegnanti: '];
    expect(saidOf(isStaffHead, staff)).toEqual(everyOne(staff, true));
    expect(saidOf(isStaffHead, ['Teacher A', 'A: Teacher', 'Teaching'])).toEqual(
      everyOne(['Teacher A', 'A: Teacher', 'Teaching'], false),
    );
  });
});

describe('what a line by itself is', () => {
  test.each([
    ['=====', { kind: 'rule' }],
    ['Teacher: Ms Okafor', { kind: 'staff', role: 'Teacher', name: 'Ms Okafor' }],
    ['Form tutor – A. Best', { kind: 'staff', role: 'Form tutor', name: 'A. Best' }],
    [
      'Ann Best, teaching assistant',
      { kind: 'staff', role: 'teaching assistant', name: 'Ann Best' },
    ],
    ['Ann Best - Teacher', { kind: 'staff', role: 'Teacher', name: 'Ann Best' }],
    ['Mr Okafor – Biology 9', { kind: 'title' }],
    ['Brook School', { kind: 'title' }],
    ['Colegio del Río', { kind: 'title' }],
    ['Total: 24', { kind: 'total' }],
    ['Page 3', { kind: 'footer' }],
    ['Class 7B', { kind: 'section', name: 'Class 7B' }],
    ['Please bring boots', { kind: 'footer' }],
  ])('%s', (line, said) => expect(kindOfLine(line)).toEqual(said));

  test('is somebody, or may be', () => {
    const all = [
      ...PEOPLE,
      'Best, teacher',
      'Amira Haddad <amira@river.example>',
      'Total: amira@river.example',
      'Mr Okafor – Biology',
      'School, Ann',
      'School',
    ];
    expect(saidOf(kindOfLine, all)).toEqual(everyOne(all, null));
  });
});
