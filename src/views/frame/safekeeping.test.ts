/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { createClass } from '@/store/actions/classes';
import { renameClass } from '@/store/actions/renameClass';
import { chosen } from '@/store/actions/drafts';
import { openAppStore, type AppStore } from '@/store/appStore';
import { chooseKeptFile, dropKeptFile, keepFileUpToDate } from './keptFile';
import { countWork, noteSaved, SAFEKEEPING } from './safekeeping';

async function openStore(): Promise<AppStore> {
  const opened = await openAppStore({
    name: 'test',
    channel: null,
    hasStorage: false,
    firstRecords: () => Promise.resolve([]),
    onEnded: () => undefined,
  });
  if (opened.state !== 'ready') throw new Error(`expected a store, got ${opened.state}`);
  return opened.store;
}

test('work is counted from step to step, undone steps too, until everything is saved as a file', async () => {
  const store = await openStore();
  const end = countWork(store);
  const id = createClass(store, 'Thursday crew', 'Week 7');
  for (let step = 1; step <= 11; step++) renameClass(store, id, `Crew ${step}`);
  store.history.undo();
  expect(chosen(store, SAFEKEEPING, null).steps).toBeGreaterThanOrEqual(10);
  noteSaved(store);
  expect(chosen(store, SAFEKEEPING, null)).toMatchObject({ steps: 0 });
  end();
  for (let step = 1; step <= 9; step++) renameClass(store, id, `Again ${step}`);
  expect(chosen(store, SAFEKEEPING, null).steps).toBe(0);
});

describe('a file that keeps itself', () => {
  const written: string[] = [];
  /** A file on the disk, as far as it is written to. */
  const handle = {
    name: 'classes.json',
    createWritable: () =>
      Promise.resolve({
        write: (text: string) => Promise.resolve(void written.push(text)),
        close: () => Promise.resolve(),
      }),
  };

  beforeEach(() => {
    written.length = 0;
    Object.assign(window, { showSaveFilePicker: () => Promise.resolve(handle) });
    Object.assign(navigator, {
      locks: { request: (_: string, run: () => Promise<void>) => run() },
    });
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
  });
  afterEach(() => jest.useRealTimers());

  test('is written when it is chosen and once after several changes, and no more when it is left', async () => {
    const store = await openStore();
    const end = keepFileUpToDate(store);
    const id = createClass(store, 'Thursday crew', 'Week 7');
    await chooseKeptFile(store, 'classes.json');
    expect(written).toHaveLength(1);
    renameClass(store, id, 'Friday crew');
    renameClass(store, id, 'Saturday crew');
    await jest.advanceTimersByTimeAsync(4_000);
    expect(written).toHaveLength(2);
    expect(written[1]).toContain('Saturday crew');
    // The note that it was saved is no change of its own.
    await jest.advanceTimersByTimeAsync(20_000);
    expect(written).toHaveLength(2);
    await dropKeptFile();
    renameClass(store, id, 'Sunday crew');
    await jest.advanceTimersByTimeAsync(20_000);
    expect(written).toHaveLength(2);
    end();
  });
});
