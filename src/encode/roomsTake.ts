import type { StudentId } from '../schema/ids';
import { withHoldersOnly } from '../schema/seats';
import { newGroup, type TakeGroup } from '../schema/take';
import { groupKeys } from '../schema/takeGroup';

/** A room with those of the class who are in it. */
export interface SeatedRoom {
  readonly name: string;
  /** Of the group it was made for; null for one that was added. */
  readonly key: string | null;
  readonly studentIds: readonly StudentId[];
}

/**
 * The groups of a take as the rooms have them now: whoever is in a room sits in its group, a room that was added is a
 * group of its own, and whoever is in no room stays where they were.
 */
export function groupsAsRooms(
  groups: readonly TakeGroup[],
  rooms: readonly SeatedRoom[],
): readonly TakeGroup[] {
  const moved = new Set(rooms.flatMap(({ studentIds }) => studentIds));
  const keys = groupKeys(groups);
  const staying = groups.map((group, row) => {
    const room = rooms.find(({ key }) => key !== null && key === keys[row]);
    const coming = room?.studentIds ?? [];
    const still = new Set(coming);
    // In the order in which they sat; who came from elsewhere behind them.
    const ids = group.studentIds.filter((id) => still.has(id) || !moved.has(id));
    const studentIds = [...ids, ...coming.filter((id) => !ids.includes(id))];
    return withHoldersOnly({ ...group, studentIds });
  });
  const taken = new Set(keys);
  const signs = groups.map(({ sign }) => sign);
  const added = rooms.filter(({ key }) => key === null || !taken.has(key));
  const news = added
    .filter(({ studentIds }) => studentIds.length > 0)
    .map(({ name, studentIds }, at) =>
      newGroup(name, Math.max(-1, ...signs) + 1 + at, [...studentIds]),
    );
  return [...staying, ...news];
}

/** Whether two divisions seat everybody alike, whatever the order within a group. */
export function seatedAlike(one: readonly TakeGroup[], two: readonly TakeGroup[]): boolean {
  const seats = (groups: readonly TakeGroup[]): string =>
    groups.map(({ studentIds }) => [...studentIds].sort().join(' ')).join('\n');
  return seats(one) === seats(two);
}
