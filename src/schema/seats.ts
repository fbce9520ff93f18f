import { merged, sameData, type Merging } from './merging';
import type { StudentId } from './ids';
import type { TakeGroup } from './takeGroup';

/** The seats of a take: its groups now, and as they were dealt where that differs. */
interface Seats {
  readonly groups: readonly TakeGroup[];
  readonly dealt: readonly TakeGroup[] | null;
}

/** A group is known by its sign, which no other group of the take has. */
const signOf = ({ sign }: TakeGroup): string => String(sign);

/** All of a group but who sits in it: name, lock and roles are each an edit of their own. */
const AROUND_THE_SEATS: Merging = {
  list: signOf,
  item: { fields: { studentIds: 'whole', roles: { each: 'whole' } } },
};

/**
 * Joins two edits of one take seat by seat: whoever was moved from `from` to `to` is moved in `current`, wherever they
 * sit by now; everybody else stays.
 */
export function settleTake<T extends Seats>(joined: T, current: T, from: T, to: T): T {
  const all = [current.groups, from.groups, to.groups];
  if (!all.every(areTold)) return joined;
  const groups = joinedSeats(current.groups, from.groups, to.groups);
  // Without a word on how they were dealt, groups stand as they were.
  const dealt = current.dealt ?? current.groups;
  return { ...joined, groups, dealt: sitAlike(groups, dealt) ? null : dealt };
}

function joinedSeats(
  current: readonly TakeGroup[],
  from: readonly TakeGroup[],
  to: readonly TakeGroup[],
): TakeGroup[] {
  const around = merged(AROUND_THE_SEATS, current, from, to) as readonly TakeGroup[];
  const seats = new Map(current.map((group) => [group.sign, group.studentIds]));
  const [before, after] = [seatOf(from), seatOf(to)];
  const moved = [...new Set([...before.keys(), ...after.keys()])].filter(
    (id) => before.get(id) !== after.get(id),
  );
  return around.map((group) => {
    const staying = (seats.get(group.sign) ?? []).filter((id) => !moved.includes(id));
    const coming = moved.filter((id) => after.get(id) === group.sign);
    return withHoldersOnly({ ...group, studentIds: [...staying, ...coming] });
  });
}

function areTold(groups: readonly TakeGroup[]): boolean {
  return new Set(groups.map(signOf)).size === groups.length;
}

/** student → sign of their group; whoever stands aside has no entry. */
function seatOf(groups: readonly TakeGroup[]): Map<StudentId, number> {
  return new Map(groups.flatMap(({ sign, studentIds }) => studentIds.map((id) => [id, sign])));
}

/** The group without the roles of those who no longer sit in it. */
export function withHoldersOnly(group: TakeGroup): TakeGroup {
  const held = Object.entries(group.roles).filter(([, holder]) =>
    group.studentIds.includes(holder),
  );
  return held.length === Object.keys(group.roles).length
    ? group
    : { ...group, roles: Object.fromEntries(held) };
}

/** Whether the same signs stand over the same students, in whatever order. */
export function sitAlike(groups: readonly TakeGroup[], dealt: readonly TakeGroup[]): boolean {
  const set = (of: readonly TakeGroup[]): object =>
    Object.fromEntries(of.map(({ sign, studentIds }) => [sign, [...studentIds].sort()]));
  return groups.length === dealt.length && sameData(set(groups), set(dealt));
}
