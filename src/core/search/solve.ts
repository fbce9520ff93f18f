import type { Progress } from '../format';
import type { Problem } from '../problem/problem';
import { unitsOf, type Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { obviousReason } from '../explain/obvious';
import type { Budget } from './budget';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { mix } from './mixing';
import { Placement } from './placement';
import { Repair } from './repair';
import { shuffleTrial } from './shuffleTrial';

export interface Solved {
  /** 'valid': every rule holds; 'impossible': proved that they cannot; 'notFound': neither, within the budget. */
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** The valid arrangement, or the one with the fewest broken pairs met. */
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
}

export type Search<T> = Generator<Progress, T, void>;

/** Nodes between two reports of progress: a few milliseconds of work. */
const NODES_A_SLICE = 2_000;
const SWAPS_A_SLICE = 20_000;
/** The first dive of the complete search; each restart may go half as far again. */
const FIRST_DIVE_NODES = 2_000;

/** Finds a valid arrangement, each about equally likely, or says why there is none. */
export function* solve(problem: Problem, budget: Budget, rng: Rng): Search<Solved> {
  const units = unitsOf(problem);
  const groupOfStudent = new Int32Array(problem.studentCount);
  let evaluations = 0;
  if (!obviousReason(problem, units)) {
    const order = Int32Array.from({ length: problem.studentCount }, (_, student) => student);
    const trials = shufflesWorthTrying(problem, units, budget);
    while (evaluations < trials) {
      evaluations++;
      if (shuffleTrial(problem, units, rng, order, groupOfStudent)) {
        return { outcome: 'valid', groupOfStudent, evaluations };
      }
    }
    yield { done: 0.1 };
    const placed = yield* place(problem, units, budget, rng);
    evaluations += placed.evaluations;
    if (placed.outcome === 'found') {
      placed.placement.complete(rng, groupOfStudent);
      const steps = budget.mixingPerStudent * problem.studentCount;
      mix(problem, units, groupOfStudent, steps, rng);
      return { outcome: 'valid', groupOfStudent, evaluations: evaluations + steps };
    }
    if (placed.outcome === 'paused') {
      return yield* repair(problem, budget, rng, evaluations, 'notFound');
    }
  }
  return yield* repair(problem, budget, rng, evaluations, 'impossible');
}

/** A large class with rules hardly ever comes out right by chance: then one trial in a hundred is plenty. */
function shufflesWorthTrying(problem: Problem, units: Units, budget: Budget): number {
  const free = units.unitCount === problem.studentCount && units.neighbours.length === 0;
  if (free) return 1;
  return problem.studentCount > 200 ? Math.ceil(budget.shuffles / 100) : budget.shuffles;
}

/** Whether the rules can hold at all: the complete search alone, without dealing anybody. */
export function decide(
  problem: Problem,
  nodes: number,
  rng: Rng,
): 'possible' | 'impossible' | 'unknown' {
  const units = unitsOf(problem);
  if (obviousReason(problem, units)) return 'impossible';
  const placement = new Placement(problem, units);
  const outcome = new ExactSearch(problem, units, placement, rng).run(nodes);
  if (outcome === 'paused') return 'unknown';
  return outcome === 'found' ? 'possible' : 'impossible';
}

function* place(problem: Problem, units: Units, budget: Budget, rng: Rng) {
  const placement = new Placement(problem, units);
  let evaluations = 0;
  for (let attempt = 0; attempt < budget.greedyTries; attempt++) {
    evaluations++;
    if (placeGreedily(placement, units, problem.groupCount, rng)) {
      return { outcome: 'found' as const, placement, evaluations };
    }
  }
  let nodes = 0;
  for (let dive = FIRST_DIVE_NODES; nodes < budget.nodes; dive = Math.ceil(dive * 1.5)) {
    const search = new ExactSearch(problem, units, placement, rng);
    // The last dive takes all that is left: a proof needs one long search, not many short ones.
    const end = dive > budget.nodes / 8 ? budget.nodes : Math.min(budget.nodes, nodes + dive);
    while (nodes < end) {
      const slice = Math.min(NODES_A_SLICE, end - nodes);
      const outcome = search.run(slice);
      nodes += slice;
      if (outcome !== 'paused') return { outcome, placement, evaluations: evaluations + nodes };
      yield { done: 0.1 + (0.6 * nodes) / budget.nodes };
    }
  }
  return { outcome: 'paused' as const, placement, evaluations: evaluations + nodes };
}

function* repair(
  problem: Problem,
  budget: Budget,
  rng: Rng,
  spent: number,
  verdict: 'impossible' | 'notFound',
): Search<Solved> {
  const search = new Repair(problem, rng);
  // Where it is proved that something must break, a little patience finds the least that can.
  const patience = verdict === 'impossible' ? 20 * problem.studentCount ** 2 : budget.repairSwaps;
  const most = Math.min(patience, budget.repairSwaps);
  let swaps = 0;
  while (swaps < most && search.incumbentPenalty > 0) {
    swaps += search.run(Math.min(SWAPS_A_SLICE, most - swaps));
    yield { done: 0.7 + (0.3 * Math.min(swaps, most)) / most };
  }
  return {
    outcome: search.incumbentPenalty === 0 ? 'valid' : verdict,
    groupOfStudent: search.incumbent,
    evaluations: spent + swaps,
  };
}
