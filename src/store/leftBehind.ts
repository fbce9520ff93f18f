import * as z from 'zod/mini';
import { sameData } from '../schema/merging';
import { CURRENT_VERSIONS, readRecord, recordNameOf, type AppRecord } from '../schema/records';
import type { Database, StoredMark, Write } from './database';
import { after, touchedIds, type Diff } from './diff';
import type { Mark } from './history';
import type { Leaving } from './leaving';

/** After this long what was left may be older than what another tab has written since, in ms. */
const RECENT_MS = 60_000;

const Records = z.record(z.string(), z.unknown());
/** Pairs are lists here: what tells more would come into every page. */
const Left = z.object({
  /** When the page was left, in ms since 1970. */
  at: z.number(),
  versions: z.record(z.string(), z.number()),
  diffs: z.array(
    z.object({
      added: Records,
      updated: z.record(z.string(), z.array(z.unknown())),
      removed: Records,
    }),
  ),
  marks: z.array(z.array(z.unknown())),
});

/** What a page that is gone had still to write. */
interface LeftBehind {
  readonly at: number;
  readonly write: Write;
}

/** What stands on the disk, as far as it can be read. */
interface Standing {
  readonly readable: readonly AppRecord[];
  readonly marks: readonly StoredMark[];
}

export interface TakenUp {
  readonly stands: Standing;
  /** Ids of the records that were written. */
  readonly changed: readonly string[];
}

/** Writes what pages that are gone had still to write; what cannot be written stays for the next opening. */
export async function takeUp(
  leaving: Leaving,
  database: Database,
  stands: Standing,
): Promise<TakenUp> {
  const records = new Map<string, AppRecord>(stands.readable.map((one) => [one.id, one]));
  const marks = new Map(stands.marks.map((stored) => [stored.mark.id, stored]));
  const changed: string[] = [];
  for (const key of leaving.keys()) {
    const left = leftBehind(leaving.textOf(key));
    try {
      if (left) {
        const due = stillDue(left, records, Date.now());
        const now = await database.write(due);
        changed.push(...now.keys());
        for (const [id, record] of now) putOrDelete(records, id, record);
        for (const [id, mark] of due.marks) {
          putOrDelete(marks, id, mark ? { versions: CURRENT_VERSIONS, mark } : undefined);
        }
      }
      leaving.forget(key);
    } catch {
      break;
    }
  }
  return { stands: { readable: [...records.values()], marks: [...marks.values()] }, changed };
}

function putOrDelete<T>(all: Map<string, T>, id: string, one: T | undefined): void {
  if (one === undefined) all.delete(id);
  else all.set(id, one);
}

/** What the text of a page that is gone says; null where it cannot be read, or records have another shape by now. */
function leftBehind(text: string | null): LeftBehind | null {
  const left = parsed(text);
  if (!left || !sameData(left.versions, CURRENT_VERSIONS)) return null;
  const diffs = left.diffs.map(diffOf);
  if (!diffs.every((diff) => diff !== null)) return null;
  return {
    at: left.at,
    write: { diffs, marks: new Map(left.marks as unknown as [string, Mark | null][]) },
  };
}

/**
 * What of it is still to be written. Done twice a change is done; but one that is no longer recent is left where the record
 * is not as it was before it, for somebody has changed it since. Then no step can be taken back that may not have been.
 */
function stillDue(
  { at, write }: LeftBehind,
  records: ReadonlyMap<string, AppRecord>,
  now: number,
): Write {
  if (now - at < RECENT_MS) return write;
  const current = new Map(records);
  const diffs = write.diffs.map((diff) => {
    const due = {
      added: diff.added,
      updated: kept(diff.updated, ([from], id) => sameData(current.get(id), from)),
      removed: kept(diff.removed, (record, id) => sameData(current.get(id), record)),
    };
    for (const id of touchedIds(due)) putOrDelete(current, id, after(due, id, current.get(id)));
    return due;
  });
  return { diffs, marks: sameData(diffs, write.diffs) ? write.marks : new Map() };
}

function kept<T>(
  all: Readonly<Record<string, T>>,
  keep: (one: T, id: string) => boolean,
): Readonly<Record<string, T>> {
  return Object.fromEntries(Object.entries(all).filter(([id, one]) => keep(one, id)));
}

function parsed(text: string | null): z.infer<typeof Left> | null {
  try {
    const read = Left.safeParse(JSON.parse(text ?? 'null'));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/** A diff whose records are all sound; null where one is not. */
function diffOf({ added, updated, removed }: z.infer<typeof Left>['diffs'][number]): Diff | null {
  const read = (record: unknown): AppRecord | null => {
    const version = new Map(Object.entries(CURRENT_VERSIONS)).get(recordNameOf(record)) ?? 0;
    const one = readRecord(record, version);
    return one.ok ? one.value : null;
  };
  const all = (given: Readonly<Record<string, unknown>>) =>
    Object.fromEntries(Object.entries(given).map(([id, record]) => [id, read(record)]));
  const pairs = Object.fromEntries(
    Object.entries(updated).map(([id, [from, to]]) => [id, [read(from), read(to)]] as const),
  );
  const diff = { added: all(added), updated: pairs, removed: all(removed) };
  const records = [
    ...Object.values(diff.added),
    ...Object.values(diff.removed),
    ...Object.values(pairs).flat(),
  ];
  return records.every((record) => record !== null) ? (diff as unknown as Diff) : null;
}
