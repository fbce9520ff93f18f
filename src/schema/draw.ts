import * as z from 'zod/mini';
import { ClassId, DrawId, LineupId, newId, StudentId } from './ids';
import type { RecordType } from './versions';

/** Rounds are counted from 1; nobody comes twice in one. */
const Round = z.int().check(z.gte(1));

/** Somebody drawn by lot before the class: a student, a group, or a student of each group. */
export const DrawRecord = z.object({
  record: z.literal('draw'),
  id: DrawId,
  classId: ClassId,
  of: z.enum(['student', 'group', 'each']),
  /** Who was drawn; of each group one, in the order of the groups. Nobody where a group was. */
  students: z.array(z.object({ id: StudentId, round: Round })),
  /** The group that was drawn, by its lineup and sign. */
  group: z.nullable(z.object({ lineupId: LineupId, sign: z.int(), round: Round })),
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
    // Two rows that were one student all along are one in what was drawn too.
    const students = new Map<StudentId, (typeof draw.students)[number]>();
    for (const one of draw.students) {
      const next = to.student(one.id);
      if (next !== null && !students.has(next)) students.set(next, { ...one, id: next });
    }
    const lineupId = draw.group && to.lineup(draw.group.lineupId);
    const group = draw.group && lineupId ? { ...draw.group, lineupId } : null;
    if (id === null || classId === null || (students.size === 0 && group === null)) return null;
    return { ...draw, id, classId, students: [...students.values()], group };
  },
  merging: {},
};
