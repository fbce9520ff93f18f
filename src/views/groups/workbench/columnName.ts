import { say } from '@/messages';
import type { ClassRecord } from '@/schema/classRecord';
import { detailName } from '../../frame/detailWords';
import { NEEDS, PARTNERS, TOPICS, WISHES, type ColumnKey } from './useColumns';

/** What a measure is called. */
export function columnName(theClass: ClassRecord, key: ColumnKey): string {
  if (key === PARTNERS) return say.measures.partners;
  if (key === WISHES) return say.measures.wishes;
  if (key === TOPICS) return say.measures.topics;
  if (key === NEEDS) return say.measures.needs;
  return detailName(theClass, key);
}
