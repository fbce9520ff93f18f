import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPObjectStore,
  type IDBPTransaction,
} from 'idb';
import {
  CURRENT_VERSIONS,
  ownerOf,
  readRecord,
  SCHEMA_AGE,
  type AppRecord,
} from '../schema/records';
import { after, touchedIds, type Diff } from './diff';
import type { Mark } from './history';

/** Names in the browser's storage. Renaming one would leave every teacher's classes behind. */
const RECORDS = 'records';
const MARKS = 'marks';
/** Finds the records of a class, so that none outlives it. */
const BY_CLASS = 'class';
/** Layouts of the storage itself so far; never lowered. */
const LAYOUTS = 2;
/**
 * Grows with every change of the storage or of a kind of record: opening it with a newer Gruppetto then brings
 * everything up to date once, in one transaction, and closes the tabs of older ones.
 */
export const DATABASE_VERSION = LAYOUTS + SCHEMA_AGE;

interface Stores extends DBSchema {
  records: { key: string; value: StoredRecord; indexes: { class: string } };
  marks: { key: string; value: StoredMark };
}

/** A record with the version of its kind when it was written. */
export interface StoredRecord {
  readonly version: number;
  readonly data: unknown;
}

/** A mark holds records too, so it can only be undone while every kind still has the same shape. */
export interface StoredMark {
  readonly versions: Readonly<Record<string, number>>;
  readonly mark: Mark;
}

/** What stands on the disk, as far as it can be read at all. */
export interface Stored<T> {
  readonly read: readonly T[];
  /** Entries that the browser itself cannot read back. */
  readonly lost: number;
}

/** What one save writes: changes in their order, and marks by id, null for those that are gone. */
export interface Write {
  readonly diffs: readonly Diff[];
  readonly marks: ReadonlyMap<string, Mark | null>;
}

/** id → the record as it stands on the disk now, undefined for what is gone. */
export type OnDisk = ReadonlyMap<string, AppRecord | undefined>;

/** What ends the use of the storage from outside; a newer Gruppetto with or without what this one had to write. */
export type Ended = 'newerOpened' | 'newerUnsaved' | 'cleared';

/** What is to be told while the storage is open. */
export interface Watch {
  readonly onEnded: (how: Exclude<Ended, 'newerUnsaved'>) => void;
  /** The storage, which the browser had let go of, is open again: others may have written meanwhile. */
  readonly onBack: () => void;
  /** Whether a storage that holds these is the one that was let go of, and none that was begun since. */
  readonly isOurs: (ids: ReadonlySet<string>) => boolean;
  /** What belongs into it where a browser has emptied it for want of room, which nobody has asked for. */
  readonly everything: () => readonly AppRecord[];
  /** Whether the disk has room enough to open the storage again. */
  readonly hasRoom: () => Promise<boolean>;
  readonly wait: (ms: number) => Promise<void>;
}

export type OpenedDatabase =
  | { readonly state: 'open'; readonly database: Database }
  /** The disk was written by a newer Gruppetto; it is open for reading only. */
  | { readonly state: 'newer'; readonly database: Database };

/** Waits between the tries to open a storage again: the first, and the longest of those that follow, each twice as long. */
const FIRST_BACK_MS = 500;
const LONGEST_BACK_MS = 15_000;

/**
 * The browser's storage. Every write is one transaction, and the browser puts those of all tabs in one order. Where the
 * browser lets go of it, as on a full disk, it is opened again as soon as can be, but only where there is room
 * (`store/spare` tells why).
 */
export class Database {
  private reopening: Promise<Connection> | null = null;
  private closed = false;
  /** Whether the disk has been full since the storage was last opened or written. */
  private isFull = false;

  private constructor(
    private readonly name: string,
    private readonly watch: Watch,
    private connection: Connection | null = null,
  ) {}

  /** Opens the storage and brings it up to date; rejects where the browser gives none or cannot read it. */
  static async open(name: string, watch: Watch): Promise<OpenedDatabase> {
    const database = new Database(name, watch);
    try {
      database.connection = await database.connect((fresh, before, transaction) => {
        // Half brought up to date is worse than not at all.
        upgrade(fresh, before, transaction).catch(() => abort(transaction));
      });
      return { state: 'open', database };
    } catch (error) {
      if (!isOfNewer(error)) throw error;
      // Without a version it opens as it is.
      database.connection = await openDB<Stores>(name, undefined, database.listeners());
      return { state: 'newer', database };
    }
  }

  /** Every stored record, each read by itself where they cannot be read at once. */
  readRecords(): Promise<Stored<StoredRecord>> {
    return this.readAll(RECORDS);
  }

  readMarks(): Promise<Stored<StoredMark>> {
    return this.readAll(MARKS);
  }

  /** Some records as they stand now. */
  async read(ids: Iterable<string>): Promise<OnDisk> {
    const db = this.connection ?? (await this.connectedAgain());
    const store = db.transaction(RECORDS).objectStore(RECORDS);
    const entries = [...ids].map(async (id) => [id, recordOf(await store.get(id))] as const);
    return new Map(await Promise.all(entries));
  }

  /**
   * Applies changes to what stands on the disk by now; all of it or, if this rejects, none of it. What belongs to a
   * class that is gone is not written, and with a class goes everything that belongs to it. Returns how each record
   * that was touched stands afterwards.
   */
  async write({ diffs, marks }: Write): Promise<OnDisk> {
    // Begun at once wherever it can be: a page that is being left has no later.
    const db = this.connection ?? (await this.connectedAgain());
    const transaction = db.transaction([RECORDS, MARKS], 'readwrite', { durability: 'strict' });
    const markStore = transaction.objectStore(MARKS);
    const touched = new Map<string, AppRecord | undefined>();
    try {
      await applyAll(transaction.objectStore(RECORDS), diffs, touched);
      const versions = CURRENT_VERSIONS;
      for (const [id, mark] of marks) {
        await (mark ? markStore.put({ versions, mark }, id) : markStore.delete(id));
      }
    } catch (error) {
      abort(transaction);
      this.isFull ||= isOfDisk(error);
      throw error;
    }
    await transaction.done.catch((error: unknown) => {
      this.isFull ||= isOfDisk(error);
      throw error;
    });
    this.isFull = false;
    return touched;
  }

  close(): void {
    this.closed = true;
    this.connection?.close();
  }

  private async readAll<S extends 'records' | 'marks'>(
    name: S,
  ): Promise<Stored<Stores[S]['value']>> {
    const db = this.connection ?? (await this.connectedAgain());
    const atOnce = await db.getAll(name).catch(() => null);
    if (atOnce) return { read: atOnce, lost: 0 };
    const keys = await db.getAllKeys(name);
    const read: Stores[S]['value'][] = [];
    for (const key of keys) {
      const one = await db.get(name, key).catch(() => undefined);
      if (one !== undefined) read.push(one);
    }
    return { read, lost: keys.length - read.length };
  }

  private async connectedAgain(): Promise<Connection> {
    if (this.closed) throw new DOMException('closed here', 'InvalidStateError');
    this.reopening ??= this.reopen().finally(() => {
      this.reopening = null;
    });
    return this.reopening;
  }

  private async reopen(): Promise<Connection> {
    if (!(await this.watch.hasRoom())) {
      this.isFull = true;
      throw new DOMException('The disk is full.', 'QuotaExceededError');
    }
    const seen = { isCleared: false };
    try {
      const db = await this.connect((fresh, before, transaction) => {
        // It was up to date: what is brought up to date here is another one. Aborted, it is not there at all.
        seen.isCleared = before > 0 || !this.isFull;
        if (seen.isCleared) abort(transaction);
        else upgrade(fresh, before, transaction).catch(() => abort(transaction));
      });
      seen.isCleared = !(await this.isOursAgain(db));
      if (seen.isCleared) {
        db.close();
        throw new DOMException('another storage', 'NotFoundError');
      }
      this.connection = db;
      // Whoever clears the site from now on means it.
      this.isFull = false;
      this.watch.onBack();
      return db;
    } catch (error) {
      this.closed ||= seen.isCleared || isOfNewer(error);
      if (seen.isCleared) this.watch.onEnded('cleared');
      else if (isOfNewer(error)) this.watch.onEnded('newerOpened');
      throw error;
    }
  }

  /** Whether the storage is the one that was let go of; one that the browser has emptied is filled again. */
  private async isOursAgain(db: Connection): Promise<boolean> {
    const ids = new Set(await db.getAllKeys(RECORDS));
    if (this.watch.isOurs(ids)) return true;
    if (ids.size > 0 || !this.isFull) return false;
    const transaction = db.transaction(RECORDS, 'readwrite', { durability: 'strict' });
    for (const record of this.watch.everything()) {
      // What fails is told by the transaction.
      transaction.store.put(storedRecord(record), record.id).catch(() => undefined);
    }
    await transaction.done;
    return true;
  }

  private async comeBack(): Promise<void> {
    for (let ms = FIRST_BACK_MS; !this.connection && !this.closed; ms *= 2) {
      const back = await this.connectedAgain().catch(() => null);
      if (!back) await this.watch.wait(Math.min(ms, LONGEST_BACK_MS));
    }
  }

  private connect(upgrading: Upgrading): Promise<Connection> {
    return openDB<Stores>(this.name, DATABASE_VERSION, {
      ...this.listeners(),
      upgrade: (fresh, before, _now, transaction) => upgrading(fresh, before, transaction),
    });
  }

  private listeners(): { readonly blocking: () => void; readonly terminated: () => void } {
    return {
      blocking: () => this.watch.onEnded('newerOpened'),
      terminated: () => {
        this.connection = null;
        void this.comeBack();
      },
    };
  }
}

/** Whether a write failed at the disk: browsers say both of a full one. */
function isOfDisk(error: unknown): boolean {
  return (
    error instanceof DOMException && ['QuotaExceededError', 'UnknownError'].includes(error.name)
  );
}

function isOfNewer(error: unknown): boolean {
  return error instanceof DOMException && error.name === 'VersionError';
}

type Connection = IDBPDatabase<Stores>;
type Upgrade = IDBPTransaction<Stores, ('records' | 'marks')[], 'versionchange'>;
type Upgrading = (fresh: Connection, before: number, transaction: Upgrade) => void;
type Records = IDBPObjectStore<Stores, ('records' | 'marks')[], 'records', 'readwrite'>;

async function applyAll(
  store: Records,
  diffs: readonly Diff[],
  touched: Map<string, AppRecord | undefined>,
): Promise<void> {
  const current = async (id: string): Promise<AppRecord | undefined> => {
    if (!touched.has(id)) touched.set(id, recordOf(await store.get(id)));
    return touched.get(id);
  };
  const put = async (id: string, record: AppRecord | undefined): Promise<void> => {
    touched.set(id, record);
    await (record ? store.put(storedRecord(record), id) : store.delete(id));
  };
  for (const diff of diffs) {
    // Classes first: what else the diff brings is written only where its class is there.
    const ids = [...touchedIds(diff)].sort(
      (a, b) => Number(isClass(diff, b)) - Number(isClass(diff, a)),
    );
    for (const id of ids) {
      const before = await current(id);
      const next = after(diff, id, before);
      if (next === before) continue;
      const owner = next ? ownerOf(next) : null;
      const homeless = owner !== null && owner !== id && !(await current(owner));
      await put(id, homeless ? undefined : next);
      if (before?.record !== 'class' || next) continue;
      for (const left of await store.index(BY_CLASS).getAllKeys(id)) await put(left, undefined);
    }
  }
}

function isClass({ added, updated, removed }: Diff, id: string): boolean {
  return (added[id] ?? updated[id]?.[1] ?? removed[id])?.record === 'class';
}

function recordOf(stored: StoredRecord | undefined): AppRecord | undefined {
  if (!stored) return undefined;
  const read = readRecord(stored.data, stored.version);
  return read.ok ? read.value : undefined;
}

/** Brings the layout and every readable record up to date; what cannot be read is left as it stands. */
async function upgrade(db: Connection, before: number, transaction: Upgrade): Promise<void> {
  if (before < 1) {
    db.createObjectStore(RECORDS);
    db.createObjectStore(MARKS);
  }
  const store = transaction.objectStore(RECORDS);
  if (!store.indexNames.contains(BY_CLASS)) store.createIndex(BY_CLASS, 'data.classId');
  if (before < 1) return;
  const records = new Map<string, AppRecord>();
  for (const key of await store.getAllKeys()) {
    const record = recordOf(await store.get(key));
    if (!record) continue;
    if (record.id !== key) await store.delete(key);
    records.set(record.id, record);
  }
  for (const record of records.values()) {
    const kept = withOwner(record, records);
    if (kept) await store.put(storedRecord(kept), kept.id);
    else await store.delete(record.id);
  }
}

/**
 * Texts and settings were kept once without saying whose they are: notes are given the class of their student, and what
 * belongs to a class or a student that is gone is null, to be deleted.
 */
function withOwner(record: AppRecord, all: ReadonlyMap<string, AppRecord>): AppRecord | null {
  if (record.record !== 'draft' && record.record !== 'setting') return record;
  if (record.record === 'draft' && record.studentId !== null) {
    const student = all.get(record.studentId);
    return student?.record === 'student' ? { ...record, classId: student.classId } : null;
  }
  return record.classId === null || all.has(record.classId) ? record : null;
}

export function storedRecord(data: AppRecord): StoredRecord {
  return { version: CURRENT_VERSIONS[data.record] ?? 0, data };
}

function abort(transaction: { readonly abort: () => void; readonly done: Promise<void> }): void {
  // Whoever waits for it is told by the error that led here.
  transaction.done.catch(() => undefined);
  try {
    transaction.abort();
  } catch {
    // It has ended by itself.
  }
}
