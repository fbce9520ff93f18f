import type { PreparedGoal } from '../goals/kind';
import { prepareGoals } from '../goals/list';
import { variantsOf, type Problem } from '../problem/problem';
import { singleUnits, unitsOf, type Units } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import type { Rng } from '../random/rng';
import { ruleBreaks } from '../rules/list';
import { anneal, type Annealed } from './anneal';
import type { Budget } from './budget';
import { areFew, isListable, listAll, type Seen } from './listing';
import { isWorthPolishing, polish } from './polish';
import { reopen } from './reopen';
import { Repair } from './repair';
import { roomLeft } from './room';
import { STAGES, stagesOf, type Settled } from './stages';
import { within, workOn, type Improved, type Search, type Work } from './work';

export interface Solved {
  /** 'valid': every rule holds; 'impossible': proved that they cannot; 'notFound': neither, within the budget. */
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** The valid arrangement, or the one that breaks least of those met. */
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
  /** What was seen where all arrangements were looked at and this is the best of them. */
  readonly seen?: Seen;
}

/** What was solved, in the sizes in which it was. */
export interface SolvedInSizes extends Solved {
  readonly problem: Problem;
}

const SWAPS_A_SLICE = 20_000;
/** Parts of the exchanges that go into cooling and into polishing where both are done. */
const COOLED_PART = 0.1;
const POLISHED_PART = 1;
/** What is left for polishing where hardly any exchange of two keeps the rules. */
const LITTLE_POLISHED_PART = 0.1;
/** With more goals each exchange takes longer to weigh, and fewer are weighed. */
const GOALS_AT_FULL_BUDGET = 3;
/** Where less than this part of all exchanges keeps the rules, all arrangements may be few; what listing any may take. */
const LISTED_BELOW = 0.05;
const LISTED_PART = 3;
/** Where less than this part does, whole groups are opened too: for so much of the exchanges, over the room there is. */
const REOPENED_BELOW = 0.3;
const REOPENED_ROOM = 0.04;
const REOPENED_PART = 4;
/** How far the whole work has come once a valid arrangement is found, all are looked at, it is cooled, groups were opened. */
const VALID_AT = 0.3;
const LISTED_AT = 0.35;
const COOLED_AT = 0.5;
const REOPENED_AT = 0.7;

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
      const { seen, ...rest } = solved;
      const known = seen && variants.length === 1 ? { seen } : {};
      return { ...rest, ...known, evaluations, problem: variant };
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
    const improved = yield* improve(problem, units, goals, settled.groupOfStudent, budget, rng);
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

/**
 * Brings a valid arrangement's cost down: by cooling and, where it is small enough, by polishing. The less room the rules
 * leave for exchanges of two, the more is done by opening whole groups; where hardly any is left, all there are may be
 * few enough to be looked at.
 */
function* improve(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  budget: Budget,
  rng: Rng,
): Search<Omit<Solved, 'outcome'>> {
  const whole = budget.exchanges * Math.min(1, GOALS_AT_FULL_BUDGET / Math.max(1, goals.length));
  const room = roomLeft(problem, units, start, rng);
  let evaluations = 0;
  if ((room < LISTED_BELOW || areFew(problem)) && isListable(problem, units)) {
    const listing = listAll(problem, units, goals, start, LISTED_PART * whole, rng);
    const { seen, ...listed } = yield* within(VALID_AT, LISTED_AT, listing);
    if (seen) return { ...listed, seen };
    evaluations += listed.evaluations;
  }
  if (goals.length === 0) return { groupOfStudent: start, evaluations };
  const polishes = isWorthPolishing(problem, whole);
  const reopens = room < REOPENED_BELOW;
  const exchanges = whole * (polishes ? COOLED_PART : 1);
  const cooling = anneal(problem, units, goals, start, exchanges, rng);
  let best: Improved = yield* within(LISTED_AT, polishes || reopens ? COOLED_AT : 1, cooling);
  evaluations += best.evaluations;
  if (reopens) {
    const most = whole * Math.min(REOPENED_PART, REOPENED_ROOM / room);
    const reopening = reopen(problem, units, goals, best.groupOfStudent, most, rng);
    best = yield* within(COOLED_AT, polishes ? REOPENED_AT : 1, reopening);
    evaluations += best.evaluations;
  }
  if (polishes) {
    const most = whole * (room < LISTED_BELOW ? LITTLE_POLISHED_PART : POLISHED_PART);
    const polishing = polish(problem, units, goals, best.groupOfStudent, most, rng);
    best = yield* within(reopens ? REOPENED_AT : COOLED_AT, 1, polishing);
    evaluations += best.evaluations;
  }
  return { groupOfStudent: best.groupOfStudent, evaluations };
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
