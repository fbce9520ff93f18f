import fc from 'fast-check';
import { arrangeNow } from '../core/arrange';
import type { ArrangeRequest, RequestRule, Sizing } from '../core/format';
import { EVERY_GOAL } from '../core/goals/testGoals';
import { ResultSchema, toResultFile } from './result';

const ids = Array.from({ length: 8 }, (_, i) => `s${i}`);
const marked = (
  kind: 'atLeast' | 'atMost',
  value: string | number,
  count: number,
): RequestRule => ({
  ...{ kind, attribute: typeof value === 'number' ? 'score' : 'level', value, count },
});

const rule: fc.Arbitrary<RequestRule> = fc.oneof(
  fc
    .tuple(
      fc.constantFrom('apart' as const, 'together' as const),
      fc.subarray(ids, { minLength: 2 }),
    )
    .map(([kind, students]) => ({ kind, students })),
  fc.constantFrom<RequestRule>(
    { kind: 'sameSection' },
    marked('atLeast', 'new', 2),
    marked('atMost', 3, 0),
    { kind: 'notAlone', attribute: 'level', value: 'new' },
    { kind: 'pin', student: 's0', group: 0 },
  ),
);
const sizing = fc.constantFrom<Sizing>(
  { by: 'count', count: 3 },
  { by: 'size', size: 3, leftover: 'spread' },
  { by: 'atMost', size: 3 },
  { by: 'range', least: 2, most: 4 },
  { by: 'sizes', sizes: [3, 3, 2] },
);

test('whatever the engine returns is a result file as its schema says, clashes and every measure included', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(fc.array(rule, { maxLength: 4 }), sizing, fc.boolean(), (rules, by, goals) => {
      const request: ArrangeRequest = {
        ...{ format: 'gruppetto.request', version: 1, seed: 3, sizing: by, rules },
        students: ids.map((id, i) => ({
          id,
          section: i < 4 ? 'n' : 's',
          attributes: { score: i % 4, level: i % 3 === 0 ? 'new' : 'some' },
          wishes: ['s1'],
        })),
        ...(goals && {
          goals: EVERY_GOAL,
          current: [ids.slice(0, 4), ids.slice(4)],
          history: [{ groups: [ids.slice(0, 3)] }],
          avoid: { results: [{ groups: [ids.slice(0, 3)] }], share: 0.5 },
        }),
      };
      const outcome = arrangeNow(request, 'quick');
      if (!outcome.ok) return;
      const file = toResultFile(outcome.result, 'why');
      expect(ResultSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
      file.clash?.waysOut.forEach((way) => seen.add(Object.keys(way).join()));
      if (file.clash) seen.add(file.clash.reason.code);
      Object.keys(file.measures).forEach((measure) => seen.add(measure));
    }),
    { seed: 21, numRuns: 250 },
  );
  // Of each kind there was one.
  expect([...seen]).toEqual(
    expect.arrayContaining(['drop', 'groups', 'least,most', 'tooManyWithValue', 'avoid', 'steady']),
  );
});
