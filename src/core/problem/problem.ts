import type { Sizing } from '../format';
import type { Attribute } from './attributes';
import { isParted, layOut, sizesFor, type Layout } from './layout';
import type { ProblemRule } from './rule';
import { sizeChoices, type SizingIssue } from './sizes';

export type { MarkedProblemRule, ProblemRule } from './rule';

/** A goal with its weight; those on attributes carry what is known of the students. */
export type ProblemGoal =
  | {
      readonly kind: 'spread' | 'alike';
      readonly name: string;
      readonly weight: number;
      readonly attribute: Attribute;
    }
  | {
      readonly kind: 'freshPartners' | 'wishes' | 'steady' | 'avoid' | 'topics';
      readonly weight: number;
    }
  | {
      readonly kind: 'needs';
      readonly weight: number;
      readonly ladder: readonly string[];
      /** The most skills that a group works on, 1 and up. */
      readonly focus: number;
      /** student → place of their first need on the ladder; -1 for none. */
      readonly needOfStudent: Int32Array;
    };

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
  /** student → groups they ranked, the first one first. */
  readonly ranksOfStudent: readonly Int32Array[];
  readonly rounds: number;
  /** Results to differ from: groups of present students, each of two or more. */
  readonly avoided: readonly (readonly Int32Array[])[];
  /** The least part of the pairs that is to be new beside each of them, 0 to 1. */
  readonly avoidShare: number;
}

/** student → group, from 0 to groupCount - 1; length `studentCount`. Whoever made it may write to it. */
export type Assignment = Int32Array;

export type ProblemIssue =
  SizingIssue | { readonly code: 'noSuchGroup'; readonly given: number; readonly groups: number };

export type ProblemOrIssue =
  | { readonly ok: true; readonly problem: Problem }
  | { readonly ok: false; readonly issue: ProblemIssue };

/** Whether it is a matter of which group is which for students: they are in one already, or rank them. */
export function hasPlacesOfTheirOwn({
  currentOfStudent,
  ranksOfStudent,
}: Pick<Problem, 'currentOfStudent' | 'ranksOfStudent'>): boolean {
  return currentOfStudent !== null || ranksOfStudent.some(({ length }) => length > 0);
}

/** The same students and rules in groups made otherwise; null where that cannot be had. */
export function withSizing(problem: Problem, sizing: Sizing): Problem | null {
  const base = { ...problem, sizing };
  const sizes = sizesFor(base);
  return sizes.ok ? withSizes(base, sizes.sizes) : null;
}

/** The same students and rules in groups of these sizes; null where a student is pinned to a group there is not. */
function withSizes(problem: Problem, sizes: Int32Array): Problem | null {
  const groupCount = sizes.length;
  if (problem.rules.some((rule) => rule.kind === 'pin' && rule.group >= groupCount)) return null;
  const base = { ...problem, groupCount };
  return { ...base, ...layOut(base, sizes) };
}

export interface Variants {
  /** The problem with each of the sizes that its sizing allows, the most usual first. */
  readonly variants: readonly Problem[];
  /** Whether no other sizes are allowed: only then what none of them can is impossible. */
  readonly complete: boolean;
}

/** All that a sizing leaves open: one problem, but for a range. Where sections stay apart they decide the sizes. */
export function variantsOf(problem: Problem): Variants {
  const { rules, sizing, studentCount } = problem;
  if (sizing.by !== 'range') return { variants: [problem], complete: true };
  if (isParted(problem)) return { variants: [problem], complete: false };
  const { choices, complete } = sizeChoices(studentCount, sizing);
  const pinned = rules.some(({ kind }) => kind === 'pin') || problem.currentOfStudent !== null;
  return {
    variants: choices.flatMap((sizes) => withSizes(problem, sizes) ?? []),
    // Of groups that are told apart, which one has which size matters, and not every way is tried.
    complete: complete && !pinned,
  };
}

/**
 * The same students under only some of the rules. Where sections have sized the groups, the sizing does so without that
 * rule; the sizes of a range stay those in which the problem stands.
 */
export function withRules(problem: Problem, rules: readonly ProblemRule[]): Problem {
  const base = { ...problem, rules };
  const asked = sizesFor(base);
  const sizes = asked.ok && problem.sizing.by !== 'range' ? asked.sizes : problem.sizeOfGroup;
  return withSizes(base, sizes) ?? { ...base, ...layOut(base, problem.sizeOfGroup) };
}
