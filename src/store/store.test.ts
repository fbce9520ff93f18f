import fc from 'fast-check';
import { ClassId, StudentId } from '../schema/ids';
import type { AppRecord } from '../schema/records';
import { newStudent, type StudentRecord } from '../schema/student';
import { invert, type Diff } from './diff';
import { History, MOST_MARKS } from './history';
import { RecordStore } from './recordStore';

const classId = ClassId.parse('c');
const student = (i: number, name = `Name ${i}`): StudentRecord =>
  newStudent(StudentId.parse(`s${i}`), classId, i, { name, email: '' });
const snapshot = (store: RecordStore): readonly AppRecord[] =>
  [...store.all('student'), ...store.all('rule')].sort((a, b) => (a.id < b.id ? -1 : 1));

interface Step {
  readonly op: 'put' | 'rename' | 'remove' | 'undo' | 'redo';
  readonly i: number;
}
const steps = fc.array(
  fc.record<Step>({ op: fc.constantFrom('put', 'rename', 'remove', 'undo', 'redo'), i: fc.nat(5) }),
  { maxLength: 60 },
);

function act(history: History, { op, i }: Step, turn: number): void {
  history.act('editStudent', ({ get, put, remove }) => {
    const known = get('student', `s${i}`);
    if (op === 'put') put(student(i));
    else if (op === 'remove') remove(`s${i}`);
    else if (known) put({ ...known, name: `Turn ${turn}` });
  });
}

describe('undo and redo', () => {
  test('go back and forth through every state, whatever was done', () => {
    fc.assert(
      fc.property(steps, (script) => {
        const store = new RecordStore();
        const history = new History(store, () => 0);
        // The slow twin: whole states, one before each action.
        let past: (readonly AppRecord[])[] = [];
        let future: (readonly AppRecord[])[] = [];
        script.forEach((step, turn) => {
          const before = snapshot(store);
          if (step.op === 'undo') {
            const target = past.pop();
            if (target) future.push(before);
            history.undo();
            expect(snapshot(store)).toEqual(target ?? before);
          } else if (step.op === 'redo') {
            const target = future.pop();
            if (target) past.push(before);
            history.redo();
            expect(snapshot(store)).toEqual(target ?? before);
          } else {
            act(history, step, turn);
            if (JSON.stringify(snapshot(store)) === JSON.stringify(before)) return;
            past = [...past, before];
            future = [];
          }
        });
      }),
      { seed: 11, numRuns: 300 },
    );
  });

  test('an undo leaves alone what another tab has since changed in the same record', () => {
    const store = new RecordStore();
    const history = new History(store);
    store.change('load', ({ put }) => put(student(1, 'Ana')));
    history.act('editStudent', ({ put }) => put({ ...student(1, 'Ana'), name: 'Anna' }));
    store.change('tab', ({ get, put }) =>
      put({ ...get('student', 's1')!, email: 'a@example.org' }),
    );
    history.undo();
    expect(store.get('student', 's1')).toMatchObject({ name: 'Ana', email: 'a@example.org' });
  });

  test('a step is taken back by its own name while it is the newest, and not at all after that', () => {
    const store = new RecordStore();
    const history = new History(store);
    const first = history.act('addStudents', ({ put }) => put(student(1, 'Ana')))!;
    const second = history.act('addStudents', ({ put }) => put(student(2, 'Bo')))!;
    expect(history.act('addStudents', ({ put }) => put(student(2, 'Bo')))).toBeNull();
    expect([history.undoStep(first), history.isNewest(first)]).toEqual([false, false]);
    expect(store.all('student')).toHaveLength(2);
    expect(history.undoStep(second)).toBe(true);
    expect(history.undoStep(second)).toBe(false);
    expect(store.all('student').map(({ name }) => name)).toEqual(['Ana']);
  });

  test('marks survive a reload in their order, and only the newest are kept', () => {
    const store = new RecordStore();
    const history = new History(store, () => 0);
    const kept = new Map<string, Parameters<History['load']>[0][number]>();
    history.listen(({ put, removed }) => {
      put.forEach((mark) => kept.set(mark.id, mark));
      removed.forEach((id) => kept.delete(id));
    });
    for (let i = 0; i < MOST_MARKS + 5; i++) act(history, { op: 'put', i }, i);
    history.undo();
    expect(kept.size).toBe(MOST_MARKS);
    const again = new RecordStore();
    store.all('student').forEach((one) => again.change('load', ({ put }) => put(one)));
    const reloaded = new History(again, () => 0);
    reloaded.load([...kept.values()].reverse());
    reloaded.redo();
    expect(again.all('student')).toHaveLength(MOST_MARKS + 5);
    reloaded.undo();
    reloaded.undo();
    expect(again.get('student', `s${MOST_MARKS + 3}`)).toBeUndefined();
  });
});

describe('changes', () => {
  test('a change that throws half way changes nothing', () => {
    const store = new RecordStore();
    const fail = () =>
      store.change('user', ({ put }) => {
        put(student(1));
        throw new Error('half way');
      });
    expect(fail).toThrow('half way');
    expect(store.all('student')).toHaveLength(0);
  });

  test('writing what stands there already is no change, and nobody is told', () => {
    const store = new RecordStore();
    store.change('load', ({ put }) => put(student(1)));
    const told: Diff[] = [];
    store.listen((diff) => told.push(diff));
    store.change('user', ({ put }) => put(student(1)));
    expect(told).toEqual([]);
  });

  test('a diff and its inverse cancel out', () => {
    const store = new RecordStore();
    store.change('load', ({ put }) => [student(1), student(2)].forEach(put));
    const before = snapshot(store);
    const diff = store.change('user', ({ put, remove }) => {
      put(student(3));
      put(student(2, 'Renamed'));
      remove('s1');
    });
    store.apply(invert(diff), 'undo');
    expect(snapshot(store)).toEqual(before);
  });
});
