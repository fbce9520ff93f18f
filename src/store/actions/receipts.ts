import { newId, ReceiptId, type LineupId } from '../../schema/ids';
import type { ReceiptRecord } from '../../schema/receipt';
import type { AppStore } from '../appStore';
import { rollOfLineup, shownTake } from '../queries';
import { noteUse } from './lineups';

/** Keeps what a hand-off did, with the groups as they left on a day (YYYY-MM-DD); the lineup was used with it. No step to undo. */
export function keepReceipt(
  store: AppStore,
  lineupId: LineupId,
  did: Pick<ReceiptRecord, 'to' | 'did' | 'file' | 'addresses'> & {
    readonly service?: ReceiptRecord['service'];
  },
  day: string,
): void {
  const { records } = store;
  const take = shownTake(records, lineupId);
  if (!take) return;
  noteUse(store, lineupId, day);
  const here = new Set(
    rollOfLineup(records, lineupId, day).flatMap((one) => (one.here ? [one.id] : [])),
  );
  records.change('user', ({ put }) =>
    put({
      service: null,
      ...did,
      record: 'receipt',
      id: newId(ReceiptId, 'rc'),
      classId: take.classId,
      lineupId,
      takeId: take.id,
      takeNumber: take.number,
      at: new Date().toISOString(),
      groups: take.groups.map(({ name, sign, studentIds }) => ({
        ...{ name, sign },
        studentIds: studentIds.filter((id) => here.has(id)),
      })),
    }),
  );
  // What has left cannot be called back: that it has is on the disk at once.
  void store.saver.flush();
}

/** Takes a receipt away: what it tells of did not happen, or need not be remembered. */
export function dropReceipt(store: AppStore, { id }: ReceiptRecord): void {
  store.history.act('dropReceipt', ({ remove }) => remove(id));
}
