import type { ArrangeRequest } from './format';
import { leastBetween } from './goals/bounds';
import { measuresOf } from './measures';
import type { Problem } from './problem/problem';
import { problemFromRequest } from './reading/problemFromRequest';

const IDS = ['s0', 's1', 's2', 's3', 's4', 's5'];

function problemOf(
  more: Partial<ArrangeRequest>,
  ofStudent: (at: number) => Omit<ArrangeRequest['students'][number], 'id'> = () => ({}),
): Problem {
  const read = problemFromRequest({
    format: 'gruppetto.request',
    version: 1,
    seed: 1,
    students: IDS.map((id, at) => ({ id, ...ofStudent(at) })),
    sizing: { by: 'count', count: 2 },
    rules: [],
    goals: [],
    ...more,
  });
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

const SORTED = Int32Array.of(0, 0, 0, 1, 1, 1);
const WOVEN = Int32Array.of(0, 1, 0, 1, 0, 1);

describe('what a result is told to cost', () => {
  test('wishes are counted over those who have any', () => {
    const problem = problemOf({ goals: [{ kind: 'wishes', weight: 1 }] }, (at) => ({
      wishes: at === 0 ? ['s1'] : at === 3 ? ['s2', 's0'] : [],
    }));
    const { measures, provenBest } = measuresOf(problem, [SORTED]);
    expect(measures.wishes).toMatchObject({ unmet: 1, of: 2 });
    expect(provenBest).toBe(false);
  });

  test('of several rounds the mean counts, and who meets again is told though nobody asked', () => {
    const problem = problemOf(
      { rounds: 2, goals: [{ kind: 'spread', attribute: 'score', weight: 1 }] },
      (at) => ({ attributes: { score: at } }),
    );
    const { measures } = measuresOf(problem, [SORTED, SORTED]);
    const once = measuresOf(problem, [SORTED, WOVEN]).measures;
    expect(measures.repeats?.pairs).toBe(6);
    expect(measures.rounds?.made).toBe(2);
    // Group means 1 and 4 about 2.5, or 2 and 3, as a part of all squares.
    const all = 2 * (2.5 ** 2 + 1.5 ** 2 + 0.5 ** 2);
    expect(measures.spread?.score?.cost).toBeCloseTo((6 * 1.5 ** 2) / all, 9);
    expect(once.spread?.score?.cost).toBeCloseTo((6 * 1.5 ** 2 + 6 * 0.5 ** 2) / all / 2, 9);
    const alone = measuresOf(problemOf({}), [SORTED]).measures;
    expect([alone.repeats, alone.rounds, alone.spread]).toEqual([undefined, undefined, undefined]);
  });

  test('ranks are told where somebody has any, with the worst that could be', () => {
    const goals = [{ kind: 'topics', weight: 1 }] as const;
    const ranked = problemOf({ goals }, (at) => (at < 2 ? { topics: [1, 0] } : {}));
    expect(measuresOf(ranked, [SORTED]).measures.topics).toEqual({
      ...{ ranks: 2, of: 2, bestPossible: 0 },
    });
    expect(measuresOf(problemOf({ goals }), [SORTED]).measures.topics).toBeUndefined();
  });

  test('groups that break a rule are told no bound that only those who keep it have', () => {
    const alike = problemOf(
      {
        goals: [{ kind: 'alike', attribute: 'score', weight: 1 }],
        rules: [{ kind: 'together', students: ['s0', 's5'] }],
      },
      (at) => ({ attributes: { score: at } }),
    );
    const { score } = measuresOf(alike, [SORTED]).measures.alike ?? {};
    expect(score?.bestPossible).toBeCloseTo(score?.cost ?? 0, 9);
    const kept = measuresOf(alike, [Int32Array.of(0, 0, 1, 1, 1, 0)]).measures.alike?.score;
    expect(kept?.bestPossible).toBeGreaterThan(score?.cost ?? 0);
    const wishes = problemOf(
      { goals: [{ kind: 'wishes', weight: 1 }], rules: [{ kind: 'sameSection' }] },
      (at) => ({ section: at < 3 ? 'North' : 'South', wishes: [`s${(at + 3) % 6}`] }),
    );
    const mixed = measuresOf(wishes, [Int32Array.of(0, 0, 1, 0, 0, 1)]).measures.wishes;
    expect(mixed).toMatchObject({ unmet: 0, bestPossible: 0 });
    expect(measuresOf(wishes, [SORTED]).measures.wishes).toMatchObject({ bestPossible: 6 });
  });

  test('a goal that weighs nothing does not stand in the way of the best', () => {
    const told = (weight: number): boolean =>
      measuresOf(
        problemOf({ goals: [{ kind: 'spread', attribute: 'score', weight }] }, (at) => ({
          attributes: { score: at },
        })),
        [SORTED],
      ).provenBest;
    expect([told(0), told(1)]).toEqual([true, false]);
  });
});

test.each([
  ['whole numbers of an odd sum', [1, 2, 3, 4, 5, 6], 2 / 12],
  ['quarters, of which each is a step', [0.25, 0.5, 0.75, 1, 1.25, 1.5], 2 / 12 / 16],
  ['an even sum, which can be halved', [1, 2, 3, 4, 5, 7], 0],
  ['values far from nought', [1e6 + 1, 1e6 + 2, 1e6 + 3, 1e6 + 4, 1e6 + 5, 1e6 + 6], 2 / 12],
  ['one that is not known', [1, 2, 3, 4, 5, null], 0],
])(
  'no two groups of three are nearer to each other than their sums allow: %s',
  (_of, scores, least) => {
    const problem = problemOf(
      { goals: [{ kind: 'spread', attribute: 'score', weight: 1 }] },
      (at) => (scores[at] === null ? {} : { attributes: { score: scores[at]! } }),
    );
    const [goal] = problem.goals;
    if (goal?.kind !== 'spread' || goal.attribute.kind !== 'number') throw new Error('no number');
    expect(leastBetween(problem, goal.attribute)).toBeCloseTo(least, 9);
  },
);
