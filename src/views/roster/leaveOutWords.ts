import { sayRoster } from '@/messages/roster';
import type { ClassRecord, LeaveOut } from '@/schema/classRecord';
import { BY_SECTION } from '@/schema/recipe';

/** What a filter leaves out, in words. */
export function leaveOutSentence(
  { when, parts }: Pick<LeaveOut, 'when' | 'parts'>,
  theClass: ClassRecord,
): string {
  return sayRoster.roster.leaveOutSentence(
    when,
    parts.map(({ by, values }) => ({
      title: titleOf(by, theClass),
      values: values.map((value) => labelOf(by, value, theClass)),
    })),
  );
}

/** What a filter's part asks about. */
function titleOf(by: string, theClass: ClassRecord): string {
  if (by === BY_SECTION) return sayRoster.roster.column.section;
  return theClass.details.find(({ id }) => id === by)?.name ?? '';
}

/** A value as it is read: sections by their names. */
export function labelOf(by: string, value: string, theClass: ClassRecord): string {
  if (by !== BY_SECTION) return value;
  return theClass.sections.find(({ id }) => id === value)?.name ?? value;
}
