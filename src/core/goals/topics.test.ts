import { arrangeNow } from '../arrange';
import type { ArrangeRequest, RequestRule } from '../format';
import type { Problem } from '../problem/problem';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { problemFromRequest } from '../reading/problemFromRequest';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { ranksGiven } from '../reference/costs';
import { leastRanks } from './ranksBound';

/** Ranks of a class in which the first groups are liked most. */
function ranking(students: number, groups: number, named: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  return {
    ...{ format: 'gruppetto.request', version: 1, seed, rules: [] },
    sizing: { by: 'count', count: groups },
    goals: [{ kind: 'topics', weight: 1 }],
    students: Array.from({ length: students }, (_, at) => ({
      id: `s${at}`,
      topics: Array.from({ length: groups }, (__, group) => group)
        .map((group) => ({ group, at: uniformInt(rng, 100) + 12 * group }))
        .sort((a, b) => a.at - b.at)
        .slice(0, named)
        .map(({ group }) => group),
    })),
  };
}

test('ranks are shared out exactly as long as no rule stands in the way', () => {
  for (const [students, groups, named] of [
    [28, 7, 3],
    [40, 10, 5],
    [26, 6, 2],
    [60, 12, 4],
    [120, 15, 5],
  ] as const) {
    for (let seed = 1; seed <= 4; seed++) {
      const outcome = arrangeNow(ranking(students, groups, named, seed));
      if (!outcome.ok) throw new Error(outcome.issue.code);
      const { topics } = outcome.result.measures;
      expect({ students, seed, ranks: topics?.ranks }).toEqual({
        ...{ students, seed },
        ranks: topics?.bestPossible,
      });
      expect(outcome.result.search.provenBest).toBe(true);
    }
  }
});

test('a student in a group of their ranks stands there by its number', () => {
  const request: ArrangeRequest = {
    ...ranking(4, 2, 1, 1),
    students: [0, 1, 1, 0].map((group, at) => ({ id: `s${at}`, topics: [group] })),
  };
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  expect(outcome.result.rounds[0]?.groups.map((group) => [...group].sort())).toEqual([
    ['s0', 's3'],
    ['s1', 's2'],
  ]);
  expect(outcome.result.measures.topics).toEqual({ ranks: 0, of: 4, bestPossible: 0 });
});

/** The least sum of ranks over every arrangement that keeps the rules, one after the other; Infinity where there is none. */
function leastOfAll(problem: Problem): number {
  const { studentCount, groupCount } = problem;
  const groups = new Int32Array(studentCount);
  let least = Infinity;
  for (let code = 0; code < groupCount ** studentCount; code++) {
    for (let [one, left] = [0, code]; one < studentCount; one++) {
      groups[one] = left % groupCount;
      left = Math.floor(left / groupCount);
    }
    if (!fillsTheSizes(problem, groups) || !keepsEverything(problem, groups)) continue;
    least = Math.min(least, ranksGiven(problem, groups));
  }
  return least;
}

/** Pairs apart that want the same groups, and for some a block, or a student whose group is fixed. */
function rulesAmong(students: number, seed: number): readonly RequestRule[] {
  const rng = rngFromSeed(seed * 31);
  const two = (): string[] => {
    const one = uniformInt(rng, students);
    return [`s${one}`, `s${(one + 1 + uniformInt(rng, students - 1)) % students}`];
  };
  return [
    ...Array.from({ length: 2 + (seed % 4) }, () => ({ kind: 'apart' as const, students: two() })),
    ...(seed % 3 === 1 ? [{ kind: 'together' as const, students: two() }] : []),
    ...(seed % 3 === 2 ? [{ kind: 'pin' as const, student: 's0', group: uniformInt(rng, 3) }] : []),
  ];
}

test('with pairs apart, blocks and fixed students the bound is the least there is, or hardly below it', () => {
  let [exact, some] = [0, 0];
  for (let seed = 1; seed <= 40; seed++) {
    const students = 6 + (seed % 2);
    const request = { ...ranking(students, 3, 2, seed), rules: rulesAmong(students, seed) };
    const read = problemFromRequest(request);
    if (!read.ok) throw new Error(read.issue.code);
    const least = leastOfAll(read.problem);
    if (least === Infinity) continue;
    const bound = leastRanks(read.problem);
    expect({ seed, above: bound > least }).toEqual({ seed, above: false });
    some++;
    if (bound === least) exact++;
  }
  expect(some).toBeGreaterThan(25);
  expect(exact / some).toBeGreaterThan(0.85);
});

test('a class whose friends of the same topic are kept apart is proven best', () => {
  const rng = rngFromSeed(7);
  for (const [students, groups] of [
    [24, 6],
    [60, 12],
  ] as const) {
    const rules: RequestRule[] = Array.from({ length: students / 3 }, () => {
      const one = uniformInt(rng, students - 1);
      return { kind: 'apart', students: [`s${one}`, `s${one + 1}`] };
    });
    const outcome = arrangeNow({ ...ranking(students, groups, 3, students), rules });
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const { topics } = outcome.result.measures;
    expect(topics?.ranks).toBe(topics?.bestPossible);
    expect(outcome.result.search.provenBest).toBe(true);
  }
});

test('a block has no seat in a group where only a part of it fits', () => {
  const request: ArrangeRequest = {
    ...ranking(4, 2, 2, 1),
    students: [0, 1, 2, 3].map((at) => ({ id: `s${at}`, topics: at < 3 ? [0, 1] : [] })),
    rules: [
      { kind: 'together', students: ['s0', 's1'] },
      { kind: 'pin', student: 's2', group: 0 },
    ],
  };
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  expect(leastRanks(read.problem)).toBe(2);
});
