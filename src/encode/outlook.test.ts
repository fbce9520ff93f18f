import type { SeriesWish } from '../schema/series';
import { mixedBy, outlookOf } from './outlook';
import { BY_SECTION, PLAIN_RECIPE } from '../schema/recipe';
import { idsOf, student, testBench } from './testBench';

const NAMES = 'Ana Bo Caro Dov Eli Fay Gus Hal'.split(' ');
const bench = (history: readonly (readonly string[])[] = [], away = '') =>
  testBench({
    students: NAMES.map((name, i) => student(name, i, { here: name !== away })),
    bench: { history: history.map((groups) => groups.map(idsOf)) },
  });
const wish = (rounds: number, size: number): SeriesWish =>
  ({ rounds, sizing: { by: 'size', size, leftover: 'spread' } }) as unknown as SeriesWish;

describe('what a series can come to', () => {
  test('counts partners, fresh rounds and repeats that nobody can avoid', () => {
    // Eight in pairs: seven rounds meet everybody once, as in a round robin.
    expect(outlookOf(bench(), wish(7, 2))).toMatchObject({
      ...{ students: 8, others: 7, mostMet: 7, mostFresh: 7, leastRepeats: 0 },
      sizes: [{ groups: 4, size: 2 }],
    });
    expect(outlookOf(bench(), wish(3, 2))).toMatchObject({ mostMet: 3, leastRepeats: 0 });
    // An eighth round has four pairs, each of whom have met.
    expect(outlookOf(bench(), wish(8, 2))).toMatchObject({ mostMet: 7, leastRepeats: 4 });
    // Twice two groups of four: of the 24 pairs in them 28 are there in all.
    expect(outlookOf(bench(), wish(2, 4))).toMatchObject({ mostMet: 6, leastRepeats: 0 });
    expect(outlookOf(bench(), wish(3, 4))).toMatchObject({ mostMet: 7, leastRepeats: 8 });
  });

  test('takes off what has met before, of those who are dealt alone', () => {
    const before = [['Ana Bo', 'Caro Dov', 'Eli Fay', 'Gus Hal']];
    expect(outlookOf(bench(before), wish(3, 2))).toMatchObject({ mostMet: 4, mostFresh: 6 });
    expect(outlookOf(bench(before), wish(7, 2))).toMatchObject({ mostFresh: 6, leastRepeats: 4 });
    const without = outlookOf(bench(before, 'Hal'), wish(2, 2));
    expect(without).toMatchObject({ students: 7, others: 6 });
  });

  test('is nothing where no groups can be made', () => {
    expect(outlookOf(bench(), wish(3, 0))).toBeNull();
    const nobody = { ...bench(), students: [] };
    expect(outlookOf(nobody, wish(3, 2))).toBeNull();
  });
});

test('a recipe mixes its details, and sections where it says so; what it matches is not mixed', () => {
  const balance = [
    { detail: 'score', how: 'mix', importance: 'plain' },
    { detail: 'level', how: 'match', importance: 'plain' },
  ] as const;
  const recipe = { ...PLAIN_RECIPE, balance: [...balance] };
  expect(mixedBy(recipe)).toEqual(['score']);
  expect(mixedBy({ ...recipe, sections: 'kept' })).toEqual(['score']);
  expect(mixedBy({ ...recipe, sections: 'mixed' })).toEqual(['score', BY_SECTION]);
});

test('groups of one meet nobody, in however many rounds', () => {
  expect(outlookOf(bench(), wish(6, 1))).toMatchObject({
    mostMet: 0,
    mostFresh: 6,
    leastRepeats: 0,
  });
});
