import fc from 'fast-check';
import { groupSizes } from './sizes';
import type { Leftover } from '../format';

const students = fc.integer({ min: 1, max: 500 });
const size = fc.integer({ min: 1, max: 500 });

function sizesBySize(n: number, of: number, leftover: Leftover): number[] {
  const sizes = groupSizes(n, { by: 'size', size: of, leftover });
  if (!sizes.ok) throw new Error(sizes.issue.code);
  return [...sizes.sizes];
}

const sum = (sizes: readonly number[]): number => sizes.reduce((total, one) => total + one, 0);
const differ = (sizes: readonly number[]): number => Math.max(...sizes) - Math.min(...sizes);

describe('sizes of groups', () => {
  test('by count: every seat is used and sizes differ by at most one', () => {
    fc.assert(
      fc.property(students, fc.nat(), (n, pick) => {
        const count = 1 + (pick % n);
        const sizes = groupSizes(n, { by: 'count', count });
        expect(sizes.ok).toBe(true);
        if (!sizes.ok) return;
        expect(sizes.sizes).toHaveLength(count);
        expect(sum([...sizes.sizes])).toBe(n);
        expect(differ([...sizes.sizes])).toBeLessThanOrEqual(1);
        expect(Math.min(...sizes.sizes)).toBeGreaterThan(0);
      }),
      { seed: 1, numRuns: 500 },
    );
  });

  test('spread: round(n / size) groups, halves up, sizes differ by at most one', () => {
    fc.assert(
      fc.property(students, size, (n, of) => {
        const sizes = sizesBySize(n, of, 'spread');
        expect(sizes).toHaveLength(Math.max(1, Math.floor((2 * n + of) / (2 * of))));
        expect(sum(sizes)).toBe(n);
        expect(differ(sizes)).toBeLessThanOrEqual(1);
      }),
      { seed: 2, numRuns: 500 },
    );
  });

  test('larger: no group below the size asked, leftovers shared evenly', () => {
    fc.assert(
      fc.property(students, size, (n, of) => {
        const sizes = sizesBySize(n, of, 'larger');
        expect(sizes).toHaveLength(Math.max(1, Math.floor(n / of)));
        expect(sum(sizes)).toBe(n);
        expect(differ(sizes)).toBeLessThanOrEqual(1);
        if (n >= of) expect(Math.min(...sizes)).toBeGreaterThanOrEqual(of);
      }),
      { seed: 3, numRuns: 500 },
    );
  });

  test('smaller: every group has the size asked but the last, which holds the remainder', () => {
    fc.assert(
      fc.property(students, size, (n, of) => {
        const sizes = sizesBySize(n, of, 'smaller');
        expect(sizes).toHaveLength(Math.ceil(n / of));
        expect(sum(sizes)).toBe(n);
        expect(sizes.slice(0, -1).every((one) => one === of)).toBe(true);
        expect(sizes.at(-1)).toBe(n % of === 0 ? Math.min(n, of) : n % of);
      }),
      { seed: 4, numRuns: 500 },
    );
  });

  test.each([
    [27, 4, 'spread', [4, 4, 4, 4, 4, 4, 3]],
    [30, 4, 'spread', [4, 4, 4, 4, 4, 4, 3, 3]],
    [30, 4, 'larger', [5, 5, 4, 4, 4, 4, 4]],
    [30, 4, 'smaller', [4, 4, 4, 4, 4, 4, 4, 2]],
    [11, 4, 'larger', [6, 5]],
    [3, 5, 'larger', [3]],
  ] as const)('%i students in groups of %i, leftovers %s', (n, of, leftover, expected) => {
    expect(sizesBySize(n, of, leftover)).toEqual(expected);
  });

  test('an impossible number is refused with its reason', () => {
    expect(groupSizes(0, { by: 'count', count: 1 })).toEqual({
      ok: false,
      issue: { code: 'noStudents' },
    });
    expect(groupSizes(5, { by: 'count', count: 0 })).toEqual({
      ok: false,
      issue: { code: 'countTooSmall', given: 0 },
    });
    expect(groupSizes(5, { by: 'count', count: 6 })).toEqual({
      ok: false,
      issue: { code: 'countTooLarge', given: 6, most: 5 },
    });
    expect(groupSizes(5, { by: 'size', size: 0, leftover: 'spread' })).toEqual({
      ok: false,
      issue: { code: 'sizeTooSmall', given: 0 },
    });
    expect(groupSizes(5, { by: 'size', size: 1.5, leftover: 'spread' })).toEqual({
      ok: false,
      issue: { code: 'notWhole', given: 1.5 },
    });
  });
});
