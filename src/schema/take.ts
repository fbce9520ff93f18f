import * as z from 'zod/mini';
import { ClassId, LineupId, newId, TakeId, type StudentId } from './ids';
import { renamedGroups } from './renamedGroups';
import { settleTake } from './seats';
import { TakeGroup } from './takeGroup';
import { listOf, type RecordType } from './versions';

export { TakeGroup };

/** One result of a shuffle. Present students in none of its groups stand aside. */
export const TakeRecord = z.object({
  record: z.literal('take'),
  id: TakeId,
  lineupId: LineupId,
  classId: ClassId,
  /** Counted from 1 within the lineup, never used again. */
  number: z.int().check(z.gte(1)),
  seed: z.int(),
  groups: z.array(TakeGroup),
  /** The groups as they were dealt, kept from the first change by hand on; null while unchanged. */
  dealt: z.nullable(z.array(TakeGroup)),
  starred: z.boolean(),
  /** The sentence they were made by, as a text that differs where it does (`encode/madeFrom`); null where it is not known. */
  madeBy: z.nullable(z.string()),
  createdAt: z.iso.datetime(),
});
export type TakeRecord = z.infer<typeof TakeRecord>;

export const takeType: RecordType<TakeRecord> = {
  record: 'take',
  validator: TakeRecord,
  migrations: [
    {
      name: 'take/1 add roles, locks and stars',
      up: (data) => {
        const groups = listOf(data.groups).map((group) => ({ ...group, roles: {}, locked: false }));
        const dealt = Array.isArray(data.dealt) ? data.dealt : null;
        return {
          ...data,
          groups,
          // Dealt groups were lists of members; their names and signs are those of the groups.
          dealt: dealt?.map((ids: unknown, row) => ({ ...groups[row], studentIds: ids })) ?? null,
          starred: false,
        };
      },
    },
    {
      name: 'take/2 tell what a group is about from what it is called',
      up: (data) => {
        const plain = (groups: unknown) => listOf(groups).map((group) => ({ ...group, about: '' }));
        return {
          ...data,
          groups: plain(data.groups),
          dealt: Array.isArray(data.dealt) ? plain(data.dealt) : null,
        };
      },
    },
    {
      name: 'take/3 keep the sentence that groups were made by',
      up: (data) => ({ ...data, madeBy: null }),
    },
  ],
  freshId: () => newId(TakeId, 't'),
  owner: ({ classId }) => classId,
  list: 'takes',
  renamed: (take, to) => {
    const [id, classId] = [to.take(take.id), to.class(take.classId)];
    const lineupId = to.lineup(take.lineupId);
    if (id === null || classId === null || lineupId === null) return null;
    return {
      ...take,
      id,
      classId,
      lineupId,
      groups: renamedGroups(take.groups, to),
      dealt: take.dealt && renamedGroups(take.dealt, to),
      // In a copy details may have other ids, so that nothing could be compared.
      madeBy: classId === take.classId ? take.madeBy : null,
    };
  },
  merging: {},
  settle: settleTake,
};

/** The role of whoever speaks for a group. */
export const LEAD = 'lead';

/** A group as it comes from a shuffle. */
export function newGroup(name: string, sign: number, studentIds: StudentId[]): TakeGroup {
  return { name, sign, about: '', studentIds, roles: {}, locked: false };
}
