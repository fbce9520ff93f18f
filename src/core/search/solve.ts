import type { PreparedGoal } from '../goals/kind';
import type { Progress } from '../format';
import type { Problem } from '../problem/problem';
import { singleUnits, unitsOf, type Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { ruleBreaks } from '../rules/list';
import { obviousReason } from '../explain/obvious';
import { anneal, type Annealed } from './anneal';
import type { Budget } from './budget';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { mix } from './mixing';
import { Placement } from './placement';
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
    : yield* findValid(problem, units, budget, rng);
  if (found.outcome === 'valid') {
    const start = found.groupOfStudent;
    const improved = yield* anneal(problem, units, goals, start, budget.exchanges, rng);
    const evaluations = found.evaluations + improved.evaluations;
    return { outcome: 'valid', groupOfStudent: improved.groupOfStudent, evaluations };
  }
  const least = yield* breakLeast(problem, units, goals, budget, rng);
  const evaluations = found.evaluations + least.evaluations;
  // What was thought not found may have come up after all.
  const kept = least.penalty === 0 && ruleBreaks(problem, least.groupOfStudent).length === 0;
  return {
    outcome: kept && found.outcome === 'notFound' ? 'valid' : found.outcome,
    groupOfStudent: least.groupOfStudent,
    evaluations,
  };
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
  yield { done: 0.02 };
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

/** A large class with rules hardly ever comes out right by chance: then one trial in a hundred is plenty. */
function shufflesWorthTrying(problem: Problem, units: Units, budget: Budget): number {
  const free = units.unitCount === problem.studentCount && problem.rules.length === 0;
  if (free) return 1;
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

/** Quick placements, short dives of the complete search, a repair, then one long dive that may prove the worst. */
function* place(problem: Problem, units: Units, budget: Budget, rng: Rng): Search<Placed> {
  const placement = placementOf(problem, units);
  let evaluations = 0;
  const found = (): Placed | null => {
    const groupOfStudent = new Int32Array(problem.studentCount);
    return placement?.complete(rng, groupOfStudent)
      ? { outcome: 'found', groupOfStudent, evaluations }
      : null;
  };
  if (placement) {
    for (let attempt = 0; attempt < budget.greedyTries; attempt++) {
      evaluations++;
      const done = placeGreedily(placement, units, problem.groupCount, rng) ? found() : null;
      if (done) return done;
    }
    for (let dive = 0; dive < 3; dive++) {
      const search = new ExactSearch(problem, units, placement, rng);
      const nodes = Math.min(budget.nodes, FIRST_DIVE_NODES * 2 ** dive);
      const outcome = yield* run(search, nodes, 0.02 + dive * 0.03);
      evaluations += nodes;
      if (outcome === 'impossible') return { outcome, evaluations };
      const done = outcome === 'found' ? found() : null;
      if (done) return done;
    }
  }
  const repair = new Repair(problem, rng);
  for (const part of [EARLY_REPAIR, 1]) {
    const most = budget.repairSwaps * part;
    for (let swaps = 0; swaps < most && repair.incumbentPenalty > 0;) {
      swaps += repair.run(Math.min(SWAPS_A_SLICE, most - swaps));
      evaluations += SWAPS_A_SLICE;
      yield { done: 0.1 + part * 0.2 };
    }
    if (repair.incumbentPenalty === 0) {
      return { outcome: 'found', groupOfStudent: repair.incumbent.slice(), evaluations };
    }
    if (!placement || part === 1) continue;
    const search = new ExactSearch(problem, units, placement, rng);
    const outcome = yield* run(search, budget.nodes, 0.2);
    evaluations += budget.nodes;
    if (outcome === 'impossible') return { outcome, evaluations };
    const done = outcome === 'found' ? found() : null;
    if (done) return done;
  }
  return { outcome: 'notFound', evaluations };
}

function* run(search: ExactSearch, nodes: number, from: number) {
  for (let visited = 0; visited < nodes; visited += NODES_A_SLICE) {
    const outcome = search.run(Math.min(NODES_A_SLICE, nodes - visited));
    if (outcome !== 'paused') return outcome;
    yield { done: from + 0.1 * (visited / nodes) };
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
  while (swaps < most && repair.incumbentPenalty > 0) {
    swaps += repair.run(Math.min(SWAPS_A_SLICE, most - swaps));
    yield { done: 0.5 + (0.3 * Math.min(swaps, most)) / most };
  }
  if (goals.length === 0) {
    const { incumbent: groupOfStudent, incumbentPenalty: penalty } = repair;
    return { groupOfStudent, cost: 0, penalty, evaluations: swaps };
  }
  const single = singleUnits(units, problem.studentCount);
  const share = budget.exchanges / 2;
  const annealed = yield* anneal(problem, single, goals, repair.incumbent, share, rng);
  return { ...annealed, evaluations: annealed.evaluations + swaps };
}
