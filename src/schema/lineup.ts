import * as z from 'zod/mini';
import { ClassId, LineupId, TakeId } from './ids';
import type { RecordType } from './versions';

export const SizingSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('count'), count: z.int() }),
  z.strictObject({
    by: z.literal('size'),
    size: z.int(),
    leftover: z.enum(['spread', 'larger', 'smaller']),
  }),
]);
export type SizingChoice = z.infer<typeof SizingSchema>;

/** How a lineup's groups are made. */
export const Recipe = z.object({ sizing: SizingSchema });
export type Recipe = z.infer<typeof Recipe>;

export const LineupRecord = z.object({
  record: z.literal('lineup'),
  id: LineupId,
  classId: ClassId,
  name: z.string(),
  state: z.enum(['draft', 'inUse', 'retired']),
  recipe: Recipe,
  /** The take shown now, or null before the first shuffle. */
  takeId: z.nullable(TakeId),
  createdAt: z.iso.datetime(),
});
export type LineupRecord = z.infer<typeof LineupRecord>;

export const lineupType: RecordType<LineupRecord> = {
  record: 'lineup',
  validator: LineupRecord,
  migrations: [],
};

const USUAL_SIZE = 4;

export function newLineup(
  id: LineupId,
  classId: ClassId,
  name: string,
  createdAt: string,
  recipe: Recipe = { sizing: { by: 'size', size: USUAL_SIZE, leftover: 'spread' } },
): LineupRecord {
  return {
    record: 'lineup',
    id,
    classId,
    name,
    state: 'draft',
    recipe,
    takeId: null,
    createdAt,
  };
}
