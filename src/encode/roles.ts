import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { StudentId } from '../schema/ids';
import type { TakeGroup } from '../schema/take';

/** How a role is given in every group at once. */
export type RoleGiving = 'random' | 'first' | 'turns';

/** Who had which role in the shown takes of earlier lineups, newest last. */
export type PastRoles = readonly (readonly Pick<TakeGroup, 'roles'>[])[];

/**
 * Row → who has the role, for every group with somebody who may have it. `turns` takes those who have had the role
 * least often so far, and of these one at random; whoever has another role in the group comes after the others.
 */
export function holdersFor(
  role: string,
  giving: RoleGiving,
  groups: readonly Pick<TakeGroup, 'studentIds' | 'roles'>[],
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

function timesHeld(role: string, past: PastRoles): ReadonlyMap<StudentId, number> {
  const times = new Map<StudentId, number>();
  for (const { roles } of past.flat()) {
    const holder = roles[role];
    if (holder !== undefined) times.set(holder, (times.get(holder) ?? 0) + 1);
  }
  return times;
}
