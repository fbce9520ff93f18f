import { writeBackup, writeClassFile, type BackupFile, type ClassFile } from '@/schema/classFile';
import type { ClassId } from '@/schema/ids';
import { belongingTo } from '@/store/actions/classes';
import type { AppStore } from '@/store/appStore';
import { allClasses } from '@/store/queries';

/** One class with everything in it, as its file. */
export function classFileOf({ records }: AppStore, id: ClassId): ClassFile {
  return writeClassFile(belongingTo(records, id));
}

/** Every class on the shelf, as one file. */
export function backupOf(store: AppStore): BackupFile {
  return writeBackup(allClasses(store.records).map(({ id }) => classFileOf(store, id)));
}
