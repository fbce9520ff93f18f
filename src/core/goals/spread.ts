import type { Problem } from '../problem/problem';
import { leastBetween } from './bounds';
import { ShareTerm } from './categoryTerm';
import type { GoalKind } from './kind';
import { BetweenTerm, deviations } from './numberTerm';

/** Every group looks like the class: equal means of a number, proportional counts of a category. */
export const spread: GoalKind<'spread'> = {
  kind: 'spread',
  prepare(problem, goal) {
    const { attribute } = goal;
    if (attribute.kind === 'number') {
      const of = deviations(attribute.valueOfStudent, attribute.known);
      if (of.total === 0) return null;
      const term = new BetweenTerm(of, problem.groupCount, 1, 0);
      return { goal, term, leastValue: leastBetween(problem, attribute) / of.total };
    }
    if (attribute.values.length < 2) return null;
    const term = new ShareTerm(
      attribute.valueOfStudent,
      attribute.values.length,
      problem.groupCount,
      mostInGroup(problem),
      1 / problem.studentCount,
    );
    return { goal, term, leastValue: 0 };
  },
};

function mostInGroup({ sizeOfGroup }: Problem): number {
  return 1 + sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
}
