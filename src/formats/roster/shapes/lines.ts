import type { RosterWarning, Skipped } from '../types';

/** A line of a list with its place in the text, from 1. */
export interface Line {
  readonly line: number;
  readonly text: string;
}

/** What is told of those on some lines, as a column of its own. */
export interface Told {
  readonly heading: string;
  /** Line → what is told of everybody on it. */
  readonly of: ReadonlyMap<number, string>;
}

/** A longer line holds several people, or none: what stands behind one name is not looked for, as patterns for it take the square of a line's length. */
const LONGEST = 300;

export const isShort = (text: string): boolean => text.length <= LONGEST;

/** Lines as they are read on, and what was taken from them. */
export interface Tidied {
  readonly lines: readonly Line[];
  readonly skipped: readonly Skipped[];
  readonly warnings?: readonly RosterWarning[];
  readonly told?: Told;
}

/** Bullets and numbers before a name. */
export const BEFORE_NAME = /^[\s\p{P}\p{S}\d]+/u;

/** Lines that hold something. */
export const filledOf = (all: readonly Line[]): readonly Line[] =>
  all.filter(({ text }) => /\S/.test(text));

/** Lines that stand together, parted by blank ones. */
export function blocksOf(all: readonly Line[]): readonly (readonly Line[])[] {
  const blocks: Line[][] = [[]];
  for (const line of all) {
    if (/\S/.test(line.text)) blocks.at(-1)?.push(line);
    else if (blocks.at(-1)?.length) blocks.push([]);
  }
  return blocks.filter(({ length }) => length > 0);
}

/** "and" before the last of several. */
export const LAST = /\s+(?:and|&|und|y|et|e|en)\s+(?=\S)/u;

/** The names that commas and a last "and" part. */
export const namesIn = (text: string): readonly string[] =>
  text
    .split(/[,;]/)
    .flatMap((part) => part.split(LAST))
    .map((name) => name.replace(/^(?:and|und|y|et|e|en)\s+/u, '').trim())
    .filter(Boolean);

/** What stands between somebody and what is said of them. */
export const ARROW = /\s*(?:[-=]>|→|⇒)\s*/u;
