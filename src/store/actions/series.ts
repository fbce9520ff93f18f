import { LineupId, newId, SeriesId, TakeId, type ClassId } from '../../schema/ids';
import { newLineup } from '../../schema/lineup';
import type { Recipe } from '../../schema/recipe';
import type { SeriesWish } from '../../schema/series';
import type { TakeGroup, TakeRecord } from '../../schema/take';
import type { AppStore } from '../appStore';
import { lineupsOf } from '../queries';
import type { Change } from '../recordStore';
import { forget } from './references';

/** One round of a series: its name, its day (YYYY-MM-DD, null for none), and its groups. */
export interface PlannedRound {
  readonly name: string;
  readonly on: string | null;
  readonly groups: readonly TakeGroup[];
}

/** Keeps rounds that were planned together, each as a lineup of its own with the recipe it was made by. */
export function planSeries(
  store: AppStore,
  classId: ClassId,
  name: string,
  wish: SeriesWish,
  recipe: Recipe,
  seed: number,
  rounds: readonly PlannedRound[],
): void {
  const now = Date.now();
  const seriesId = newId(SeriesId, 'se');
  store.history.act('planSeries', ({ put }) => {
    const createdAt = new Date(now).toISOString();
    put({ record: 'series', id: seriesId, classId, name, wish, createdAt });
    rounds.forEach((round, at) => {
      const id = newId(LineupId, 'l');
      // Lineups of one moment would have no order.
      const made = new Date(now + at).toISOString();
      const take = takeOf(id, classId, 1, seed, round.groups, made);
      put(take);
      put({
        ...newLineup(id, classId, round.name, made, recipe),
        takeId: take.id,
        planned: { seriesId, on: round.on },
      });
    });
  });
}

/** Gives lineups of a series that are still ahead new groups, as a take more; takes before stay. */
export function replanSeries(
  store: AppStore,
  seed: number,
  groupsOf: ReadonlyMap<LineupId, readonly TakeGroup[]>,
): void {
  const now = new Date().toISOString();
  store.history.act('replanSeries', ({ get, all, put }) => {
    for (const [id, groups] of groupsOf) {
      const lineup = get('lineup', id);
      // What the class has worked in meanwhile stays as it was.
      if (!lineup || lineup.used) continue;
      const numbers = all('take').flatMap((one) => (one.lineupId === id ? [one.number] : []));
      const take = takeOf(id, lineup.classId, Math.max(0, ...numbers) + 1, seed, groups, now);
      put(take);
      put({ ...lineup, takeId: take.id });
    }
  });
}

/** Removes the lineups of a series that are still ahead; used ones stay. */
export function dropAhead(store: AppStore, classId: ClassId, seriesId: SeriesId): void {
  store.history.act('replanSeries', (change: Change) => {
    const ahead = new Set(
      lineupsOf(store.records, classId).flatMap(({ id, planned, used, state }) =>
        planned?.seriesId === seriesId && !used && state === 'draft' ? [id] : [],
      ),
    );
    forget(change, { lineup: (id) => (ahead.has(id) ? null : id) });
  });
}

function takeOf(
  lineupId: LineupId,
  classId: ClassId,
  number: number,
  seed: number,
  groups: readonly TakeGroup[],
  createdAt: string,
): TakeRecord {
  return {
    ...{ record: 'take', id: newId(TakeId, 't'), lineupId, classId, number, seed, createdAt },
    ...{ groups: [...groups], dealt: null, starred: false },
  };
}
