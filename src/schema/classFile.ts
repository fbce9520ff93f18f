import * as z from 'zod/mini';
import { ClassRecord } from './classRecord';
import {
  CURRENT_VERSIONS,
  LISTED_TYPES,
  ownerOf,
  readRecord,
  recordNameOf,
  type AppRecord,
} from './records';
import type { MigrationIssue } from './versions';

/** The kinds of records that a class file holds in lists beside its class. */
const IN_LISTS = LISTED_TYPES.flatMap((type) =>
  type.list === null || type.record === 'class' ? [] : [{ ...type, list: type.list }],
);

/** One class with everything that belongs to it, as an open JSON file. */
export const ClassFile = z.object({
  format: z.literal('gruppetto.class'),
  version: z.literal(1),
  /** record kind → version of its shape, so that older files can be brought up to date. */
  records: z.record(z.string(), z.int().check(z.gte(0))),
  class: ClassRecord,
  ...Object.fromEntries(IN_LISTS.map(({ list, validator }) => [list, z.array(validator)])),
});
/** Beside what every file has, a list for each kind of record that belongs to a class. */
export type ClassFile = z.infer<typeof ClassFile> & Readonly<Record<string, unknown>>;

/** Several classes in one file: everything a teacher has. */
export const BackupFile = z.object({
  format: z.literal('gruppetto.backup'),
  version: z.literal(1),
  classes: z.array(ClassFile),
});
export type BackupFile = z.infer<typeof BackupFile>;

/** What stood on a disk that could not be opened as usual, record by record, unread. */
export interface RescueFile {
  readonly format: 'gruppetto.rescue';
  readonly version: 1;
  readonly records: readonly { readonly version: number; readonly data: unknown }[];
}

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
  // A file from before a kind of record has no list of it.
  ...Object.fromEntries(
    IN_LISTS.map(({ list }) => [list, z._default(z.array(z.unknown()), [])] as const),
  ),
});

export function writeBackup(classes: readonly ClassFile[]): BackupFile {
  return { format: 'gruppetto.backup', version: 1, classes: [...classes] };
}

export type ReadBackup =
  | {
      readonly ok: true;
      readonly classes: readonly (readonly AppRecord[])[];
      /** Records of a rescued disk that could not be read. */
      readonly unread: number;
    }
  | { readonly ok: false; readonly issue: ClassFileIssue };

const BackupEnvelope = z.object({
  format: z.literal('gruppetto.backup'),
  version: z.number(),
  classes: z.array(z.unknown()),
});

const RescueEnvelope = z.object({
  format: z.literal('gruppetto.rescue'),
  version: z.literal(1),
  records: z.array(z.object({ version: z.number(), data: z.unknown() })),
});

/**
 * The classes of a backup or of a single class file; nothing at all when any of it cannot be read. Of a rescued disk
 * every class that can be read.
 */
export function readBackup(data: unknown): ReadBackup {
  const rescued = RescueEnvelope.safeParse(data);
  if (rescued.success) return readRescued(rescued.data.records);
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
  return { ok: true, classes, unread: 0 };
}

function readRescued(stored: RescueFile['records']): ReadBackup {
  const readable = stored.flatMap(({ version, data }) => {
    const read = readRecord(data, version);
    return read.ok ? [read.value] : [];
  });
  const classes = readable.filter(({ record }) => record === 'class');
  return {
    ok: true,
    classes: classes.map(({ id }) => inFile(readable.filter((one) => ownerOf(one) === id))),
    unread: stored.length - readable.length,
  };
}

/** Of some records those that a class file holds. */
function inFile(records: readonly AppRecord[]): readonly AppRecord[] {
  const kinds = new Set(['class', ...IN_LISTS.map(({ record }) => record)]);
  return records.filter(({ record }) => kinds.has(record));
}

/** A class and all that belongs to it as a file; whatever never leaves this browser is left out. */
export function writeClassFile(records: readonly AppRecord[]): ClassFile {
  const theClass = records.find((one): one is ClassRecord => one.record === 'class');
  if (!theClass) throw new Error('expected a class among the records, received none');
  const kinds = ['class', ...IN_LISTS.map(({ record }) => record)];
  return {
    format: 'gruppetto.class',
    version: 1,
    records: Object.fromEntries(kinds.map((kind) => [kind, CURRENT_VERSIONS[kind] ?? 0])),
    class: theClass,
    ...Object.fromEntries(
      IN_LISTS.map(({ list, record: kind }) => [
        list,
        records.filter(({ record }) => record === kind),
      ]),
    ),
  };
}

/** All records of a class file, brought up to date; nothing at all when any of it cannot be read. */
export function readClassFile(data: unknown): ReadClassFile {
  const envelope = Envelope.safeParse(data);
  if (!envelope.success) return { ok: false, issue: { code: 'notAClassFile' } };
  const { version, records: versions, class: theClass } = envelope.data;
  if (version > 1) return { ok: false, issue: { code: 'newerFile', given: version, known: 1 } };
  const lists = envelope.data as Readonly<Record<string, unknown>>;
  const stored = [theClass, ...IN_LISTS.flatMap(({ list }) => lists[list] as readonly unknown[])];
  const records: AppRecord[] = [];
  for (const one of stored) {
    const read = readRecord(one, versions[recordNameOf(one)] ?? 0);
    if (!read.ok) return read;
    records.push(read.value);
  }
  return { ok: true, records };
}
