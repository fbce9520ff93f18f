import type { ProblemRule } from '../core/problem/problem';
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
  const problemRules = rules.map(({ kind, studentIds }, requestIndex): ProblemRule => {
    const members = studentIds.flatMap((id) => indexOfId.get(id) ?? []);
    return { kind, requestIndex, members: Int32Array.from(members) };
  });
  const seating = {
    groupCount: groups.length,
    sectionOfStudent: new Int32Array(idOfStudent.length),
    rules: problemRules,
  };
  return ruleBreaks(seating, groupOfStudent).flatMap(({ rule, students, group }): BrokenHere[] => {
    const record = rules[rule.requestIndex];
    const studentIds = students.flatMap((index) => idOfStudent[index] ?? []);
    return record ? [{ rule: record, studentIds, group }] : [];
  });
}
