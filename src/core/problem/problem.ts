import type { Sizing } from '../format';
import type { Attribute } from './attributes';
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
