/**
 * The open request and result (version 1): what the worker, the command line and a kept file all speak.
 * Checked at the edges by `schema/`; here only the shapes.
 */

export type Sizing =
  | { readonly by: 'count'; readonly count: number }
  | { readonly by: 'size'; readonly size: number; readonly leftover: Leftover }
  /** The size of each group, in their order; they add up to the students present. */
  | { readonly by: 'sizes'; readonly sizes: readonly number[] }
  /** As few groups as can be, none larger than this; sizes differ by at most one. */
  | { readonly by: 'atMost'; readonly size: number }
  /** Every group between the two; as even as the rules allow, in so many groups where that is said. */
  | {
      readonly by: 'range';
      readonly least: number;
      readonly most: number;
      readonly groups?: number | undefined;
    };

export type Leftover = 'spread' | 'larger' | 'smaller';

export interface RequestStudent {
  readonly id: string;
  readonly name?: string | undefined;
  readonly section?: string | undefined;
  readonly attributes?: Readonly<Record<string, string | number>> | undefined;
  readonly absent?: boolean | undefined;
  readonly wishes?: readonly string[] | undefined;
  /** Skills of a ladder that the student needs, the next one first; left out, or empty, for none. */
  readonly needs?: readonly string[] | undefined;
  /** Groups, counted from 0, that the student would like to be in, the first one first. */
  readonly topics?: readonly number[] | undefined;
}

export interface MembersRule {
  readonly kind: 'apart' | 'together';
  readonly students: readonly string[];
}

/** A rule on how many students with one value of an attribute a group may hold. */
export interface CountRule {
  readonly kind: 'atLeast' | 'atMost';
  readonly attribute: string;
  readonly value: string | number;
  readonly count: number;
}

export type RequestRule =
  | MembersRule
  | CountRule
  | { readonly kind: 'sameSection' }
  | { readonly kind: 'pin'; readonly student: string; readonly group: number }
  | { readonly kind: 'notAlone'; readonly attribute: string; readonly value: string | number };

export type RequestGoal =
  | { readonly kind: 'spread' | 'alike'; readonly attribute: string; readonly weight: number }
  | {
      readonly kind: 'freshPartners' | 'wishes' | 'steady' | 'avoid' | 'topics';
      readonly weight: number;
    }
  /** Each group works on at most `focus` skills of the ladder; whoever's first need is among them is served. */
  | {
      readonly kind: 'needs';
      /** Skill ids in the order in which they are learned. */
      readonly ladder: readonly string[];
      readonly focus: number;
      readonly weight: number;
    };

/** Groups of one round by the ids of their students. */
export interface Round {
  readonly groups: readonly (readonly string[])[];
  /** Of a result with the goal `needs`: the skills that each group works on, in the order of the ladder. */
  readonly focus?: readonly (readonly string[])[] | undefined;
}

/** Results that a new one is to differ from, each by at least a share of the pairs who share a group in it. */
export interface Avoid {
  readonly results: readonly Round[];
  /** From 0 to 1. */
  readonly share: number;
}

export interface ArrangeRequest {
  readonly format: 'gruppetto.request';
  readonly version: 1;
  readonly seed: number;
  readonly students: readonly RequestStudent[];
  readonly sizing: Sizing;
  readonly rules: readonly RequestRule[];
  readonly goals?: readonly RequestGoal[] | undefined;
  /** Earlier rounds, newest last. */
  readonly history?: readonly Round[] | undefined;
  readonly current?: readonly (readonly string[])[] | undefined;
  /** Earlier results to differ from, for the goal of that name. */
  readonly avoid?: Avoid | undefined;
  /** Rounds made at once, partners fresh across them; 1 where it is left out. */
  readonly rounds?: number | undefined;
}

/** One rule broken in one place: the students concerned and the group where it shows. */
export interface BrokenRule {
  /** Index into the request's rules. */
  readonly rule: number;
  readonly students: readonly string[];
  readonly group: number;
  /** Round counted from 0; left out where there is one round. */
  readonly round?: number;
}

export type WayOut =
  | { readonly drop: number }
  /** Rules that have to go together, where two clashes stand side by side and no single one frees the whole. */
  | { readonly drops: readonly number[] }
  | { readonly groups: number }
  | { readonly size: number }
  /** Sizes free between the two, whatever the number of groups. */
  | { readonly least: number; readonly most: number };

/** Why rules cannot all hold, as a code and its figures; `messages/` makes the sentence. */
export type ClashReason =
  | { readonly code: 'togetherYetApart'; readonly students: readonly string[] }
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
  /** A block of students, or one of them, whom pins and sections leave no group. */
  | { readonly code: 'noGroupFits'; readonly students: readonly string[] }
  /** More students pinned to a group than it has seats. */
  | {
      readonly code: 'pinnedTooMany';
      readonly students: readonly string[];
      readonly group: number;
      readonly seats: number;
    }
  | {
      readonly code: 'tooFewSections';
      readonly students: readonly string[];
      readonly sections: number;
      readonly groups: number;
    }
  | {
      readonly code: 'tooFewWithValue' | 'tooManyWithValue';
      readonly students: readonly string[];
      readonly attribute: string;
      readonly value: string | number;
      readonly have: number;
      readonly needed: number;
    }
  | {
      readonly code: 'aloneWithValue';
      readonly students: readonly string[];
      readonly attribute: string;
      readonly value: string | number;
    }
  /** No way to share so many out over groups of these sizes keeps the rules on the value. */
  | {
      readonly code: 'cannotBeShared';
      readonly students: readonly string[];
      readonly attribute: string;
      readonly value: string | number;
      readonly have: number;
    }
  | { readonly code: 'exhausted'; readonly students: readonly string[] };

export interface Clash {
  /** Indices of a smallest set: leaving out any one of them makes the rest possible. */
  readonly rules: readonly number[];
  /** Where there were too many to settle that of each: the rules clash, but some of them may not be needed for it. */
  readonly mayBeLess?: boolean;
  readonly reason: ClashReason;
  readonly waysOut: readonly WayOut[];
}

/** A cost with what is the best possible, or a bound that nothing can be below; both 0 and up. */
export interface Measure {
  readonly cost: number;
  readonly bestPossible: number;
}

export interface Measures {
  /** attribute → its cost. */
  readonly spread?: Readonly<Record<string, Measure>>;
  readonly alike?: Readonly<Record<string, Measure>>;
  /** Pairs that met before, each as often as it did; history and new rounds. */
  readonly repeats?: { readonly pairs: number; readonly bestPossible: number };
  /** Students of whose wishes none is met. */
  readonly wishes?: { readonly unmet: number; readonly of: number; readonly bestPossible: number };
  /** Ranks given to those who ranked groups, added up from 0 for the first; and how many did. */
  readonly topics?: { readonly ranks: number; readonly of: number; readonly bestPossible: number };
  /** Students who are not where `current` has them. */
  readonly steady?: { readonly moves: number; readonly bestPossible: number };
  /** Pairs that are new too seldom, over all results to differ from; 0 where it differs from each as asked. */
  readonly avoid?: { readonly short: number; readonly bestPossible: number };
  /** The part of those with a need who are not served, 0 to 1. */
  readonly needs?: Measure;
  /** Rounds that could be had without a repeat, at most. */
  readonly rounds?: { readonly made: number; readonly bestPossible: number };
}

export interface ArrangeResult {
  readonly format: 'gruppetto.result';
  readonly version: 1;
  readonly feasible: boolean;
  readonly rounds: readonly Round[];
  readonly unplaced: readonly string[];
  /** Present only when the result is not feasible. */
  readonly broken?: readonly BrokenRule[];
  /** Present only when it is proved that the rules cannot all hold. */
  readonly clash?: Clash;
  readonly measures: Measures;
  readonly search: {
    readonly evaluations: number;
    readonly seed: number;
    readonly provenBest: boolean;
    /** How many divisions cost as little as this one, where all that keep the rules were looked at. */
    readonly asGood?: number;
    /** What the best of those that cost more comes to; absent where none does, or not all were looked at. */
    readonly next?: Measures;
  };
}

export type Effort = 'quick' | 'normal' | 'thorough';

/** How far a search has come, 0 to 1 of its budget. */
export interface Progress {
  readonly done: number;
}
