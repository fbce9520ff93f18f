import type { RescueFile } from '../schema/classFile';
import { CURRENT_VERSIONS, readRecord, type AppRecord } from '../schema/records';
import {
  Database,
  storedRecord,
  type Ended,
  type OnDisk,
  type OpenedDatabase,
  type Stored,
  type StoredMark,
  type StoredRecord,
  type Watch,
} from './database';
import { History, type Mark } from './history';
import type { Leaving } from './leaving';
import type { TakenUp } from './leftBehind';
import { RecordStore } from './recordStore';
import { browserTimers, Saver, type Timers } from './saver';
import type { Spare } from './spare';
import { Tabs, type Channel } from './tabs';

/** Everything a view needs to read and change records. */
export interface AppStore {
  readonly records: RecordStore;
  readonly history: History;
  readonly saver: Saver;
  /** False where the browser gives no storage: then all is kept in memory only. */
  readonly lasting: boolean;
  /** False where other tabs cannot be heard: what they change is seen when this one is looked at again. */
  readonly inStep: boolean;
  /** Records on the disk that could not be read: left there untouched. */
  readonly unreadable: number;
  /** Looks at the disk once more, for what other tabs have changed unheard. */
  lookAgain(): Promise<void>;
  /** Writes what waits, and keeps it for the next opening where the page is gone before it is written. */
  leave(): void;
  close(): Promise<void>;
}

export type Opened =
  | { readonly state: 'ready'; readonly store: AppStore }
  /** The disk was written by a newer Gruppetto; nothing was written, and what was there is in `rescued`. */
  | { readonly state: 'newer'; readonly rescued: RescueFile }
  /** What is on the disk could not be read, tried several times; nothing was written. */
  | { readonly state: 'unread'; readonly why: string };

export interface OpenOptions {
  readonly name: string;
  /** Makes the channel between tabs; null where there is none. */
  readonly channel: (() => Channel) | null;
  /** Whether the browser has a storage at all; where it has none, all is kept in memory. */
  readonly hasStorage: boolean;
  /** Records to begin with when the disk holds none. */
  readonly firstRecords: () => Promise<readonly AppRecord[]>;
  /** Called when the storage no longer is this tab's: a newer Gruppetto has it, or the browser has cleared it. */
  readonly onEnded: (how: Ended) => void;
  readonly timers?: Timers;
  /** Where all is kept a second time once the browser has let go of the storage. */
  readonly spare?: Spare | null;
  /** Where a page that is left keeps what it has still to write. */
  readonly leaving?: Leaving | null;
}

/** Waits between the tries to open and read the storage. */
const RETRIES_MS = [150, 600, 2_000];

/** Reads the disk, brings records up to date and starts saving. Nothing is written before all that is there was read. */
export async function openAppStore(options: OpenOptions): Promise<Opened> {
  let store: AppStore | null = null;
  let ended = false;
  const onEnded: Watch['onEnded'] = (how) => {
    if (ended) return;
    ended = true;
    // What waits is written before the newer Gruppetto takes over; a cleared storage takes nothing.
    if (!store) options.onEnded(how);
    else if (how === 'cleared') {
      store.saver.stop();
      options.onEnded(how);
    } else void closeForNewer(store).then(options.onEnded);
  };
  const watch: Watch = {
    onEnded,
    onBack: () => {
      void store?.lookAgain().then(() => store && keepSpare(store.records, options.spare));
    },
    isOurs: (ids) => !store || holdsAny(store, ids),
    everything: () => store?.records.every() ?? [],
    hasRoom: () => options.spare?.hasRoom() ?? Promise.resolve(true),
    wait: (ms) => waitFor(options, ms),
  };
  let read: ReadDisk | null;
  try {
    read = options.hasStorage ? await withRetries(options, watch) : null;
  } catch (error) {
    return { state: 'unread', why: String(error) };
  }
  if (read?.opened.state === 'newer' || (read && read.newer > 0)) {
    read.opened.database.close();
    const records = read.records.read;
    return { state: 'newer', rescued: { format: 'gruppetto.rescue', version: 1, records } };
  }
  const late = read && (await takeUpLeftBehind(options, read));
  store = begin(options, read && { ...read, ...late?.stands }, onEnded, late?.changed ?? []);
  // Where something can still be undone there was something, and it was taken away on purpose.
  const empty = read?.records.read.length === 0 && read.records.lost === 0 && read.markCount === 0;
  const fresh = empty && !late;
  const spared = read && options.spare ? options.spare.find(Date.now()) : null;
  if (!read || fresh) {
    const kept = recordsOf((await spared)?.records ?? []);
    const first = kept.length > 0 ? kept : await options.firstRecords();
    store.records.change('user', ({ put }) => first.forEach(put));
  }
  return { state: 'ready', store };
}

interface ReadDisk {
  readonly opened: OpenedDatabase;
  readonly records: Stored<StoredRecord>;
  readonly readable: readonly AppRecord[];
  readonly unreadable: number;
  /** Records of a newer shape than this Gruppetto knows. */
  readonly newer: number;
  readonly marks: readonly StoredMark[];
  /** Marks on the disk, readable or not. */
  readonly markCount: number;
}

/** Opens and reads the storage; a browser that is only just starting may need to be asked again. */
async function withRetries(options: OpenOptions, watch: Watch): Promise<ReadDisk> {
  for (let attempt = 0; ; attempt++) {
    let opened: OpenedDatabase | null = null;
    try {
      opened = await Database.open(options.name, watch);
      const records = await opened.database.readRecords();
      const parsed = records.read.map(({ data, version }) => readRecord(data, version));
      // Undo is worth less than the classes: where marks cannot be read, all else goes on.
      const marks = await opened.database.readMarks().catch(() => null);
      const readable = parsed.flatMap((one) => (one.ok ? [one.value] : []));
      return {
        opened,
        records,
        readable,
        unreadable: records.read.length + records.lost - readable.length,
        newer: parsed.filter((one) => !one.ok && one.issue.code === 'newerVersion').length,
        marks: marks?.read ?? [],
        markCount: marks ? marks.read.length + marks.lost : 0,
      };
    } catch (error) {
      opened?.database.close();
      const wait = RETRIES_MS[attempt];
      // A full disk is not tried again: a browser may clear what it cannot open.
      if (wait === undefined || !(await watch.hasRoom())) throw error;
      await waitFor(options, wait);
    }
  }
}

function waitFor({ timers = browserTimers }: OpenOptions, ms: number): Promise<void> {
  return new Promise((done) => timers.set(done, ms));
}

/** Writes what waits and closes; says whether it could be written. */
async function closeForNewer(store: AppStore): Promise<Ended> {
  await store.close();
  return store.saver.status.state === 'failed' ? 'newerUnsaved' : 'newerOpened';
}

function recordsOf(stored: RescueFile['records']): readonly AppRecord[] {
  return stored.flatMap(({ data, version }) => {
    const read = readRecord(data, version);
    return read.ok ? [read.value] : [];
  });
}

function keepSpare(records: RecordStore, spare: Spare | null | undefined): void {
  void spare?.keep(() => records.every().map(storedRecord), Date.now());
}

/** Whether any record that must be on the disk is among these; true where none must be. */
function holdsAny({ records, saver }: AppStore, ids: ReadonlySet<string>): boolean {
  const kept = records.every().filter(({ id }) => !saver.withWaiting(id, undefined));
  return kept.length === 0 || kept.some(({ id }) => ids.has(id));
}

/** What pages that are gone had still to write, written; null where they left nothing, as nearly always. */
async function takeUpLeftBehind({ leaving }: OpenOptions, read: ReadDisk): Promise<TakenUp | null> {
  if (!leaving || leaving.keys().length === 0) return null;
  const { takeUp } = await import('./leftBehind');
  const { readable, marks } = read;
  return takeUp(leaving, read.opened.database, { readable, marks: marks.filter(isMark) });
}

function begin(
  { channel, timers, leaving = null, spare }: OpenOptions,
  read: ReadDisk | null,
  onEnded: Watch['onEnded'],
  /** Records that have changed on the disk since other tabs have looked. */
  changed: readonly string[],
): AppStore {
  const database = read?.opened.database ?? null;
  const records = new RecordStore();
  const history = new History(records);
  records.change('load', ({ put }) => read?.readable.forEach(put));
  history.load(marksOfThisShape(read?.marks ?? []));

  /** Records that other tabs changed while a write of this one was under way: looked at once it is over. */
  const unseen = new Set<string>();
  const show = (now: OnDisk): void => {
    records.set(
      [...now].map(([id, record]) => [id, saver.withWaiting(id, record)]),
      'tab',
    );
  };
  const look = async (ids: readonly string[]): Promise<void> => {
    if (saver.isWriting(ids)) ids.forEach((id) => unseen.add(id));
    const now = await database?.read(ids).catch(() => null);
    if (now) show(now);
  };
  const saver = new Saver(
    async (write) => (await database?.write(write)) ?? new Map<string, AppRecord | undefined>(),
    (now) => {
      tabs.tellChanged([...now.keys()]);
      show(new Map([...now].filter(([id]) => !unseen.has(id))));
      const again = [...now.keys()].filter((id) => unseen.delete(id));
      if (again.length > 0) void look(again);
    },
    timers,
  );
  const ends = { channel: null as Channel | null };
  try {
    ends.channel = channel?.() ?? null;
  } catch {
    // Without a channel each tab looks at the disk when it is looked at.
  }
  const tabs = new Tabs(ends.channel, {
    onChanged: (ids) => void look(ids),
    onDiff: (diff) => {
      if (!database) records.apply(diff, 'tab');
    },
    onNewer: () => onEnded('newerOpened'),
  });
  records.listen((diff, source) => {
    if (source !== 'user' && source !== 'undo') return;
    if (database) saver.putDiff(diff);
    else tabs.tellDiff(diff);
  });
  history.listen(({ put, removed }) => {
    if (!database) return;
    put.forEach((mark) => saver.putMark(mark.id, mark));
    removed.forEach((id) => saver.putMark(id, null));
  });
  saver.listen(() => {
    if (saver.status.state !== 'saved') return;
    leaving?.drop();
    if (spare?.isUsed) keepSpare(records, spare);
  });
  if (changed.length > 0) tabs.tellChanged(changed);
  return {
    records,
    history,
    saver,
    lasting: database !== null,
    inStep: ends.channel !== null,
    unreadable: read?.unreadable ?? 0,
    lookAgain: async () => {
      const stored = await database?.readRecords().catch(() => null);
      if (!stored) return;
      const now = recordsOf(stored.read).map((one) => [one.id, one] as const);
      const gone = records.every().flatMap(({ id }) => [[id as string, undefined] as const]);
      show(new Map<string, AppRecord | undefined>([...gone, ...now]));
    },
    leave: () => {
      void saver.flush();
      const waiting = database && saver.waiting();
      if (waiting) leaving?.keep(waiting, Date.now());
    },
    close: async () => {
      await saver.flush();
      saver.stop();
      tabs.close();
      database?.close();
    },
  };
}

function marksOfThisShape(marks: readonly StoredMark[]): readonly Mark[] {
  const known = JSON.stringify(CURRENT_VERSIONS);
  return marks.flatMap((stored) =>
    isMark(stored) && JSON.stringify(stored.versions) === known ? [stored.mark] : [],
  );
}

/** A mark that was cut short on the disk is passed over. */
function isMark(stored: unknown): stored is StoredMark {
  const { mark } = (stored ?? {}) as Partial<StoredMark>;
  return typeof mark?.id === 'string' && typeof (mark.diff as unknown) === 'object';
}
