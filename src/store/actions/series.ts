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
        planned: { seriesId, on: round.on, also: [] },
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

/**
 * Sets the days of lineups that are still ahead: the first on which each is meant to be used, and more on which the same
 * groups serve; sorted and each once. One that was in no series is put into the term by hand; with no day it keeps its
 * place there, or (null) leaves it. One that was used keeps the day it was used on, and serves on these as well. One that is called after its day (`nameOf`) is called after the new one.
 */
export function setDays(
  store: AppStore,
  daysOf: ReadonlyMap<LineupId, readonly string[] | null>,
  nameOf: (day: string) => string,
): void {
  store.history.act('lineupDays', ({ get, put }) => {
    for (const [id, days] of daysOf) {
      const lineup = get('lineup', id);
      if (!lineup) continue;
      const sorted = [...new Set(days ?? [])].sort();
      const [on = null, ...also] = lineup.used ? [lineup.used.on, ...sorted] : sorted;
      const seriesId = lineup.planned?.seriesId ?? null;
      const before = lineup.planned?.on;
      const named = before && on !== null && lineup.name === nameOf(before);
      put({
        ...lineup,
        name: named ? nameOf(on) : lineup.name,
        planned: days === null ? null : { seriesId, on, also },
      });
    }
  });
}

/** Groups that a class worked in before it came here: one lineup for each day, over and used on it by all who are in it. */
export function takeInPast(
  store: AppStore,
  classId: ClassId,
  recipe: Recipe,
  rounds: readonly (PlannedRound & { readonly on: string })[],
): void {
  store.history.act('pastGroups', ({ put }) => {
    rounds.forEach(({ name, on, groups }, at) => {
      const id = newId(LineupId, 'l');
      // Older than all that was made here, in the order of their days.
      const made = new Date(Date.parse(`${on}T06:00:00Z`) + at).toISOString();
      const take = takeOf(id, classId, 1, 0, groups, made);
      put(take);
      put({
        ...newLineup(id, classId, name, made, recipe),
        takeId: take.id,
        state: 'retired',
        used: { on, here: groups.flatMap(({ studentIds }) => studentIds), again: [] },
      });
    });
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
    ...{ groups: [...groups], dealt: null, starred: false, madeBy: null },
  };
}
