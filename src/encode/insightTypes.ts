import type { Fact } from '../core/explain/why';
import type { StudentId } from '../schema/ids';
import type { RuleSource } from './request';

/** One measure of a take: what the class as a whole reaches, and what is the best that can be. */
export interface ClassFigure {
  readonly cost: number;
  /** No arrangement in these sizes costs less. */
  readonly bestPossible: number;
}

/** A detail in the groups: what each member has, beside the class. */
export type DetailColumn = { readonly detail: string; readonly how: 'mix' | 'match' } & (
  | {
      readonly kind: 'number';
      readonly least: number;
      readonly most: number;
      readonly mean: number;
      /** group → values of its members, ascending. */
      readonly groups: readonly (readonly number[])[];
      readonly figure: ClassFigure;
    }
  | {
      readonly kind: 'category';
      /** Values of the class in their order. */
      readonly values: readonly string[];
      /** group → members with each value, in the order of `values`. */
      readonly groups: readonly (readonly number[])[];
      readonly figure: ClassFigure;
    }
);

/** Pairs of a group who met in an earlier lineup, of so many. */
export interface Met {
  readonly met: number;
  readonly of: number;
}

/** Groups by what is needed next: those with a need, those served, and the most that can be. */
export interface NeedsRead {
  readonly groups: readonly (Met & {
    /** What the group works on, by name, in the order of the ladder. */
    readonly focus: readonly string[];
    /** Who is not served, and what they need next. */
    readonly unserved: readonly { readonly id: StudentId; readonly need: string }[];
  })[];
  /** The ladder from its first skill on: by name, who needs it next, and the rows of the groups that work on it. */
  readonly skills: readonly {
    readonly name: string;
    readonly students: readonly { readonly id: StudentId; readonly row: number }[];
    readonly rows: readonly number[];
  }[];
  readonly met: number;
  readonly of: number;
  readonly most: number;
}

/** What moving a student to a group would do. */
export interface Target {
  readonly group: number;
  /** Where the student is now. */
  readonly isHome: boolean;
  readonly effect: 'breaks' | 'mends' | 'better' | 'same' | 'worse';
  /** 0 to 2 for the three best that break nothing, else null. */
  readonly place: number | null;
}

/** A change by hand worth offering, in records. */
export interface Offer {
  readonly kind: 'swap' | 'move';
  readonly studentIds: readonly StudentId[];
  readonly from: number;
  readonly to: number;
  readonly mends: boolean;
  /** The goals that it betters or worsens: a detail's id, or `partners`, `wishes` or `needs`. */
  readonly better: readonly string[];
  readonly worse: readonly string[];
}

/** A fact about a group or a student; rules by their source. */
export type ToldFact =
  | Exclude<Fact, { code: 'ruleKept' | 'ruleBroken' }>
  | { readonly code: 'ruleKept' | 'ruleBroken'; readonly source: RuleSource };

/** Groups that were ranked: group → students in the first of their ranks, of those who ranked any; the class's sum of ranks. */
export interface RanksRead {
  readonly groups: readonly Met[];
  readonly met: number;
  readonly figure: ClassFigure;
}
