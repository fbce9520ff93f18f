import type { Bench } from '@/encode/bench';
import { takeGroups } from '@/encode/takeGroups';
import type { TakeGroup } from '@/schema/take';
import type { ArrangeResult } from '@/worker/protocol';
import { namesFor } from './groupNaming';

/** A result as the groups of a take: in their rows beside those that were kept, with names and signs. */
export function groupsFrom(
  { theClass, lineup, take }: Bench,
  result: ArrangeResult,
  keptRows: readonly number[],
): readonly TakeGroup[] {
  const count = (result.rounds[0]?.groups.length ?? 0) + keptRows.length;
  const rows = Math.max(count, ...keptRows.map((row) => row + 1));
  const names = namesFor(theClass, lineup, rows);
  const { sizing } = lineup.recipe;
  const sized = sizing.by === 'sizes' || (sizing.by === 'size' && sizing.leftover === 'smaller');
  const { pinned, recipe } = lineup;
  const inOrder = recipe.topics !== null && Object.keys(lineup.ranks).length > 0;
  const beside = { take, keptRows, pinned, sized, inOrder };
  return takeGroups(result, (row) => names[row] ?? '', beside);
}
