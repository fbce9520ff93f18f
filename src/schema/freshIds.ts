import { ClassId, LineupId, newId, RuleId, StudentId, TakeId } from './ids';
import type { AppRecord } from './records';

/**
 * The same records under new ids, every reference among them following; a reference to a record that is not
 * among them is left as it is.
 */
export function withFreshIds(records: readonly AppRecord[]): readonly AppRecord[] {
  const fresh = new Map(records.map((record) => [record.id as string, freshId(record)]));
  // Ids are long and random, so a text that equals one is a reference to it.
  return records.map((record) => renamed(record, fresh) as AppRecord);
}

function freshId({ record, id }: AppRecord): string {
  switch (record) {
    case 'class':
      return newId(ClassId, 'c');
    case 'student':
      return newId(StudentId, 's');
    case 'rule':
      return newId(RuleId, 'r');
    case 'lineup':
      return newId(LineupId, 'l');
    case 'take':
      return newId(TakeId, 't');
    case 'draft':
      return id;
    default:
      return record satisfies never;
  }
}

function renamed(value: unknown, fresh: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') return fresh.get(value) ?? value;
  if (Array.isArray(value)) return value.map((one) => renamed(one, fresh));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([field, inner]) => [field, renamed(inner, fresh)]),
  );
}
