import { mergedRecord, type AppRecord } from '../schema/records';

/** A change of the store: whole records added and removed, and before and after of those changed. */
export interface Diff {
  readonly added: Readonly<Record<string, AppRecord>>;
  readonly updated: Readonly<Record<string, readonly [from: AppRecord, to: AppRecord]>>;
  readonly removed: Readonly<Record<string, AppRecord>>;
}

export function isEmpty(diff: Diff): boolean {
  return [diff.added, diff.updated, diff.removed].every((part) => Object.keys(part).length === 0);
}

/** Ids of all records that a diff touches. */
export function touchedIds(diff: Diff): readonly string[] {
  return [diff.added, diff.updated, diff.removed].flatMap((part) => Object.keys(part));
}

export function invert(diff: Diff): Diff {
  return {
    added: diff.removed,
    removed: diff.added,
    updated: Object.fromEntries(
      Object.entries(diff.updated).map(([id, [from, to]]) => [id, [to, from]]),
    ),
  };
}

/**
 * What one record is after a diff, undefined where it is gone. Only what the diff changed is written, so what another
 * tab wrote since is left alone, and a change of what was deleted meanwhile brings nothing back. Done twice it is done.
 */
export function after(
  { added, updated, removed }: Diff,
  id: string,
  current: AppRecord | undefined,
): AppRecord | undefined {
  if (Object.hasOwn(removed, id)) return undefined;
  if (Object.hasOwn(added, id)) return current ?? added[id];
  const step = Object.hasOwn(updated, id) ? updated[id] : undefined;
  if (!step || !current) return current;
  const [from, to] = step;
  return mergedRecord(current, from, to);
}
