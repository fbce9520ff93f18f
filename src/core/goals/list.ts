import type { Problem, ProblemGoal } from '../problem/problem';
import { alike } from './alike';
import { avoid } from './avoid';
import { freshPartners } from './freshPartners';
import type { GoalKind, PreparedGoal } from './kind';
import { needs } from './needs';
import { spread } from './spread';
import { steady } from './steady';
import { topics } from './topics';
import { wishes } from './wishes';

/** Every kind of goal the engine knows. */
const GOAL_KINDS: { readonly [K in ProblemGoal['kind']]: GoalKind<K> } = {
  spread,
  alike,
  freshPartners,
  wishes,
  steady,
  avoid,
  needs,
  topics,
};

/** The goals made ready for a search; those with nothing to be had are left out, and so are those of weight 0. */
export function prepareGoals(problem: Problem): readonly PreparedGoal[] {
  return problem.goals.flatMap((goal) => {
    // The list holds for each kind what knows just that kind.
    const kind = GOAL_KINDS[goal.kind] as unknown as GoalKind<typeof goal.kind>;
    const prepared = goal.weight > 0 ? kind.prepare(problem, goal) : null;
    return prepared ? [prepared] : [];
  });
}
