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

/** The key of each group: its sign, with a count where an earlier one has the same. */
export function groupKeys(groups: readonly { readonly sign: number }[]): readonly string[] {
  const seen = new Map<number, number>();
  return groups.map(({ sign }) => {
    const times = (seen.get(sign) ?? 0) + 1;
    seen.set(sign, times);
    return times === 1 ? String(sign) : `${sign}-${times}`;
  });
}
