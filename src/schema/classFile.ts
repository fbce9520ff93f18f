import * as z from 'zod/mini';
import { ClassRecord } from './classRecord';
import { LineupRecord } from './lineup';
import { CURRENT_VERSIONS, readRecord, recordNameOf, type AppRecord } from './records';
import { RuleRecord } from './rule';
import { StudentRecord } from './student';
import { TakeRecord } from './take';
import type { MigrationIssue } from './versions';

/** One class with everything that belongs to it, as an open JSON file. */
export const ClassFile = z.object({
  format: z.literal('gruppetto.class'),
  version: z.literal(1),
  /** record kind → version of its shape, so that older files can be brought up to date. */
  records: z.record(z.string(), z.int().check(z.gte(0))),
  class: ClassRecord,
  students: z.array(StudentRecord),
  rules: z.array(RuleRecord),
  lineups: z.array(LineupRecord),
  takes: z.array(TakeRecord),
});
export type ClassFile = z.infer<typeof ClassFile>;

/** Several classes in one file: everything a teacher has. */
export const BackupFile = z.object({
  format: z.literal('gruppetto.backup'),
  version: z.literal(1),
  classes: z.array(ClassFile),
});
export type BackupFile = z.infer<typeof BackupFile>;

export type ClassFileIssue =
  | MigrationIssue
  | { readonly code: 'notAClassFile' }
  | { readonly code: 'newerFile'; readonly given: number; readonly known: 1 };

export type ReadClassFile =
  | { readonly ok: true; readonly records: readonly AppRecord[] }
  | { readonly ok: false; readonly issue: ClassFileIssue };

const Envelope = z.object({
  format: z.literal('gruppetto.class'),
  version: z.number(),
  records: z.record(z.string(), z.number()),
  class: z.unknown(),
  students: z.array(z.unknown()),
  rules: z.array(z.unknown()),
  lineups: z.array(z.unknown()),
  takes: z.array(z.unknown()),
});

export function writeBackup(classes: readonly ClassFile[]): BackupFile {
  return { format: 'gruppetto.backup', version: 1, classes: [...classes] };
}

export type ReadBackup =
  | { readonly ok: true; readonly classes: readonly (readonly AppRecord[])[] }
  | { readonly ok: false; readonly issue: ClassFileIssue };

const BackupEnvelope = z.object({
  format: z.literal('gruppetto.backup'),
  version: z.number(),
  classes: z.array(z.unknown()),
});

/** The classes of a backup or of a single class file; nothing at all when any of it cannot be read. */
export function readBackup(data: unknown): ReadBackup {
  const envelope = BackupEnvelope.safeParse(data);
  const files = envelope.success ? envelope.data.classes : [data];
  if (envelope.success && envelope.data.version > 1) {
    return { ok: false, issue: { code: 'newerFile', given: envelope.data.version, known: 1 } };
  }
  const classes: (readonly AppRecord[])[] = [];
  for (const file of files) {
    const read = readClassFile(file);
    if (!read.ok) return read;
    classes.push(read.records);
  }
  return { ok: true, classes };
}

export function writeClassFile(
  theClass: ClassRecord,
  parts: Pick<ClassFile, 'students' | 'rules' | 'lineups' | 'takes'>,
): ClassFile {
  return {
    format: 'gruppetto.class',
    version: 1,
    records: CURRENT_VERSIONS,
    class: theClass,
    ...parts,
  };
}

/** All records of a class file, brought up to date; nothing at all when any of it cannot be read. */
export function readClassFile(data: unknown): ReadClassFile {
  const envelope = Envelope.safeParse(data);
  if (!envelope.success) return { ok: false, issue: { code: 'notAClassFile' } };
  const file = envelope.data;
  if (file.version > 1) {
    return { ok: false, issue: { code: 'newerFile', given: file.version, known: 1 } };
  }
  const stored = [file.class, ...file.students, ...file.rules, ...file.lineups, ...file.takes];
  const records: AppRecord[] = [];
  for (const one of stored) {
    const read = readRecord(one, file.records[recordNameOf(one)] ?? 0);
    if (!read.ok) return read;
    records.push(read.value);
  }
  return { ok: true, records };
}
