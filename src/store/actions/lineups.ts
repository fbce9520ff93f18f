import type { SavedRecipe } from '../../schema/classRecord';
import { keptGroups } from '../../schema/activity';
import { LineupId, newId, type ClassId, type StudentId } from '../../schema/ids';
import { sameData } from '../../schema/merging';
import { newLineup, usesOf, type LineupRecord } from '../../schema/lineup';
import type { Recipe, RoleGiving } from '../../schema/recipe';
import type { AppStore } from '../appStore';
import type { ActionLabel } from '../history';
import { rollOf, shownTake } from '../queries';
import type { Change, RecordStore } from '../recordStore';
import { forget } from './references';
import { withHolders } from './takes';

/** A new lineup with the class's usual recipe, else that of the one it follows. */
export function createLineup(
  store: AppStore,
  classId: ClassId,
  name: string,
  after: LineupId | null,
): LineupId {
  const id = newId(LineupId, 'l');
  store.history.act('createLineup', ({ get, put }) => {
    const before = after ? get('lineup', after)?.recipe : undefined;
    const recipe = get('class', classId)?.usualRecipe ?? before;
    put(newLineup(id, classId, name, new Date().toISOString(), recipe));
    open(get, put, classId, id);
  });
  return id;
}

/**
 * A lineup for next time: the same recipe, and partners fresh even where the one before did not ask for them. That there
 * is a next time says that the one before was used, on `day` where no other day is known. Days after `day` on which the
 * one before was to serve are those of the new one.
 */
export function createNextLineup(
  store: AppStore,
  from: LineupRecord,
  name: string,
  day: string,
): LineupId {
  const id = newId(LineupId, 'l');
  store.history.act('createLineup', ({ get, put }) => {
    const recipe: Recipe = { ...from.recipe, freshPartners: from.recipe.freshPartners ?? 'plain' };
    const before = get('lineup', from.id);
    const [first = null, ...more] = (before?.planned?.also ?? []).filter((one) => one > day);
    if (before) {
      const { planned } = before;
      const also = planned?.also.filter((one) => one <= day) ?? [];
      const used = before.used ?? usedOn(store.records, before, day);
      put({ ...before, used, planned: planned && { ...planned, also } });
    }
    const next = newLineup(id, from.classId, name, new Date().toISOString(), recipe);
    const takesOver = first !== null && before?.planned;
    put({ ...next, planned: takesOver ? { ...takesOver, on: first, also: more } : null });
    open(get, put, from.classId, id);
  });
  return id;
}

export function renameLineup(store: AppStore, id: LineupId, name: string): void {
  edit(store, 'renameLineup', id, () => ({ name }));
}

/** Says that a lineup is only tried, that a class works in it from a day on, or that its time is over. */
export function setLineupState(
  store: AppStore,
  id: LineupId,
  state: LineupRecord['state'],
  day: string,
): void {
  edit(store, 'lineupState', id, (lineup) => ({
    state,
    used: lineup.used ?? (state === 'draft' ? null : usedOn(store.records, lineup, day)),
  }));
}

/** Says by hand that a class worked in a lineup on a day, or (null) that it never did. */
export function setUsed(store: AppStore, id: LineupId, day: string | null): void {
  edit(store, 'lineupUsed', id, (lineup) => ({
    used: day === null ? null : usedOn(store.records, lineup, day),
  }));
}

/**
 * Remembers the first day on which a lineup was shown or handed off, with those who are there; again on that day, since
 * somebody may have come late. No step of its own to undo.
 */
export function noteUse(store: AppStore, id: LineupId, day: string): void {
  const lineup = store.records.get('lineup', id);
  if (!lineup || (lineup.used && lineup.used.on !== day)) return;
  const used = usedOn(store.records, lineup, day);
  if (used && !sameData(used, lineup.used))
    store.records.change('user', ({ put }) => put({ ...lineup, used }));
}

/** Those in groups who take part on the day; null where there are no groups yet. */
function usedOn(store: RecordStore, lineup: LineupRecord, day: string): LineupRecord['used'] {
  const take = shownTake(store, lineup.id);
  if (!take) return null;
  const seated = new Set(take.groups.flatMap(({ studentIds }) => studentIds));
  const here = rollOf(store, lineup.classId, day).flatMap(({ id, here }) =>
    here && seated.has(id) ? [id] : [],
  );
  return { on: day, here, again: lineup.used?.again ?? [] };
}

/** Says that a class works in a lineup once more, on a later day than it was used first: its groups count again. */
export function countAgain(store: AppStore, id: LineupId, day: string): void {
  edit(store, 'lineupUsed', id, (lineup) => {
    const today = usedOn(store.records, lineup, day);
    if (!lineup.used || !today || usesOf(lineup).some(({ on }) => on === day)) return {};
    const again = [...lineup.used.again, { on: day, here: today.here }];
    return { used: { ...lineup.used, again } };
  });
}

/** Removes the lineup with its takes; the class then opens another one. */
export function deleteLineup(store: AppStore, id: LineupId): void {
  store.history.act('deleteLineup', (change) => {
    const { get, all, put } = change;
    const lineup = get('lineup', id);
    if (!lineup) return;
    // An activity that is still to open keeps the groups that it was meant for.
    const take = shownTake(store.records, id);
    for (const activity of all('activity')) {
      if (activity.lineupId !== id || activity.groups !== null || !take) continue;
      put({ ...activity, groups: [...keptGroups(take.groups)] });
    }
    forget(change, { lineup: (one) => (one === id ? null : one) });
    const next = all('lineup').filter((one) => one.classId === lineup.classId);
    open(get, put, lineup.classId, next.at(-1)?.id ?? null);
  });
}

/** Remembers which lineup to open next time; no step of its own to undo. */
export function openLineup(store: AppStore, classId: ClassId, id: LineupId): void {
  store.records.change('user', ({ get, put }) => open(get, put, classId, id));
}

/** Changes parts of the recipe; groups already made stay as they are. */
export function changeRecipe(store: AppStore, id: LineupId, parts: Partial<Recipe>): void {
  edit(store, 'changeRecipe', id, ({ recipe }) => ({ recipe: { ...recipe, ...parts } }));
}

/**
 * Has the recipe give a role in every group from now on, or no more for null, and gives it in the shown groups at once:
 * row → holder, null for nobody.
 */
export function wishRole(
  store: AppStore,
  id: LineupId,
  role: string,
  how: RoleGiving | null,
  holderOfRow: ReadonlyMap<number, StudentId | null>,
): void {
  store.history.act('giveRoles', ({ get, put }) => {
    const lineup = get('lineup', id);
    if (!lineup) return;
    const { roles } = lineup.recipe;
    const others = roles.filter((one) => one.role !== role);
    const wish = how && { role, how };
    const next = !wish
      ? others
      : others.length === roles.length
        ? [...roles, wish]
        : roles.map((one) => (one.role === role ? wish : one));
    put({ ...lineup, recipe: { ...lineup.recipe, roles: next } });
    const take = lineup.takeId && get('take', lineup.takeId);
    if (take) put({ ...take, groups: withHolders(take.groups, role, holderOfRow) });
  });
}

/** Takes a role away from a class: from what its recipes ask for, and from the groups that a lineup shows. */
export function removeRole(store: AppStore, id: LineupId, role: string): void {
  store.history.act('giveRoles', ({ get, all, put }) => {
    const shown = get('lineup', id);
    const theClass = shown && get('class', shown.classId);
    if (!theClass) return;
    put({ ...theClass, roles: theClass.roles.filter((one) => one !== role) });
    for (const lineup of all('lineup')) {
      const roles = lineup.recipe.roles.filter((one) => one.role !== role);
      if (lineup.classId !== theClass.id || roles.length === lineup.recipe.roles.length) continue;
      put({ ...lineup, recipe: { ...lineup.recipe, roles } });
    }
    const take = shown.takeId && get('take', shown.takeId);
    const nobody = new Map((take ? take.groups : []).map((_, row) => [row, null]));
    if (take) put({ ...take, groups: withHolders(take.groups, role, nobody) });
  });
}

export function setPinned(
  store: AppStore,
  id: LineupId,
  studentIds: readonly StudentId[],
  pinned: boolean,
): void {
  edit(store, 'pin', id, (lineup) => ({
    pinned: pinned
      ? [...new Set([...lineup.pinned, ...studentIds])]
      : lineup.pinned.filter((one) => !studentIds.includes(one)),
  }));
}

/** Keeps a recipe under a name, in the place of one of that name. */
export function saveRecipe(store: AppStore, classId: ClassId, saved: SavedRecipe): void {
  editSaved(store, classId, (recipes) => [
    ...recipes.filter(({ name }) => name !== saved.name),
    saved,
  ]);
}

/** Says what new lineups of a class begin with from now on; with null each begins as the one before. None that stands changes. */
export function setUsualRecipe(
  store: AppStore,
  classId: ClassId,
  usualRecipe: Recipe | null,
): void {
  store.history.act('saveRecipe', ({ get, put }) => {
    const theClass = get('class', classId);
    if (theClass) put({ ...theClass, usualRecipe });
  });
}

export function removeSavedRecipe(store: AppStore, classId: ClassId, name: string): void {
  editSaved(store, classId, (recipes) => recipes.filter((one) => one.name !== name));
}

function editSaved(
  store: AppStore,
  classId: ClassId,
  change: (recipes: readonly SavedRecipe[]) => SavedRecipe[],
): void {
  store.history.act('saveRecipe', ({ get, put }) => {
    const theClass = get('class', classId);
    if (theClass) put({ ...theClass, savedRecipes: change(theClass.savedRecipes) });
  });
}

function edit(
  store: AppStore,
  label: ActionLabel,
  id: LineupId,
  change: (lineup: LineupRecord) => Partial<LineupRecord>,
): void {
  store.history.act(label, ({ get, put }) => {
    const lineup = get('lineup', id);
    if (lineup) put({ ...lineup, ...change(lineup) });
  });
}

function open(
  get: Change['get'],
  put: Change['put'],
  classId: ClassId,
  openLineupId: LineupId | null,
): void {
  const current = get('class', classId);
  if (current && current.openLineupId !== openLineupId) put({ ...current, openLineupId });
}
