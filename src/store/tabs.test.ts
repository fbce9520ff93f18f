import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { StudentId } from '../schema/ids';
import type { AppRecord } from '../schema/records';
import { newGroup } from '../schema/take';
import { createClass, deleteClass } from './actions/classes';
import { renameClass } from './actions/renameClass';
import { addDetail, addSection } from './actions/classParts';
import { choose, keepDraft } from './actions/drafts';
import { changeRecipe, setPinned } from './actions/lineups';
import { addRule } from './actions/rules';
import { addStudent, deleteStudent, editStudent, setDetail } from './actions/students';
import {
  addTake,
  lockGroup,
  moveStudents,
  renameGroup,
  starTake,
  swapStudents,
} from './actions/takes';
import type { AppStore } from './appStore';
import { DATABASE_VERSION } from './database';
import { lineupsOf, shownTake, studentsOf } from './queries';
import { openStore, settled, testChannel } from './testTabs';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

const byId = (records: readonly AppRecord[]): object =>
  Object.fromEntries(
    [...records].sort((a, b) => (a.id < b.id ? -1 : 1)).map((one) => [one.id, one]),
  );

async function onDisk(name: string): Promise<readonly AppRecord[]> {
  const db = await openDB(name, DATABASE_VERSION);
  const stored = (await db.getAll('records')) as { data: AppRecord }[];
  db.close();
  return stored.map(({ data }) => data);
}

/** Tabs over one class of six in two groups. */
async function tabsOf(name: string, count: number) {
  const channel = testChannel();
  const tabs: AppStore[] = [];
  for (let i = 0; i < count; i++) tabs.push(await openStore(name, { channel }));
  const [first] = tabs as [AppStore];
  const classId = createClass(first, 'Crew', 'Week 1');
  const ids = ['Ana', 'Bo', 'Caro', 'Dov', 'Eli', 'Fay'].map((one) =>
    addStudent(first, classId, { name: one, email: '' }),
  );
  const [lineup] = lineupsOf(first.records, classId);
  addTake(first, lineup!.id, 1, [
    newGroup('Alder', 0, ids.slice(0, 3)),
    newGroup('Willow', 1, ids.slice(3)),
  ]);
  await settled(tabs);
  return { tabs, classId, ids, lineup: lineup! };
}

const seats = (store: AppStore, lineupId: string): string[][] =>
  shownTake(store.records, lineupId as never)!.groups.map(({ studentIds }) =>
    studentIds.map((id) => store.records.get('student', id)?.name ?? '?'),
  );

test('edits of two tabs in the same moment are joined, seat by seat and field by field', async () => {
  const { tabs, ids, lineup } = await tabsOf('joined', 2);
  const [one, two] = tabs as [AppStore, AppStore];
  const takeId = shownTake(one.records, lineup.id)!.id;
  moveStudents(one, takeId, [ids[0]!], 1);
  renameGroup(one, takeId, 0, 'Heron');
  editStudent(one, ids[5]!, { email: 'fay@example.org' });
  moveStudents(two, takeId, [ids[3]!], 0);
  lockGroup(two, takeId, 0, true);
  editStudent(two, ids[5]!, { note: 'left-handed' });
  setPinned(two, lineup.id, [ids[1]!], true);
  await settled(tabs);
  for (const tab of tabs) {
    expect(seats(tab, lineup.id)).toEqual([
      ['Bo', 'Caro', 'Dov'],
      ['Eli', 'Fay', 'Ana'],
    ]);
    const [alder] = shownTake(tab.records, lineup.id)!.groups;
    expect([alder!.name, alder!.locked]).toEqual(['Heron', true]);
    expect(tab.records.get('student', ids[5]!)).toMatchObject({
      email: 'fay@example.org',
      note: 'left-handed',
    });
    expect(tab.records.get('lineup', lineup.id)?.pinned).toEqual([ids[1]]);
  }
});

test('undo of a move takes back that move alone, not what another tab has moved since', async () => {
  const { tabs, ids, lineup } = await tabsOf('undo', 2);
  const [one, two] = tabs as [AppStore, AppStore];
  const takeId = shownTake(one.records, lineup.id)!.id;
  moveStudents(one, takeId, [ids[0]!], 1);
  await settled(tabs);
  moveStudents(two, takeId, [ids[4]!], 0);
  await settled(tabs);
  one.history.undo();
  await settled(tabs);
  for (const tab of tabs) {
    expect(seats(tab, lineup.id).map((names) => names.sort())).toEqual([
      ['Ana', 'Bo', 'Caro', 'Eli'],
      ['Dov', 'Fay'],
    ]);
    expect(shownTake(tab.records, lineup.id)!.dealt).not.toBeNull();
  }
  two.history.undo();
  await settled(tabs);
  expect(seats(one, lineup.id).map((names) => names.sort())).toEqual([
    ['Ana', 'Bo', 'Caro'],
    ['Dov', 'Eli', 'Fay'],
  ]);
  expect(shownTake(one.records, lineup.id)!.dealt).toBeNull();
});

test('of two edits of the same thing one stands, the same one in every tab and on the disk', async () => {
  const { tabs, classId } = await tabsOf('conflict', 3);
  tabs.forEach((tab, i) => renameClass(tab, classId, `Crew ${i}`));
  await settled(tabs);
  const names = tabs.map((tab) => tab.records.get('class', classId)!.name);
  expect(new Set(names).size).toBe(1);
  const [stored] = (await onDisk('conflict')).filter(({ record }) => record === 'class');
  expect(stored).toMatchObject({ name: names[0] });
});

test('a change of what another tab has deleted brings nothing back', async () => {
  const { tabs, ids } = await tabsOf('gone', 2);
  const [one, two] = tabs as [AppStore, AppStore];
  deleteStudent(one, ids[0]!);
  editStudent(two, ids[0]!, { note: 'still typing' });
  await settled(tabs);
  tabs.forEach((tab) => expect(tab.records.get('student', ids[0]!)).toBeUndefined());
  expect((await onDisk('gone')).map(({ id }) => id)).not.toContain(ids[0]);
});

test('a class deleted while another tab works in it leaves nothing behind', async () => {
  const { tabs, classId, ids, lineup } = await tabsOf('deleted', 3);
  const [one, two, three] = tabs as [AppStore, AppStore, AppStore];
  keepDraft(two, { of: 'paste', classId }, 'half a list');
  keepDraft(two, { of: 'note', classId, studentId: ids[1]! }, '=private');
  choose(two, { name: 'columns', shape: undefined as never, usual: null }, classId, null);
  await settled(tabs);
  deleteClass(one, classId);
  addTake(two, lineup.id, 9, [newGroup('Rush', 0, ids)]);
  addRule(two, classId, 'apart', ids.slice(0, 2));
  keepDraft(three, { of: 'paste', classId }, 'half another list');
  addSection(three, classId, 'North');
  await settled(tabs);
  tabs.forEach((tab) => expect(tab.records.every()).toEqual([]));
  expect(await onDisk('deleted')).toEqual([]);
  one.history.undo();
  await settled(tabs);
  expect(studentsOf(three.records, classId)).toHaveLength(6);
  expect(two.records.all('draft')).toHaveLength(2);
});

test('a failed write that is tried again keeps what another tab wrote since', async () => {
  const { tabs, ids } = await tabsOf('again', 2);
  const [one, two] = tabs as [AppStore, AppStore];
  const { transaction } = IDBDatabase.prototype;
  editStudent(one, ids[0]!, { note: 'from one' });
  IDBDatabase.prototype.transaction = () => {
    throw new DOMException('disk full', 'QuotaExceededError');
  };
  await one.saver.flush();
  expect(one.saver.status).toEqual({ state: 'failed', attempts: 1 });
  IDBDatabase.prototype.transaction = transaction;
  editStudent(two, ids[0]!, { email: 'ana@example.org' });
  await settled(tabs);
  expect(one.saver.status).toEqual({ state: 'saved' });
  const both = { note: 'from one', email: 'ana@example.org' };
  tabs.forEach((tab) => expect(tab.records.get('student', ids[0]!)).toMatchObject(both));
  const stored = (await onDisk('again')).find(({ id }) => id === ids[0]);
  expect(stored).toMatchObject(both);
});

test.each([1, 2, 3])(
  'after 300 random edits in three tabs every tab and the disk agree in every record (seed %i)',
  async (seed) => {
    const name = `random ${seed}`;
    const { tabs, classId, lineup } = await tabsOf(name, 3);
    const rng = rngFromSeed(seed);
    const pick = <T>(list: readonly T[]): T => list[uniformInt(rng, list.length)] as T;
    for (let step = 0; step < 300; step++) {
      const tab = pick(tabs);
      const ids = studentsOf(tab.records, classId).map(({ id }) => id);
      const take = shownTake(tab.records, lineup.id);
      if (!take || ids.length < 3) continue;
      const student = (): StudentId => pick(ids);
      const edits: readonly (() => void)[] = [
        () => moveStudents(tab, take.id, [student(), student()], uniformInt(rng, 2)),
        () => moveStudents(tab, take.id, [student()], null),
        () => swapStudents(tab, take.id, student(), student()),
        () => renameGroup(tab, take.id, uniformInt(rng, 2), `Name ${step}`),
        () => lockGroup(tab, take.id, uniformInt(rng, 2), uniformInt(rng, 2) === 0),
        () => starTake(tab, take.id, uniformInt(rng, 2) === 0),
        () => addTake(tab, lineup.id, step, [newGroup('A', 0, ids.slice(0, 2))]),
        () => editStudent(tab, student(), { note: `Note ${step}` }),
        () => setDetail(tab, [student()], 'd', step),
        () => addStudent(tab, classId, { name: `New ${step}`, email: '' }),
        () => deleteStudent(tab, student()),
        () => addRule(tab, classId, 'apart', [student(), student()]),
        () => setPinned(tab, lineup.id, [student()], uniformInt(rng, 2) === 0),
        () => changeRecipe(tab, lineup.id, { sizing: { by: 'count', count: 1 + step } }),
        () => addDetail(tab, classId, { name: `d${step}`, kind: 'number', levels: [] }),
        () => keepDraft(tab, { of: 'paste', classId }, `text ${step}`),
        () => void tab.history.undo(),
        () => void tab.history.undo(),
        () => void tab.history.redo(),
      ];
      // An edit may name somebody of whose deletion this tab has not heard; a rule about one student is none.
      try {
        pick(edits)();
      } catch {
        continue;
      }
      if (uniformInt(rng, 4) === 0) void tab.saver.flush();
      if (uniformInt(rng, 3) === 0) await new Promise((done) => setTimeout(done));
    }
    await settled(tabs);
    const disk = byId(await onDisk(name));
    for (const tab of tabs) expect(byId(tab.records.every())).toEqual(disk);
    const seated = tabs[0]!.records
      .all('take')
      .map(({ groups }) => groups.flatMap(({ studentIds }) => studentIds));
    seated.forEach((ids) => expect(new Set(ids).size).toBe(ids.length));
  },
);

test('a tab beside a newer Gruppetto stops writing and says so', async () => {
  const channel = testChannel();
  const ended: string[] = [];
  const old = await openStore('old', { channel, onEnded: (how) => ended.push(how) });
  createClass(old, 'Crew', 'Week 1');
  await settled([old]);
  createClass(old, 'Just now', 'Week 1');
  channel().postMessage({ age: DATABASE_VERSION + 1, changed: [] });
  await settled([old]);
  expect(ended).toEqual(['newerOpened']);
  // What was on screen a moment before is saved; what comes after is not written any more.
  createClass(old, 'Too late', 'Week 1');
  await settled([old]);
  const classes = (await onDisk('old')).filter(({ record }) => record === 'class');
  expect(classes.map((one) => 'name' in one && one.name).sort()).toEqual(['Crew', 'Just now']);
});

test('tabs that cannot hear each other see what the other did when they look again', async () => {
  const one = await openStore('deaf');
  const two = await openStore('deaf', {
    channel: () => {
      throw new ReferenceError('BroadcastChannel is not defined');
    },
  });
  expect([one.inStep, two.inStep]).toEqual([false, false]);
  const classId = createClass(one, 'Crew', 'Week 1');
  await settled([one, two]);
  expect(two.records.get('class', classId)).toBeUndefined();
  await two.lookAgain();
  expect(two.records.get('class', classId)?.name).toBe('Crew');
  deleteClass(two, classId);
  await settled([one, two]);
  await one.lookAgain();
  expect(one.records.every()).toEqual([]);
});
