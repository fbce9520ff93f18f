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

test('every kind of rule and goal of the format is read', () => {
  const read = readRequest({
    ...good,
    rules: [
      ...good.rules,
      { kind: 'together', students: ['a', 'c'] },
      { kind: 'sameSection' },
      { kind: 'pin', student: 'c', group: 0 },
      { kind: 'atLeast', attribute: 'score', value: 3, count: 1 },
      { kind: 'atMost', attribute: 'score', value: 3, count: 2 },
      { kind: 'notAlone', attribute: 'score', value: 3 },
    ],
    goals: [
      { kind: 'spread', attribute: 'score', weight: 2 },
      { kind: 'alike', attribute: 'score' },
      { kind: 'freshPartners', weight: 0 },
      { kind: 'wishes', weight: 1 },
      { kind: 'steady', weight: 1 },
    ],
    current: [['a'], ['c']],
    rounds: 3,
  });
  expect(read.ok && read.request.goals?.map(({ weight }) => weight)).toEqual([2, 1, 0, 1, 1]);
});

test('a request within what the engine knows is read whole', () => {
  const read = readRequest(good);
  expect(read).toMatchObject({ ok: true, request: { seed: 4, sizing: { size: 2 } } });
});

test.each([
  ['another format', { ...good, format: 'x' }, ['notARequest at format']],
  ['no object', [1], ['notARequest at format']],
  ['a newer version', { ...good, version: 2 }, ['newerRequest at version']],
  [
    'a rule of no known kind',
    { ...good, rules: [...good.rules, { kind: 'beside' }] },
    ['ruleNotKnown at rules.1'],
  ],
  ['a goal of no known kind', { ...good, goals: [{ kind: 'luck' }] }, ['goalNotKnown at goals.0']],
  [
    'a goal with nothing to stay near to',
    { ...good, goals: [{ kind: 'steady', weight: 1 }] },
    ['noCurrent at goals.0'],
  ],
  ['no round', { ...good, rounds: 0 }, ['wrongValue at rounds']],
  [
    'a weight below 0',
    { ...good, goals: [{ kind: 'wishes', weight: -1 }] },
    ['wrongValue at goals.0.weight'],
  ],
  [
    'a weight that is no number',
    { ...good, goals: [{ kind: 'wishes', weight: 'much' }] },
    ['wrongValue at goals.0.weight'],
  ],
  [
    'an attribute that nobody has',
    {
      ...good,
      rules: [{ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 }],
      goals: [{ kind: 'spread', attribute: 'age', weight: 1 }],
    },
    ['unknownAttribute at rules.0.attribute', 'unknownAttribute at goals.0.attribute'],
  ],
  [
    'a pin below the first group',
    { ...good, rules: [{ kind: 'pin', student: 'a', group: -1 }] },
    ['negativeGroup at rules.0.group'],
  ],
  [
    'a stranger who is pinned',
    { ...good, rules: [{ kind: 'pin', student: 'x', group: 0 }] },
    ['unknownStudent at rules.0.student'],
  ],
  [
    'somebody who sits in two groups',
    { ...good, current: [['a', 'b'], ['a']] },
    ['seatedTwice at current.1'],
  ],
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
