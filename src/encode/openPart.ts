import type { Sizing } from '../core/format';
import { groupSizes } from '../core/problem/sizes';
import type { StudentId } from '../schema/ids';
import { whoIsDealt, type Bench } from './bench';

/** Which part of the shown take is dealt anew. */
export interface ShuffleScope {
  /** Rows of the shown take, counted from 0; null for every one that is not locked. */
  readonly rows: readonly number[] | null;
  /** Whether pinned students stay where they are. */
  readonly pins: boolean;
  /** Whether other groups are worth more than good ones. */
  readonly letGo?: boolean;
  /** Whether as many as can be stay where they are, and only as many move as the goals gain by. */
  readonly few?: boolean;
}

export const WHOLE: ShuffleScope = { rows: null, pins: true };

/** What a shuffle deals anew, and what it leaves. */
export interface OpenPart {
  /** Rows of the shown take that stay as they are. */
  readonly keptRows: readonly number[];
  /** Those who are dealt. */
  readonly inIt: ReadonlySet<StudentId>;
  /** How the groups beside the kept rows are sized. */
  readonly sizing: Sizing;
}

/** Beside kept rows the other groups are counted: as many as the recipe would give, less those kept. */
export function openPart(bench: Bench, scope: ShuffleScope): OpenPart {
  const { lineup, take } = bench;
  const dealt = whoIsDealt(bench);
  const groups = take?.groups ?? [];
  const keptRows = groups.flatMap(({ locked }, row) =>
    locked || (scope.rows && !scope.rows.includes(row)) ? [row] : [],
  );
  const seated = new Set(keptRows.flatMap((row) => groups[row]?.studentIds ?? []));
  const inIt = new Set(dealt.flatMap(({ id }) => (seated.has(id) ? [] : [id])));
  const { sizing } = lineup.recipe;
  if (keptRows.length === 0) return { keptRows, inIt, sizing };
  const sizes = groupSizes(dealt.length, sizing);
  const whole = scope.rows ? groups.length : sizes.ok ? sizes.sizes.length : 1;
  // No more groups than there are students to sit in them: a group of nobody is none.
  const count = Math.max(1, Math.min(inIt.size, whole - keptRows.length));
  return { keptRows, inIt, sizing: { by: 'count', count } };
}
