import type { ArrangeRequest, RequestRule } from '../format';
import { arrangeNow } from '../arrange';
import type { Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { ended, problemOf, valid } from './testSearch';
import { WholeGroups, type Divided } from './wholeGroups';

const id = (student: number): string => `s${student}`;

function divided(problem: Problem, looks = 1e6): Divided | null {
  return ended(new WholeGroups(problem, unitsOf(problem), rngFromSeed(1)).run(looks));
}

/** Eight students in three groups or nine, under rules drawn at random that may hold or not. */
function small(seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const n = 8 + (seed % 2);
  const some = (): string[] => [id(uniformInt(rng, n)), id(uniformInt(rng, n))];
  const rules: RequestRule[] = [];
  for (let i = 0; i < 6 + uniformInt(rng, 9); i++) {
    const students = some();
    if (new Set(students).size === 2) rules.push({ kind: 'apart', students });
  }
  const together = some();
  if (new Set(together).size === 2) rules.push({ kind: 'together', students: together });
  if (seed % 3 > 0) rules.push({ kind: 'pin', student: id(0), group: uniformInt(rng, 3) });
  if (seed % 4 === 0) rules.push({ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 });
  if (seed % 5 === 0) rules.push({ kind: 'notAlone', attribute: 'rows', value: 'yes' });
  if (seed % 7 === 0) rules.push({ kind: 'sameSection' });
  const word = (): string => (uniformInt(rng, 2) === 0 ? 'yes' : 'no');
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: id(i),
      section: i < 3 ? 'North' : 'South',
      attributes: { swims: word(), rows: word() },
    })),
    sizing:
      seed % 6 === 1 ? { by: 'size', size: 3, leftover: 'smaller' } : { by: 'count', count: 3 },
    rules,
  };
}

test('whole groups cover everybody just where trying every assignment finds one', () => {
  const seen = { valid: 0, impossible: 0 };
  for (let seed = 1; seed <= 60; seed++) {
    const problem = problemOf(small(seed));
    const units = unitsOf(problem);
    if (units.contradiction || !WholeGroups.suits(problem, units)) continue;
    const found = divided(problem);
    const isPossible = valid(problem).next().done !== true;
    expect(found?.outcome).toBe(isPossible ? 'valid' : 'impossible');
    if (!found) continue;
    seen[found.outcome]++;
    if (found.outcome === 'impossible') continue;
    expect(keepsEverything(problem, found.groupOfStudent)).toBe(true);
    expect(fillsTheSizes(problem, found.groupOfStudent)).toBe(true);
  }
  expect(Math.min(seen.valid, seen.impossible)).toBeGreaterThan(4);
});

test('too little work settles nothing', () => {
  expect(divided(problemOf(small(2)), 3)).toBeNull();
});

/** Blocks of two and three in groups of nine, a quarter of all pairs apart: next to nothing is left beside a hidden arrangement. */
function tight(seed: number): ArrangeRequest {
  const [groups, n] = [20, 180];
  const rng = rngFromSeed(seed);
  const rules: RequestRule[] = [];
  for (let group = 0; group < groups; group++) {
    for (const block of [
      [0, 1],
      [2, 3],
      [4, 5],
      [6, 7, 8],
    ]) {
      rules.push({ kind: 'together', students: block.map((place) => id(place * groups + group)) });
    }
  }
  for (let one = 0; one < n; one++) {
    for (let two = one + 1; two < n; two++) {
      if (one % groups === two % groups || uniformInt(rng, 4) > 0) continue;
      rules.push({ kind: 'apart', students: [id(one), id(two)] });
    }
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({ id: id(i) })),
    sizing: { by: 'count', count: groups },
    rules,
  };
}

test.each([1, 2, 3])(
  'blocks that hardly any group can be formed of are divided (seed %i)',
  (seed) => {
    const outcome = arrangeNow(tight(seed));
    expect(outcome.ok && outcome.result.feasible).toBe(true);
  },
);

test('a class of any number of units is covered, whether they fill words of bits or not', () => {
  for (let n = 2; n <= 128; n++) {
    const request = { ...small(1), rules: [], sizing: { by: 'count', count: n } as const };
    const students = Array.from({ length: n }, (_, i) => ({ id: id(i) }));
    const outcome = divided(problemOf({ ...request, students }))?.outcome;
    expect([n, outcome]).toEqual([n, 'valid']);
  }
});
