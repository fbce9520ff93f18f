import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type { ClassId } from '../schema/ids';
import { createClass, deleteClass } from './actions/classes';
import { renameClass } from './actions/renameClass';
import { addStudent } from './actions/students';
import type { AppStore } from './appStore';
import { Leaving, type SmallStorage } from './leaving';
import { allClasses, studentsOf } from './queries';
import { openStore, settled, testChannel } from './testTabs';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});

/** The small storage of a browser, which holds so many characters. */
function smallStorage(most = Infinity): SmallStorage & { readonly kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    get length() {
      return kept.size;
    },
    key: (at) => [...kept.keys()][at] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    removeItem: (key) => kept.delete(key),
    setItem: (key, value) => {
      if (value.length > most) throw new DOMException('full', 'QuotaExceededError');
      kept.set(key, value);
    },
  };
}

let pages = 0;
function open(storage: SmallStorage, more: object = {}): Promise<AppStore> {
  return openStore('crew', { leaving: new Leaving(storage, 'crew', `page-${pages++}`), ...more });
}

/** Leaves a page whose writes end with it. */
function leaveAtOnce(store: AppStore): void {
  jest.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(() => {
    throw new DOMException('the page is gone', 'AbortError');
  });
  store.leave();
  store.saver.stop();
  jest.restoreAllMocks();
}

const names = (store: AppStore): readonly string[] =>
  allClasses(store.records).map(({ name }) => name);
const students = (store: AppStore, id: ClassId): readonly string[] =>
  studentsOf(store.records, id).map(({ name }) => name);

test('what was done just before a page was left is there again, can be undone, and is kept no longer', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  const id = createClass(first, 'Crew', 'Week 1');
  await first.saver.flush();
  addStudent(first, id, { name: 'Ana', email: '' });
  renameClass(first, id, 'Crew 2');
  leaveAtOnce(first);
  expect(storage.kept.size).toBe(1);
  const second = await open(storage);
  expect(names(second)).toEqual(['Crew 2']);
  expect(students(second, id)).toEqual(['Ana']);
  expect(storage.kept.size).toBe(0);
  expect(second.history.undo(id)).toBe('renameClass');
  expect(names(second)).toEqual(['Crew']);
  await second.close();
  // It is on the disk, not in what was left.
  expect(students(await open(smallStorage()), id)).toEqual(['Ana']);
});

test('a first class made just before a page was left is there, and nothing is begun over it', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  createClass(first, 'Crew', 'Week 1');
  leaveAtOnce(first);
  const firstRecords = jest.fn(() => Promise.resolve([]));
  expect(names(await open(storage, { firstRecords }))).toEqual(['Crew']);
  expect(firstRecords).not.toHaveBeenCalled();
});

test('what was written after all is not written again over what others have done since', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  const id = createClass(first, 'Crew', 'Week 1');
  renameClass(first, id, 'Crew 2');
  first.leave();
  const [left] = storage.kept;
  await first.close();
  const other = await open(smallStorage());
  renameClass(other, id, 'Theirs');
  await other.close();
  storage.kept.set(...left!);
  const hour = Date.now() + 3_600_000;
  jest.spyOn(Date, 'now').mockReturnValue(hour);
  expect(names(await open(storage))).toEqual(['Theirs']);
});

test('a step that came to nothing, because others had gone on, cannot be taken back', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  const id = createClass(first, 'Crew', 'Week 1');
  await first.saver.flush();
  renameClass(first, id, 'Crew 2');
  leaveAtOnce(first);
  const other = await open(smallStorage());
  renameClass(other, id, 'Theirs');
  await other.close();
  const hour = Date.now() + 3_600_000;
  jest.spyOn(Date, 'now').mockReturnValue(hour);
  const second = await open(storage);
  expect(names(second)).toEqual(['Theirs']);
  expect(second.history.undo(id)).toBe('renameClass');
  expect(names(second)).toEqual(['Crew']);
  expect(second.history.nextUndo(id)).not.toBe('renameClass');
});

test('where the site was cleared nothing is put back when the page is left', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  createClass(first, 'Crew', 'Week 1');
  first.saver.stop();
  first.leave();
  expect(storage.kept.size).toBe(0);
});

test('a class that was deleted meanwhile stays deleted, with all that was left for it', async () => {
  const storage = smallStorage();
  const channel = testChannel();
  const first = await open(storage, { channel });
  const id = createClass(first, 'Crew', 'Week 1');
  await first.saver.flush();
  addStudent(first, id, { name: 'Ana', email: '' });
  leaveAtOnce(first);
  const other = await open(smallStorage(), { channel });
  deleteClass(other, id);
  await settled([other]);
  const second = await open(storage, { channel });
  await settled([other, second]);
  expect([names(second), students(second, id)]).toEqual([[], []]);
  expect(other.records.every()).toEqual([]);
});

test('other tabs see what was left', async () => {
  const storage = smallStorage();
  const channel = testChannel();
  const first = await open(storage, { channel });
  const id = createClass(first, 'Crew', 'Week 1');
  await first.saver.flush();
  const other = await open(smallStorage(), { channel });
  renameClass(first, id, 'Crew 2');
  leaveAtOnce(first);
  const second = await open(storage, { channel });
  await settled([other, second]);
  expect(names(other)).toEqual(['Crew 2']);
});

test('once all is written nothing is kept, and where the small storage is full nothing breaks', async () => {
  const storage = smallStorage();
  const first = await open(storage);
  createClass(first, 'Crew', 'Week 1');
  first.leave();
  expect(storage.kept.size).toBe(1);
  await settled([first]);
  expect(storage.kept.size).toBe(0);
  first.leave();
  expect(storage.kept.size).toBe(0);
  const full = smallStorage(10);
  const second = await open(full);
  createClass(second, 'Crew 2', 'Week 1');
  expect(() => second.leave()).not.toThrow();
  await settled([second]);
  expect(names(await open(full))).toEqual(['Crew', 'Crew 2']);
});

test.each(['', '{', '[]', '{"at":1,"versions":{},"diffs":[],"marks":[]}', '{"at":"x"}'])(
  'what cannot be read of what was left is passed over: %s',
  async (text) => {
    const storage = smallStorage();
    const first = await open(storage);
    createClass(first, 'Crew', 'Week 1');
    await first.close();
    storage.kept.set('crew:left:broken', text);
    expect(names(await open(storage))).toEqual(['Crew']);
    expect(storage.kept.size).toBe(0);
  },
);
