import type { GroupLeft } from '../schema/receipt';
import type { StudentId } from '../schema/ids';
import { groupKeys } from '../schema/takeGroup';

/** What became of one group since it left. */
export interface GroupChange {
  /** As it is called now, or was where it is no more. */
  readonly name: string;
  /** What it was called when it left; null where that is the same, or where it is new. */
  readonly was: string | null;
  readonly state: 'kept' | 'new' | 'gone';
  readonly joins: readonly StudentId[];
  readonly leaves: readonly StudentId[];
}

/** The groups that differ from how they left, told apart by their signs, in the order in which they stand now. */
export function changesSince(
  then: readonly GroupLeft[],
  now: readonly GroupLeft[],
): readonly GroupChange[] {
  const before = byKey(then);
  const after = byKey(now);
  const gone = [...before].filter(([key]) => !after.has(key));
  const changes = [...after].map(([key, group]): GroupChange => {
    const old = before.get(key);
    return {
      name: group.name,
      was: old && old.name !== group.name ? old.name : null,
      state: old ? 'kept' : 'new',
      joins: without(group.studentIds, old?.studentIds ?? []),
      leaves: without(old?.studentIds ?? [], group.studentIds),
    };
  });
  return [
    ...changes.filter(
      ({ was, state, joins, leaves }) =>
        was !== null || state !== 'kept' || joins.length + leaves.length > 0,
    ),
    ...gone.map(([, { name, studentIds }]): GroupChange => ({
      ...{ name, was: null, state: 'gone', joins: [] },
      leaves: studentIds,
    })),
  ];
}

function byKey(groups: readonly GroupLeft[]): ReadonlyMap<string, GroupLeft> {
  const keys = groupKeys(groups);
  return new Map(groups.map((group, row) => [keys[row] ?? '', group]));
}

function without(ids: readonly StudentId[], others: readonly StudentId[]): readonly StudentId[] {
  const known = new Set(others);
  return ids.filter((id) => !known.has(id));
}
