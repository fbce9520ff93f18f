import { leastUnlike } from './alikeBound';
import { leastWithin } from './bounds';
import { variationOf, WithinTerm } from './categoryTerm';
import type { GoalKind } from './kind';
import { BetweenTerm, deviations } from './numberTerm';

/** Members of a group are close to each other: what differs within groups as a part of what differs among all. */
export const alike: GoalKind<'alike'> = {
  kind: 'alike',
  prepare(problem, goal) {
    const { attribute } = goal;
    if (attribute.kind === 'number') {
      const of = deviations(attribute.valueOfStudent, attribute.known);
      if (of.total === 0) return null;
      const term = new BetweenTerm(of, problem.groupCount, -1, 1);
      return { goal, term, leastValue: leastWithin(problem, attribute) / of.total };
    }
    const { valueOfStudent, values } = attribute;
    const variation = variationOf(valueOfStudent, values.length);
    if (variation === 0) return null;
    const term = new WithinTerm(valueOfStudent, values.length, problem.groupCount, 1 / variation);
    return { goal, term, leastValue: leastUnlike(problem, attribute) / variation };
  },
};
