import type { Recipe } from '../schema/recipe';
import type { TakeRecord } from '../schema/take';
import { whoIsDealt, type Bench } from './bench';

/**
 * The sentence that groups were made by, as a short text that differs where it asks for something else. A migration that
 * changes what a recipe holds lets takes forget it (`madeBy: null`).
 */
export function sentenceKey({ naming: _naming, roles: _roles, ...asked }: Recipe): string {
  // What groups are called, and who has which role in them, says nothing of who is with whom.
  return folded(steadyText(asked));
}

/**
 * What has changed since the groups of a take were made: what the sentence asks for, or who is to be dealt. Whoever was
 * dealt and stands aside was taken out by hand, which is no change of the roll; of takes from before the sentence was kept
 * nothing is said of it.
 */
export function changedSince(
  { madeBy, groups, dealt }: Pick<TakeRecord, 'madeBy' | 'groups' | 'dealt'>,
  bench: Bench,
): readonly ('sentence' | 'roll')[] {
  const seated = new Set([...groups, ...(dealt ?? [])].flatMap(({ studentIds }) => studentIds));
  const wanted = new Set(whoIsDealt(bench).map(({ id }) => id));
  const come = [...wanted].some((id) => !seated.has(id));
  const gone = groups.some(({ studentIds }) => studentIds.some((id) => !wanted.has(id)));
  return [
    ...(madeBy !== null && madeBy !== sentenceKey(bench.lineup.recipe)
      ? ['sentence' as const]
      : []),
    ...(come || gone ? ['roll' as const] : []),
  ];
}

/** The same text for the same data, in whatever order its fields were set. */
function steadyText(data: unknown): string {
  if (Array.isArray(data)) return `[${data.map(steadyText).join()}]`;
  if (typeof data !== 'object' || data === null) return JSON.stringify(data);
  const fields = Object.entries(data).sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${fields.map(([key, value]) => `${JSON.stringify(key)}:${steadyText(value)}`).join()}}`;
}

/** 64 bits of a text (FNV-1a, twice with different beginnings): two that differ are told apart. */
function folded(text: string): string {
  const half = (from: number): string => {
    let fold = from;
    for (let at = 0; at < text.length; at++) {
      fold = Math.imul(fold ^ text.charCodeAt(at), 0x01000193);
    }
    return (fold >>> 0).toString(36);
  };
  return `${half(0x811c9dc5)}${half(0x2545f491)}`;
}
