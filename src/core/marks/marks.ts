import type { Parts } from './shares';

/** How parts of the work turn a group's mark into marks. */
export interface Sharing {
  /** From 0 (no effect) to 1 (twice the part, twice the mark, before the bound). */
  readonly strength: number;
  /** No mark is further from the group's than so many points. */
  readonly bound: number;
}

/**
 * Marks out of a group's mark and the parts of its members: together as much as the group's mark for each of them, none
 * further from it than the bound, none below 0 or above `most`. What the bounds keep from somebody goes evenly to the
 * others whom no bound holds (the nearest marks within the bounds that keep the sum). O(members · log precision).
 */
export function marksByParts(
  mark: number,
  most: number,
  parts: Parts,
  { strength, bound }: Sharing,
): readonly number[] {
  const [low, high] = [Math.max(0, mark - bound), Math.min(most, mark + bound)];
  const wanted = parts.map((part) => mark * (1 + strength * (part - 1)));
  const held = (shift: number): readonly number[] =>
    wanted.map((one) => Math.min(high, Math.max(low, one + shift)));
  const all = mark * parts.length;
  // The sum grows with the shift, from all at the low bound to all at the high one; the mark lies between them.
  let [less, more] = [low - Math.max(...wanted), high - Math.min(...wanted)];
  if (sum(held(0)) === all) return held(0);
  for (let step = 0; step < HALVINGS; step++) {
    const middle = (less + more) / 2;
    if (sum(held(middle)) < all) less = middle;
    else more = middle;
  }
  return held((less + more) / 2);
}

/** Halvings of an interval until nothing of it is left in a figure of 53 bits. */
const HALVINGS = 60;

function sum(list: readonly number[]): number {
  return list.reduce((all, one) => all + one, 0);
}

/** What is taken off for what came late: so much for each hour or day begun, up to so much. */
export interface LateRule {
  /** Points for each. */
  readonly points: number;
  readonly every: 'hour' | 'day';
  /** Points, the most that are taken off. */
  readonly upTo: number;
}

const MINUTES = { hour: 60, day: 24 * 60 } as const;

/** Points that are taken off for coming so many minutes late, 0 for what came in time. */
export function takenOff(late: number, { points, every, upTo }: LateRule): number {
  return late <= 0 ? 0 : Math.min(upTo, points * Math.ceil(late / MINUTES[every]));
}

/** A figure at the nearest multiple of a step (such as 0.5), halves upwards; never below 0 or above `most`. */
export function rounded(value: number, step: number, most: number): number {
  // What a figure of 53 bits lacks to a half is not to decide.
  const steps = Math.floor(value / step + 0.5 + 1e-9);
  return Math.min(most, Math.max(0, Number((steps * step).toFixed(6))));
}

/** The mean of what there is, each by its weight; null where there is nothing of any weight. */
export function weightedMean(
  given: readonly { readonly value: number; readonly weight: number }[],
): number | null {
  const weight = sum(given.map((one) => one.weight));
  return weight === 0 ? null : sum(given.map((one) => one.value * one.weight)) / weight;
}
