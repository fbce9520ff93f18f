import { newAdult, type AdultRecord } from '../../schema/adult';
import { AdultId, ClassId, PeriodId, ResultsId, StudentId } from '../../schema/ids';
import type { ResultsRecord } from '../../schema/results';
import { emptyClass, type Detail } from '../../schema/classRecord';
import { DetailId } from '../../schema/ids';
import { newStudent, type DetailValue } from '../../schema/student';
import { studentsOf } from '../queries';
import { storeWith } from '../testStore';
import { createClass, poolClasses } from './classes';
import {
  detailClashes,
  joinedAdults,
  joinedLevels,
  joinedResults,
  valueAs,
  type ReadAs,
} from './pooling';

/** A reader of plain figures, and of yes and no whatever their capitals. */
const readAs: ReadAs = (value, kind) => {
  const word = String(value).toLowerCase();
  if (kind === 'number') return /^[\d.]+$/.test(word) ? Number(word) : value;
  return kind === 'yesNo' && ['yes', 'no'].includes(word) ? word : value;
};

const times = (...names: string[]): PeriodId[] => names.map((name) => PeriodId.parse(name));
const adult = (name: string, known: Partial<AdultRecord> = {}): AdultRecord => ({
  ...newAdult(AdultId.parse(`a ${name}`), ClassId.parse('c'), 7, { name, email: '' }),
  ...known,
});

test('adults of one name are one, whatever their capitals: what either says holds, and nothing is lost', () => {
  const joined = joinedAdults([
    adult('Maren', { times: times('mon'), skills: ['maps'], never: [StudentId.parse('Ana')] }),
    adult('Teodor', { room: 'Lab' }),
    adult('MAREN', {
      ...{ times: times('mon', 'tue'), skills: ['flow'], atOnce: 3, room: 'Hall' },
      ...{ email: 'maren@example.org', never: [StudentId.parse('Bo')] },
    }),
  ]);
  expect(joined.map(({ name, order }) => [name, order])).toEqual([
    ['Maren', 1],
    ['Teodor', 2],
  ]);
  expect(joined[0]).toMatchObject({
    ...{ times: ['mon', 'tue'], skills: ['maps', 'flow'], never: ['Ana', 'Bo'] },
    ...{ atOnce: 3, room: 'Hall', email: 'maren@example.org' },
  });
});

test('whoever teaches everything in one class teaches everything in the pool', () => {
  const [one] = joinedAdults([adult('Maren', { skills: ['maps'] }), adult('Maren')]);
  expect(one?.skills).toEqual([]);
});

test('a test of one name, day and questions is one test; another day or other points are another', () => {
  const walk = (id: string, known: Partial<ResultsRecord> = {}): ResultsRecord => ({
    ...{ record: 'results', id: ResultsId.parse(id), classId: ClassId.parse('c') },
    ...{ name: 'First walk', on: '2026-10-01', createdAt: '2026-10-01T09:00:00.000Z' },
    items: [{ name: 'q1', skill: 'maps', whole: 2 }],
    answers: { [id]: [1] },
    ...known,
  });
  const joined = joinedResults([
    walk('one'),
    walk('two'),
    walk('later', { on: '2026-10-08' }),
    walk('more', { items: [{ name: 'q1', skill: 'maps', whole: 3 }] }),
  ]);
  expect(joined.map(({ answers }) => Object.keys(answers))).toEqual([
    ['one', 'two'],
    ['later'],
    ['more'],
  ]);
});

describe('a detail of one name that is of several kinds', () => {
  const known = (
    kind: Detail['kind'],
    values: readonly DetailValue[],
    levels: string[] = [],
    name = 'swims',
  ) => {
    const classId = ClassId.parse(`c ${kind}`);
    const detail = { id: DetailId.parse(`d ${kind}`), name, kind, levels };
    return {
      theClass: { ...emptyClass(classId, kind, '2026-10-01T09:00:00.000Z'), details: [detail] },
      students: values.map((value, at) => ({
        ...newStudent(StudentId.parse(`${kind} ${at}`), classId, at, { name: 'Ana', email: '' }),
        details: { [detail.id]: value },
      })),
    };
  };
  const joinings = (...pool: ReturnType<typeof known>[]) =>
    detailClashes(pool, readAs)[0]?.joinings;

  test('is no matter where the kinds are the same, or the names differ', () => {
    expect(detailClashes([known('number', [1]), known('number', [2])], readAs)).toEqual([]);
    expect(
      detailClashes([known('number', [1]), known('yesNo', [true], [], 'drives')], readAs),
    ).toEqual([]);
  });

  test('can be of any kind that loses no value, and is told of each class, whatever its capitals', () => {
    const clash = detailClashes(
      [known('category', ['Yes', 'no']), known('yesNo', [true, false], [], 'SWIMS')],
      readAs,
    );
    expect(clash).toEqual([
      {
        name: 'swims',
        kinds: [
          { className: 'category', kind: 'category' },
          { className: 'yesNo', kind: 'yesNo' },
        ],
        joinings: ['yesNo', 'category', 'apart'],
      },
    ]);
  });

  test.each([
    [
      [known('number', [1, 2]), known('category', ['3', '4.5'])],
      ['number', 'category', 'apart'],
    ],
    [
      [known('number', [1, 2]), known('category', ['3', 'a lot'])],
      ['category', 'apart'],
    ],
    [
      [known('level', ['new'], ['new', 'old']), known('category', ['OLD'])],
      ['level', 'category', 'apart'],
    ],
    [
      [known('level', ['new'], ['new', 'old']), known('number', [3])],
      ['category', 'apart'],
    ],
    [
      [known('yesNo', [true]), known('category', ['now and then'])],
      ['category', 'apart'],
    ],
    [
      [known('number', [1]), known('yesNo', [true])],
      ['category', 'apart'],
    ],
    [[known('skill', [1]), known('number', [2])], ['apart']],
  ])('never loses one (%#)', (pool, ways) => {
    expect(joinings(...pool)).toEqual(ways);
  });

  test('keeps what each value says', () => {
    const as = (kind: Detail['kind'], value: DetailValue, levels: string[] = []) =>
      valueAs(kind, levels, value, readAs);
    expect(as('number', '4.5')).toBe(4.5);
    expect(as('number', 'a lot')).toBeNull();
    expect(as('number', true)).toBeNull();
    expect(as('category', false)).toBe('no');
    expect(as('level', 'new', ['New'])).toBe('New');
    expect(as('yesNo', 'NO')).toBe('no');
    expect(as('yesNo', true)).toBe(true);
    expect(as('yesNo', 'maybe')).toBeNull();
  });

  test('of levels has the levels of all, in the order in which each has them', () => {
    const levels = (...words: string[]) => ({ levels: words });
    expect(joinedLevels([levels('low', 'high'), levels('Low', 'middle', 'high', 'top')])).toEqual([
      ...['low', 'middle', 'high', 'top'],
    ]);
    expect(joinedLevels([levels('b'), levels('a', 'b')])).toEqual(['a', 'b']);
  });
});

test('students of a pool stand in the order of their class lists, whatever order they were written in', () => {
  const store = storeWith([]);
  const classes = ['First', 'Second'].map((name) => createClass(store, name, 'Week 1'));
  const add = (classId: ClassId, name: string, order: number): void => {
    store.history.act('addStudents', ({ put }) =>
      put(newStudent(StudentId.parse(`s_${name}`), classId, order, { name, email: '' })),
    );
  };
  add(classes[0]!, 'Caro', 3);
  add(classes[0]!, 'Ana', 1);
  add(classes[1]!, 'Eli', 2);
  add(classes[0]!, 'Bo', 2);
  add(classes[1]!, 'Dov', 1);
  const pool = poolClasses(
    store,
    classes.map((classId) => ({ classId, sections: 'all' })),
    { name: 'Both', lineupName: 'First', homeClass: 'home class', homeTeacher: 'home teacher' },
    true,
  );
  const names = studentsOf(store.records, pool).map(({ name }) => name);
  expect(names).toEqual(['Ana', 'Bo', 'Caro', 'Dov', 'Eli']);
});
