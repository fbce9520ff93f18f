import * as z from 'zod/mini';
import { ClassId, LineupId, newId, StudentId, TakeId } from './ids';
import type { Renaming } from './renaming';
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
    };
  },
  merging: {},
  settle: settleTake,
};

/** Groups under other ids: one student sits once, and a role goes with its holder. */
function renamedGroups(groups: readonly TakeGroup[], to: Renaming): TakeGroup[] {
  const seated = new Set<StudentId>();
  // Who keeps their own id keeps their seat before another is given it.
  for (const id of groups.flatMap(({ studentIds }) => studentIds)) {
    if (to.student(id) === id) seated.add(id);
  }
  return groups.map((group) => {
    const studentIds = group.studentIds.flatMap((id) => {
      const next = to.student(id);
      if (next === null || (next !== id && seated.has(next))) return [];
      seated.add(next);
      return [next];
    });
    const roles = Object.entries(group.roles).flatMap(([role, holder]) => {
      const next = to.student(holder);
      return next !== null && studentIds.includes(next) ? [[role, next] as const] : [];
    });
    return { ...group, studentIds, roles: Object.fromEntries(roles) };
  });
}

/** The role of whoever speaks for a group. */
export const LEAD = 'lead';

/** A group as it comes from a shuffle. */
export function newGroup(name: string, sign: number, studentIds: StudentId[]): TakeGroup {
  return { name, sign, about: '', studentIds, roles: {}, locked: false };
}
