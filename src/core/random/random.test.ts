import fc from 'fast-check';
import { rngFromSeed, rngFromState } from './rng';
import { shuffle, uniformInt } from './uniform';

describe('seeded random numbers', () => {
  test('a stream resumes from its state, and a clone goes on alike without disturbing it', () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const rng = rngFromSeed(seed);
        rng.nextUint32();
        const [clone, resumed] = [rng.clone(), rngFromState(rng.getState())];
        const expected = [rng.nextUint32(), rng.nextUint32(), rng.nextUint32()];
        expect([clone.nextUint32(), clone.nextUint32(), clone.nextUint32()]).toEqual(expected);
        expect([resumed.nextUint32(), resumed.nextUint32(), resumed.nextUint32()]).toEqual(
          expected,
        );
      }),
      { seed: 7 },
    );
  });

  test('seeds that differ only beyond 32 bits give different streams', () => {
    expect(rngFromSeed(5).nextUint32()).not.toBe(rngFromSeed(5 + 2 ** 32).nextUint32());
  });

  test('integers stay below their bound and every one of them comes', () => {
    const rng = rngFromSeed(8);
    const seen = new Set(Array.from({ length: 400 }, () => uniformInt(rng, 7)));
    expect([...seen].sort()).toEqual([0, 1, 2, 3, 4, 5, 6]);
  });

  test('each of the 24 orders of four is equally likely', () => {
    const rng = rngFromSeed(9);
    const counts = new Map<string, number>();
    for (let i = 0; i < 24_000; i++) {
      const order = Int32Array.of(0, 1, 2, 3);
      shuffle(rng, order);
      counts.set(order.join(), (counts.get(order.join()) ?? 0) + 1);
    }
    const chi = [...counts.values()].reduce((sum, count) => sum + (count - 1000) ** 2 / 1000, 0);
    // 23 degrees of freedom; 49.7 is passed once in a thousand draws.
    expect(counts.size).toBe(24);
    expect(chi).toBeLessThan(49.7);
  });
});
