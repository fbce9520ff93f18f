import type { Measure, Measures } from './format';
import { metBefore } from './goals/freshPartners';
import { prepareGoals } from './goals/list';
import { wishersOf } from './goals/wishes';
import type { Problem, ProblemGoal } from './problem/problem';
import {
  alikeCost,
  movesFromCurrent,
  repeatPairs,
  spreadCost,
  unmetWishes,
} from './reference/costs';
import { leastRepeatsOver, mostFreshRounds } from './rounds/bounds';

/** Differences below this are of the arithmetic, not of the groups. */
const EPSILON = 1e-9;

export interface Measured {
  readonly measures: Measures;
  /** Whether nothing can be better: every goal's cost is at its bound, or there is no goal. */
  readonly provenBest: boolean;
}

/** What a result costs by every goal of the request, in the plain reckoning of `reference`, with its bounds. */
export function measuresOf(problem: Problem, rounds: readonly Int32Array[]): Measured {
  const spread: Record<string, Measure> = {};
  const alike: Record<string, Measure> = {};
  const measures: { -readonly [K in keyof Measures]: Measures[K] } = {};
  let provenBest = true;
  const note = (value: number, least: number, weight: number): void => {
    if (weight > 0 && value > least + EPSILON) provenBest = false;
  };
  const bounds = boundsOf(problem);
  const mean = (cost: (round: Int32Array) => number): number =>
    rounds.reduce((sum, round) => sum + cost(round), 0) / rounds.length;
  for (const goal of problem.goals) {
    const least = bounds.get(goal) ?? 0;
    switch (goal.kind) {
      case 'spread': {
        const cost = mean((round) => spreadCost(problem, goal.attribute, round));
        const scale = goal.attribute.kind === 'category' ? problem.studentCount : 1;
        spread[goal.name] = { cost, bestPossible: least * scale };
        note(cost, least * scale, goal.weight);
        break;
      }
      case 'alike': {
        const cost = mean((round) => alikeCost(problem, goal.attribute, round));
        alike[goal.name] = { cost, bestPossible: least };
        note(cost, least, goal.weight);
        break;
      }
      case 'wishes': {
        const unmet = mean((round) => unmetWishes(problem, round));
        measures.wishes = { unmet, of: wishersOf(problem), bestPossible: 0 };
        note(unmet, 0, goal.weight);
        break;
      }
      case 'steady': {
        const moves = mean((round) => movesFromCurrent(problem, round));
        const bestPossible = Math.round(least * problem.studentCount);
        measures.steady = { moves, bestPossible };
        note(moves, bestPossible, goal.weight);
        break;
      }
      case 'freshPartners':
        break;
      default:
        goal satisfies never;
    }
  }
  if (problem.rounds > 1 || problem.goals.some(({ kind }) => kind === 'freshPartners')) {
    measures.repeats = {
      pairs: repeatPairs(problem, rounds),
      bestPossible: repeatPairs(problem, []) + leastRepeatsOver(problem, metBefore(problem, false)),
    };
    note(measures.repeats.pairs, measures.repeats.bestPossible, 1);
  }
  if (problem.rounds > 1) {
    measures.rounds = { made: problem.rounds, bestPossible: mostFreshRounds(problem) };
  }
  if (Object.keys(spread).length > 0) measures.spread = spread;
  if (Object.keys(alike).length > 0) measures.alike = alike;
  return { measures, provenBest };
}

/** goal → the least value that its term can have. */
function boundsOf(problem: Problem): ReadonlyMap<ProblemGoal, number> {
  return new Map(prepareGoals(problem).map(({ goal, leastValue }) => [goal, leastValue]));
}
