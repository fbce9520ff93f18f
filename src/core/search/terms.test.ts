import type { ArrangeRequest, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import { metBefore, partnerPlaces } from '../goals/freshPartners';
import { wishersOf } from '../goals/wishes';
import type { GoalOf, PreparedGoal } from '../goals/kind';
import { needersOf } from '../goals/needs';
import { EVERY_GOAL } from '../goals/testGoals';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { singleUnits, unitsOf } from '../problem/units';
import { rngFromSeed, type Rng } from '../random/rng';
import { shuffle, uniformInt } from '../random/uniform';
import {
  alikeCost,
  movesFromCurrent,
  pairsShort,
  ranksGiven,
  repeatPairs,
  spreadCost,
  unmetWishes,
  unservedPart,
} from '../reference/costs';
import { ruleBreaks, ruleTerms } from '../rules/list';
import { Meetings } from '../rounds/meetings';
import { Arrangement, Exchange, type Term } from '../terms/arrangement';
import { CompanyTerm } from '../terms/companyTerm';
import { PairTerm } from '../terms/pairTerm';
import { Proposals } from './proposal';
import { Deal } from './shuffleTrial';

/** A class in which every rule and goal has something to say; some values are missing. */
function randomRequest(seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const n = 9 + uniformInt(rng, 16);
  const id = (): string => `s${uniformInt(rng, n)}`;
  const ids = Array.from({ length: n }, (_, i) => `s${i}`);
  const students = ids.map((one, i) => ({
    id: one,
    section: i % 2 === 0 ? 'A' : 'B',
    attributes: {
      ...(uniformInt(rng, 6) === 0 ? {} : { score: uniformInt(rng, 101) }),
      ...(uniformInt(rng, 6) === 0 ? {} : { level: ['new', 'some', 'much'][uniformInt(rng, 3)]! }),
    },
    wishes: [id(), id()].slice(uniformInt(rng, 3)),
    needs: ['read', 'gauge', 'plot', 'tell'].slice(uniformInt(rng, 5)),
    topics: [2, 0, 1].slice(uniformInt(rng, 4)),
  }));
  const pair = (): string[] => {
    const first = uniformInt(rng, n);
    return [`s${first}`, `s${(first + 1 + uniformInt(rng, n - 1)) % n}`];
  };
  const rules: RequestRule[] = [
    { kind: 'apart', students: [...pair(), id()] },
    { kind: 'apart', students: pair() },
    { kind: 'together', students: pair() },
    { kind: 'pin', student: id(), group: 0 },
    { kind: 'atLeast', attribute: 'level', value: 'new', count: 1 },
    { kind: 'atMost', attribute: 'level', value: 'some', count: 2 },
    { kind: 'notAlone', attribute: 'level', value: 'much' },
  ];
  const past = (): { groups: string[][] } => ({
    groups: [ids.filter((_, i) => i % 3 === 0), [id(), id(), id()]],
  });
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students,
    sizing: { by: 'size', size: 2 + uniformInt(rng, 3), leftover: 'spread' },
    rules: seed % 3 === 0 ? [...rules, { kind: 'sameSection' }] : rules,
    goals: EVERY_GOAL,
    history: [past(), past()],
    current: [ids.slice(0, 4), ids.slice(4, 8)],
    avoid: { share: (seed % 4) / 4 + 0.1, results: [past(), past()] },
  };
}

function problemOf(seed: number): Problem {
  const read = problemFromRequest(randomRequest(seed));
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

/** A goal's cost by the plain reckoning, on the scale of its term. */
function plainCost(problem: Problem, { goal }: PreparedGoal, groups: Int32Array): number {
  switch (goal.kind) {
    case 'spread': {
      const scale = goal.attribute.kind === 'category' ? problem.studentCount : 1;
      return spreadCost(problem, goal.attribute, groups) / scale;
    }
    case 'alike':
      return alikeCost(problem, goal.attribute, groups);
    case 'freshPartners': {
      const before = repeatPairs(problem, []);
      return (repeatPairs(problem, [groups]) - before) / partnerPlaces(problem);
    }
    case 'wishes':
      return unmetWishes(problem, groups) / wishersOf(problem);
    case 'steady':
      return movesFromCurrent(problem, groups) / problem.studentCount;
    case 'avoid':
      return pairsShort(problem, groups) / (partnerPlaces(problem) * problem.avoided.length);
    case 'needs': {
      const needers = needersOf(goal);
      // Closer together is better, by less than half a student in all.
      const apart = distances(problem, goal, groups) / (goal.ladder.length * needers ** 2);
      return unservedPart(problem, goal, groups) + apart;
    }
    case 'topics':
      return ranksGiven(problem, groups) / problem.ranksOfStudent.flatMap((all) => [...all]).length;
    default:
      return goal satisfies never;
  }
}

/** How far all who have a need stand from the median of their group on the ladder. */
function distances(
  { groupCount }: Problem,
  { needOfStudent }: GoalOf<'needs'>,
  groups: Int32Array,
): number {
  let sum = 0;
  for (let group = 0; group < groupCount; group++) {
    const places = [...needOfStudent].filter((need, at) => need >= 0 && groups[at] === group);
    places.sort((a, b) => a - b);
    const median = places[Math.floor(places.length / 2)] ?? 0;
    sum += places.reduce((all, place) => all + Math.abs(place - median), 0);
  }
  return sum;
}

const SEEDS = Array.from({ length: 12 }, (_, seed) => seed + 1);

describe('what a search keeps from exchange to exchange', () => {
  test.each(SEEDS)(
    'every goal costs what its slow twin says, and undoing takes it back (seed %i)',
    (seed) => {
      const problem = problemOf(seed);
      const goals = prepareGoals(problem);
      expect(goals).toHaveLength(EVERY_GOAL.length);
      // The walk minds no rules.
      const leasts = prepareGoals({
        ...problem,
        rules: [],
        sectionOfGroup: problem.sectionOfGroup.map(() => -1),
      });
      walk(
        problem,
        goals.map(({ term }) => term),
        rngFromSeed(seed),
        (arrangement) => {
          goals.forEach((prepared, at) => {
            const plain = plainCost(problem, prepared, arrangement.groupOfStudent);
            // Recent partners weigh a ten-thousandth more.
            const tolerance = prepared.goal.kind === 'freshPartners' ? 3 : 9;
            expect(prepared.term.value).toBeCloseTo(plain, tolerance);
            expect(prepared.term.value).toBeGreaterThanOrEqual(leasts[at]!.leastValue - 1e-9);
          });
        },
      );
    },
  );

  test.each(SEEDS)(
    'what groups cost by themselves adds up to what all of them cost (seed %i)',
    (seed) => {
      const problem = problemOf(seed);
      const goals = prepareGoals(problem).filter(({ term }) => term.ofGroup ?? term.ofPlace);
      // All but those about earlier results.
      expect(new Set(goals.map(({ goal }) => goal.kind))).toEqual(
        new Set(['spread', 'alike', 'freshPartners', 'wishes', 'needs', 'topics', 'steady']),
      );
      walk(
        problem,
        goals.map(({ term }) => term),
        rngFromSeed(seed),
        ({ groupOfStudent }) => {
          const groups = Array.from({ length: problem.groupCount }, (): number[] => []);
          groupOfStudent.forEach((group, student) => groups[group]!.push(student));
          for (const { term } of goals) {
            const costs = groups.map((all, group) => {
              const members = Int32Array.from(all);
              return (term.ofGroup ?? term.ofPlace)!.call(term, members, all.length, group);
            });
            const sum = costs.reduce((total, cost) => total + cost, 0);
            expect(sum).toBeCloseTo(term.value, 9);
          }
        },
      );
    },
  );

  test.each(SEEDS)(
    'where part of a group is said to cost no more than all of it, that is so (seed %i)',
    (seed) => {
      const problem = problemOf(seed);
      const rng = rngFromSeed(seed);
      const goals = prepareGoals(problem).filter(({ term }) => term.ofGroupGrows);
      expect(new Set(goals.map(({ goal }) => goal.kind))).toEqual(
        new Set(['alike', 'freshPartners']),
      );
      const order = Int32Array.from({ length: problem.studentCount }, (_, i) => i);
      for (let trial = 0; trial < 30; trial++) {
        shuffle(rng, order);
        for (const { term } of goals) {
          const grown = Array.from(order, (_, i) => term.ofGroup!(order, i + 1));
          grown.forEach((cost, i) =>
            expect(cost).toBeGreaterThanOrEqual((grown[i - 1] ?? 0) - 1e-12),
          );
        }
      }
    },
  );

  test.each(SEEDS)('the rules have no penalty just when none is broken (seed %i)', (seed) => {
    const problem = problemOf(seed);
    const terms = ruleTerms(problem, false);
    walk(problem, terms, rngFromSeed(seed), (arrangement) => {
      const penalty = terms.reduce((sum, term) => sum + term.value, 0);
      const seen = ruleBreaks(problem, arrangement.groupOfStudent);
      // Groups belong to sections from the start, so one of a single foreign section is a penalty but no break.
      if (penalty === 0) expect(seen).toEqual([]);
      if (problem.rules.every(({ kind }) => kind !== 'sameSection')) {
        expect(seen.length > 0).toBe(penalty > 0);
      }
    });
  });

  test.each(SEEDS.slice(0, 4))(
    'meetings over several rounds are counted as one by one (seed %i)',
    (seed) => {
      const problem = problemOf(seed);
      const rng = rngFromSeed(seed);
      const deal = new Deal(problem);
      const rounds = Array.from({ length: 3 }, () => {
        deal.draw(rng);
        return new Arrangement(problem, deal.groupOfStudent);
      });
      const meetings = new Meetings(problem);
      meetings.reset(rounds);
      const proposals = proposalsFor(problem, rng);
      for (let step = 0; step < 120; step++) {
        const round = rounds[uniformInt(rng, 3)]!;
        if (!proposals.draw(round)) continue;
        const change = meetings.delta(proposals.exchange, round);
        const before = meetings.repeats;
        meetings.commit(proposals.exchange, round);
        round.commit(proposals.exchange);
        expect(meetings.repeats - before).toBe(change);
        expect(meetings.repeats).toBe(
          repeatPairs(
            problem,
            rounds.map(({ groupOfStudent }) => groupOfStudent),
          ),
        );
      }
    },
  );
});

/** A seeded stream of exchanges, every third one taken back at once; `check` sees each state. */
function walk(
  problem: Problem,
  terms: readonly Term[],
  rng: Rng,
  check: (arrangement: Arrangement) => void,
): void {
  const deal = new Deal(problem);
  deal.draw(rng);
  const arrangement = new Arrangement(problem, deal.groupOfStudent);
  const exchange = new Exchange(problem.studentCount, 4);
  terms.forEach((term) => term.reset(arrangement));
  for (let step = 0; step < 150; step++) {
    drawSeveral(exchange, problem, arrangement, rng);
    const expected = terms.map((term) => term.value + term.delta(exchange, arrangement));
    commit(exchange);
    terms.forEach((term, i) => expect(term.value).toBeCloseTo(expected[i]!, 9));
    check(arrangement);
    if (step % 3 > 0) continue;
    const before = terms.map((term) => term.value);
    const back = reverse(exchange, problem.studentCount);
    commit(back);
    commit(reverse(back, problem.studentCount));
    terms.forEach((term, i) => expect(term.value).toBeCloseTo(before[i]!, 9));
  }

  function commit(exchange: Exchange): void {
    terms.forEach((term) => term.commit(exchange, arrangement));
    arrangement.commit(exchange);
  }
}

/** Up to three students of a group for as many of another, or for one fewer where that only passes the larger size on. */
function drawSeveral(
  exchange: Exchange,
  { groupCount, classOfGroup }: Problem,
  { sizeOfGroup, members, capacity }: Arrangement,
  rng: Rng,
): void {
  const from = uniformInt(rng, groupCount);
  const to = (from + 1 + uniformInt(rng, groupCount - 1)) % groupCount;
  const [sizeFrom, sizeTo] = [sizeOfGroup[from]!, sizeOfGroup[to]!];
  const passesOn = sizeFrom === sizeTo + 1 && classOfGroup[from] === classOfGroup[to];
  const going = 1 + uniformInt(rng, Math.min(3, sizeFrom, sizeTo));
  const firstFrom = uniformInt(rng, sizeFrom);
  const firstTo = uniformInt(rng, sizeTo);
  exchange.begin(from, to);
  for (let i = 0; i < going; i++) {
    exchange.addGoing(members[from * capacity + ((firstFrom + i) % sizeFrom)]!);
  }
  const coming = passesOn && uniformInt(rng, 2) === 0 ? going - 1 : going;
  for (let i = 0; i < coming; i++) {
    exchange.addComing(members[to * capacity + ((firstTo + i) % sizeTo)]!);
  }
}

/** A deal at random need not keep blocks whole, so students move one by one. */
function proposalsFor(problem: Problem, rng: Rng): Proposals {
  return new Proposals(problem, singleUnits(unitsOf(problem), problem.studentCount), rng, false);
}

function reverse(of: Exchange, studentCount: number): Exchange {
  const back = new Exchange(studentCount, of.going.length);
  back.begin(of.to, of.from);
  for (let i = 0; i < of.goingCount; i++) back.addGoing(of.going[i]!);
  for (let i = 0; i < of.comingCount; i++) back.addComing(of.coming[i]!);
  return back;
}

test.each(SEEDS.slice(0, 6))(
  'pairs in a table and in lists weigh every exchange alike (seed %i)',
  (seed) => {
    const problem = problemOf(seed);
    const pairs = metBefore(problem, true).build((weight) => 1 + weight);
    const list = new PairTerm(pairs, 1);
    const table = new CompanyTerm(pairs, 1, problem.studentCount, problem.groupCount);
    const changes = new Set<number>();
    walk(problem, [list, table], rngFromSeed(seed), () => {
      expect(table.value).toBeCloseTo(list.value, 9);
      changes.add(Math.round(list.value));
    });
    expect(changes.size).toBeGreaterThan(3);
  },
);

test('who has met lately weighs more than who met long ago, and never as much as a repeat', () => {
  const problem = problemOf(1);
  const recent = metBefore(problem, true).build((weight) => 1 + 1e-4 * weight);
  expect(Math.min(...recent.weight)).toBeGreaterThan(1);
  expect(Math.max(...recent.weight)).toBeLessThan(1.001);
});
