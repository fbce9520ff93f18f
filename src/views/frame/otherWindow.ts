import type { ClassId } from '@/schema/ids';
import { ownerOf, type AppRecord, type RecordKind } from '@/schema/records';
import type { Diff } from '@/store/diff';
import type { RecordStore } from '@/store/recordStore';

/** A part of a class that a teacher would want to know has changed under their hands. */
export type ChangedPart =
  { readonly part: 'groups'; readonly lineup: string } | { readonly part: PlainPart };
type PlainPart = 'roster' | 'rules' | 'term' | 'activities' | 'adults' | 'results';

/** Records whose change says something; the rest is what somebody looks at, types, or is told of in its own place. */
const PARTS: Partial<Record<RecordKind, PlainPart>> = {
  ...{ class: 'roster', student: 'roster', rule: 'rules', series: 'term' },
  ...{ activity: 'activities', adult: 'adults', results: 'results' },
};

/** What a step has changed in a class, each part once; `records` are as they are after it. */
export function changedParts(
  records: RecordStore,
  diff: Diff,
  classId: ClassId,
): readonly ChangedPart[] {
  const changed = [
    ...Object.values(diff.added),
    ...Object.values(diff.removed),
    ...Object.values(diff.updated).map(([, to]) => to),
  ].filter((record) => ownerOf(record) === classId);
  const plain = changed.flatMap(({ record }) => PARTS[record] ?? []);
  const lineups = changed.flatMap((record) => lineupNamed(records, record));
  return [
    ...[...new Set(lineups)].map((lineup) => ({ part: 'groups' as const, lineup })),
    ...[...new Set(plain)].map((part) => ({ part })),
  ];
}

/** The name of the lineup that a record is or belongs to. */
function lineupNamed(records: RecordStore, record: AppRecord): readonly string[] {
  if (record.record === 'lineup') return [record.name];
  const lineup = record.record === 'take' && records.get('lineup', record.lineupId);
  return lineup ? [lineup.name] : [];
}
