import { seatEvenly } from '../core/assign/evenly';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { StudentId } from '../schema/ids';
import type { RoleGiving, RoleWish } from '../schema/recipe';

/** A group as far as roles go: its members, and role → who has it. */
interface Seated {
  readonly studentIds: readonly StudentId[];
  readonly roles: Readonly<Record<string, StudentId>>;
}

/** Groups of other lineups of the term, those who were there alone: a role held by somebody who was away is no turn. */
export type PastRoles = readonly (readonly Seated[])[];

/**
 * Row → who has the role, for every group with somebody who may have it. `turns` takes those who have had the role
 * least often so far, and of these one at random; whoever has another role in the group comes after the others.
 */
export function holdersFor(
  role: string,
  giving: RoleGiving,
  groups: readonly Seated[],
  here: ReadonlySet<StudentId>,
  past: PastRoles,
  seed: number,
): ReadonlyMap<number, StudentId> {
  const rng = rngFromSeed(seed);
  const times = timesHeld(role, past);
  const holders = new Map<number, StudentId>();
  groups.forEach(({ studentIds, roles }, row) => {
    const present = studentIds.filter((id) => here.has(id));
    const busy = new Set(
      Object.entries(roles).flatMap(([other, holder]) => (other === role ? [] : [holder])),
    );
    const free = present.filter((id) => !busy.has(id));
    const may = free.length > 0 ? free : present;
    const least = Math.min(...may.map((id) => times.get(id) ?? 0));
    const among = giving === 'turns' ? may.filter((id) => (times.get(id) ?? 0) === least) : may;
    const holder =
      giving === 'first' ? among[0] : among[uniformInt(rng, Math.max(1, among.length))];
    if (holder !== undefined) holders.set(row, holder);
  });
  return holders;
}

/**
 * The groups with the roles that a recipe asks for, one after the other; whoever of a group has one already, and is here,
 * keeps it.
 */
export function withWishedRoles<Group extends Seated>(
  groups: readonly Group[],
  wishes: readonly RoleWish[],
  here: ReadonlySet<StudentId>,
  past: PastRoles,
  seed: number,
): readonly Group[] {
  const stays = ({ studentIds, roles }: Seated, role: string): boolean => {
    const holder = roles[role];
    return holder !== undefined && here.has(holder) && studentIds.includes(holder);
  };
  return wishes.reduce((given, { role, how }, place) => {
    const holders = holdersFor(role, how, given, here, past, seed + place);
    return given.map((group, row) => {
      const holder = holders.get(row);
      if (holder === undefined || stays(group, role)) return group;
      return { ...group, roles: { ...group.roles, [role]: holder } };
    });
  }, groups);
}

/**
 * The groups of rounds that are made together, with holders for roles given in turn: over all of these rounds and those
 * of `past`, everybody has had a role as often as the others as far as the groups allow. Each role is shared out exactly
 * (`core/assign`), one after the other, since whoever has one in a group has no second one while others are without. A
 * role that a group has already stays where it is.
 */
export function inTurns<Group extends Seated>(
  roles: readonly string[],
  rounds: readonly (readonly Group[])[],
  past: PastRoles,
  seed: number,
): readonly (readonly Group[])[] {
  const rng = rngFromSeed(seed);
  const ids = [...new Set(rounds.flatMap((groups) => groups.flatMap((one) => one.studentIds)))];
  const place = new Map(ids.map((id, at) => [id, at]));
  const groups = rounds.flat();
  const holding = groups.map((): Record<string, StudentId> => ({}));
  for (const role of roles) {
    const times = timesHeld(role, past);
    const before = Int32Array.from(ids, (id) => times.get(id) ?? 0);
    const may = groups.map(({ studentIds, roles: given }, at) => {
      const holder = given[role];
      if (holder !== undefined && studentIds.includes(holder)) return [place.get(holder) ?? 0];
      const busy = new Set(Object.values(holding[at] ?? {}));
      const free = studentIds.filter((id) => !busy.has(id));
      return (free.length > 0 ? free : studentIds).map((id) => place.get(id) ?? 0);
    });
    seatEvenly(may, before, rng).forEach((person, at) => {
      const holder = ids[person];
      if (holder !== undefined) (holding[at] as Record<string, StudentId>)[role] = holder;
    });
  }
  let at = 0;
  return rounds.map((round) => round.map((group) => ({ ...group, roles: { ...holding[at++] } })));
}

/** Groups with the roles of those they are made from: whoever had one has it still, once in a group. */
export function withRolesOf<Group extends Seated>(
  before: readonly Seated[],
  groups: readonly Group[],
): readonly Group[] {
  return groups.map((group) => {
    const roles: Record<string, StudentId> = {};
    for (const [role, holder] of before.flatMap((one) => Object.entries(one.roles))) {
      if (group.studentIds.includes(holder)) roles[role] ??= holder;
    }
    return { ...group, roles };
  });
}

/** Why a role is somebody's: how often they had it before, and how often the others of the group had. */
export interface TurnReason {
  readonly before: number;
  /** Of the others in the group: the fewest and the most times; null where there is nobody else. */
  readonly others: readonly [number, number] | null;
}

export function turnReason(
  role: string,
  holder: StudentId,
  group: readonly StudentId[],
  past: PastRoles,
): TurnReason {
  const times = timesHeld(role, past);
  const others = group.flatMap((id) => (id === holder ? [] : [times.get(id) ?? 0]));
  return {
    before: times.get(holder) ?? 0,
    others: others.length === 0 ? null : [Math.min(...others), Math.max(...others)],
  };
}

function timesHeld(role: string, past: PastRoles): ReadonlyMap<StudentId, number> {
  const times = new Map<StudentId, number>();
  for (const { roles, studentIds } of past.flat()) {
    const holder = roles[role];
    if (holder !== undefined && studentIds.includes(holder)) {
      times.set(holder, (times.get(holder) ?? 0) + 1);
    }
  }
  return times;
}
