import type { Problem } from './problem';

/**
 * Pairs that were together in one earlier division and must be together again in groups of the given sizes, at the
 * least: by the pigeonhole principle the members of an earlier group, spread as evenly as can be over the new ones, still
 * meet, and so do the members of a new group, who come from no more earlier groups than there are. Whoever was in no
 * earlier group counts as one of their own.
 */
export function leastTogetherAgain(
  earlier: readonly Int32Array[],
  { sizeOfGroup, studentCount }: Pick<Problem, 'sizeOfGroup' | 'studentCount'>,
): number {
  const placed = earlier.reduce((sum, { length }) => sum + length, 0);
  // Of groups that overlap nothing is claimed: they are no division.
  if (new Set(earlier.flatMap((members) => [...members])).size < placed) return 0;
  const origins = earlier.length + studentCount - placed;
  const fromEarlier = earlier.reduce(
    (sum, { length }) => sum + pairsSpread(length, sizeOfGroup.length),
    0,
  );
  const fromNew = sizeOfGroup.reduce((sum, size) => sum + pairsSpread(size, origins), 0);
  return Math.max(fromEarlier, fromNew);
}

/** Pairs in one place when so many are spread as evenly as can be over so many places. */
export function pairsSpread(count: number, places: number): number {
  const [each, more] = [Math.floor(count / places), count % places];
  return (places * each * (each - 1)) / 2 + more * each;
}
