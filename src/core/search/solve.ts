import type { PreparedGoal } from '../goals/kind';
import { prepareGoals } from '../goals/list';
import { variantsOf, type Problem } from '../problem/problem';
import { singleUnits, unitsOf, type Units } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import type { Rng } from '../random/rng';
import { ruleBreaks } from '../rules/list';
import { anneal, type Annealed } from './anneal';
import type { Budget } from './budget';
import { improve } from './improve';
import type { Known } from './known';
import { Repair } from './repair';
import { STAGES, stagesOf, type Settled } from './stages';
import { within, workOn, type Search, type Work } from './work';

export interface Solved {
  /** 'valid': every rule holds; 'impossible': proved that they cannot; 'notFound': neither, within the budget. */
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** The valid arrangement, or the one that breaks least of those met. */
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
  /** What is proved where this is the best of all arrangements. */
  readonly known?: Known;
}

/** What was solved, in the sizes in which it was. */
export interface SolvedInSizes extends Solved {
  readonly problem: Problem;
}

const SWAPS_A_SLICE = 20_000;
/** How far the whole work has come once a valid arrangement is found. */
const VALID_AT = 0.3;

/**
 * Solves a problem in the first of the sizes that its sizing allows in which the rules can hold. What cannot hold in
 * any of them is impossible only where they are all there are.
 */
export function* solveInSomeSizes(
  problem: Problem,
  budget: Budget,
  rng: Rng,
): Search<SolvedInSizes> {
  const { variants, complete } = variantsOf(problem);
  let outcome: Solved['outcome'] = complete ? 'impossible' : 'notFound';
  let best = null as SolvedInSizes | null;
  for (const [at, variant] of variants.entries()) {
    const work = solve(variant, prepareGoals(variant), budget, rng);
    const solved = yield* within(at / variants.length, (at + 1) / variants.length, work);
    const evaluations: number = solved.evaluations + (best?.evaluations ?? 0);
    if (solved.outcome === 'valid') {
      // What is least in these sizes may not be in others.
      const { known, ...rest } = solved;
      const kept = known && variants.length === 1 ? { known } : {};
      return { ...rest, ...kept, evaluations, problem: variant };
    }
    if (solved.outcome === 'notFound') outcome = 'notFound';
    best = best ? { ...best, evaluations } : { ...solved, evaluations, problem: variant };
  }
  if (!best) throw new Error('expected sizes to solve in, received none');
  return { ...best, outcome };
}

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
  const work = workOn(problem, units, budget, rng);
  const settled = obviousReason(problem, units)
    ? { outcome: 'impossible' as const }
    : yield* within(0, VALID_AT, settle(work));
  if (settled?.outcome === 'valid') {
    const improving = improve(problem, units, goals, settled.groupOfStudent, budget, rng);
    const improved = yield* within(VALID_AT, 1, improving);
    const evaluations = work.evaluations + improved.evaluations;
    return { ...improved, outcome: 'valid', evaluations };
  }
  const least = yield* within(VALID_AT, 1, breakLeast(problem, units, goals, budget, rng));
  // What was thought not found may have come up after all.
  const kept = least.penalty === 0 && ruleBreaks(problem, least.groupOfStudent).length === 0;
  return {
    outcome: settled ? 'impossible' : kept ? 'valid' : 'notFound',
    groupOfStudent: least.groupOfStudent,
    evaluations: work.evaluations + least.evaluations,
  };
}

/** Stage after stage until one has settled whether the rules can hold; null where none has. */
function* settle(work: Work): Search<Settled | null> {
  let before = 0;
  for (const stage of stagesOf(work)) {
    const settled = yield* within(before / STAGES, (before + 1) / STAGES, stage(work));
    if (settled) return settled;
    before++;
  }
  return null;
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
