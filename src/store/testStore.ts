import type { AppRecord } from '../schema/records';
import type { AppStore } from './appStore';
import { History } from './history';
import { RecordStore } from './recordStore';

/** A store for tests with these records in it and nothing to undo; nothing is written to a disk. */
export function storeWith(given: readonly AppRecord[]): AppStore {
  const records = new RecordStore();
  records.change('load', ({ put }) => given.forEach((one) => put(one)));
  const saver = { flush: () => Promise.resolve() };
  const store = { records, saver, history: new History(records, () => 0) } as unknown as AppStore;
  return everyStepNamed(store);
}

/** The store, in which a step that has no name to tell it by fails the test that takes it. */
export function everyStepNamed(store: AppStore): AppStore {
  store.history.listen(({ put }) => {
    if (put.some(({ label }) => label.length === 0)) throw new Error('a step without a name');
  });
  return store;
}
