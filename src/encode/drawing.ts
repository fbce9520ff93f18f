import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';

/** One after the other until all have come, or always one of those who came least often. */
export type DrawOrder = 'round' | 'least';

/**
 * Those who may be drawn next, of those who are here. In rounds, nobody comes again before all who are here have come;
 * whoever comes late is still to come in the round. `past` is oldest first and may name others.
 */
export function stillToDraw<T>(
  here: readonly T[],
  past: readonly T[],
  order: DrawOrder,
): readonly T[] {
  if (order === 'least') {
    const times = new Map<T, number>();
    for (const one of past) times.set(one, (times.get(one) ?? 0) + 1);
    const least = Math.min(...here.map((one) => times.get(one) ?? 0));
    return here.filter((one) => (times.get(one) ?? 0) === least);
  }
  let drawn = new Set<T>();
  for (const one of past) {
    drawn.add(one);
    if (here.every((each) => drawn.has(each))) drawn = new Set();
  }
  return here.filter((one) => !drawn.has(one));
}

/** One of those who may be drawn, each with the same chance; undefined where nobody is here. */
export function drawOne<T>(
  here: readonly T[],
  past: readonly T[],
  order: DrawOrder,
  seed: number,
): T | undefined {
  const pool = stillToDraw(here, past, order);
  return pool.length === 0 ? undefined : pool[uniformInt(rngFromSeed(seed), pool.length)];
}
