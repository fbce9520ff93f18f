import type { Problem, ProblemGoal } from '../problem/problem';
import type { Term } from '../terms/arrangement';

export type GoalOf<K extends ProblemGoal['kind']> = ProblemGoal & { readonly kind: K };

/**
 * A goal made ready for one problem. Its term's value lies between 0 and about 1 before the weight, so that weight 1
 * means the same for each goal.
 */
export interface PreparedGoal {
  readonly goal: ProblemGoal;
  readonly term: Term;
  /** No arrangement in these sizes that keeps the rules has a value below this. */
  readonly leastValue: number;
}

/** What every kind of goal can do; a new kind is one file with one of these, named in `goals/list.ts`. */
export interface GoalKind<K extends ProblemGoal['kind']> {
  readonly kind: K;
  /** Null where there is nothing to be had: nobody has a wish, nothing differs. */
  prepare(problem: Problem, goal: GoalOf<K>): PreparedGoal | null;
}
