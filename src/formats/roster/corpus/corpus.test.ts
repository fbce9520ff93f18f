import { readRosterFile } from '../readRoster';
import { CORPUS } from './all';

describe.each(Object.entries(CORPUS))('%s', (_, cases) => {
  test.each(cases.map((one) => [one.name, one] as const))('%s', async (_name, one) => {
    const bytes = typeof one.given === 'string' ? new TextEncoder().encode(one.given) : one.given;
    const read = await readRosterFile(bytes);
    if (!read.ok) throw new Error(read.error.code);
    const { students, staff, skipped, attributes, warnings } = read.roster;
    expect(students.map(({ displayName }) => displayName)).toEqual(one.students);
    expect(staff.map(({ displayName }) => displayName)).toEqual(one.staff ?? []);
    if (one.leftOut) {
      expect(skipped.map(({ name }) => name).sort()).toEqual([...one.leftOut].sort());
    }
    if (one.askedPairs !== undefined) {
      expect(warnings.filter(({ kind }) => kind === 'twoNames')).toHaveLength(one.askedPairs);
    }
    const doubtful = warnings.filter(({ kind }) => kind === 'doubtfulName');
    expect(doubtful.map(({ name }) => name)).toEqual(one.asked ?? []);
    one.facts?.forEach((facts, i) => expect(students[i]).toMatchObject(facts));
    one.facts?.forEach(({ attributes: known }, i) => {
      if (known) expect(students[i]?.attributes).toEqual(known);
    });
    if (one.details) {
      expect(Object.fromEntries(attributes.map(({ name, kind }) => [name, kind]))).toEqual(
        one.details,
      );
    }
  });
});
