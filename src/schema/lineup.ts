import * as z from 'zod/mini';
import { ClassId, LineupId, newId, SeriesId, StudentId, TakeId } from './ids';
import { PLAIN_RECIPE, Recipe, recipeMerging, renamedRecipe } from './recipe';
import { renamedIds, type Renaming } from './renaming';
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
  /** When a class worked in these groups: only then do they count as having met. Null for what was only tried. */
  used: z.nullable(
    z.object({
      on: z.iso.date(),
      /** Who was there of those in groups; null where that is not known, which counts as everybody. */
      here: z.nullable(z.array(StudentId)),
    }),
  ),
  /** The series that it was planned in, and its day there; null for one made by itself. */
  planned: z.nullable(z.object({ seriesId: SeriesId, on: z.nullable(z.iso.date()) })),
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
    {
      name: 'lineup/2 tell what was used from what was only tried',
      up: (data) => ({
        ...data,
        used:
          data.state === 'draft' ? null : { on: String(data.createdAt).slice(0, 10), here: null },
      }),
    },
    {
      name: 'lineup/3 tell which were planned together',
      up: (data) => ({ ...data, planned: null }),
    },
  ],
  freshId: () => newId(LineupId, 'l'),
  owner: ({ classId }) => classId,
  list: 'lineups',
  renamed: (lineup, to) => {
    const [id, classId] = [to.lineup(lineup.id), to.class(lineup.classId)];
    if (id === null || classId === null) return null;
    return {
      ...lineup,
      id,
      classId,
      recipe: renamedRecipe(lineup.recipe, to),
      takeId: lineup.takeId && to.take(lineup.takeId),
      pinned: renamedIds(lineup.pinned, to.student),
      used: lineup.used && {
        ...lineup.used,
        here: lineup.used.here && renamedIds(lineup.used.here, to.student),
      },
      planned: inSeries(lineup.planned, to),
    };
  },
  merging: { recipe: recipeMerging, pinned: 'set' },
};

function inSeries(planned: LineupRecord['planned'], to: Renaming): LineupRecord['planned'] {
  const seriesId = planned && to.series(planned.seriesId);
  return planned && seriesId ? { ...planned, seriesId } : null;
}

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
    used: null,
    planned: null,
    createdAt,
  };
}
