import { LineupId } from '../schema/ids';
import type { Recipe } from '../schema/recipe';
import type { Bench } from './bench';
import { WHOLE } from './openPart';
import { requestAbout, requestFor, requestStudent } from './request';
import { detail, idOf, idsOf, student, take, testBench } from './testBench';

const NAMES = 'Ana Bo Caro Dov Eli Fay'.split(' ');
const bench = (recipe: Partial<Recipe> = {}, known: Partial<Bench> = {}): Bench =>
  testBench({
    students: NAMES.map((name, i) => student(name, i)),
    recipe: { sizing: { by: 'count', count: 2 }, ...recipe },
    bench: { take: take(['Ana Bo', 'Caro Dov Eli Fay']), ...known },
  });
const kinds = (of: Bench, scope = WHOLE) =>
  requestFor(of, 1, scope).request.goals?.map(({ kind }) => kind);

describe('a shuffle that is to move few', () => {
  const few = { ...WHOLE, few: true };

  test('names where everybody is, the larger group first, and weighs every move', () => {
    const { request } = requestFor(bench(), 1, few);
    expect(request.current).toEqual([idsOf('Caro Dov Eli Fay'), idsOf('Ana Bo')]);
    expect(request.goals?.at(-1)).toMatchObject({ kind: 'steady' });
    expect(request.avoid).toBeUndefined();
  });

  test('leaves out rows that are kept', () => {
    const locked = take(['Ana Bo', 'Caro Dov', 'Eli Fay']);
    const groups = locked.groups.map((group, row) => ({ ...group, locked: row === 1 }));
    const of = bench({ sizing: { by: 'count', count: 3 } }, { take: { ...locked, groups } });
    expect(requestFor(of, 1, few).request.current).toEqual([idsOf('Ana Bo'), idsOf('Eli Fay')]);
    expect(requestFor(of, 1, few).request.sizing).toEqual({ by: 'count', count: 2 });
  });

  test('asks for nothing of the kind where there are no groups yet', () => {
    const { request } = requestFor(bench({}, { take: undefined }), 1, few);
    expect(request.current).toBeUndefined();
    expect(kinds(bench({}, { take: undefined }), few)).toEqual([]);
  });
});

describe('ranked groups', () => {
  const ranked = (topics: Recipe['topics'], ranks: Readonly<Record<string, number[]>>): Bench => {
    const of = bench({ topics });
    return { ...of, lineup: { ...of.lineup, ranks } };
  };
  const topicsIn = (of: Bench) =>
    requestFor(of, 1).request.students.flatMap(({ id, topics }) => (topics ? [[id, topics]] : []));

  test('go into the request by their rows, where the recipe asks for them and somebody ranked', () => {
    const ranks = { Ana: [1, 0], Bo: [9], Caro: [] };
    expect(topicsIn(ranked('plain', ranks))).toEqual([['Ana', [1, 0]]]);
    expect(kinds(ranked('plain', ranks))).toContain('topics');
    expect(topicsIn(ranked(null, ranks))).toEqual([]);
    expect(kinds(ranked(null, ranks))).not.toContain('topics');
    expect(kinds(ranked('plain', { Caro: [] }))).not.toContain('topics');
  });

  test('ask for nothing before there are groups, or by those who are away', () => {
    const of = ranked('plain', { Ana: [1] });
    expect(kinds({ ...of, take: undefined })).not.toContain('topics');
    const away = of.students.map((one) => ({ ...one, here: one.id !== idOf('Ana') }));
    expect(kinds({ ...of, students: away })).not.toContain('topics');
  });

  test('that are dealt alone are counted among the open rows', () => {
    const of = ranked('plain', { Ana: [0, 1] });
    const inIt = new Set(idsOf(NAMES.join(' ')));
    const [ana] = requestAbout(of, inIt, 1, { by: 'count', count: 1 }, [], [1]).students;
    expect(ana?.topics).toEqual([0]);
  });
});

describe('a pin', () => {
  const rulesOf = (of: Bench) => requestFor(of, 1).request.rules;
  const pinned = (recipe: Partial<Recipe>, groups: readonly string[], locked = -1): Bench => {
    const shown = take(groups);
    const of = bench(recipe, {
      take: {
        ...shown,
        groups: shown.groups.map((group, row) => ({ ...group, locked: row === locked })),
      },
    });
    return { ...of, lineup: { ...of.lineup, pinned: idsOf('Fay') } };
  };
  const three = ['Ana Bo', 'Caro Dov', 'Eli Fay'];

  test('holds whatever the number of groups, and in its place among those that are open', () => {
    expect(rulesOf(pinned({ sizing: { by: 'count', count: 3 } }, three))).toEqual([
      { kind: 'pin', student: 'Fay', group: 2 },
    ]);
    expect(rulesOf(pinned({ sizing: { by: 'count', count: 3 } }, three, 0))).toEqual([
      { kind: 'pin', student: 'Fay', group: 1 },
    ]);
  });

  test('of a row that will not be made any more, beside a locked one, falls away', () => {
    expect(rulesOf(pinned({ sizing: { by: 'count', count: 2 } }, three, 0))).toEqual([]);
  });

  test('of a row of its own size holds beside a locked one', () => {
    const sizing = { by: 'size', size: 2, leftover: 'spread' } as const;
    expect(rulesOf(pinned({ sizing }, three, 0))).toEqual([
      { kind: 'pin', student: 'Fay', group: 1 },
    ]);
  });
});

test('a level is known by its rank too, yes and no as words; what is no level has no rank', () => {
  const { theClass, mastery, lineup } = testBench({
    students: [],
    theClass: {
      details: [
        detail('level', 'level', ['new', 'old']),
        detail('kind', 'category', ['x']),
        detail('swims', 'yesNo'),
        detail('score', 'number'),
      ],
    },
  });
  const known = { theClass, mastery, lineup: { ...lineup, id: LineupId.parse('l_2') } };
  const facts = (details: Readonly<Record<string, string | number | boolean>>) =>
    requestStudent(student('Ana', 1, { details: { ...details } }), known, false).attributes;
  expect(facts({ level: 'new', swims: false, score: 4, kind: 'x' })).toEqual({
    ...{ level: 'new', 'rank of level': 0, swims: 'no', score: 4, kind: 'x' },
  });
  expect(facts({ level: 'old', swims: true })).toEqual({
    ...{ level: 'old', 'rank of level': 1, swims: 'yes' },
  });
  expect(facts({ level: 'beyond' })).toEqual({ level: 'beyond' });
});
