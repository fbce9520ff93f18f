import type { ArrangeRequest, Measures } from '../core/format';
import {
  haveSameFigures,
  isProvenBest,
  lossesOfNext,
  onlyGains,
  withoutDiffering,
} from './results';

const request: ArrangeRequest = {
  ...{ format: 'gruppetto.request', version: 1, seed: 1 },
  students: [
    { id: 'a', attributes: { score: 3, 'rank of level': 0, home: 'Welsh' } },
    { id: 'b', attributes: { score: 5, 'rank of level': 1, home: 'Arabic' } },
  ],
  sizing: { by: 'count', count: 1 },
  rules: [],
  goals: [{ kind: 'spread', attribute: 'score', weight: 1 }],
};
const whole: Measures = {
  spread: { score: { cost: 0.2, bestPossible: 0.1 }, home: { cost: 4, bestPossible: 0 } },
  alike: { 'rank of level': { cost: 0.5, bestPossible: 0 } },
  ...{ repeats: { pairs: 6, bestPossible: 2 }, wishes: { unmet: 3, of: 9, bestPossible: 1 } },
  ...{ topics: { ranks: 5, of: 9, bestPossible: 2 }, steady: { moves: 4, bestPossible: 0 } },
  ...{ needs: { cost: 0.25, bestPossible: 0 }, avoid: { short: 2, bestPossible: 0 } },
};
const result = (measures: Measures, search = {}) => ({
  ...{ feasible: true, measures: { ...whole, ...measures } },
  search: { evaluations: 1, seed: 1, provenBest: false, ...search },
});
const gains = (better: Measures) => onlyGains(request, result({}), result(better));

test('each figure that a teacher sees is told where it is better, in what it is counted in', () => {
  expect(gains({ repeats: { pairs: 4, bestPossible: 2 } })).toEqual([{ what: 'repeats', by: 2 }]);
  expect(gains({ wishes: { unmet: 2, of: 9, bestPossible: 1 } })).toEqual([
    { what: 'wishes', by: 1 },
  ]);
  expect(gains({ topics: { ranks: 2, of: 9, bestPossible: 2 } })).toEqual([
    { what: 'ranks', by: 3 },
  ]);
  expect(gains({ steady: { moves: 0, bestPossible: 0 } })).toEqual([{ what: 'moves', by: 4 }]);
  expect(gains({ needs: { cost: 0.125, bestPossible: 0 } })).toEqual([{ what: 'needs' }]);
  const { score, home } = whole.spread!;
  expect(gains({ spread: { score: score!, home: { cost: 1, bestPossible: 0 } } })).toEqual([
    { what: 'uneven', detail: 'home', by: 3 },
  ]);
  expect(gains({ spread: { score: { cost: 0.15, bestPossible: 0.1 }, home: home! } })).toEqual([
    { what: 'means', detail: 'score' },
  ]);
  expect(gains({ alike: { 'rank of level': { cost: 0.4, bestPossible: 0 } } })).toEqual([
    { what: 'alike', detail: 'rank of level' },
  ]);
});

test('what nobody would see is no gain, nor is anything where another figure is worse', () => {
  const { home } = whole.spread!;
  const nearly = { spread: { score: { cost: 0.195, bestPossible: 0.1 }, home: home! } };
  expect(gains(nearly)).toEqual([]);
  expect(gains({ avoid: { short: 0, bestPossible: 0 } })).toEqual([]);
  const repeats = { pairs: 4, bestPossible: 2 };
  expect(gains({ repeats, wishes: { unmet: 4, of: 9, bestPossible: 1 } })).toEqual([]);
  expect(gains({ repeats, ...nearly })).toEqual([{ what: 'repeats', by: 2 }]);
  const even = { score: { cost: 0.1, bestPossible: 0.1 }, home: { cost: 3, bestPossible: 0 } };
  expect(gains({ spread: even }).map(({ what }) => what)).toEqual(['uneven', 'means']);
});

test('the best of the others is told by what is worse in it, nothing where there are no others', () => {
  const next = { ...whole, repeats: { pairs: 7, bestPossible: 2 } };
  expect(lossesOfNext(request, result({}, { asGood: 2, next }))).toEqual([
    { what: 'repeats', by: 1 },
  ]);
  expect(lossesOfNext(request, result({}, { asGood: 3 }))).toBeNull();
});

test('proven is what the engine proved; of groups that had to differ, what is at every bound', () => {
  const proven = result({}, { provenBest: true });
  expect(isProvenBest(request, proven)).toBe(true);
  expect(isProvenBest(request, result({}))).toBe(false);
  // Without a goal there is nothing to be best in.
  expect(isProvenBest({ ...request, goals: [] }, proven)).toBe(false);
  expect(isProvenBest(request, { ...proven, feasible: false })).toBe(false);
  const differing: ArrangeRequest = {
    ...request,
    avoid: { results: [], share: 0.3 },
    goals: [...request.goals!, { kind: 'avoid', weight: 1 }],
  };
  expect(isProvenBest(differing, proven)).toBe(false);
  const { search } = proven;
  const atBounds = { wishes: { unmet: 1, of: 9, bestPossible: 1 }, avoid: whole.avoid! };
  expect(isProvenBest(differing, { feasible: true, measures: atBounds, search })).toBe(true);
  for (const measures of [
    { ...atBounds, repeats: whole.repeats! },
    { ...atBounds, spread: whole.spread! },
    { ...atBounds, needs: whole.needs! },
  ]) {
    expect(isProvenBest(differing, { feasible: true, measures, search })).toBe(false);
  }
  expect(withoutDiffering(differing)).toEqual(request);
});

test('figures are the same where every one is, but for how much it differs from earlier groups', () => {
  expect(haveSameFigures(result({}), result({ avoid: { short: 9, bestPossible: 0 } }))).toBe(true);
  expect(haveSameFigures(result({}), result({ steady: { moves: 5, bestPossible: 0 } }))).toBe(
    false,
  );
});

test('ranks that could be nearer to what was wished for are not proven best', () => {
  const differing: ArrangeRequest = { ...request, avoid: { results: [], share: 0.3 } };
  const { search } = result({}, { provenBest: true });
  const told = (ranks: number) => ({
    ...{ feasible: true, search },
    measures: { topics: { ranks, of: 9, bestPossible: 2 } },
  });
  expect([told(2), told(3)].map((one) => isProvenBest(differing, one))).toEqual([true, false]);
});
