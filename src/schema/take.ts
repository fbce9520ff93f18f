import * as z from 'zod/mini';
import { ClassId, LineupId, StudentId, TakeId } from './ids';
import type { RecordType } from './versions';

export const TakeGroup = z.object({
  name: z.string(),
  /** Which sign stands for the group, counted from 0. */
  sign: z.int().check(z.gte(0)),
  studentIds: z.array(StudentId),
});
export type TakeGroup = z.infer<typeof TakeGroup>;

/** One result of a shuffle. Present students in none of its groups stand aside. */
export const TakeRecord = z.object({
  record: z.literal('take'),
  id: TakeId,
  lineupId: LineupId,
  classId: ClassId,
  /** Counted from 1 within the lineup, never used again. */
  number: z.int().check(z.gte(1)),
  seed: z.int(),
  groups: z.array(TakeGroup),
  /** The groups as they were dealt, kept from the first change by hand on; null while unchanged. */
  dealt: z.nullable(z.array(z.array(StudentId))),
  createdAt: z.iso.datetime(),
});
export type TakeRecord = z.infer<typeof TakeRecord>;

export const takeType: RecordType<TakeRecord> = {
  record: 'take',
  validator: TakeRecord,
  migrations: [],
};
