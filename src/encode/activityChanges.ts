import { keptGroups, type ActivityGroup, type ActivityRecord } from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { TakeGroup } from '../schema/take';

/** Somebody whom the lineup has in another group than the activity; keys of groups, null for none. */
export interface Moved {
  readonly studentId: StudentId;
  readonly from: string | null;
  readonly to: string | null;
}

/** Stays in the group of the activity, goes to the one of the lineup, or has a part of the marks of both. */
export const DECISIONS = ['stay', 'go', 'split'] as const;
export type Decision = (typeof DECISIONS)[number];

/** What an activity keeps of groups and of what was decided about them. */
export type Kept = Pick<ActivityRecord, 'groups' | 'splits' | 'settled'>;

const HALF = 0.5;

/** Whom a change of the lineup concerns and nobody has decided about yet; nobody before the opening. */
export function movedSince(activity: Kept, shown: readonly TakeGroup[]): readonly Moved[] {
  if (activity.groups === null) return [];
  const now = groupOfStudents(keptGroups(shown));
  const kept = groupOfStudents(activity.groups, activity.splits);
  return [...new Set([...kept.keys(), ...now.keys()])].flatMap((studentId): Moved[] => {
    const [from, to] = [kept.get(studentId) ?? null, now.get(studentId) ?? null];
    const settled = activity.settled[studentId];
    const known = settled === undefined ? from : settled === '' ? null : settled;
    return to === known ? [] : [{ studentId, from, to }];
  });
}

/** The first group of each student, which the second one of somebody split is not. */
function groupOfStudents(
  groups: readonly ActivityGroup[],
  splits: Kept['splits'] = {},
): ReadonlyMap<StudentId, string> {
  const found = new Map<StudentId, string>();
  for (const { key, studentIds } of groups) {
    for (const id of studentIds) {
      if (!found.has(id) && splits[id]?.key !== key) found.set(id, key);
    }
  }
  return found;
}

/** Whether a mark can be split: there are two groups to split it between. */
export function maySplit({ from, to }: Moved): boolean {
  return from !== null && to !== null && from !== to;
}

/** The kept groups after a decision about some of whom a change concerns. Work that a group has is never lost with it. */
export function decided(
  activity: Kept & Pick<ActivityRecord, 'work'>,
  moves: readonly Moved[],
  decision: Decision,
  shown: readonly TakeGroup[],
): Kept {
  const now = keptGroups(shown);
  let groups: readonly ActivityGroup[] = activity.groups ?? [];
  const splits = { ...activity.splits };
  const settled = { ...activity.settled };
  for (const move of moves) {
    const { studentId, to } = move;
    const how = decision === 'split' && !maySplit(move) ? 'stay' : decision;
    if (how === 'stay') {
      settled[studentId] = to ?? '';
      continue;
    }
    // Of what was split before, only the first group stays.
    const second = splits[studentId]?.key;
    Reflect.deleteProperty(splits, studentId);
    groups = groups.map((group) =>
      how === 'go' || group.key === second ? withoutMember(group, studentId) : group,
    );
    if (to !== null) groups = withMember(groups, now, to, studentId);
    if (how === 'go') Reflect.deleteProperty(settled, studentId);
    else {
      splits[studentId] = { key: to ?? '', first: HALF };
      settled[studentId] = to ?? '';
    }
  }
  const left = groups.filter(({ key, studentIds }) => studentIds.length > 0 || activity.work[key]);
  return { groups: [...left], splits, settled };
}

function withoutMember(group: ActivityGroup, id: StudentId): ActivityGroup {
  const roles = Object.fromEntries(Object.entries(group.roles).filter(([, one]) => one !== id));
  return { ...group, roles, studentIds: group.studentIds.filter((one) => one !== id) };
}

function withMember(
  groups: readonly ActivityGroup[],
  now: readonly ActivityGroup[],
  key: string,
  id: StudentId,
): readonly ActivityGroup[] {
  const known = groups.some((group) => group.key === key);
  const fresh = now.find((group) => group.key === key);
  const all = known || !fresh ? groups : [...groups, { ...fresh, studentIds: [], roles: {} }];
  return all.map((group) =>
    group.key === key ? { ...group, studentIds: [...new Set([...group.studentIds, id])] } : group,
  );
}
