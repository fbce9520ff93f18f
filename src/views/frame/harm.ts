import { countParted, separations } from '@/encode/separations';
import type { LineupRecord } from '@/schema/lineup';
import type { TakeGroup, TakeRecord } from '@/schema/take';
import type { Diff } from '@/store/diff';
import type { RecordStore } from '@/store/recordStore';

/**
 * How many students of a lineup in use, or over, would lose somebody from their group if a step were taken: `diff` as it
 * would be applied, against what the store holds now.
 */
export function harmOf(records: RecordStore, diff: Diff): number {
  return records
    .all('lineup')
    .filter(({ state, takeId }) => state !== 'draft' && takeId !== null)
    .reduce((sum, lineup) => {
      const now = groupsOf(lineup, (id) => records.get('take', id));
      const next = after(lineup, records, diff);
      return sum + countParted(separations(now, next));
    }, 0);
}

/** The groups that the lineup would show then; none where it or its take would be gone. */
function after(lineup: LineupRecord, records: RecordStore, diff: Diff) {
  if (diff.removed[lineup.id]) return [];
  const changed = diff.updated[lineup.id]?.[1];
  const then = changed?.record === 'lineup' ? changed : lineup;
  return groupsOf(then, (id) => {
    if (diff.removed[id]) return undefined;
    const take = diff.updated[id]?.[1] ?? diff.added[id] ?? records.get('take', id);
    return take?.record === 'take' ? take : undefined;
  });
}

function groupsOf(
  { takeId }: LineupRecord,
  takeOf: (id: string) => TakeRecord | undefined,
): readonly TakeGroup['studentIds'][] {
  const take = takeId === null ? undefined : takeOf(takeId);
  return take?.groups.map(({ studentIds }) => studentIds) ?? [];
}
