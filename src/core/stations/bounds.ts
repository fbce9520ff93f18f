import { shapeOf, shareOf } from './shape';
import type { Rotation, TurnBounds } from './types';

/** What no table for these groups can better, proved by counting. */
export function boundsOf(rotation: Rotation): TurnBounds & { readonly meetingsAgain: number } {
  const { groups, turns } = rotation;
  const { visits } = shapeOf(rotation);
  const again = meetingsAgain(rotation);
  // A pair can be together in as many turns as there are stations to visit, and is counted once however often.
  const mostTogether = Math.min(rotation.stations, turns);
  return {
    meetingsAgain: again,
    pairsTwice: mostTogether < 2 ? 0 : Math.ceil(again / (mostTogether - 1)),
    visitsTwice: 0,
    breaks: { total: groups * turns - visits, apart: visits % groups === 0 ? 0 : 1 },
  };
}

/**
 * The fewest meetings beyond each pair's first: by the meetings there are and the pairs there are; and by pigeonholes,
 * since those who share a station must go to one of the others in every other turn.
 */
function meetingsAgain(rotation: Rotation): number {
  const { groups, stations, perStation, turns } = rotation;
  const { places, visits } = shapeOf(rotation);
  const meetings = places.flat().reduce((sum, there) => sum + pairsOf(there), 0);
  const byCounting = Math.max(0, meetings - pairsOf(groups), meetingsOfEach(rotation, meetings));
  // How many have a break must be the same in every turn of every table: where nobody has, or no place is ever free.
  const present = [groups * turns, stations * perStation * turns].includes(visits);
  if (!present || stations < 2 || turns < 2) return byCounting;
  const away = groups - visits / turns;
  const twice = places.reduce(
    (sum, row, turn) =>
      sum +
      (turns - 1 - turn) *
        row.reduce((pairs, there) => pairs + leastPairs(there - away, stations - 1), 0),
    0,
  );
  // A pair m times together is counted m(m-1)/2 times there, and m-1 times here.
  return Math.max(byCounting, Math.ceil((2 * twice) / Math.min(stations, turns)));
}

/** By what each group meets: with more meetings than other groups some are met again. */
function meetingsOfEach({ groups }: Rotation, meetings: number): number {
  let total = 0;
  for (let group = 0; group < groups; group++) {
    total += Math.max(0, shareOf(2 * meetings, groups, group) - (groups - 1));
  }
  return Math.floor(total / 2);
}

const pairsOf = (n: number): number => (n * (n - 1)) / 2;

/** The fewest pairs side by side when `n` are spread over `holes`. */
function leastPairs(n: number, holes: number): number {
  if (n <= holes) return 0;
  let pairs = 0;
  for (let hole = 0; hole < holes; hole++) pairs += pairsOf(shareOf(n, holes, hole));
  return pairs;
}
