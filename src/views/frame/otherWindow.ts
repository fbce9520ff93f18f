import type { ClassId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { ownerOf, type RecordKind } from '@/schema/records';
import type { Diff } from '@/store/diff';
import type { RecordStore } from '@/store/recordStore';

/** A part of a class that a teacher would want to know has changed under their hands. */
export type ChangedPart =
  { readonly part: 'groups' | 'lineup'; readonly lineup: string } | { readonly part: PlainPart };
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
  const groups = new Set(
    changed.flatMap((record) => {
      const ofTake = record.record === 'take' && records.get('lineup', record.lineupId);
      if (ofTake) return [ofTake.name];
      return record.record === 'lineup' && showsAnother(diff, record) ? [record.name] : [];
    }),
  );
  const lineups = new Set(
    changed.flatMap((one) => (one.record === 'lineup' && !groups.has(one.name) ? one.name : [])),
  );
  return [
    ...[...groups].map((lineup) => ({ part: 'groups' as const, lineup })),
    ...[...lineups].map((lineup) => ({ part: 'lineup' as const, lineup })),
    ...[...new Set(plain)].map((part) => ({ part })),
  ];
}

/** Whether a lineup shows other groups after a step than before it. */
function showsAnother(diff: Diff, now: LineupRecord): boolean {
  const was = diff.updated[now.id]?.[0];
  return was?.record === 'lineup' && was.takeId !== now.takeId;
}
