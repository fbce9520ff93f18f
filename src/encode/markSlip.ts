import type { ActivityRecord } from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { Unit } from './activityUnits';
import { lateOff, marksOf, mostOf, ownOf, unitPoints, workOf } from './marking';

/** What one student, or one group, is told of an activity on paper: nothing of anybody else's marks. */
export interface MarkSlip {
  /** Of the student or the group. */
  readonly name: string;
  readonly group: string;
  readonly state: 'marked' | 'missing' | 'excused' | 'absent';
  readonly points: number | null;
  readonly most: number;
  /** Points taken off for coming late. */
  readonly off: number;
  readonly criteria: readonly {
    readonly name: string;
    readonly points: number;
    readonly most: number;
  }[];
  readonly comments: readonly string[];
}

/** The slip of one student; null where they have no part in the activity. */
export function slipOfStudent(
  activity: ActivityRecord,
  units: readonly Unit[],
  id: StudentId,
  name: string,
): MarkSlip | null {
  const unit = units.find(({ studentIds }) => studentIds.includes(id));
  const mark = unit && marksOf(activity, units).get(id);
  if (!unit || !mark) return null;
  return {
    ...{ name, group: unit.group?.name ?? '', state: mark.state, points: mark.points },
    ...{ most: mostOf(activity), off: lateOff(activity, unit.key) },
    criteria: criteriaOf(activity, unit.key),
    comments: told(workOf(activity, unit.key).comment, ownOf(activity, id).comment),
  };
}

/** The slip of a group: its mark, and nothing of its members' own. */
export function slipOfGroup(activity: ActivityRecord, { key, group }: Unit): MarkSlip {
  const points = unitPoints(activity, key);
  const off = lateOff(activity, key);
  return {
    ...{ name: group?.name ?? '', group: '', state: points === null ? 'missing' : 'marked' },
    ...{ points: points === null ? null : Math.max(0, points - off), most: mostOf(activity), off },
    criteria: criteriaOf(activity, key),
    comments: told(workOf(activity, key).comment),
  };
}

function criteriaOf(activity: ActivityRecord, key: string): MarkSlip['criteria'] {
  const { criteria } = workOf(activity, key);
  return activity.criteria.flatMap(({ id, name, most }) => {
    const points = criteria[id];
    return points === undefined ? [] : [{ name, points, most }];
  });
}

function told(...comments: readonly string[]): readonly string[] {
  return comments.filter((one) => one !== '');
}
