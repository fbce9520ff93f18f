/** Groups that go round stations. All are whole numbers from 1. */
export interface Rotation {
  readonly groups: number;
  readonly stations: number;
  /** The most groups at a station in one turn. */
  readonly perStation: number;
  readonly turns: number;
}

/** Groups that meet groups, two by two. */
export interface Meetings {
  readonly groups: number;
  /** Places where two groups can meet in a turn; null for as many as there are pairs. */
  readonly places: number | null;
  /** Null for as many as it takes until all have met. */
  readonly turns: number | null;
}

/** Two groups that meet, by their numbers. */
export type Pair = readonly [number, number];

/** A whole table of turns: where each group is in each turn. */
export interface TurnTable {
  /** turn → group → station, both from 0; null is a break. Groups that meet stand at one place. */
  readonly table: readonly (readonly (number | null)[])[];
  /** Pairs of groups that are at a station together more than once. */
  readonly pairsTwice: number;
  /** Visits of a group to a station where it has been before. */
  readonly visitsTwice: number;
  /** Turns without a station, of each group. */
  readonly breaks: readonly number[];
  /** What no table can better; reached where the figures above are the same. */
  readonly bestPossible: TurnBounds;
}

/** Lower bounds over all tables that use as many places as can be used. */
export interface TurnBounds {
  readonly pairsTwice: number;
  readonly visitsTwice: number;
  /** Breaks of all groups together, and between the group with most and the one with fewest. */
  readonly breaks: { readonly total: number; readonly apart: number };
}

/** The most a table is made for: more than any hall, and still done in a second. */
export const MOST_GROUPS = 120;
export const MOST_STATIONS = 120;
export const MOST_TURNS = 120;
