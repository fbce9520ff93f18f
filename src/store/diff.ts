import type { AppRecord } from '../schema/records';

/** A change of the store: whole records added and removed, and before and after of those changed. */
export interface Diff {
  readonly added: Readonly<Record<string, AppRecord>>;
  readonly updated: Readonly<Record<string, readonly [from: AppRecord, to: AppRecord]>>;
  readonly removed: Readonly<Record<string, AppRecord>>;
}

/** Whether two pieces of plain data (JSON) say the same. */
export function sameData(one: unknown, two: unknown): boolean {
  if (one === two) return true;
  if (typeof one !== 'object' || typeof two !== 'object' || one === null || two === null)
    return false;
  if (Array.isArray(one) !== Array.isArray(two)) return false;
  const [left, right] = [Object.entries(one), new Map(Object.entries(two))];
  return (
    left.length === right.size &&
    left.every(([field, value]) => right.has(field) && sameData(value, right.get(field)))
  );
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
 * `current` with only those fields set that the step from `from` to `to` changed, so that undoing an old
 * step leaves alone what another tab has since changed in the same record.
 */
export function patch(current: AppRecord, from: AppRecord, to: AppRecord): AppRecord {
  const before: Readonly<Record<string, unknown>> = { ...from };
  const changed = Object.entries(to).filter(([field, value]) => !sameData(before[field], value));
  // The fields come from a record of the same kind, so the result is one too.
  return { ...current, ...Object.fromEntries(changed) };
}
