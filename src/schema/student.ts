import * as z from 'zod/mini';
import { ClassId, newId, StudentId, type DetailId, type SectionId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

/** What is known of a student in one detail; a missing one has no entry. */
export const DetailValue = z.union([z.number(), z.string(), z.boolean()]);
export type DetailValue = z.infer<typeof DetailValue>;

export const StudentRecord = z.object({
  record: z.literal('student'),
  id: StudentId,
  classId: ClassId,
  /** The whole name as shown. */
  name: z.string().check(z.minLength(1)),
  givenName: z.string(),
  familyName: z.string(),
  /** What the student is called in place of the given name; '' where that is the given name. */
  preferredName: z.string(),
  /** As the teacher gave it, even when malformed; '' when there is none. */
  email: z.string(),
  externalId: z.string(),
  sectionId: z.nullable(z.string()),
  /** detail id → value. */
  details: z.record(z.string(), DetailValue),
  /** skill → mastery from 0 to 100. */
  mastery: z.record(z.string(), z.number()),
  wishes: z.array(StudentId),
  /** Private. */
  note: z.string(),
  /** The day for which the student is said to be away; on any other day they are here. */
  awayOn: z.nullable(z.iso.date()),
  /** Takes part although a filter of the class leaves out students like this one. */
  inAnyway: z.boolean(),
  /** The day on which the student left the class; null while in it. Lineups keep those who left. */
  left: z.nullable(z.iso.date()),
  /** Doubts that the teacher has settled ("It is right"), by their keys, so that they are not asked again. */
  settled: z.array(z.string()),
  /** Place in the class list. */
  order: z.number(),
});
export type StudentRecord = z.infer<typeof StudentRecord>;

export const studentType: RecordType<StudentRecord> = {
  record: 'student',
  validator: StudentRecord,
  migrations: [
    {
      name: 'student/1 add preferred name, leaving, filters overruled and doubts settled',
      up: (data) => ({ ...data, preferredName: '', inAnyway: false, left: null, settled: [] }),
    },
    {
      name: 'student/2 let absence belong to a day',
      // Of which day it was nothing is known; a new day starts with everybody here.
      up: ({ here: _ofSomeDay, ...data }) => ({ ...data, awayOn: null }),
    },
  ],
  freshId: () => newId(StudentId, 's'),
  owner: ({ classId }) => classId,
  list: 'students',
  renamed: (student, to) => {
    const [id, classId] = [to.student(student.id), to.class(student.classId)];
    if (id === null || classId === null) return null;
    const details = Object.entries(student.details).flatMap(([key, value]) => {
      const detail = to.detail(key as DetailId);
      return detail === null ? [] : [[detail, value] as const];
    });
    return {
      ...student,
      id,
      classId,
      sectionId: student.sectionId && to.section(student.sectionId as SectionId),
      details: Object.fromEntries(details),
      wishes: renamedIds(student.wishes, to.student).filter((wish) => wish !== id),
    };
  },
  merging: {
    details: { each: 'whole' },
    mastery: { each: 'whole' },
    wishes: 'set',
    settled: 'set',
  },
};

/** A student as the roll of a day has them: whether they are dealt into groups then. */
export type RollStudent = StudentRecord & { readonly here: boolean };

/** A student of whom only the name, perhaps an address, is known. */
export function newStudent(
  id: StudentId,
  classId: ClassId,
  order: number,
  known: { readonly name: string; readonly email: string },
): StudentRecord {
  return {
    record: 'student',
    id,
    classId,
    name: known.name,
    givenName: '',
    familyName: '',
    preferredName: '',
    email: known.email,
    externalId: '',
    sectionId: null,
    details: {},
    mastery: {},
    wishes: [],
    note: '',
    awayOn: null,
    inAnyway: false,
    left: null,
    settled: [],
    order,
  };
}
