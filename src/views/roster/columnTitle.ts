import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { detailColumn, LAST_COLUMNS, PLAIN_COLUMNS } from './columns';

/** What stands over a column. */
export function columnTitle(id: string, theClass: ClassRecord): string {
  const plain = [...PLAIN_COLUMNS, ...LAST_COLUMNS].find((one) => one === id);
  if (plain) return sayRoster.roster.column[plain];
  return theClass.details.find((detail) => detailColumn(detail.id) === id)?.name ?? '';
}
