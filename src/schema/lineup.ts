import * as z from 'zod/mini';
import { ClassId, LineupId, StudentId, TakeId } from './ids';
import { PLAIN_RECIPE, Recipe } from './recipe';
import type { RecordType } from './versions';

export const LineupRecord = z.object({
  record: z.literal('lineup'),
  id: LineupId,
  classId: ClassId,
  name: z.string(),
  state: z.enum(['draft', 'inUse', 'retired']),
  recipe: Recipe,
  /** The take shown now, or null before the first shuffle. */
  takeId: z.nullable(TakeId),
  /** Students who stay in their group of the shown take through a reshuffle. */
  pinned: z.array(StudentId),
  createdAt: z.iso.datetime(),
});
export type LineupRecord = z.infer<typeof LineupRecord>;

export const lineupType: RecordType<LineupRecord> = {
  record: 'lineup',
  validator: LineupRecord,
  migrations: [
    {
      name: 'lineup/1 add all that a recipe can say, and pins',
      up: (data) => ({
        ...data,
        recipe: {
          ...(typeof data.recipe === 'object' ? data.recipe : {}),
          who: { of: 'all' },
          dealing: { by: 'shuffle' },
          sections: 'any',
          balance: [],
          freshPartners: null,
          wishes: null,
          limits: [],
          naming: { from: 'words', list: [], withCode: false, withDate: false },
        },
        pinned: [],
      }),
    },
  ],
};

export function newLineup(
  id: LineupId,
  classId: ClassId,
  name: string,
  createdAt: string,
  recipe: Recipe = PLAIN_RECIPE,
): LineupRecord {
  return {
    record: 'lineup',
    id,
    classId,
    name,
    state: 'draft',
    recipe,
    takeId: null,
    pinned: [],
    createdAt,
  };
}
