import type { AppRecord } from '../schema/records';
import type { AppStore } from './appStore';
import { History } from './history';
import { RecordStore } from './recordStore';

/** A store for tests with these records in it and nothing to undo; nothing is written to a disk. */
export function storeWith(given: readonly AppRecord[]): AppStore {
  const records = new RecordStore();
  records.change('load', ({ put }) => given.forEach((one) => put(one)));
  const saver = { flush: () => Promise.resolve() };
  return { records, saver, history: new History(records, () => 0) } as unknown as AppStore;
}
