import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { seatEvenly } from './evenly';

function squares(seats: Iterable<number>, before: Int32Array): number {
  const count = before.slice();
  for (const person of seats) if (person >= 0) count[person] = (count[person] ?? 0) + 1;
  return count.reduce((sum, one) => sum + one * one, 0);
}

/** The slow twin: every filling there is. */
function leastSquares(may: readonly (readonly number[])[], before: Int32Array): number {
  const fill = (seat: number, chosen: readonly number[]): number => {
    const people = may[seat];
    if (!people) return squares(chosen, before);
    if (people.length === 0) return fill(seat + 1, [...chosen, -1]);
    return Math.min(...people.map((person) => fill(seat + 1, [...chosen, person])));
  };
  return fill(0, []);
}

function someSeats(rng: Rng) {
  const people = 2 + uniformInt(rng, 5);
  const may = Array.from({ length: 1 + uniformInt(rng, 6) }, () =>
    [...Array(people).keys()].filter(() => uniformInt(rng, 2) === 0),
  );
  return { may, before: Int32Array.from({ length: people }, () => uniformInt(rng, 4)) };
}

test('no filling is more even than the one that is found, whatever was before', () => {
  const rng = rngFromSeed(16);
  for (let run = 0; run < 400; run++) {
    const { may, before } = someSeats(rng);
    const seats = seatEvenly(may, before, rng);
    seats.forEach((person, seat) =>
      expect(person === -1 ? may[seat]?.length === 0 : may[seat]?.includes(person)).toBe(true),
    );
    expect(squares(seats, before)).toBe(leastSquares(may, before));
  }
});

test('one after the other would fail: the seat that both may have goes to whom the other seat is closed', () => {
  // 0 may have both seats, 1 the first alone: whoever gives the first to 0 has nobody else for the second.
  for (let seed = 0; seed < 20; seed++) {
    expect([...seatEvenly([[0, 1], [0]], new Int32Array(2), rngFromSeed(seed))]).toEqual([1, 0]);
  }
});

test('the same seed gives the same seats, and over seeds everybody has their chance', () => {
  const may = [[0, 1, 2, 3]];
  const first = (seed: number) => seatEvenly(may, new Int32Array(4), rngFromSeed(seed))[0];
  expect(first(5)).toBe(first(5));
  expect(new Set(Array.from({ length: 60 }, (_, seed) => first(seed))).size).toBe(4);
});
