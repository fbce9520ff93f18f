import type { RosterStudent } from '@/formats/roster/types';
import type { StudentRecord } from '@/schema/student';

/** A student of the class as a list would give it, so that the reader's checks serve for both. */
export function asRosterStudent(student: StudentRecord): RosterStudent {
  return {
    row: 0,
    givenName: student.givenName,
    familyName: student.familyName,
    preferredName: student.preferredName,
    displayName: student.name,
    email: student.email === '' ? null : student.email,
    externalId: student.externalId === '' ? null : student.externalId,
    section: null,
    attributes: {},
  };
}
