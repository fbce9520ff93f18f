import type { ClassRecord } from '@/schema/classRecord';
import { LineupId } from '@/schema/ids';
import { newLineup, type LineupRecord } from '@/schema/lineup';

/** What stands for the open lineup of a class that has none: no groups, everybody dealt. It is never kept. */
export function noLineup({ id, createdAt }: ClassRecord): LineupRecord {
  return newLineup(LineupId.parse(`none of ${id}`.slice(0, 64)), id, '', createdAt);
}
