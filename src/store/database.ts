import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { AppRecord } from '../schema/records';
import type { SchemaVersions } from '../schema/versions';
import type { Mark } from './history';

/** Names in the browser's storage. Renaming one would leave every teacher's classes behind. */
const RECORDS = 'records';
const MARKS = 'marks';
const DATABASE_VERSION = 1;

interface Layout extends DBSchema {
  records: { key: string; value: StoredRecord };
  marks: { key: string; value: StoredMark };
}

/** A record with the version of its kind when it was written. */
export interface StoredRecord {
  readonly version: number;
  readonly data: unknown;
}

/** A mark holds records too, so it can only be undone while every kind still has the same shape. */
export interface StoredMark {
  readonly versions: SchemaVersions;
  readonly mark: Mark;
}

/** Everything as it stands on the disk, unread. */
export interface Stored {
  readonly records: readonly StoredRecord[];
  readonly marks: readonly StoredMark[];
}

/** What one save writes: the newest state of each id, null for what is gone. */
export interface Write {
  readonly records: ReadonlyMap<string, AppRecord | null>;
  readonly marks: ReadonlyMap<string, Mark | null>;
}

/** The browser's storage, behind two calls: read everything, write a change in one transaction. */
export class Database {
  private constructor(private readonly db: IDBPDatabase<Layout>) {}

  static async open(name: string, onReplaced: () => void): Promise<Database> {
    const db = await openDB<Layout>(name, DATABASE_VERSION, {
      upgrade(fresh) {
        fresh.createObjectStore(RECORDS);
        fresh.createObjectStore(MARKS);
      },
      blocking: onReplaced,
      terminated: onReplaced,
    });
    return new Database(db);
  }

  async readAll(): Promise<Stored> {
    const transaction = this.db.transaction([RECORDS, MARKS]);
    const [records, marks] = await Promise.all([
      transaction.objectStore(RECORDS).getAll(),
      transaction.objectStore(MARKS).getAll(),
    ]);
    return { records, marks };
  }

  /** All of it or, if this rejects, none of it. */
  async write({ records, marks }: Write, versions: SchemaVersions): Promise<void> {
    const transaction = this.db.transaction([RECORDS, MARKS], 'readwrite', {
      durability: 'strict',
    });
    const recordStore = transaction.objectStore(RECORDS);
    const markStore = transaction.objectStore(MARKS);
    const writes: Promise<unknown>[] = [];
    for (const [id, data] of records) {
      const version = data ? (versions[data.record] ?? 0) : 0;
      writes.push(data ? recordStore.put({ version, data }, id) : recordStore.delete(id));
    }
    for (const [id, mark] of marks) {
      writes.push(mark ? markStore.put({ versions, mark }, id) : markStore.delete(id));
    }
    await Promise.all([...writes, transaction.done]);
  }

  close(): void {
    this.db.close();
  }
}
