import type { StudentId } from '../../schema/ids';
import { renamedRecord } from '../../schema/records';
import { renaming, type Renaming } from '../../schema/renaming';
import type { Change } from '../recordStore';

/** Takes what is gone out of every record that names it; a record that means nothing without it goes too. */
export function forget(change: Change, gone: Partial<Renaming>): void {
  renameEverywhere(change, renaming(gone));
}

/** Puts one student in the place of another wherever that one is named, each once; the other is gone then. */
export function withStudentReplaced(change: Change, from: StudentId, to: StudentId): void {
  change.remove(from);
  renameEverywhere(change, renaming({ student: (id) => (id === from ? to : id) }));
}

function renameEverywhere({ every, put, remove }: Change, to: Renaming): void {
  for (const record of every()) {
    const next = renamedRecord(record, to);
    if (next === null) remove(record.id);
    else put(next);
  }
}
