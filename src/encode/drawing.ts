import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';

/** One after the other until all have come, or always one of those who came least often. */
export type DrawOrder = 'round' | 'least';

/** A draw of before: who or what came, and in which round, from 1. */
export interface PastDraw<T> {
  readonly drawn: T;
  readonly round: number;
}

/**
 * Those of the ones that are here who may be drawn next, and the round that it is. In rounds nobody comes again before
 * all who are here have come; whoever was away or is new is to come once in the round under way, like the others.
 */
export function stillToDraw<T>(
  here: readonly T[],
  past: readonly PastDraw<T>[],
  order: DrawOrder,
): { readonly pool: readonly T[]; readonly round: number } {
  const last = new Map<T, number>();
  const times = new Map<T, number>();
  for (const { drawn, round } of past) {
    last.set(drawn, Math.max(round, last.get(drawn) ?? 0));
    times.set(drawn, (times.get(drawn) ?? 0) + 1);
  }
  const round = Math.max(1, ...here.map((one) => last.get(one) ?? 0));
  if (order === 'least') {
    const least = Math.min(...here.map((one) => times.get(one) ?? 0));
    return { pool: here.filter((one) => (times.get(one) ?? 0) === least), round };
  }
  const toCome = here.filter((one) => (last.get(one) ?? 0) < round);
  return toCome.length > 0 ? { pool: toCome, round } : { pool: here, round: round + 1 };
}

/** One of those who may be drawn, each with the same chance, and its round; undefined where nobody is here. */
export function drawOne<T>(
  here: readonly T[],
  past: readonly PastDraw<T>[],
  order: DrawOrder,
  seed: number,
): PastDraw<T> | undefined {
  const { pool, round } = stillToDraw(here, past, order);
  const drawn = pool[uniformInt(rngFromSeed(seed), Math.max(1, pool.length))];
  return drawn === undefined ? undefined : { drawn, round };
}
