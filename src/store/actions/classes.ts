import { emptyClass } from '../../schema/classRecord';
import { ClassId, LineupId, newId } from '../../schema/ids';
import { newLineup } from '../../schema/lineup';
import type { AppStore } from '../appStore';

/** Makes a class with a first lineup in it, ready for a shuffle. */
export function createClass(store: AppStore, name: string, lineupName: string): ClassId {
  const id = newId(ClassId, 'c');
  const lineupId = newId(LineupId, 'l');
  const now = new Date().toISOString();
  store.history.act('createClass', ({ put }) => {
    put({ ...emptyClass(id, name, now), openLineupId: lineupId });
    put(newLineup(lineupId, id, lineupName, now));
  });
  return id;
}

export function renameClass(store: AppStore, id: ClassId, name: string): void {
  store.history.act('renameClass', ({ get, put }) => {
    const current = get('class', id);
    if (current) put({ ...current, name });
  });
}

/** Removes the class with all that belongs to it, as one step that can be undone. */
export function deleteClass(store: AppStore, id: ClassId): void {
  store.history.act('deleteClass', ({ all, remove }) => {
    const belonging = [...all('student'), ...all('rule'), ...all('lineup'), ...all('take')];
    belonging.filter(({ classId }) => classId === id).forEach((record) => remove(record.id));
    remove(id);
  });
}
