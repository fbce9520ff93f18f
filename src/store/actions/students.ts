import { wholeName } from '../../schema/wholeName';
import { newId, StudentId, type ClassId } from '../../schema/ids';
import { filtersOn } from '../../schema/presence';
import { newStudent, type StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';
import type { Change } from '../recordStore';
import { forget, withStudentReplaced } from './references';

export type StudentEdit = Partial<
  Pick<
    StudentRecord,
    | 'name'
    | 'givenName'
    | 'familyName'
    | 'preferredName'
    | 'email'
    | 'externalId'
    | 'sectionId'
    | 'note'
    | 'wishes'
  >
>;

/** Adds one student at the end of the list: in lineups already made, a newcomer stands aside. */
export function addStudent(
  store: AppStore,
  classId: ClassId,
  known: { readonly name: string; readonly email: string },
): StudentId {
  const id = newId(StudentId, 's');
  store.history.act('addStudents', ({ all, put }) => {
    put(newStudent(id, classId, nextOrder(all, classId), known));
  });
  return id;
}

/** The place after the last student of the class. */
export function nextOrder(all: Change['all'], classId: ClassId): number {
  const orders = all('student').flatMap((one) => (one.classId === classId ? [one.order] : []));
  return orders.reduce((most, order) => Math.max(most, order), 0) + 1;
}

/** Changes what is known of a student; a changed part of the name changes the whole name with it. */
export function editStudent(store: AppStore, id: StudentId, edit: StudentEdit): void {
  store.history.act('editStudent', ({ get, put }) => {
    const student = get('student', id);
    if (!student) return;
    const next = { ...student, ...edit };
    const inParts = 'givenName' in edit || 'familyName' in edit || 'preferredName' in edit;
    const order = get('class', student.classId)?.nameOrder ?? 'givenFirst';
    const name =
      inParts && edit.name === undefined ? wholeName(splitWhole(next), order) : next.name;
    put({ ...next, name: name || student.name });
  });
}

/** A name known only whole counts as the given name until its parts are told. */
function splitWhole(student: StudentRecord): StudentRecord {
  const known = student.givenName !== '' || student.familyName !== '';
  return known ? student : { ...student, givenName: student.name };
}

/** Sets or clears (null) one detail of several students. */
export function setDetail(
  store: AppStore,
  ids: readonly StudentId[],
  detailId: string,
  value: string | number | boolean | null,
): void {
  store.history.act('editStudent', ({ get, put }) => {
    ids.forEach((id) => {
      const student = get('student', id);
      if (!student) return;
      const { [detailId]: _old, ...others } = student.details;
      put({ ...student, details: value === null ? others : { ...others, [detailId]: value } });
    });
  });
}

/** Says who takes part on a day, filters overruled where need be; groups already made stay as they are. */
export function setTakesPart(
  store: AppStore,
  ids: readonly StudentId[],
  part: boolean,
  day: string,
): void {
  store.history.act('attendance', ({ get, put }) => {
    ids.forEach((id) => {
      const student = get('student', id);
      const theClass = student && get('class', student.classId);
      if (!theClass) return;
      const filtered = filtersOn(student, theClass).length > 0;
      if (part) put({ ...student, awayOn: null, inAnyway: filtered });
      else if (filtered && student.awayOn !== day) put({ ...student, inAnyway: false });
      else put({ ...student, awayOn: day });
    });
  });
}

/** Marks students who have left: their rules and lineups keep them, they are dealt no more, and may be restored. */
export function leaveClass(store: AppStore, ids: readonly StudentId[], day: string): void {
  store.history.act('leaveClass', ({ get, put }) => {
    ids.forEach((id) => {
      const student = get('student', id);
      if (student) put({ ...student, left: day });
    });
  });
}

export function restoreStudent(store: AppStore, id: StudentId): void {
  store.history.act('restoreStudent', ({ get, put }) => {
    const student = get('student', id);
    if (student) put({ ...student, left: null, awayOn: null });
  });
}

/** Deletes a student with every mention; a rule left with one student goes too. */
export function deleteStudent(store: AppStore, id: StudentId): void {
  store.history.act('deleteStudent', (change) => {
    forget(change, { student: (one) => (one === id ? null : one) });
  });
}

/** Makes one student of two rows: what the kept one does not say is taken from the other, everywhere. */
export function mergeStudents(store: AppStore, keptId: StudentId, otherId: StudentId): void {
  store.history.act('mergeStudents', (change) => {
    const [kept, other] = [change.get('student', keptId), change.get('student', otherId)];
    if (!kept || !other) return;
    change.put({
      ...kept,
      givenName: kept.givenName || other.givenName,
      familyName: kept.familyName || other.familyName,
      preferredName: kept.preferredName || other.preferredName,
      email: kept.email || other.email,
      externalId: kept.externalId || other.externalId,
      sectionId: kept.sectionId ?? other.sectionId,
      details: { ...other.details, ...kept.details },
      mastery: { ...other.mastery, ...kept.mastery },
      wishes: [...new Set([...kept.wishes, ...other.wishes])].filter(
        (id) => id !== keptId && id !== otherId,
      ),
      note: [kept.note, other.note].filter(Boolean).join('\n'),
      settled: [...new Set([...kept.settled, ...other.settled])],
    });
    withStudentReplaced(change, otherId, keptId);
  });
}

/** Remembers that the teacher has looked at a doubt and it is right. */
export function settleDoubt(store: AppStore, ids: readonly StudentId[], key: string): void {
  store.history.act('settleDoubt', ({ get, put }) => {
    ids.forEach((id) => {
      const student = get('student', id);
      if (student && !student.settled.includes(key)) {
        put({ ...student, settled: [...student.settled, key] });
      }
    });
  });
}
