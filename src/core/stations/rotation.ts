import { boundsOf } from './bounds';
import { tableOfClasses } from './classes';
import { colouredTable } from './coloured';
import { countTable } from './count';
import { searchTable } from './search';
import { shapeOf } from './shape';
import { howellTable } from './starters';
import type { Rotation, TurnTable } from './types';

/** Exchanges tried for a table that no design gives. */
const STEPS = 500_000;
/** Beyond this many groups the first row of a square of pairs is not found in good time. */
const MOST_IN_SQUARE = 80;

/**
 * The whole table of turns at once: no group at a station twice, breaks within one of each other, and two groups at a
 * station together again as seldom as was found in so many exchanges. The same input gives the same table.
 */
export function stationTable(rotation: Rotation, seed = 1, steps = STEPS): TurnTable {
  const { meetingsAgain, ...bestPossible } = boundsOf(rotation);
  let best: { readonly table: TurnTable['table']; readonly again: number } | null = null;
  for (const make of WAYS) {
    const table = make(rotation, seed, steps);
    const counted = table && countTable(table);
    if (!counted || !holds(counted)) continue;
    const again = counted.meetingsAgain;
    if (best === null || again < best.again) best = { table, again };
    if (best.again <= meetingsAgain) break;
  }
  const table = best?.table ?? colouredTable(rotation, shapeOf(rotation));
  const { pairsTwice, visitsTwice, breaks } = countTable(table);
  return { table, pairsTwice, visitsTwice, breaks, bestPossible };
}

type Way = (rotation: Rotation, seed: number, steps: number) => (number | null)[][] | null;

/** From the surest to the slowest. */
const WAYS: readonly Way[] = [
  (rotation) => tableOfClasses(rotation, 'nothing'),
  fromSquare,
  (rotation) => tableOfClasses(rotation, 'lastTurn'),
  (rotation) => tableOfClasses(rotation, 'rows'),
  (rotation, seed, steps) => searchTable(rotation, shapeOf(rotation), seed, steps),
];

/** Two at each station: part of a square of pairs, all stations as even as two and one. */
function fromSquare({ groups, stations, perStation, turns }: Rotation): number[][] | null {
  const fits = perStation === 2 && turns <= stations && groups > stations;
  if (!fits || groups > 2 * stations || 2 * stations > MOST_IN_SQUARE) return null;
  const square = howellTable(stations);
  if (!square) return null;
  // Those left out never stood together, so no station is left with nobody.
  const together = (a: number, b: number): boolean => square.some((row) => row[a] === row[b]);
  const left: number[] = [];
  for (let group = 2 * stations - 1; group >= 0 && left.length < 2 * stations - groups; group--) {
    if (!left.some((other) => together(group, other))) left.push(group);
  }
  if (left.length < 2 * stations - groups) return null;
  return square.slice(0, turns).map((row) => row.filter((_, group) => !left.includes(group)));
}

/** No station twice, and breaks within one of each other. */
function holds({ visitsTwice, breaks }: Pick<TurnTable, 'visitsTwice' | 'breaks'>): boolean {
  return visitsTwice === 0 && Math.max(...breaks) - Math.min(...breaks) <= 1;
}
