import * as z from 'zod/mini';
import { ClassId, DraftId, StudentId, type ActivityId } from './ids';
import type { RecordType } from './versions';

/** Text being typed and not yet taken in, kept so that closing the lid loses none of it. */
export const DraftRecord = z.object({
  record: z.literal('draft'),
  id: DraftId,
  /** Null only for notes from before drafts had an owner. */
  classId: z.nullable(ClassId),
  /** The student a note is about; null for a list being pasted. */
  studentId: z.nullable(StudentId),
  text: z.string(),
});
export type DraftRecord = z.infer<typeof DraftRecord>;

/**
 * Where text is being typed: the box for a list of a class, what is said to rooms or spaces, groups of earlier weeks,
 * results of a test, marks or answers of an activity, or the note about a student.
 */
export type DraftField =
  | {
      readonly of: 'paste' | 'rooms' | 'spaces' | 'past' | 'results';
      readonly classId: ClassId;
    }
  | { readonly of: 'note'; readonly classId: ClassId; readonly studentId: StudentId }
  | {
      readonly of: 'marks' | 'answers';
      readonly classId: ClassId;
      readonly activityId: ActivityId;
    };

export const draftType: RecordType<DraftRecord> = {
  record: 'draft',
  validator: DraftRecord,
  migrations: [
    {
      name: 'draft/1 say whose it is',
      up: (data) => ({
        ...data,
        classId: aboutId(data.id, 'draft:paste:'),
        studentId: aboutId(data.id, 'draft:note:'),
      }),
    },
  ],
  freshId: null,
  owner: ({ classId }) => classId,
  list: null,
  renamed: (draft, to) => {
    const id = to.draft(draft.id);
    const classId = draft.classId && to.class(draft.classId);
    const studentId = draft.studentId && to.student(draft.studentId);
    const gone = classId !== draft.classId || studentId !== draft.studentId;
    // The id names the field, so what would belong to another one is let go.
    return id === null || gone ? null : draft;
  },
  merging: {},
};

function aboutId(id: unknown, prefix: string): string | null {
  return typeof id === 'string' && id.startsWith(prefix) ? id.slice(prefix.length) : null;
}

/** The record of one field, with no text in it yet. */
export function emptyDraft(field: DraftField): DraftRecord {
  const { classId } = field;
  const studentId = field.of === 'note' ? field.studentId : null;
  const about = studentId ?? ('activityId' in field ? field.activityId : classId);
  const id = DraftId.parse(`draft:${field.of}:${about}`);
  return { record: 'draft', id, classId, studentId, text: '' };
}
