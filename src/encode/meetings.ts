import type { StudentId } from '../schema/ids';
import type { PastGroups } from './bench';

/** How often two students were in one group over some lineups. */
export interface Meetings {
  readonly between: (one: StudentId, two: StudentId) => number;
  readonly most: number;
  /** How many pairs were in one group at all. */
  readonly pairs: number;
}

export function meetingsIn(lineups: readonly PastGroups[]): Meetings {
  const counts = new Map<string, number>();
  let most = 0;
  for (const ids of lineups.flat()) {
    ids.forEach((one, i) => {
      for (const two of ids.slice(i + 1)) {
        const key = pairKey(one, two);
        const count = (counts.get(key) ?? 0) + 1;
        counts.set(key, count);
        most = Math.max(most, count);
      }
    });
  }
  return { between: (one, two) => counts.get(pairKey(one, two)) ?? 0, most, pairs: counts.size };
}

/** The same for both orders. */
export function pairKey(one: string, two: string): string {
  return one < two ? `${one} ${two}` : `${two} ${one}`;
}
