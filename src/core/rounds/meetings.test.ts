import { problemFromRequest } from '../reading/problemFromRequest';
import type { ArrangeRequest } from '../format';
import type { Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { Deal } from '../search/shuffleTrial';
import { Proposals } from '../search/proposal';
import { Arrangement, Exchange } from '../terms/arrangement';
import { Meetings } from './meetings';

const SEEDS = [1, 2, 3, 4, 5, 6];
const ROUNDS = 4;

describe.each(SEEDS)('who meets whom over several rounds (seed %i)', (seed) => {
  test('an exchange changes the repeats by what counting them anew tells', () => {
    const { problem, rounds, meetings, rng } = begun(seed);
    const proposals = new Proposals(problem, unitsOf(problem), rng);
    const { exchange } = proposals;
    for (let step = 0; step < 200; step++) {
      const round = rounds[uniformInt(rng, ROUNDS)] as Arrangement;
      if (!proposals.draw(round)) continue;
      const told = meetings.repeats + meetings.delta(exchange, round);
      meetings.commit(exchange, round);
      round.commit(exchange);
      expect(meetings.repeats).toBe(told);
      expect(repeatsOf(problem, rounds)).toBe(told);
    }
  });

  test('two students who change places in every round change them by what counting anew tells', () => {
    const { problem, rounds, meetings, rng } = begun(seed);
    const exchange = new Exchange(problem.studentCount, 8);
    for (let step = 0; step < 60; step++) {
      const one = uniformInt(rng, problem.studentCount);
      const two = (one + 1 + uniformInt(rng, problem.studentCount - 1)) % problem.studentCount;
      const told = meetings.repeats + meetings.swapDelta(one, two);
      for (const round of rounds) {
        const [from, to] = [round.groupOfStudent[one]!, round.groupOfStudent[two]!];
        if (from === to) continue;
        exchange.begin(from, to);
        exchange.addGoing(one);
        exchange.addComing(two);
        meetings.commit(exchange, round);
        round.commit(exchange);
      }
      expect(repeatsOf(problem, rounds)).toBe(told);
      expect(meetings.repeats).toBe(told);
    }
  });
});

/** Random rounds of a class with blocks, uneven groups and, for every other seed, a history. */
function begun(seed: number) {
  const rng = rngFromSeed(seed);
  const n = 13 + seed;
  const ids = Array.from({ length: n }, (_, i) => `s${i}`);
  const request: ArrangeRequest = {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: ids.map((id) => ({ id })),
    sizing: { by: 'count', count: 4 },
    rules: [{ kind: 'together', students: ['s0', 's1'] }],
    rounds: ROUNDS,
    ...(seed % 2 === 0 && {
      history: [0, 1].map((past) => ({
        groups: [0, 1, 2].map((group) =>
          ids.filter((_, i) => (i * (past + 1) + (i % (past + 2))) % 3 === group),
        ),
      })),
    }),
  };
  const read = problemFromRequest(request);
  if (!read.ok) throw new Error(read.issue.code);
  const { problem } = read;
  const deal = new Deal(problem);
  const rounds = Array.from({ length: ROUNDS }, () => {
    // Whole deals know of no blocks: dealt until this one is together.
    do deal.draw(rng);
    while (deal.groupOfStudent[0] !== deal.groupOfStudent[1]);
    return new Arrangement(problem, deal.groupOfStudent);
  });
  const meetings = new Meetings(problem);
  meetings.reset(rounds);
  return { problem, rounds, meetings, rng };
}

/** Of every pair's meetings, the history's among them, all but the first. */
function repeatsOf({ studentCount, history }: Problem, rounds: readonly Arrangement[]): number {
  let repeats = 0;
  for (let one = 0; one < studentCount; one++) {
    for (let two = 0; two < one; two++) {
      const now = rounds.filter(({ groupOfStudent: of }) => of[one] === of[two]).length;
      const before = history.filter((groups) =>
        groups.some((group) => group.includes(one) && group.includes(two)),
      ).length;
      repeats += Math.max(0, now + before - 1);
    }
  }
  return repeats;
}
