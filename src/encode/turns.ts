import { boundsOf } from '../core/stations/bounds';
import { countTable } from '../core/stations/count';
import { turnsForAll } from '../core/stations/shape';
import { MOST_STATIONS, MOST_TURNS } from '../core/stations/types';
import type { Turns } from '../schema/plan';

export { MOST_STATIONS, MOST_TURNS };

/** What holds of a whole table of turns, beside the best that is possible. */
export interface TurnsAccount {
  /** Every group comes to every station, or has met all others. */
  readonly complete: boolean;
  readonly pairsTwice: number;
  readonly fewestPairsTwice: number;
  readonly leastBreaks: number;
  readonly mostBreaks: number;
}

/** Counted from the table itself, however it came about. */
export function turnsAccount({ kind, stations, perStation, table }: Turns): TurnsAccount {
  const { pairsTwice, breaks } = countTable(table);
  const groups = breaks.length;
  const whole = kind === 'meet' ? groups - 1 : stations.length;
  const rotation = { groups, stations: stations.length, perStation, turns: table.length };
  return {
    complete: breaks.every((free) => table.length - free >= whole),
    pairsTwice,
    fewestPairsTwice: kind === 'meet' || groups === 0 ? 0 : boundsOf(rotation).pairsTwice,
    leastBreaks: Math.min(...breaks),
    mostBreaks: Math.max(0, ...breaks),
  };
}

/** The fewest turns in which every group has been everywhere, or has met all others; no more than a table has. */
export function fullTurns(
  kind: Turns['kind'],
  groups: number,
  stations: number,
  perStation: number,
): number {
  const all =
    kind === 'meet'
      ? Math.max(1, groups - 1 + (groups % 2))
      : turnsForAll({ groups, stations, perStation });
  return Math.min(MOST_TURNS, all);
}
