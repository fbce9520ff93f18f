import type { Rng } from './rng';

/** A uniform integer from 0 (included) to `bound` (excluded); `bound` is from 1 to 2^32. */
export function uniformInt(rng: Rng, bound: number): number {
  // Values past the last whole multiple of `bound` are drawn again: without this, small numbers come too often.
  const limit = 0x100000000 - (0x100000000 % bound);
  let value = rng.nextUint32();
  while (value >= limit) value = rng.nextUint32();
  return value % bound;
}

/**
 * An integer from 0 (included) to `bound` (excluded; up to 2^20) for the inner loop of a search: each comes with the
 * same chance but for less than one part in 4,000, and drawing never repeats.
 */
export function quickInt(rng: Rng, bound: number): number {
  return Math.trunc((rng.nextUint32() * bound) / 0x100000000);
}

/** A uniform number from 0 (included) to 1 (excluded), in steps of 2^-32. */
export function uniformUnit(rng: Rng): number {
  return rng.nextUint32() / 0x100000000;
}

/** Puts the first `length` entries in a uniformly random order (Fisher and Yates; Durstenfeld 1964). */
export function shuffle(rng: Rng, values: Int32Array, length: number = values.length): void {
  for (let last = length - 1; last > 0; last--) {
    const other = uniformInt(rng, last + 1);
    const kept = values[last] as number;
    values[last] = values[other] as number;
    values[other] = kept;
  }
}
