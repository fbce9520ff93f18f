import type { ArrangeRequest } from '../format';
import { groupSizes, type SizingIssue } from './sizes';

/** A hard rule over dense student indexes. */
export interface ProblemRule {
  readonly kind: 'apart' | 'together';
  /** Index of the rule in the request. */
  readonly requestIndex: number;
  /** Student indexes, each once; at least two. */
  readonly members: Int32Array;
}

/** A request as flat arrays: present students only, numbered densely in the request's order. */
export interface Problem {
  readonly studentCount: number;
  readonly groupCount: number;
  /** group → seats; length `groupCount`, adds up to `studentCount`. */
  readonly sizeOfGroup: Int32Array;
  readonly rules: readonly ProblemRule[];
  /** student index → id in the request. */
  readonly idOfStudent: readonly string[];
}

/** student → group, from 0 to groupCount - 1; length `studentCount`. Whoever made it may write to it. */
export type Assignment = Int32Array;

export type ProblemOrIssue =
  | { readonly ok: true; readonly problem: Problem }
  | { readonly ok: false; readonly issue: SizingIssue };

/** Numbers the present students and the rules about them; rules left with fewer than two present students fall away. */
export function problemFromRequest(request: ArrangeRequest): ProblemOrIssue {
  const idOfStudent = request.students
    .filter((student) => !student.absent)
    .map((student) => student.id);
  const sizes = groupSizes(idOfStudent.length, request.sizing);
  if (!sizes.ok) return sizes;
  const indexOfId = new Map(idOfStudent.map((id, index) => [id, index]));
  const rules = request.rules.flatMap((rule, requestIndex): ProblemRule[] => {
    const present = new Set(rule.students.flatMap((id) => indexOfId.get(id) ?? []));
    if (present.size < 2) return [];
    return [{ kind: rule.kind, requestIndex, members: Int32Array.from(present) }];
  });
  return {
    ok: true,
    problem: {
      studentCount: idOfStudent.length,
      groupCount: sizes.sizes.length,
      sizeOfGroup: sizes.sizes,
      rules,
      idOfStudent,
    },
  };
}

/** The same students and rules in groups of other sizes; `sizeOfGroup` adds up to `studentCount`. */
export function withSizes(problem: Problem, sizeOfGroup: Int32Array): Problem {
  return { ...problem, sizeOfGroup, groupCount: sizeOfGroup.length };
}

/** The same students and groups under only some of the rules. */
export function withRules(problem: Problem, rules: readonly ProblemRule[]): Problem {
  return { ...problem, rules };
}
