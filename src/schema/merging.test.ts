import { merged, sameData, type Merging } from './merging';

interface Item {
  readonly id: string;
  readonly name?: string;
  readonly sign?: number;
}

const LIST: Merging = { list: ({ id }: Item) => id, item: { fields: {} } };
const items = (ids: string): Item[] => ids.split('').map((id) => ({ id }));
const idsOf = (value: unknown): string => (value as Item[]).map(({ id }) => id).join('');

describe('what was edited in two tabs', () => {
  test('whole: the later edit stands, and where there is none the other', () => {
    expect(merged('whole', 'theirs', 'before', 'mine')).toBe('mine');
    expect(merged('whole', 'theirs', 'before', 'before')).toBe('theirs');
    expect(merged('whole', 'before', 'before', 'mine')).toBe('mine');
  });

  test('a set: who was taken in and who was taken out, by either', () => {
    const from = ['a', 'b', 'c'];
    expect(merged('set', ['a', 'b', 'c', 'd'], from, ['a', 'c', 'e'])).toEqual([
      ...['a', 'c', 'd', 'e'],
    ]);
    expect(merged('set', ['b', 'c'], from, ['a', 'b', 'c', 'x'])).toEqual(['b', 'c', 'x']);
    expect(merged('set', ['a', 'b', 'c', 'x'], from, ['a', 'x'])).toEqual(['a', 'x']);
  });

  test('fields: each by itself, and only as finely as is said', () => {
    const how: Merging = { fields: { inner: { fields: {} } } };
    const from = { name: 'n', note: '', inner: { x: 1, y: 1 }, other: { x: 1, y: 1 } };
    const theirs = { ...from, name: 'N', inner: { x: 2, y: 1 }, other: { x: 2, y: 1 } };
    const mine = { ...from, note: 'mine', inner: { x: 1, y: 2 }, other: { x: 1, y: 2 } };
    expect(merged(how, theirs, from, mine)).toEqual({
      ...{ name: 'N', note: 'mine', inner: { x: 2, y: 2 }, other: { x: 1, y: 2 } },
    });
  });

  test('a table: what was taken away by either is gone, unless the other has changed it', () => {
    const how: Merging = { each: 'whole' };
    const from = { a: 1, b: 1, c: 1, d: 1 };
    expect(merged(how, { b: 1, c: 1, d: 1, e: 5 }, from, { a: 1, b: 2, d: 1, f: 6 })).toEqual({
      ...{ b: 2, d: 1, e: 5, f: 6 },
    });
    expect(merged(how, { b: 1, c: 1, d: 1 }, from, { a: 2, b: 1, c: 1, d: 1 })).toEqual({
      ...{ a: 2, b: 1, c: 1, d: 1 },
    });
  });

  test('a list: items changed, taken out and put in, each where it belongs', () => {
    const from = [
      { id: 'a', name: 'A', sign: 0 },
      { id: 'b', name: 'B', sign: 1 },
    ];
    const theirs = [{ id: 'a', name: 'A', sign: 7 }, from[1]!, { id: 'x', name: 'X', sign: 2 }];
    const mine = [{ id: 'a', name: 'Mine', sign: 0 }];
    expect(merged(LIST, theirs, from, mine)).toEqual([
      { id: 'a', name: 'Mine', sign: 7 },
      { id: 'x', name: 'X', sign: 2 },
    ]);
  });

  test.each([
    ['put in after its neighbour', 'abcx', 'abc', 'abnc', 'abncx'],
    ['put in first', 'abcx', 'abc', 'nabc', 'nabcx'],
    ['put in behind what is gone by now', 'ac', 'abc', 'abnc', 'acn'],
    ['two put in, one behind the other', 'abcx', 'abc', 'amnbc', 'amnbcx'],
    ['put in by both', 'abn', 'ab', 'anb', 'abn'],
    ['turned round, and what the other put in stays at the end', 'abcx', 'abc', 'cba', 'cbax'],
    ['taken out by both', 'ac', 'abc', 'ac', 'ac'],
    ['taken out by one, changed in place by nobody', 'abc', 'abcd', 'acd', 'ac'],
  ])('a list: %s', (_, current, from, to, expected) => {
    expect(idsOf(merged(LIST, items(current), items(from), items(to)))).toBe(expected);
  });

  test('items that cannot be told apart are taken as a whole', () => {
    const twice = items('aa');
    expect(merged(LIST, items('abx'), items('ab'), twice)).toBe(twice);
    expect(idsOf(merged(LIST, items('aa'), items('ab'), items('abc')))).toBe('abc');
    expect(idsOf(merged(LIST, items('abx'), items('aa'), items('abc')))).toBe('abc');
  });
});

test.each([
  [{ a: [1, { b: null }] }, { a: [1, { b: null }] }, true],
  [{ a: 1 }, { a: 1, b: undefined }, false],
  [{ a: 1, b: 2 }, { b: 2, a: 1 }, true],
  [[1, 2], [2, 1], false],
  [[], {}, false],
  [null, {}, false],
  [{}, null, false],
  ['1', 1, false],
])('%j and %j say the same: %s', (one, two, same) => {
  expect(sameData(one, two)).toBe(same);
});
