import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { marksByParts, rounded, takenOff, weightedMean } from './marks';
import { isAnswer, outliersOf, partsByAnswers, partsGiven, type Answer } from './shares';

const CLASSES = 300;
const sum = (list: readonly number[]): number => list.reduce((all, one) => all + one, 0);

/** Answers of 2 to 8 members, some missing, some nonsense. */
function randomAnswers(rng: Rng): Answer[] {
  const members = 2 + uniformInt(rng, 7);
  return Array.from({ length: members }, () =>
    uniformInt(rng, 4) === 0
      ? null
      : Array.from({ length: members }, () =>
          uniformInt(rng, 8) === 0 ? null : uniformInt(rng, 101),
        ),
  );
}

/** Each class at random, with its seed where a rule does not hold. */
function always(rule: (rng: Rng, answers: Answer[]) => boolean): number[] {
  return Array.from({ length: CLASSES }, (_, seed) => seed).filter((seed) => {
    const rng = rngFromSeed(seed);
    return !rule(rng, randomAnswers(rng));
  });
}
const near = (one: number, two: number): boolean => Math.abs(one - two) < 1e-6;

/** A group's mark, the most there is, and how shares count, at random. */
function randomMark(rng: Rng) {
  const most = 1 + uniformInt(rng, 100);
  const mark = uniformInt(rng, most + 1);
  return {
    ...{ most, mark },
    sharing: { strength: uniformInt(rng, 11) / 10, bound: (uniformInt(rng, 11) / 10) * most },
  };
}

test('parts of the work are as many as the members', () => {
  expect(always((_, answers) => near(sum([...partsByAnswers(answers)]), answers.length))).toEqual(
    [],
  );
});

test('what somebody gives themselves, and whether they answer, moves no part of their own', () => {
  expect(
    always((rng, answers) => {
      const who = uniformInt(rng, answers.length);
      const [before] = [partsByAnswers(answers)[who]];
      const silent = answers.map((one, from) => (from === who ? null : one));
      const proud = answers.map(
        (one, from) =>
          one?.map((points, to) => (from === who && to === who ? 100 : points)) ?? null,
      );
      return (
        near(before ?? 0, partsByAnswers(silent)[who] ?? -1) &&
        near(before ?? 0, partsByAnswers(proud)[who] ?? -1)
      );
    }),
  ).toEqual([]);
});

test('a missing answer gives everybody just what an even one would', () => {
  expect(
    always((rng, answers) => {
      const who = uniformInt(rng, answers.length);
      const one = (answer: Answer): readonly number[] => {
        const parts = partsByAnswers(answers.map((old, from) => (from === who ? answer : old)));
        const { mark, most, sharing } = randomMark(rngFromSeed(answers.length));
        return marksByParts(mark, most, parts, sharing);
      };
      const even = one(answers.map(() => 25));
      return one(null).every((value, at) => near(value, even[at] ?? -1));
    }),
  ).toEqual([]);
});

test('the order in which members stand changes nobody’s part or mark', () => {
  expect(
    always((rng, answers) => {
      const turned = answers.map((_, at) => (at + 1) % answers.length);
      const again = turned
        .map((from) => answers[from])
        .map((answer) => (answer ? turned.map((to) => answer[to] ?? null) : null));
      const { mark, most, sharing } = randomMark(rng);
      const before = marksByParts(mark, most, partsByAnswers(answers), sharing);
      const after = marksByParts(mark, most, partsByAnswers(again), sharing);
      return after.every((value, at) => near(value, before[turned[at] ?? 0] ?? -1));
    }),
  ).toEqual([]);
});

test('marks by shares stay within their bounds, in all as much as the group’s, more for a larger part', () => {
  expect(
    always((rng, answers) => {
      const parts = partsByAnswers(answers);
      const { mark, most, sharing } = randomMark(rng);
      const marks = marksByParts(mark, most, parts, sharing);
      return (
        near(sum(marks), mark * marks.length) &&
        marks.every(
          (one, at) =>
            one >= Math.max(0, mark - sharing.bound) - 1e-9 &&
            one <= Math.min(most, mark + sharing.bound) + 1e-9 &&
            parts.every(
              (part, other) => part <= (parts[at] ?? 0) || (marks[other] ?? 0) >= one - 1e-9,
            ),
        )
      );
    }),
  ).toEqual([]);
});

test('equal parts, no strength or no room give the group’s mark to all', () => {
  expect(marksByParts(12, 20, [1, 1, 1], { strength: 1, bound: 5 })).toEqual([12, 12, 12]);
  expect(marksByParts(12, 20, [2, 1, 0], { strength: 0, bound: 5 })).toEqual([12, 12, 12]);
  expect(marksByParts(12, 20, [2, 1, 0], { strength: 1, bound: 0 })).toEqual([12, 12, 12]);
  const full = marksByParts(20, 20, [1.5, 0.5], { strength: 1, bound: 5 });
  expect(full.map((one) => rounded(one, 0.01, 20))).toEqual([20, 20]);
});

test('what a bound keeps from one goes evenly to the others', () => {
  const marks = marksByParts(10, 20, [2.2, 0.4, 0.4], { strength: 1, bound: 4 });
  expect(marks.map((one) => rounded(one, 0.01, 20))).toEqual([14, 8, 8]);
});

test('a lone member, and answers that give nothing to others, leave equal parts', () => {
  expect(partsByAnswers([[100]])).toEqual([1]);
  expect(partsByAnswers([[100, 0], null])).toEqual([1, 1]);
  expect(isAnswer([100, 0], 0)).toBe(false);
  expect(isAnswer([0, 1], 0)).toBe(true);
});

test('an answer far from what the others give is named, and only where there are others to compare', () => {
  const fair = [25, 25, 25, 25];
  expect(outliersOf([fair, fair, fair, [60, 20, 20, 0]])).toEqual([{ from: 3, to: 0 }]);
  expect(outliersOf([fair, null, null, [90, 5, 5, 0]])).toEqual([]);
});

test('parts the teacher gives are of the whole, and those left open share the rest evenly', () => {
  expect(partsGiven([40, null, null, null])).toEqual([1.6, 0.8, 0.8, 0.8]);
  expect(partsGiven([null, null])).toEqual([1, 1]);
  expect(partsGiven([30, 20])).toEqual([1.2, 0.8]);
  expect(partsGiven([150, null])).toEqual([2, 0]);
  expect(partsGiven([0, 0])).toEqual([1, 1]);
});

test.each([
  [-30, 0],
  [0, 0],
  [1, 2],
  [24 * 60, 2],
  [24 * 60 + 1, 4],
  [30 * 24 * 60, 6],
])('%i minutes after the due date take off %i points at two a day, six at most', (late, off) => {
  expect(takenOff(late, { points: 2, every: 'day', upTo: 6 })).toBe(off);
});

test('figures go to the nearest step, halves upwards, and stay within 0 and the most', () => {
  expect([7.25, 7.74, 7.75, -1, 11].map((one) => rounded(one, 0.5, 10))).toEqual([
    7.5, 7.5, 8, 0, 10,
  ]);
  expect(rounded(0.1 + 0.2, 0.1, 10)).toBe(0.3);
  expect(rounded(1.0049999999999999, 0.01, 2)).toBe(1.01);
});

test('a mean counts each by its weight, and nothing gives no mean', () => {
  expect(
    weightedMean([
      { value: 80, weight: 3 },
      { value: 40, weight: 1 },
    ]),
  ).toBe(70);
  expect(weightedMean([])).toBeNull();
  expect(weightedMean([{ value: 80, weight: 0 }])).toBeNull();
});
