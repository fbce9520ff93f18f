import type { LadderSkill, MasteryRule } from '../../schema/classRecord';
import { newId, ResultsId, type ClassId, type StudentId } from '../../schema/ids';
import type { ResultsRecord } from '../../schema/results';
import type { StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';

/** Sets the skills of a class in the order in which they are learned. */
export function setLadder(store: AppStore, id: ClassId, skillLadder: readonly LadderSkill[]): void {
  store.history.act('editLadder', ({ get, put }) => {
    const theClass = get('class', id);
    if (theClass) put({ ...theClass, skillLadder: [...skillLadder] });
  });
}

const plain = (name: string): string => name.trim().toLowerCase();

/** Gives a skill another name, with every question, adult and student of whom it is said by the old one. */
export function renameSkill(store: AppStore, id: ClassId, from: string, to: string): void {
  store.history.act('editLadder', ({ get, all, put }) => {
    const theClass = get('class', id);
    if (!theClass || from === to) return;
    // The list, its details, its tests and its adults may write one name in several ways.
    const renamed = (name: string): string => (plain(name) === plain(from) ? to : name);
    put({
      ...theClass,
      skillLadder: theClass.skillLadder.map((one) => ({ ...one, name: renamed(one.name) })),
      details: theClass.details.map((one) =>
        one.kind === 'skill' ? { ...one, name: renamed(one.name) } : one,
      ),
    });
    for (const results of all('results')) {
      if (results.classId !== id) continue;
      const items = results.items.map((item) => ({
        ...item,
        skill: item.skill === null ? null : renamed(item.skill),
      }));
      put({ ...results, items });
    }
    for (const adult of all('adult')) {
      if (adult.classId === id) put({ ...adult, skills: adult.skills.map(renamed) });
    }
    for (const student of all('student')) {
      const said = Object.keys(student.mastery).some((name) => plain(name) === plain(from));
      if (student.classId !== id || !said) continue;
      const mastery = Object.entries(student.mastery).map(([name, value]) => [
        renamed(name),
        value,
      ]);
      put({ ...student, mastery: Object.fromEntries(mastery) as StudentRecord['mastery'] });
    }
  });
}

export function setMasteryRule(store: AppStore, id: ClassId, masteryRule: MasteryRule): void {
  store.history.act('editLadder', ({ get, put }) => {
    const theClass = get('class', id);
    if (theClass) put({ ...theClass, masteryRule });
  });
}

/** Keeps what a class answered in a test; skills that its ladder does not have yet are put above the others. */
export function takeInResults(
  store: AppStore,
  classId: ClassId,
  test: Pick<ResultsRecord, 'name' | 'on' | 'items' | 'answers'>,
): void {
  store.history.act('takeInResults', ({ get, put }) => {
    const theClass = get('class', classId);
    if (!theClass) return;
    const known = new Set(theClass.skillLadder.map(({ name }) => plain(name)));
    const added = test.items.flatMap(({ skill }): LadderSkill[] => {
      if (skill === null || known.has(plain(skill))) return [];
      known.add(plain(skill));
      return [{ name: skill, text: '' }];
    });
    put({ ...theClass, skillLadder: [...theClass.skillLadder, ...added] });
    put({
      ...{ record: 'results', id: newId(ResultsId, 'rs'), classId, ...test },
      createdAt: new Date().toISOString(),
    });
  });
}

/** Changes a test: its name, its day, or which skill a question asks for. */
export function editResults(
  store: AppStore,
  id: ResultsId,
  change: Partial<Pick<ResultsRecord, 'name' | 'on' | 'items'>>,
): void {
  store.history.act('takeInResults', ({ get, put }) => {
    const results = get('results', id);
    if (results) put({ ...results, ...change });
  });
}

/** Sets what one student got for one question; null for no answer. */
export function setAnswer(
  store: AppStore,
  id: ResultsId,
  student: StudentId,
  item: number,
  points: number | null,
): void {
  store.history.act('takeInResults', ({ get, put }) => {
    const results = get('results', id);
    if (!results) return;
    const before = results.answers[student] ?? results.items.map(() => null);
    const answers = before.map((one, at) => (at === item ? points : one));
    put({ ...results, answers: { ...results.answers, [student]: answers } });
  });
}

export function removeResults(store: AppStore, id: ResultsId): void {
  store.history.act('takeInResults', ({ remove }) => remove(id));
}
