import type { Rng } from '../random/rng';
import { shuffle } from '../random/uniform';

/**
 * Fills every seat with one of those who may have it, so that how often each of them has sat is as even as it can be at
 * all: no other filling has a smaller sum of squares, nor, one after the other, fewer at the highest counts. `mayBySeat`
 * lists people from 0 to `before.length - 1` for each seat, and `before` how often each has sat already (both 0 and up).
 * Gives seat → person, -1 where nobody may.
 *
 * Optimal semi-matching by cost-reducing paths (Harvey, Ladner, Lovász and Tamir, "Semi-matchings for bipartite graphs
 * and load balancing", J. Algorithms 59, 2006); earlier turns are seats that one person alone may have. Of equally even
 * fillings the seed chooses. O(seats · edges) at worst, a few passes over the edges in a school's rounds: whoever cannot be
 * relieved is looked at once, with all whom they reach.
 */
export function seatEvenly(
  mayBySeat: readonly (readonly number[])[],
  before: Int32Array,
  rng: Rng,
): Int32Array {
  const personOfSeat = new Int32Array(mayBySeat.length).fill(-1);
  const count = before.slice();
  const seatsOfPerson = Array.from(before, () => new Set<number>());
  const order = Int32Array.from(mayBySeat.keys());
  shuffle(rng, order);
  const may = mayBySeat.map((people) => {
    const mixed = Int32Array.from(people);
    shuffle(rng, mixed);
    return mixed;
  });
  const give = (seat: number, person: number): void => {
    const holder = personOfSeat[seat] as number;
    if (holder !== -1) {
      seatsOfPerson[holder]?.delete(seat);
      count[holder] = (count[holder] as number) - 1;
    }
    personOfSeat[seat] = person;
    seatsOfPerson[person]?.add(seat);
    count[person] = (count[person] as number) + 1;
  };
  for (const seat of order) {
    const people = may[seat] as Int32Array;
    let least = -1;
    for (const person of people) {
      if (least === -1 || (count[person] as number) < (count[least] as number)) least = person;
    }
    if (least !== -1) give(seat, least);
  }

  const closed = new Uint8Array(before.length);
  /** Hands seats on along a path from somebody to one who has sat at least twice less; where there is none, closes. */
  const relieve = (from: number): void => {
    const most = (count[from] as number) - 2;
    const reachedBy = new Map<number, number>([[from, -1]]);
    const queue = [from];
    for (const person of queue) {
      for (const seat of seatsOfPerson[person] as Set<number>) {
        for (const other of may[seat] as Int32Array) {
          if (closed[other] === 1 || reachedBy.has(other)) continue;
          reachedBy.set(other, seat);
          if ((count[other] as number) > most) {
            queue.push(other);
            continue;
          }
          // Backwards: whoever holds the seat by which one was reached gives it to them.
          for (let at = other; at !== from;) {
            const passed = reachedBy.get(at) as number;
            const holder = personOfSeat[passed] as number;
            give(passed, at);
            at = holder;
          }
          return;
        }
      }
    }
    // Nobody here, and nobody with fewer turns who comes to them, can hand on to one with two less: they are done.
    for (const person of queue) closed[person] = 1;
  };
  for (;;) {
    let most = -1;
    for (let person = 0; person < count.length; person++) {
      if (closed[person] === 1) continue;
      if (most === -1 || (count[person] as number) > (count[most] as number)) most = person;
    }
    if (most === -1) return personOfSeat;
    relieve(most);
  }
}
