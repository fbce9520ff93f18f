import { freshIdFor, renamedRecord, type AppRecord } from './records';
import { renaming, type NamedIds } from './renaming';

/**
 * The same records under new ids, every reference among them following; a reference to a record that is not among
 * them is left as it is. What can have no copy is left out.
 */
export function withFreshIds(records: readonly AppRecord[]): readonly AppRecord[] {
  const fresh = new Map<string, string>();
  for (const record of records) {
    const id = freshIdFor(record);
    if (id !== null) fresh.set(record.id, id);
  }
  const next = <T extends NamedIds[keyof NamedIds]>(id: T): T => (fresh.get(id) ?? id) as T;
  const to = renaming({
    class: next,
    student: next,
    rule: next,
    lineup: next,
    take: next,
    plan: next,
    draw: next,
    receipt: next,
    series: next,
    results: next,
    adult: next,
    activity: next,
  });
  return records.flatMap((record) =>
    fresh.has(record.id) ? (renamedRecord(record, to) ?? []) : [],
  );
}
