import { arrangeNow } from '../arrange';
import type { ArrangeRequest, ArrangeResult, RequestGoal } from '../format';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes } from '../reference/check';
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
function classOf(goal: RequestGoal, seed: number): ArrangeRequest {
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
    rules: [],
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

/** The least cost of all arrangements in these sizes; which of two alike groups is the larger is free. */
function leastOfAll(problem: Problem): number {
  const { studentCount: n, groupCount } = problem;
  const groups = new Int32Array(n);
  let least = Infinity;
  for (let code = 0; code < groupCount ** n; code++) {
    for (let i = 0, rest = code; i < n; i++, rest = Math.floor(rest / groupCount)) {
      groups[i] = rest % groupCount;
    }
    if (fillsTheSizes(problem, groups)) least = Math.min(least, costOf(problem, groups));
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

describe.each(named)('%s', (_name, goal) => {
  test('finds the least of all arrangements, and never calls less than that possible', () => {
    let proved = 0;
    for (let seed = 1; seed <= 10; seed++) {
      const request = classOf(goal, seed);
      const read = problemFromRequest(request);
      const outcome = arrangeNow(request, 'normal');
      if (!read.ok || !outcome.ok) throw new Error('expected a request that can be read');
      const least = leastOfAll(read.problem);
      const [cost, bestPossible] = told(outcome.result);
      expect({ seed, worse: cost > least + 1e-9 }).toEqual({ seed, worse: false });
      expect(cost).toBeGreaterThan(least - 1e-9);
      expect(bestPossible).toBeLessThanOrEqual(least + 1e-9);
      if (outcome.result.search.provenBest) {
        expect(bestPossible).toBeCloseTo(least, 9);
        proved++;
      }
    }
    // A bound that is never met would prove nothing.
    expect(proved).toBeGreaterThan(0);
  });
});
