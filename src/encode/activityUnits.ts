import { isAlone, keptGroups, type ActivityGroup, type ActivityRecord } from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { StudentRecord } from '../schema/student';
import { LEAD, type TakeGroup } from '../schema/take';

/** What has one mark: a group, or somebody who works alone. */
export interface Unit {
  /** Under which its work is kept: the group's key, or the student's id. */
  readonly key: string;
  /** Of the group; null for somebody alone. */
  readonly group: ActivityGroup | null;
  readonly studentIds: readonly StudentId[];
  readonly leadId: StudentId | null;
}

/**
 * What an activity has marks for: the groups it keeps, before its opening those of its lineup now (`shown`), or everybody of
 * the class, with those who left if there is work of theirs. Students in nobody's list are left out.
 */
export function unitsOf(
  activity: ActivityRecord,
  shown: readonly TakeGroup[] | undefined,
  students: readonly StudentRecord[],
): readonly Unit[] {
  if (isAlone(activity)) {
    return students.flatMap(({ id, left }) =>
      left !== null && !activity.work[id]
        ? []
        : [{ key: id, group: null, studentIds: [id], leadId: null }],
    );
  }
  const known = new Set(students.map(({ id }) => id));
  return (activity.groups ?? keptGroups(shown ?? [])).map((group) => ({
    ...{ key: group.key, group, leadId: group.roles[LEAD] ?? null },
    studentIds: group.studentIds.filter((id) => known.has(id)),
  }));
}
