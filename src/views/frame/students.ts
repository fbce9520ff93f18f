'use client';

import { useMemo } from 'react';
import type { ClassId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { rollOf, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { maskStudents, useNameMask } from './masking';

/** Everybody on the class list, those who left included, under the names that are to be shown. */
export function useStudents(classId: ClassId): readonly StudentRecord[] {
  return useMasked(useQuery(studentsOf, classId));
}

/** The same with `here` telling who takes part today: what groups are made of. */
export function useRoll(classId: ClassId): readonly StudentRecord[] {
  return useMasked(useQuery(rollOf, classId));
}

function useMasked(students: readonly StudentRecord[]): readonly StudentRecord[] {
  const [mask] = useNameMask();
  return useMemo(() => maskStudents(students, mask), [students, mask]);
}
