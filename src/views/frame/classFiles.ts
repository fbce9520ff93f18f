import { writeBackup, writeClassFile, type BackupFile, type ClassFile } from '@/schema/classFile';
import type { ClassRecord } from '@/schema/classRecord';
import type { AppStore } from '@/store/appStore';
import { allClasses, lineupsOf, rulesOf, studentsOf } from '@/store/queries';

/** One class with everything in it, as its file. */
export function classFileOf({ records }: AppStore, theClass: ClassRecord): ClassFile {
  const { id } = theClass;
  return writeClassFile(theClass, {
    students: [...studentsOf(records, id)],
    rules: [...rulesOf(records, id)],
    lineups: [...lineupsOf(records, id)],
    takes: records.all('take').filter(({ classId }) => classId === id),
  });
}

/** Every class on the shelf, as one file. */
export function backupOf(store: AppStore): BackupFile {
  return writeBackup(allClasses(store.records).map((theClass) => classFileOf(store, theClass)));
}
