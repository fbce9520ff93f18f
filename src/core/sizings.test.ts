import fc from 'fast-check';
import { arrangeNow } from './arrange';
import type { ArrangeRequest, ArrangeResult, MembersRule, Sizing } from './format';
import { groupSizes, sizeChoices } from './problem/sizes';

const n = 7;
const ids = Array.from({ length: n }, (_, i) => `s${i}`);

function request(sizing: Sizing, rules: readonly MembersRule[] = [], count = n): ArrangeRequest {
  return {
    ...{ format: 'gruppetto.request', version: 1, seed: 5, sizing, rules },
    students: Array.from({ length: count }, (_, i) => ({ id: `s${i}` })),
  };
}

function result(of: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(of);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

const sizesOf = (from: ArrangeResult): number[] =>
  from.rounds[0]!.groups.map((group) => group.length);

/** Every partition of the seven into unordered groups (877 of them), written without the engine. */
function everyPartition(): readonly (readonly (readonly string[])[])[] {
  let all: string[][][] = [[]];
  for (const id of ids) {
    all = all.flatMap((groups) => [
      [...groups, [id]],
      ...groups.map((_, at) => groups.map((group, i) => (i === at ? [...group, id] : group))),
    ]);
  }
  return all;
}
const PARTITIONS = everyPartition();

const keeps = (
  groups: readonly (readonly string[])[],
  { kind, students }: MembersRule,
): boolean => {
  const counts = groups.map((group) => students.filter((id) => group.includes(id)).length);
  return kind === 'apart' ? Math.max(...counts) <= 1 : counts.includes(students.length);
};

/** What a sizing asks of groups, in its own words. */
function asAsked(
  groups: readonly (readonly string[])[],
  sizing: Exclude<Sizing, { by: 'count' | 'size' }>,
): boolean {
  const sizes = groups.map(({ length }) => length).sort((a, b) => b - a);
  const [largest = 0, least = 0] = [sizes[0], sizes.at(-1)];
  switch (sizing.by) {
    case 'sizes':
      return sizes.join() === [...sizing.sizes].sort((a, b) => b - a).join();
    case 'atMost':
      return sizes.length === Math.ceil(n / sizing.size) && largest - least <= 1;
    case 'range':
      return (
        least >= sizing.least &&
        largest <= sizing.most &&
        (sizing.groups === undefined || sizes.length === sizing.groups)
      );
    default:
      return sizing satisfies never;
  }
}

const SIZINGS: readonly Exclude<Sizing, { by: 'count' | 'size' }>[] = [
  { by: 'sizes', sizes: [4, 2, 1] },
  { by: 'sizes', sizes: [1, 3, 3] },
  { by: 'atMost', size: 3 },
  { by: 'atMost', size: 2 },
  { by: 'range', least: 2, most: 3 },
  { by: 'range', least: 1, most: 5 },
  { by: 'range', least: 2, most: 5, groups: 2 },
];

test.each(SIZINGS)(
  'with sizes by $by what can hold is found, and what cannot is proved (%j)',
  (sizing) => {
    const rule = fc
      .tuple(
        fc.constantFrom('apart' as const, 'together' as const),
        fc.subarray(ids, { minLength: 2, maxLength: 4 }),
      )
      .map(([kind, students]) => ({ kind, students }));
    fc.assert(
      fc.property(fc.array(rule, { maxLength: 5 }), (rules) => {
        const allowed = PARTITIONS.filter((groups) => asAsked(groups, sizing));
        const possible = allowed.some((groups) => rules.every((one) => keeps(groups, one)));
        const made = result(request(sizing, rules));
        expect(made.feasible).toBe(possible);
        expect(asAsked(made.rounds[0]!.groups, sizing)).toBe(true);
        if (possible) expect(rules.every((one) => keeps(made.rounds[0]!.groups, one))).toBe(true);
        else expect(made.clash?.rules.length).toBeGreaterThan(0);
        for (const way of made.clash?.waysOut ?? []) {
          if (!('least' in way)) continue;
          const loose = { by: 'range' as const, ...way };
          const freed = PARTITIONS.filter((groups) => asAsked(groups, loose));
          expect(freed.some((groups) => rules.every((one) => keeps(groups, one)))).toBe(true);
        }
      }),
      { seed: 8, numRuns: 60 },
    );
  },
);

test('sizes each their own stand in the order in which they were given', () => {
  expect(sizesOf(result(request({ by: 'sizes', sizes: [2, 4, 1] })))).toEqual([2, 4, 1]);
});

test('at most so many gives as few groups as can be, as even as can be', () => {
  expect(sizesOf(result(request({ by: 'atMost', size: 4 }, [], 9)))).toEqual([3, 3, 3]);
  expect(sizesOf(result(request({ by: 'atMost', size: 20 }, [], 9)))).toEqual([9]);
});

test('a range takes sizes in its middle, and uneven ones only where rules ask for them', () => {
  const range: Sizing = { by: 'range', least: 3, most: 5 };
  expect(sizesOf(result(request(range, [], 16)))).toEqual([4, 4, 4, 4]);
  const five: MembersRule = { kind: 'together', students: ids.slice(0, 5) };
  expect(sizesOf(result(request(range, [five], 16))).sort()).toEqual([3, 4, 4, 5]);
});

test('where two sizes are together too small for a block, sizes left free are a way out', () => {
  const block: MembersRule = { kind: 'together', students: ids.slice(0, 4) };
  const { clash } = result(request({ by: 'size', size: 3, leftover: 'spread' }, [block], 12));
  expect(clash?.waysOut).toContainEqual({ least: 2, most: 4 });
});

test.each([
  [
    { by: 'sizes', sizes: [3, 3] },
    { code: 'sizesDoNotAddUp', given: 6, students: 7 },
  ],
  [
    { by: 'sizes', sizes: [8, -1] },
    { code: 'sizeTooSmall', given: -1 },
  ],
  [
    { by: 'atMost', size: 0 },
    { code: 'sizeTooSmall', given: 0 },
  ],
  [
    { by: 'range', least: 5, most: 3 },
    { code: 'rangeTurned', least: 5, most: 3 },
  ],
  [
    { by: 'range', least: 4, most: 6 },
    { code: 'rangeCannotHold', least: 4, most: 6, students: 7 },
  ],
  [
    { by: 'count', count: 2 ** 53 },
    { code: 'countTooLarge', given: 2 ** 53, most: 7 },
  ],
  [
    { by: 'size', size: 2 ** 53, leftover: 'spread' },
    { code: 'tooLarge', given: 2 ** 53, most: 1e6 },
  ],
] as const)('%j is refused with its reason', (sizing, issue) => {
  // Seven cannot be shared into groups of four to six: one group is too large, two are too small.
  expect(groupSizes(n, sizing)).toEqual({ ok: false, issue });
});

test('all sizes that a range allows are listed once, the most even first', () => {
  const { choices, complete } = sizeChoices(10, { by: 'range', least: 2, most: 4 });
  expect(complete).toBe(true);
  expect(choices.map((sizes) => [...sizes].join(' ')).sort()).toEqual(
    ['4 4 2', '4 3 3', '4 2 2 2', '3 3 2 2', '2 2 2 2 2'].sort(),
  );
  expect(Math.max(...choices[0]!) - Math.min(...choices[0]!)).toBeLessThanOrEqual(1);
});

test('of 5,000 students a range still has sizes at once, and says that these are not all', () => {
  const { choices, complete } = sizeChoices(5_000, { by: 'range', least: 3, most: 5 });
  expect(choices.length).toBeGreaterThan(0);
  expect(complete).toBe(false);
});

describe('where each section has groups of its own', () => {
  const ofSections = (sizing: Sizing, ...counts: number[]): ArrangeRequest => ({
    ...{ format: 'gruppetto.request', version: 1, seed: 5, sizing },
    rules: [{ kind: 'sameSection' }],
    students: counts.flatMap((count, section) =>
      Array.from({ length: count }, (_, i) => ({ id: `${section} ${i}`, section: `${section}` })),
    ),
  });

  test.each([
    [{ by: 'atMost', size: 4 }, [5, 5], [3, 2, 3, 2]],
    [{ by: 'atMost', size: 4 }, [1, 9], [1, 3, 3, 3]],
    [{ by: 'range', least: 3, most: 5 }, [7, 6], [4, 3, 3, 3]],
    [{ by: 'range', least: 3, most: 5, groups: 4 }, [7, 6], [4, 3, 3, 3]],
  ] as const)(
    '%j of sections of %j gives what is asked of every group',
    (sizing, counts, expected) => {
      const made = result(ofSections(sizing, ...counts));
      expect(made.feasible).toBe(true);
      expect(sizesOf(made).sort()).toEqual([...expected].sort());
    },
  );

  test.each([
    [{ by: 'range', least: 3, most: 5 }, 'rangeCannotHold'],
    [{ by: 'sizes', sizes: [5, 4] }, 'sizesWithSections'],
    [{ by: 'range', least: 1, most: 5, groups: 1 }, 'sectionsNeedGroups'],
  ] as const)(
    '%j of a section of two and one of seven is refused with its reason',
    (sizing, code) => {
      expect(arrangeNow(ofSections(sizing, 2, 7))).toMatchObject({ ok: false, issue: { code } });
    },
  );
});
