import { newId, StudentId, type ClassId } from '../../schema/ids';
import { newStudent, type StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';

/** A student to be added: a name and an address ('' when there is none). */
export interface NewStudent {
  readonly name: string;
  readonly email: string;
}

/** Adds students at the end of the class list. */
export function addStudents(store: AppStore, classId: ClassId, list: readonly NewStudent[]): void {
  store.history.act('addStudents', ({ all, put }) => {
    const orders = all('student').flatMap((one) => (one.classId === classId ? [one.order] : []));
    const next = orders.reduce((most, order) => Math.max(most, order), 0) + 1;
    list.forEach((known, index) =>
      put(newStudent(newId(StudentId, 's'), classId, next + index, known)),
    );
  });
}

export type StudentEdit = Partial<
  Pick<StudentRecord, 'name' | 'givenName' | 'familyName' | 'email'>
>;

export function editStudent(store: AppStore, id: StudentId, edit: StudentEdit): void {
  store.history.act('editStudent', ({ get, put }) => {
    const student = get('student', id);
    if (student) put({ ...student, ...edit });
  });
}

/** Says who is here; groups already made stay as they are. */
export function setHere(store: AppStore, ids: readonly StudentId[], here: boolean): void {
  store.history.act('attendance', ({ get, put }) => {
    ids.forEach((id) => {
      const student = get('student', id);
      if (student) put({ ...student, here });
    });
  });
}

/** Removes a student from the class and from its rules; a rule left with one student goes too. */
export function removeStudent(store: AppStore, id: StudentId): void {
  store.history.act('removeStudent', ({ all, put, remove }) => {
    remove(id);
    for (const rule of all('rule')) {
      if (!rule.studentIds.includes(id)) continue;
      const studentIds = rule.studentIds.filter((one) => one !== id);
      if (studentIds.length < 2) remove(rule.id);
      else put({ ...rule, studentIds });
    }
  });
}
