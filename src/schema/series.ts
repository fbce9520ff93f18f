import * as z from 'zod/mini';
import { ClassId, newId, SeriesId } from './ids';
import { renamedDetail, SizingSchema } from './recipe';
import type { RecordType } from './versions';

/** Most rounds that are planned at a time. */
export const MOST_PLANNED = 40;

/** What a series was planned by; days are YYYY-MM-DD. */
export const SeriesWish = z.object({
  rounds: z.int().check(z.gte(1), z.lte(MOST_PLANNED)),
  sizing: SizingSchema,
  /** The days: every week on this one, 0 for Sunday; every so many days; or none in particular. */
  every: z.nullable(z.enum(['day', 'week', 'twoWeeks'])),
  from: z.iso.date(),
  /** Days on which there is none: the round moves on to the next. */
  notOn: z.array(z.iso.date()),
  /** The roles that are given in turn over all rounds. */
  roles: z.array(z.string()),
  /** Details mixed in every round, by id or `section`; null for what the lineup's own recipe mixes. */
  mix: z.nullable(z.array(z.string())),
});
export type SeriesWish = z.infer<typeof SeriesWish>;

/** Several lineups planned together, so that partners stay fresh; each lineup says that it is one of them. */
export const SeriesRecord = z.object({
  record: z.literal('series'),
  id: SeriesId,
  classId: ClassId,
  name: z.string(),
  wish: SeriesWish,
  createdAt: z.iso.datetime(),
});
export type SeriesRecord = z.infer<typeof SeriesRecord>;

export const seriesType: RecordType<SeriesRecord> = {
  record: 'series',
  validator: SeriesRecord,
  migrations: [
    {
      name: 'series/1 give roles in turn, and mix what is chosen for it',
      up: (data) => ({ ...data, wish: { ...(data.wish as object), roles: [], mix: null } }),
    },
  ],
  freshId: () => newId(SeriesId, 'se'),
  owner: ({ classId }) => classId,
  list: 'series',
  renamed: (series, to) => {
    const [id, classId] = [to.series(series.id), to.class(series.classId)];
    if (id === null || classId === null) return null;
    const mix = series.wish.mix?.flatMap((detail) => renamedDetail(detail, to) ?? []) ?? null;
    return { ...series, id, classId, wish: { ...series.wish, mix } };
  },
  merging: {},
};
