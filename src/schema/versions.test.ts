import { z } from 'zod';
import { RECORD_TYPES } from './records';
import { migrate, validateMigrations, type RecordType } from './versions';

/** A record kind with a past: version 0 had one name, 1 split it, 2 added a note. */
const person: RecordType<unknown> = {
  record: 'person',
  validator: z.strictObject({ record: z.literal('person'), given: z.string(), note: z.string() }),
  migrations: [
    {
      name: 'person/1 split the name',
      up: ({ name, ...rest }) => ({ ...rest, given: String(name).split(' ')[0] }),
    },
    { name: 'person/2 add a note', up: (data) => ({ ...data, note: '' }) },
  ],
};

describe('records of earlier versions', () => {
  test('are brought up step by step from the version they were written in', () => {
    const newest = { record: 'person', given: 'Ana', note: '' };
    expect(migrate(person, { record: 'person', name: 'Ana Ruiz' }, 0)).toEqual({
      ok: true,
      value: newest,
    });
    expect(migrate(person, { record: 'person', given: 'Ana' }, 1)).toEqual({
      ok: true,
      value: newest,
    });
    expect(migrate(person, newest, 2)).toEqual({ ok: true, value: newest });
  });

  test('a newer one is refused with that very word, a damaged one with the place of the damage', () => {
    expect(migrate(person, {}, 3)).toMatchObject({
      ok: false,
      issue: { code: 'newerVersion', given: 3, known: 2 },
    });
    expect(migrate(person, { record: 'person', given: 7, note: '' }, 2)).toMatchObject({
      ok: false,
      issue: { code: 'damagedRecord', path: 'given' },
    });
    expect(migrate(person, null, 2)).toMatchObject({ ok: false, issue: { code: 'damagedRecord' } });
  });

  test('migrations are numbered without gaps', () => {
    const gap = { ...person, migrations: person.migrations.slice(1) };
    expect(() => validateMigrations([person])).not.toThrow();
    expect(() => validateMigrations([gap])).toThrow('expected a migration named "person/1');
  });

  test('every migration of a real record has a past shape here to be tried on', () => {
    const tried: readonly string[] = [];
    const all = RECORD_TYPES.flatMap(({ migrations }) => migrations.map(({ name }) => name));
    expect(all).toEqual(tried);
  });
});
