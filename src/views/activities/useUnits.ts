'use client';

import { useMemo } from 'react';
import { isAlone, type ActivityRecord } from '@/schema/activity';
import { unitsOf, type Unit } from '@/encode/activityUnits';
import type { LineupId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { shownTake } from '@/store/queries';
import type { RecordStore } from '@/store/recordStore';
import { useQuery } from '@/store/react';

/** What an activity has marks for, the same object until its groups or the class change. */
export function useUnits(
  activity: ActivityRecord,
  students: readonly StudentRecord[],
): readonly Unit[] {
  const take = useQuery(shownTake, activity.lineupId ?? ('' as LineupId));
  const { groups, lineupId } = activity;
  const shown = groups === null ? take?.groups : undefined;
  const stay = isAlone(activity)
    ? students.flatMap(({ id, left }) => (left !== null && activity.work[id] ? [id] : [])).join()
    : '';
  return useMemo(
    () => unitsOf(activity, shown, students),
    // Of what came of it only who left matters (`stay`).
    [groups, lineupId, shown, students, stay],
  );
}

/** The same for several activities at once, without waiting for changes of one. */
export function unitsNow(
  records: RecordStore,
  activity: ActivityRecord,
  students: readonly StudentRecord[],
): readonly Unit[] {
  const take = activity.lineupId === null ? undefined : shownTake(records, activity.lineupId);
  return unitsOf(activity, take?.groups, students);
}
