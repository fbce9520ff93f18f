import { CURRENT_VERSIONS, readRecord, type AppRecord } from '../schema/records';
import type { MigrationIssue } from '../schema/versions';
import { Database, type Stored, type StoredMark } from './database';
import { touchedIds, type Diff } from './diff';
import { History, type Mark } from './history';
import { RecordStore } from './recordStore';
import { Saver } from './saver';
import { keepInStep, type Channel } from './tabs';

/** Everything a view needs to read and change records. */
export interface AppStore {
  readonly records: RecordStore;
  readonly history: History;
  readonly saver: Saver;
  /** False where the browser gives no storage: then all is kept in memory only. */
  readonly lasting: boolean;
  /** Records on the disk that could not be read: left there untouched. */
  readonly unreadable: number;
  close(): Promise<void>;
}

export type Opened =
  | { readonly state: 'ready'; readonly store: AppStore }
  /** The disk holds records of a newer Gruppetto; nothing was read or written. */
  | { readonly state: 'newer'; readonly issue: MigrationIssue };

export interface OpenOptions {
  readonly name: string;
  /** Makes the channel between tabs; null where there is none. */
  readonly channel: (() => Channel) | null;
  /** Records to begin with when the disk holds none. */
  readonly firstRecords: () => Promise<readonly AppRecord[]>;
  /** Called when another tab opens a newer layout of the storage, or the browser closes it. */
  readonly onReplaced: () => void;
}

/** Reads the disk, brings records up to date and starts saving. */
export async function openAppStore(options: OpenOptions): Promise<Opened> {
  const database = await Database.open(options.name, options.onReplaced).catch(() => null);
  const stored = await database?.readAll().catch(() => null);
  const read = readStored(stored ?? { records: [], marks: [] });
  if (!read.ok) return { state: 'newer', issue: read.issue };

  const records = new RecordStore();
  const history = new History(records);
  const saver = new Saver((write) =>
    database ? database.write(write, CURRENT_VERSIONS) : Promise.resolve(),
  );
  records.change('load', ({ put }) => read.records.forEach(put));
  history.load(marksOfThisShape(stored?.marks ?? []));
  records.listen((diff, source) => {
    if (source === 'user' || source === 'undo') saveDiff(saver, records, diff);
  });
  history.listen(({ put, removed }) => {
    put.forEach((mark) => saver.putMark(mark.id, mark));
    removed.forEach((id) => saver.putMark(id, null));
  });
  const stopTabs = options.channel ? keepInStep(records, options.channel()) : () => undefined;
  if (read.records.length === 0 && read.unreadable === 0 && (stored?.marks.length ?? 0) === 0) {
    const first = await options.firstRecords();
    records.change('user', ({ put }) => first.forEach(put));
  }
  const store: AppStore = {
    records,
    history,
    saver,
    lasting: database !== null,
    unreadable: read.unreadable,
    close: async () => {
      await saver.flush();
      stopTabs();
      database?.close();
    },
  };
  return { state: 'ready', store };
}

function saveDiff(saver: Saver, records: RecordStore, diff: Diff): void {
  touchedIds(diff).forEach((id) => saver.putRecord(id, records.find(id) ?? null));
}

function marksOfThisShape(marks: readonly StoredMark[]): readonly Mark[] {
  const known = JSON.stringify(CURRENT_VERSIONS);
  return marks.flatMap(({ versions, mark }) => (JSON.stringify(versions) === known ? [mark] : []));
}

type ReadStored =
  | { readonly ok: true; readonly records: readonly AppRecord[]; readonly unreadable: number }
  | { readonly ok: false; readonly issue: MigrationIssue };

function readStored(stored: Stored): ReadStored {
  const records: AppRecord[] = [];
  let unreadable = 0;
  for (const { version, data } of stored.records) {
    const read = readRecord(data, version);
    if (read.ok) records.push(read.value);
    else if (read.issue.code === 'newerVersion') return { ok: false, issue: read.issue };
    else unreadable++;
  }
  return { ok: true, records, unreadable };
}
