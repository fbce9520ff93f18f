import { idsOf, take } from '../encode/testBench';
import { mergedRecord } from './records';
import { sitAlike } from './seats';
import { LEAD, type TakeRecord } from './take';

const seats = ({ groups }: TakeRecord): string[] =>
  groups.map(({ studentIds }) => studentIds.join(' '));
const from = take(['a b c', 'd e f', 'g h']);

test.each([
  ['two moves', ['b c', 'd e f a', 'g h'], ['a b c', 'd f', 'g h e'], ['b c', 'd f a', 'g h e']],
  [
    'a move and a swap',
    ['b c', 'd e f a', 'g h'],
    ['d b c', 'a e f', 'g h'],
    ['b c d', 'e f a', 'g h'],
  ],
  [
    'one moved twice',
    ['b c', 'd e f a', 'g h'],
    ['b c', 'd e f', 'g h a'],
    ['b c', 'd e f', 'g h a'],
  ],
  [
    'one put aside, one moved',
    ['b c', 'd e f', 'g h'],
    ['a b c', 'd e', 'g h f'],
    ['b c', 'd e', 'g h f'],
  ],
])('%s in two tabs are both in the take', (_, theirs, mine, expected) => {
  const joined = mergedRecord(take(theirs), from, take(mine));
  expect(seats(joined)).toEqual(expected);
  expect(seats(joined).join(' ').split(' ').length).toBe(
    new Set(seats(joined).join(' ').split(' ')).size,
  );
});

test('who was moved to a group that is gone by now stands aside', () => {
  const gone = { ...from, groups: from.groups.slice(0, 2) };
  expect(seats(mergedRecord(gone, from, take(['b c', 'd e f', 'g h a'])))).toEqual([
    'b c',
    'd e f',
  ]);
});

test('a group that was removed takes nobody along who has left it, and a new one brings its own', () => {
  const theirs = take(['a b c g', 'd e f', 'h']);
  const removed = { ...from, groups: from.groups.slice(0, 2) };
  expect(seats(mergedRecord(theirs, from, removed))).toEqual(['a b c', 'd e f']);
  const split = take(['a b', 'd e f', 'g h', 'c']);
  expect(seats(mergedRecord(take(['a b c', 'd f', 'g h e']), from, split))).toEqual([
    ...['a b', 'd f', 'g h e', 'c'],
  ]);
});

test('a name, a lock and a role are each an edit of their own; a role goes with its holder', () => {
  const [first, ...others] = from.groups;
  const [a] = idsOf('a');
  const theirs = { ...from, groups: [{ ...first!, name: 'Heron', locked: true }, ...others] };
  const mine = { ...from, groups: [{ ...first!, roles: { [LEAD]: a!, scribe: a! } }, ...others] };
  expect(mergedRecord(theirs, from, mine).groups[0]).toMatchObject({
    ...{ name: 'Heron', locked: true, roles: { lead: 'a', scribe: 'a' } },
  });
  const moved = mergedRecord(take(['b c', 'd e f', 'g h a']), from, mine);
  expect(moved.groups[0]!.roles).toEqual({});
});

test('how a take was dealt is kept from the first move on, and forgotten when all sit so again', () => {
  const once = mergedRecord(take(['b c', 'd e f a', 'g h'], { dealt: from.groups }), from, {
    ...take(['a b c', 'd f', 'g h e']),
    dealt: from.groups,
  });
  expect(once.dealt).toEqual(from.groups);
  const starred = { ...from, starred: true };
  const first = mergedRecord(starred, from, {
    ...take(['b c', 'd e f a', 'g h']),
    dealt: from.groups,
  });
  expect([first.starred, first.dealt]).toEqual([true, from.groups]);
  const back = mergedRecord(once, take(['b c', 'd f a', 'g h e']), from);
  expect([seats(back).map((names) => names.split('').sort().join('')), back.dealt]).toEqual([
    seats(from).map((names) => names.split('').sort().join('')),
    null,
  ]);
});

test('groups whose signs do not tell them apart are taken as a whole', () => {
  const twins = { ...from, groups: from.groups.map((group) => ({ ...group, sign: 0 })) };
  const mine = { ...twins, groups: twins.groups.slice(0, 2) };
  expect(mergedRecord({ ...twins, starred: true }, twins, mine).groups).toEqual(mine.groups);
});

test.each([
  [['a b', 'c'], ['b a', 'c'], true],
  [['a b', 'c'], ['a', 'c b'], false],
  [['a b', 'c'], ['a b', 'c', ''], false],
])('%j and %j sit alike: %s', (one, two, alike) => {
  expect(sitAlike(take(one).groups, take(two).groups)).toBe(alike);
});
