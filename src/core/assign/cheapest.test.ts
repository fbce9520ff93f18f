import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { shareCheapest, type Sharing } from './cheapest';

/** What a giving costs, in the obvious way; null where a place is given that is not offered, or too often. */
function costOf(
  { offers, seats, holders, held, evenness }: Sharing,
  places: readonly number[],
): number | null {
  const [taken, has] = [seats.map(() => 0), [...held]];
  let cost = 0;
  for (const [one, place] of places.entries()) {
    if (place === -1) continue;
    const offer = offers[one]?.find((other) => other.place === place);
    const holder = holders[place] ?? 0;
    taken[place] = (taken[place] ?? 0) + 1;
    has[holder] = (has[holder] ?? 0) + 1;
    if (!offer || (taken[place] ?? 0) > (seats[place] ?? 0)) return null;
    cost += offer.cost;
  }
  return cost + evenness * has.reduce((sum, one) => sum + one * one, 0);
}

const served = (places: readonly number[]): number => places.filter((one) => one !== -1).length;

/** The slow twin: every giving there is; how many it serves at most, and the least cost of doing so. */
function best(sharing: Sharing): { readonly served: number; readonly cost: number } {
  let found = { served: -1, cost: Infinity };
  const give = (places: readonly number[]): void => {
    const own = sharing.offers[places.length];
    if (own) {
      [...own.map(({ place }) => place), -1].forEach((place) => give([...places, place]));
      return;
    }
    const [count, cost] = [served(places), costOf(sharing, places)];
    if (cost === null) return;
    if (count > found.served || (count === found.served && cost < found.cost)) {
      found = { served: count, cost };
    }
  };
  give([]);
  return found;
}

function someSharing(rng: Rng): Sharing {
  const people = 1 + uniformInt(rng, 3);
  const seats = Array.from({ length: 1 + uniformInt(rng, 4) }, () => uniformInt(rng, 3));
  return {
    offers: Array.from({ length: uniformInt(rng, 6) }, () =>
      seats.flatMap((_, place) =>
        uniformInt(rng, 2) === 0 ? [] : [{ place, cost: uniformInt(rng, 9) }],
      ),
    ),
    seats,
    holders: seats.map(() => uniformInt(rng, people)),
    held: Array.from({ length: people }, () => uniformInt(rng, 3)),
    evenness: uniformInt(rng, 3),
  };
}

test('no giving serves more, and none that serves as many costs less', () => {
  const rng = rngFromSeed(17);
  for (let run = 0; run < 600; run++) {
    const sharing = someSharing(rng);
    const places = [...shareCheapest(sharing).placeOf];
    expect({ served: served(places), cost: costOf(sharing, places) }).toEqual(best(sharing));
  }
});

test('those who are short have no place outside the full ones, which are fewer than they', () => {
  const rng = rngFromSeed(18);
  let seen = 0;
  for (let run = 0; run < 400; run++) {
    const sharing = someSharing(rng);
    const { placeOf, short } = shareCheapest(sharing);
    expect(short.asking.length > 0).toBe(placeOf.includes(-1));
    if (short.asking.length === 0) continue;
    seen++;
    const theirs = new Set(
      short.asking.flatMap((one) => sharing.offers[one] ?? []).map((offer) => offer.place),
    );
    expect([...theirs].sort()).toEqual([...short.places].sort());
    const room = short.places.reduce((sum, place) => sum + (sharing.seats[place] ?? 0), 0);
    const missing = [...placeOf].filter((place) => place === -1).length;
    expect(short.asking.length - room).toBe(missing);
  }
  expect(seen).toBeGreaterThan(50);
});

test('whoever could do it all does not, where another can as well', () => {
  const offers = Array.from({ length: 6 }, () => [0, 1, 2].map((place) => ({ place, cost: 0 })));
  const { placeOf } = shareCheapest({
    ...{ offers, seats: [6, 6, 6], holders: [0, 1, 2], held: [0, 0, 1], evenness: 1 },
  });
  const counts = [0, 1, 2].map((place) => [...placeOf].filter((one) => one === place).length);
  expect(counts[2]).toBeLessThanOrEqual(2);
  expect(Math.max(...counts)).toBeLessThanOrEqual(3);
  expect([...placeOf]).not.toContain(-1);
});

test('nobody asking, or nobody to ask, is no error', () => {
  const none = { seats: [], holders: [], held: [], evenness: 1 };
  expect(shareCheapest({ ...none, offers: [] }).placeOf).toHaveLength(0);
  const { placeOf, short } = shareCheapest({ ...none, offers: [[], []] });
  expect([...placeOf]).toEqual([-1, -1]);
  expect(short).toEqual({ asking: [0, 1], places: [] });
});
