import { newId, TakeId, type LineupId, type StudentId } from '../../schema/ids';
import type { GroupNaming } from '../../schema/recipe';
import { sitAlike, withHoldersOnly } from '../../schema/seats';
import { newGroup, type TakeGroup, type TakeRecord } from '../../schema/take';
import type { AppStore } from '../appStore';
import type { ActionLabel } from '../history';
import type { Change } from '../recordStore';

/** Keeps a result of a shuffle as the newest take of its lineup and shows it. */
export function addTake(
  store: AppStore,
  lineupId: LineupId,
  seed: number,
  groups: readonly TakeGroup[],
  madeBy: string | null = null,
): void {
  store.history.act('shuffle', (change) => putTake(change, lineupId, seed, groups, madeBy));
}

/** The same as part of a step. */
export function putTake(
  { get, all, put }: Change,
  lineupId: LineupId,
  seed: number,
  groups: readonly TakeGroup[],
  madeBy: string | null,
): void {
  const lineup = get('lineup', lineupId);
  if (!lineup) return;
  const numbers = all('take').flatMap((take) => (take.lineupId === lineupId ? [take.number] : []));
  const take: TakeRecord = {
    record: 'take',
    id: newId(TakeId, 't'),
    lineupId,
    classId: lineup.classId,
    number: Math.max(0, ...numbers) + 1,
    seed,
    groups: [...groups],
    dealt: null,
    starred: false,
    madeBy,
    createdAt: new Date().toISOString(),
  };
  put(take);
  put({ ...lineup, takeId: take.id });
}

export function bringBackTake(store: AppStore, take: TakeRecord): void {
  store.history.act('bringBackTake', ({ get, put }) => {
    const lineup = get('lineup', take.lineupId);
    if (lineup && lineup.takeId !== take.id) put({ ...lineup, takeId: take.id });
  });
}

/** Removes a take from the strip; when it is the one shown, the newest other one is shown instead. */
export function deleteTake(store: AppStore, take: TakeRecord): void {
  store.history.act('deleteTake', ({ get, all, put, remove }) => {
    remove(take.id);
    const lineup = get('lineup', take.lineupId);
    if (lineup?.takeId !== take.id) return;
    const others = all('take').filter(
      (one) => one.lineupId === take.lineupId && one.id !== take.id,
    );
    const newest = others.sort((a, b) => a.number - b.number).at(-1);
    put({ ...lineup, takeId: newest?.id ?? null });
  });
}

export function starTake(store: AppStore, id: TakeId, starred: boolean): void {
  editTake(store, 'starTake', id, (take) => ({ ...take, starred }));
}

/** Moves students to the end of a group of the take, or aside when `group` is null. */
export function moveStudents(
  store: AppStore,
  takeId: TakeId,
  studentIds: readonly StudentId[],
  group: number | null,
): void {
  const there = (groups: readonly TakeGroup[], id: StudentId): boolean =>
    group !== null && (groups[group]?.studentIds.includes(id) ?? false);
  regroup(store, 'moveStudent', takeId, (groups) => {
    const moving = [...new Set(studentIds)].filter((id) => !there(groups, id));
    if (moving.length === 0) return groups;
    return groups.map((one, index) => {
      const staying = one.studentIds.filter((id) => !moving.includes(id));
      return { ...one, studentIds: index === group ? [...staying, ...moving] : staying };
    });
  });
}

/** Puts each of two students in the seat of the other; one may stand aside. */
export function swapStudents(
  store: AppStore,
  takeId: TakeId,
  one: StudentId,
  two: StudentId,
): void {
  const other = (id: StudentId): StudentId => (id === one ? two : id === two ? one : id);
  regroup(store, 'swapStudents', takeId, (groups) =>
    groups.map((group) => ({ ...group, studentIds: group.studentIds.map(other) })),
  );
}

export function addGroup(store: AppStore, takeId: TakeId, name: string, sign: number): void {
  regroup(store, 'editGroups', takeId, (groups) => [...groups, newGroup(name, sign, [])]);
}

/** Removes a group; its students stand aside. */
export function removeGroup(store: AppStore, takeId: TakeId, row: number): void {
  regroup(store, 'editGroups', takeId, (groups) => groups.filter((_, index) => index !== row));
}

/** Puts the students of one group to those of another, whose name and roles stay. */
export function mergeGroups(store: AppStore, takeId: TakeId, from: number, into: number): void {
  regroup(store, 'editGroups', takeId, (groups) => {
    const coming = groups[from]?.studentIds ?? [];
    return groups.flatMap((group, index) => {
      if (index === from) return [];
      if (index !== into) return [group];
      return [{ ...group, studentIds: [...group.studentIds, ...coming] }];
    });
  });
}

/** Leaves the first half of a group, the larger one, where it is and makes a new group of the others below it. */
export function splitGroup(
  store: AppStore,
  takeId: TakeId,
  row: number,
  name: string,
  sign: number,
): void {
  regroup(store, 'editGroups', takeId, (groups) =>
    groups.flatMap((group, index) => {
      if (index !== row) return [group];
      const [staying = [], going = []] = splitAt([group.studentIds], 0);
      return [{ ...group, studentIds: staying }, newGroup(name, sign, going)];
    }),
  );
}

/** The groups' students with those of one row in two halves, the larger first. */
export function splitAt(groups: readonly StudentId[][], row: number): StudentId[][] {
  return groups.flatMap((ids, index) => {
    const half = Math.ceil(ids.length / 2);
    return index === row ? [ids.slice(0, half), ids.slice(half)] : [ids];
  });
}

/**
 * Seats students, each in the group named for them, from aside or out of the group they are in, as one step; a row that
 * is not there leaves its student where they are.
 */
export function placeStudents(
  store: AppStore,
  takeId: TakeId,
  rowOfStudent: ReadonlyMap<StudentId, number>,
): void {
  regroup(store, 'moveStudent', takeId, (groups) => {
    const placed = [...rowOfStudent].filter(([, to]) => to < groups.length);
    const target = new Map(placed);
    return groups.map((group, row) => ({
      ...group,
      studentIds: [
        ...group.studentIds.filter((id) => (target.get(id) ?? row) === row),
        ...placed.flatMap(([id, to]) => (to === row && !group.studentIds.includes(id) ? [id] : [])),
      ],
    }));
  });
}

/** Calls one group otherwise; from then on the recipe names the groups by their list as it stands. */
export function renameGroup(store: AppStore, takeId: TakeId, row: number, name: string): void {
  store.history.act('renameGroup', ({ get, put }) => {
    const take = get('take', takeId);
    const lineup = take && get('lineup', take.lineupId);
    if (!take?.groups[row] || !lineup) return;
    const groups = take.groups.map((one, index) => (index === row ? { ...one, name } : one));
    const list = groups.map((group) => group.name);
    const naming: GroupNaming = { from: 'list', list, withCode: false, withDate: false };
    put({ ...take, groups });
    put({ ...lineup, recipe: { ...lineup.recipe, naming } });
  });
}

/** Names the groups of a lineup by a new pattern, those of its shown take at once. */
export function nameGroups(
  store: AppStore,
  lineupId: LineupId,
  naming: GroupNaming,
  nameOfGroup: (row: number) => string,
): void {
  store.history.act('nameGroups', ({ get, put }) => {
    const lineup = get('lineup', lineupId);
    if (!lineup) return;
    put({ ...lineup, recipe: { ...lineup.recipe, naming } });
    const take = lineup.takeId ? get('take', lineup.takeId) : undefined;
    if (!take) return;
    put({
      ...take,
      groups: take.groups.map((group, row) => ({ ...group, name: nameOfGroup(row) })),
    });
  });
}

export function lockGroup(store: AppStore, takeId: TakeId, row: number, locked: boolean): void {
  editTake(store, 'lockGroup', takeId, (take) => ({
    ...take,
    groups: take.groups.map((one, index) => (index === row ? { ...one, locked } : one)),
  }));
}

/** Gives a role in some groups, row → holder or null for nobody, as one step; one who is not in the group gets none. */
export function giveRole(
  store: AppStore,
  takeId: TakeId,
  role: string,
  holderOfRow: ReadonlyMap<number, StudentId | null>,
): void {
  editTake(store, 'giveRoles', takeId, (take) => ({
    ...take,
    groups: withHolders(take.groups, role, holderOfRow),
  }));
}

/** Groups with the role given: row → holder, null for nobody; rows that are not named stay as they are. */
export function withHolders(
  groups: readonly TakeGroup[],
  role: string,
  holderOfRow: ReadonlyMap<number, StudentId | null>,
): TakeGroup[] {
  return groups.map((group, row) => {
    const holder = holderOfRow.get(row);
    const away = holder && !group.studentIds.includes(holder);
    if (holder === undefined || away) return group;
    const { [role]: _before, ...others } = group.roles;
    return { ...group, roles: holder === null ? others : { ...others, [role]: holder } };
  });
}

/** Takes back every change of groups by hand since the take was dealt; names given meanwhile stay. */
export function undealTake(store: AppStore, takeId: TakeId): void {
  store.history.act('undealTake', ({ get, put }) => {
    const take = get('take', takeId);
    if (!take?.dealt) return;
    const now = new Map(take.groups.map((group) => [group.sign, group]));
    const groups = take.dealt.map((group) => {
      const { name, locked } = now.get(group.sign) ?? group;
      return { ...group, name, locked };
    });
    put({ ...take, groups, dealt: null });
  });
}

function editTake(
  store: AppStore,
  label: ActionLabel,
  id: TakeId,
  change: (take: TakeRecord) => TakeRecord,
): void {
  store.history.act(label, ({ get, put }) => {
    const take = get('take', id);
    if (take) put(change(take));
  });
}

/**
 * Changes who is in which group. What was dealt is kept from the first change by hand on, and forgotten when the
 * groups are again as dealt; a role goes with its holder's seat.
 */
function regroup(
  store: AppStore,
  label: ActionLabel,
  id: TakeId,
  change: (groups: readonly TakeGroup[]) => readonly TakeGroup[],
): void {
  store.history.act(label, ({ get, put }: Change) => {
    const take = get('take', id);
    if (!take) return;
    const groups = change(take.groups);
    if (groups === take.groups) return;
    const dealt = take.dealt ?? take.groups;
    const now = groups.map(withHoldersOnly);
    put({ ...take, groups: now, dealt: sitAlike(now, dealt) ? null : dealt });
  });
}
