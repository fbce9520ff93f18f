import { say } from '@/messages';
import type { ClassRecord } from '@/schema/classRecord';
import { BY_SECTION } from '@/schema/recipe';

/** What a detail, or the section, is called. */
export function detailName(theClass: ClassRecord, detail: string): string {
  if (detail === BY_SECTION) return say.frame.section;
  return theClass.details.find(({ id }) => id === detail)?.name ?? say.frame.goneDetail;
}

/** A value as it is read; a section by its name. */
export function valueName(theClass: ClassRecord, detail: string, value: string): string {
  if (detail !== BY_SECTION) return value;
  return theClass.sections.find(({ id }) => id === value)?.name ?? say.frame.goneDetail;
}
