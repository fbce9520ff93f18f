import * as z from 'zod/mini';
import { ClassId, DrawId, LineupId, newId, StudentId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

/** Somebody drawn by lot before the class: a student, a group, or a student of each group. */
export const DrawRecord = z.object({
  record: z.literal('draw'),
  id: DrawId,
  classId: ClassId,
  of: z.enum(['student', 'group', 'each']),
  /** Who was drawn; in groups, one of each, in the order of the groups. Nobody where a group was. */
  studentIds: z.array(StudentId),
  /** The group that was drawn, by its lineup and sign. */
  group: z.nullable(z.object({ lineupId: LineupId, sign: z.int() })),
  at: z.iso.datetime(),
});
export type DrawRecord = z.infer<typeof DrawRecord>;

export const drawType: RecordType<DrawRecord> = {
  record: 'draw',
  validator: DrawRecord,
  migrations: [],
  freshId: () => newId(DrawId, 'dr'),
  owner: ({ classId }) => classId,
  list: 'draws',
  renamed: (draw, to) => {
    const [id, classId] = [to.draw(draw.id), to.class(draw.classId)];
    const studentIds = renamedIds(draw.studentIds, to.student);
    const lineupId = draw.group && to.lineup(draw.group.lineupId);
    const group = draw.group && lineupId ? { ...draw.group, lineupId } : null;
    if (id === null || classId === null || (studentIds.length === 0 && group === null)) return null;
    return { ...draw, id, classId, studentIds, group };
  },
  merging: {},
};
