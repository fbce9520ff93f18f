import type { DraftField } from '@/schema/draft';
import type { ClassId } from '@/schema/ids';

/** The field whose text is kept for a class; apart from the reader of lists, which a full class does not load. */
export function pasteField(classId: ClassId): DraftField {
  return { of: 'paste', classId };
}
