import { LineupId, newId, type ClassId } from '../../schema/ids';
import { newLineup, type SizingChoice } from '../../schema/lineup';
import type { AppStore } from '../appStore';
import type { Change } from '../recordStore';

/** A new lineup with the recipe of the one it follows. */
export function createLineup(
  store: AppStore,
  classId: ClassId,
  name: string,
  after: LineupId | null,
): LineupId {
  const id = newId(LineupId, 'l');
  store.history.act('createLineup', ({ get, put }) => {
    const recipe = after ? get('lineup', after)?.recipe : undefined;
    put(newLineup(id, classId, name, new Date().toISOString(), recipe));
    open(get, put, classId, id);
  });
  return id;
}

export function renameLineup(store: AppStore, id: LineupId, name: string): void {
  store.history.act('renameLineup', ({ get, put }) => {
    const lineup = get('lineup', id);
    if (lineup) put({ ...lineup, name });
  });
}

/** Removes the lineup with its takes; the class then opens another one. */
export function deleteLineup(store: AppStore, id: LineupId): void {
  store.history.act('deleteLineup', ({ get, all, put, remove }) => {
    const lineup = get('lineup', id);
    if (!lineup) return;
    const next = all('lineup').filter((one) => one.classId === lineup.classId && one.id !== id);
    all('take')
      .filter((take) => take.lineupId === id)
      .forEach((take) => remove(take.id));
    remove(id);
    open(get, put, lineup.classId, next.at(-1)?.id ?? null);
  });
}

/** Remembers which lineup to open next time; no step of its own to undo. */
export function openLineup(store: AppStore, classId: ClassId, id: LineupId): void {
  store.records.change('user', ({ get, put }) => open(get, put, classId, id));
}

export function changeSizing(store: AppStore, id: LineupId, sizing: SizingChoice): void {
  store.history.act('changeRecipe', ({ get, put }) => {
    const lineup = get('lineup', id);
    if (lineup) put({ ...lineup, recipe: { ...lineup.recipe, sizing } });
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
