import type { Measures } from '../format';

/** Something that a teacher would see to be better in one result than in another. */
export type Gain =
  /** Fewer repeats, students without a wish met, ranks given in all, or moves. */
  | { readonly what: 'repeats' | 'wishes' | 'ranks' | 'moves'; readonly by: number }
  /** More of those with a need are served. */
  | { readonly what: 'needs' }
  /** Fewer students out of place for an even share of each value. */
  | { readonly what: 'uneven'; readonly detail: string; readonly by: number }
  /** Means that lie nearer to each other; values within groups that are more alike. */
  | { readonly what: 'means' | 'alike'; readonly detail: string };

/** A spread of means, and a part of a class, that differ by less look the same. */
const SEEN = 0.01;
/** Costs that differ by less are the same. */
const EPSILON = 1e-9;

/** What a teacher would see to be better in the second result than in the first, goal by goal; what is counted first. */
export function gainsBetween(
  from: Measures,
  to: Measures,
  isNumber: (detail: string) => boolean,
): readonly Gain[] {
  const gains: Gain[] = [];
  const fewer = (
    what: 'repeats' | 'wishes' | 'ranks' | 'moves',
    before: number | undefined,
    after: number | undefined,
  ): void => {
    const by = Math.round((before ?? 0) - (after ?? 0));
    if (by > 0) gains.push({ what, by });
  };
  fewer('repeats', from.repeats?.pairs, to.repeats?.pairs);
  fewer('wishes', from.wishes?.unmet, to.wishes?.unmet);
  fewer('ranks', from.topics?.ranks, to.topics?.ranks);
  fewer('moves', from.steady?.moves, to.steady?.moves);
  if ((from.needs?.cost ?? 0) - (to.needs?.cost ?? 0) > EPSILON) gains.push({ what: 'needs' });
  for (const [detail, before] of Object.entries(from.spread ?? {})) {
    const less = before.cost - (to.spread?.[detail]?.cost ?? before.cost);
    if (isNumber(detail)) {
      if (less >= SEEN) gains.push({ what: 'means', detail });
    } else if (Math.round(less) > 0) gains.push({ what: 'uneven', detail, by: Math.round(less) });
  }
  for (const [detail, before] of Object.entries(from.alike ?? {})) {
    const less = before.cost - (to.alike?.[detail]?.cost ?? before.cost);
    if (less >= SEEN) gains.push({ what: 'alike', detail });
  }
  return gains.sort((one, two) => Number('by' in two) - Number('by' in one));
}
