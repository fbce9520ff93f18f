import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { luckOf, ruleBreaks } from '../rules/list';
import type { Budget } from './budget';
import { Colouring } from './colouring';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { mix } from './mixing';
import { Repair } from './repair';
import { Packing } from './packing';
import { Deal } from './shuffleTrial';
import { WholeGroups } from './wholeGroups';
import type { Search, Work } from './work';

/** What a stage has settled: an arrangement (group of each student) in which every rule holds, or that there is none. */
export type Settled =
  | { readonly outcome: 'valid'; readonly groupOfStudent: Int32Array }
  | { readonly outcome: 'impossible' };

/** One way to look for a valid arrangement; null where it has settled nothing, and the next is tried. */
export type Stage = (work: Work) => Search<Settled | null>;

/** Nodes between two reports of progress: a few milliseconds of work. */
const NODES_A_SLICE = 500;
/** Parts of a search for what breaks less between two reports. */
const MENDING_SLICES = 100;
/** The first dive of the complete search; each restart may go twice as far again. */
const FIRST_DIVE_NODES = 1_500;
const DIVES = [0, 1, 2];
/** Parts of the budget of mending tried after the first dive, and before the complete search goes deep; at the end all of it. */
const FIRST_MENDING = 0.02;
const EARLY_MENDING = 0.3;
/** The same where only apart rules are asked. */
const EARLY_COLOURING = 0.15;
/** Looks that listing whole groups may take before anything that takes long, and where nothing else has led anywhere. */
const EARLY_LISTING = 150_000;
const LISTING = 4_000_000;
/** What a look takes in evaluations. */
const LISTING_LOOK = 0.2;
/** Shuffles that chance would have to get right at least, on average, to be tried at all. */
const NO_HOPE = 1e-3;

/**
 * The stages in their order: whole shuffles, quick placements, short dives of the complete search, a repair, then one
 * long dive that may prove the worst. Where only apart rules are asked the repair is so quick that it comes before the
 * dives. Made as they are asked for, so that what an easy class never needs is never prepared.
 */
export function* stagesOf({ problem, units, budget, rng }: Work): Generator<Stage, void, void> {
  yield shuffles;
  yield quickPlacements;
  const dive = (depth: number): Stage =>
    diving(Math.min(budget.nodes, FIRST_DIVE_NODES * 2 ** depth));
  const whole = WholeGroups.suits(problem, units) ? new WholeGroups(problem, units, rng) : null;
  if (Colouring.suits(problem)) {
    const mend = mending(new Colouring(problem, units, rng), budget.quickLooks);
    yield mend(EARLY_COLOURING);
    if (whole) yield dividingWhole(whole, EARLY_LISTING);
    for (const depth of DIVES) yield dive(depth);
    yield mend(1);
    if (whole) yield dividingWhole(whole, LISTING);
    yield diving(budget.nodes);
    return;
  }
  const mend = Packing.suits(problem, units)
    ? mending(new Packing(problem, units, rng), budget.quickLooks)
    : mending(new Repair(problem, rng), budget.repairSwaps);
  for (const depth of DIVES) {
    yield dive(depth);
    if (depth > 0) continue;
    yield mend(FIRST_MENDING);
    if (whole) yield dividingWhole(whole, EARLY_LISTING);
  }
  yield mend(EARLY_MENDING);
  if (whole) yield dividingWhole(whole, LISTING);
  yield diving(budget.nodes);
  yield mend(1);
}

/** How many stages there are at the most, for telling how far the work has come. */
export const STAGES = 2 + DIVES.length + 6;

/** Whole shuffles: the first that keeps the rules is a fair draw. */
const shuffles: Stage = function* (work) {
  const { problem, units, budget, rng } = work;
  const deal = new Deal(problem);
  const trials = shufflesWorthTrying(problem, units, budget);
  for (let trial = 0; trial < trials; trial++) {
    work.evaluations++;
    deal.draw(rng);
    if (ruleBreaks(problem, deal.groupOfStudent).length === 0) {
      return { outcome: 'valid', groupOfStudent: deal.groupOfStudent };
    }
    yield { done: (trial + 1) / trials };
  }
  return null;
};

/**
 * A large class with rules hardly ever comes out right by chance: then one trial in a hundred is plenty. Where chance
 * has next to no hope, as rules about members alone tell, one trial is.
 */
function shufflesWorthTrying(problem: Problem, units: Units, budget: Budget): number {
  const free = units.unitCount === problem.studentCount && problem.rules.length === 0;
  if (free || luckOf(problem) * budget.shuffles < NO_HOPE) return 1;
  return problem.studentCount > 200 ? Math.ceil(budget.shuffles / 100) : budget.shuffles;
}

const quickPlacements: Stage = function* (work) {
  const { problem, units, budget, rng } = work;
  const placement = work.placement();
  for (let attempt = 0; placement && attempt < budget.greedyTries; attempt++) {
    work.evaluations++;
    const settled = placeGreedily(placement, units, problem.groupCount, rng) ? placed(work) : null;
    if (settled) return settled;
    yield { done: (attempt + 1) / budget.greedyTries };
  }
  return null;
};

/** The complete search over so many nodes. */
function diving(nodes: number): Stage {
  return function* (work) {
    const { problem, units, rng } = work;
    const placement = work.placement();
    if (!placement) return null;
    const search = new ExactSearch(problem, units, placement, rng);
    const outcome = yield* run(search, nodes);
    work.evaluations += nodes;
    if (outcome === 'impossible') return { outcome };
    return outcome === 'found' ? placed(work) : null;
  };
}

function* run(search: ExactSearch, nodes: number) {
  for (let visited = 0; visited < nodes; visited += NODES_A_SLICE) {
    const outcome = search.run(Math.min(NODES_A_SLICE, nodes - visited));
    if (outcome !== 'paused') return outcome;
    yield { done: visited / nodes };
  }
  return 'paused' as const;
}

/** Groups listed by so many looks at the most, and units covered by them. */
function dividingWhole(whole: WholeGroups, looks: number): Stage {
  return function* (work) {
    const before = whole.looks;
    const divided = yield* whole.run(looks);
    work.evaluations += Math.ceil(LISTING_LOOK * (whole.looks - before));
    return divided?.outcome === 'valid' ? mixed(work, divided.groupOfStudent) : divided;
  };
}

/** A search for what breaks less, which goes on where it was left, each time for such a part of all that it may take. */
function mending(search: Colouring | Packing | Repair, all: number): (part: number) => Stage {
  return (part) =>
    function* (work) {
      const most = all * part;
      for (let tried = 0; tried < most && !search.done;) {
        const some = search.run(Math.min(all / MENDING_SLICES, most - tried));
        tried += some;
        work.evaluations += some;
        yield { done: tried / most };
      }
      return search.incumbentPenalty > 0 ? null : mixed(work, search.incumbent.slice());
    };
}

/** What stands in the placement, with everybody else seated at random. */
function placed(work: Work): Settled | null {
  const groupOfStudent = new Int32Array(work.problem.studentCount);
  return work.placement()?.complete(work.rng, groupOfStudent) ? mixed(work, groupOfStudent) : null;
}

/** Walks away from an arrangement that was not drawn at random, so that none is favoured. */
function mixed(work: Work, groupOfStudent: Int32Array): Settled {
  const { problem, units, budget, rng } = work;
  const steps = budget.mixingPerStudent * problem.studentCount;
  mix(problem, units, groupOfStudent, steps, rng);
  work.evaluations += steps;
  return { outcome: 'valid', groupOfStudent };
}
