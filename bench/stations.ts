import { performance } from 'node:perf_hooks';
import { meetingTable } from '@/core/stations/meetings';
import { stationTable } from '@/core/stations/rotation';
import { printTable } from './table';

/** groups / stations / at a station / turns, up to 30 groups and a few beyond. */
const ROTATIONS: readonly (readonly [number, number, number, number])[] = [
  [8, 4, 2, 4],
  [12, 6, 2, 6],
  [20, 10, 2, 10],
  [28, 14, 2, 14],
  [30, 15, 2, 15],
  [11, 6, 2, 6],
  [13, 4, 3, 4],
  [9, 3, 3, 3],
  [16, 4, 4, 4],
  [12, 4, 3, 4],
  [18, 6, 3, 6],
  [30, 10, 3, 10],
  [30, 10, 3, 8],
  [30, 6, 3, 6],
  [30, 8, 2, 10],
  [40, 10, 4, 10],
  [120, 60, 2, 60],
];
const MEETINGS: readonly (readonly [number, number | null])[] = [
  [7, null],
  [8, 7],
  [12, 11],
  [30, null],
  [31, 7],
];

/** Tables of turns: pairs together twice beside the bound, and the time of one table. */
export function benchStations(): void {
  printTable('Groups round stations', [
    ['groups', 'stations', 'at each', 'turns', 'pairs twice', 'bound', 'ms'],
    ...ROTATIONS.map(([groups, stations, perStation, turns]) => {
      const begin = performance.now();
      const made = stationTable({ groups, stations, perStation, turns });
      const ms = performance.now() - begin;
      const { pairsTwice, bestPossible } = made;
      return [groups, stations, perStation, turns, pairsTwice, bestPossible.pairsTwice, ms];
    }),
  ]);
  printTable('Groups that meet', [
    ['groups', 'places', 'turns', 'visits twice', 'bound', 'ms'],
    ...MEETINGS.map(([groups, places]) => {
      const begin = performance.now();
      const made = meetingTable({ groups, places, turns: null });
      const ms = performance.now() - begin;
      const { table, visitsTwice, bestPossible } = made;
      return [groups, places ?? 'all', table.length, visitsTwice, bestPossible.visitsTwice, ms];
    }),
  ]);
}
