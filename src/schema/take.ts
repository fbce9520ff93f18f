import * as z from 'zod/mini';
import { ClassId, LineupId, StudentId, TakeId } from './ids';
import { listOf, type RecordType } from './versions';

export const TakeGroup = z.object({
  name: z.string(),
  /** Which sign stands for the group, counted from 0. */
  sign: z.int().check(z.gte(0)),
  studentIds: z.array(StudentId),
  /** Role → who has it: `lead`, or a role of the class's own. */
  roles: z.record(z.string(), StudentId),
  /** A reshuffle leaves the group as it is. */
  locked: z.boolean(),
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
  dealt: z.nullable(z.array(TakeGroup)),
  starred: z.boolean(),
  createdAt: z.iso.datetime(),
});
export type TakeRecord = z.infer<typeof TakeRecord>;

export const takeType: RecordType<TakeRecord> = {
  record: 'take',
  validator: TakeRecord,
  migrations: [
    {
      name: 'take/1 add roles, locks and stars',
      up: (data) => {
        const groups = listOf(data.groups).map((group) => ({ ...group, roles: {}, locked: false }));
        const dealt = Array.isArray(data.dealt) ? data.dealt : null;
        return {
          ...data,
          groups,
          // Dealt groups were lists of members; their names and signs are those of the groups.
          dealt: dealt?.map((ids: unknown, row) => ({ ...groups[row], studentIds: ids })) ?? null,
          starred: false,
        };
      },
    },
  ],
};

/** The role of whoever speaks for a group. */
export const LEAD = 'lead';

/** A group as it comes from a shuffle. */
export function newGroup(name: string, sign: number, studentIds: StudentId[]): TakeGroup {
  return { name, sign, studentIds, roles: {}, locked: false };
}
