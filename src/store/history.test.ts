import { createClass, deleteClass } from './actions/classes';
import { renameClass } from './actions/renameClass';
import { addStudent, editStudent } from './actions/students';
import { SHELF } from './history';
import { allClasses, studentsOf } from './queries';
import { storeWith } from './testStore';

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
