import type * as z from 'zod/mini';

/** One change of a record's shape: named after the change, pure, without clock or randomness. */
export interface Migration {
  /** `record/number name`, numbered from 1 without gaps: `student/1 add wishes`. */
  readonly name: string;
  readonly up: (data: Record<string, unknown>) => Record<string, unknown>;
}

/** What a record file declares: the kind, its validator, and how older shapes become this one. */
export interface RecordType<T> {
  readonly record: string;
  readonly validator: z.ZodMiniType<T>;
  readonly migrations: readonly Migration[];
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

/** Checked once at start-up: a gap or a misnamed migration is a programmer's mistake, so it throws. */
export function validateMigrations(types: readonly RecordType<unknown>[]): void {
  for (const { record, migrations } of types) {
    migrations.forEach(({ name }, index) => {
      const expected = `${record}/${index + 1} `;
      if (!name.startsWith(expected)) {
        throw new Error(`expected a migration named "${expected}…", received "${name}"`);
      }
    });
  }
}

export function versionsOf(types: readonly RecordType<unknown>[]): SchemaVersions {
  return Object.fromEntries(types.map(({ record, migrations }) => [record, migrations.length]));
}

/** Brings stored data of version `given` to the newest shape and checks it; the data itself is not changed. */
export function migrate<T>(type: RecordType<T>, data: unknown, given: number): Migrated<T> {
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
