import type { PreparedGoal } from '../goals/kind';
import type { Progress } from '../format';
import type { Problem } from '../problem/problem';
import { singleUnits, unitsOf, type Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { luckOf, ruleBreaks } from '../rules/list';
import { obviousReason } from '../proofs/obvious';
import { anneal, type Annealed } from './anneal';
import type { Budget } from './budget';
import { Colouring } from './colouring';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { mix } from './mixing';
import { Placement } from './placement';
import { isWorthPolishing, polish, type Polished } from './polish';
import { Repair } from './repair';
import { Deal } from './shuffleTrial';

export interface Solved {
  /** 'valid': every rule holds; 'impossible': proved that they cannot; 'notFound': neither, within the budget. */
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** The valid arrangement, or the one that breaks least of those met. */
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
}

export type Search<T> = Generator<Progress, T, void>;

/** Nodes between two reports of progress: a few milliseconds of work. */
const NODES_A_SLICE = 500;
const SWAPS_A_SLICE = 20_000;
/** The first dive of the complete search; each restart may go half as far again. */
const FIRST_DIVE_NODES = 1_500;
/** Part of the repair's swaps that is tried before the complete search goes deep. */
const EARLY_REPAIR = 0.15;
/** Parts of the exchanges that go into cooling and into polishing where both are done. */
const COOLED_PART = 0.1;
const POLISHED_PART = 1;
/** With more goals each exchange takes longer to weigh, and fewer are weighed. */
const GOALS_AT_FULL_BUDGET = 3;
/** How far the whole work has come once a valid arrangement is found, and once it is cooled. */
const VALID_AT = 0.3;
const COOLED_AT = 0.5;
/** Swaps that the search for apart rules alone weighs in the time of one of the other's. */
const COLOURING_PACE = 600;
/** Swaps for each pair of students that it weighs before the complete search begins, and where that found nothing. */
const EARLY_LOOKS_A_PAIR = 6_000;
const LOOKS_A_PAIR = 40_000;
/** Shuffles that chance would have to get right at least, on average, to be tried at all. */
const NO_HOPE = 1e-3;
/** Cells of a placement (units with a rule x groups) up to which it is worth its memory. */
const MOST_CELLS = 6_000_000;

/**
 * Finds a valid arrangement, each about equally likely, and brings the goals' costs down from there; or says why
 * there is none, with the arrangement that breaks least.
 */
export function* solve(
  problem: Problem,
  goals: readonly PreparedGoal[],
  budget: Budget,
  rng: Rng,
): Search<Solved> {
  const units = unitsOf(problem);
  const found = obviousReason(problem, units)
    ? { outcome: 'impossible' as const, groupOfStudent: null, evaluations: 0 }
    : yield* within(0, VALID_AT, findValid(problem, units, budget, rng));
  if (found.outcome === 'valid') {
    const improved = yield* improve(problem, units, goals, found.groupOfStudent, budget, rng);
    const evaluations = found.evaluations + improved.evaluations;
    return { outcome: 'valid', groupOfStudent: improved.groupOfStudent, evaluations };
  }
  const least = yield* within(VALID_AT, 1, breakLeast(problem, units, goals, budget, rng));
  const evaluations = found.evaluations + least.evaluations;
  // What was thought not found may have come up after all.
  const kept = least.penalty === 0 && ruleBreaks(problem, least.groupOfStudent).length === 0;
  return {
    outcome: kept && found.outcome === 'notFound' ? 'valid' : found.outcome,
    groupOfStudent: least.groupOfStudent,
    evaluations,
  };
}

/** Cools a valid arrangement down and, where it is small enough, polishes it. */
function* improve(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  budget: Budget,
  rng: Rng,
): Search<Polished> {
  const whole = budget.exchanges * Math.min(1, GOALS_AT_FULL_BUDGET / goals.length);
  const most = whole * POLISHED_PART;
  const polishes = goals.length > 0 && isWorthPolishing(problem, most);
  const exchanges = whole * (polishes ? COOLED_PART : 1);
  const cooling = anneal(problem, units, goals, start, exchanges, rng);
  const cooled = yield* within(VALID_AT, polishes ? COOLED_AT : 1, cooling);
  if (!polishes) return cooled;
  const polishing = polish(problem, units, goals, cooled.groupOfStudent, most, rng);
  const polished = yield* within(COOLED_AT, 1, polishing);
  return { ...polished, evaluations: cooled.evaluations + polished.evaluations };
}

/** The work as a part of a longer one, from how far to how far that is; its last step may go beyond its budget. */
function* within<T>(from: number, to: number, work: Search<T>): Search<T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield { done: from + (to - from) * Math.min(1, step.value.done) };
  }
}

type Found =
  | { readonly outcome: 'valid'; readonly groupOfStudent: Int32Array; readonly evaluations: number }
  | {
      readonly outcome: 'impossible' | 'notFound';
      readonly groupOfStudent: null;
      readonly evaluations: number;
    };

function* findValid(problem: Problem, units: Units, budget: Budget, rng: Rng): Search<Found> {
  const deal = new Deal(problem);
  let evaluations = 0;
  const valid = (groupOfStudent: Int32Array): Found => ({
    outcome: 'valid',
    groupOfStudent,
    evaluations,
  });
  const trials = shufflesWorthTrying(problem, units, budget);
  while (evaluations < trials) {
    evaluations++;
    deal.draw(rng);
    if (ruleBreaks(problem, deal.groupOfStudent).length === 0) return valid(deal.groupOfStudent);
  }
  const placed = yield* place(problem, units, budget, rng);
  evaluations += placed.evaluations;
  if (placed.outcome !== 'found') {
    return { outcome: placed.outcome, groupOfStudent: null, evaluations };
  }
  const steps = budget.mixingPerStudent * problem.studentCount;
  mix(problem, units, placed.groupOfStudent, steps, rng);
  evaluations += steps;
  return valid(placed.groupOfStudent);
}

/**
 * A large class with rules hardly ever comes out right by chance: then one trial in a hundred is plenty. Where chance
 * has next to no hope, as rules about members alone tell, one trial is.
 */
function shufflesWorthTrying(problem: Problem, units: Units, budget: Budget): number {
  const free = units.unitCount === problem.studentCount && problem.rules.length === 0;
  if (free || luckOf(problem) * budget.shuffles < NO_HOPE) return 1;
  return problem.studentCount > 200 ? Math.ceil(budget.shuffles / 100) : budget.shuffles;
}

/** Whether the rules can hold at all, without dealing anybody. */
export function decide(
  problem: Problem,
  nodes: number,
  rng: Rng,
): 'possible' | 'impossible' | 'unknown' {
  const units = unitsOf(problem);
  if (obviousReason(problem, units)) return 'impossible';
  const placement = placementOf(problem, units);
  if (!placement) return 'unknown';
  const QUICK_TRIES = 5;
  for (let attempt = 0; attempt < QUICK_TRIES; attempt++) {
    if (placeGreedily(placement, units, problem.groupCount, rng)) return 'possible';
  }
  const early = new ExactSearch(problem, units, placement, rng).run(Math.ceil(nodes / 8));
  if (early !== 'paused') return early === 'found' ? 'possible' : 'impossible';
  const repair = new Repair(problem, rng);
  repair.run(200 * problem.studentCount);
  if (repair.incumbentPenalty === 0) return 'possible';
  const outcome = new ExactSearch(problem, units, placement, rng).run(nodes);
  if (outcome === 'paused') return 'unknown';
  return outcome === 'found' ? 'possible' : 'impossible';
}

function placementOf(problem: Problem, units: Units): Placement | null {
  // Every unit might be spoken of; only then is the memory a matter.
  if (units.unitCount * problem.groupCount > 4 * MOST_CELLS) return null;
  const placement = new Placement(problem, units);
  return placement.constrained.length * problem.groupCount > MOST_CELLS ? null : placement;
}

type Placed =
  | {
      readonly outcome: 'found';
      readonly groupOfStudent: Int32Array;
      readonly evaluations: number;
    }
  | { readonly outcome: 'impossible' | 'notFound'; readonly evaluations: number };

/**
 * Quick placements, short dives of the complete search, a repair, then one long dive that may prove the worst. Where
 * only apart rules are asked the repair is so quick that it comes before the dives.
 */
function* place(problem: Problem, units: Units, budget: Budget, rng: Rng): Search<Placed> {
  const placement = placementOf(problem, units);
  let evaluations = 0;
  const found = (): Placed | null => {
    const groupOfStudent = new Int32Array(problem.studentCount);
    return placement?.complete(rng, groupOfStudent)
      ? { outcome: 'found', groupOfStudent, evaluations }
      : null;
  };
  for (let attempt = 0; placement && attempt < budget.greedyTries; attempt++) {
    evaluations++;
    const done = placeGreedily(placement, units, problem.groupCount, rng) ? found() : null;
    if (done) return done;
  }
  const colouring = Colouring.suits(problem);
  const pace = colouring ? COLOURING_PACE : 1;
  const repair = colouring ? new Colouring(problem, units, rng) : new Repair(problem, rng);
  const mend = function* (enough: number): Search<Placed | null> {
    const most = Math.min(budget.repairSwaps * pace, enough);
    for (let tried = 0; tried < most && !repair.done;) {
      const swaps = repair.run(Math.min(SWAPS_A_SLICE * pace, most - tried));
      tried += swaps;
      evaluations += swaps;
      yield { done: tried / most };
    }
    const groupOfStudent = repair.incumbent.slice();
    return repair.incumbentPenalty > 0 ? null : { outcome: 'found', groupOfStudent, evaluations };
  };
  const dive = function* (nodes: number): Search<Placed | null> {
    if (!placement) return null;
    const search = new ExactSearch(problem, units, placement, rng);
    const outcome = yield* run(search, nodes);
    evaluations += nodes;
    if (outcome === 'impossible') return { outcome, evaluations };
    return outcome === 'found' ? found() : null;
  };
  const dives = [0, 1, 2].map((depth) => {
    const nodes = Math.min(budget.nodes, FIRST_DIVE_NODES * 2 ** depth);
    return () => dive(nodes);
  });
  const deepest = () => dive(budget.nodes);
  const pairs = problem.studentCount ** 2;
  const steps = colouring
    ? [() => mend(EARLY_LOOKS_A_PAIR * pairs), ...dives, () => mend(LOOKS_A_PAIR * pairs), deepest]
    : [...dives, () => mend(EARLY_REPAIR * budget.repairSwaps), deepest, () => mend(Infinity)];
  for (const [i, step] of steps.entries()) {
    const done = yield* within(i / steps.length, (i + 1) / steps.length, step());
    if (done) return done;
  }
  return { outcome: 'notFound', evaluations };
}

function* run(search: ExactSearch, nodes: number) {
  for (let visited = 0; visited < nodes; visited += NODES_A_SLICE) {
    const outcome = search.run(Math.min(NODES_A_SLICE, nodes - visited));
    if (outcome !== 'paused') return outcome;
    yield { done: visited / nodes };
  }
  return 'paused' as const;
}

/** The arrangement that breaks least, and among those met the one with the least cost. */
function* breakLeast(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  budget: Budget,
  rng: Rng,
): Search<Annealed> {
  const repair = new Repair(problem, rng);
  const most = Math.min(budget.repairSwaps, 20 * problem.studentCount ** 2);
  let swaps = 0;
  while (swaps < most && !repair.done) {
    swaps += repair.run(Math.min(SWAPS_A_SLICE, most - swaps));
    yield { done: (0.6 * swaps) / most };
  }
  if (goals.length === 0) {
    const { incumbent: groupOfStudent, incumbentPenalty: penalty } = repair;
    return { groupOfStudent, cost: 0, penalty, evaluations: swaps };
  }
  const single = singleUnits(units, problem.studentCount);
  const share = budget.exchanges / 2;
  const annealing = anneal(problem, single, goals, repair.incumbent, share, rng);
  const annealed = yield* within(0.6, 1, annealing);
  return { ...annealed, evaluations: annealed.evaluations + swaps };
}
