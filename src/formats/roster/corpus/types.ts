import type { RosterStudent } from '../types';

/** A list as a teacher has it, and what must be read in it. */
export interface RosterCase {
  readonly name: string;
  readonly given: string | Uint8Array;
  /** Every student as shown, in the order of the list. */
  readonly students: readonly string[];
  readonly staff?: readonly string[];
  /** All that is named as left out; told only where the case is about it. */
  readonly leftOut?: readonly string[];
  /** Students who are doubtful; none where nothing is told. */
  readonly asked?: readonly string[];
  /** How many lines may name two people; told only where the case is about it. */
  readonly askedPairs?: number;
  /** What is known about each student, as far as the case is about it. */
  readonly facts?: readonly Partial<RosterStudent>[];
  /** Name → kind of each detail; told only where the case is about it. */
  readonly details?: Readonly<Record<string, string>>;
}

/** Lines of a text as a file has them. */
export const lines = (...all: readonly string[]): string => `${all.join('\n')}\n`;
