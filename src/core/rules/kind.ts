import type { Assignment, Problem, ProblemRule } from '../problem/problem';

/** One rule broken in one place, over dense indexes. */
export interface RuleBreak {
  readonly rule: ProblemRule;
  readonly students: readonly number[];
  readonly group: number;
}

/** What every kind of rule can do; a new kind is one file with one of these, named in `rules/list.ts`. */
export interface RuleKind {
  readonly kind: ProblemRule['kind'];
  /** The places where the assignment breaks the rule; none means it holds. */
  explain(problem: Problem, rule: ProblemRule, groupOfStudent: Assignment): readonly RuleBreak[];
}

/** group → the rule's members in it, for the groups that hold any. */
export function membersByGroup(
  rule: ProblemRule,
  groupOfStudent: Assignment,
): Map<number, number[]> {
  const members = new Map<number, number[]>();
  for (const member of rule.members) {
    const group = groupOfStudent[member] as number;
    const inGroup = members.get(group);
    if (inGroup) inGroup.push(member);
    else members.set(group, [member]);
  }
  return members;
}
