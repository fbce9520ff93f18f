import { arrangeNow } from './arrange';
import type { ArrangeResult } from './format';
import { readRequest } from '../schema/request';
import { toResultFile } from '../schema/result';

const base = { format: 'gruppetto.request', version: 1, seed: 1, rules: [], goals: [] };
const students = (count: number, x: (i: number) => number) =>
  Array.from({ length: count }, (_, i) => ({ id: `s${i}`, attributes: { x: x(i) } }));
const spread = [{ kind: 'spread', attribute: 'x', weight: 1 }];

function made(request: object): ArrangeResult {
  const read = readRequest(request);
  if (!read.ok) throw new Error(read.issues.map(({ code }) => code).join());
  const outcome = arrangeNow(read.request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

test.each([
  ['negative and far from nought', (i: number) => -1e15 - 1.5 * i],
  ['huge', (i: number) => i * 1e300],
  ['as large as numbers go', (i: number) => (i - 2.5) * 7e307],
  ['tiny', (i: number) => i * 1e-310],
  ['decimal', (i: number) => i / 3],
])('values that are %s are spread as well as 0 to 5 are', (_, x) => {
  const result = made({
    ...base,
    students: students(6, x),
    sizing: { by: 'count', count: 2 },
    goals: spread,
  });
  const plain = made({
    ...base,
    students: students(6, (i) => i),
    sizing: { by: 'count', count: 2 },
    goals: spread,
  });
  expect(result.measures.spread?.x?.cost).toBeCloseTo(plain.measures.spread?.x?.cost ?? -1, 9);
});

test('students, values and details may be called whatever objects are made of', () => {
  const request: unknown = JSON.parse(
    '{"students":[{"id":"__proto__","attributes":{"__proto__":"a","constructor":1}},{"id":"constructor","attributes":{"constructor":2}},{"id":"toString","attributes":{}},{"id":"hasOwnProperty","attributes":{"constructor":3,"__proto__":"a"}}],"sizing":{"by":"count","count":2},"rules":[{"kind":"apart","students":["__proto__","constructor"]},{"kind":"atMost","attribute":"__proto__","value":"a","count":1}],"goals":[{"kind":"spread","attribute":"__proto__","weight":1}]}',
  );
  const result = made({ ...base, ...(request as object) });
  expect(result.feasible).toBe(true);
  const [group] = result.rounds[0]!.groups.filter((one) => one.includes('__proto__'));
  expect(group).toEqual(['__proto__', 'toString']);
  expect(Object.keys(toResultFile(result, '').measures.spread ?? {})).toEqual(['__proto__']);
});

test('which groups belong to a section follows who sits there now: two moves where two are needed', () => {
  const place = (i: number) => ({ id: `s${i}`, section: i < 12 ? 'A' : 'B' });
  const now = [
    [12, 13, 14, 15],
    [0, 1, 2, 3],
    [16, 17, 18, 19],
    [4, 5, 6, 20],
    [8, 9, 10, 11],
    [7, 21, 22, 23],
  ];
  const result = made({
    ...base,
    students: Array.from({ length: 24 }, (_, i) => place(i)),
    sizing: { by: 'count', count: 6 },
    rules: [{ kind: 'sameSection' }],
    goals: [{ kind: 'steady', weight: 1 }],
    current: now.map((group) => group.map((i) => `s${i}`)),
  });
  expect(result.measures.steady?.moves).toBe(2);
});
