import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { createClass, deleteClass } from './actions/classes';
import { draftText, keepDraft } from './actions/drafts';
import { addTake, moveStudents, undealTake } from './actions/takes';
import { addRule } from './actions/rules';
import { removeStudent } from './actions/students';
import { takeInRoster, type StudentFacts } from './actions/takeInRoster';
import { openAppStore, type AppStore } from './appStore';
import { allClasses, lineupsOf, rulesOf, shownTake, studentsOf } from './queries';
import { Saver, type Timers } from './saver';
import type { Write } from './database';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

async function open(name = 'test'): Promise<AppStore> {
  const opened = await openAppStore({
    name,
    channel: null,
    firstRecords: () => Promise.resolve([]),
    onReplaced: () => undefined,
  });
  if (opened.state !== 'ready') throw new Error(opened.issue.code);
  return opened.store;
}

const facts = (name: string, more: Partial<StudentFacts> = {}): StudentFacts => ({
  name,
  givenName: name,
  familyName: '',
  email: '',
  externalId: '',
  section: '',
  details: {},
  ...more,
});
const plan = (added: readonly StudentFacts[]) => ({ added, updated: [], details: [], staff: [] });

function classWith(store: AppStore, names: readonly string[]) {
  const classId = createClass(store, 'River Survey', 'Week 1');
  takeInRoster(store, classId, plan(names.map((name) => facts(name))));
  const students = studentsOf(store.records, classId);
  return {
    classId,
    ids: students.map(({ id }) => id),
    lineup: lineupsOf(store.records, classId)[0]!,
  };
}

test('everything is found again after closing, with undo going on where it was', async () => {
  const first = await open();
  const { classId, ids, lineup } = classWith(first, ['Amira', 'Bram', 'Chipo']);
  addRule(first, classId, 'apart', [ids[0]!, ids[1]!]);
  addTake(first, lineup.id, 7, [{ name: 'Alder', sign: 0, studentIds: [...ids] }]);
  keepDraft(first, 'paste:x', 'half a na');
  first.history.undo();
  await first.close();

  const second = await open();
  expect(studentsOf(second.records, classId).map(({ name }) => name)).toEqual([
    'Amira',
    'Bram',
    'Chipo',
  ]);
  expect(draftText(second, 'paste:x')).toBe('half a na');
  expect(shownTake(second.records, lineup.id)).toBeUndefined();
  second.history.redo();
  expect(shownTake(second.records, lineup.id)?.seed).toBe(7);
  second.history.undo();
  second.history.undo();
  expect(rulesOf(second.records, classId)).toHaveLength(0);
  await second.close();
});

test('a deleted class comes back whole with undo', async () => {
  const store = await open();
  const { classId, ids, lineup } = classWith(store, ['Amira', 'Bram']);
  addRule(store, classId, 'together', ids);
  addTake(store, lineup.id, 1, [{ name: 'Alder', sign: 0, studentIds: ids }]);
  deleteClass(store, classId);
  expect([
    allClasses(store.records),
    studentsOf(store.records, classId),
    store.records.all('take'),
  ]).toEqual([[], [], []]);
  store.history.undo();
  expect(studentsOf(store.records, classId)).toHaveLength(2);
  expect(shownTake(store.records, lineup.id)?.groups[0]?.studentIds).toEqual(ids);
  await store.close();
});

test('a list brings sections and details along, keeps what it does not speak of, and undoes as one step', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira']);
  const before = [studentsOf(store.records, classId), allClasses(store.records)];
  takeInRoster(store, classId, {
    added: [facts('Bram', { section: 'North', details: { Score: 7 } })],
    updated: [
      { id: ids[0]!, facts: facts('', { givenName: '', section: 'South', details: { score: 5 } }) },
    ],
    details: [{ name: 'Score', kind: 'number', levels: [] }],
    staff: [{ name: 'Oda', email: null, role: '' }],
  });
  const [theClass] = allClasses(store.records);
  const [detail] = theClass!.details;
  const [amira, bram] = studentsOf(store.records, classId);
  expect(theClass!.sections.map(({ name }) => name)).toEqual(['North', 'South']);
  expect([amira!.name, amira!.details[detail!.id], bram!.details[detail!.id]]).toEqual([
    'Amira',
    5,
    7,
  ]);
  expect(bram!.sectionId).toBe(theClass!.sections[0]!.id);
  store.history.undo();
  expect([studentsOf(store.records, classId), allClasses(store.records)]).toEqual(before);
  await store.close();
});

test('a removed student leaves the rules; a rule left with one student goes too', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira', 'Bram', 'Chipo']);
  addRule(store, classId, 'apart', ids);
  addRule(store, classId, 'apart', ids.slice(0, 2));
  removeStudent(store, ids[0]!);
  expect(rulesOf(store.records, classId).map(({ studentIds }) => studentIds)).toEqual([
    ids.slice(1),
  ]);
  await store.close();
});

test('what was dealt is kept while a take is changed by hand, and comes back', async () => {
  const store = await open();
  const { ids, lineup } = classWith(store, ['Amira', 'Bram', 'Chipo']);
  const [a, b, c] = [ids[0]!, ids[1]!, ids[2]!];
  addTake(store, lineup.id, 1, [
    { name: 'Alder', sign: 0, studentIds: [a, b] },
    { name: 'Willow', sign: 1, studentIds: [c] },
  ]);
  const shown = () => shownTake(store.records, lineup.id)!;
  const groups = () => shown().groups.map(({ studentIds }) => studentIds);
  moveStudents(store, shown().id, [a], 1);
  expect(groups()).toEqual([[b], [c, a]]);
  moveStudents(store, shown().id, [b], null);
  expect(groups()).toEqual([[], [c, a]]);
  expect(shown().dealt).toEqual([[a, b], [c]]);
  undealTake(store, shown().id);
  expect(groups()).toEqual([[a, b], [c]]);
  moveStudents(store, shown().id, [a], 1);
  moveStudents(store, shown().id, [a], 0);
  expect(shown().dealt).toBeNull();
  await store.close();
});

describe('saving', () => {
  /** Timers that fire when told to. */
  function handTimers(): { timers: Timers; fire: () => void; waits: number[] } {
    const waiting: (() => void)[] = [];
    const waits: number[] = [];
    const timers: Timers = {
      set: (run, ms) => {
        waits.push(ms);
        return waiting.push(run);
      },
      clear: () => waiting.splice(0),
    };
    return { timers, waits, fire: () => waiting.splice(0).forEach((run) => run()) };
  }

  test('a failed write keeps its changes, says so, and the next one writes them with the newer ones', async () => {
    const { timers, waits } = handTimers();
    const written: Write[] = [];
    let broken = true;
    const saver = new Saver((write) => {
      if (broken) return Promise.reject(new Error('disk full'));
      written.push(write);
      return Promise.resolve();
    }, timers);
    const draft = (text: string) => ({ record: 'draft', id: 'd', text }) as never;
    saver.putRecord('a', draft('old'));
    saver.putRecord('b', draft('kept'));
    await saver.flush();
    expect(saver.status).toEqual({ state: 'failed', attempts: 1 });
    saver.putRecord('a', draft('new'));
    await saver.flush();
    expect(saver.status).toEqual({ state: 'failed', attempts: 2 });
    expect(waits.at(-1)).toBeGreaterThan(waits[1]!);
    broken = false;
    await saver.flush();
    expect(saver.status).toEqual({ state: 'saved' });
    expect(written).toEqual([
      {
        records: new Map([
          ['a', draft('new')],
          ['b', draft('kept')],
        ]),
        marks: new Map(),
      },
    ]);
  });

  test('records that cannot be read stay on the disk, are counted, and the others open', async () => {
    const store = await open('damaged');
    classWith(store, ['Amira']);
    await store.close();
    const { openDB } = await import('idb');
    const db = await openDB('damaged', 1);
    await db.put('records', { version: 0, data: { record: 'student', id: 'bad' } }, 'bad');
    db.close();
    const again = await open('damaged');
    expect(again.unreadable).toBe(1);
    expect(allClasses(again.records)).toHaveLength(1);
    await again.close();
    const kept = await openDB('damaged', 1);
    expect(await kept.get('records', 'bad')).toBeDefined();
    kept.close();
  });

  test('records of a newer version are not opened', async () => {
    await (await open('newer')).close();
    const { openDB } = await import('idb');
    const db = await openDB('newer', 1);
    await db.put('records', { version: 99, data: { record: 'student', id: 's' } }, 's');
    db.close();
    await expect(open('newer')).rejects.toThrow('newerVersion');
  });
});
