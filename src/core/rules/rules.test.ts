import { arrangeNow } from '../arrange';
import type { ArrangeRequest, ArrangeResult, RequestRule } from '../format';
import { problemFromRequest } from '../reading/problemFromRequest';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { unitsOf } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import { keepsEverything } from '../reference/check';

/** Seven students of two sections with two details, and a few rules of every kind. */
function smallRequest(seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const n = 5 + uniformInt(rng, 3);
  const groups = 2 + uniformInt(rng, 2);
  const id = (): string => `s${uniformInt(rng, n)}`;
  const pair = (): string[] => {
    const first = uniformInt(rng, n);
    return [`s${first}`, `s${(first + 1 + uniformInt(rng, n - 1)) % n}`];
  };
  const kinds: (() => RequestRule)[] = [
    () => ({ kind: 'apart', students: pair() }),
    () => ({ kind: 'apart', students: [...pair(), id()] }),
    () => ({ kind: 'together', students: pair() }),
    () => ({ kind: 'pin', student: id(), group: uniformInt(rng, groups) }),
    () => ({ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 }),
    () => ({ kind: 'atMost', attribute: 'swims', value: 'yes', count: 1 + uniformInt(rng, 2) }),
    () => ({ kind: 'notAlone', attribute: 'level', value: 'new' }),
    () => ({ kind: 'atLeast', attribute: 'level', value: 'new', count: 1 }),
    () => ({ kind: 'sameSection' }),
  ];
  const rules = Array.from({ length: 2 + uniformInt(rng, 5) }, () =>
    kinds[uniformInt(rng, uniformInt(rng, 4) === 0 ? 9 : 8)]!(),
  );
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: `s${i}`,
      section: i < 3 ? 'A' : 'B',
      attributes: {
        swims: uniformInt(rng, 2) === 0 ? 'yes' : 'no',
        level: uniformInt(rng, 3) === 0 ? 'new' : 'old',
      },
    })),
    sizing:
      uniformInt(rng, 3) === 0
        ? { by: 'size', size: Math.ceil(n / groups), leftover: 'smaller' }
        : { by: 'count', count: groups },
    rules,
  };
}

function result(of: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(of, 'quick');
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

/** Whether any assignment at all keeps everything. */
function canHold(request: ArrangeRequest): boolean {
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  const { problem } = read;
  const { studentCount: n, groupCount: groups } = problem;
  for (let code = 0; code < groups ** n; code++) {
    const each = Int32Array.from({ length: n }, (_, i) => Math.floor(code / groups ** i) % groups);
    if (keepsEverything(problem, each)) return true;
  }
  return false;
}

const CASES = Array.from({ length: 160 }, (_, i) => i + 1);

test('what can hold is found and what cannot is proved, for every mix of rules that trying all can check', () => {
  let impossible = 0;
  for (const seed of CASES) {
    const request = smallRequest(seed);
    const read = problemFromRequest(request);
    if (!read.ok) continue;
    const made = result(request);
    const possible = canHold(request);
    if (!possible) impossible++;
    expect({ seed, feasible: made.feasible, proved: made.clash !== undefined }).toEqual({
      seed,
      feasible: possible,
      proved: !possible,
    });
  }
  // Both answers must have come up often, or the test says nothing.
  expect(impossible).toBeGreaterThan(30);
  expect(impossible).toBeLessThan(130);
});

test('leaving out any one rule of a clash makes the others possible, and each way out is one', () => {
  for (const seed of CASES.slice(0, 60)) {
    const request = smallRequest(seed);
    if (!problemFromRequest(request).ok) continue;
    const { clash } = result(request);
    if (!clash) continue;
    expect({ seed, ...clash }).not.toHaveProperty('mayBeLess');
    const named = clash.rules.map((rule) => request.rules[rule]!);
    expect({ seed, holds: canHold({ ...request, rules: named }) }).toEqual({ seed, holds: false });
    named.forEach((dropped) => {
      const rules = named.filter((rule) => rule !== dropped);
      expect({ seed, dropped, holds: canHold({ ...request, rules }) }).toMatchObject({
        holds: true,
      });
    });
    for (const way of clash.waysOut) {
      const gone = 'drop' in way ? [way.drop] : 'drops' in way ? way.drops : [];
      const rules = request.rules.filter((_, index) => !gone.includes(index));
      const sizing = 'groups' in way ? { by: 'count' as const, count: way.groups } : request.sizing;
      if (gone.length === 0 && !('groups' in way)) continue;
      expect({ seed, way, holds: canHold({ ...request, rules, sizing }) }).toMatchObject({
        holds: true,
      });
    }
  }
});

test('a clash of hundreds of rules is told with what is known of it, and its ways out are ways out', () => {
  const rng = rngFromSeed(71);
  const rules: RequestRule[] = [];
  for (let one = 0; one < 40; one++) {
    for (let two = one + 1; two < 40; two++) {
      if (uniformInt(rng, 10) < 6) rules.push({ kind: 'apart', students: [`s${one}`, `s${two}`] });
    }
  }
  const students = Array.from({ length: 40 }, (_, i) => ({ id: `s${i}` }));
  const request = { ...smallRequest(1), students, rules, goals: [] };
  const { clash } = result({ ...request, sizing: { by: 'count', count: 9 } });
  expect(clash?.reason.code).toBe('exhausted');
  expect(clash?.mayBeLess).toBe(true);
  expect(clash?.rules.length).toBeLessThan(rules.length);
  const more = clash?.waysOut.flatMap((way) => ('groups' in way ? [way.groups] : [])) ?? [];
  expect(more).toHaveLength(1);
  for (const count of more) {
    expect(result({ ...request, sizing: { by: 'count', count } }).feasible).toBe(true);
  }
});

test('where two clashes stand side by side, no single rule is offered, but pairs that free the whole', () => {
  const students = Array.from({ length: 8 }, (_, i) => ({ id: `s${i}` }));
  const { clash } = result({
    ...smallRequest(1),
    students,
    sizing: { by: 'count', count: 4 },
    rules: [
      { kind: 'together', students: ['s0', 's1'] },
      { kind: 'apart', students: ['s0', 's1'] },
      { kind: 'together', students: ['s2', 's3', 's4'] },
    ],
    goals: [],
  });
  const drops = clash?.waysOut.flatMap((way) => ('drop' in way ? [way.drop] : [])) ?? [];
  const pairs = clash?.waysOut.flatMap((way) => ('drops' in way ? [way.drops] : [])) ?? [];
  expect(drops).toEqual([]);
  expect(pairs).toEqual([
    [0, 2],
    [1, 2],
  ]);
});

test('sections have their share of the groups, and sizes as even as can be within each', () => {
  const students = Array.from({ length: 31 }, (_, i) => ({
    id: `s${i}`,
    section: i < 20 ? 'A' : i < 27 ? 'B' : 'C',
  }));
  const made = result({
    ...smallRequest(1),
    students,
    sizing: { by: 'count', count: 8 },
    rules: [{ kind: 'sameSection' }],
  });
  const sectionOf = new Map(students.map(({ id, section }) => [id, section]));
  const sizes = (section: string): number[] =>
    made.rounds[0]!.groups.filter(([first]) => sectionOf.get(first!) === section)
      .map((group) => group.length)
      .sort((a, b) => b - a);
  // Shares 5.16, 1.81 and 1.03 of 8 groups: 5, 2 and 1 by the largest remainder.
  expect([sizes('A'), sizes('B'), sizes('C')]).toEqual([[4, 4, 4, 4, 4], [4, 3], [4]]);
});

test('with a pin, every valid arrangement is about equally likely, whichever group is the larger', () => {
  const request: ArrangeRequest = {
    ...smallRequest(1),
    students: Array.from({ length: 5 }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'count', count: 2 },
    rules: [{ kind: 'pin', student: 's0', group: 0 }],
  };
  const counts = new Map<string, number>();
  const DRAWS = 3_000;
  for (let seed = 0; seed < DRAWS; seed++) {
    const key = [...result({ ...request, seed }).rounds[0]!.groups[0]!].sort().join();
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  // s0 with one of four, or with two of four: 4 + 6 arrangements.
  expect(counts.size).toBe(10);
  const expected = DRAWS / 10;
  const chi = [...counts.values()].reduce((sum, one) => sum + (one - expected) ** 2 / expected, 0);
  // Nine degrees of freedom: mean 9, and four standard deviations above it.
  expect(chi).toBeLessThan(9 + 4 * Math.sqrt(18));
});

test('a plain reason is given only where no assignment at all keeps the rules of that kind', () => {
  let given = 0;
  for (let seed = 1; seed <= 600; seed++) {
    const request = smallRequest(seed);
    const read = problemFromRequest(request);
    if (!read.ok || obviousReason(read.problem, unitsOf(read.problem)) === null) continue;
    expect({ seed, holds: canHold(request) }).toEqual({ seed, holds: false });
    given++;
  }
  // A reason that is never found would prove nothing.
  expect(given).toBeGreaterThan(60);
});

describe('numbers that groups share out', () => {
  type Kind = 'atLeast' | 'atMost' | 'notAlone';
  /** Students of whom everybody has one of two values, and limits on either. */
  function shared(
    have: number,
    of: number,
    sizing: ArrangeRequest['sizing'],
    rules: RequestRule[],
  ) {
    const students = Array.from({ length: of }, (_, i) => ({
      id: `s${i}`,
      attributes: { swims: i < have ? 'yes' : 'no' },
    }));
    return { ...smallRequest(1), students, sizing, rules };
  }
  const limit = (kind: Kind, value: string, count = 1): RequestRule =>
    kind === 'notAlone'
      ? { kind, attribute: 'swims', value }
      : { kind, attribute: 'swims', value, count };

  test('that cannot be had are seen by counting alone, and no others', () => {
    const rng = rngFromSeed(5);
    const seen = { holds: 0, cannot: 0 };
    for (let turn = 0; turn < 120; turn++) {
      const of = 4 + uniformInt(rng, 4);
      const rules = Array.from({ length: 1 + uniformInt(rng, 3) }, () =>
        limit(
          (['notAlone', 'notAlone', 'atLeast', 'atMost'] as const)[uniformInt(rng, 4)]!,
          uniformInt(rng, 2) === 0 ? 'yes' : 'no',
          1 + uniformInt(rng, 2),
        ),
      );
      const sizing = { by: 'count', count: 2 + uniformInt(rng, of > 6 ? 2 : 3) } as const;
      const request = shared(1 + uniformInt(rng, of - 1), of, sizing, rules);
      const read = problemFromRequest(request);
      if (!read.ok) continue;
      const holds = canHold(request);
      const reason = obviousReason(read.problem, unitsOf(read.problem));
      expect({ turn, holds: reason === null }).toEqual({ turn, holds });
      seen[holds ? 'holds' : 'cannot']++;
    }
    expect(Math.min(seen.holds, seen.cannot)).toBeGreaterThan(25);
  });

  test('an odd number that is never to be alone in pairs is proved at once, however many they are', () => {
    const { clash } = result(
      shared(101, 200, { by: 'size', size: 2, leftover: 'spread' }, [limit('notAlone', 'yes')]),
    );
    expect(clash?.reason).toMatchObject({ code: 'cannotBeShared', have: 101, attribute: 'swims' });
    expect(clash?.waysOut).toContainEqual({ drop: 0 });
    expect(clash?.waysOut).toContainEqual({ least: 2, most: 3 });
  });
});

describe('goals', () => {
  const students = Array.from({ length: 12 }, (_, i) => ({
    id: `s${i}`,
    attributes: { score: i * 10, swims: i % 3 === 0 ? 'yes' : 'no' },
    wishes: [`s${i - (i % 3) + ((i + 1) % 3)}`],
  }));
  const base: ArrangeRequest = {
    ...smallRequest(1),
    students,
    sizing: { by: 'count', count: 4 },
    rules: [],
  };

  test('spread reaches what arithmetic says is the best, and says so', () => {
    const made = result({
      ...base,
      goals: [
        { kind: 'spread', attribute: 'score', weight: 1 },
        { kind: 'spread', attribute: 'swims', weight: 1 },
      ],
    });
    // 0 to 110 in steps of 10 in four groups of three: sums of 160 or 170, whose means differ from 55 by 5/3.
    expect(made.measures.spread!.score!.cost).toBeCloseTo(
      made.measures.spread!.score!.bestPossible,
      9,
    );
    expect(made.measures.spread!.swims!.cost).toBe(0);
    expect(made.search.provenBest).toBe(true);
  });

  test('alike takes students in the order of their numbers', () => {
    const made = result({ ...base, goals: [{ kind: 'alike', attribute: 'score', weight: 1 }] });
    const groups = made.rounds[0]!.groups.map((group) => group.map((id) => Number(id.slice(1))));
    groups.forEach((group) => expect(Math.max(...group) - Math.min(...group)).toBe(2));
    expect(made.search.provenBest).toBe(true);
  });

  test('wishes: everybody gets a partner they named where that can be', () => {
    const made = result({ ...base, goals: [{ kind: 'wishes', weight: 1 }] });
    expect(made.measures.wishes).toEqual({ unmet: 0, of: 12, bestPossible: 0 });
  });

  test('steady: newcomers find seats and nobody else moves', () => {
    const current = [
      ['s0', 's1', 's2'],
      ['s3', 's4', 's5'],
      ['s6', 's7'],
      ['s8', 's9'],
    ];
    const made = result({ ...base, current, goals: [{ kind: 'steady', weight: 1 }] });
    expect(made.measures.steady).toEqual({ moves: 0, bestPossible: 0 });
    current.forEach((ids, group) =>
      expect(made.rounds[0]!.groups[group]).toEqual(expect.arrayContaining(ids)),
    );
  });

  test('steady: one more rule moves as few as can be', () => {
    const current = [0, 3, 6, 9].map((i) => [`s${i}`, `s${i + 1}`, `s${i + 2}`]);
    const rules: RequestRule[] = [{ kind: 'apart', students: ['s0', 's1'] }];
    const made = result({ ...base, rules, current, goals: [{ kind: 'steady', weight: 1 }] });
    expect([made.feasible, made.measures.steady!.moves]).toEqual([true, 2]);
  });

  test('missing values are left out, never taken as nought', () => {
    const some = students.map((one, i) => (i < 4 ? { ...one, attributes: {} } : one));
    const made = result({
      ...base,
      students: some,
      goals: [{ kind: 'spread', attribute: 'score', weight: 1 }],
    });
    // Eight known numbers 40 to 110 in pairs of equal means leave nothing between the groups.
    expect(made.measures.spread!.score!.cost).toBeCloseTo(0, 9);
  });

  test('of partners met before, those met long ago are met again', () => {
    const pairs = (...groups: string[][]) => ({ groups });
    const history = [
      pairs(['s0', 's1'], ['s2', 's3']),
      pairs(['s0', 's2'], ['s1', 's3']),
      pairs(['s0', 's3'], ['s1', 's2']),
    ];
    const four = students.slice(0, 4).map(({ id }) => ({ id }));
    for (let seed = 1; seed <= 12; seed++) {
      // Whichever was first is the oldest.
      const turned = [...history.slice(seed % 3), ...history.slice(0, seed % 3)];
      const made = result({
        ...{ ...base, seed, students: four, history: turned },
        ...{ sizing: { by: 'count', count: 2 }, goals: [{ kind: 'freshPartners', weight: 1 }] },
      });
      const groups = made.rounds[0]!.groups.map((group) => [...group].sort()).sort();
      expect({ seed, groups }).toEqual({ seed, groups: turned[0]!.groups });
    }
  });

  test.each(['smaller', 'larger', 'spread'] as const)(
    'two goals are weighed in groups of uneven sizes (27 in fours, leftovers: %s)',
    (leftover) => {
      for (let seed = 1; seed <= 4; seed++) {
        const made = result({
          ...{ ...smallRequest(seed), rules: [] },
          students: Array.from({ length: 27 }, (_, i) => ({
            id: `s${i}`,
            attributes: { score: (i * 37) % 101, level: ['new', 'some', 'old'][i % 3]! },
          })),
          sizing: { by: 'size', size: 4, leftover },
          goals: [
            { kind: 'spread', attribute: 'score', weight: 1 },
            { kind: 'alike', attribute: 'level', weight: 1 },
            { kind: 'spread', attribute: 'level', weight: 0.5 },
          ],
        });
        const sizes = made.rounds[0]!.groups.map(({ length }) => length);
        const asked = { smaller: [4, 4, 4, 4, 4, 4, 3], larger: [5, 5, 5, 4, 4, 4] };
        expect([made.feasible, sizes]).toEqual([
          true,
          leftover === 'larger' ? asked.larger : asked.smaller,
        ]);
        expect(made.measures.spread!.score!.cost).toBeLessThan(0.2);
      }
    },
  );
});
