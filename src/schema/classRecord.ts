import * as z from 'zod/mini';
import { ClassId, LineupId } from './ids';
import type { RecordType } from './versions';

/** A column of facts about students. */
export const Detail = z.object({
  id: z.string().check(z.minLength(1)),
  name: z.string(),
  kind: z.enum(['number', 'level', 'category', 'yesNo', 'skill']),
  /** The values of a level from low to high; empty for other kinds. */
  levels: z.array(z.string()),
});
export type Detail = z.infer<typeof Detail>;

export const Section = z.object({ id: z.string().check(z.minLength(1)), name: z.string() });
export type Section = z.infer<typeof Section>;

/** Teachers and helpers of a class: they belong to rooms and channels, never to groups. */
export const Staff = z.object({
  name: z.string(),
  email: z.nullable(z.string()),
  role: z.string(),
});

export const ClassRecord = z.object({
  record: z.literal('class'),
  id: ClassId,
  name: z.string(),
  term: z.string(),
  courseCode: z.string(),
  sections: z.array(Section),
  details: z.array(Detail),
  /** Skills in the order in which they are learned. */
  skillLadder: z.array(z.string()),
  staff: z.array(Staff),
  /** Words for groups, used in order. */
  groupNames: z.array(z.string()),
  /** The lineup last worked on, opened again next time. */
  openLineupId: z.nullable(LineupId),
  createdAt: z.iso.datetime(),
});
export type ClassRecord = z.infer<typeof ClassRecord>;

export const classType: RecordType<ClassRecord> = {
  record: 'class',
  validator: ClassRecord,
  migrations: [],
};

/** A new class with nothing in it; the caller names the moment. */
export function emptyClass(id: ClassId, name: string, createdAt: string): ClassRecord {
  return {
    record: 'class',
    id,
    name,
    term: '',
    courseCode: '',
    sections: [],
    details: [],
    skillLadder: [],
    staff: [],
    groupNames: [],
    openLineupId: null,
    createdAt,
  };
}
