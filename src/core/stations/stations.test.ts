import fc from 'fast-check';
import { boundsOf } from './bounds';
import { colouredTable } from './coloured';
import { countTable } from './count';
import { meetingTable } from './meetings';
import { stationTable } from './rotation';
import { shapeOf, turnsForAll } from './shape';
import { howellTable } from './starters';
import type { Rotation, TurnTable } from './types';

/** The fewest pairs together twice over every table there is that visits no station twice and has all it can there. */
function leastByTryingAll(rotation: Rotation): { pairs: number; visits: number } {
  const { groups, stations, perStation, turns } = rotation;
  const rows = everyRow(groups, stations, perStation);
  let best = { pairs: Number.POSITIVE_INFINITY, visits: -1 };
  const table: (number | null)[][] = [];
  const extend = (): void => {
    if (table.length === turns) {
      const { visitsTwice, pairsTwice, breaks } = countTable(table);
      if (visitsTwice > 0) return;
      const visits = groups * turns - breaks.reduce((sum, free) => sum + free, 0);
      const fair = Math.max(...breaks) - Math.min(...breaks) <= 1;
      if (visits > best.visits) best = { pairs: Number.POSITIVE_INFINITY, visits };
      if (visits === best.visits && fair) best.pairs = Math.min(best.pairs, pairsTwice);
      return;
    }
    for (const row of rows) {
      if (row.some((at, group) => at !== null && table.some((other) => other[group] === at))) {
        continue;
      }
      table.push([...row]);
      extend();
      table.pop();
    }
  };
  extend();
  return best;
}

function everyRow(groups: number, stations: number, perStation: number): (number | null)[][] {
  let rows: (number | null)[][] = [[]];
  for (let group = 0; group < groups; group++) {
    rows = rows.flatMap((row) =>
      [null, ...Array.from({ length: stations }, (_, at) => at)].flatMap((at) =>
        at !== null && row.filter((other) => other === at).length >= perStation
          ? []
          : [[...row, at]],
      ),
    );
  }
  return rows;
}

/** Exchanges that are enough for small tables. */
const FEW = 20_000;

const smallRotation = fc.record({
  groups: fc.integer({ min: 1, max: 9 }),
  stations: fc.integer({ min: 1, max: 6 }),
  perStation: fc.integer({ min: 1, max: 3 }),
  turns: fc.integer({ min: 1, max: 7 }),
});

function expectSound(
  { table }: Pick<TurnTable, 'table'>,
  { groups, stations, perStation, turns }: Rotation,
) {
  expect(table).toHaveLength(turns);
  for (const row of table) {
    expect(row).toHaveLength(groups);
    for (let station = 0; station < stations; station++) {
      expect(row.filter((at) => at === station).length).toBeLessThanOrEqual(perStation);
    }
    expect(row.every((at) => at === null || (at >= 0 && at < stations))).toBe(true);
  }
}

test('no group is at a station twice, no station too full, and breaks are few and shared within one', () => {
  fc.assert(
    fc.property(smallRotation, (rotation) => {
      const made = stationTable(rotation, 1, FEW);
      expectSound(made, rotation);
      const { total, apart } = made.bestPossible.breaks;
      expect(made.visitsTwice).toBe(0);
      expect(made.breaks.reduce((sum, free) => sum + free, 0)).toBe(total);
      expect(Math.max(...made.breaks) - Math.min(...made.breaks)).toBe(apart);
      expect(made.pairsTwice).toBeGreaterThanOrEqual(made.bestPossible.pairsTwice);
    }),
    { seed: 3, numRuns: 40 },
  );
}, 60_000);

test.each([
  [4, 2, 2, 2],
  [3, 2, 2, 2],
  [4, 3, 2, 2],
  [4, 2, 2, 3],
  [3, 3, 2, 3],
  [3, 3, 1, 4],
])('%i groups, %i stations of %i, %i turns: as good as the best of all tables', (...given) => {
  const [groups, stations, perStation, turns] = given;
  const rotation = { groups, stations, perStation, turns };
  const made = stationTable(rotation);
  const least = leastByTryingAll(rotation);
  expect(groups * turns - made.bestPossible.breaks.total).toBe(least.visits);
  expect(made.bestPossible.pairsTwice).toBeLessThanOrEqual(least.pairs);
  expect(made.pairsTwice).toBe(least.pairs);
});

test.each([
  [8, 4, 2, 4],
  [12, 6, 2, 6],
  [20, 10, 2, 10],
  [30, 15, 2, 15],
  [11, 6, 2, 6],
  [12, 4, 3, 4],
  [24, 8, 3, 8],
  [18, 6, 3, 5],
  [12, 4, 2, 6],
  [30, 5, 3, 10],
  [30, 10, 3, 12],
  [120, 60, 2, 60],
])('%i groups, %i stations of %i, %i turns: no two share a station twice', (...given) => {
  const [groups, stations, perStation, turns] = given;
  const made = stationTable({ groups, stations, perStation, turns });
  expectSound(made, { groups, stations, perStation, turns });
  expect(made).toMatchObject({ pairsTwice: 0, visitsTwice: 0 });
});

test('where more share a station than there are others to go to, as few meet again as must', () => {
  for (const [groups, stations, perStation] of [
    [9, 3, 3],
    [16, 4, 4],
    [6, 2, 3],
  ] as const) {
    const made = stationTable({ groups, stations, perStation, turns: stations }, 1, FEW);
    expect(made.pairsTwice).toBeGreaterThan(0);
    expect(made.pairsTwice).toBe(made.bestPossible.pairsTwice);
  }
});

test('groups are no more together than there are too few stations', () => {
  const { table } = stationTable({ groups: 5, stations: 5, perStation: 3, turns: 5 });
  for (const row of table) expect(new Set(row).size).toBe(5);
  const more = stationTable({ groups: 13, stations: 6, perStation: 4, turns: 4 });
  for (const row of more.table) {
    const there = Array.from({ length: 6 }, (_, at) => row.filter((one) => one === at).length);
    expect(there.sort()).toEqual([2, 2, 2, 2, 2, 3]);
  }
});

test('without a number of turns every group comes to every station', () => {
  fc.assert(
    fc.property(smallRotation, ({ groups, stations, perStation }) => {
      const asked = { groups, stations, perStation };
      const { table } = stationTable({ ...asked, turns: turnsForAll(asked) }, 1, FEW);
      for (let group = 0; group < groups; group++) {
        const visited = new Set(table.map((row) => row[group]));
        visited.delete(null);
        expect(visited.size).toBe(stations);
      }
    }),
    { seed: 4, numRuns: 25 },
  );
}, 60_000);

test('the sure table has no visit twice and all the visits, whatever the size', () => {
  fc.assert(
    fc.property(
      fc.record({
        groups: fc.integer({ min: 1, max: 40 }),
        stations: fc.integer({ min: 1, max: 25 }),
        perStation: fc.integer({ min: 1, max: 4 }),
        turns: fc.integer({ min: 1, max: 30 }),
      }),
      (rotation) => {
        const table = colouredTable(rotation, shapeOf(rotation));
        const { visitsTwice, breaks } = countTable(table);
        expectSound({ table }, rotation);
        expect(visitsTwice).toBe(0);
        expect(breaks.reduce((sum, free) => sum + free, 0)).toBe(boundsOf(rotation).breaks.total);
        expect(Math.max(...breaks) - Math.min(...breaks)).toBeLessThanOrEqual(1);
      },
    ),
    { seed: 5, numRuns: 60 },
  );
});

test('a square of pairs has each group once in every row and column, and each pair once at most', () => {
  for (const n of [6, 10, 14]) {
    const square = howellTable(n);
    expect(square).not.toBeNull();
    expect(countTable(square ?? [])).toMatchObject({ pairsTwice: 0, visitsTwice: 0 });
    for (const row of square ?? []) {
      for (let at = 0; at < n; at++) expect(row.filter((one) => one === at)).toHaveLength(2);
    }
  }
});

test('all groups meet once, byes come once to each, and at no place are there one or three', () => {
  for (let groups = 1; groups <= 11; groups++) {
    const { table, breaks, pairsTwice } = meetingTable({ groups, places: null, turns: null });
    const met = new Set<string>();
    for (const row of table) {
      row.forEach((place, a) => {
        const there = [...row.keys()].filter((b) => place !== null && row[b] === place);
        if (place !== null) expect(there).toHaveLength(2);
        for (const b of there) if (a < b) met.add(`${a} ${b}`);
      });
    }
    expect(met.size).toBe((groups * (groups - 1)) / 2);
    expect(pairsTwice).toBe(0);
    expect(new Set(breaks)).toEqual(new Set([groups % 2]));
  }
});

test('with too few places, turns or both, meetings stay within one of each other and none is twice', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 14 }),
      fc.integer({ min: 1, max: 9 }),
      fc.option(fc.integer({ min: 1, max: 12 })),
      (groups, places, turns) => {
        const made = meetingTable({ groups, places, turns });
        if (made.pairsTwice > 0) expect(made.pairsTwice).toBe(made.bestPossible.pairsTwice);
        expect(made.breaks.reduce((sum, free) => sum + free, 0)).toBe(
          made.bestPossible.breaks.total,
        );
        expect(Math.max(...made.breaks) - Math.min(...made.breaks)).toBeLessThanOrEqual(1);
        for (const row of made.table) {
          expect(new Set(row.filter((at) => at !== null)).size).toBeLessThanOrEqual(places);
        }
      },
    ),
    { seed: 6, numRuns: 30 },
  );
}, 60_000);

test.each([7, 8, 11, 12, 13, 14, 20, 30])(
  '%i groups with as many places as rounds all meet, and come to no place twice',
  (groups) => {
    const places = groups - 1 + (groups % 2);
    const made = meetingTable({ groups, places, turns: null });
    expect(made).toMatchObject({ pairsTwice: 0, visitsTwice: 0 });
    expect(made.table).toHaveLength(places);
    expect(made.breaks).toEqual(Array.from({ length: groups }, () => groups % 2));
    for (const row of made.table) {
      for (const place of new Set(row.filter((at) => at !== null))) {
        expect(row.filter((at) => at === place)).toHaveLength(2);
      }
    }
  },
);

test('the same seed gives the same table', () => {
  const rotation = { groups: 7, stations: 3, perStation: 2, turns: 4 };
  expect(stationTable(rotation, 5, FEW)).toEqual(stationTable(rotation, 5, FEW));
});
