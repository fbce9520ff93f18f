import type * as z from 'zod/mini';
import type { Merging } from './merging';
import type { Renaming } from './renaming';

/** One change of a record's shape: named after the change, pure, without clock or randomness. */
export interface Migration {
  /** `record/number name`, numbered from 1 without gaps: `student/1 add wishes`. */
  readonly name: string;
  readonly up: (data: Record<string, unknown>) => Record<string, unknown>;
}

/** What brings stored data of a kind up to date: the kind, its validator, and how older shapes become this one. */
export interface Versioned<T> {
  readonly record: string;
  readonly validator: z.ZodMiniType<T>;
  readonly migrations: readonly Migration[];
}

/**
 * All that is asked of a kind of record. Files, copies, pooling, deletion, replaced ids, second imports and edits from
 * two tabs are driven by it alone.
 */
export interface RecordType<T> extends Versioned<T> {
  /** A fresh id for a copy; null where the id says what the record is about, so that there can be no copy. */
  readonly freshId: (() => string) | null;
  /** The class that the record belongs to and goes with; null for what belongs to no class. */
  readonly owner: (record: T) => string | null;
  /** The list of a class file that holds such records; null for what never leaves this browser. */
  readonly list: string | null;
  /** The record with every id in it, its own included, renamed; null where it means nothing without what is gone. */
  readonly renamed: (record: T, to: Renaming) => T | null;
  /** How finely edits of two tabs are told apart, field by field; fields not named are taken whole. */
  readonly merging: Readonly<Record<string, Merging>>;
  /** Puts right what joining two edits field by field cannot see; given the joined record and what it came from. */
  readonly settle?: (joined: T, current: T, from: T, to: T) => T;
}

/** record kind → the number of its newest migration (0 where there is none yet). */
export type SchemaVersions = Readonly<Record<string, number>>;

export type Migrated<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issue: MigrationIssue };

export type MigrationIssue =
  | {
      readonly code: 'newerVersion';
      readonly record: string;
      readonly given: number;
      readonly known: number;
    }
  | { readonly code: 'unknownRecord'; readonly record: string }
  | { readonly code: 'damagedRecord'; readonly record: string; readonly path: string };

type Named = Pick<Versioned<unknown>, 'record' | 'migrations'>;

/** Checked once at start-up: a gap or a misnamed migration is a programmer's mistake, so it throws. */
export function validateMigrations(types: readonly Named[]): void {
  for (const { record, migrations } of types) {
    migrations.forEach(({ name }, index) => {
      const expected = `${record}/${index + 1} `;
      if (!name.startsWith(expected)) {
        throw new Error(`expected a migration named "${expected}…", received "${name}"`);
      }
    });
  }
}

export function versionsOf(types: readonly Named[]): SchemaVersions {
  return Object.fromEntries(types.map(({ record, migrations }) => [record, migrations.length]));
}

/** Brings stored data of version `given` to the newest shape and checks it; the data itself is not changed. */
export function migrate<T>(type: Versioned<T>, data: unknown, given: number): Migrated<T> {
  const known = type.migrations.length;
  const { record } = type;
  if (given > known) return { ok: false, issue: { code: 'newerVersion', record, given, known } };
  if (typeof data !== 'object' || data === null) {
    return { ok: false, issue: { code: 'damagedRecord', record, path: '' } };
  }
  const current = type.migrations
    .slice(given)
    .reduce<Record<string, unknown>>((shape, { up }) => up(shape), { ...data });
  const checked = type.validator.safeParse(current);
  if (checked.success) return { ok: true, value: checked.data };
  const path = checked.error.issues[0]?.path.join('.') ?? '';
  return { ok: false, issue: { code: 'damagedRecord', record, path } };
}

/** The objects of a list in data of unknown shape, for migrations. */
export function listOf(value: unknown): readonly object[] {
  return Array.isArray(value)
    ? value.filter((one): one is object => typeof one === 'object' && one !== null)
    : [];
}
