import { PairBuilder } from '../problem/pairs';
import type { Problem } from '../problem/problem';
import { leastTogetherAgain } from '../problem/spreading';
import { companyTerm } from '../terms/companyTerm';
import { ShortfallTerm } from '../terms/shortfallTerm';
import { partnerPlaces } from './freshPartners';
import type { GoalKind } from './kind';

/** Every earlier division that the request names is differed from by a share of the pairs who share a group. */
export const avoid: GoalKind<'avoid'> = {
  kind: 'avoid',
  prepare(problem, goal) {
    const { avoided } = problem;
    if (avoided.length === 0) return null;
    const places = partnerPlaces(problem);
    const allowed = mostAlike(problem);
    const parts = avoided.map((groups) => {
      const together = new PairBuilder(problem.studentCount);
      for (const members of groups) {
        members.forEach((one, i) => {
          for (let j = i + 1; j < members.length; j++) together.add(one, members[j] as number, 1);
        });
      }
      return companyTerm(
        // A pair named twice is still one pair.
        together.build(() => 1),
        1,
        problem,
      );
    });
    const scale = 1 / (places * avoided.length);
    const term = new ShortfallTerm(
      parts,
      avoided.map(() => allowed),
      scale,
    );
    return { goal, term, leastValue: leastShort(problem) * scale };
  },
};

/** Pairs of one earlier division that may be together again without anything being short. */
export function mostAlike(problem: Problem): number {
  const places = partnerPlaces(problem);
  return places - Math.ceil(places * problem.avoidShare);
}

/** Pairs that must be short whatever the groups, over all earlier divisions. */
export function leastShort(problem: Problem): number {
  return problem.avoided.reduce(
    (sum, groups) => sum + Math.max(0, leastTogetherAgain(groups, problem) - mostAlike(problem)),
    0,
  );
}
