import { rngFromSeed } from '../random/rng';
import { quickInt, uniformUnit } from '../random/uniform';
import type { Pair } from './types';

const STEPS = 100_000;
const WARM = 1;
const COLD = 0.1;

interface PairsOfTurns {
  readonly groups: number;
  /** At least as many as there are pairs in a turn. */
  readonly places: number;
  readonly turns: readonly (readonly Pair[])[];
  readonly seed: number;
}

/** turn → group → place, a place for each pair, so that groups come to as few places twice as was found. */
export function placedPairs({ groups, places, turns, seed }: PairsOfTurns): (number | null)[][] {
  const rng = rngFromSeed(seed);
  const visits = Array.from({ length: groups }, () => new Int32Array(places));
  const at = turns.map((pairs) =>
    Array.from({ length: places }, (_, place): Pair | null => pairs[place] ?? null),
  );
  let again = 0;
  const visit = (pair: Pair | null, place: number, by: 1 | -1): void => {
    for (const group of pair ?? []) {
      const seen = visits[group] as Int32Array;
      const before = seen[place] as number;
      seen[place] = before + by;
      if (Math.max(before, before + by) > 1) again += by;
    }
  };
  const exchange = (row: (Pair | null)[], one: number, other: number): void => {
    const [first, second] = [row[one] ?? null, row[other] ?? null];
    visit(first, one, -1);
    visit(second, other, -1);
    visit(first, other, 1);
    visit(second, one, 1);
    row[one] = second;
    row[other] = first;
  };
  at.forEach((row) => row.forEach((pair, place) => visit(pair, place, 1)));
  const least = visits.reduce(
    (sum, seen) => sum + Math.max(0, seen.reduce((all, times) => all + times, 0) - places),
    0,
  );
  const cooling = (COLD / WARM) ** (1 / STEPS);
  let heat = WARM;
  for (let step = 0; step < STEPS && again > least; step++) {
    heat *= cooling;
    const row = at[quickInt(rng, at.length)] as (Pair | null)[];
    const [one, other] = [quickInt(rng, places), quickInt(rng, places)];
    if (one === other) continue;
    const before = again;
    exchange(row, one, other);
    const worse = again - before;
    if (worse > 0 && uniformUnit(rng) >= Math.exp(-worse / heat)) exchange(row, one, other);
  }
  return at.map((row) => {
    const turn = Array.from({ length: groups }, (): number | null => null);
    row.forEach((pair, place) => {
      for (const group of pair ?? []) turn[group] = place;
    });
    return turn;
  });
}
