import { mostFreshRounds } from '../core/rounds/bounds';
import { BY_SECTION, type Recipe } from '../schema/recipe';
import type { SeriesWish } from '../schema/series';
import { whoIsDealt, type Bench } from './bench';
import { meetingsIn } from './meetings';
import { previewSizes } from './sizing';

/** What a series can come to, before it is made; bounds, not promises. */
export interface Outlook {
  readonly students: number;
  readonly sizes: readonly { readonly groups: number; readonly size: number }[];
  /** Partners that a student can have met at the end, at the most, with those met before. */
  readonly mostMet: number;
  readonly others: number;
  /** The most rounds, with none behind, in which nobody meets a partner twice; never too few. */
  readonly mostFresh: number;
  /** Pairs that must be together again at least, over all rounds. */
  readonly leastRepeats: number;
}

/** What so many rounds can come to for so many students; null where no groups can be made so. */
export function outlookOf(bench: Bench, { rounds, sizing }: SeriesWish): Outlook | null {
  const dealt = whoIsDealt(bench);
  const preview = previewSizes(dealt.length, sizing);
  if (!preview.ok || preview.groupCount === 0) return null;
  const sizeOfGroup = Int32Array.from(
    preview.counts.flatMap(({ groups, size }) => new Array<number>(groups).fill(size)),
  );
  const studentCount = dealt.length;
  const ids = new Set(dealt.map(({ id }) => id));
  const past = bench.history.map((groups) => groups.map((one) => one.filter((id) => ids.has(id))));
  const known = meetingsIn(past).pairs;
  const all = (studentCount * (studentCount - 1)) / 2;
  const aRound = sizeOfGroup.reduce((sum, size) => sum + (size * (size - 1)) / 2, 0);
  const largest = Math.max(...sizeOfGroup);
  const met = studentCount === 0 ? 0 : (2 * known) / studentCount;
  const fresh = mostFreshRounds({ studentCount, sizeOfGroup, rounds });
  const left = aRound === 0 ? rounds : Math.floor((all - known) / aRound);
  return {
    students: studentCount,
    sizes: preview.counts,
    others: studentCount - 1,
    mostMet: Math.min(studentCount - 1, Math.round(met + rounds * (largest - 1))),
    mostFresh: Math.min(fresh, left),
    leastRepeats: Math.max(0, rounds * aRound - (all - known)),
  };
}

/** What a recipe mixes, by id or `section`. */
export function mixedBy({ balance, sections }: Recipe): readonly string[] {
  const details = balance.flatMap(({ detail, how }) => (how === 'mix' ? [detail] : []));
  return sections === 'mixed' ? [...details, BY_SECTION] : details;
}
