import { BY_SECTION } from '../../schema/recipe';
import {
  withParts,
  type ClassRecord,
  type Detail,
  type LeaveOut,
  type NameOrder,
} from '../../schema/classRecord';
import { DetailId, LeaveOutId, newId, SectionId, type ClassId } from '../../schema/ids';
import type { DetailValue } from '../../schema/student';
import { wholeName } from '../../schema/wholeName';
import type { AppStore } from '../appStore';
import type { ActionLabel } from '../history';

/** Changes one class; the change sees the newest record. */
function edit(
  store: AppStore,
  label: ActionLabel,
  id: ClassId,
  change: (theClass: ClassRecord) => Partial<ClassRecord>,
): void {
  store.history.act(label, ({ get, put }) => {
    const theClass = get('class', id);
    if (theClass) put({ ...theClass, ...change(theClass) });
  });
}

export type ClassFacts = Partial<Pick<ClassRecord, 'term' | 'courseCode' | 'temporary'>>;

export function editClass(store: AppStore, id: ClassId, facts: ClassFacts): void {
  edit(store, 'editClass', id, () => facts);
}

/** Writes every whole name whose parts are known in the given order, as one step. */
export function setNameOrder(store: AppStore, id: ClassId, nameOrder: NameOrder): void {
  store.history.act('editClass', ({ get, all, put }) => {
    const theClass = get('class', id);
    if (!theClass) return;
    put({ ...theClass, nameOrder });
    for (const student of all('student')) {
      if (student.classId !== id || student.familyName === '') continue;
      put({ ...student, name: wholeName(student, nameOrder) });
    }
  });
}

/** Adds a section with a sign that no other has, and returns its id. */
export function addSection(store: AppStore, id: ClassId, name: string): string {
  const sectionId = newId(SectionId, 'sec');
  edit(store, 'editSections', id, ({ sections }) => ({
    sections: [...sections, { id: sectionId, name, sign: freeSign(sections) }],
  }));
  return sectionId;
}

/** The lowest sign that no section has yet. */
export function freeSign(sections: ClassRecord['sections']): number {
  const taken = new Set(sections.map(({ sign }) => sign));
  let sign = 0;
  while (taken.has(sign)) sign++;
  return sign;
}

export function renameSection(store: AppStore, id: ClassId, sectionId: string, name: string): void {
  edit(store, 'editSections', id, ({ sections }) => ({
    sections: sections.map((one) => (one.id === sectionId ? { ...one, name } : one)),
  }));
}

/** Removes a section; its students stay, without one. */
export function removeSection(store: AppStore, id: ClassId, sectionId: string): void {
  store.history.act('editSections', ({ get, all, put }) => {
    const theClass = get('class', id);
    if (!theClass) return;
    put({
      ...theClass,
      sections: theClass.sections.filter((one) => one.id !== sectionId),
      leaveOuts: theClass.leaveOuts.flatMap((filter) => withoutValue(filter, sectionId)),
    });
    for (const student of all('student')) {
      if (student.classId === id && student.sectionId === sectionId) {
        put({ ...student, sectionId: null });
      }
    }
  });
}

function withoutValue(filter: LeaveOut, sectionId: string): readonly LeaveOut[] {
  return withParts(filter, (part) => {
    if (part.by !== BY_SECTION) return part;
    const values = part.values.filter((one) => one !== sectionId);
    return values.length === 0 ? null : { ...part, values };
  });
}

export function addDetail(store: AppStore, id: ClassId, detail: Omit<Detail, 'id'>): void {
  edit(store, 'editDetails', id, ({ details }) => ({
    details: [...details, { ...detail, id: newId(DetailId, 'det') }],
  }));
}

/** Renames a detail or changes its kind or the order of its levels; values keep what they say. */
export function editDetail(
  store: AppStore,
  id: ClassId,
  detailId: string,
  change: Partial<Omit<Detail, 'id'>>,
  convert: (value: DetailValue) => DetailValue = (value) => value,
): void {
  store.history.act('editDetails', ({ get, all, put }) => {
    const theClass = get('class', id);
    if (!theClass) return;
    put({
      ...theClass,
      details: theClass.details.map((one) => (one.id === detailId ? { ...one, ...change } : one)),
    });
    for (const student of all('student')) {
      const value = student.details[detailId];
      if (student.classId !== id || value === undefined) continue;
      put({ ...student, details: { ...student.details, [detailId]: convert(value) } });
    }
  });
}

/** Removes a detail with what it says of every student. */
export function removeDetail(store: AppStore, id: ClassId, detailId: string): void {
  store.history.act('editDetails', ({ get, all, put }) => {
    const theClass = get('class', id);
    if (!theClass) return;
    put({
      ...theClass,
      details: theClass.details.filter((one) => one.id !== detailId),
      leaveOuts: theClass.leaveOuts.flatMap((filter) =>
        withParts(filter, (part) => (part.by === detailId ? null : part)),
      ),
    });
    for (const student of all('student')) {
      if (student.classId !== id || !(detailId in student.details)) continue;
      const { [detailId]: _value, ...details } = student.details;
      put({ ...student, details });
    }
  });
}

export function addLeaveOut(
  store: AppStore,
  id: ClassId,
  filter: Pick<LeaveOut, 'when' | 'parts'>,
): void {
  edit(store, 'editFilters', id, ({ leaveOuts }) => ({
    leaveOuts: [...leaveOuts, { ...filter, id: newId(LeaveOutId, 'out'), on: true }],
  }));
}

export function switchLeaveOut(store: AppStore, id: ClassId, filterId: string, on: boolean): void {
  edit(store, 'editFilters', id, ({ leaveOuts }) => ({
    leaveOuts: leaveOuts.map((one) => (one.id === filterId ? { ...one, on } : one)),
  }));
}

export function removeLeaveOut(store: AppStore, id: ClassId, filterId: string): void {
  edit(store, 'editFilters', id, ({ leaveOuts }) => ({
    leaveOuts: leaveOuts.filter((one) => one.id !== filterId),
  }));
}

export function setStaff(store: AppStore, id: ClassId, staff: ClassRecord['staff']): void {
  edit(store, 'editStaff', id, () => ({ staff }));
}

/** Sets the roles that groups of the class may have beside the lead. */
export function setRoles(store: AppStore, id: ClassId, roles: readonly string[]): void {
  edit(store, 'giveRoles', id, () => ({ roles: [...roles] }));
}

/** Sets the words after which groups are called; none gives the usual ones back. */
export function setGroupWords(store: AppStore, id: ClassId, words: readonly string[]): void {
  edit(store, 'nameGroups', id, () => ({ groupNames: [...words] }));
}
