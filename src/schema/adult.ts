import * as z from 'zod/mini';
import { AdultId, ClassId, newId, PeriodId, StudentId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

/** Most groups that one adult is said to lead at once. */
export const MOST_AT_ONCE = 9;

/** Whoever leads or helps groups, with the times they can. */
export const AdultRecord = z.object({
  record: z.literal('adult'),
  id: AdultId,
  classId: ClassId,
  name: z.string().check(z.minLength(1)),
  /** As it was given; '' when there is none. */
  email: z.string(),
  /** The times of the class at which they can. */
  times: z.array(PeriodId),
  /** How many groups they lead at one time. */
  atOnce: z.int().check(z.gte(1), z.lte(MOST_AT_ONCE)),
  /** Names of the skills they teach; none for all of them. */
  skills: z.array(z.string()),
  /** Private: students whose group they do not lead. */
  never: z.array(StudentId),
  /** Where their groups meet; '' for nowhere in particular. */
  room: z.string(),
  order: z.number(),
});
export type AdultRecord = z.infer<typeof AdultRecord>;

export const adultType: RecordType<AdultRecord> = {
  record: 'adult',
  validator: AdultRecord,
  migrations: [],
  freshId: () => newId(AdultId, 'a'),
  owner: ({ classId }) => classId,
  list: 'adults',
  renamed: (adult, to) => {
    const [id, classId] = [to.adult(adult.id), to.class(adult.classId)];
    if (id === null || classId === null) return null;
    return { ...adult, id, classId, never: renamedIds(adult.never, to.student) };
  },
  merging: { times: 'set', skills: 'set', never: 'set' },
};

/** An adult of whom only the name is known, for all skills and one group at a time. */
export function newAdult(
  id: AdultId,
  classId: ClassId,
  order: number,
  known: Pick<AdultRecord, 'name' | 'email'>,
): AdultRecord {
  return {
    ...{ record: 'adult', id, classId, ...known },
    ...{ times: [], atOnce: 1, skills: [], never: [], room: '', order },
  };
}
