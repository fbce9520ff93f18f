import type { Gain } from '@/encode/results';
import { sayGroups } from '@/messages/groups';
import type { ClassRecord } from '@/schema/classRecord';
import { detailName } from '../../frame/detailWords';

/** What is better in other groups, or worse, under the class's name of the detail. */
export function gainWords(theClass: ClassRecord, gain: Gain, how: 'better' | 'worse'): string {
  // Levels are matched by their rank.
  const detail = 'detail' in gain ? gain.detail.replace(/^rank of /, '') : '';
  return sayGroups.differences[how](gain, detail === '' ? '' : detailName(theClass, detail));
}
