import type { Problem, ProblemRule } from '../core/problem/problem';
import { ruleBreaks } from '../core/rules/list';
import type { RuleRecord } from '../schema/rule';
import type { StudentId } from '../schema/ids';

/** A quiet rule that a group breaks, and whom it concerns there. */
export interface BrokenHere {
  readonly rule: RuleRecord;
  readonly studentIds: readonly StudentId[];
  readonly group: number;
}

/** Which rules the groups break; students in no group are not looked at, and nothing is assumed about sizes. */
export function brokenRules(
  groups: readonly (readonly StudentId[])[],
  rules: readonly RuleRecord[],
): readonly BrokenHere[] {
  const idOfStudent = groups.flat();
  const indexOfId = new Map(idOfStudent.map((id, index) => [id, index]));
  const groupOfStudent = Int32Array.from(groups.flatMap((ids, group) => ids.map(() => group)));
  const problem: Problem = {
    studentCount: idOfStudent.length,
    groupCount: groups.length,
    sizeOfGroup: Int32Array.from(groups, (ids) => ids.length),
    rules: rules.map(({ kind, studentIds }, requestIndex): ProblemRule => {
      const members = studentIds.flatMap((id) => indexOfId.get(id) ?? []);
      return { kind, requestIndex, members: Int32Array.from(members) };
    }),
    idOfStudent,
  };
  return ruleBreaks(problem, groupOfStudent).flatMap(({ rule, students, group }): BrokenHere[] => {
    const record = rules[rule.requestIndex];
    const studentIds = students.flatMap((index) => idOfStudent[index] ?? []);
    return record ? [{ rule: record, studentIds, group }] : [];
  });
}
