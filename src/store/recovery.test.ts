import 'fake-indexeddb/auto';
import { forceCloseDatabase, IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { readBackup } from '../schema/classFile';
import type { ClassId } from '../schema/ids';
import { SCHEMA_AGE } from '../schema/records';
import { createClass, deleteClass } from './actions/classes';
import { chosen, draftText } from './actions/drafts';
import { renameClass } from './actions/renameClass';
import { addStudent } from './actions/students';
import { DATABASE_VERSION, type OnDisk, type Write } from './database';
import type { Diff } from './diff';
import { allClasses, studentsOf } from './queries';
import { Saver, type Timers } from './saver';
import { Spare } from './spare';
import { openStore, openTab, settled, testChannel } from './testTabs';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});
afterEach(() => {
  jest.restoreAllMocks();
});

/** Timers that fire at once, told how long they were asked to wait. */
function quickTimers(): { readonly timers: Timers; readonly waits: number[] } {
  const waits: number[] = [];
  const set = (run: () => void, ms: number): unknown => {
    waits.push(ms);
    return setTimeout(run);
  };
  return { waits, timers: { set, clear: (timer) => clearTimeout(timer as NodeJS.Timeout) } };
}

async function diskWithAClass(name: string): Promise<void> {
  const store = await openStore(name);
  const classId = createClass(store, 'Crew', 'Week 1');
  addStudent(store, classId, { name: 'Ana', email: '' });
  await store.close();
}

const entries = async (name: string): Promise<unknown[]> => {
  const db = await openDB(name);
  const all = await db.getAll('records');
  db.close();
  return all as unknown[];
};

describe('a disk that is not as it should be', () => {
  test('a read that fails at first is tried again, and everything is there', async () => {
    await diskWithAClass('shy');
    const { getAll } = IDBObjectStore.prototype;
    let failures = 2;
    jest.spyOn(IDBObjectStore.prototype, 'getAll').mockImplementation(function (
      this: IDBObjectStore,
      ...args: Parameters<typeof getAll>
    ) {
      if (failures-- > 0) throw new DOMException('not now', 'UnknownError');
      return getAll.apply(this, args);
    });
    jest.spyOn(IDBObjectStore.prototype, 'getAllKeys').mockImplementationOnce(() => {
      throw new DOMException('not now', 'UnknownError');
    });
    const { timers, waits } = quickTimers();
    const store = await openStore('shy', { timers });
    expect(allClasses(store.records).map(({ name }) => name)).toEqual(['Crew']);
    expect(waits).toHaveLength(1);
    await store.close();
  });

  test('one that never answers is said to be unread, and nothing is begun anew over it', async () => {
    await diskWithAClass('mute');
    jest.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('internal error', 'UnknownError');
    });
    const { timers, waits } = quickTimers();
    const firstRecords = jest.fn(() => Promise.resolve([]));
    const opened = await openTab('mute', { timers, firstRecords });
    expect(opened).toMatchObject({
      state: 'unread',
      why: expect.stringContaining('internal error') as string,
    });
    expect(waits.length).toBeGreaterThan(2);
    expect(firstRecords).not.toHaveBeenCalled();
    jest.restoreAllMocks();
    expect(await entries('mute')).toHaveLength(3);
  });

  test('an entry that the browser cannot give back is counted, and all others open', async () => {
    await diskWithAClass('torn');
    const { get } = IDBObjectStore.prototype;
    jest.spyOn(IDBObjectStore.prototype, 'getAll').mockImplementation(() => {
      throw new DOMException('value too torn', 'DataError');
    });
    jest.spyOn(IDBObjectStore.prototype, 'get').mockImplementation(function (
      this: IDBObjectStore,
      key: IDBValidKey | IDBKeyRange,
    ) {
      if (typeof key === 'string' && key.startsWith('s_'))
        throw new DOMException('value too torn', 'DataError');
      return get.call(this, key);
    });
    const store = await openStore('torn');
    expect(store.unreadable).toBe(1);
    expect(allClasses(store.records)).toHaveLength(1);
    await store.close();
  });

  test('marks that cannot be read cost nothing but the undo', async () => {
    await diskWithAClass('marks');
    const db = await openDB('marks');
    await db.put('marks', { nonsense: true }, '0000');
    db.close();
    const store = await openStore('marks');
    expect(allClasses(store.records)).toHaveLength(1);
    expect(store.unreadable).toBe(0);
    store.history.undo();
    await store.close();
  });

  test('records that cannot be read stay on the disk, are counted, and the others open', async () => {
    await diskWithAClass('damaged');
    const bad = { version: 0, data: { record: 'student', id: 'bad' } };
    const db = await openDB('damaged');
    await db.put('records', bad, 'bad');
    db.close();
    const store = await openStore('damaged');
    expect(store.unreadable).toBe(1);
    expect(allClasses(store.records)).toHaveLength(1);
    await store.close();
    expect(await entries('damaged')).toContainEqual(bad);
  });

  test('a disk with nothing readable on it is not taken for an empty one', async () => {
    const db = await openDB('spoiled', DATABASE_VERSION, {
      upgrade(fresh) {
        fresh.createObjectStore('records').createIndex('class', 'data.classId');
        fresh.createObjectStore('marks');
      },
    });
    await db.put('records', { version: 0, data: 'mould' }, 'x');
    db.close();
    const firstRecords = jest.fn(() => Promise.resolve([]));
    const store = await openStore('spoiled', { firstRecords });
    expect(store.unreadable).toBe(1);
    expect(firstRecords).not.toHaveBeenCalled();
    await store.close();
  });

  test('one from which everything was deleted is not begun anew', async () => {
    await diskWithAClass('emptied');
    const store = await openStore('emptied');
    deleteClass(store, allClasses(store.records)[0]!.id);
    await store.close();
    const firstRecords = jest.fn(() => Promise.resolve([]));
    const again = await openStore('emptied', { firstRecords });
    expect(again.records.every()).toEqual([]);
    expect(firstRecords).not.toHaveBeenCalled();
    again.history.undo();
    expect(allClasses(again.records)).toHaveLength(1);
    await again.close();
  });

  test('without a storage all is kept in memory, and the page knows', async () => {
    const store = await openStore('none', { hasStorage: false });
    createClass(store, 'Crew', 'Week 1');
    expect(store.lasting).toBe(false);
    expect(store.saver.status).toEqual({ state: 'saved' });
    await store.close();
  });
});

describe('a newer Gruppetto', () => {
  test('was here: nothing is written, and all of it can be saved as a file that opens', async () => {
    await diskWithAClass('newer');
    const db = await openDB('newer', DATABASE_VERSION + 1);
    db.close();
    const opened = await openTab('newer');
    if (opened.state !== 'newer') throw new Error(opened.state);
    const file: unknown = JSON.parse(JSON.stringify(opened.rescued));
    const read = readBackup(file);
    expect(read.ok && read.classes.map((records) => records.length)).toEqual([3]);
    // Let go of, so that the newer one is not kept waiting.
    (await openDB('newer', DATABASE_VERSION + 2)).close();
  });

  test('has left a record of its own: it is not opened, and not lost', async () => {
    await diskWithAClass('ahead');
    const db = await openDB('ahead');
    await db.put('records', { version: 99, data: { record: 'student', id: 's' } }, 's');
    db.close();
    const opened = await openTab('ahead');
    if (opened.state !== 'newer') throw new Error(opened.state);
    expect(opened.rescued.records).toHaveLength(4);
    expect(readBackup(opened.rescued)).toMatchObject({ ok: true, unread: 1 });
  });

  test('opening beside this one: what waits is written, then this one ends', async () => {
    const ended: string[] = [];
    const store = await openStore('beside', { onEnded: (how) => ended.push(how) });
    createClass(store, 'Crew', 'Week 1');
    const db = await openDB('beside', DATABASE_VERSION + 1);
    expect(await db.count('records')).toBe(2);
    db.close();
    expect(ended).toEqual(['newerOpened']);
  });
});

describe('a storage that the browser lets go of while it is open', () => {
  /** Lets go of what was opened since, as a browser does, and opens it again only after so many tries. */
  function watchOpening() {
    const opened: IDBDatabase[] = [];
    const tries = { left: 0, made: 0 };
    const open = indexedDB.open.bind(indexedDB);
    jest.spyOn(indexedDB, 'open').mockImplementation((...args) => {
      tries.made += 1;
      if (tries.left-- > 0) throw new DOMException('no space', 'UnknownError');
      const request = open(...args);
      request.addEventListener('success', () => opened.push(request.result));
      return request;
    });
    const letGo = (failures = 0): void => {
      Object.assign(tries, { left: failures, made: 0 });
      opened.splice(0).forEach((one) => forceCloseDatabase(one as never));
    };
    return { letGo, tries };
  }
  const aWhile = async (): Promise<void> => {
    for (let i = 0; i < 60; i++) await new Promise((done) => setTimeout(done));
  };
  const names = (of: Parameters<typeof allClasses>[0]): string[] =>
    allClasses(of).map(({ name }) => name);

  test('a full disk: what was done meanwhile is in the page, said to be unsaved, and saved once there is room', async () => {
    await diskWithAClass('full');
    const ended: string[] = [];
    const { letGo, tries } = watchOpening();
    const { timers, waits } = quickTimers();
    const store = await openStore('full', { timers, onEnded: (how) => ended.push(how) });
    letGo(5);
    createClass(store, 'Estuary', 'Week 1');
    await store.saver.flush();
    expect(store.saver.status.state).toBe('failed');
    await aWhile();
    expect(tries.made).toBe(6);
    expect(waits.every((ms) => ms <= 15_000)).toBe(true);
    expect(store.saver.status.state).toBe('saved');
    expect(names(store.records)).toEqual(['Crew', 'Estuary']);
    expect(ended).toEqual([]);
    await store.close();
    const again = await openStore('full');
    expect(names(again.records)).toEqual(['Crew', 'Estuary']);
    await again.close();
  });

  test('while the disk is full it is not opened again: a browser may clear what it cannot open', async () => {
    await diskWithAClass('room');
    const { letGo, tries } = watchOpening();
    const room = [false, false, false, true];
    const spare = new Spare(undefined, 'room');
    jest.spyOn(spare, 'hasRoom').mockImplementation(() => Promise.resolve(room.shift() ?? true));
    const { timers } = quickTimers();
    const store = await openStore('room', { timers, spare });
    letGo();
    createClass(store, 'Estuary', 'Week 1');
    await store.saver.flush();
    expect(store.saver.status.state).toBe('failed');
    expect(tries.made).toBe(0);
    await aWhile();
    expect(store.saver.status.state).toBe('saved');
    expect(tries.made).toBe(1);
    await store.close();
  });

  test('what other tabs wrote meanwhile is seen once it is back', async () => {
    await diskWithAClass('apart');
    const { letGo } = watchOpening();
    const channel = testChannel();
    const store = await openStore('apart', { channel });
    const read = jest.spyOn(IDBObjectStore.prototype, 'get').mockImplementation(() => {
      throw new DOMException('no space', 'UnknownError');
    });
    letGo();
    const other = await openStore('apart');
    read.mockRestore();
    createClass(other, 'Theirs', 'Week 1');
    await other.close();
    letGo();
    await settled([store]);
    expect(names(store.records)).toEqual(['Crew', 'Theirs']);
    await store.close();
  });

  test('a storage that the browser empties after a write has failed is filled again from this page', async () => {
    await diskWithAClass('wiped');
    const ended: string[] = [];
    const { letGo } = watchOpening();
    const { timers } = quickTimers();
    const spare = new Spare(undefined, 'wiped');
    const store = await openStore('wiped', { timers, spare, onEnded: (why) => ended.push(why) });
    let room = false;
    jest.spyOn(spare, 'hasRoom').mockImplementation(() => Promise.resolve(room));
    letGo();
    createClass(store, 'Estuary', 'Week 1');
    await aWhile();
    globalThis.indexedDB = new IDBFactory();
    room = true;
    await aWhile();
    expect([store.saver.status.state, ended]).toEqual(['saved', []]);
    await store.close();
    const again = await openStore('wiped');
    expect(names(again.records)).toEqual(['Crew', 'Estuary']);
    expect(again.records.every()).toHaveLength(5);
    await again.close();
  });

  test('one that is cleared after it has come back is not filled again', async () => {
    await diskWithAClass('meant');
    const ended: string[] = [];
    const { letGo } = watchOpening();
    const { timers } = quickTimers();
    const spare = new Spare(undefined, 'meant');
    const store = await openStore('meant', { timers, spare, onEnded: (why) => ended.push(why) });
    const room = [false, true, true];
    jest.spyOn(spare, 'hasRoom').mockImplementation(() => Promise.resolve(room.shift() ?? true));
    letGo();
    await aWhile();
    expect(room).toHaveLength(1);
    globalThis.indexedDB = new IDBFactory();
    letGo();
    await aWhile();
    expect(ended).toEqual(['cleared']);
    expect(await indexedDB.databases()).toEqual([]);
    expect(names(store.records)).toEqual(['Crew']);
  });

  describe('is kept a second time from then on', () => {
    const DAY_MS = 24 * 3_600_000;
    /** The caches of a site, as far as they are used. */
    function siteCaches() {
      const kept = new Map<string, string>();
      const cacheOf = (name: string) =>
        ({
          put: async (_key: string, response: Response) =>
            void kept.set(name, await response.text()),
          match: () => Promise.resolve(new Response(kept.get(name))),
        }) as unknown as Cache;
      return {
        kept: () => [...kept.values()],
        open: (name: string) => Promise.resolve(cacheOf(name)),
        keys: () => Promise.resolve([...kept.keys()]),
        delete: (name: string) => Promise.resolve(kept.delete(name)),
      };
    }
    /** A class that was kept a second time, with what came after. */
    async function keptTwice(name: string) {
      await diskWithAClass(name);
      const caches = siteCaches();
      const { letGo } = watchOpening();
      const store = await openStore(name, { spare: new Spare(caches, name) });
      expect(caches.kept()).toEqual([]);
      letGo();
      await aWhile();
      createClass(store, 'Estuary', 'Week 1');
      await store.saver.flush();
      deleteClass(store, allClasses(store.records)[0]!.id);
      await store.saver.flush();
      await aWhile();
      await store.close();
      return caches;
    }

    test('and opened from there where the browser has emptied the storage at its next start', async () => {
      const caches = await keptTwice('twice');
      expect(caches.kept()).toHaveLength(1);
      expect(caches.kept()[0]).not.toContain('Crew');
      globalThis.indexedDB = new IDBFactory();
      const firstRecords = jest.fn(() => Promise.resolve([]));
      const again = await openStore('twice', { spare: new Spare(caches, 'twice'), firstRecords });
      expect(names(again.records)).toEqual(['Estuary']);
      expect(firstRecords).not.toHaveBeenCalled();
      await again.close();
      expect(await entries('twice')).toHaveLength(2);
    });

    test('not instead of a storage that is whole, and not for longer than two days', async () => {
      const caches = await keptTwice('whole');
      const again = await openStore('whole', { spare: new Spare(caches, 'whole') });
      renameClass(again, allClasses(again.records)[0]!.id, 'Estuary 2');
      await again.saver.flush();
      await aWhile();
      expect(caches.kept()[0]).toContain('Estuary 2');
      await again.close();
      jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 3 * DAY_MS);
      const later = await openStore('whole', { spare: new Spare(caches, 'whole') });
      await aWhile();
      expect(caches.kept()).toEqual([]);
      expect(names(later.records)).toEqual(['Estuary 2']);
      await later.close();
    });
  });

  test.each(['gone', 'gone, and begun anew in another tab'])(
    'site data that is cleared: %s; all stays in this page, and nothing is put back',
    async (how) => {
      await diskWithAClass('cleared');
      const ended: string[] = [];
      const { letGo } = watchOpening();
      const store = await openStore('cleared', { onEnded: (why) => ended.push(why) });
      globalThis.indexedDB = new IDBFactory();
      if (how !== 'gone') await diskWithAClass('cleared');
      letGo();
      createClass(store, 'Estuary', 'Week 1');
      await store.saver.flush();
      await aWhile();
      expect(ended).toEqual(['cleared']);
      expect(names(store.records)).toEqual(['Crew', 'Estuary']);
      const known = await indexedDB.databases();
      expect(known).toHaveLength(how === 'gone' ? 0 : 1);
      if (how !== 'gone') expect(await entries('cleared')).toHaveLength(3);
    },
  );

  test('a newer Gruppetto that opens while nothing can be written is not said to have everything', async () => {
    await diskWithAClass('late');
    const ended: string[] = [];
    const store = await openStore('late', { onEnded: (how) => ended.push(how) });
    const full = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no space', 'QuotaExceededError');
    });
    createClass(store, 'Estuary', 'Week 1');
    await store.saver.flush();
    const db = await openDB('late', DATABASE_VERSION + 1);
    full.mockRestore();
    db.close();
    await aWhile();
    expect(ended).toEqual(['newerUnsaved']);
    expect(names(store.records)).toEqual(['Crew', 'Estuary']);
  });
});

test('the version of the storage grows with every kind of record and every change of one', () => {
  expect(DATABASE_VERSION).toBeGreaterThan(SCHEMA_AGE);
});

test('what an earlier Gruppetto stored is brought up to date once, texts and settings to their owners', async () => {
  const draft = (id: string, text: string) => ({ record: 'draft', id: `draft:${id}`, text });
  const theClass = await (async () => {
    await diskWithAClass('source');
    const stored = (await entries('source')) as { data: { record: string; id: string } }[];
    return stored.map(({ data }) => data);
  })();
  const id = theClass.find(({ record }) => record === 'class')!.id as ClassId;
  const db = await openDB('past', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('records');
      fresh.createObjectStore('marks');
    },
  });
  const versions: Record<string, number> = { class: 2, student: 1, lineup: 1 };
  const texts = [
    draft(`paste:${id}`, 'half a list'),
    draft('paste:c_deleted', 'names of a class that is gone'),
    draft('note:s_deleted', '=about somebody who is gone'),
    draft('setting:letterKeys', 'off'),
    draft(`setting:columns:${id}`, '{"shown":["a"],"onTiles":null}'),
    draft('setting:columns:c_deleted', '{"shown":["b"],"onTiles":null}'),
  ];
  for (const data of [...theClass, ...texts]) {
    await db.put('records', { version: versions[data.record] ?? 0, data }, data.id);
  }
  db.close();
  const store = await openStore('past');
  expect(draftText(store, { of: 'paste', classId: id })).toBe('half a list');
  const any = { safeParse: (data: unknown) => ({ success: true as const, data }) } as never;
  expect(chosen(store, { name: 'letterKeys', shape: any, usual: 'on' }, null)).toBe('off');
  expect(chosen(store, { name: 'columns', shape: any, usual: null }, id)).toMatchObject({
    shown: ['a'],
  });
  expect(studentsOf(store.records, id)).toHaveLength(1);
  expect(store.unreadable).toBe(0);
  await store.close();
  const left = JSON.stringify(await entries('past'));
  expect(left).not.toMatch(/c_deleted|s_deleted|somebody|draft:setting/);
});

describe('saving', () => {
  /** Timers that fire when told to. */
  function handTimers() {
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
  const step = (id: string): Diff => ({
    added: { [id]: { record: 'draft', id } as never },
    updated: {},
    removed: {},
  });
  const idsOf = ({ diffs }: Write): string[] => diffs.flatMap(({ added }) => Object.keys(added));
  const nothing = new Map<string, undefined>();

  test('a failed write keeps its changes, says so, and the next one writes them before the newer ones', async () => {
    const { timers, waits } = handTimers();
    const written: string[][] = [];
    let broken = true;
    const write = (what: Write): Promise<OnDisk> => {
      if (broken) return Promise.reject(new Error('disk full'));
      written.push(idsOf(what));
      return Promise.resolve(nothing);
    };
    const saver = new Saver(write, () => undefined, timers);
    saver.putDiff(step('a'));
    saver.putMark('m', null);
    await saver.flush();
    expect(saver.status).toEqual({ state: 'failed', attempts: 1 });
    saver.putDiff(step('b'));
    await saver.flush();
    expect(saver.status).toEqual({ state: 'failed', attempts: 2 });
    expect(waits.at(-1)).toBeGreaterThan(waits[1]!);
    broken = false;
    await saver.flush();
    expect(saver.status).toEqual({ state: 'saved' });
    expect(written).toEqual([['a', 'b']]);
  });

  test('it is never said to be saved while something newer than the write waits', async () => {
    const { timers, fire } = handTimers();
    const answers: (() => void)[] = [];
    const written: string[][] = [];
    const states: string[] = [];
    const saver = new Saver(
      (what) => {
        written.push(idsOf(what));
        return new Promise((done) => answers.push(() => done(nothing)));
      },
      () => undefined,
      timers,
    );
    saver.listen(() => states.push(saver.status.state));
    const turn = async (): Promise<void> => {
      for (let i = 0; i < 5; i++) await Promise.resolve();
    };
    saver.putDiff(step('a'));
    fire();
    await turn();
    saver.putDiff(step('b'));
    expect(saver.isWriting(['a'])).toBe(true);
    expect(saver.isWriting(['b'])).toBe(false);
    answers.shift()!();
    await turn();
    expect(states).toEqual(['saving']);
    fire();
    await turn();
    expect([written, states]).toEqual([[['a'], ['b']], ['saving']]);
    answers.shift()!();
    await turn();
    expect(states).toEqual(['saving', 'saved']);
  });

  test('what is on its way to the disk is laid over what stands there', () => {
    const { timers } = handTimers();
    const saver = new Saver(
      () => new Promise(() => undefined),
      () => undefined,
      timers,
    );
    saver.putDiff(step('a'));
    void saver.flush();
    saver.putDiff(step('b'));
    expect(['a', 'b', 'c'].map((id) => saver.withWaiting(id, undefined)?.id)).toEqual([
      'a',
      'b',
      undefined,
    ]);
  });
});
