import { sayGroups } from '@/messages/groups';
import type { ClassRecord } from '@/schema/classRecord';
import { detailName } from '../../frame/detailWords';
import { NEEDS, PARTNERS, TOPICS, WISHES, type ColumnKey } from './useColumns';

/** What a measure is called. */
export function columnName(theClass: ClassRecord, key: ColumnKey): string {
  if (key === PARTNERS) return sayGroups.measures.partners;
  if (key === WISHES) return sayGroups.measures.wishes;
  if (key === TOPICS) return sayGroups.measures.topics;
  if (key === NEEDS) return sayGroups.measures.needs;
  return detailName(theClass, key);
}
