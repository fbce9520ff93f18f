import { problemRules, ruleBreaks } from '../core/rules/list';
import type { StudentId } from '../schema/ids';
import type { Bench } from './bench';
import { recipeRules, requestStudent, type RuleSource } from './request';

/** A rule that a group breaks, and whom it concerns there. */
export interface BrokenHere {
  readonly source: RuleSource;
  readonly studentIds: readonly StudentId[];
  readonly group: number;
}

/**
 * Which quiet rules, limits and sections the groups break; students in no group are not looked at, nothing is assumed
 * about sizes, and a group with nobody in it breaks nothing.
 */
export function brokenRules(
  groups: readonly (readonly StudentId[])[],
  bench: Bench,
): readonly BrokenHere[] {
  const studentOfId = new Map(bench.students.map((student) => [student.id, student]));
  const seated = groups.flatMap((ids, group) =>
    ids.flatMap((id) => {
      const student = studentOfId.get(id);
      return student ? [{ student, group }] : [];
    }),
  );
  const present = seated.map(({ student }) => requestStudent(student, bench, false));
  const rules = recipeRules(bench, new Set(seated.map(({ student }) => student.id)));
  const sections = new Map<string | null, number>();
  const sectionOfStudent = Int32Array.from(seated, ({ student: { sectionId } }) => {
    if (!sections.has(sectionId)) sections.set(sectionId, sections.size);
    return sections.get(sectionId) ?? 0;
  });
  const seating = {
    groupCount: groups.length,
    sectionOfStudent,
    rules: problemRules(
      rules.map(([, rule]) => rule),
      present,
    ),
  };
  const groupOfStudent = Int32Array.from(seated, ({ group }) => group);
  return ruleBreaks(seating, groupOfStudent).flatMap(({ rule, students, group }): BrokenHere[] => {
    const source = rules[rule.requestIndex]?.[0];
    const studentIds = students.flatMap((index) => seated[index]?.student.id ?? []);
    const empty = (groups[group]?.length ?? 0) === 0;
    return source && !empty ? [{ source, studentIds, group }] : [];
  });
}
