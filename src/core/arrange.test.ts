import fc from 'fast-check';
import { arrange, arrangeNow } from './arrange';
import type { ArrangeRequest, ArrangeResult, MembersRule } from './format';
import { groupSizes } from './problem/sizes';

const ids = (n: number): string[] => Array.from({ length: n }, (_, i) => `s${i}`);

function request(n: number, groups: number, rules: MembersRule[] = [], seed = 1) {
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: ids(n).map((id) => ({ id })),
    sizing: { by: 'count', count: groups },
    rules,
  } satisfies ArrangeRequest;
}

function result(of: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(of);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

const groupsIn = (from: ArrangeResult): readonly (readonly string[])[] => from.rounds[0]!.groups;

/** Written again on the ids of the result, so that it shares nothing with the engine. */
function keeps(groups: readonly (readonly string[])[], rule: MembersRule): boolean {
  const counts = groups.map((group) => rule.students.filter((id) => group.includes(id)).length);
  return rule.kind === 'apart'
    ? counts.every((count) => count <= 1)
    : counts.includes(rule.students.length);
}

/** Random rules over n students that a hidden arrangement keeps, so that a valid result surely exists. */
const feasibleRequests = fc
  .record({
    n: fc.integer({ min: 4, max: 48 }),
    groupsDraw: fc.nat(),
    seed: fc.integer({ min: 0, max: 1e9 }),
    pairs: fc.array(fc.tuple(fc.nat(), fc.nat()), { maxLength: 40 }),
  })
  .map(({ n, groupsDraw, seed, pairs }) => {
    const groups = 2 + (groupsDraw % (n - 2));
    const rules = pairs.flatMap(([a, b]): MembersRule[] => {
      const [one, two] = [a % n, b % n];
      if (one === two) return [];
      const kind = one % groups === two % groups ? 'together' : 'apart';
      return [{ kind, students: [`s${one}`, `s${two}`] }];
    });
    return request(n, groups, rules, seed);
  });

describe('arranging', () => {
  test('rules hold and sizes are as asked whenever an arrangement exists', () => {
    fc.assert(
      fc.property(feasibleRequests, (asked) => {
        const made = result(asked);
        expect(made.feasible).toBe(true);
        expect(asked.rules.every((rule) => keeps(groupsIn(made), rule))).toBe(true);
        expect(groupsIn(made).flat().sort()).toEqual(asked.students.map(({ id }) => id).sort());
        const sizes = groupSizes(asked.students.length, asked.sizing);
        expect(sizes.ok && [...sizes.sizes]).toEqual(groupsIn(made).map((group) => group.length));
      }),
      { seed: 5, numRuns: 200 },
    );
  });

  test('the same request and seed give the same groups; another seed others', () => {
    const rules: MembersRule[] = [{ kind: 'apart', students: ['s0', 's1', 's2'] }];
    expect(result(request(28, 7, rules, 9))).toEqual(result(request(28, 7, rules, 9)));
    expect(groupsIn(result(request(28, 7, rules, 9)))).not.toEqual(
      groupsIn(result(request(28, 7, rules, 10))),
    );
  });

  test('one group of everybody keeps what it can, says what it cannot, and comes to an end', () => {
    const kinds = ['sameSection', 'pin', 'atLeast', 'atMost', 'notAlone', 'apart', 'together'];
    const asked = fc.record({
      n: fc.integer({ min: 1, max: 8 }),
      rounds: fc.integer({ min: 1, max: 3 }),
      chosen: fc.uniqueArray(fc.constantFrom(...kinds), { maxLength: 3 }),
      count: fc.nat({ max: 4 }),
      goals: fc.subarray(['spread', 'alike', 'freshPartners', 'wishes', 'steady']),
    });
    fc.assert(
      fc.property(asked, ({ n, rounds, chosen, count, goals }) => {
        const marked = Math.ceil(n / 2);
        const people = ids(n).map((id, i) => ({
          ...{ id, section: `${i % 2}`, wishes: [`s${(i + 1) % n}`] },
          attributes: { swims: i < marked ? 'yes' : 'no' },
        }));
        const about = { attribute: 'swims', value: 'yes', count };
        const rules = chosen.flatMap((kind) => {
          if (kind === 'pin') return { kind, student: 's0', group: 0 };
          if (kind === 'sameSection') return { kind };
          if (kind !== 'apart' && kind !== 'together') return { kind, ...about };
          return n < 2 ? [] : { kind, students: ['s0', 's1'] };
        });
        const made = result({
          ...request(n, 1),
          students: people,
          rules: rules as ArrangeRequest['rules'],
          goals: goals.map((kind) => ({ kind, attribute: 'swims', weight: 1 })) as never,
          current: [ids(n)],
          rounds,
        });
        const holds = (kind: string): boolean => {
          if (kind === 'apart') return n < 2;
          if (kind === 'sameSection') return n < 2;
          if (kind === 'atLeast') return marked >= count;
          if (kind === 'atMost') return marked <= count;
          return kind !== 'notAlone' || marked > 1;
        };
        expect(made.feasible).toBe(chosen.every(holds));
        expect(made.rounds.map(({ groups }) => groups)).toEqual(Array(rounds).fill([ids(n)]));
        expect(made.clash !== undefined).toBe(!made.feasible);
        expect(Number.isInteger(made.search.evaluations)).toBe(true);
      }),
      { seed: 9, numRuns: 400 },
    );
  });

  test('absent students are never placed, and rules about them do not bind', () => {
    const asked = request(5, 2, [{ kind: 'together', students: ['s0', 's1', 's2', 's3'] }]);
    const students = asked.students.map((student, i) => ({ ...student, absent: i === 0 }));
    const made = result({
      ...asked,
      students,
      sizing: { by: 'size', size: 3, leftover: 'smaller' },
    });
    expect(made.feasible).toBe(true);
    expect(groupsIn(made).flat()).not.toContain('s0');
    expect(groupsIn(made)[0]).toEqual(['s1', 's2', 's3']);
  });

  test('overlapping together rules merge into one block', () => {
    const rules: MembersRule[] = [
      { kind: 'together', students: ['s0', 's1'] },
      { kind: 'together', students: ['s1', 's2'] },
    ];
    for (let seed = 0; seed < 20; seed++) {
      const home = groupsIn(result(request(12, 4, rules, seed))).find((g) => g.includes('s0'));
      expect(home).toEqual(expect.arrayContaining(['s1', 's2']));
    }
  });

  test('blocks that fit the sizes in only one way are packed', () => {
    const together = (...at: number[]): MembersRule => ({
      kind: 'together',
      students: at.map((i) => `s${i}`),
    });
    // 12 seats in three groups: 3 + 1, 2 + 2 and 2 + 1 + 1 fill them.
    const rules = [together(0, 1, 2), together(3, 4), together(5, 6), together(7, 8)];
    const made = result(request(12, 3, rules));
    expect(rules.every((rule) => keeps(groupsIn(made), rule))).toBe(true);
  });
});

describe('fairness', () => {
  /** How often each pair shares a group in `runs` results; 8 students in 4 pairs: 28 pairs, each expected runs / 7. */
  function pairCounts(rules: MembersRule[], runs: number): Map<string, number> {
    const counts = new Map<string, number>();
    for (let seed = 0; seed < runs; seed++) {
      for (const group of groupsIn(result(request(8, 4, rules, seed)))) {
        const pair = [...group].sort().join('+');
        counts.set(pair, (counts.get(pair) ?? 0) + 1);
      }
    }
    return counts;
  }

  const chiSquare = (counts: Iterable<number>, expected: number): number =>
    [...counts].reduce((total, count) => total + (count - expected) ** 2 / expected, 0);

  test('without rules every pair is equally likely', () => {
    const counts = pairCounts([], 4200);
    expect(counts.size).toBe(28);
    // The counts sum over perfect matchings, 20 degrees of freedom; 45.3 is passed once in a thousand draws.
    expect(chiSquare(counts.values(), 600)).toBeLessThan(45.3);
  });

  test('with one apart rule the remaining pairs of the two are equally likely', () => {
    const counts = pairCounts([{ kind: 'apart', students: ['s0', 's1'] }], 3000);
    expect(counts.has('s0+s1')).toBe(false);
    const ofFirst = ids(8)
      .slice(2)
      .map((id) => counts.get(`s0+${id}`) ?? 0);
    // Six partners, 5 degrees of freedom; 20.5 is passed once in a thousand draws.
    expect(chiSquare(ofFirst, 500)).toBeLessThan(20.5);
  });
});

describe('rules that cannot all hold', () => {
  test('more students apart than groups: the clash names them and offers more groups', () => {
    const made = result(
      request(12, 3, [
        { kind: 'together', students: ['s8', 's9'] },
        { kind: 'apart', students: ['s0', 's1', 's2'] },
        { kind: 'apart', students: ['s3', 's0'] },
        { kind: 'apart', students: ['s3', 's1', 's2'] },
      ]),
    );
    expect(made.feasible).toBe(false);
    expect(made.clash?.rules).toEqual([1, 2, 3]);
    expect(made.clash?.reason).toMatchObject({ code: 'tooManyApart', needed: 4, groups: 3 });
    expect(made.clash?.waysOut).toEqual(
      expect.arrayContaining([{ drop: 1 }, { drop: 2 }, { drop: 3 }, { groups: 4 }]),
    );
    expect(made.broken).toHaveLength(1);
  });

  test('a block larger than every group', () => {
    const made = result(request(12, 4, [{ kind: 'together', students: ['s0', 's1', 's2', 's3'] }]));
    expect(made.clash?.reason).toMatchObject({
      code: 'blockTooLarge',
      blockSize: 4,
      largestGroup: 3,
    });
    expect(made.clash?.waysOut).toEqual([{ drop: 0 }, { groups: 3 }]);
  });

  test('two students both together and apart through a third', () => {
    const made = result(
      request(12, 3, [
        { kind: 'together', students: ['s0', 's1'] },
        { kind: 'together', students: ['s1', 's2'] },
        { kind: 'apart', students: ['s2', 's0'] },
        { kind: 'apart', students: ['s5', 's6'] },
      ]),
    );
    expect(made.clash?.rules).toEqual([0, 1, 2]);
    expect(made.clash?.reason.code).toBe('togetherYetApart');
  });

  test('blocks that cannot be packed are proved impossible and everybody is still placed', () => {
    // Three blocks of 2 in two groups of 3: two of them would share a group of 3.
    const rules = [0, 2, 4].map((i): MembersRule => ({
      kind: 'together',
      students: [`s${i}`, `s${i + 1}`],
    }));
    const made = result(request(6, 2, rules));
    expect(made.feasible).toBe(false);
    expect(made.clash?.rules).toEqual([0, 1, 2]);
    expect(made.clash?.reason.code).toBe('exhausted');
    expect(groupsIn(made).flat()).toHaveLength(6);
    expect(made.broken).toHaveLength(1);
  });

  test('leaving out any one rule of the clash makes the others possible', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 9 }),
        fc.array(fc.tuple(fc.nat(), fc.nat(), fc.boolean()), { minLength: 8, maxLength: 30 }),
        (n, draws) => {
          const rules = draws.flatMap(([a, b, apart]): MembersRule[] =>
            a % n === b % n
              ? []
              : [{ kind: apart ? 'apart' : 'together', students: [`s${a % n}`, `s${b % n}`] }],
          );
          const made = result(request(n, 2, rules));
          if (made.feasible) return;
          const clash = made.clash!.rules.map((index) => rules[index]!);
          expect(result(request(n, 2, clash)).feasible).toBe(false);
          clash.forEach((dropped) => {
            const rest = clash.filter((rule) => rule !== dropped);
            expect(result(request(n, 2, rest)).feasible).toBe(true);
          });
        },
      ),
      { seed: 6, numRuns: 100 },
    );
  });
});

describe('how far a search has come', () => {
  const many = ids(60).map((id, i) => ({ id, attributes: { score: (i * 37) % 101 } }));
  /** Pairs apart that those who sit in i modulo 6 keep: one part of all of them, in tenths. */
  const apart = (tenths: number): MembersRule[] =>
    many.flatMap((_, one) =>
      many.flatMap((_other, two): MembersRule[] =>
        one < two && one % 6 !== two % 6 && (one * 31 + two * 17) % 10 < tenths
          ? [{ kind: 'apart', students: [`s${one}`, `s${two}`] }]
          : [],
      ),
    );
  const CASES: readonly (readonly [string, ArrangeRequest])[] = [
    [
      'with goals',
      {
        ...request(60, 15, apart(1)),
        students: many,
        goals: [{ kind: 'spread', attribute: 'score', weight: 1 }],
      },
    ],
    ['with many apart', request(60, 6, apart(4))],
    [
      'with rules that cannot hold',
      {
        ...request(12, 2, [
          { kind: 'together', students: ['s0', 's1', 's2', 's3'] },
          { kind: 'together', students: ['s4', 's5', 's6', 's7'] },
          { kind: 'together', students: ['s8', 's9', 's10', 's11'] },
        ]),
      },
    ],
  ];

  test.each(CASES)('never goes back, and stays within the whole: %s', (_, of) => {
    const work = arrange(of, 'quick');
    const seen: number[] = [];
    for (let step = work.next(); !step.done; step = work.next()) seen.push(step.value.done);
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
    expect(Math.max(0, ...seen)).toBeLessThanOrEqual(1);
    expect(seen.length).toBeGreaterThan(0);
  });
});
