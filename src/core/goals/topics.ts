import type { Problem } from '../problem/problem';
import { SeatTerm } from '../terms/seatTerm';
import type { GoalKind } from './kind';
import { leastRanks, rankIn } from './ranksBound';

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
