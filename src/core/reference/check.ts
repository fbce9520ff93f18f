import type { Assignment, Problem } from '../problem/problem';

/**
 * The obvious check of a whole assignment, sharing nothing with the search: every seat filled exactly and
 * every pair of every rule looked at. Cost: students + pairs of each rule.
 */
export function keepsEverything(problem: Problem, groupOfStudent: Assignment): boolean {
  return fillsTheSizes(problem, groupOfStudent) && keepsTheRules(problem, groupOfStudent);
}

/** Whether everybody has a group and every group has just the students it has seats for. */
export function fillsTheSizes(problem: Problem, groupOfStudent: Assignment): boolean {
  const counts = new Array<number>(problem.groupCount).fill(0);
  for (let student = 0; student < problem.studentCount; student++) {
    const group = groupOfStudent[student];
    if (group === undefined || counts[group] === undefined) return false;
    counts[group]++;
  }
  return counts.every((count, group) => count === problem.sizeOfGroup[group]);
}

function keepsTheRules(problem: Problem, groupOfStudent: Assignment): boolean {
  return problem.rules.every((rule) => {
    const members = [...rule.members];
    return members.every((one, index) =>
      members.slice(index + 1).every((two) => {
        const same = groupOfStudent[one] === groupOfStudent[two];
        return rule.kind === 'together' ? same : !same;
      }),
    );
  });
}
