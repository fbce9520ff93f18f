import * as z from 'zod/mini';
import { sameData } from '../schema/merging';
import { CURRENT_VERSIONS, readRecord, recordNameOf, type AppRecord } from '../schema/records';
import type { Write } from './database';
import { after, touchedIds, type Diff } from './diff';
import type { Mark } from './history';

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
export interface LeftBehind {
  readonly at: number;
  readonly write: Write;
}

/** What the text of a page that is gone says; null where it cannot be read, or records have another shape by now. */
export function leftBehind(text: string | null): LeftBehind | null {
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
 * is not as it was before it, for somebody has changed it since.
 */
export function stillDue(
  { at, write }: LeftBehind,
  records: ReadonlyMap<string, AppRecord>,
  now: number,
): readonly Diff[] {
  if (now - at < RECENT_MS) return write.diffs;
  const current = new Map(records);
  return write.diffs.map((diff) => {
    const due = {
      added: diff.added,
      updated: kept(diff.updated, ([from], id) => sameData(current.get(id), from)),
      removed: kept(diff.removed, (record, id) => sameData(current.get(id), record)),
    };
    for (const id of touchedIds(due)) {
      const next = after(due, id, current.get(id));
      if (next) current.set(id, next);
      else current.delete(id);
    }
    return due;
  });
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
