import type { MembersRule } from '../format';
import { problemFromRequest, type Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { mix } from './mixing';
import { Repair } from './repair';
import { decide } from './solve';

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
  const valid = everyAssignment(8, 3).filter((groups) => keepsEverything(of, groups));
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

test('the complete search decides small cases as trying every arrangement does', () => {
  for (let seed = 0; seed < 80; seed++) {
    const rng = rngFromSeed(seed);
    const rules = Array.from({ length: 4 + uniformInt(rng, 5) }, () => {
      const first = uniformInt(rng, 6);
      const second = (first + 1 + uniformInt(rng, 5)) % 6;
      return rule(uniformInt(rng, 3) === 0 ? 'together' : 'apart', first, second);
    });
    const of = problem(6, 3, rules);
    const possible = everyAssignment(6, 3).some((groups) => keepsEverything(of, groups));
    expect({ seed, is: decide(of, 10_000, rng) }).toEqual({
      seed,
      is: possible ? 'possible' : 'impossible',
    });
  }
});

function everyAssignment(n: number, groups: number): Int32Array[] {
  return Array.from({ length: groups ** n }, (_, code) =>
    Int32Array.from({ length: n }, (_unused, i) => Math.floor(code / groups ** i) % groups),
  );
}
