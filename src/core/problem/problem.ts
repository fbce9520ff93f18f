import type { ArrangeRequest, RequestGoal, RequestRule, RequestStudent, Sizing } from '../format';
import { markValue, readAttribute, type Attribute } from './attributes';
import { layOut, type Layout } from './layout';
import type { ProblemRule } from './rule';
import { groupSizes, type SizingIssue } from './sizes';

export type { MarkedProblemRule, ProblemRule } from './rule';

/** A goal with its weight; those on attributes carry what is known of the students. */
export type ProblemGoal =
  | {
      readonly kind: 'spread' | 'alike';
      readonly name: string;
      readonly weight: number;
      readonly attribute: Attribute;
    }
  | { readonly kind: 'freshPartners' | 'wishes' | 'steady'; readonly weight: number };

/** A request as flat arrays: present students only, numbered densely in the request's order. */
export interface Problem extends Layout {
  readonly studentCount: number;
  readonly groupCount: number;
  readonly sizing: Sizing;
  readonly rules: readonly ProblemRule[];
  readonly goals: readonly ProblemGoal[];
  /** student index → id in the request. */
  readonly idOfStudent: readonly string[];
  /** student → section; those without one share a section of their own. */
  readonly sectionOfStudent: Int32Array;
  readonly sectionCount: number;
  /** Earlier rounds, newest last: groups of present students, each of two or more. */
  readonly history: readonly (readonly Int32Array[])[];
  /** student → group in `current`; -1 for newcomers; null where there is no `current`. */
  readonly currentOfStudent: Int32Array | null;
  /** student → present students they wish to work with. */
  readonly wishesOfStudent: readonly Int32Array[];
  readonly rounds: number;
}

/** student → group, from 0 to groupCount - 1; length `studentCount`. Whoever made it may write to it. */
export type Assignment = Int32Array;

export type ProblemIssue =
  SizingIssue | { readonly code: 'noSuchGroup'; readonly given: number; readonly groups: number };

export type ProblemOrIssue =
  | { readonly ok: true; readonly problem: Problem }
  | { readonly ok: false; readonly issue: ProblemIssue };

/** Numbers the present students and what is said about them; what is about absent ones falls away. */
export function problemFromRequest(request: ArrangeRequest): ProblemOrIssue {
  const present = request.students.filter((student) => !student.absent);
  const idOfStudent = present.map((student) => student.id);
  const sizes = groupSizes(idOfStudent.length, request.sizing);
  if (!sizes.ok) return sizes;
  const indexOfId = new Map(idOfStudent.map((id, index) => [id, index]));
  const rules = problemRules(request.rules, present);
  const lost = rules.find((rule) => rule.kind === 'pin' && rule.group >= sizes.sizes.length);
  if (lost?.kind === 'pin') {
    const issue = { code: 'noSuchGroup', given: lost.group, groups: sizes.sizes.length } as const;
    return { ok: false, issue };
  }
  const { sectionOfStudent, sectionCount } = sectionsOf(present);
  const indexes = (ids: readonly string[]): Int32Array =>
    Int32Array.from(new Set(ids.flatMap((id) => indexOfId.get(id) ?? [])));
  const base = {
    studentCount: idOfStudent.length,
    groupCount: sizes.sizes.length,
    sizing: request.sizing,
    rules,
    goals: (request.goals ?? []).map((goal) => readGoal(goal, present)),
    idOfStudent,
    sectionOfStudent,
    sectionCount,
    history: (request.history ?? []).map(({ groups }) =>
      groups.map(indexes).filter((members) => members.length > 1),
    ),
    currentOfStudent: request.current ? currentOf(request.current, indexOfId) : null,
    wishesOfStudent: present.map(({ wishes = [], id }) =>
      indexes(wishes.filter((wish) => wish !== id)),
    ),
    rounds: request.rounds ?? 1,
  };
  return { ok: true, problem: { ...base, ...layOut(base, sizes.sizes) } };
}

/** The same students and rules in groups made otherwise; null where that cannot be had. */
export function withSizing(problem: Problem, sizing: Sizing): Problem | null {
  const sizes = groupSizes(problem.studentCount, sizing);
  if (!sizes.ok) return null;
  const groupCount = sizes.sizes.length;
  if (problem.rules.some((rule) => rule.kind === 'pin' && rule.group >= groupCount)) return null;
  const base = { ...problem, sizing, groupCount };
  return { ...base, ...layOut(base, sizes.sizes) };
}

/** The same students and groups under only some of the rules. */
export function withRules(problem: Problem, rules: readonly ProblemRule[]): Problem {
  const sizes = groupSizes(problem.studentCount, problem.sizing);
  const base = { ...problem, rules };
  return sizes.ok ? { ...base, ...layOut(base, sizes.sizes) } : base;
}

/** Rules over the present students, numbered in their order; what is about fewer than it takes falls away. */
export function problemRules(
  rules: readonly RequestRule[],
  present: readonly RequestStudent[],
): ProblemRule[] {
  const indexOfId = new Map(present.map(({ id }, index) => [id, index]));
  return rules.flatMap((rule, requestIndex) => readRule(rule, requestIndex, present, indexOfId));
}

function readRule(
  rule: RequestRule,
  requestIndex: number,
  present: readonly RequestStudent[],
  indexOfId: ReadonlyMap<string, number>,
): ProblemRule[] {
  switch (rule.kind) {
    case 'apart':
    case 'together': {
      const members = new Set(rule.students.flatMap((id) => indexOfId.get(id) ?? []));
      if (members.size < 2) return [];
      return [{ kind: rule.kind, requestIndex, members: Int32Array.from(members) }];
    }
    case 'pin': {
      const student = indexOfId.get(rule.student);
      return student === undefined
        ? []
        : [{ kind: 'pin', requestIndex, student, group: rule.group }];
    }
    case 'atLeast':
    case 'atMost':
    case 'notAlone': {
      const marked = markValue(present, rule.attribute, rule.value);
      const count = rule.kind === 'notAlone' ? 0 : rule.count;
      const { kind, attribute, value } = rule;
      return [{ kind, requestIndex, marked, attribute, value, count }];
    }
    case 'sameSection':
      return [{ kind: 'sameSection', requestIndex }];
    default:
      return rule satisfies never;
  }
}

function readGoal(goal: RequestGoal, present: readonly RequestStudent[]): ProblemGoal {
  if (!('attribute' in goal)) return goal;
  const { kind, attribute: name, weight } = goal;
  return { kind, name, weight, attribute: readAttribute(present, name) };
}

function sectionsOf(present: readonly RequestStudent[]) {
  const names = [...new Set(present.map(({ section }) => section ?? ''))];
  const indexOfName = new Map(names.map((name, index) => [name, index]));
  const sectionOfStudent = Int32Array.from(
    present,
    ({ section }) => indexOfName.get(section ?? '') ?? 0,
  );
  return { sectionOfStudent, sectionCount: names.length };
}

function currentOf(
  current: readonly (readonly string[])[],
  indexOfId: ReadonlyMap<string, number>,
): Int32Array {
  const groupOfStudent = new Int32Array(indexOfId.size).fill(-1);
  current.forEach((ids, group) => {
    ids.forEach((id) => {
      const student = indexOfId.get(id);
      if (student !== undefined) groupOfStudent[student] = group;
    });
  });
  return groupOfStudent;
}
