import type { Unit } from '@/encode/activityUnits';
import { sharers, unitPoints, workOf } from '@/encode/marking';
import type { ActivityRecord } from '@/schema/activity';

/** Where the work of a group, or of somebody alone, stands. */
export type Standing = 'notYet' | 'toMark' | 'marked';
export const STANDINGS = ['notYet', 'toMark', 'marked'] as const;

/** Whether work is asked for: not of a group nobody of which took part, nor of somebody alone who is excused or was absent. */
export function isAsked(activity: ActivityRecord, unit: Unit): boolean {
  return sharers(activity, unit).length > 0;
}

/** Where it stands: a mark goes before what came in, since it can be given without. */
export function standingOf(activity: ActivityRecord, unit: Unit): Standing {
  const { key } = unit;
  // Where nothing is asked for, nothing is left to be done.
  if (isMarked(activity, key) || !isAsked(activity, unit)) return 'marked';
  return workOf(activity, key).came === null ? 'notYet' : 'toMark';
}

function isMarked(activity: ActivityRecord, key: string): boolean {
  return unitPoints(activity, key) !== null;
}
