import { newId, SeatSessionId, type LineupId, type StudentId } from '../../schema/ids';
import type { SizingChoice } from '../../schema/recipe';
import { newSeatSession, type SeatGroup, type SeatSessionRecord } from '../../schema/seatSession';
import type { TakeGroup } from '../../schema/takeGroup';
import type { AppStore } from '../appStore';
import { seatSessionOf } from '../queries';
import { putTake } from './takes';

/** The choosing of a lineup, begun in some groups where there is none; null without the lineup. */
export function prepareSeats(
  store: AppStore,
  lineupId: LineupId,
  groups: readonly SeatGroup[],
): SeatSessionId | null {
  const known = seatSessionOf(store.records, lineupId);
  if (known) return known.id;
  const lineup = store.records.get('lineup', lineupId);
  if (!lineup) return null;
  const fresh = newSeatSession(lineup.classId, lineupId, groups);
  store.history.act('editSeats', ({ put }) => put(fresh));
  return fresh.id;
}

/** Changes how students will choose, as one step. */
export function changeSeats(
  store: AppStore,
  id: SeatSessionId,
  change: (session: SeatSessionRecord) => Partial<SeatSessionRecord>,
): void {
  store.history.act('editSeats', ({ get, put }) => {
    const session = get('seatSession', id);
    if (session) put({ ...session, ...change(session) });
  });
}

/**
 * Opens a choosing as it was prepared, kept at once. No step to undo, and no earlier one reaches it, so that nothing that is
 * taken back can lose the slips of those who choose: it goes on under an id of its own.
 */
export async function beginSeats(
  store: AppStore,
  id: SeatSessionId,
  change: Pick<SeatSessionRecord, 'opened' | 'groups'>,
): Promise<void> {
  store.records.change('user', ({ get, put, remove }) => {
    const session = get('seatSession', id);
    if (!session) return;
    remove(id);
    put({
      ...{ ...session, ...change, id: newId(SeatSessionId, 'ss') },
      ...{ seats: {}, wishes: {}, closedAt: null, takenAt: null },
    });
  });
  await store.saver.flush();
}

/** Keeps what came of a choosing so far: what students did is no step of the teacher's to undo; written at once. */
export function keepSeats(
  store: AppStore,
  id: SeatSessionId,
  change: Partial<SeatSessionRecord>,
): void {
  store.records.change('user', ({ get, put }) => {
    const session = get('seatSession', id);
    if (session) put({ ...session, ...change });
  });
  void store.saver.flush();
}

/** Makes a take of what was chosen, and notes that it was taken over. */
export function takeSeats(
  store: AppStore,
  { id, lineupId }: SeatSessionRecord,
  seed: number,
  groups: readonly TakeGroup[],
): void {
  store.history.act('shuffle', (change) => {
    putTake(change, lineupId, seed, groups, null);
    const session = change.get('seatSession', id);
    if (session) change.put({ ...session, takenAt: new Date().toISOString() });
  });
}

/** Gives students the partners they named, those who named nobody theirs of before, and lets the recipe look at them. */
export function takePartners(
  store: AppStore,
  { id, lineupId }: SeatSessionRecord,
  named: ReadonlyMap<StudentId, readonly StudentId[]>,
): void {
  store.history.act('takeWishes', ({ get, put }) => {
    for (const [studentId, wishes] of named) {
      const student = get('student', studentId);
      if (student) put({ ...student, wishes: wishes.filter((one) => one !== studentId) });
    }
    const lineup = get('lineup', lineupId);
    if (lineup) {
      const { recipe } = lineup;
      put({
        ...lineup,
        recipe: { ...recipe, wishes: recipe.wishes ?? 'plain', dealing: { by: 'shuffle' } },
      });
    }
    const session = get('seatSession', id);
    if (session) put({ ...session, takenAt: new Date().toISOString() });
  });
}

/** Forgets a choosing that is over, so that another one can be prepared with the same groups. */
export function chooseAgain(store: AppStore, id: SeatSessionId): void {
  changeSeats(store, id, () => ({
    ...{ opened: null, seats: {}, wishes: {}, closedAt: null, takenAt: null },
  }));
}

/** Keeps who ranked which groups with the lineup, by their signs, and lets its recipe look at them, in these sizes. */
export function takeTopics(
  store: AppStore,
  { id, lineupId, ...session }: SeatSessionRecord,
  sizes: readonly number[] | null,
): void {
  const signOf = new Map(session.groups.map((group) => [group.id, group.sign]));
  const ranks = (session.opened?.slips ?? []).flatMap(({ id: person, studentId }) => {
    const signs = (session.wishes[person] ?? []).flatMap((group) => signOf.get(group) ?? []);
    return signs.length > 0 ? [[studentId, signs] as const] : [];
  });
  store.history.act('takeWishes', ({ get, put }) => {
    const lineup = get('lineup', lineupId);
    if (lineup) {
      const { recipe } = lineup;
      put({
        ...lineup,
        ranks: { ...lineup.ranks, ...Object.fromEntries(ranks) },
        recipe: {
          ...recipe,
          ...(sizes ? { sizing: sizingFor(sizes) } : {}),
          // Whoever was asked for it expects it to count.
          topics: recipe.topics ?? 'most',
          dealing: { by: 'shuffle' },
        },
      });
    }
    const own = get('seatSession', id);
    if (own) put({ ...own, takenAt: new Date().toISOString() });
  });
}

/** Sizes that differ by no more than one need not be told one by one. */
function sizingFor(sizes: readonly number[]): SizingChoice {
  const even = Math.max(...sizes) - Math.min(...sizes) <= 1;
  return even ? { by: 'count', count: sizes.length } : { by: 'sizes', sizes: [...sizes] };
}
