import { createClass, deleteClass } from './actions/classes';
import { renameClass } from './actions/renameClass';
import { addStudent, editStudent } from './actions/students';
import { History, MOST_MARKS, SHELF, type MarkChanges } from './history';
import { allClasses, studentsOf } from './queries';
import { RecordStore } from './recordStore';
import { storeWith } from './testStore';
import { student } from '../encode/testBench';

function twoClasses() {
  const store = storeWith([]);
  const { history } = store;
  const [crew, lab] = ['Crew', 'Lab'].map((name) => createClass(store, name, 'Week 1'));
  const ana = addStudent(store, crew!, { name: 'Ana', email: '' });
  const bo = addStudent(store, lab!, { name: 'Bo', email: '' });
  const note = (id: typeof ana): string => store.records.get('student', id)?.note ?? 'gone';
  return { store, history, crew: crew!, lab: lab!, ana, bo, note };
}

test('undo takes back the newest step of the class that is open, and leaves other classes alone', () => {
  const { store, history, crew, lab, ana, bo, note } = twoClasses();
  editStudent(store, ana, { note: 'first' });
  editStudent(store, bo, { note: 'second' });
  expect(history.nextUndo(crew)).toBe('editStudent');
  expect(history.undo(crew)).toBe('editStudent');
  expect([note(ana), note(bo)]).toEqual(['', 'second']);
  expect(history.undo(crew)).toBe('addStudents');
  // How the class came to be is a matter of the shelf: it does not vanish under the hand.
  expect(history.undo(crew)).toBeNull();
  expect(history.undo(lab)).toBe('editStudent');
  expect(note(bo)).toBe('');
});

test('redo of a class outlives what is done in another, and ends with what is done in it', () => {
  const { store, history, crew, lab, ana, bo, note } = twoClasses();
  editStudent(store, ana, { note: 'first' });
  history.undo(crew);
  editStudent(store, bo, { note: 'second' });
  expect(history.redo(crew)).toBe('editStudent');
  expect(note(ana)).toBe('first');
  history.undo(crew);
  editStudent(store, ana, { note: 'other' });
  expect(history.nextRedo(crew)).toBeNull();
  expect(history.redo(lab)).toBeNull();
});

test('a step elsewhere is known by its place, and is left alone until it is asked for', () => {
  const { store, history, crew, lab, bo, note } = twoClasses();
  editStudent(store, bo, { note: 'second' });
  expect(history.next('undo')).toMatchObject({ label: 'editStudent', places: [lab] });
  expect(history.next('redo')).toBeNull();
  history.undo(lab);
  expect(note(bo)).toBe('');
  expect(history.next('redo')).toMatchObject({ label: 'editStudent', places: [lab] });
  expect(history.redo(crew)).toBeNull();
  deleteClass(store, crew);
  expect(history.next('undo')).toMatchObject({ label: 'deleteClass', places: [SHELF] });
  expect(history.next('undo')?.id).toBe(history.newest);
});

test('Escape takes back what an editor did since it was opened: steps of its kinds, and none before another', () => {
  const { history, ana, bo, store, note } = twoClasses();
  const edits = new Set(['editStudent'] as const);
  editStudent(store, ana, { note: 'before' });
  const opened = history.newest;
  expect(history.undoSince(opened, edits)).toBe(0);
  editStudent(store, ana, { note: 'one' });
  editStudent(store, bo, { note: 'two' });
  expect(history.undoSince(opened, edits)).toBe(2);
  expect([note(ana), note(bo)]).toEqual(['before', '']);
  expect(history.newest).toBe(opened);
  editStudent(store, ana, { note: 'three' });
  renameClass(store, store.records.all('class')[0]!.id, 'Other');
  editStudent(store, ana, { note: 'four' });
  expect(history.undoSince(opened, edits)).toBe(1);
  expect(note(ana)).toBe('three');
});

test('on the shelf undo brings classes back and takes nothing back inside of one', () => {
  const { store, history, crew, bo, note } = twoClasses();
  deleteClass(store, crew);
  editStudent(store, bo, { note: 'second' });
  expect(history.undo(SHELF)).toBe('deleteClass');
  expect(studentsOf(store.records, crew)).toHaveLength(1);
  expect(note(bo)).toBe('second');
});

test('a new name for a class is taken back in it and on the shelf', () => {
  for (const place of ['crew', 'shelf'] as const) {
    const { store, history, crew } = twoClasses();
    renameClass(store, crew, 'Bank crew');
    expect(history.undo(place === 'crew' ? crew : SHELF)).toBe('renameClass');
    expect(allClasses(store.records).map(({ name }) => name)).toEqual(['Crew', 'Lab']);
  }
});

test('steps taken back in one class and done again stand in their order among those of others', () => {
  const { store, history, crew, ana, bo, note } = twoClasses();
  editStudent(store, ana, { note: 'first' });
  editStudent(store, bo, { note: 'second' });
  history.undo(crew);
  history.redo(crew);
  expect(history.undo()).toBe('editStudent');
  expect([note(ana), note(bo)]).toEqual(['first', '']);
});

describe('steps as they are written', () => {
  const step = (history: History, name: string) =>
    history.act('editStudent', ({ put }) => put(student('Ana', 1, { name })));
  const listened = (clock: () => number) => {
    const history = new History(new RecordStore(), clock);
    const told: MarkChanges[] = [];
    const stop = history.listen((changes) => told.push(changes));
    return { history, told, stop };
  };

  test('grow in name with time, within a moment and after the clock was set back', () => {
    const times = [5000, 5000, 5000, 1000, 1000, 9000];
    const { history } = listened(() => times.shift() ?? 9000);
    const ids = 'abcdefg'.split('').map((name) => step(history, name)!);
    expect([...ids].sort()).toEqual(ids);
    expect(new Set(ids).size).toBe(ids.length);
    history.undo();
    history.undo();
    const later = step(history, 'z')!;
    expect([...ids, later].sort().at(-1)).toBe(later);
  });

  test('stay in the order of a later session when the clock was set back between them', () => {
    const first = listened(() => 8000);
    step(first.history, 'a');
    const [mark] = first.told.flatMap(({ put }) => put);
    const second = listened(() => 10);
    second.history.load([mark!]);
    expect(step(second.history, 'b')! > mark!.id).toBe(true);
  });

  test('are told as what to write and what to forget', () => {
    const { history, told, stop } = listened(() => 7);
    const one = step(history, 'a')!;
    history.undo();
    const two = step(history, 'b')!;
    expect(
      told.map(({ put, removed }) => [put.map(({ id, undone }) => [id, undone]), removed]),
    ).toEqual([
      [[[one, false]], []],
      [[[one, true]], []],
      [[[two, false]], [one]],
    ]);
    stop();
    step(history, 'c');
    expect(told).toHaveLength(3);
  });

  test('that change nothing are none', () => {
    const { history, told } = listened(() => 7);
    step(history, 'a');
    expect(step(history, 'a')).toBeNull();
    expect(told).toHaveLength(1);
    expect(history.undo('another class')).toBeNull();
    expect(history.redo()).toBeNull();
  });

  test('are kept up to their most; the oldest is forgotten for one more', () => {
    const { history, told } = listened(() => 7);
    const ids = Array.from({ length: MOST_MARKS + 2 }, (_, at) => step(history, `Name ${at}`)!);
    expect(told.flatMap(({ removed }) => removed)).toEqual(ids.slice(0, 2));
    for (let at = 0; at < MOST_MARKS; at += 1) expect(history.undo()).toBe('editStudent');
    expect(history.undo()).toBeNull();
  });

  test('tell what undo and redo would change, before they do', () => {
    const { history } = listened(() => 7);
    const one = step(history, 'a')!;
    expect(Object.keys(history.diffOfUndo()!.removed)).toEqual(['Ana']);
    expect(history.diffOfRedo()).toBeNull();
    expect([history.newest, history.isNewest(one)]).toEqual([one, true]);
    history.undo();
    expect(history.diffOfUndo()).toBeNull();
    expect(Object.keys(history.diffOfRedo()!.added)).toEqual(['Ana']);
    expect([history.newest, history.isNewest(one), history.undoStep(one)]).toEqual([
      ...[null, false, false],
    ]);
  });
});
