import type { ProblemGoal } from '../problem/problem';

/** What has been proved of the best arrangement of all, where every one was looked at or ruled out. */
export interface Known {
  /** goal → the least value that its term has in any arrangement; those of which it is known. */
  readonly leasts: ReadonlyMap<ProblemGoal, number>;
  /** How many arrangements cost as little; ways to number groups of no difference are one. Missing where not all were seen. */
  readonly asGood?: number;
  /** The best of those that cost more; missing where there is none, or not all were seen. */
  readonly next?: Int32Array;
}
