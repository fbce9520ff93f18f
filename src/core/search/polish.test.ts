import type { ArrangeRequest, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { spreadCost } from '../reference/costs';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import { isWorthPolishing, polish } from './polish';
import { Proposals } from './proposal';
import { Deal } from './shuffleTrial';

/** A class with a number and a value each, and rules that those who sit in i modulo the groups keep. */
function classOf(n: number, groups: number, seed: number, numbers = 1): Problem {
  const rng = rngFromSeed(seed);
  const rules: RequestRule[] = Array.from({ length: 5 }, () => {
    const one = uniformInt(rng, n);
    const two = (one + 1 + uniformInt(rng, n - 1)) % n;
    const kind = one % groups === two % groups ? 'together' : 'apart';
    return { kind, students: [`s${one}`, `s${two}`] };
  });
  const request: ArrangeRequest = {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: `s${i}`,
      attributes: {
        score: uniformInt(rng, 101),
        level: ['new', 'some'][uniformInt(rng, 2)]!,
        ...(numbers > 1 && { pace: uniformInt(rng, 1009), reach: uniformInt(rng, 997) }),
      },
    })),
    sizing: { by: 'count', count: groups },
    rules,
    goals: [
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'spread', attribute: 'level', weight: 1 },
      ...['pace', 'reach'].flatMap((attribute) =>
        numbers > 1 ? [{ kind: 'spread' as const, attribute, weight: 1 }] : [],
      ),
    ],
  };
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

function costOf(problem: Problem, groupOfStudent: Int32Array): number {
  return prepareGoals(problem).reduce((sum, { goal }) => {
    if (goal.kind !== 'spread') throw new Error('expected spread goals alone');
    const scale = goal.attribute.kind === 'category' ? problem.studentCount : 1;
    return sum + spreadCost(problem, goal.attribute, groupOfStudent) / scale;
  }, 0);
}

const polished = (problem: Problem, start: Int32Array, evaluations: number): Int32Array => {
  const goals = prepareGoals(problem);
  const work = polish(problem, unitsOf(problem), goals, start, evaluations, rngFromSeed(7));
  for (;;) {
    const { done, value } = work.next();
    if (done) return value.groupOfStudent;
  }
};

describe('polishing', () => {
  test.each([1, 2, 3, 4, 5, 6])(
    'keeps every rule and size, and leaves nothing that one exchange of two could better (seed %i)',
    (seed) => {
      const n = 12 + 2 * seed;
      const groups = 3 + (seed % 2);
      const problem = classOf(n, groups, seed);
      const start = Int32Array.from({ length: n }, (_, i) => i % groups);
      const end = polished(problem, start, 20_000);
      expect(keepsEverything(problem, end)).toBe(true);
      expect(fillsTheSizes(problem, end)).toBe(true);
      const cost = costOf(problem, end);
      expect(cost).toBeLessThanOrEqual(costOf(problem, start));
      for (let one = 0; one < n; one++) {
        for (let two = one + 1; two < n; two++) {
          const swapped = end.slice();
          [swapped[one], swapped[two]] = [end[two]!, end[one]!];
          if (!keepsEverything(problem, swapped)) continue;
          expect(costOf(problem, swapped)).toBeGreaterThan(cost - 1e-9);
        }
      }
    },
  );

  test('finds the least cost of all where every arrangement can be tried', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const problem = classOf(9, 3, seed);
      let least = Infinity;
      const groups = new Int32Array(9);
      for (let code = 0; code < 3 ** 9; code++) {
        for (let i = 0; i < 9; i++) groups[i] = Math.floor(code / 3 ** i) % 3;
        if (!fillsTheSizes(problem, groups) || !keepsEverything(problem, groups)) continue;
        least = Math.min(least, costOf(problem, groups));
      }
      const start = Int32Array.from({ length: 9 }, (_, i) => i % 3);
      expect(costOf(problem, polished(problem, start, 30_000))).toBeCloseTo(least, 9);
    }
  });
});

test('comes to an end where blocks can go nowhere else, and in a single group', () => {
  const blocks = (sizes: readonly number[], groups: number): Problem => {
    let next = 0;
    const rules: RequestRule[] = sizes.map((size) => ({
      kind: 'together',
      students: Array.from({ length: size }, () => `s${next++}`),
    }));
    const read = problemFromRequest({
      format: 'gruppetto.request',
      version: 1,
      seed: 1,
      students: Array.from({ length: next }, (_, i) => ({ id: `s${i}`, attributes: { x: i } })),
      sizing: { by: 'count', count: groups },
      rules,
      goals: [{ kind: 'spread', attribute: 'x', weight: 1 }],
    });
    if (!read.ok) throw new Error(read.issue.code);
    return read.problem;
  };
  const stuck = Int32Array.of(0, 0, 0, 1, 1);
  expect(polished(blocks([3, 2], 2), stuck, 5_000)).toEqual(stuck);
  expect(isWorthPolishing(blocks([2], 1), 1e9)).toBe(false);
});

test('an exchange is refused early only where its whole cost is at the limit or above', () => {
  for (let seed = 1; seed <= 10; seed++) {
    const rng = rngFromSeed(seed);
    const problem = classOf(20, 4, seed);
    const deal = new Deal(problem);
    deal.draw(rng);
    const arrangement = new Arrangement(problem, deal.groupOfStudent);
    const objective = new Objective(prepareGoals(problem), []);
    objective.reset(arrangement);
    const proposals = new Proposals(problem, unitsOf(problem), rng);
    for (let step = 0; step < 300; step++) {
      if (!proposals.draw(arrangement)) continue;
      const whole = objective.costDelta(proposals.exchange, arrangement);
      const limit = (uniformInt(rng, 200) - 100) / 2_000;
      const early = objective.costDelta(proposals.exchange, arrangement, limit);
      if (early === Infinity) expect(whole).toBeGreaterThanOrEqual(limit - 1e-12);
      else expect(early).toBe(whole);
      objective.commit(proposals.exchange, arrangement);
    }
  }
});

describe('between two groups', () => {
  /** A class of two details, some values missing, dealt at random; every goal kind that tells what it could gain. */
  const dealt = (seed: number, missing: boolean) => {
    const rng = rngFromSeed(seed);
    const read = problemFromRequest({
      format: 'gruppetto.request',
      version: 1,
      seed,
      students: Array.from({ length: 18 }, (_, i) => ({
        id: `s${i}`,
        attributes: {
          ...(missing && i % 5 === 0 ? {} : { score: uniformInt(rng, 41) }),
          ...(missing && i % 7 === 0 ? {} : { level: ['new', 'some', 'old'][uniformInt(rng, 3)]! }),
        },
      })),
      sizing: { by: 'count', count: 4 },
      rules: [],
      goals: [
        { kind: 'spread', attribute: 'level', weight: 2 },
        { kind: 'spread', attribute: 'score', weight: 3 },
        { kind: 'alike', attribute: 'score', weight: 1 },
        { kind: 'alike', attribute: 'level', weight: 1 },
      ],
    });
    if (!read.ok) throw new Error(read.issue.code);
    const { problem } = read;
    const deal = new Deal(problem);
    deal.draw(rng);
    const arrangement = new Arrangement(problem, deal.groupOfStudent);
    return { rng, problem, arrangement };
  };

  test.each([1, 2, 3, 4, 5, 6])('no exchange wins more than was said (seed %i)', (seed) => {
    const { rng, problem, arrangement } = dealt(seed, seed % 2 === 0);
    for (const goal of prepareGoals(problem)) {
      const objective = new Objective([goal], []);
      objective.reset(arrangement);
      const proposals = new Proposals(problem, unitsOf(problem), rng);
      let met = 0;
      for (let step = 0; step < 400; step++) {
        if (!proposals.draw(arrangement)) continue;
        const { from, to } = proposals.exchange;
        const change = objective.costDelta(proposals.exchange, arrangement);
        expect(-change).toBeLessThanOrEqual(objective.mostGain(from, to, arrangement) + 1e-12);
        if (change < 0) met++;
      }
      expect(met).toBeGreaterThan(0);
    }
  });

  test.each([1, 2, 3, 4, 5, 6])(
    'what lowers the cost lies within the span, and of the number alone all that does (seed %i)',
    (seed) => {
      const { rng, problem, arrangement } = dealt(seed, false);
      const goals = prepareGoals(problem);
      const score = goals.filter(
        ({ goal }) => goal.kind === 'spread' && goal.attribute.kind === 'number',
      );
      for (const some of [goals, score]) {
        const objective = new Objective(some, []);
        objective.reset(arrangement);
        const { exchange } = new Proposals(problem, unitsOf(problem), rng);
        const span = { ofStudent: new Float64Array(18), low: 0, high: 0 };
        let [inside, outside] = [0, 0];
        for (let one = 0; one < 18; one++) {
          for (let two = 0; two < 18; two++) {
            const [from, to] = [arrangement.groupOfStudent[one]!, arrangement.groupOfStudent[two]!];
            if (from === to) continue;
            exchange.begin(from, to);
            exchange.addGoing(one);
            exchange.addComing(two);
            objective.mostGain(from, to, arrangement);
            expect(objective.narrow(from, to, span)).toBe(true);
            const net = span.ofStudent[one]! - span.ofStudent[two]!;
            const within = net > span.low && net < span.high;
            const better = objective.costDelta(exchange, arrangement) < -1e-12;
            if (better) expect({ one, two, within }).toEqual({ one, two, within: true });
            if (some === score && within && Math.abs(net) > 1e-9) {
              expect(objective.costDelta(exchange, arrangement)).toBeLessThan(1e-9);
            }
            if (within) inside++;
            else outside++;
          }
        }
        expect(inside).toBeGreaterThan(0);
        if (some === score) expect(outside).toBeGreaterThan(0);
      }
    },
  );

  test('where a number is missing nothing is passed over unseen', () => {
    const { problem, arrangement } = dealt(3, true);
    const objective = new Objective(prepareGoals(problem), []);
    objective.reset(arrangement);
    const span = { ofStudent: new Float64Array(18), low: 0, high: 0 };
    objective.mostGain(0, 1, arrangement);
    expect(objective.narrow(0, 1, span)).toBe(false);
  });

  test('shaken and brought down again and again, classes come to half of what one way down leaves', () => {
    const classes = Array.from({ length: 30 }, (_, seed) => classOf(40, 10, seed + 1, 3));
    const mean = (evaluations: number): number => {
      const start = Int32Array.from({ length: 40 }, (_, i) => i % 10);
      const costs = classes.map((one) => Math.log(costOf(one, polished(one, start, evaluations))));
      return Math.exp(costs.reduce((sum, one) => sum + one, 0) / costs.length);
    };
    expect(mean(150_000)).toBeLessThan(0.51 * mean(5_000));
  });
});
