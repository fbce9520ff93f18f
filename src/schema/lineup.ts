import * as z from 'zod/mini';
import { ClassId, LineupId, newId, SeriesId, StudentId, TakeId } from './ids';
import {
  PLAIN_RECIPE,
  Recipe,
  recipeMerging,
  renamedRecipe,
  withRoles,
  withUnknown,
} from './recipe';
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
      /** Later days that count once more, by the teacher's word; another day by itself counts for nothing. */
      again: z.array(z.object({ on: z.iso.date(), here: z.nullable(z.array(StudentId)) })),
    }),
  ),
  /** Its place in the term: the series that it was planned in, null for one put there by hand; null for neither. */
  planned: z.nullable(
    z.object({
      seriesId: z.nullable(SeriesId),
      on: z.nullable(z.iso.date()),
      /** More days on which the same groups serve. */
      also: z.array(z.iso.date()),
    }),
  ),
  /** Student → signs of the groups that they would like, the first one first. Private. */
  ranks: z.record(z.string(), z.array(z.int().check(z.gte(0)))),
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
    {
      name: 'lineup/4 let one serve several days',
      up: (data) => ({
        ...data,
        used: data.used ? { ...data.used, again: [] } : null,
        planned: data.planned ? { ...data.planned, also: [] } : null,
      }),
    },
    {
      name: 'lineup/5 let a recipe match what students need next',
      up: (data) => ({ ...data, recipe: { ...(data.recipe as object), needs: null } }),
    },
    {
      name: 'lineup/6 ask what becomes of those without results',
      up: (data) => ({ ...data, recipe: withUnknown(data.recipe as object) }),
    },
    {
      name: 'lineup/7 let students rank its groups',
      up: (data) => ({ ...data, ranks: {}, recipe: { ...(data.recipe as object), topics: null } }),
    },
    {
      name: 'lineup/8 let a recipe give roles',
      up: (data) => ({ ...data, recipe: withRoles(data.recipe as object) }),
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
        again: lineup.used.again.map(({ on, here }) => ({
          on,
          here: here && renamedIds(here, to.student),
        })),
      },
      planned: inSeries(lineup.planned, to),
      ranks: Object.fromEntries(
        Object.entries(lineup.ranks).flatMap(([student, ranks]) => {
          const next = to.student(student as StudentId);
          return next === null ? [] : [[next, ranks] as const];
        }),
      ),
    };
  },
  merging: { recipe: recipeMerging, pinned: 'set', ranks: { each: 'whole' } },
};

function inSeries(planned: LineupRecord['planned'], to: Renaming): LineupRecord['planned'] {
  if (!planned?.seriesId) return planned;
  const seriesId = to.series(planned.seriesId);
  return seriesId ? { ...planned, seriesId } : null;
}

/** A day on which a class worked in a lineup, with those who were there; null where that is not known. */
export interface Use {
  readonly on: string;
  readonly here: readonly StudentId[] | null;
}

/** Every day on which a lineup counts as used, oldest first. */
export function usesOf({ used }: Pick<LineupRecord, 'used'>): readonly Use[] {
  return used ? [used, ...used.again].sort((a, b) => (a.on < b.on ? -1 : 1)) : [];
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
    ranks: {},
    createdAt,
  };
}
