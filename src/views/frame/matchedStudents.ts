import { matchStudents } from '@/formats/roster/merge';
import type { Roster } from '@/formats/roster/types';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { asRosterStudent } from './asRosterStudent';

/** Whom of a class each student of a list is, by number, address, then name; nobody where that is doubtful. */
export function matchedStudents(students: readonly StudentRecord[], roster: Roster) {
  const matches = matchStudents(students.map(asRosterStudent), roster.students);
  const idOf = (place: number): StudentId | null => {
    const match = matches[place];
    const student = match && !match.doubtful ? students[match.earlier] : undefined;
    return student?.id ?? null;
  };
  return {
    idOf,
    matched: roster.students.filter((_, place) => idOf(place) !== null).length,
    /** Names of those whom the class does not know. */
    unknown: roster.students.flatMap(({ displayName }, place) =>
      idOf(place) === null ? [displayName] : [],
    ),
  };
}
