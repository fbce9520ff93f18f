/** Bits of a word; sets of units are bits of several. */
export const BITS = 32;

/** A word with so many bits set, from the lowest on; none for less than one. */
export function firstBits(count: number): number {
  return count < 1 ? 0 : (-1 >>> (BITS - Math.min(count, BITS))) | 0;
}

/** Bits set in a word, counted side by side. */
export function countBits(word: number): number {
  let sums = word - ((word >>> 1) & 0x55555555);
  sums = (sums & 0x33333333) + ((sums >>> 2) & 0x33333333);
  return Math.imul((sums + (sums >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}
