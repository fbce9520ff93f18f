/**
 * The open request and result (version 1): what the worker, the command line and a kept file all speak.
 * Checked at the edges by `schema/`; here only the shapes.
 */

export type Sizing =
  | { readonly by: 'count'; readonly count: number }
  | { readonly by: 'size'; readonly size: number; readonly leftover: Leftover };

export type Leftover = 'spread' | 'larger' | 'smaller';

export interface RequestStudent {
  readonly id: string;
  readonly name?: string | undefined;
  readonly section?: string | undefined;
  readonly attributes?: Readonly<Record<string, string | number>> | undefined;
  readonly absent?: boolean | undefined;
  readonly wishes?: readonly string[] | undefined;
}

export interface MembersRule {
  readonly kind: 'apart' | 'together';
  readonly students: readonly string[];
}

export type RequestRule = MembersRule;

export interface ArrangeRequest {
  readonly format: 'gruppetto.request';
  readonly version: 1;
  readonly seed: number;
  readonly students: readonly RequestStudent[];
  readonly sizing: Sizing;
  readonly rules: readonly RequestRule[];
}

/** One rule broken in one place: the students concerned and the group where it shows. */
export interface BrokenRule {
  /** Index into the request's rules. */
  readonly rule: number;
  readonly students: readonly string[];
  readonly group: number;
}

export type WayOut = { readonly drop: number } | { readonly groups: number };

/** Why rules cannot all hold, as a code and its figures; `messages/` makes the sentence. */
export type ClashReason =
  | {
      readonly code: 'togetherYetApart';
      readonly students: readonly string[];
    }
  | {
      readonly code: 'blockTooLarge';
      readonly students: readonly string[];
      /** Students who must stay together. */
      readonly blockSize: number;
      /** Seats in the largest group. */
      readonly largestGroup: number;
    }
  | {
      readonly code: 'tooManyApart';
      readonly students: readonly string[];
      readonly needed: number;
      readonly groups: number;
    }
  | { readonly code: 'exhausted'; readonly students: readonly string[] };

export interface Clash {
  /** Indices of a smallest set: leaving out any one of them makes the rest possible. */
  readonly rules: readonly number[];
  readonly reason: ClashReason;
  readonly waysOut: readonly WayOut[];
}

export interface ArrangeResult {
  readonly format: 'gruppetto.result';
  readonly version: 1;
  readonly feasible: boolean;
  readonly rounds: readonly { readonly groups: readonly (readonly string[])[] }[];
  readonly unplaced: readonly string[];
  /** Present only when the result is not feasible. */
  readonly broken?: readonly BrokenRule[];
  /** Present only when it is proved that the rules cannot all hold. */
  readonly clash?: Clash;
  readonly measures: Readonly<Record<string, never>>;
  readonly search: {
    readonly evaluations: number;
    readonly seed: number;
    readonly provenBest: boolean;
  };
}

export type Effort = 'quick' | 'normal' | 'thorough';

/** How far a search has come, 0 to 1 of its budget. */
export interface Progress {
  readonly done: number;
}
