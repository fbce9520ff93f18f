import type { Progress } from '../format';
import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import type { Budget } from './budget';
import { Placement } from './placement';

/** A search in slices: it says how far it has come, and gives way to whoever drives it. */
export type Search<T> = Generator<Progress, T, void>;

/** A valid arrangement with less cost than the one it was made from, or the same. */
export interface Improved {
  readonly groupOfStudent: Int32Array;
  readonly evaluations: number;
}

/** Cells of a placement (units with a rule x groups) up to which it is worth its memory. */
const MOST_CELLS = 6_000_000;

/** What the stages of a search for a valid arrangement share. */
export interface Work {
  readonly problem: Problem;
  readonly units: Units;
  readonly budget: Budget;
  readonly rng: Rng;
  /** The units that rules speak of, to be placed one by one; null where they would take too much memory. Made once. */
  readonly placement: () => Placement | null;
  /** Arrangements, nodes and swaps looked at so far. */
  evaluations: number;
}

export function placementOf(problem: Problem, units: Units): Placement | null {
  // Every unit might be spoken of; only then is the memory a matter.
  if (units.unitCount * problem.groupCount > 4 * MOST_CELLS) return null;
  const placement = new Placement(problem, units);
  return placement.constrained.length * problem.groupCount > MOST_CELLS ? null : placement;
}

/** The work as a part of a longer one, from how far to how far that is; its last step may go beyond its budget. */
export function* within<T>(from: number, to: number, work: Search<T>): Search<T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield { done: from + (to - from) * Math.min(1, step.value.done) };
  }
}

export function workOn(problem: Problem, units: Units, budget: Budget, rng: Rng): Work {
  let placement: Placement | null | undefined;
  return {
    problem,
    units,
    budget,
    rng,
    placement: () =>
      placement === undefined ? (placement = placementOf(problem, units)) : placement,
    evaluations: 0,
  };
}
