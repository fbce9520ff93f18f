import { arrangeNow } from '../arrange';
import type { ArrangeRequest, ArrangeResult, RequestGoal, RequestRule } from '../format';
import { rngFromSeed } from '../random/rng';
import { affine } from './affine';
import { constructSchedule } from './construct';
import { circle, net, type Schedule } from './designs';
import { joined } from './joining';
import { ringOf } from './ring';
import { rotating } from './rotating';
import { findTurning, turningsFor } from './turning';

/** Pairs that share a group more than once, and whether each round seats everybody once. */
function faults(
  schedule: Schedule,
  places: number,
): { readonly again: number; readonly whole: boolean } {
  const met = new Set<number>();
  let again = 0;
  const whole = schedule.every(
    (round) => new Set(round.flat()).size === places && round.flat().length === places,
  );
  for (const group of schedule.flat()) {
    group.forEach((one, i) =>
      group.slice(i + 1).forEach((two) => {
        const key = Math.min(one, two) * places + Math.max(one, two);
        if (met.has(key)) again++;
        met.add(key);
      }),
    );
  }
  return { again, whole };
}

const perfect = { again: 0, whole: true };

describe('schedules from mathematics', () => {
  test('a circle of an even number gives n - 1 rounds in which everybody meets everybody', () => {
    for (const n of [2, 4, 10, 30]) {
      expect(circle(n)).toHaveLength(n - 1);
      expect(faults(circle(n), n)).toEqual(perfect);
    }
  });

  test.each([
    [9, 3, 4],
    [16, 4, 5],
    [25, 5, 6],
    [27, 3, 13],
    [49, 7, 8],
    [64, 4, 21],
    [32, 4, 9],
    [24, 3, 8],
  ])('lines of a net: %i places in groups of %i give %i rounds', (places, size, rounds) => {
    const schedule = net(places, size)!;
    expect(schedule).toHaveLength(rounds);
    expect(faults(schedule, places)).toEqual(perfect);
  });

  test.each([
    [28, 4, 9],
    [40, 4, 13],
  ])('a rotated base round: %i places in groups of %i give %i rounds', (places, size, rounds) => {
    const schedule = rotating(places, size, 1_000_000)!;
    expect(schedule).toHaveLength(rounds);
    expect(faults(schedule, places)).toEqual(perfect);
  });

  test.each([
    [15, 3, 7],
    [18, 3, 8],
    [21, 3, 10],
  ])('a turned base round: %i places in groups of %i give %i rounds', (places, size, rounds) => {
    const schedule = constructSchedule(places, size, rounds, rngFromSeed(1));
    expect(schedule.length).toBeGreaterThanOrEqual(rounds);
    expect(faults(schedule, places)).toEqual(perfect);
  });

  test.each([
    [32, 4, 10],
    [24, 4, 7],
    [20, 4, 5],
    [40, 4, 12],
  ])(
    'rounds under the maps of a field: %i places in groups of %i give %i rounds',
    (places, size, rounds) => {
      const schedule = affine(places, size, rounds)!;
      expect(schedule.length).toBeGreaterThanOrEqual(rounds);
      expect(faults(schedule, places)).toEqual(perfect);
    },
  );

  test('more rounds than there are partners for come out of no field', () => {
    for (const [places, size, rounds] of [
      [32, 4, 11],
      [20, 4, 7],
      [15, 3, 8],
    ] as const) {
      expect(affine(places, size, rounds)).toBeNull();
    }
  });

  test('whatever turning is found repeats nothing, with and without places that stand still', () => {
    const ways = [...turningsFor(24, 4, 5), ...turningsFor(20, 4, 3)];
    expect(ways.some(({ still }) => still > 0)).toBe(true);
    for (const way of ways.slice(0, 12)) {
      const places = way.rings * way.turns + way.still;
      const schedule = findTurning(places, 4, way, 40_000, rngFromSeed(2));
      if (schedule) expect(faults(schedule, places)).toEqual(perfect);
    }
  });

  test('in a ring lines of two chosen slopes meet in one point', () => {
    for (const order of [4, 7, 8, 9, 15, 16, 45]) {
      const ring = ringOf(order);
      const elements = Array.from({ length: order }, (_, x) => x);
      for (const one of ring.apart) {
        for (const two of ring.apart) {
          if (one === two) continue;
          // Two lines of these slopes meet in one point, wherever they start.
          for (const start of elements) {
            const crossings = elements.filter(
              (x) => ring.add(ring.multiply(one, x), start) === ring.multiply(two, x),
            );
            expect(crossings).toHaveLength(1);
          }
        }
      }
    }
  });
});

test.each([
  [27, 3, 6, 1],
  [24, 4, 5, 1],
  [28, 4, 4, 2],
])(
  'to %i students in %is for %i rounds %i more join a group each and meet nobody twice either',
  (places, size, rounds, extras) => {
    const rng = rngFromSeed(4);
    const schedule = constructSchedule(places, size, rounds, rng).slice(0, rounds);
    const made = joined(schedule, places, extras, rng);
    expect(made).toHaveLength(rounds);
    const met = new Set<string>();
    for (const round of made) {
      expect(round.flat().sort((a, b) => a - b)).toEqual(
        Array.from({ length: places + extras }, (_, i) => i),
      );
      expect(round.filter((group) => group.length > size)).toHaveLength(extras);
      for (const group of round) {
        group.forEach((one, i) => {
          for (const two of group.slice(i + 1)) {
            const pair = `${Math.min(one, two)} ${Math.max(one, two)}`;
            expect(met.has(pair)).toBe(false);
            met.add(pair);
          }
        });
      }
    }
  },
);

test('where a newcomer to a schedule must meet some twice, they join all the same', () => {
  // Six rounds of threes have 18 partners for the one who joins; there are 15.
  const schedule = constructSchedule(15, 3, 6, rngFromSeed(1));
  const made = joined(schedule, 15, 1, rngFromSeed(2));
  made.forEach((round) => expect(round.filter((group) => group.includes(15))).toHaveLength(1));
});

function request(n: number, size: number, rounds: number, more: Partial<ArrangeRequest> = {}) {
  return {
    format: 'gruppetto.request' as const,
    version: 1 as const,
    seed: 1,
    students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'size' as const, size, leftover: 'spread' as const },
    rules: [],
    rounds,
    ...more,
  };
}

function result(of: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(of, 'quick');
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

describe('several rounds at once', () => {
  test('26 in fours for six weeks: nobody meets twice, sizes are as asked in every round', () => {
    const made = result(request(26, 4, 6));
    expect(made.rounds).toHaveLength(6);
    expect(made.measures.repeats).toEqual({ pairs: 0, bestPossible: 0 });
    made.rounds.forEach(({ groups }) =>
      expect(groups.map((group) => group.length).sort()).toEqual([3, 3, 4, 4, 4, 4, 4]),
    );
  });

  test('32 in fours for ten weeks: nobody meets twice, and no plan can be longer', () => {
    const made = result(request(32, 4, 10));
    expect(made.rounds).toHaveLength(10);
    expect(made.measures.repeats).toEqual({ pairs: 0, bestPossible: 0 });
    expect(made.search.provenBest).toBe(true);
  });

  test.each([
    [12, 4, 3, 6],
    [20, 5, 3, 8],
    [24, 6, 4, 24],
    [18, 6, 3, 18],
  ])(
    '%i in groups of %i for %i rounds meet %i times again for want of groups, and that is proved',
    (n, size, rounds, pairs) => {
      const made = result(request(n, size, rounds));
      expect(made.measures.repeats).toEqual({ pairs, bestPossible: pairs });
      expect(made.search.provenBest).toBe(true);
      expect(made.measures.rounds?.bestPossible).toBe(1);
    },
  );

  test('rules hold in every round, and partners are fresh all the same', () => {
    const rules: RequestRule[] = [
      { kind: 'apart', students: ['s0', 's1'] },
      { kind: 'apart', students: ['s2', 's3', 's4'] },
    ];
    const made = result(request(20, 4, 4, { rules }));
    expect([made.feasible, made.measures.repeats?.pairs]).toEqual([true, 0]);
    for (const { groups } of made.rounds) {
      for (const group of groups) {
        expect(group.filter((id) => ['s0', 's1'].includes(id)).length).toBeLessThan(2);
        expect(group.filter((id) => ['s2', 's3', 's4'].includes(id)).length).toBeLessThan(2);
      }
    }
  });

  // Two or three with a mark in every group of every round leave a schedule hardly any way to be dealt.
  test.each([
    [35, 5, 5, 2],
    [42, 6, 5, 3],
    [30, 5, 4, 2],
  ])(
    '%i in groups of %i for %i rounds, %i of the marked in each: nobody meets twice',
    (n, size, rounds, count) => {
      const asked = request(n, size, rounds, {
        seed: 1,
        rules: [{ kind: 'atMost', attribute: 'helper', value: 'yes', count }],
      });
      const marked = (count * n) / size;
      const made = result({
        ...asked,
        students: asked.students.map((one, i) => ({
          ...{ ...one, attributes: { helper: i < marked ? 'yes' : 'no' } },
        })),
      });
      expect([made.feasible, made.measures.repeats?.pairs]).toEqual([true, 0]);
    },
  );

  test('blocks that stay together repeat with themselves alone as far as can be told', () => {
    const rules: RequestRule[] = [{ kind: 'together', students: ['s0', 's1'] }];
    const made = result(request(16, 4, 3, { rules }));
    expect(made.feasible).toBe(true);
    expect(made.measures.repeats?.bestPossible).toBe(2);
    made.rounds.forEach(({ groups }) =>
      expect(groups.some((group) => group.includes('s0') && group.includes('s1'))).toBe(true),
    );
  });

  test.each([1, 2, 3])(
    'where sections stay apart and the score differs by section, every round is mixed as one alone can be (seed %i)',
    (seed) => {
      const students = Array.from({ length: 24 }, (_, i) => ({
        id: `s${i}`,
        section: i % 2 === 0 ? 'North' : 'South',
        attributes: { score: ((i * 7 * (seed + 1)) % 31) + (i % 2) * 60 },
      }));
      const goals: RequestGoal[] = [
        { kind: 'spread', attribute: 'score', weight: 1 },
        { kind: 'freshPartners', weight: 0.01 },
      ];
      const asked = { students, rules: [{ kind: 'sameSection' as const }], goals, seed };
      const alone = result(request(24, 4, 1, asked)).measures.spread?.score?.cost ?? Infinity;
      const made = result(request(24, 4, 4, asked));
      // What goals could win by breaking a rule is far above what one repeat costs.
      expect(made.feasible).toBe(true);
      expect(made.measures.spread?.score?.cost).toBeLessThan(alone + 0.001);
      expect(made.measures.repeats?.pairs).toBeLessThan(36);
    },
  );

  test.each([1, 2, 3])(
    'no goal is worth a rule, however little repeats weigh beside it (seed %i)',
    (seed) => {
      // Four of a level in each group would be best, and two of each level are to be kept apart.
      const students = Array.from({ length: 16 }, (_, i) => ({
        id: `s${i}`,
        attributes: { level: `level ${i % 4}` },
      }));
      const rules: RequestRule[] = [0, 1, 2, 3].flatMap((level) => [
        { kind: 'apart', students: [`s${level}`, `s${level + 4}`] },
        { kind: 'apart', students: [`s${level + 8}`, `s${level + 12}`] },
      ]);
      const goals: RequestGoal[] = [
        { kind: 'alike', attribute: 'level', weight: 1 },
        { kind: 'freshPartners', weight: 0.001 },
      ];
      const asked = { students, rules, goals, seed };
      const alone = result(request(16, 4, 1, asked)).measures.alike?.level?.cost ?? Infinity;
      const made = result(request(16, 4, 5, asked));
      expect(made.feasible).toBe(true);
      expect(made.measures.alike?.level?.cost).toBeCloseTo(alone, 6);
    },
  );

  test('where repeats weigh nothing every round is mixed as well as one alone, within the rules', () => {
    const students = Array.from({ length: 20 }, (_, i) => ({
      id: `s${i}`,
      attributes: { score: (i * 37) % 101 },
    }));
    const rules: RequestRule[] = [
      { kind: 'apart', students: ['s0', 's1', 's2'] },
      { kind: 'together', students: ['s3', 's4'] },
    ];
    const goals: RequestGoal[] = [
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'freshPartners', weight: 0 },
    ];
    const made = result(request(20, 4, 3, { students, rules, goals }));
    expect(made.feasible).toBe(true);
    expect(made.measures.spread?.score?.cost).toBeLessThan(0.001);
  });

  test('goals that no known schedule serves are weighed against repeats', () => {
    const students = Array.from({ length: 25 }, (_, i) => ({
      id: `s${i}`,
      attributes: { score: i % 5 === 0 ? 90 + i : 10 + ((i * 3) % 7) },
    }));
    const goals: RequestGoal[] = [
      { kind: 'spread', attribute: 'score', weight: 4 },
      { kind: 'freshPartners', weight: 0.01 },
    ];
    const made = result(request(25, 5, 6, { students, goals }));
    // Five high scores for five groups: only where they part in every round is the class mixed.
    expect(made.measures.spread?.score?.cost).toBeLessThan(0.01);
  });

  test('partners of earlier weeks count as met', () => {
    const history = [
      {
        groups: [
          ['s0', 's1'],
          ['s2', 's3'],
          ['s4', 's5'],
        ],
      },
    ];
    const made = result(request(6, 2, 4, { history }));
    expect(made.measures.repeats).toEqual({ pairs: 0, bestPossible: 0 });
    expect(made.search.provenBest).toBe(true);
  });

  test('rules that cannot hold are told for all rounds as for one', () => {
    const rules: RequestRule[] = [{ kind: 'together', students: ['s0', 's1', 's2'] }];
    const made = result(request(6, 2, 2, { rules }));
    expect([made.feasible, made.clash?.reason.code, made.rounds.length]).toEqual([
      false,
      'blockTooLarge',
      2,
    ]);
  });
});
