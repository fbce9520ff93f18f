import type { StudentId } from '../../schema/ids';
import type { StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';

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
