/** How much of a group's work each did, in the order of its members: 1 is an equal part, and all together are as many as they. */
export type Parts = readonly number[];

/** What one member gave each of the group, 100 points or another sum, by place; null where they did not answer. */
export type Answer = readonly (number | null)[] | null;

/** An answer that stands far from what the others say: who gave it to whom, by place. */
export interface Outlier {
  readonly from: number;
  readonly to: number;
}

/** A part is far from what the others say where it differs by more than this much of an equal part. */
const FAR = 0.5;

/**
 * Parts of the work as the members of a group see one another, each dividing points among the others. What somebody gave
 * themselves is not read, and whoever gave no answer counts as having divided evenly: so nobody's part depends on an answer
 * of their own, and the parts are as many as the members. O(members²).
 */
export function partsByAnswers(answers: readonly Answer[]): Parts {
  const members = answers.length;
  if (members < 2) return answers.map(() => 1);
  const given = answers.map((answer, from) => dividedByOne(answer, from, members));
  return answers.map(
    (_, to) =>
      given.reduce((sum, one, from) => sum + (from === to ? 0 : (one?.[to] ?? 1)), 0) /
      (members - 1),
  );
}

/** Whether an answer of the member at a place can be read: something was given to somebody else. */
export function isAnswer(answer: Answer, from: number): boolean {
  return answer?.some((points, to) => to !== from && (points ?? 0) > 0) ?? false;
}

/** Answers far from the mean of what at least two others gave the same member. O(members²). */
export function outliersOf(answers: readonly Answer[]): readonly Outlier[] {
  const members = answers.length;
  const given = answers.map((answer, from) => dividedByOne(answer, from, members));
  return answers.flatMap((_, to) => {
    const of = given.flatMap((one, from) =>
      one === null || from === to ? [] : [{ from, part: one[to] ?? 0 }],
    );
    if (of.length < 3) return [];
    const sum = of.reduce((all, { part }) => all + part, 0);
    return of.flatMap(({ from, part }): Outlier[] => {
      const others = (sum - part) / (of.length - 1);
      return Math.abs(part - others) > FAR ? [{ from, to }] : [];
    });
  });
}

/** What one answer gives each of the others, 1 for an equal part of it; null where it cannot be read. */
function dividedByOne(answer: Answer, from: number, members: number): Parts | null {
  if (answer === null || !isAnswer(answer, from)) return null;
  const points = Array.from({ length: members }, (_, to) =>
    to === from ? 0 : Math.max(0, answer[to] ?? 0),
  );
  const all = points.reduce((sum, one) => sum + one, 0);
  return points.map((one) => (one / all) * (members - 1));
}

/**
 * Parts of the work in per cent as the teacher gave them; those without one share evenly in what is left of 100, and where
 * all have one, or more than 100 was given, the parts are taken in proportion.
 */
export function partsGiven(percents: readonly (number | null)[]): Parts {
  const members = percents.length;
  const known = percents.reduce<number>((sum, one) => sum + (one ?? 0), 0);
  const open = percents.filter((one) => one === null).length;
  if (open === members) return percents.map(() => 1);
  const rest = open === 0 ? 0 : Math.max(0, 100 - known) / open;
  const all = known + rest * open;
  return percents.map((one) => (all === 0 ? 1 : ((one ?? rest) / all) * members));
}
