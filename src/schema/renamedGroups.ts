import type { StudentId } from './ids';
import type { Renaming } from './renaming';
import type { TakeGroup } from './takeGroup';

/** Groups under other ids: one student sits once, and a role goes with its holder. */
export function renamedGroups(groups: readonly TakeGroup[], to: Renaming): TakeGroup[] {
  const seated = new Set<StudentId>();
  // Who keeps their own id keeps their seat before another is given it.
  for (const id of groups.flatMap(({ studentIds }) => studentIds)) {
    if (to.student(id) === id) seated.add(id);
  }
  return groups.map((group) => {
    const studentIds = group.studentIds.flatMap((id) => {
      const next = to.student(id);
      if (next === null || (next !== id && seated.has(next))) return [];
      seated.add(next);
      return [next];
    });
    const roles = Object.entries(group.roles).flatMap(([role, holder]) => {
      const next = to.student(holder);
      return next !== null && studentIds.includes(next) ? [[role, next] as const] : [];
    });
    return { ...group, studentIds, roles: Object.fromEntries(roles) };
  });
}
