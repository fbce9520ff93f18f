import { arrangeNow } from '../core/arrange';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { Bench } from './bench';
import { eveningPlan, placingPlan, rowsChanged } from './placing';
import { idOf, idsOf, rule, student, take, testBench } from './testBench';

/** Who changes rows when the engine places those aside, as "name>row"; null where it is not asked. */
function placed(bench: Bench, aside: string): readonly string[] | null {
  const plan = placingPlan(bench, idsOf(aside), 1);
  if (!plan || !bench.take) return null;
  const outcome = arrangeNow(plan.request);
  if (!outcome.ok || !outcome.result.feasible) throw new Error('expected a valid arrangement');
  return [...rowsChanged(bench.take, outcome.result, plan)].map(([id, to]) => `${id}>${to}`);
}
const people = (names: string) => names.split(' ').map((name, order) => student(name, order));

describe('those aside are placed by the engine', () => {
  test('in the smallest group, and nobody else moves', () => {
    const shown = take(['a b c', 'd e', 'f g h']);
    expect(
      placed(testBench({ students: people('a b c d e f g h x'), bench: { take: shown } }), 'x'),
    ).toEqual(['x>1']);
  });

  test('moving exactly one other where a rule leaves no other way', () => {
    const bench = testBench({
      students: people('a b c d x'),
      bench: { take: take(['a b', 'c d']), rules: [rule('apart', 'x a'), rule('apart', 'x c')] },
    });
    const moved = placed(bench, 'x') ?? [];
    expect(moved).toHaveLength(2);
    expect(moved.filter((move) => !move.startsWith('x'))).toEqual([
      expect.stringMatching(/^(a>1|c>0)$/),
    ]);
  });

  test('never out of a locked group, nor into it, and never a pinned student', () => {
    const shown = take(['a b', 'c d', 'e']);
    const locked = {
      ...shown,
      groups: shown.groups.map((g, row) => ({ ...g, locked: row === 2 })),
    };
    const bench = testBench({
      students: people('a b c d e x'),
      pinned: 'a',
      bench: { take: locked, rules: [rule('apart', 'x a'), rule('apart', 'x c')] },
    });
    expect([...(placed(bench, 'x') ?? [])].sort()).toEqual(['c>0', 'x>1']);
  });

  test('not at all where sizes made by hand would be evened out, or sections keep to themselves', () => {
    const students = people('a b c d e f x');
    const uneven = testBench({ students, bench: { take: take(['a b c d', 'e', 'f']) } });
    expect(placed(uneven, 'x')).toBeNull();
    const shown = take(['a b', 'c d', 'e f']);
    expect(
      placed(testBench({ students, recipe: { sections: 'kept' }, bench: { take: shown } }), 'x'),
    ).toBeNull();
  });

  test('with seats kept for one who is away or has left the list', () => {
    const students = people('a b c d x').map((one) =>
      one.id === idOf('b') ? { ...one, here: false } : one,
    );
    const bench = testBench({ students, bench: { take: take(['a b', 'c d gone', '']) } });
    expect(placed(bench, 'x')).toEqual(['x>2']);
  });

  test.each([1, 2, 3])('in a class of 60 with goals, by moving nobody else (seed %i)', (seed) => {
    const rng = rngFromSeed(seed);
    const names = Array.from({ length: 60 }, (_, i) => `s${i}`);
    const students = names.map((name, order) =>
      student(name, order, { sectionId: null, details: { level: uniformInt(rng, 9) } }),
    );
    const rows = Array.from({ length: 15 }, (_, row) =>
      names.filter((_name, i) => i % 15 === row && i < 56).join(' '),
    );
    const bench = testBench({
      students,
      recipe: { balance: [{ detail: 'level', how: 'mix', importance: 'most' }] },
      bench: { take: take(rows) },
    });
    const moved = placed(bench, names.slice(56).join(' ')) ?? [];
    expect(moved.map((move) => move.split('>')[0]).sort()).toEqual(names.slice(56).sort());
  });
});

describe('groups somebody has gone from are evened', () => {
  const moves = (bench: Bench): readonly string[] => {
    const plan = eveningPlan(bench, 1);
    if (!plan || !bench.take) throw new Error('expected a plan');
    const outcome = arrangeNow(plan.request);
    if (!outcome.ok || !outcome.result.feasible) throw new Error('expected a valid arrangement');
    return [...rowsChanged(bench.take, outcome.result, plan)].map(([id, to]) => `${id}>${to}`);
  };
  const gone = (names: string, away: string) =>
    people(names).map((one) => (away.includes(one.name) ? { ...one, here: false } : one));

  test('with one move where one is enough, and none where they are even as they are', () => {
    const shown = take(['a b c d', 'e f g h', 'i j k l']);
    const two = moves(
      testBench({ students: gone('a b c d e f g h i j k l', 'ab'), bench: { take: shown } }),
    );
    expect(two).toHaveLength(1);
    expect(two[0]).toMatch(/>0$/);
    const one = moves(
      testBench({ students: gone('a b c d e f g h i j k l', 'a'), bench: { take: shown } }),
    );
    expect(one).toEqual([]);
  });

  test('keeping quiet rules, pins and locked groups', () => {
    const shown = take(['a b c d', 'e f g h']);
    const bench = testBench({
      students: gone('a b c d e f g h', 'bcd'),
      pinned: 'e',
      bench: { take: shown, rules: [rule('apart', 'a f'), rule('apart', 'a g')] },
    });
    expect(moves(bench)).toEqual(['h>0']);
  });
});
