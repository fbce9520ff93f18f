import { arrangeNow } from '../arrange';
import type { ArrangeRequest, ArrangeResult, RequestRule, Round } from '../format';
import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';

function madeOf(request: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(request, 'quick');
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

/** Rules that a hidden arrangement keeps: pairs of its groups together, of two groups apart. */
function rulesFor(n: number, groups: number, rng: Rng): readonly RequestRule[] {
  return Array.from({ length: uniformInt(rng, 4) }, (): RequestRule => {
    const one = uniformInt(rng, n);
    const two = (one + 1 + uniformInt(rng, n - 1)) % n;
    const kind = one % groups === two % groups ? 'together' : 'apart';
    return { kind, students: [`s${one}`, `s${two}`] };
  });
}

function randomRequest(seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const n = 6 + uniformInt(rng, 16);
  const size = 2 + uniformInt(rng, 3);
  const ids = Array.from({ length: n }, (_, i) => `s${i}`);
  const history: readonly Round[] =
    seed % 3 === 0 ? [{ groups: [ids.slice(0, size), ['s1', 'left', 's4']] }] : [];
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: ids.map((id, i) => ({ id, attributes: { score: (i * 7) % 11 } })),
    sizing: { by: 'size', size, leftover: 'spread' },
    rules: rulesFor(n, Math.max(1, Math.round(n / size)), rng),
    goals: seed % 2 === 0 ? [{ kind: 'spread', attribute: 'score', weight: 1 }] : [],
    history,
    rounds: 2 + uniformInt(rng, 4),
  };
}

/** Meetings beyond the first of each pair, counted over the history and all rounds. */
function repeatsIn(rounds: readonly Round[], present: ReadonlySet<string>): number {
  const met: Record<string, number> = {};
  for (const { groups } of rounds) {
    for (const group of groups) {
      const here = group.filter((id) => present.has(id)).sort();
      here.forEach((one, i) =>
        here.slice(i + 1).forEach((two) => {
          met[`${one} ${two}`] = (met[`${one} ${two}`] ?? 0) + 1;
        }),
      );
    }
  }
  return Object.values(met).reduce((sum, times) => sum + times - 1, 0);
}

const seeds = Array.from({ length: 10 }, (_, i) => i + 1);

describe.each(seeds)('several rounds of a random class (seed %i)', (seed) => {
  const request = randomRequest(seed);
  const made = madeOf(request);
  const ids = request.students.map(({ id }) => id);

  test('everybody is in one group of every round, in sizes that differ by at most one', () => {
    expect(made.rounds).toHaveLength(request.rounds ?? 1);
    for (const { groups } of made.rounds) {
      expect(groups.flat().sort()).toEqual([...ids].sort());
      const sizes = groups.map((group) => group.length);
      expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
    }
  });

  test('the rules hold in every round', () => {
    expect(made.feasible).toBe(true);
    for (const { groups } of made.rounds) {
      for (const rule of request.rules) {
        if (!('students' in rule)) throw new Error('expected rules about students alone');
        const homes = rule.students.map((id) => groups.findIndex((group) => group.includes(id)));
        expect(new Set(homes).size).toBe(rule.kind === 'together' ? 1 : homes.length);
      }
    }
  });

  test('the repeats told are those that are there, and never fewer than called possible', () => {
    const { repeats } = made.measures;
    const counted = repeatsIn([...(request.history ?? []), ...made.rounds], new Set(ids));
    expect(repeats?.pairs).toBe(counted);
    expect(repeats?.bestPossible).toBeLessThanOrEqual(counted);
  });
});

describe.each([4, 6, 8, 10, 14, 22])('%i students in pairs', (n) => {
  test('meet everybody once in n - 1 rounds', () => {
    const made = madeOf({ ...randomRequest(1), ...pairsOf(n), rounds: n - 1 });
    expect(made.measures.repeats).toEqual({ pairs: 0, bestPossible: 0 });
    const partners = made.rounds.map(({ groups }) => groups.find((group) => group.includes('s0')));
    expect(new Set(partners.flat()).size).toBe(n);
  });
});

test.each([5, 7, 9, 11])('%i students in pairs and a trio repeat one pair at the most', (n) => {
  const pairs = (n - 3) / 2 + 3;
  // As many rounds as the pairs there are last for.
  const rounds = Math.floor((n * (n - 1)) / 2 / pairs);
  const made = madeOf({ ...randomRequest(1), ...pairsOf(n), rounds });
  expect(made.rounds[0]!.groups.map((group) => group.length).sort()).toEqual([
    ...Array.from({ length: (n - 3) / 2 }, () => 2),
    3,
  ]);
  expect(made.measures.repeats?.pairs).toBeLessThanOrEqual(1);
});

function pairsOf(n: number): Partial<ArrangeRequest> {
  return {
    students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'count', count: Math.floor(n / 2) },
    rules: [],
    goals: [],
    history: [],
  };
}
