import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ResultSchema } from '@/schema/result';
import { main } from './main';

const folder = mkdtempSync(join(tmpdir(), 'gruppetto-'));

async function run(content: string, ...options: string[]) {
  const [request, result] = [
    join(folder, 'request.json'),
    join(folder, `result-${Math.trunc(process.hrtime()[1])}.json`),
  ];
  writeFileSync(request, content);
  const said: string[] = [];
  const code = await main(['arrange', request, result, ...options], (sentence) =>
    said.push(sentence),
  );
  const written: unknown = existsSync(result) ? JSON.parse(readFileSync(result, 'utf8')) : null;
  return { code, said, written };
}

const request = (rules: unknown[] = [], more: object = {}) =>
  JSON.stringify({
    format: 'gruppetto.request',
    version: 1,
    seed: 3,
    students: ['Ana', 'Bo', 'Caro', 'Dov'].map((name) => ({ id: name.toLowerCase(), name })),
    sizing: { by: 'count', count: 2 },
    rules,
    ...more,
  });

test('a feasible request ends with 0 and a result of the published shape', async () => {
  const { code, written } = await run(
    request([{ kind: 'apart', students: ['ana', 'bo'] }]),
    '--effort',
    'quick',
  );
  expect(code).toBe(0);
  const result = ResultSchema.parse(written);
  expect(result.feasible).toBe(true);
  expect(result.rounds[0]?.groups.map((group) => group.length)).toEqual([2, 2]);
});

test('every kind of rule and goal, and several rounds, come back with their measures', async () => {
  const students = Array.from({ length: 12 }, (_, i) => ({
    id: `s${i}`,
    section: i < 6 ? 'A' : 'B',
    attributes: { score: i, swims: i % 3 === 0 ? 'yes' : 'no' },
    wishes: [`s${(i + 1) % 12}`],
  }));
  const { code, written } = await run(
    request(
      [
        { kind: 'sameSection' },
        { kind: 'apart', students: ['s0', 's1'] },
        { kind: 'pin', student: 's6', group: 3 },
        { kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 },
        { kind: 'atMost', attribute: 'swims', value: 'yes', count: 2 },
      ],
      {
        students,
        sizing: { by: 'size', size: 3, leftover: 'larger' },
        goals: [
          { kind: 'spread', attribute: 'score', weight: 1 },
          { kind: 'alike', attribute: 'swims', weight: 0.5 },
          { kind: 'freshPartners' },
          { kind: 'wishes' },
          { kind: 'steady' },
        ],
        current: [['s0', 's2']],
        history: [
          {
            groups: [
              ['s0', 's2'],
              ['s7', 'gone'],
            ],
          },
        ],
        rounds: 2,
      },
    ),
  );
  expect(code).toBe(0);
  const { rounds, measures } = ResultSchema.parse(written);
  expect(rounds).toHaveLength(2);
  rounds.forEach(({ groups }) => {
    expect(groups.map((group) => group.length)).toEqual([3, 3, 3, 3]);
    expect(groups[3]).toContain('s6');
  });
  expect(Object.keys(measures).sort()).toEqual([
    ...['alike', 'repeats', 'rounds', 'spread', 'steady', 'wishes'],
  ]);
});

test.each([
  ['one student', 1, 1],
  ['as many groups as students', 7, 7],
  ['ten thousand students', 10_000, 2_500],
])('%s are placed', async (_, n, count) => {
  const students = Array.from({ length: n }, (_unused, i) => ({ id: `s${i}` }));
  const { code, written } = await run(request([], { students, sizing: { by: 'count', count } }));
  expect(code).toBe(0);
  const [round] = ResultSchema.parse(written).rounds;
  expect([round!.groups.length, round!.groups.flat().length]).toEqual([count, n]);
});

test('however long a search goes on, what it looked at is told in whole numbers', async () => {
  // Sums that cannot be even: the whole budget is spent.
  const students = Array.from({ length: 14 }, (_, i) => ({
    id: `s${i}`,
    attributes: { x: i ** 3 },
  }));
  const goals = [{ kind: 'spread', attribute: 'x', weight: 1 }];
  const sizing = { by: 'count', count: 4 };
  const { code, written } = await run(request([], { students, goals, sizing }));
  expect(code).toBe(0);
  expect(ResultSchema.parse(written).search.evaluations).toBeGreaterThan(1_000);
});

test('rules that cannot hold end with 3, the result written, the clash in words', async () => {
  const { code, said, written } = await run(
    request([{ kind: 'apart', students: ['ana', 'bo', 'caro'] }]),
  );
  expect(code).toBe(3);
  expect(said).toEqual([
    'Ana, Bo and Caro would each need a group of their own: that is 3, and there are 2 groups.',
  ]);
  expect(ResultSchema.parse(written)).toMatchObject({
    feasible: false,
    clash: { rules: [0], why: said[0] },
  });
});

test.each([
  ['what is not JSON', '{', 'is not JSON'],
  [
    'a kind of rule that is not known',
    request([{ kind: 'beside', student: 'ana', group: 0 }]),
    'Rules of the kind "beside" are not known',
  ],
  [
    'a goal that is not known',
    request([], { goals: [{ kind: 'luck' }] }),
    'Goals of the kind "luck"',
  ],
  [
    'a pin beyond the last group',
    request([{ kind: 'pin', student: 'ana', group: 9 }]),
    'A student is fixed to group 9',
  ],
  [
    'more groups than students',
    request([], { sizing: { by: 'count', count: 5 } }),
    'at most 4 groups',
  ],
  ['no students', request([], { students: [] }), 'nobody to put into groups'],
])('%s ends with 2, a clear sentence, and nothing written', async (_, content, sentence) => {
  const { code, said, written } = await run(content);
  expect(code).toBe(2);
  expect(said.join(' ')).toContain(sentence);
  expect(written).toBeNull();
});

test('one group with a rule that it cannot keep ends with 3 and a whole result', async () => {
  const sizing = { by: 'count', count: 1 };
  const { code, said, written } = await run(
    request([{ kind: 'apart', students: ['ana', 'bo'] }], { sizing }),
  );
  expect(code).toBe(3);
  expect(said).toHaveLength(1);
  expect(ResultSchema.parse(written).feasible).toBe(false);
});

test('whatever goes wrong inside a command ends with 2 and one sentence', async () => {
  const said: string[] = [];
  const commands = {
    count() {
      throw new Error('expected a number,\n received Infinity');
    },
    wait: () => Promise.reject(new Error('no answer')),
  };
  for (const word of Object.keys(commands)) {
    expect(await main([word], (sentence) => said.push(sentence), commands)).toBe(2);
  }
  expect(said).toEqual([
    expect.stringMatching(/nothing was written.*expected a number, received Infinity$/),
    expect.stringMatching(/nothing was written.*no answer$/),
  ]);
  expect(await main(['toString'], () => undefined)).toBe(2);
});

test('a missing file and a wrong call end with 2', async () => {
  expect(
    await main(['arrange', join(folder, 'none.json'), join(folder, 'x.json')], () => undefined),
  ).toBe(2);
  expect(await main(['dance'], () => undefined)).toBe(2);
  expect((await run(request(), '--effort', 'heroic')).code).toBe(2);
});
