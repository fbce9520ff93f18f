import type { AppRecord, RecordKind, RecordOf } from '../schema/records';
import { sameData } from '../schema/merging';
import { after, isEmpty, touchedIds, type Diff } from './diff';

/** Where a change comes from: the teacher, the undo of one, the disk at start-up, or another tab. */
export type Source = 'user' | 'undo' | 'load' | 'tab';

export type Listener = (diff: Diff, source: Source) => void;

/** What a change may do; every step is part of one diff. */
export interface Change {
  readonly get: <K extends RecordKind>(kind: K, id: string) => RecordOf<K> | undefined;
  readonly all: <K extends RecordKind>(kind: K) => readonly RecordOf<K>[];
  /** Every record, whatever its kind. */
  readonly every: () => readonly AppRecord[];
  readonly put: (record: AppRecord) => void;
  readonly remove: (id: string) => void;
}

/** All records in memory. Records are plain data and never changed in place. */
export class RecordStore {
  private readonly records = new Map<string, AppRecord>();
  private readonly listeners = new Set<Listener>();
  private readonly revisions = new Map<RecordKind, number>();
  private readonly lists = new Map<RecordKind, { revision: number; list: readonly AppRecord[] }>();

  readonly get = <K extends RecordKind>(kind: K, id: string): RecordOf<K> | undefined => {
    const record = this.records.get(id);
    return record?.record === kind ? (record as RecordOf<K>) : undefined;
  };

  /** Any record by id, whatever its kind. */
  find(id: string): AppRecord | undefined {
    return this.records.get(id);
  }

  /** Every record, whatever its kind. */
  readonly every = (): readonly AppRecord[] => [...this.records.values()];

  /** All records of a kind, in the order they came; the same array until one of them changes. */
  readonly all = <K extends RecordKind>(kind: K): readonly RecordOf<K>[] => {
    const revision = this.revision(kind);
    const cached = this.lists.get(kind);
    if (cached?.revision === revision) return cached.list as readonly RecordOf<K>[];
    const list = [...this.records.values()].filter(
      (record): record is RecordOf<K> => record.record === kind,
    );
    this.lists.set(kind, { revision, list });
    return list;
  };

  /** Grows by one with every change to a record of the kind. */
  revision(kind: RecordKind): number {
    return this.revisions.get(kind) ?? 0;
  }

  listen(listener: Listener): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Runs a change as a whole and returns its diff; if it throws, nothing has changed. */
  change(source: Source, run: (change: Change) => void): Diff {
    const staged = new Map<string, AppRecord | null>();
    const find = (id: string): AppRecord | undefined => {
      const change = staged.get(id);
      return change === undefined ? this.records.get(id) : (change ?? undefined);
    };
    run({
      get: <K extends RecordKind>(kind: K, id: string) => {
        const record = find(id);
        return record?.record === kind ? (record as RecordOf<K>) : undefined;
      },
      all: <K extends RecordKind>(kind: K) => {
        const ids = new Set([...this.records.keys(), ...staged.keys()]);
        return [...ids].flatMap((id): RecordOf<K>[] => {
          const record = find(id);
          return record?.record === kind ? [record as RecordOf<K>] : [];
        });
      },
      every: () => {
        const ids = new Set([...this.records.keys(), ...staged.keys()]);
        return [...ids].flatMap((id) => find(id) ?? []);
      },
      put: (record) => staged.set(record.id, record),
      remove: (id) => staged.set(id, null),
    });
    return this.commit(source, staged);
  }

  /** Applies a diff made earlier or elsewhere; only what it changed is written. */
  apply(diff: Diff, source: Source): Diff {
    return this.set(
      touchedIds(diff).map((id) => [id, after(diff, id, this.records.get(id))]),
      source,
    );
  }

  /** Puts records as they are now, undefined for what is gone; returns what that changed. */
  set(now: Iterable<readonly [id: string, record: AppRecord | undefined]>, source: Source): Diff {
    return this.change(source, ({ put, remove }) => {
      for (const [id, record] of now) {
        if (record) put(record);
        else remove(id);
      }
    });
  }

  private commit(source: Source, staged: ReadonlyMap<string, AppRecord | null>): Diff {
    const added: Record<string, AppRecord> = {};
    const updated: Record<string, [AppRecord, AppRecord]> = {};
    const removed: Record<string, AppRecord> = {};
    for (const [id, next] of staged) {
      const current = this.records.get(id);
      if (next === null) {
        if (current) removed[id] = current;
      } else if (!current) added[id] = deepFreeze(next);
      else if (!sameData(current, next)) updated[id] = [current, deepFreeze(next)];
    }
    const diff: Diff = { added, updated, removed };
    if (isEmpty(diff)) return diff;
    Object.keys(removed).forEach((id) => this.records.delete(id));
    Object.values(added).forEach((record) => this.records.set(record.id, record));
    Object.values(updated).forEach(([, to]) => this.records.set(to.id, to));
    this.countRevisions(diff);
    this.listeners.forEach((listener) => listener(diff, source));
    return diff;
  }

  private countRevisions(diff: Diff): void {
    const changed = [
      ...Object.values(diff.added),
      ...Object.values(diff.removed),
      ...Object.values(diff.updated).map(([, to]) => to),
    ];
    for (const kind of new Set(changed.map(({ record }) => record))) {
      this.revisions.set(kind, this.revision(kind) + 1);
    }
  }
}

/** In development a write into a record is a mistake to be seen at once; in production freezing costs time for nothing. */
function deepFreeze<T>(value: T): T {
  if (process.env.NODE_ENV === 'production' || typeof value !== 'object' || value === null) {
    return value;
  }
  if (!Object.isFrozen(value)) {
    Object.freeze(value);
    Object.values(value).forEach(deepFreeze);
  }
  return value;
}
