import type { Assignment, MarkedProblemRule } from '../problem/problem';
import type { RuleBreak, Seating } from './kind';
import { markPenalty } from './markTerm';

/** Groups that do not keep a rule on marked students, each with the marked ones in it. */
export function markBreaks(
  { groupCount }: Seating,
  rule: MarkedProblemRule,
  groupOfStudent: Assignment,
): readonly RuleBreak[] {
  const marked = Array.from({ length: groupCount }, (): number[] => []);
  groupOfStudent.forEach((group, student) => {
    if (rule.marked[student] === 1) marked[group]?.push(student);
  });
  return marked.flatMap((students, group) =>
    markPenalty(rule, students.length) > 0 ? [{ rule, students, group }] : [],
  );
}
