import type { Measure, Measures } from './format';
import { leastShort } from './goals/avoid';
import { metBefore, partnerPlaces } from './goals/freshPartners';
import { prepareGoals } from './goals/list';
import { wishersOf } from './goals/wishes';
import { variantsOf, type Problem, type ProblemGoal, type Variants } from './problem/problem';
import {
  alikeCost,
  movesFromCurrent,
  pairsShort,
  repeatPairs,
  spreadCost,
  unmetWishes,
  ranksGiven,
  unservedPart,
} from './reference/costs';
import { keepsEverything } from './reference/check';
import { leastRepeatsOver, mostFreshRounds } from './rounds/bounds';

/** Differences below this are of the arithmetic, not of the groups. */
const EPSILON = 1e-9;
/** How far sums kept from exchange to exchange may be from those worked out anew. */
const LAST_BITS = 1e-12;

export interface Measured {
  readonly measures: Measures;
  /** Whether nothing can be better: every goal's cost is at its bound, or there is no goal. */
  readonly provenBest: boolean;
}

/**
 * What a result costs by every goal of the request, in the plain reckoning of `reference`, with its bounds; `leasts` says
 * what each can be at least under all the rules, where all arrangements were looked at and this is the best of them.
 */
export function measuresOf(
  problem: Problem,
  rounds: readonly Int32Array[],
  leasts?: ReadonlyMap<ProblemGoal, number>,
): Measured {
  // Names may be any, `__proto__` too.
  const spread = new Map<string, Measure>();
  const alike = new Map<string, Measure>();
  const measures: { -readonly [K in keyof Measures]: Measures[K] } = {};
  let provenBest = true;
  const note = (value: number, least: number, weight: number): void => {
    if (weight > 0 && value > least + EPSILON) provenBest = false;
  };
  const allowed = variantsOf(problem);
  const kept = rounds.every((round) => keepsEverything(problem, round));
  const bounded = boundsOf(allowed, kept);
  const bounds = leasts ? withLeasts(bounded, leasts) : bounded;
  const mean = (cost: (round: Int32Array) => number): number =>
    rounds.reduce((sum, round) => sum + cost(round), 0) / rounds.length;
  for (const goal of problem.goals) {
    const least = bounds.get(goal) ?? 0;
    switch (goal.kind) {
      case 'spread': {
        const cost = mean((round) => spreadCost(problem, goal.attribute, round));
        const scale = goal.attribute.kind === 'category' ? problem.studentCount : 1;
        spread.set(goal.name, { cost, bestPossible: least * scale });
        note(cost, least * scale, goal.weight);
        break;
      }
      case 'alike': {
        const cost = mean((round) => alikeCost(problem, goal.attribute, round));
        alike.set(goal.name, { cost, bestPossible: least });
        note(cost, least, goal.weight);
        break;
      }
      case 'wishes': {
        const unmet = mean((round) => unmetWishes(problem, round));
        const of = wishersOf(problem);
        const bestPossible = Math.round(least * of);
        measures.wishes = { unmet, of, bestPossible };
        note(unmet, bestPossible, goal.weight);
        break;
      }
      case 'steady': {
        const moves = mean((round) => movesFromCurrent(problem, round));
        const bestPossible = Math.round(least * problem.studentCount);
        measures.steady = { moves, bestPossible };
        note(moves, bestPossible, goal.weight);
        break;
      }
      case 'avoid': {
        const short = mean((round) => pairsShort(problem, round));
        const bestPossible = allowed.complete ? Math.min(...allowed.variants.map(leastShort)) : 0;
        measures.avoid = { short, bestPossible };
        note(short, bestPossible, goal.weight);
        break;
      }
      case 'needs': {
        const cost = mean((round) => unservedPart(problem, goal, round));
        measures.needs = { cost, bestPossible: least };
        note(cost, least, goal.weight);
        break;
      }
      case 'topics': {
        const ranks = mean((round) => ranksGiven(problem, round));
        const of = problem.ranksOfStudent.filter(({ length }) => length > 0).length;
        const worst = problem.ranksOfStudent.reduce((sum, { length }) => sum + length, 0);
        const bestPossible = Math.round(least * worst);
        if (of > 0) measures.topics = { ranks, of, bestPossible };
        note(ranks, bestPossible, goal.weight);
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
      bestPossible:
        repeatPairs(problem, []) +
        (listedRepeats(problem, leasts) ?? fewestRepeats(problem, allowed)),
    };
    note(measures.repeats.pairs, measures.repeats.bestPossible, 1);
  }
  if (problem.rounds > 1) {
    measures.rounds = { made: problem.rounds, bestPossible: mostFreshRounds(problem) };
  }
  if (spread.size > 0) measures.spread = Object.fromEntries(spread);
  if (alike.size > 0) measures.alike = Object.fromEntries(alike);
  return { measures, provenBest: leasts !== undefined || provenBest };
}

/** The bounds, or what was found by looking at all; never above it by the last bits of the arithmetic. */
function withLeasts(
  bounds: ReadonlyMap<ProblemGoal, number>,
  leasts: ReadonlyMap<ProblemGoal, number>,
): ReadonlyMap<ProblemGoal, number> {
  // What a group works on is weighed by more than what is told of it.
  const told = [...leasts].filter(([{ kind }]) => kind !== 'needs');
  return new Map([
    ...bounds,
    ...told.map(([goal, least]) => [goal, Math.max(0, least - LAST_BITS)] as const),
  ]);
}

/** Old partners who must meet again, as looking at all has shown; undefined where that was not done. */
function listedRepeats(
  problem: Problem,
  leasts: ReadonlyMap<ProblemGoal, number> = new Map(),
): number | undefined {
  const known = [...leasts].find(([{ kind }]) => kind === 'freshPartners');
  // Recent meetings weigh a little more than one.
  return known && Math.floor(known[1] * partnerPlaces(problem) + EPSILON);
}

/**
 * goal → the least value that its term can have in any of the sizes that are allowed, under the rules or without them; 0
 * where not all are known.
 */
function boundsOf(allowed: Variants, ruled: boolean): ReadonlyMap<ProblemGoal, number> {
  const bounds = new Map<ProblemGoal, number>();
  if (!allowed.complete) return bounds;
  for (const variant of allowed.variants) {
    for (const { goal, leastValue } of prepareGoals(ruled ? variant : withoutRules(variant))) {
      bounds.set(goal, Math.min(leastValue, bounds.get(goal) ?? leastValue));
    }
  }
  return bounds;
}

/** The same groups, of whom any may hold anybody. */
function withoutRules(problem: Problem): Problem {
  return { ...problem, rules: [], sectionOfGroup: problem.sectionOfGroup.map(() => -1) };
}

/** Repeats that no rounds can do without, in any of the sizes that are allowed. */
function fewestRepeats(problem: Problem, { variants, complete }: Variants): number {
  const met = metBefore(problem, false);
  return complete ? Math.min(...variants.map((variant) => leastRepeatsOver(variant, met))) : 0;
}
