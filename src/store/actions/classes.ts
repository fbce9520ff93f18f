import { emptyClass, type ClassRecord, type Detail } from '../../schema/classRecord';
import { withFreshIds } from '../../schema/freshIds';
import { ClassId, DetailId, LineupId, newId, SectionId, StudentId } from '../../schema/ids';
import { newLineup } from '../../schema/lineup';
import type { AppRecord } from '../../schema/records';
import type { StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';
import type { Change } from '../recordStore';
import { freeSign } from './classParts';

/** Makes a class with a first lineup in it, ready for a shuffle. */
export function createClass(store: AppStore, name: string, lineupName: string): ClassId {
  const id = newId(ClassId, 'c');
  store.history.act('createClass', ({ put }) => {
    putClass(put, emptyClass(id, name, new Date().toISOString()), lineupName);
  });
  return id;
}

function putClass(put: Change['put'], theClass: ClassRecord, lineupName: string): void {
  const lineupId = newId(LineupId, 'l');
  put({ ...theClass, openLineupId: lineupId });
  put(newLineup(lineupId, theClass.id, lineupName, theClass.createdAt));
}

export function renameClass(store: AppStore, id: ClassId, name: string): void {
  store.history.act('renameClass', ({ get, put }) => {
    const current = get('class', id);
    if (current) put({ ...current, name });
  });
}

/** Removes the class with all that belongs to it, as one step that can be undone. */
export function deleteClass(store: AppStore, id: ClassId): void {
  store.history.act('deleteClass', ({ get, all, remove }) => {
    belongingTo({ get, all }, id).forEach((record) => remove(record.id));
  });
}

/** The class and everything in it. */
export function belongingTo(
  { get, all }: Pick<Change, 'get' | 'all'>,
  id: ClassId,
): readonly AppRecord[] {
  const theClass = get('class', id);
  const parts = [...all('student'), ...all('rule'), ...all('lineup'), ...all('take')];
  return [...(theClass ? [theClass] : []), ...parts.filter(({ classId }) => classId === id)];
}

/** A second class with the same students, rules, lineups and takes, under another name. */
export function copyClass(store: AppStore, id: ClassId, name: string): void {
  store.history.act('copyClass', ({ get, all, put }) => {
    const createdAt = new Date().toISOString();
    withFreshIds(belongingTo({ get, all }, id)).forEach((record) =>
      put(record.record === 'class' ? { ...record, name, createdAt } : record),
    );
  });
}

/** What to do with a class from a file that is on the shelf already. */
export type BackupAnswer = 'replace' | 'copy';

/** Puts classes from files on the shelf as one step: as they are, in place of the one there, or as copies. */
export function openBackup(
  store: AppStore,
  classes: readonly { readonly records: readonly AppRecord[]; readonly answer: BackupAnswer }[],
): void {
  store.history.act('openBackup', ({ get, all, put, remove }) => {
    for (const { records, answer } of classes) {
      if (answer === 'replace') {
        const id = records.find(({ record }) => record === 'class')?.id as ClassId;
        belongingTo({ get, all }, id).forEach((record) => remove(record.id));
      }
      (answer === 'copy' ? withFreshIds(records) : records).forEach(put);
    }
  });
}

/** A class, or only some of its sections, to be pooled; null stands for students without a section. */
export interface PoolPart {
  readonly classId: ClassId;
  readonly sections: readonly (string | null)[] | 'all';
}

/**
 * One class of the students of several: each keeps the home class as a detail, sections and details of one name
 * become one, and the quiet rules among the pooled students come along. The classes themselves stay as they are.
 */
export function poolClasses(
  store: AppStore,
  parts: readonly PoolPart[],
  words: { readonly name: string; readonly lineupName: string; readonly homeClass: string },
  temporary: boolean,
): ClassId {
  const id = newId(ClassId, 'c');
  store.history.act('poolClasses', ({ get, all, put }) => {
    const home: Detail = {
      id: newId(DetailId, 'det'),
      name: words.homeClass,
      kind: 'category',
      levels: [],
    };
    let pooled: ClassRecord = {
      ...emptyClass(id, words.name, new Date().toISOString()),
      details: [home],
      temporary,
    };
    const newIdOf = new Map<StudentId, StudentId>();
    const students: StudentRecord[] = [];
    for (const { classId, sections } of parts) {
      const source = get('class', classId);
      if (!source) continue;
      const joined = joinClass(pooled, source);
      pooled = joined.pooled;
      for (const student of all('student')) {
        const chosen = sections === 'all' || sections.includes(student.sectionId);
        if (student.classId !== classId || student.left !== null || !chosen) continue;
        const studentId = newId(StudentId, 's');
        newIdOf.set(student.id, studentId);
        const details: StudentRecord['details'] = {};
        for (const [key, value] of Object.entries(student.details)) {
          details[joined.detailId.get(key) ?? key] = value;
        }
        students.push({
          ...student,
          id: studentId,
          classId: id,
          sectionId: joined.sectionId.get(student.sectionId ?? '') ?? null,
          details: { ...details, [home.id]: source.name },
          order: students.length + 1,
        });
      }
    }
    putClass(put, pooled, words.lineupName);
    const among = (ids: readonly StudentId[]): StudentId[] =>
      ids.flatMap((one) => newIdOf.get(one) ?? []);
    students.forEach((student) => put({ ...student, wishes: among(student.wishes) }));
    const rules = all('rule').filter(({ studentIds }) => among(studentIds).length > 1);
    withFreshIds(rules).forEach((rule, index) => {
      if (rule.record !== 'rule') return;
      put({ ...rule, classId: id, studentIds: among(rule.studentIds), order: index + 1 });
    });
  });
  return id;
}

/** The pooled class with room for the sections and details of one more, and where each of those went. */
function joinClass(pooled: ClassRecord, source: ClassRecord) {
  const sectionId = new Map<string, string>();
  const detailId = new Map<string, string>();
  let { sections, details } = pooled;
  for (const section of source.sections) {
    const same = sections.find(({ name }) => sameWord(name, section.name));
    const into = same ?? { ...section, id: newId(SectionId, 'sec'), sign: freeSign(sections) };
    if (!same) sections = [...sections, into];
    sectionId.set(section.id, into.id);
  }
  for (const detail of source.details) {
    const same = details.find(
      ({ name, kind }) => sameWord(name, detail.name) && kind === detail.kind,
    );
    const into = same ?? { ...detail, id: newId(DetailId, 'det') };
    if (!same) details = [...details, into];
    detailId.set(detail.id, into.id);
  }
  const skillLadder = [...new Set([...pooled.skillLadder, ...source.skillLadder])];
  const known = new Set(pooled.staff.map(({ name }) => name));
  const staff = [...pooled.staff, ...source.staff.filter(({ name }) => !known.has(name))];
  return { pooled: { ...pooled, sections, details, skillLadder, staff }, sectionId, detailId };
}

function sameWord(one: string, two: string): boolean {
  return one.toLocaleLowerCase() === two.toLocaleLowerCase();
}
