import type { RosterStudent } from '@/formats/roster/types';
import type { StudentRecord } from '@/schema/student';

const made = new WeakMap<StudentRecord, RosterStudent>();

/** A student of the class as a list would give it, so that the reader's checks serve for both; the same while unchanged. */
export function asRosterStudent(student: StudentRecord): RosterStudent {
  const known = made.get(student) ?? rosterStudent(student);
  made.set(student, known);
  return known;
}

function rosterStudent(student: StudentRecord): RosterStudent {
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
