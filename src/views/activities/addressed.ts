'use client';

import { useMemo } from 'react';
import type { Unit } from '@/encode/activityUnits';
import { publicAddresses, type PublicAddresses } from '@/encode/publicLineup';
import type { ActivityRecord } from '@/schema/activity';
import type { LineupId } from '@/schema/ids';
import { LEAD, newGroup } from '@/schema/take';
import { adultsOf, classById, planOf, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';

/** Some groups of an activity, or students alone, as they leave by letter or hand-out: names, addresses, its instructions. */
export function useAddressed(
  activity: ActivityRecord,
  units: readonly Unit[],
): PublicAddresses | null {
  const { classId } = activity;
  const theClass = useQuery(classById, classId);
  const students = useQuery(studentsOf, classId);
  const plan = useQuery(planOf, activity.lineupId ?? ('' as LineupId));
  const adults = useQuery(adultsOf, classId);
  return useMemo(() => {
    if (!theClass) return null;
    const nameOf = new Map<string, string>(students.map(({ id, name }) => [id, name]));
    const groups = units.map(({ key, group, studentIds }) => {
      const [alone] = studentIds;
      return {
        ...newGroup(group?.name ?? nameOf.get(key) ?? '', group?.sign ?? 0, [...studentIds]),
        roles: group?.roles ?? (alone ? { [LEAD]: alone } : {}),
      };
    });
    // Whoever is away today is written to as well.
    const roll = students.map((student) => ({ ...student, here: student.left === null }));
    const lineup = { id: activity.lineupId ?? ('' as LineupId), name: activity.name };
    const addressed = publicAddresses(theClass, lineup, { groups }, roll, plan, adults);
    return { ...addressed, instructions: activity.instructions };
  }, [
    theClass,
    students,
    plan,
    adults,
    units,
    activity.lineupId,
    activity.name,
    activity.instructions,
  ]);
}
