import * as z from 'zod/mini';

const StaffFile = z.object({
  name: z.string(),
  role: z.string(),
  email: z.optional(z.string()),
});

/** A lineup as other programs read it: who is in which group, and nothing quiet. */
export const LineupFile = z.object({
  format: z.literal('gruppetto.lineup'),
  version: z.literal(1),
  lineup: z.string(),
  class: z.string(),
  /** Of the course. */
  code: z.optional(z.string()),
  date: z.optional(z.string()),
  time: z.optional(z.string()),
  minutes: z.optional(z.number()),
  groups: z
    .array(
      z.object({
        name: z.string(),
        /** Which sign stands for the group, counted from 0. */
        sign: z.int().check(z.gte(0)),
        place: z.optional(z.string()),
        link: z.optional(z.string()),
        /** When it meets, as that is called. */
        meets: z.optional(z.string()),
        /** Who leads it. */
        staff: z.optional(z.array(StaffFile)),
        members: z.array(
          z.object({
            name: z.string(),
            roles: z.optional(z.array(z.string())),
            email: z.optional(z.string()),
          }),
        ),
      }),
    )
    .check(z.minLength(1)),
  staff: z.array(StaffFile),
});
export type LineupFile = z.infer<typeof LineupFile>;
