import type { MembersRule } from '../format';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { Colouring } from './colouring';
import { cross, haveSameGroups } from './crossing';
import { mix } from './mixing';
import { Repair } from './repair';
import { Deal } from './shuffleTrial';
import { decide } from './decide';
import { assignments } from './testSearch';

function problem(n: number, groups: number, rules: readonly MembersRule[]): Problem {
  const read = problemFromRequest({
    format: 'gruppetto.request',
    version: 1,
    seed: 1,
    students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'count', count: groups },
    rules,
  });
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

const rule = (kind: MembersRule['kind'], ...at: number[]): MembersRule => ({
  kind,
  students: at.map((i) => `s${i}`),
});

/** Pairs broken, counted from the rules alone. */
function brokenPairs(of: Problem, groupOfStudent: Int32Array): number {
  let broken = 0;
  for (const rule of of.rules) {
    if (!('members' in rule)) continue;
    const { kind, members } = rule;
    members.forEach((one, i) => {
      for (const two of members.slice(i + 1)) {
        const same = groupOfStudent[one] === groupOfStudent[two];
        if (same !== (kind === 'together')) broken++;
      }
    });
  }
  return broken;
}

test('the walk between arrangements stays valid and reaches every one about equally often', () => {
  const of = problem(8, 3, [rule('together', 0, 1), rule('apart', 0, 2), rule('apart', 3, 4, 5)]);
  // Groups of 3, 3 and 2: the block of two and the uneven sizes are what could go wrong.
  const valid = [...assignments(8, 3)].filter((groups) => keepsEverything(of, groups));
  const counts = new Map(valid.map((groups) => [groups.join(), 0]));
  const [units, rng] = [unitsOf(of), rngFromSeed(3)];
  const draws = 100 * valid.length;
  const groups = valid[0]!.slice();
  for (let draw = 0; draw < draws; draw++) {
    mix(of, units, groups, 60, rng);
    expect(counts.has(groups.join())).toBe(true);
    counts.set(groups.join(), counts.get(groups.join())! + 1);
  }
  const chi = [...counts.values()].reduce((sum, count) => sum + (count - 100) ** 2 / 100, 0);
  // k - 1 degrees of freedom: mean k - 1, and four standard deviations above it.
  const freedom = valid.length - 1;
  expect(chi).toBeLessThan(freedom + 4 * Math.sqrt(2 * freedom));
});

test('the penalty that the repair keeps equals the broken pairs counted from scratch', () => {
  for (let seed = 0; seed < 60; seed++) {
    const rng = rngFromSeed(seed);
    const n = 6 + uniformInt(rng, 14);
    const rules = Array.from({ length: 3 * n }, () => {
      const first = uniformInt(rng, n);
      const second = (first + 1 + uniformInt(rng, n - 1)) % n;
      return rule(uniformInt(rng, 3) === 0 ? 'together' : 'apart', first, second);
    });
    const of = problem(n, 3, rules);
    const repair = new Repair(of, rng);
    for (let step = 0; step < 20; step++) {
      repair.run(n);
      expect({ seed, penalty: repair.incumbentPenalty }).toEqual({
        seed,
        penalty: brokenPairs(of, repair.incumbent),
      });
      expect(fillsTheSizes(of, repair.incumbent)).toBe(true);
    }
  }
});

test('the search for apart rules alone counts the pairs broken as they are, and keeps the sizes', () => {
  for (let seed = 0; seed < 40; seed++) {
    const rng = rngFromSeed(seed);
    const n = 6 + uniformInt(rng, 20);
    const rules = [...new Set(Array.from({ length: 4 * n }, () => uniformInt(rng, n * n)))]
      .map((code) => [code % n, Math.floor(code / n)] as const)
      .filter(([one, two]) => one < two)
      .map((pair) => rule('apart', ...pair));
    const of = problem(n, 3, rules);
    expect(Colouring.suits(of)).toBe(true);
    const search = new Colouring(of, unitsOf(of), rng);
    for (let step = 0; step < 20; step++) {
      search.run(n);
      expect({ seed, penalty: search.incumbentPenalty }).toEqual({
        seed,
        penalty: brokenPairs(of, search.incumbent),
      });
      expect(fillsTheSizes(of, search.incumbent)).toBe(true);
    }
  }
});

test.each([
  [60, 6, 0.4],
  [80, 8, 0.5],
])(
  '%i students of whom a hidden arrangement in %i groups keeps pairs apart at density %d are parted',
  (n, groups, density) => {
    const rng = rngFromSeed(5);
    const rules: MembersRule[] = [];
    for (let one = 0; one < n; one++) {
      for (let two = one + 1; two < n; two++) {
        if (one % groups === two % groups) continue;
        if (uniformInt(rng, 100) < density * 100) rules.push(rule('apart', one, two));
      }
    }
    const of = problem(n, groups, rules);
    const search = new Colouring(of, unitsOf(of), rng);
    search.run(20_000_000);
    expect(brokenPairs(of, search.incumbent)).toBe(0);
  },
);

test('a crossing of two arrangements takes whole groups of either in turn, those with few pairs to be apart first', () => {
  for (let seed = 0; seed < 60; seed++) {
    const rng = rngFromSeed(seed);
    const n = 5 + uniformInt(rng, 30);
    const groups = 2 + uniformInt(rng, 4);
    const codes = new Set(Array.from({ length: n }, () => uniformInt(rng, n * n)));
    const rules = [...codes]
      .map((code) => [code % n, Math.floor(code / n)] as const)
      .filter(([first, second]) => first < second)
      .map((pair) => rule('apart', ...pair));
    const of = problem(n, groups, rules);
    const units = unitsOf(of);
    const deal = new Deal(of);
    const dealt = (): Int32Array => {
      deal.draw(rng);
      return deal.groupOfStudent.slice();
    };
    const membersOf = (arrangement: Int32Array, group: number): readonly number[] =>
      [...arrangement.keys()].filter((student) => arrangement[student] === group);
    const [one, two] = [dealt(), dealt()];
    const anywhere = (): number => 0;
    // Of one arrangement alone nothing changes: its groups keep their places.
    expect(cross(one, one, units, groups, anywhere, rng)).toEqual(one);
    const child = cross(one, two, units, groups, anywhere, rng);
    const worth = [...of.sizeOfGroup.keys()].map((group) => {
      const alone = one.map((at, student) => (at === group ? -1 : student));
      return membersOf(one, group).length - brokenPairs(of, alone);
    });
    const best = [...worth.keys()].filter((group) => worth[group] === Math.max(...worth));
    const whole = best.some((group) => membersOf(one, group).every((s) => child[s] === group));
    expect({ seed, whole }).toEqual({ seed, whole: true });
    // Each of its groups is part of one of a parent, in turn the first and the second.
    const from = [...of.sizeOfGroup.keys()].map((group) => {
      const members = membersOf(child, group);
      const within = (parent: Int32Array): boolean =>
        new Set(members.map((student) => parent[student])).size <= 1;
      return [within(one), within(two)] as const;
    });
    expect(from.every(([first, second]) => first || second)).toBe(true);
    expect(from.filter(([first]) => first).length).toBeGreaterThanOrEqual(Math.ceil(groups / 2));
    expect(from.filter(([, second]) => second).length).toBeGreaterThanOrEqual(
      Math.floor(groups / 2),
    );
    // Who fits nowhere is left over.
    const nowhere = cross(one, two, units, groups, () => Infinity, rng);
    expect(nowhere.every((group) => group === -1)).toBe(true);
  }
});

test('groups are the same whatever their numbers, and not once two students have changed places', () => {
  const one = Int32Array.from([0, 0, 1, 1, 2]);
  expect(haveSameGroups(one, Int32Array.from([2, 2, 0, 0, 1]), 3)).toBe(true);
  expect(haveSameGroups(one, Int32Array.from([2, 0, 2, 0, 1]), 3)).toBe(false);
});

test('the complete search decides small cases as trying every arrangement does', () => {
  for (let seed = 0; seed < 80; seed++) {
    const rng = rngFromSeed(seed);
    const rules = Array.from({ length: 4 + uniformInt(rng, 5) }, () => {
      const first = uniformInt(rng, 6);
      const second = (first + 1 + uniformInt(rng, 5)) % 6;
      return rule(uniformInt(rng, 3) === 0 ? 'together' : 'apart', first, second);
    });
    const of = problem(6, 3, rules);
    const possible = [...assignments(6, 3)].some((groups) => keepsEverything(of, groups));
    expect({ seed, is: decide(of, 10_000, rng).answer }).toEqual({
      seed,
      is: possible ? 'possible' : 'impossible',
    });
  }
});
