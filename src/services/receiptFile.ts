import * as z from 'zod/mini';

/** What a hand-off to a service did, as a file: the next one sends only what has changed since. */
export const ReceiptFile = z.object({
  format: z.literal('gruppetto.receipt'),
  version: z.literal(1),
  to: z.enum(['channels', 'rooms']),
  lineup: z.string(),
  /** When it was done. */
  at: z.string(),
  arrived: z.array(z.object({ name: z.string(), email: z.string(), group: z.string() })),
  refused: z.array(
    z.object({
      name: z.string(),
      email: z.nullable(z.string()),
      group: z.string(),
      reason: z.string(),
    }),
  ),
  session: z.optional(z.object({ id: z.string() })),
  rooms: z.optional(
    z.array(
      z.object({
        name: z.string(),
        id: z.string(),
        link: z.optional(z.nullable(z.string())),
        /** Of the group that it was made for. */
        key: z.optional(z.nullable(z.string())),
      }),
    ),
  ),
});
export type ReceiptFile = z.infer<typeof ReceiptFile>;
