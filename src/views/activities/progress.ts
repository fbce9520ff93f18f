import type { Unit } from '@/encode/activityUnits';
import { unitPoints, workOf } from '@/encode/marking';
import type { ActivityRecord } from '@/schema/activity';

/** Where the work of a group, or of somebody alone, stands. */
export type Standing = 'notYet' | 'toMark' | 'marked';
export const STANDINGS = ['notYet', 'toMark', 'marked'] as const;

/** Where it stands: a mark goes before what came in, since it can be given without. */
export function standingOf(activity: ActivityRecord, { key }: Unit): Standing {
  if (isMarked(activity, key)) return 'marked';
  return workOf(activity, key).came === null ? 'notYet' : 'toMark';
}

function isMarked(activity: ActivityRecord, key: string): boolean {
  return unitPoints(activity, key) !== null;
}
