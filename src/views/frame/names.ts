'use client';

import { useMemo } from 'react';
import type { PublicLineup } from '@/encode/publicLineup';
import { shortNames, toldApart, withoutNumber } from '@/formats/shortNames';
import type { ClassId } from '@/schema/ids';
import { NAMES_SHOWN, ROLES_SHOWN, type NamesShown } from '@/schema/shownNames';
import type { StudentRecord } from '@/schema/student';
import { say } from '@/messages';
import { classById } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useSetting } from './useDraft';

const NO_CLASS = '' as ClassId;

/** student id → how the student is called. */
export type NameOf = (id: string) => string;

/** How names are shown to a class, set once for it. */
export function useNamesShown(
  classId: ClassId,
): readonly [NamesShown, (names: NamesShown) => void] {
  return useSetting(NAMES_SHOWN, classId);
}

/** Whether leads and roles stand beside names before a class. */
export function useRolesShown(classId: ClassId): readonly [boolean, (shown: boolean) => void] {
  return useSetting(ROLES_SHOWN, classId);
}

/** A lineup for a class, with roles or without, as it is set. */
export function withRoles(lineup: PublicLineup, shown: boolean): PublicLineup {
  if (shown) return lineup;
  return {
    groups: lineup.groups.map((group) => ({
      ...group,
      members: group.members.map(({ name }) => ({ name, roles: [] })),
    })),
  };
}

/** Short names for the teacher: given name and initial, all different. */
export function useTileNames(students: readonly StudentRecord[]): NameOf {
  return useNames(students, 'initial');
}

/**
 * Names for the class, as it is set for it, or as they were shown; the given name alone, wherever that is enough, while
 * nothing is set.
 */
export function useStageNames(
  students: readonly StudentRecord[],
  classId: ClassId,
  as: NamesShown | null = null,
): NameOf {
  const [shown] = useNamesShown(classId);
  return useNames(students, as ?? shown);
}

function useNames(students: readonly StudentRecord[], shown: NamesShown): NameOf {
  const [one] = students;
  const sections = useQuery(classById, one?.classId ?? NO_CLASS)?.sections;
  return useMemo(() => {
    const nameOfSection = new Map<string, string>(
      (sections ?? []).map(({ id, name }) => [id, name]),
    );
    const apart = students.map(({ sectionId }) => nameOfSection.get(sectionId ?? '') ?? '');
    const names =
      shown === 'whole'
        ? toldApart(
            students.map(({ name }) => withoutNumber(name)),
            apart,
          )
        : shortNames(students.map(asCalled), shown === 'initial' ? 'always' : 'whenNeeded', apart);
    const nameOfId = new Map<string, string>(students.map(({ id }, i) => [id, names[i] ?? '']));
    return (id) => nameOfId.get(id) ?? say.frame.goneStudent;
  }, [students, shown, sections]);
}

/** The preferred name stands for the given one. */
function asCalled(student: StudentRecord): StudentRecord {
  return student.preferredName === '' ? student : { ...student, givenName: student.preferredName };
}
