import { readRosterText } from '../readRoster';
import { POOLS, WAYS, type Pool } from './ways';

/** Everybody as they were read, by what they are called, with all that is known of them. */
function readIn(text: string): ReadonlyMap<string, readonly (string | number | null)[]> {
  const read = readRosterText(text);
  if (!read.ok) throw new Error(read.error.code);
  const asked = read.roster.warnings.filter(
    ({ kind }) => kind === 'doubtfulName' || kind === 'twoNames',
  );
  expect(asked).toEqual([]);
  return new Map(
    read.roster.students.map((one) => [
      one.displayName,
      [one.section, one.email, one.externalId, ...Object.values(one.attributes)],
    ]),
  );
}

const sorted = (names: Iterable<string>): readonly string[] => [...names].sort();

describe.each(WAYS.map((way) => [way.name, way] as const))('a class written in %s', (_, way) => {
  const pools = POOLS.filter((pool) => !way.not?.(pool));
  test.each(pools.map((pool): readonly [string, Pool] => [pool.name, pool]))(
    '%s',
    (_name, pool) => {
      const known = readIn(way.write(pool.written));
      expect(sorted(known.keys())).toEqual(sorted(pool.shown));
      pool.shown.forEach((name, at) => {
        expect(known.get(name)).toEqual(expect.arrayContaining([...(way.told?.(at) ?? [])]));
      });
    },
  );
});
