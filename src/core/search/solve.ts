import type { PreparedGoal } from '../goals/kind';
import { prepareGoals } from '../goals/list';
import { variantsOf, type Problem } from '../problem/problem';
import { singleUnits, unitsOf, type Units } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import type { Rng } from '../random/rng';
import { ruleBreaks } from '../rules/list';
import { anneal, type Annealed } from './anneal';
import type { Budget } from './budget';
import { isWorthPolishing, polish, type Polished } from './polish';
import { Repair } from './repair';
import { STAGES, stagesOf, type Settled } from './stages';
import { within, workOn, type Search, type Work } from './work';

export interface Solved {
  /** 'valid': every rule holds; 'impossible': proved that they cannot; 'notFound': neither, within the budget. */
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** The valid arrangement, or the one that breaks least of those met. */
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
}

/** What was solved, in the sizes in which it was. */
export interface SolvedInSizes extends Solved {
  readonly problem: Problem;
}

const SWAPS_A_SLICE = 20_000;
/** Parts of the exchanges that go into cooling and into polishing where both are done. */
const COOLED_PART = 0.1;
const POLISHED_PART = 1;
/** With more goals each exchange takes longer to weigh, and fewer are weighed. */
const GOALS_AT_FULL_BUDGET = 3;
/** How far the whole work has come once a valid arrangement is found, and once it is cooled. */
const VALID_AT = 0.3;
const COOLED_AT = 0.5;

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
    if (solved.outcome === 'valid') return { ...solved, evaluations, problem: variant };
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
    const improved = yield* improve(problem, units, goals, settled.groupOfStudent, budget, rng);
    const evaluations = work.evaluations + improved.evaluations;
    return { outcome: 'valid', groupOfStudent: improved.groupOfStudent, evaluations };
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
