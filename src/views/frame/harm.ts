import { countParted, separations } from '@/encode/separations';
import type { StudentId } from '@/schema/ids';
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

/** Somebody in a group of a lineup in use, and those who work with them. */
export interface Company {
  readonly studentId: StudentId;
  readonly lineup: LineupRecord;
  readonly group: string;
  readonly others: readonly StudentId[];
}

/** Where students work now: whoever leaves the class leaves these groups with fewer. */
export function companyOf(
  records: RecordStore,
  studentIds: readonly StudentId[],
): readonly Company[] {
  const leaving = new Set(studentIds);
  return records.all('lineup').flatMap((lineup) => {
    const take = lineup.state === 'inUse' && lineup.takeId && records.get('take', lineup.takeId);
    if (!take) return [];
    return take.groups.flatMap(({ name, studentIds: members }) =>
      members.flatMap((studentId): Company[] =>
        leaving.has(studentId)
          ? [{ studentId, lineup, group: name, others: members.filter((id) => !leaving.has(id)) }]
          : [],
      ),
    );
  });
}

/** A lineup in use whose groups were changed by a step that was taken already, as another window does. */
export interface Changed {
  readonly lineup: LineupRecord;
  /** How many lost somebody from their group. */
  readonly parted: number;
  /** What it showed before: the lineup and its take. */
  readonly before: { readonly lineup: LineupRecord; readonly take: TakeRecord };
}

/** What a step that was taken has done to lineups in use, or over. */
export function changedBy(records: RecordStore, diff: Diff): readonly Changed[] {
  return records.all('lineup').flatMap((lineup): Changed[] => {
    const was = diff.updated[lineup.id]?.[0];
    const before = was?.record === 'lineup' ? was : lineup;
    if (before.state === 'draft' || lineup.state === 'draft' || before.takeId === null) return [];
    const wasTake = diff.updated[before.takeId]?.[0] ?? diff.removed[before.takeId];
    const take = wasTake?.record === 'take' ? wasTake : records.get('take', before.takeId);
    if (!take) return [];
    const parted = countParted(
      separations(
        take.groups.map(({ studentIds }) => studentIds),
        groupsOf(lineup, (id) => records.get('take', id)),
      ),
    );
    return parted === 0 ? [] : [{ lineup, parted, before: { lineup: before, take } }];
  });
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
