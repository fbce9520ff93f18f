import * as z from 'zod/mini';
import { StudentId } from './ids';

/** One group of a take. */
export const TakeGroup = z.object({
  name: z.string(),
  /** Which sign stands for the group, counted from 0. */
  sign: z.int().check(z.gte(0)),
  /** What all in it have in common, told on the bench alone: names of groups are read by the class. '' for nothing. */
  about: z.string(),
  studentIds: z.array(StudentId),
  /** Role → who has it: `lead`, or a role of the class's own. */
  roles: z.record(z.string(), StudentId),
  /** A reshuffle leaves the group as it is. */
  locked: z.boolean(),
});
export type TakeGroup = z.infer<typeof TakeGroup>;
