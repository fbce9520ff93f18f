import type { ArrangeRequest } from '../format';
import { prepareGoals } from '../goals/list';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import type { Search } from './work';

export function problemOf(request: ArrangeRequest): Problem {
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

/** Where i sits in i modulo the groups: requests of these tests are made so that every rule holds. */
export const planted = ({ studentCount, groupCount }: Problem): Int32Array =>
  Int32Array.from({ length: studentCount }, (_, student) => student % groupCount);

/** What a search returns at its end. */
export function ended<T>(work: Search<T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

/** The weighted cost of all goals. */
export function costOf(problem: Problem, groupOfStudent: Int32Array): number {
  const objective = new Objective(prepareGoals(problem), []);
  objective.reset(new Arrangement(problem, groupOfStudent));
  return objective.cost();
}

/** Every assignment of the students to the groups. */
export function* assignments(n: number, groups: number): Generator<Int32Array> {
  for (let code = 0; code < groups ** n; code++) {
    yield Int32Array.from({ length: n }, (_, i) => Math.floor(code / groups ** i) % groups);
  }
}

/** Every assignment that keeps the rules and fills the sizes. */
export function* valid(problem: Problem): Generator<Int32Array> {
  for (const all of assignments(problem.studentCount, problem.groupCount)) {
    if (fillsTheSizes(problem, all) && keepsEverything(problem, all)) yield all;
  }
}
