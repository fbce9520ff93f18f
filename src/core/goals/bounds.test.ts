import { arrangeNow } from '../arrange';
import type { ArrangeRequest, ArrangeResult, RequestGoal, RequestRule } from '../format';
import type { Problem } from '../problem/problem';
import { Arrangement } from '../terms/arrangement';
import { prepareGoals } from './list';
import { problemFromRequest } from '../reading/problemFromRequest';
import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import {
  alikeCost,
  movesFromCurrent,
  pairsShort,
  ranksGiven,
  repeatPairs,
  spreadCost,
  unmetWishes,
  unservedPart,
} from '../reference/costs';
import { EVERY_GOAL } from './testGoals';

const LEVELS = ['new', 'some', 'seasoned'];

/** A small class with one goal, where every arrangement can be tried; some values are missing in every other one. */
function classOf(
  goal: RequestGoal,
  seed: number,
  rules: readonly RequestRule[] = [],
): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const n = 6 + (seed % 3);
  const ids = Array.from({ length: n }, (_, i) => `s${i}`);
  const missing = (): boolean => seed % 2 === 0 && uniformInt(rng, 5) === 0;
  const id = (): string => ids[uniformInt(rng, n)]!;
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: ids.map((one) => ({
      id: one,
      attributes: {
        ...(missing() ? {} : { score: uniformInt(rng, 21) / (seed % 5 === 0 ? 4 : 1) }),
        ...(missing() ? {} : { level: LEVELS[uniformInt(rng, 3)]! }),
      },
      wishes: [id(), id()].slice(uniformInt(rng, 3)).filter((other) => other !== one),
      needs: needsOf(goal, rng),
      ...(goal.kind === 'topics' && { topics: ranksFor(rng) }),
    })),
    sizing:
      seed % 4 === 3 ? { by: 'size', size: 3, leftover: 'smaller' } : { by: 'count', count: 3 },
    rules,
    goals: [goal],
    history: [{ groups: [ids.slice(0, 3), ids.slice(3, 6)] }, { groups: [[id(), id(), id()]] }].map(
      ({ groups }) => ({ groups: groups.map((group) => [...new Set(group)]) }),
    ),
    current: [ids.slice(0, 4), ids.slice(4, 5)],
    ...(goal.kind === 'avoid' && {
      avoid: {
        share: [0.3, 0.7, 1][seed % 3]!,
        results: [
          { groups: [ids.slice(0, 3), ids.slice(3)] },
          { groups: [[...new Set([id(), id(), id()])]] },
        ].slice(0, 1 + (seed % 2)),
      },
    }),
  };
}

/** Nothing, or one skill of the ladder and all after it. */
function needsOf(goal: RequestGoal, rng: Rng): readonly string[] {
  return goal.kind === 'needs' ? goal.ladder.slice(uniformInt(rng, goal.ladder.length + 1)) : [];
}

/** None to three groups in an order. */
function ranksFor(rng: Rng): readonly number[] {
  const order = [0, 1, 2].map((group) => ({ group, at: uniformInt(rng, 100) }));
  order.sort((a, b) => a.at - b.at);
  return order.slice(0, uniformInt(rng, 4)).map(({ group }) => group);
}

/** What one arrangement costs, in the measure the result tells. */
function costOf(problem: Problem, groups: Int32Array): number {
  const goal = problem.goals[0]!;
  switch (goal.kind) {
    case 'spread':
      return spreadCost(problem, goal.attribute, groups);
    case 'alike':
      return alikeCost(problem, goal.attribute, groups);
    case 'freshPartners':
      return repeatPairs(problem, [groups]);
    case 'wishes':
      return unmetWishes(problem, groups);
    case 'steady':
      return movesFromCurrent(problem, groups);
    case 'avoid':
      return pairsShort(problem, groups);
    case 'needs':
      return unservedPart(problem, goal, groups);
    case 'topics':
      return ranksGiven(problem, groups);
  }
}

function told({ measures }: ArrangeResult): readonly [cost: number, bestPossible: number] {
  const { repeats, wishes, steady, spread, alike, avoid, needs, topics } = measures;
  if (topics) return [topics.ranks, topics.bestPossible];
  if (needs) return [needs.cost, needs.bestPossible];
  if (avoid) return [avoid.short, avoid.bestPossible];
  if (repeats) return [repeats.pairs, repeats.bestPossible];
  if (wishes) return [wishes.unmet, wishes.bestPossible];
  if (steady) return [steady.moves, steady.bestPossible];
  const [measure] = Object.values(spread ?? alike ?? {});
  return [measure!.cost, measure!.bestPossible];
}

/** A block of two or three, and for every other seed a pair apart. */
function blockAndPair(seed: number): readonly RequestRule[] {
  const rng = rngFromSeed(seed * 17);
  const ids = [0, 1, 2, 3, 4, 5].map((i) => `s${i}`);
  const drawn = (count: number): string[] =>
    Array.from({ length: count }, () => ids.splice(uniformInt(rng, ids.length), 1)[0]!);
  const block: RequestRule = { kind: 'together', students: drawn(seed % 3 === 2 ? 3 : 2) };
  return seed % 4 > 1 ? [block, { kind: 'apart', students: drawn(2) }] : [block];
}

/**
 * The least cost of all arrangements in these sizes that keep the rules, and the least value of the goal's term, Infinity
 * where there is none; which of two alike groups is the larger is free.
 */
function leastOfAll(problem: Problem): { readonly cost: number; readonly value: number } {
  const { studentCount: n, groupCount } = problem;
  const groups = new Int32Array(n);
  const [prepared] = prepareGoals(problem);
  const least = { cost: Infinity, value: Infinity };
  for (let code = 0; code < groupCount ** n; code++) {
    for (let i = 0, rest = code; i < n; i++, rest = Math.floor(rest / groupCount)) {
      groups[i] = rest % groupCount;
    }
    if (!fillsTheSizes(problem, groups) || !keepsEverything(problem, groups)) continue;
    least.cost = Math.min(least.cost, costOf(problem, groups));
    if (!prepared) continue;
    prepared.term.reset(new Arrangement(problem, groups));
    least.value = Math.min(least.value, prepared.term.value);
  }
  return least;
}

const named = EVERY_GOAL.map(
  (goal) =>
    [
      [
        goal.kind,
        'attribute' in goal ? goal.attribute : '',
        'focus' in goal ? `by ${goal.focus}` : '',
      ]
        .join(' ')
        .trim(),
      goal,
    ] as const,
);

test('three groups of four after three groups of four repeat three pairs at the least, and no more', () => {
  const ids = Array.from({ length: 12 }, (_, i) => `s${i}`);
  const outcome = arrangeNow({
    ...classOf({ kind: 'freshPartners', weight: 1 }, 1),
    students: ids.map((id) => ({ id })),
    history: [{ groups: [ids.slice(0, 4), ids.slice(4, 8), ids.slice(8)] }],
    current: undefined,
  });
  if (!outcome.ok) throw new Error(outcome.issue.code);
  expect(outcome.result.measures.repeats).toEqual({ pairs: 3, bestPossible: 3 });
  expect(outcome.result.search.provenBest).toBe(true);
});

/** What the bound of one goal is for a class of twelve in three groups, before anything is looked for. */
function boundFor(
  goal: RequestGoal,
  about: (i: number) => Partial<ArrangeRequest['students'][number]>,
  rules: readonly RequestRule[] = [],
): number {
  const students = Array.from({ length: 12 }, (_, i) => ({ id: `s${i}`, ...about(i) }));
  const request = { ...classOf(goal, 1, rules), students, history: [], current: undefined };
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  return prepareGoals(read.problem)[0]?.leastValue ?? 0;
}

test('where wishes go around circles that no group has room for, each group leaves somebody without', () => {
  const goal: RequestGoal = { kind: 'wishes', weight: 1 };
  const ring = (i: number): string => `s${i - (i % 6) + ((i + 1) % 6)}`;
  const rings = (i: number) => ({ wishes: [ring(i)] });
  const friends = (i: number) => ({ wishes: i < 2 ? [`s${1 - i}`] : [ring(i)] });
  const apart: RequestRule = { kind: 'apart', students: ['s0', 's1'] };
  expect(12 * boundFor(goal, rings)).toBe(3);
  expect(12 * boundFor(goal, friends)).toBe(2);
  expect(12 * boundFor(goal, friends, [apart])).toBe(3);
  // One who wishes for nobody closes a group too, and so does a circle within two blocks.
  expect(11 * boundFor(goal, (i) => (i === 0 ? {} : rings(i)))).toBe(2);
  const blocks = ['s0 s1 s2', 's3 s4 s5'].map((ids): RequestRule => ({
    kind: 'together',
    students: ids.split(' '),
  }));
  expect(12 * boundFor(goal, (i) => ({ wishes: [`s${[1, 0, 3, 2][i % 4]! + i - (i % 4)}`] }))).toBe(
    0,
  );
  expect(12 * boundFor(goal, rings, blocks)).toBe(3);
});

test('levels that do not fill groups are as much alike as they can be, missing ones left out', () => {
  const goal: RequestGoal = { kind: 'alike', attribute: 'level', weight: 1 };
  const of = (levels: string) => (i: number) =>
    levels[i] === '.' ? {} : { attributes: { level: levels[i]! } };
  // aaaa, aaac and bbbc: twice what differs where one of four is unlike the others, (4 - 10 / 4) / 2.
  expect(boundFor(goal, of('aaaaaaabbbcc'))).toBeCloseTo(1.5 / ((12 - 62 / 12) / 2), 9);
  expect(boundFor(goal, of('aaaaaaabbb..'))).toBe(0);
  expect(boundFor(goal, of('aaaabbbbcc..'))).toBe(0);
  // aaaa, bbbb and aab: (3 - 5 / 3) / 2.
  expect(boundFor(goal, of('aaaaaabbbbb.'))).toBeCloseTo(2 / 3 / ((11 - 61 / 11) / 2), 9);
});

test('blocks of unlike members are no more alike than their members are', () => {
  const block: RequestRule = { kind: 'together', students: ['s0', 's11'] };
  const scores = (i: number) => ({ attributes: { score: i } });
  const levels = (i: number) => ({ attributes: { level: i < 4 ? 'a' : i < 8 ? 'b' : 'c' } });
  const score: RequestGoal = { kind: 'alike', attribute: 'score', weight: 1 };
  expect(boundFor(score, scores)).toBeCloseTo(15 / 143, 9);
  expect(boundFor(score, scores, [block])).toBeGreaterThan(11 ** 2 / 2 / 143);
  const level: RequestGoal = { kind: 'alike', attribute: 'level', weight: 1 };
  expect(boundFor(level, levels)).toBe(0);
  expect(boundFor(level, levels, [block])).toBeGreaterThan(0);
});

test('a block whose members would like different groups gives up a rank', () => {
  const goal: RequestGoal = { kind: 'topics', weight: 1 };
  const block: RequestRule = { kind: 'together', students: ['s0', 's1'] };
  const ranks = (i: number) => ({ topics: i < 2 ? [i, 1 - i] : [] });
  expect(boundFor(goal, ranks)).toBe(0);
  expect(4 * boundFor(goal, ranks, [block])).toBe(1);
});

describe.each(named)('%s', (_name, goal) => {
  test.each([
    ['', () => []],
    ['under rules, ', blockAndPair],
  ])(
    '%sfinds the least of all arrangements, and never calls less than that possible',
    (_rules, rulesFor) => {
      let proved = 0;
      for (let seed = 1; seed <= 10; seed++) {
        const request = classOf(goal, seed, rulesFor(seed));
        const read = problemFromRequest(request);
        const outcome = arrangeNow(request, 'normal');
        if (!read.ok || !outcome.ok) throw new Error('expected a request that can be read');
        const { cost: least, value } = leastOfAll(read.problem);
        const [cost, bestPossible] = told(outcome.result);
        expect({ seed, worse: cost > least + 1e-9 }).toEqual({ seed, worse: false });
        expect(cost).toBeGreaterThan(least - 1e-9);
        expect(bestPossible).toBeLessThanOrEqual(least + 1e-9);
        // The bound by itself, before all arrangements were looked at.
        const [prepared] = prepareGoals(read.problem);
        expect(prepared?.leastValue ?? 0).toBeLessThanOrEqual(value + 1e-9);
        if (outcome.result.search.provenBest) {
          expect(cost).toBeCloseTo(least, 9);
          // Of needs the bound alone is told: the term weighs more than the cost.
          const isTold = goal.kind !== 'needs' || request.rules.length === 0;
          if (isTold) expect(bestPossible).toBeCloseTo(least, 9);
          proved++;
        }
      }
      // A bound that is never met would prove nothing.
      expect(proved).toBeGreaterThan(0);
    },
  );
});
