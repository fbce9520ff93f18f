import { arrangeNow } from '../core/arrange';
import { Insight } from './insight';
import { ladderOf, needsOf } from './needs';
import { requestFor } from './request';
import { detail, student, take, testBench } from './testBench';

const skills = { skillLadder: ['maps', 'gauges'], details: [detail('plots', 'skill')] };

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
  expect(needsOf(at('Ana', 1, 100, 40, 79), ladder)).toEqual(['skill gauges', 'plots']);
  expect(needsOf(at('Bo', 2, 80, 99), ladder)).toEqual([]);
  expect(needsOf(at('Caro', 3), ladder)).toEqual([]);
});

test('students of one need come together, each group says what it works on, and who is not served is named', () => {
  const students = [
    ...[at('Ana', 1, 10), at('Bo', 2, 20), at('Caro', 3, 90, 30), at('Dov', 4, 90, 40)],
    ...[at('Eli', 5, 90, 90, 10), at('Fay', 6, 90, 90, 90)],
  ];
  const of = testBench({
    students,
    theClass: skills,
    recipe: { sizing: { by: 'count', count: 2 }, needs: { focus: 1, importance: 'most' } },
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
    recipe: { sizing: { by: 'count', count: 1 }, needs: { focus: 2, importance: 'plain' } },
  });
  expect(requestFor(of, 1).request.goals).toEqual([]);
  const shown = take(['Ana Bo']);
  expect(Insight.of({ ...of, take: shown }, shown, [])?.needs()).toBeNull();
});

test('a ladder puts details that are skills in order, whatever their capitals; each stands on it once', () => {
  const details = [detail('plots', 'skill'), detail('Maps', 'skill'), detail('level', 'category')];
  const ids = (...skillLadder: string[]) => ladderOf({ skillLadder, details }).map(({ id }) => id);
  expect(ids()).toEqual(['plots', 'Maps']);
  expect(ids('maps', 'gauges')).toEqual(['Maps', 'skill gauges', 'plots']);
  expect(ids('plots', 'maps')).toEqual(['plots', 'Maps']);
});
