import { readRosterText } from '../readRoster';
import { POOLS, WAYS, type Pool, type Way } from './ways';

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

/** What may stand around any list, or before each of its lines, and is nobody. */
const AROUND: Readonly<Record<string, (text: string) => string>> = {
  'a title, a class and a teacher over it': (text) =>
    `River School\nClass: 7B\nTeacher: Ms Okafor\n\n${text}`,
  'a day over it, a total and who printed it below': (text) =>
    `12 October 2026\n${text}\n\nTotal: 24 students\nPrinted 12/10/2026\nPage 1 of 1`,
  'the signs of a quotation and line ends of another machine': (text) =>
    text.replace(/^(?=.)/gm, '> ').replaceAll('\n', '\r\n'),
};

/** Letters, what has such lines already, and records that say for themselves where they begin. */
const ITSELF = /"name"|^To: |^Hi |^River School|^> /;

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

describe.each(Object.entries(AROUND))('with %s', (_, around) => {
  const [pool] = POOLS;
  if (!pool) throw new Error('nobody');
  const ways = WAYS.filter((way) => !way.not?.(pool) && !ITSELF.test(way.write(pool.written)));
  test.each(ways.map((way): readonly [string, Way] => [way.name, way]))(
    'a class written in %s is read as without',
    (_name, way) => {
      expect(sorted(readIn(around(way.write(pool.written))).keys())).toEqual(sorted(pool.shown));
    },
  );
});
