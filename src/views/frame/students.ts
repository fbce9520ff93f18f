'use client';

import { useMemo } from 'react';
import type { ClassId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { ShownAs } from '@/schema/scene';
import type { RollStudent, StudentRecord } from '@/schema/student';
import { rollOf, rollOfLineup, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { maskStudents, useNameMask } from './masking';
import { useToday } from './useToday';

/** Everybody on the class list, those who left included, under the names that are to be shown. */
export function useStudents(classId: ClassId): readonly StudentRecord[] {
  return useMasked(useQuery(studentsOf, classId));
}

/**
 * The same with `here` telling who takes part: today, or, in a lineup that was used on another day, then. What groups
 * are made of.
 */
export function useRoll(
  classId: ClassId,
  lineup: LineupRecord | undefined,
): readonly RollStudent[] {
  return useMasked(useRealRoll(classId, lineup));
}

/** The same, called as they were called when they were shown; whoever was not shown as they are called now. */
export function useRollAs(
  classId: ClassId,
  lineup: LineupRecord | undefined,
  as: ShownAs['students'] | undefined,
): readonly RollStudent[] {
  const real = useRealRoll(classId, lineup);
  const called = useMemo(() => {
    if (!as) return real;
    const shown = new Map(as.map((student) => [student.id, student]));
    return real.map((student) => ({ ...student, ...shown.get(student.id) }));
  }, [real, as]);
  return useMasked(called);
}

/** The same under the real names: what files hold. */
export function useRealRoll(
  classId: ClassId,
  lineup: LineupRecord | undefined,
): readonly RollStudent[] {
  const day = useToday();
  const ofToday = useQuery(rollOf, classId, day);
  const ofLineup = useQuery(rollOfLineup, lineup?.id ?? ('' as LineupRecord['id']), day);
  return lineup ? ofLineup : ofToday;
}

function useMasked<S extends StudentRecord>(students: readonly S[]): readonly S[] {
  const [mask] = useNameMask();
  return useMemo(() => maskStudents(students, mask), [students, mask]);
}
