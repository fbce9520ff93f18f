import { arrangeNow } from '../arrange';
import type { ArrangeRequest } from '../format';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';

/** Ranks of a class in which the first groups are liked most. */
function ranking(students: number, groups: number, named: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  return {
    ...{ format: 'gruppetto.request', version: 1, seed, rules: [] },
    sizing: { by: 'count', count: groups },
    goals: [{ kind: 'topics', weight: 1 }],
    students: Array.from({ length: students }, (_, at) => ({
      id: `s${at}`,
      topics: Array.from({ length: groups }, (__, group) => group)
        .map((group) => ({ group, at: uniformInt(rng, 100) + 12 * group }))
        .sort((a, b) => a.at - b.at)
        .slice(0, named)
        .map(({ group }) => group),
    })),
  };
}

test('ranks are shared out exactly as long as no rule stands in the way', () => {
  for (const [students, groups, named] of [
    [28, 7, 3],
    [40, 10, 5],
    [26, 6, 2],
    [60, 12, 4],
    [120, 15, 5],
  ] as const) {
    for (let seed = 1; seed <= 4; seed++) {
      const outcome = arrangeNow(ranking(students, groups, named, seed));
      if (!outcome.ok) throw new Error(outcome.issue.code);
      const { topics } = outcome.result.measures;
      expect({ students, seed, ranks: topics?.ranks }).toEqual({
        ...{ students, seed },
        ranks: topics?.bestPossible,
      });
      expect(outcome.result.search.provenBest).toBe(true);
    }
  }
});

test('a student in a group of their ranks stands there by its number', () => {
  const request: ArrangeRequest = {
    ...ranking(4, 2, 1, 1),
    students: [0, 1, 1, 0].map((group, at) => ({ id: `s${at}`, topics: [group] })),
  };
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  expect(outcome.result.rounds[0]?.groups.map((group) => [...group].sort())).toEqual([
    ['s0', 's3'],
    ['s1', 's2'],
  ]);
  expect(outcome.result.measures.topics).toEqual({ ranks: 0, of: 4, bestPossible: 0 });
});
