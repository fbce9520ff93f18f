import { shareOf, type TableShape } from './shape';
import type { Rotation } from './types';

/** What an edge is coloured with no colour. */
const NONE = -1;

/**
 * A table that never sends a group to a station twice and shares breaks within one, whatever the size: groups and places
 * as a bipartite graph whose edges are coloured with the turns (König 1916: as many colours as the largest degree are
 * enough). Who meets whom again is not looked at.
 */
export function colouredTable(rotation: Rotation, { visits }: TableShape): (number | null)[][] {
  const { groups, stations, perStation, turns } = rotation;
  const table = Array.from({ length: turns }, () =>
    Array.from({ length: groups }, (): number | null => null),
  );
  // colour → place → group, and colour → group → place; a place is one of the `perStation` at a station.
  const groupAt = Array.from({ length: turns }, () =>
    new Int32Array(stations * perStation).fill(NONE),
  );
  const placeOf = Array.from({ length: turns }, () => new Int32Array(groups).fill(NONE));
  const set = (turn: number, group: number, place: number): void => {
    (groupAt[turn] as Int32Array)[place] = group;
    (placeOf[turn] as Int32Array)[group] = place;
  };
  const unset = (turn: number, group: number, place: number): void => {
    (groupAt[turn] as Int32Array)[place] = NONE;
    (placeOf[turn] as Int32Array)[group] = NONE;
  };
  /** Exchanges two turns along the path that starts at a place with an edge of the second and none of the first. */
  const exchange = (first: number, second: number, start: number): void => {
    const path: [turn: number, group: number, place: number][] = [];
    let [turn, place] = [second, start];
    for (;;) {
      const group = groupAt[turn]?.[place] ?? NONE;
      if (group === NONE) break;
      path.push([turn, group, place]);
      turn = turn === first ? second : first;
      const next = placeOf[turn]?.[group] ?? NONE;
      if (next === NONE) break;
      path.push([turn, group, next]);
      place = next;
      turn = turn === first ? second : first;
    }
    for (const edge of path) unset(...edge);
    for (const [of, group, there] of path) set(of === first ? second : first, group, there);
  };
  let next = 0;
  for (let station = 0; station < stations; station++) {
    const count = shareOf(visits, stations, station);
    for (let i = 0; i < count; i++) {
      const group = next++ % groups;
      const place = station * perStation + (i % perStation);
      const freeOfGroup = placeOf.findIndex((places) => places[group] === NONE);
      const freeOfPlace = groupAt.findIndex((there) => there[place] === NONE);
      if (placeOf[freeOfPlace]?.[group] !== NONE && groupAt[freeOfGroup]?.[place] !== NONE) {
        exchange(freeOfPlace, freeOfGroup, place);
      }
      const turn = groupAt[freeOfGroup]?.[place] === NONE ? freeOfGroup : freeOfPlace;
      set(turn, group, place);
    }
  }
  placeOf.forEach((places, turn) =>
    places.forEach((place, group) => {
      if (place !== NONE)
        (table[turn] as (number | null)[])[group] = Math.floor(place / perStation);
    }),
  );
  return table;
}
