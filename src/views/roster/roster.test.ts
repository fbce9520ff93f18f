import { readRosterText } from '@/formats/roster/readRoster';
import type { Detail } from '@/schema/classRecord';
import { emptyClass } from '@/schema/classRecord';
import { ClassId, StudentId, DetailId } from '@/schema/ids';
import { newStudent, type StudentRecord } from '@/schema/student';
import { draftImport, planImport } from './importPlan';
import { listedNames } from './listedName';
import { spreadOf } from './spread';
import { classDoubts } from './classDoubts';

const classId = ClassId.parse('c_crew');
const theClass = emptyClass(classId, 'Crew', '2026-10-15T00:00:00.000Z');
const student = (name: string, more: Partial<StudentRecord> = {}): StudentRecord => ({
  ...newStudent(StudentId.parse(`s_${name}`), classId, 1, { name, email: '' }),
  ...more,
});
const crew = ['Amira', 'Bram', 'Chipo', 'Dov', 'Eero'].map((name) =>
  student(name, { email: `${name.toLowerCase()}@example.org` }),
);
const rosterOf = (names: readonly string[]) => {
  const rows = names.map((name) => `${name},${name.toLowerCase()}@example.org`);
  const read = readRosterText(['Name,E-mail', ...rows].join('\n'));
  if (!read.ok) throw new Error(read.error.code);
  return read.roster;
};
const plan = (names: readonly string[], students = crew, markGone: boolean | null = null) => {
  const draft = draftImport(rosterOf(names), students);
  return planImport(draft, theClass, () => null, markGone ?? draft.whole, '2026-10-16');
};

describe('a second list of the class', () => {
  test('marks who is missing as having left when it names nearly all of the class', () => {
    expect(plan(['Amira', 'Bram', 'Chipo', 'Dov']).gone).toEqual([crew[4]!.id]);
    expect(plan(['Amira', 'Bram', 'Chipo']).gone).toEqual([]);
    expect(plan(['Amira', 'Bram', 'Chipo'], crew, true).gone).toHaveLength(2);
  });

  test('that names little of the class tells who is not in it, and marks nobody unasked', () => {
    expect(plan(['Amira', 'Fay'])).toMatchObject({ gone: [], added: [{ name: 'Fay' }] });
    const { gone, stranger } = draftImport(rosterOf(['Amira', 'Fay']), crew);
    expect([gone.map(({ name }) => name), stranger]).toEqual([
      ['Bram', 'Chipo', 'Dov', 'Eero'],
      false,
    ]);
  });

  test('that names nobody of the class is asked about: another class may be meant', () => {
    const draft = draftImport(rosterOf(['Fay', 'Gil', 'Hana', 'Ines', 'Jun']), crew);
    expect([draft.stranger, draft.gone]).toEqual([true, []]);
    expect(draftImport(rosterOf(['Fay', 'Gil']), crew).stranger).toBe(false);
  });

  test('that says who is with whom has a lineup of them, of those known and of those who are new', () => {
    const draft = draftImport(rosterOf(['Amira', 'Fay', 'Bram', 'Gil']), crew);
    const listed = {
      name: 'Week 1',
      groups: [
        { name: 'Group 1', students: [0, 1] },
        { name: 'Group 2', students: [2, 3] },
      ],
    };
    const { lineup } = planImport(draft, theClass, () => null, false, '2026-10-16', listed);
    expect(lineup).toEqual({
      name: 'Week 1',
      groups: [
        { name: 'Group 1', known: [crew[0]!.id], added: [0] },
        { name: 'Group 2', known: [crew[1]!.id], added: [1] },
      ],
    });
  });

  test('has nobody in a lineup whom the teacher has not answered for', () => {
    const roster = rosterOf(['Amira']);
    const amira = { ...roster.students[0]!, email: null };
    const twice = { ...roster, students: [amira, { ...amira, row: 3 }] };
    const draft = draftImport(twice, []);
    const listed = { name: 'Week 1', groups: [{ name: 'A', students: [0, 1] }] };
    const of = (answer: 'another' | null) =>
      planImport(draft, theClass, () => answer, false, '2026-10-16', listed).lineup?.groups[0];
    expect(of(null)?.added).toEqual([0]);
    expect(of('another')?.added).toEqual([0, 1]);
  });

  test('asks about a name that nearly is one of the class, and keeps the longer of the two', () => {
    const roster = (name: string) => ({ ...rosterOf([name, 'Bram']), attributes: [] });
    const answered = (of: string, listed: string, answer: 'same' | 'another') => {
      const { students } = roster(listed);
      const named = {
        ...roster(listed),
        students: students.map((one) => ({ ...one, email: null })),
      };
      const [givenName = '', familyName = ''] = of.split(' ');
      const known = [student(of, { givenName, familyName }), student('Bram')];
      const draft = draftImport(named, known);
      const done = planImport(
        draft,
        theClass,
        (one) => (one.inClass?.name === 'Bram' ? 'same' : answer),
        true,
        '2026-10-16',
      );
      return [
        done.changes.map(({ changes }) => changes[0]?.to),
        done.added.length,
        done.gone.length,
      ];
    };
    expect(answered('Amira', 'Amira Haddad', 'same')).toEqual([['Amira Haddad'], 0, 0]);
    expect(answered('Amira Haddad', 'Amira H.', 'same')).toEqual([[], 0, 0]);
    expect(answered('Amira Haddad', 'Haddad Amira', 'same')).toEqual([[], 0, 0]);
    expect(answered('Jose Nunez', 'José Núñez', 'same')).toEqual([['José Núñez'], 0, 0]);
    expect(answered('Amira', 'Amira Haddad', 'another')).toEqual([[], 1, 1]);
  });

  test('takes a shorter name from a list that knows the student by address', () => {
    const known = [student('Amira Haddad', { email: 'amira@example.org' }), ...crew.slice(1)];
    const read = rosterOf(['Amira', 'Bram']);
    const { changes } = planImport(
      draftImport(read, known),
      theClass,
      () => null,
      false,
      '2026-10-16',
    );
    expect(changes.map(({ name, changes: [first] }) => [name, first?.to])).toEqual([
      ['Amira Haddad', 'Amira'],
    ]);
  });

  test('brings back who had left, and leaves alone who had left and is not named', () => {
    const left = crew.map((one, i) => (i > 2 ? { ...one, left: '2026-10-01' } : one));
    const back = plan(['Amira', 'Bram', 'Chipo', 'Dov'], left);
    expect(back.changes).toEqual([{ name: 'Dov', back: true, changes: [] }]);
    expect(back.updated.map(({ id }) => id)).toEqual([crew[3]!.id]);
    expect(back.gone).toEqual([]);
  });
});

test('namesakes of a list are told apart by section or address, and by a number only where these are the same', () => {
  const named = (rows: readonly string[]): readonly string[] => {
    const read = readRosterText(['Name,Section,E-mail', ...rows].join('\n'));
    if (!read.ok) throw new Error(read.error.code);
    return listedNames(read.roster.students);
  };
  expect(named(['Amira Haddad,North,', 'Bo Li,North,', 'Amira Haddad,South,'])).toEqual([
    ...['Amira Haddad', 'Bo Li', 'Amira Haddad'],
  ]);
  expect(named(['Ana Ruiz,,a@example.org', 'Ana Ruiz,,ana@example.org', 'Ana Ruiz,,'])).toEqual([
    ...['Ana Ruiz', 'Ana Ruiz', 'Ana Ruiz'],
  ]);
  expect(named(['Ana Ruiz,North,', 'Ana Ruiz,North,', 'Ana Ruiz,South,'])).toEqual([
    ...['Ana Ruiz', 'Ana Ruiz (2)', 'Ana Ruiz'],
  ]);
});

describe('doubts about a class', () => {
  test('name a slip, a double and a missing address, and are still once settled', () => {
    const doubtful = [
      ...crew,
      student('Fay', { email: 'fay@exmaple.org' }),
      student('Amira', { id: StudentId.parse('s_other'), email: 'other@example.org' }),
      student('Gus'),
    ];
    const { all, ofStudent } = classDoubts(doubtful);
    expect(all.map(({ warning, other }) => [warning.kind, other?.id ?? null])).toEqual([
      ['sameName', crew[0]!.id],
      ['otherDomain', null],
      ['missingAddress', null],
    ]);
    expect(ofStudent.get(crew[0]!.id)).toHaveLength(1);
    const settled = doubtful.map((one) => ({
      ...one,
      settled: all.filter((doubt) => doubt.student.id === one.id).map(({ key }) => key),
    }));
    expect(classDoubts(settled).all).toEqual([]);
    const changed = settled.map((one) =>
      one.name === 'Fay' ? { ...one, email: 'fay@example.orgg' } : one,
    );
    expect(classDoubts(changed).all.map(({ warning }) => warning.kind)).toEqual(['otherDomain']);
  });
});

describe('how a class is spread', () => {
  const detail = (kind: Detail['kind'], levels: string[] = []): Detail => ({
    id: DetailId.parse('d'),
    name: 'd',
    kind,
    levels,
  });
  const having = (values: (string | number | null)[]) =>
    values.map((value, i) => student(`s${i}`, { details: value === null ? {} : { d: value } }));

  test('numbers fall into round ranges that hold each of them once; missing ones are counted apart', () => {
    const numbers = [0, 3, 9, 10, 41, 55, 100];
    const { bars, missing, mean } = spreadOf(detail('number'), having([...numbers, null]));
    expect(bars.flatMap(({ values }) => values.map(Number))).toEqual(numbers);
    expect(bars.reduce((total, { count }) => total + count, 0)).toBe(numbers.length);
    expect([missing, mean]).toEqual([1, 218 / 7]);
    expect(bars[0]!.label).toBe('0–19');
  });

  test('levels stand in their order, many categories are gathered, and one value is one bar', () => {
    const levels = spreadOf(detail('level', ['new', 'some']), having(['some', 'new', 'some']));
    expect(levels.bars.map(({ label, count }) => [label, count])).toEqual([
      ['new', 1],
      ['some', 2],
    ]);
    const many = spreadOf(
      detail('category'),
      having(Array.from({ length: 12 }, (_, i) => `value ${i}`)),
    );
    expect(many.bars).toHaveLength(8);
    expect(many.bars.at(-1)).toMatchObject({ count: 5 });
    expect(spreadOf(detail('number'), having([7, 7])).bars).toMatchObject([{ count: 2 }]);
  });
});
