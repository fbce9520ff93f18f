import type { Bench } from '@/encode/bench';
import { withRolesOf, withWishedRoles } from '@/encode/roles';
import { LEAD, type TakeGroup } from '@/schema/take';
import type { AppStore } from '@/store/appStore';
import { turnsBeside } from '@/store/queries';
import { newSeed } from './newSeed';

/**
 * Groups that have just been made, with the roles that the recipe gives; with `staying`, whoever had one before has it
 * still.
 */
export function withGivenRoles(
  store: AppStore,
  { theClass, lineup, students, take }: Bench,
  groups: readonly TakeGroup[],
  staying: boolean,
): readonly TakeGroup[] {
  const wishes = lineup.recipe.roles.filter(
    ({ role }) => role === LEAD || theClass.roles.includes(role),
  );
  if (wishes.length === 0) return groups;
  const here = new Set(students.flatMap((one) => (one.here ? [one.id] : [])));
  const past = turnsBeside(store.records, theClass.id, lineup.id);
  const before = staying ? withRolesOf(take?.groups ?? [], groups) : groups;
  return withWishedRoles(before, wishes, here, past, newSeed());
}
