import { activityType, type ActivityRecord } from './activity';
import { adultType, type AdultRecord } from './adult';
import { classType, type ClassRecord } from './classRecord';
import { draftType, type DraftRecord } from './draft';
import { drawType, type DrawRecord } from './draw';
import { lineupType, type LineupRecord } from './lineup';
import { merged, sameData } from './merging';
import { planType, type PlanRecord } from './plan';
import { receiptType, type ReceiptRecord } from './receipt';
import type { Renaming } from './renaming';
import { resultsType, type ResultsRecord } from './results';
import { ruleType, type RuleRecord } from './rule';
import { sceneType, type SceneRecord } from './scene';
import { seatSessionType, type SeatSessionRecord } from './seatSession';
import { seriesType, type SeriesRecord } from './series';
import { settingFromText, settingType, type SettingRecord } from './setting';
import { studentType, type StudentRecord } from './student';
import { takeType, type TakeRecord } from './take';
import {
  migrate,
  validateMigrations,
  versionsOf,
  type Migrated,
  type RecordType,
} from './versions';

/** kind → its records; a new kind is its file, a line here and one in `RECORD_TYPES`. */
interface RecordKinds {
  readonly class: ClassRecord;
  readonly student: StudentRecord;
  readonly rule: RuleRecord;
  readonly lineup: LineupRecord;
  readonly take: TakeRecord;
  readonly plan: PlanRecord;
  readonly draw: DrawRecord;
  readonly receipt: ReceiptRecord;
  readonly series: SeriesRecord;
  readonly results: ResultsRecord;
  readonly adult: AdultRecord;
  readonly seatSession: SeatSessionRecord;
  readonly activity: ActivityRecord;
  readonly scene: SceneRecord;
  readonly draft: DraftRecord;
  readonly setting: SettingRecord;
}
export type RecordKind = keyof RecordKinds;
export type RecordOf<K extends RecordKind> = RecordKinds[K];
export type AppRecord = RecordKinds[RecordKind];

export const RECORD_TYPES: { readonly [K in RecordKind]: RecordType<RecordOf<K>> } = {
  class: classType,
  student: studentType,
  rule: ruleType,
  lineup: lineupType,
  take: takeType,
  plan: planType,
  draw: drawType,
  receipt: receiptType,
  series: seriesType,
  results: resultsType,
  adult: adultType,
  seatSession: seatSessionType,
  activity: activityType,
  scene: sceneType,
  draft: draftType,
  setting: settingType,
};

/** Each is asked only about records of its own kind. */
export const LISTED_TYPES = Object.values(
  RECORD_TYPES,
) as unknown as readonly RecordType<AppRecord>[];
validateMigrations(LISTED_TYPES);

/** The versions this application writes. */
export const CURRENT_VERSIONS = versionsOf(LISTED_TYPES);

/** Grows with every new kind of record and every change of one. */
export const SCHEMA_AGE =
  LISTED_TYPES.length + Object.values(CURRENT_VERSIONS).reduce((sum, version) => sum + version, 0);

/** Whose kind a record is, as what knows just that kind. */
function typeOf<R extends AppRecord>({ record }: R): RecordType<R> {
  return RECORD_TYPES[record] as unknown as RecordType<R>;
}

/** The id of the class that a record belongs to; null for what belongs to none. */
export function ownerOf(record: AppRecord): string | null {
  return typeOf(record).owner(record);
}

/** The record under other ids; null where it means nothing without what is gone. */
export function renamedRecord<R extends AppRecord>(record: R, to: Renaming): R | null {
  return typeOf(record).renamed(record, to);
}

/** A fresh id for a copy of the record; null where there can be no copy. */
export function freshIdFor(record: AppRecord): string | null {
  return typeOf(record).freshId?.() ?? null;
}

/** `current` with what a step from `from` to `to` changed, and nothing else. */
export function mergedRecord<R extends AppRecord>(current: R, from: R, to: R): R {
  if (sameData(current, from)) return to;
  if (sameData(current, to) || sameData(from, to)) return current;
  const { merging, settle } = typeOf(current);
  // Every field comes from a record of the kind, so the result is one.
  const joined = merged({ fields: merging }, current, from, to) as R;
  return settle ? settle(joined, current, from, to) : joined;
}

/** Reads one stored record, written when its kind had version `given`. */
export function readRecord(data: unknown, given: number): Migrated<AppRecord> {
  const moved = settingFromText(data);
  const record = recordNameOf(moved ?? data);
  const type = LISTED_TYPES.find((candidate) => candidate.record === record);
  if (!type) return { ok: false, issue: { code: 'unknownRecord', record } };
  return migrate<AppRecord>(type, moved ?? data, moved ? 0 : given);
}

/** What kind of record some data says it is; '' when it says nothing. */
export function recordNameOf(data: unknown): string {
  return typeof data === 'object' && data !== null && 'record' in data ? String(data.record) : '';
}
