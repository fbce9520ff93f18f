import { newId, TakeId, type LineupId, type StudentId } from '../../schema/ids';
import type { TakeGroup, TakeRecord } from '../../schema/take';
import type { AppStore } from '../appStore';

/** Keeps a result of a shuffle as the newest take of its lineup and shows it. */
export function addTake(
  store: AppStore,
  lineupId: LineupId,
  seed: number,
  groups: readonly TakeGroup[],
): void {
  store.history.act('shuffle', ({ get, all, put }) => {
    const lineup = get('lineup', lineupId);
    if (!lineup) return;
    const numbers = all('take').flatMap((take) =>
      take.lineupId === lineupId ? [take.number] : [],
    );
    const take: TakeRecord = {
      record: 'take',
      id: newId(TakeId, 't'),
      lineupId,
      classId: lineup.classId,
      number: Math.max(0, ...numbers) + 1,
      seed,
      groups: [...groups],
      dealt: null,
      createdAt: new Date().toISOString(),
    };
    put(take);
    put({ ...lineup, takeId: take.id });
  });
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

/**
 * Moves students to the end of a group of the take, or aside when `group` is null. What was dealt is kept
 * from the first change by hand on.
 */
export function moveStudents(
  store: AppStore,
  takeId: TakeId,
  studentIds: readonly StudentId[],
  group: number | null,
): void {
  store.history.act('moveStudent', ({ get, put }) => {
    const take = get('take', takeId);
    if (!take) return;
    const moving = studentIds.filter(
      (id) => group === null || !take.groups[group]?.studentIds.includes(id),
    );
    if (moving.length === 0) return;
    const groups = take.groups.map((one, index) => {
      const staying = one.studentIds.filter((id) => !moving.includes(id));
      return { ...one, studentIds: index === group ? [...staying, ...moving] : staying };
    });
    const dealt = take.dealt ?? take.groups.map((one) => one.studentIds);
    put({ ...take, groups, dealt: sameGroups(groups, dealt) ? null : dealt });
  });
}

/** Takes back every change by hand since the take was dealt. */
export function undealTake(store: AppStore, takeId: TakeId): void {
  store.history.act('undealTake', ({ get, put }) => {
    const take = get('take', takeId);
    if (!take?.dealt) return;
    const { dealt } = take;
    const groups = take.groups.map((group, index) => ({
      ...group,
      studentIds: dealt[index] ?? [],
    }));
    put({ ...take, groups, dealt: null });
  });
}

/** Whether the groups hold the same students, in whatever order. */
function sameGroups(
  groups: readonly TakeGroup[],
  dealt: readonly (readonly StudentId[])[],
): boolean {
  return groups.every(({ studentIds }, index) => {
    const before = dealt[index] ?? [];
    return before.length === studentIds.length && studentIds.every((id) => before.includes(id));
  });
}
