import type { Rotation } from './types';

/** How many places each station has in each turn, and how often each group visits: what every good table shares. */
export interface TableShape {
  /** turn → station → groups there. */
  readonly places: readonly (readonly number[])[];
  /** All visits of all groups, the most that can be had without visiting a station twice. */
  readonly visits: number;
}

/**
 * As many visits as can be, shared evenly over turns, stations and groups.
 *
 * A group visits a station once at most, and is at one station at most in a turn; so there are at most
 * groups · min(stations, turns) visits, and at most min(groups, turns · perStation) at each station. Both are reached at
 * once: a bipartite graph of groups and stations whose degrees differ by one at most exists with that many edges, and
 * its edges fall into `turns` colours so that each vertex has its edges of each colour within one of each other
 * (de Werra, "Equitable colorations of graphs", 1971).
 */
export function shapeOf({ groups, stations, perStation, turns }: Rotation): TableShape {
  const visits = Math.min(
    groups * Math.min(stations, turns),
    stations * Math.min(groups, turns * perStation),
  );
  // Whole rounds over the stations, carried on from turn to turn, so that no station has more over all than another.
  let next = 0;
  const places = Array.from({ length: turns }, (_, turn) => {
    const present = shareOf(visits, turns, turn);
    const row = Array.from({ length: stations }, () => 0);
    for (let i = 0; i < present; i++) {
      const station = next++ % stations;
      row[station] = (row[station] ?? 0) + 1;
    }
    return row;
  });
  return { places, visits };
}

/** What the `index`-th of `parts` has of `total`, the first ones getting what is left over. */
export function shareOf(total: number, parts: number, index: number): number {
  return Math.floor(total / parts) + (index < total % parts ? 1 : 0);
}

/** The fewest turns in which every group can have been at every station. */
export function turnsForAll({ groups, stations, perStation }: Omit<Rotation, 'turns'>): number {
  return Math.max(stations, Math.ceil(groups / perStation));
}
