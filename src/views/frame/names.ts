'use client';

import { useMemo } from 'react';
import { shortNames } from '@/formats/shortNames';
import type { StudentRecord } from '@/schema/student';
import { say } from '@/messages';

/** student id → how the student is called. */
export type NameOf = (id: string) => string;

/** Short names for the teacher: given name and initial, all different. */
export function useTileNames(students: readonly StudentRecord[]): NameOf {
  return useNames(students, 'always');
}

/** Short names for the class: the given name alone wherever that is enough. */
export function useStageNames(students: readonly StudentRecord[]): NameOf {
  return useNames(students, 'whenNeeded');
}

function useNames(students: readonly StudentRecord[], initial: 'always' | 'whenNeeded'): NameOf {
  return useMemo(() => {
    const names = shortNames(students.map(asCalled), initial);
    const nameOfId = new Map<string, string>(students.map(({ id }, i) => [id, names[i] ?? '']));
    return (id) => nameOfId.get(id) ?? say.groups.goneStudent;
  }, [students, initial]);
}

/** The preferred name stands for the given one. */
function asCalled(student: StudentRecord): StudentRecord {
  return student.preferredName === '' ? student : { ...student, givenName: student.preferredName };
}
