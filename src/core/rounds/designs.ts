import { ringOf } from './ring';

/** Rounds of groups of places; no two places share a group twice. Places count from 0. */
export type Schedule = readonly (readonly (readonly number[])[])[];

/**
 * Pairs for an even number of places: all stand in a circle but one, who stays (the circle method; Kirkman 1847).
 * n - 1 rounds in which everybody meets everybody.
 */
export function circle(places: number): Schedule {
  const turning = places - 1;
  return Array.from({ length: turning }, (_, round) => [
    [turning, round],
    ...Array.from({ length: places / 2 - 1 }, (_unused, i) => [
      (round + 1 + i) % turning,
      (round - 1 - i + turning) % turning,
    ]),
  ]);
}

/** Any division into groups of the size. */
function oneRound(places: number, size: number): readonly (readonly number[])[] {
  return Array.from({ length: places / size }, (_, group) =>
    Array.from({ length: size }, (_seat, seat) => group * size + seat),
  );
}

/**
 * Groups of `size` from the lines of a net (a transversal design; Bose, Shrikhande and Parker 1960): places stand in
 * `size` columns of m, a group takes one of each column, along a line whose slope is the round's. Where the columns
 * can be divided into groups of the size too, they are, by the same means; so affine planes and spaces come out
 * whole. Null where the ring of m elements has not columns enough.
 */
export function net(places: number, size: number): Schedule | null {
  const length = places / size;
  if (!Number.isInteger(length)) return null;
  // With fewer groups than members no group can be parted again without two of them meeting.
  if (length < size) return [oneRound(places, size)];
  const ring = ringOf(length);
  if (ring.apart.length < size) return null;
  const columns = ring.apart.slice(0, size);
  const across = Array.from({ length }, (_, slope) =>
    Array.from({ length }, (_unused, start) =>
      columns.map((column, c) => c * length + ring.add(ring.multiply(slope, column), start)),
    ),
  );
  const within = length % size === 0 ? net(length, size) : null;
  const along = (within ?? []).map((round) =>
    columns.flatMap((_, c) => round.map((group) => group.map((place) => c * length + place))),
  );
  return [...across, ...along];
}
