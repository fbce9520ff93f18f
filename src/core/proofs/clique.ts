import type { Units } from '../problem/units';

/** Branches looked at before the largest clique met so far is taken; enough to be exact for ordinary classes. */
const MOST_BRANCHES = 20_000;

/**
 * Units that must all be apart from each other, as many as can be found; stops at `enough`.
 * Branch and bound by size (Carraghan and Pardalos 1990); exact unless the bound on branches is hit.
 */
export function largestClique(units: Units, enough: number): readonly number[] {
  const adjacent = adjacency(units);
  const order = [...adjacent.keys()].sort((a, b) => degree(adjacent, b) - degree(adjacent, a));
  let best: readonly number[] = [];
  let branches = 0;
  const extend = (clique: readonly number[], candidates: readonly number[]): void => {
    if (clique.length > best.length) best = clique;
    for (let i = 0; i < candidates.length; i++) {
      if (best.length >= enough || clique.length + candidates.length - i <= best.length) return;
      if (++branches > MOST_BRANCHES) return;
      const unit = candidates[i] as number;
      const near = adjacent.get(unit);
      extend(
        [...clique, unit],
        candidates.slice(i + 1).filter((other) => near?.has(other)),
      );
    }
  };
  extend([], order);
  return best;
}

function adjacency(units: Units): Map<number, Set<number>> {
  const adjacent = new Map<number, Set<number>>();
  for (let unit = 0; unit < units.unitCount; unit++) {
    const [start, end] = [units.startOfNeighbours[unit], units.startOfNeighbours[unit + 1]];
    if (start !== end) adjacent.set(unit, new Set(units.neighbours.subarray(start, end)));
  }
  return adjacent;
}

function degree(adjacent: Map<number, Set<number>>, unit: number): number {
  return adjacent.get(unit)?.size ?? 0;
}
