import type { GoalOf } from './kind';

/**
 * The skills that a group works on: at most `focus` of the ladder, chosen so that most of those with a need are served;
 * of equal choices the one whose skills lie closest together, then the lowest. Places on the ladder, in its order; none
 * that serves nobody.
 */
export function focusOf(
  { needOfStudent, ladder, focus }: GoalOf<'needs'>,
  members: readonly number[],
): readonly number[] {
  const counts = new Int32Array(ladder.length);
  for (const student of members) {
    const need = needOfStudent[student] as number;
    if (need >= 0) counts[need] = (counts[need] as number) + 1;
  }
  const needed = [...counts.keys()].filter((skill) => (counts[skill] as number) > 0);
  if (needed.length <= focus) return needed;
  const sorted = [...needed].sort((a, b) => (counts[b] as number) - (counts[a] as number) || a - b);
  // Skills that are in every best choice, and those of which only some find room.
  const least = counts[sorted[focus - 1] as number] as number;
  const certain = sorted.filter((skill) => (counts[skill] as number) > least);
  const open = needed.filter((skill) => counts[skill] === least);
  // Those that lie closest together stand next to each other among the open ones.
  const room = focus - certain.length;
  const sets = open
    .slice(0, open.length - room + 1)
    .map((_, from) => [...certain, ...open.slice(from, from + room)].sort((a, b) => a - b));
  return sets.reduce((best, set) => (widthOf(set) < widthOf(best) ? set : best));
}

/** How far apart the skills of a set lie on the ladder; what stands next to each other is 1 apart. */
function widthOf(set: readonly number[]): number {
  return (set.at(-1) ?? 0) - (set[0] ?? 0);
}
