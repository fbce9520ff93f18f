import { classType, type ClassRecord } from './classRecord';
import { draftType, type DraftRecord } from './draft';
import { lineupType, type LineupRecord } from './lineup';
import { ruleType, type RuleRecord } from './rule';
import { studentType, type StudentRecord } from './student';
import { takeType, type TakeRecord } from './take';
import {
  migrate,
  validateMigrations,
  versionsOf,
  type Migrated,
  type RecordType,
} from './versions';

export type AppRecord =
  ClassRecord | StudentRecord | RuleRecord | LineupRecord | TakeRecord | DraftRecord;
export type RecordKind = AppRecord['record'];
export type RecordOf<K extends RecordKind> = Extract<AppRecord, { record: K }>;

/** Every kind of record; a new kind is one file and a line here. */
export const RECORD_TYPES: readonly RecordType<AppRecord>[] = [
  classType,
  studentType,
  ruleType,
  lineupType,
  takeType,
  draftType,
];

validateMigrations(RECORD_TYPES);

/** The versions this application writes. */
export const CURRENT_VERSIONS = versionsOf(RECORD_TYPES);

/** Reads one stored record, written when its kind had version `given`. */
export function readRecord(data: unknown, given: number): Migrated<AppRecord> {
  const record = recordNameOf(data);
  const type = RECORD_TYPES.find((candidate) => candidate.record === record);
  if (!type) return { ok: false, issue: { code: 'unknownRecord', record } };
  return migrate(type, data, given);
}

/** What kind of record some data says it is; '' when it says nothing. */
export function recordNameOf(data: unknown): string {
  return typeof data === 'object' && data !== null && 'record' in data ? String(data.record) : '';
}
