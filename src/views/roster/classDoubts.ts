import { doubtsAbout } from '@/formats/roster/check';
import type { RosterWarning, WarningKind } from '@/formats/roster/types';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { asRosterStudent } from '../frame/asRosterStudent';

/** Something doubtful about a student of the class that the teacher has not settled yet. */
export interface Doubt {
  readonly warning: RosterWarning;
  readonly student: StudentRecord;
  /** The other student of a pair that looks like one; null where the doubt is about one alone. */
  readonly other: StudentRecord | null;
  /** Under which it is remembered as settled. */
  readonly key: string;
}

export interface ClassDoubts {
  readonly all: readonly Doubt[];
  readonly ofStudent: ReadonlyMap<StudentId, readonly RosterWarning[]>;
}

const PAIRS: readonly WarningKind[] = ['sameName', 'sameAddress', 'sameNumber'];

/** What is doubtful in a class list, but for what the teacher has settled and for those who left. */
export function classDoubts(students: readonly StudentRecord[]): ClassDoubts {
  const inClass = students.filter(({ left }) => left === null);
  const all = doubtsAbout(inClass.map(asRosterStudent)).flatMap((warning): Doubt[] => {
    const student = inClass[warning.row - 1];
    if (!student) return [];
    const other = PAIRS.includes(warning.kind)
      ? (inClass[Number(warning.likely) - 1] ?? null)
      : null;
    const key = `${warning.kind}:${warning.given || student.name}`;
    return student.settled.includes(key) ? [] : [{ warning, student, other, key }];
  });
  const ofStudent = new Map<StudentId, RosterWarning[]>();
  all.forEach(({ warning, student, other }) => {
    for (const one of other ? [student, other] : [student]) {
      const own = ofStudent.get(one.id);
      if (own) own.push(warning);
      else ofStudent.set(one.id, [warning]);
    }
  });
  return { all, ofStudent };
}
