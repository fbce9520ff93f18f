import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { readBackup, writeBackup, writeClassFile } from '../schema/classFile';
import {
  addDetail,
  addLeaveOut,
  addSection,
  editClass,
  editDetail,
  freeSign,
  removeDetail,
  removeSection,
  renameSection,
  setNameOrder,
  setStaff,
} from './actions/classParts';
import { belongingTo, createClass } from './actions/classes';
import { renameClass } from './actions/renameClass';
import { addStudent, editStudent, leaveClass, setDetail, setTakesPart } from './actions/students';
import { openAppStore, type AppStore } from './appStore';
import { classById, rollOf, studentsOf } from './queries';

async function open(): Promise<AppStore> {
  const opened = await openAppStore({
    name: `parts-${Math.floor(performance.now() * 1e6)}`,
    channel: null,
    firstRecords: () => Promise.resolve([]),
    hasStorage: true,
    onEnded: () => undefined,
  });
  if (opened.state !== 'ready') throw new Error(opened.state);
  return opened.store;
}

function crew(store: AppStore, names: readonly string[]) {
  const classId = createClass(store, 'Crew', 'Week 1');
  const ids = names.map((name) => addStudent(store, classId, { name, email: '' }));
  return { classId, ids, theClass: () => classById(store.records, classId)! };
}

test('names are written anew in the chosen order, single names left as they are, and undone as one step', async () => {
  const store = await open();
  const { classId, ids } = crew(store, ['Mai', 'Yuki']);
  editStudent(store, ids[0]!, { givenName: 'Mai', familyName: 'Nguyen' });
  const names = () => studentsOf(store.records, classId).map(({ name }) => name);
  setNameOrder(store, classId, 'familyComma');
  expect(names()).toEqual(['Nguyen, Mai', 'Yuki']);
  editStudent(store, ids[0]!, { preferredName: 'May' });
  expect(names()).toEqual(['Nguyen, May', 'Yuki']);
  store.history.undo();
  store.history.undo();
  expect(names()).toEqual(['Mai Nguyen', 'Yuki']);
  await store.close();
});

test('a section keeps its sign when others go, and a new one takes a free sign', async () => {
  const store = await open();
  const { classId, theClass } = crew(store, []);
  const north = addSection(store, classId, 'North');
  addSection(store, classId, 'South');
  removeSection(store, classId, north);
  expect(theClass().sections.map(({ name, sign }) => [name, sign])).toEqual([['South', 1]]);
  expect(freeSign(theClass().sections)).toBe(0);
  addSection(store, classId, 'West');
  renameSection(store, classId, theClass().sections[1]!.id, 'East');
  expect(theClass().sections.map(({ name, sign }) => [name, sign])).toEqual([
    ['South', 1],
    ['East', 0],
  ]);
  await store.close();
});

test('a detail that goes takes its values and filters along, and undo brings all of it back', async () => {
  const store = await open();
  const { classId, ids, theClass } = crew(store, ['Amira', 'Bram']);
  addDetail(store, classId, { name: 'swims', kind: 'yesNo', levels: [] });
  const detail = theClass().details[0]!.id;
  setDetail(store, ids, detail, 'no');
  addLeaveOut(store, classId, { when: 'any', parts: [{ by: detail, values: ['no'] }] });
  const here = () => rollOf(store.records, classId, '2026-10-15').filter((one) => one.here).length;
  expect(here()).toBe(0);
  removeDetail(store, classId, detail);
  expect([here(), theClass().details, studentsOf(store.records, classId)[0]!.details]).toEqual([
    2,
    [],
    {},
  ]);
  store.history.undo();
  expect(here()).toBe(0);
  await store.close();
});

test('another kind of detail converts what can be read so, and keeps the rest as it was', async () => {
  const store = await open();
  const { classId, ids, theClass } = crew(store, ['Amira', 'Bram', 'Chipo']);
  addDetail(store, classId, { name: 'score', kind: 'category', levels: [] });
  const detail = theClass().details[0]!.id;
  setDetail(store, [ids[0]!], detail, '7');
  setDetail(store, [ids[1]!], detail, 'seven');
  editDetail(store, classId, detail, { kind: 'number' }, (value) => (value === '7' ? 7 : value));
  expect(theClass().details[0]!.kind).toBe('number');
  expect(studentsOf(store.records, classId).map(({ details }) => details[detail])).toEqual([
    7,
    'seven',
    undefined,
  ]);
  await store.close();
});

test('any class comes back exactly from its file, and every edit from undo', async () => {
  const store = await open();
  const { classId, ids } = crew(store, ['Amira', 'Bram', 'Chipo']);
  const text = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 8 });
  const edit = fc.oneof(
    text.map((name) => () => renameClass(store, classId, name)),
    text.map((term) => () => editClass(store, classId, { term })),
    text.map((name) => () => void addSection(store, classId, name)),
    text.map((name) => () => addDetail(store, classId, { name, kind: 'category', levels: [name] })),
    text.map((note) => () => editStudent(store, ids[1]!, { note, wishes: [ids[0]!] })),
    text.map((name) => () => editStudent(store, ids[2]!, { familyName: name })),
    text.map((name) => () => setStaff(store, classId, [{ name, email: null, role: '' }])),
    text.map((value) => () => setDetail(store, ids, 'free', value)),
    fc.boolean().map((part) => () => setTakesPart(store, [ids[0]!], part, '2026-10-15')),
    fc.constant(() => leaveClass(store, [ids[2]!], '2026-10-15')),
  );
  const whole = () => writeClassFile(belongingTo(store.records, classId));
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 6 }), (edits) => {
      const before = JSON.stringify(whole());
      let steps = 0;
      for (const run of edits) {
        const state = JSON.stringify(whole());
        run();
        if (JSON.stringify(whole()) !== state) steps++;
      }
      const file: unknown = JSON.parse(JSON.stringify(writeBackup([whole()])));
      const read = readBackup(file);
      expect(read.ok && [...read.classes[0]!].sort(byId)).toEqual(
        [...belongingTo(store.records, classId)].sort(byId),
      );
      for (let step = 0; step < steps; step++) store.history.undo();
      expect(JSON.stringify(whole())).toBe(before);
    }),
    { seed: 41, numRuns: 60 },
  );
  await store.close();
});

const byId = (one: { readonly id: string }, two: { readonly id: string }): number =>
  one.id < two.id ? -1 : 1;
