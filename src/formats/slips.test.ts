import fc from 'fast-check';
import { isNear, isSlip, usualDomain, withoutSlip } from './slips';

/** The fewest letters to drop, add, change or swap with their neighbour, none touched twice: by trying every way. */
function slowDistance(one: string, two: string): number {
  if (one === '' || two === '') return one.length + two.length;
  const [a, b] = [one.slice(1), two.slice(1)];
  const [[first, second], [other, next]] = [one, two] as unknown as [string[], string[]];
  const ways = [
    slowDistance(a, b) + Number(first !== other),
    slowDistance(a, two) + 1,
    slowDistance(one, b) + 1,
  ];
  if (second !== undefined && first === next && second === other)
    ways.push(slowDistance(one.slice(2), two.slice(2)) + 1);
  return Math.min(...ways);
}

test('words are near where so many letters at most are dropped, added, changed or swapped', () => {
  const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), maxLength: 5 });
  fc.assert(
    fc.property(word, word, fc.integer({ min: 0, max: 3 }), (one, two, most) => {
      expect(isNear(one, two, most)).toBe(slowDistance(one, two) <= most);
      expect(isSlip(one, two)).toBe(one !== two && slowDistance(one, two) <= 2);
    }),
    { seed: 19, numRuns: 400 },
  );
});

test.each([
  [['a@example.org', 'b@EXAMPLE.org', 'c@exmaple.org'], 'example.org'],
  [['a@example.org', 'b@example.org', 'c@x.net', 'd@y.net'], 'example.org'],
  // Two of five are not most, and one alone is no custom.
  [['a@example.org', 'b@example.org', 'c@x.net', 'd@y.net', 'e@z.net'], ''],
  [['a@example.org'], ''],
  [[], ''],
  [['a@example.org', 'b@example.org', 'none', '', '-'], 'example.org'],
])('the usual domain of %j is "%s"', (emails, usual) => {
  expect(usualDomain(emails)).toBe(usual);
});

test.each([
  ['amira@exmaple.org', 'example.org', 'amira@example.org'],
  ['amira@example.org', 'example.org', ''],
  ['amira@other.net', 'example.org', ''],
  ['no address', 'example.org', ''],
  ['amira@exmaple.org', '', ''],
])('of %s, where most are at "%s", was probably meant "%s"', (email, usual, meant) => {
  expect(withoutSlip(email, usual)).toBe(meant);
});
