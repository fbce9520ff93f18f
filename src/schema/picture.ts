import * as z from 'zod/mini';

/** A picture of the teacher's own, within the record since nothing is fetched, and in words what it shows. */
export const Picture = z.object({
  data: z.string().check(z.startsWith('data:image/')),
  text: z.string(),
});
export type Picture = z.infer<typeof Picture>;
