import type { RescueFile } from '@/schema/classFile';
import { say } from '@/messages';
import type { AppStore } from '@/store/appStore';
import { backupOf } from './classFiles';
import { download } from './download';
import { today } from './today';

/** Saves all that a page without a storage still has: what was read from the disk, or what is in memory. */
export function saveRescue(from: RescueFile | AppStore): void {
  const file = 'format' in from ? from : backupOf(from);
  download(say.frame.rescueName(today()), `${JSON.stringify(file, null, 1)}\n`, 'application/json');
}
