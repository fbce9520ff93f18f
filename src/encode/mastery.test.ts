import { arrangeNow } from '../core/arrange';
import type { MasteryRule } from '../schema/classRecord';
import type { ResultsRecord } from '../schema/results';
import { whoIsDealt } from './bench';
import { Insight } from './insight';
import {
  contradictionsIn,
  ladderOf,
  masteryIn,
  movedOnSince,
  placeOf,
  type Standing,
  RIGHT,
} from './mastery';
import { requestFor } from './request';
import { detail, student, take, testBench } from './testBench';

const skills = {
  skillLadder: ['maps', 'gauges'].map((name) => ({ name, text: '' })),
  details: [detail('plots', 'skill')],
};

/** A student by what they have mastered of maps, gauges and plots, of 100; left out where it is not known. */
const at = (name: string, order: number, maps?: number, gauges?: number, plots?: number) =>
  student(name, order, {
    mastery: {
      ...(maps === undefined ? {} : { maps }),
      ...(gauges === undefined ? {} : { gauges }),
    },
    ...(plots === undefined ? {} : { details: { plots } }),
  });

const bench = (of = testBench({ students: [], theClass: skills })) => of;

test('what is needed is what is known and not mastered, in the order of the ladder; details that are skills follow it', () => {
  const ladder = ladderOf(bench().theClass);
  expect(ladder.map(({ name }) => name)).toEqual(['maps', 'gauges', 'plots']);
  const { needs } = bench().mastery;
  expect(needs(at('Ana', 1, 100, 40, 79))).toEqual(['skill gauges', 'plots']);
  expect(needs(at('Bo', 2, 80, 99))).toEqual([]);
  expect(needs(at('Caro', 3))).toEqual([]);
});

test('students of one need come together, each group says what it works on, and who is not served is named', () => {
  const students = [
    ...[at('Ana', 1, 10), at('Bo', 2, 20), at('Caro', 3, 90, 30), at('Dov', 4, 90, 40)],
    ...[at('Eli', 5, 90, 90, 10), at('Fay', 6, 90, 90, 90)],
  ];
  const of = testBench({
    students,
    theClass: skills,
    recipe: {
      sizing: { by: 'count', count: 2 },
      needs: { focus: 1, importance: 'most', unknown: 'anywhere' },
    },
  });
  const outcome = arrangeNow(requestFor(of, 3).request);
  if (!outcome.ok) throw new Error('no result');
  // Of three needs two find a group of their own: Eli's alone is left.
  expect(outcome.result.measures.needs).toEqual({ cost: 0.2, bestPossible: 0.2 });
  const shown = take(['Ana Bo Eli', 'Caro Dov Fay']);
  const read = Insight.of({ ...of, take: shown }, shown, [])?.needs();
  expect(read).toEqual({
    ...{ met: 4, of: 5, most: 4 },
    skills: [
      {
        name: 'maps',
        students: [
          { id: 'Ana', row: 0 },
          { id: 'Bo', row: 0 },
        ],
        rows: [0],
      },
      {
        name: 'gauges',
        students: [
          { id: 'Caro', row: 1 },
          { id: 'Dov', row: 1 },
        ],
        rows: [1],
      },
      { name: 'plots', students: [{ id: 'Eli', row: 0 }], rows: [] },
    ],
    groups: [
      { focus: ['maps'], met: 2, of: 3, unserved: [{ id: 'Eli', need: 'plots' }] },
      { focus: ['gauges'], met: 2, of: 2, unserved: [] },
    ],
  });
});

test('a recipe that asks for needs asks for nothing where nobody has one', () => {
  const of = testBench({
    students: [at('Ana', 1), at('Bo', 2)],
    theClass: skills,
    recipe: {
      sizing: { by: 'count', count: 1 },
      needs: { focus: 2, importance: 'plain', unknown: 'anywhere' },
    },
  });
  expect(requestFor(of, 1).request.goals).toEqual([]);
  const shown = take(['Ana Bo']);
  expect(Insight.of({ ...of, take: shown }, shown, [])?.needs()).toBeNull();
});

test('a ladder puts details that are skills in order, whatever their capitals; each stands on it once', () => {
  const details = [detail('plots', 'skill'), detail('Maps', 'skill'), detail('level', 'category')];
  const ids = (...names: string[]) =>
    ladderOf({ skillLadder: names.map((name) => ({ name, text: '' })), details }).map(
      ({ id }) => id,
    );
  expect(ids()).toEqual(['plots', 'Maps']);
  expect(ids('maps', 'gauges')).toEqual(['Maps', 'skill gauges', 'plots']);
  expect(ids('plots', 'maps')).toEqual(['plots', 'Maps']);
});

describe('skills are judged by a rule', () => {
  const ana = at('Ana', 1);
  /** A test on a day in which Ana got these points for questions on maps, of 2 each; `-` for no answer. */
  const test1 = (on: string, points: string, skill = 'maps'): ResultsRecord => ({
    ...{ record: 'results', id: `rs ${on}` as never, classId: 'c_crew' as never, name: on, on },
    items: points.split(' ').map((_, at) => ({ name: `q${at}`, skill, whole: 2 })),
    answers: { Ana: points.split(' ').map((one) => (one === '-' ? null : Number(one))) },
    createdAt: '2026-10-15T09:00:00.000Z',
  });
  const ladder = { ...bench().theClass };
  const maps = (rule: MasteryRule, tests: readonly ResultsRecord[], of = ana): Standing =>
    masteryIn({ ...ladder, masteryRule: rule }, tests).of(of)[0] as Standing;
  const share = (percent: number, least: number): MasteryRule => ({ by: 'share', percent, least });

  test('so many per cent of the points of the newest test', () => {
    const tests = [test1('2026-09-01', '0 0 0 0'), test1('2026-10-01', '2 2 1 1')];
    expect(maps(share(75, 1), tests)).toEqual({ state: 'mastered', share: 75, answers: 4 });
    expect(maps(share(76, 1), tests).state).toBe('notYet');
    // The order in which tests were taken in says nothing.
    expect(maps(share(75, 1), [...tests].reverse()).state).toBe('mastered');
  });

  test('with too few answers the tests before are added, and with too few in all nothing is known', () => {
    const tests = [test1('2026-09-01', '0 0'), test1('2026-10-01', '2 - 2')];
    expect(maps(share(50, 3), tests)).toEqual({ state: 'mastered', share: 50, answers: 4 });
    expect(maps(share(50, 5), tests)).toEqual({ state: 'unknown', share: null, answers: 4 });
  });

  test('so many right of the last so many; fewer than that many answers say nothing', () => {
    const rule: MasteryRule = { by: 'last', right: 2, of: 3 };
    expect(maps(rule, [test1('2026-09-01', '2 2'), test1('2026-10-01', '2 0')]).state).toBe(
      'mastered',
    );
    expect(maps(rule, [test1('2026-09-01', '0 2'), test1('2026-10-01', '1 0')]).state).toBe(
      'notYet',
    );
    expect(maps(rule, [test1('2026-10-01', '2')]).state).toBe('unknown');
  });

  test('what the class list says counts until a test says otherwise', () => {
    const listed = at('Ana', 1, 90);
    expect(maps(share(80, 1), [], listed)).toEqual({ state: 'mastered', share: 90, answers: 1 });
    expect(maps(share(80, 1), [test1('2026-10-01', '0')], listed).state).toBe('notYet');
    expect(maps(share(80, 9), [test1('2026-10-01', '0')], listed).state).toBe('mastered');
  });

  test('what the class list says is measured by the share asked for, or, where answers are counted, by what is right', () => {
    const last: MasteryRule = { by: 'last', right: 2, of: 3 };
    expect(maps(share(60, 1), [], at('Ana', 1, 60)).state).toBe('mastered');
    expect(maps(share(60, 1), [], at('Ana', 1, 59)).state).toBe('notYet');
    expect(maps(last, [], at('Ana', 1, RIGHT)).state).toBe('mastered');
    expect(maps(last, [], at('Ana', 1, RIGHT - 1)).state).toBe('notYet');
  });

  test('sums of decimals that are just enough are enough', () => {
    const tenths = {
      ...test1('2026-10-01', '0 0 0'),
      items: [1, 1, 1].map((whole, at) => ({ name: `q${at}`, skill: 'maps', whole })),
      answers: { Ana: [0.1, 0.1, 0.7] },
    };
    expect(maps(share(30, 1), [tenths]).state).toBe('mastered');
  });

  test('whoever masters a later skill and not an earlier one is told, and stands at the earlier one', () => {
    const { of } = masteryIn(ladder, []);
    const standings = of(at('Bo', 2, 20, 90, 90));
    expect(contradictionsIn(standings)).toEqual([{ gap: 0, beyond: 1 }]);
    expect(placeOf(standings)).toBe(0);
    expect(contradictionsIn(of(at('Caro', 3, 90, 20)))).toEqual([]);
    expect(placeOf(of(at('Dov', 4, 90, 90, 90)))).toBe(3);
    expect(placeOf(of(at('Eli', 5)))).toBeNull();
  });

  test('a later test tells who has moved on, and who has lost a skill; who was not known before has not moved', () => {
    const first = { ...test1('2026-09-01', '0'), answers: { Ana: [0], Bo: [2], Dov: [0] } };
    const second = {
      ...test1('2026-10-01', '2'),
      answers: { Ana: [2], Bo: [0], Caro: [2], Dov: [0] },
    };
    const crew = ['Ana', 'Bo', 'Caro', 'Dov'].map((name, order) => at(name, order));
    expect(
      movedOnSince(masteryIn(ladder, [first, second]), ladder, [first, second], crew, '2026-10-01'),
    ).toEqual([
      { id: 'Ana', from: 0, to: 3, won: [0], lost: [] },
      { id: 'Bo', from: 3, to: 0, won: [], lost: [0] },
    ]);
  });
});

test('regrouping after new results serves as many as can be served, and moves nobody who need not', () => {
  // Two groups on maps and gauges; since then Bo has moved on to what the other group works on, and nobody else has.
  const students = [
    ...[at('Ana', 1, 10), at('Bo', 2, 90, 10), at('Caro', 3, 10), at('Dov', 4, 10)],
    ...[at('Eli', 5, 90, 10), at('Fay', 6, 90, 10), at('Gus', 7, 90, 10), at('Hana', 8, 90, 90)],
  ];
  const of = testBench({
    students,
    theClass: skills,
    recipe: {
      sizing: { by: 'count', count: 2 },
      needs: { focus: 1, importance: 'most', unknown: 'anywhere' },
    },
    bench: { take: take(['Ana Bo Caro Dov', 'Eli Fay Gus Hana']) },
  });
  const outcome = arrangeNow(requestFor(of, 5, { rows: null, pins: true, few: true }).request);
  if (!outcome.ok) throw new Error('no result');
  expect(outcome.result.measures.needs?.cost).toBe(0);
  const groups = outcome.result.rounds[0]!.groups.map((ids) => [...ids].sort().join(' '));
  expect([...groups].sort()).toEqual(['Ana Caro Dov Hana', 'Bo Eli Fay Gus']);
});

describe('students of whom nothing is known', () => {
  const students = [at('Ana', 1, 10), at('Bo', 2, 20), at('Caro', 3), at('Dov', 4)];
  const asked = (unknown: 'anywhere' | 'together' | 'out') =>
    testBench({
      students,
      theClass: skills,
      recipe: {
        sizing: { by: 'size', size: 2, leftover: 'spread' },
        needs: { focus: 1, importance: 'most', unknown },
      },
    });

  test('are left out where that is asked, and their seats with them', () => {
    expect(whoIsDealt(asked('out')).map(({ name }) => name)).toEqual(['Ana', 'Bo']);
    expect(whoIsDealt(asked('anywhere'))).toHaveLength(4);
  });

  test('come together where that is asked', () => {
    const outcome = arrangeNow(requestFor(asked('together'), 7).request);
    if (!outcome.ok) throw new Error('no result');
    const groups = outcome.result.rounds[0]!.groups.map((ids) => [...ids].sort().join(' '));
    expect([...groups].sort()).toEqual(['Ana Bo', 'Caro Dov']);
  });
});
