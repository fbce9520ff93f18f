import { shareCheapest } from '../assign/cheapest';
import type { Problem } from '../problem/problem';
import { SeatTerm } from '../terms/seatTerm';
import type { GoalKind } from './kind';

/** Whoever ranked groups is in one as early in their ranks as can be; all ranks given are added up, the first is 0. */
export const topics: GoalKind<'topics'> = {
  kind: 'topics',
  prepare(problem, goal) {
    const worst = worstRanks(problem);
    if (worst === 0) return null;
    const { ranksOfStudent, groupCount } = problem;
    const rank = new Uint16Array(ranksOfStudent.length * groupCount);
    ranksOfStudent.forEach((ranks, student) => {
      for (let group = 0; group < groupCount; group++) {
        rank[student * groupCount + group] = rankIn(ranks, group);
      }
    });
    const term = new SeatTerm(
      (student, group) => rank[student * groupCount + group] as number,
      1 / worst,
      ranksOfStudent,
    );
    return { goal, term, leastValue: leastRanks(problem) / worst };
  },
};

/** The sum of ranks where nobody is in a group that they named: one not named counts as after all that were. */
function worstRanks({ ranksOfStudent }: Problem): number {
  return ranksOfStudent.reduce((sum, ranks) => sum + ranks.length, 0);
}

/**
 * The least sum of ranks in these sizes, whatever the rules: exact, as an assignment of those with ranks to seats
 * (`assign/cheapest`). Which groups of a class are the larger ones is free: each has one seat more, and so many of these are
 * given. Who gets none of their groups is anywhere; all of theirs are full then, or they would have one.
 */
export function leastRanks(problem: Problem): number {
  const { ranksOfStudent, groupCount, classOfGroup, baseOfClass, extrasOfClass } = problem;
  const ranking = ranksOfStudent.filter((ranks) => ranks.length > 0);
  const elsewhere = 2 * groupCount;
  const classes = extrasOfClass.length;
  const { placeOf } = shareCheapest({
    offers: ranking.map((ranks) => [
      ...Array.from(ranks, (place, cost) => ({ place, cost })),
      ...Array.from(ranks, (place, cost) => ({ place: groupCount + place, cost })),
      { place: elsewhere, cost: ranks.length },
    ]),
    seats: [
      ...Array.from(classOfGroup, (of) => baseOfClass[of] as number),
      ...Array.from(classOfGroup, () => 1),
      ranking.length,
    ],
    holders: [...Array.from({ length: groupCount }, () => classes), ...classOfGroup, classes],
    limits: [...extrasOfClass, problem.studentCount + ranking.length],
    held: Array.from({ length: classes + 1 }, () => 0),
    evenness: 0,
  });
  return ranking.reduce((sum, ranks, one) => {
    const place = placeOf[one] as number;
    return sum + rankIn(ranks, place < elsewhere ? place % groupCount : -1);
  }, 0);
}

/** The rank of a group, from 0; one that is not named comes after all that are. */
function rankIn(ranks: Int32Array, group: number): number {
  const rank = ranks.indexOf(group);
  return rank < 0 ? ranks.length : rank;
}
