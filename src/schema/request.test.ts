import { readRequest } from './request';

const good = {
  format: 'gruppetto.request',
  version: 1,
  seed: 4,
  students: [
    { id: 'a' },
    { id: 'b', absent: true },
    { id: 'c', attributes: { score: 3 }, wishes: ['a'] },
  ],
  sizing: { by: 'size', size: 2, leftover: 'spread' },
  rules: [{ kind: 'apart', students: ['a', 'c'] }],
  goals: [],
  history: [{ groups: [['a', 'gone']] }],
  rounds: 1,
};

const codes = (data: unknown): string[] => {
  const read = readRequest(data);
  return read.ok ? [] : read.issues.map(({ code, path }) => `${code} at ${path}`);
};

test('a request within what the engine knows is read whole', () => {
  const read = readRequest(good);
  expect(read).toMatchObject({ ok: true, request: { seed: 4, sizing: { size: 2 } } });
});

test.each([
  ['another format', { ...good, format: 'x' }, ['notARequest at format']],
  ['no object', [1], ['notARequest at format']],
  ['a newer version', { ...good, version: 2 }, ['newerRequest at version']],
  [
    'a rule kind not known yet',
    { ...good, rules: [...good.rules, { kind: 'pin' }] },
    ['ruleNotKnown at rules.1'],
  ],
  ['a goal', { ...good, goals: [{ kind: 'steady', weight: 1 }] }, ['goalNotKnown at goals.0']],
  ['two rounds', { ...good, rounds: 2 }, ['roundsNotKnown at rounds']],
  ['an unknown field', { ...good, sead: 1 }, ['unknownField at ']],
  [
    'a size that is text',
    { ...good, sizing: { by: 'count', count: '2' } },
    ['wrongValue at sizing.count'],
  ],
  ['an id that is a number', { ...good, students: [{ id: 1 }] }, ['wrongValue at students.0.id']],
  [
    'a student twice',
    { ...good, students: [...good.students, { id: 'a' }] },
    ['studentTwice at students.3'],
  ],
  [
    'a stranger in a rule',
    { ...good, rules: [{ kind: 'apart', students: ['a', 'x'] }] },
    ['unknownStudent at rules.0.students'],
  ],
  [
    'a rule about one student',
    { ...good, rules: [{ kind: 'apart', students: ['a', 'a'] }] },
    ['tooFewInRule at rules.0.students'],
  ],
  [
    '100,000 students',
    { ...good, students: new Array(100_000).fill({ id: 'a' }) },
    ['tooManyStudents at students'],
  ],
] as const)('%s is refused with its place', (_, data, expected) => {
  expect(codes(data)).toEqual(expected);
});
