import type { ClassId } from '../../schema/ids';
import type { AppStore } from '../appStore';

/** Gives a class another name; by itself, for every page of a class has this of `classes` alone. */
export function renameClass(store: AppStore, id: ClassId, name: string): void {
  store.history.act('renameClass', ({ get, put }) => {
    const current = get('class', id);
    if (current) put({ ...current, name });
  });
}
