import { performance } from 'node:perf_hooks';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, ArrangeResult, Effort } from '@/core/format';
import { prepareGoals } from '@/core/goals/list';
import { problemFromRequest } from '@/core/reading/problemFromRequest';
import { rngFromSeed } from '@/core/random/rng';
import { ruleBreaks } from '@/core/rules/list';
import { Arrangement } from '@/core/terms/arrangement';
import { Objective } from '@/core/search/objective';
import { Deal } from '@/core/search/shuffleTrial';
import {
  denseApart,
  denseWithGoals,
  denseWithPairs,
  everyday,
  INFEASIBLE,
  lateInTerm,
  mixedRules,
  sectioned,
  TERM_GOALS,
  tightCounts,
} from './instances';
import { median, printTable } from './table';

const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8, 9];

interface Timed {
  readonly result: ArrangeResult;
  readonly ms: number;
}

function timed(request: ArrangeRequest, effort: Effort = 'normal'): Timed {
  const begin = performance.now();
  const outcome = arrangeNow(request, effort);
  const ms = performance.now() - begin;
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return { result: outcome.result, ms };
}

/** Weighted cost of a result by its own measures. */
function costOf({ measures, rounds }: ArrangeResult): number {
  const students = rounds[0]?.groups.flat().length ?? 1;
  const spread = measures.spread ?? {};
  return (spread.score?.cost ?? 0) + (spread.level?.cost ?? 0) / students;
}

export function benchEveryday(): void {
  const rows = [
    [18, 3, 2],
    [24, 4, 4],
    [28, 4, 6],
    [30, 5, 6],
    [33, 4, 6],
    [40, 4, 8],
    [40, 5, 10],
  ].map(([n = 0, size = 0, rules = 0]) => {
    const runs = SEEDS.map((seed) => {
      const request = everyday(n, size, rules, seed);
      const { result, ms } = timed(request);
      const best = Math.min(costOf(timed(request, 'thorough').result), costOf(result));
      return { result, ms, cost: costOf(result), best, shuffled: bestOfShuffles(request, ms) };
    });
    const valid = runs.filter(({ result }) => result.feasible).length;
    return [
      `${n} in ${size}s, ${rules} rules`,
      `${valid}/${runs.length}`,
      median(runs.map(({ ms }) => ms)),
      Math.max(...runs.map(({ ms }) => ms)),
      median(runs.map(({ cost }) => cost)),
      median(runs.map(({ cost, best }) => (cost + 1e-9) / (best + 1e-9))),
      median(runs.map(({ shuffled }) => shuffled)),
      `${runs.filter(({ result }) => result.search.provenBest).length}`,
    ];
  });
  printTable('Everyday classes: spread of a number and of a level, median of 9', [
    ['class', 'valid', 'ms', 'worst ms', 'cost', 'to best known', 'shuffling as long', 'proven'],
    ...rows,
  ]);
}

/** Goals that cost more to look at, and cannot all be met at once. */
export function benchLateInTerm(): void {
  const rows = [28, 40].flatMap((n) =>
    Object.entries(TERM_GOALS).map(([name, goals]) => {
      const runs = SEEDS.map((seed) => {
        const request = lateInTerm(n, goals, seed);
        const { result, ms } = timed(request);
        const cost = weightedCost(request, result);
        const long = timed(request, 'thorough');
        const best = Math.min(weightedCost(request, long.result), cost);
        return { result, ms, cost, long, ratio: (cost + 1e-9) / (best + 1e-9) };
      });
      return [
        `${n} in 4s, ${name}`,
        `${runs.filter(({ result }) => result.feasible).length}/${runs.length}`,
        median(runs.map(({ ms }) => ms)),
        Math.max(...runs.map(({ ms }) => ms)),
        median(runs.map(({ cost }) => cost)),
        median(runs.map(({ ratio }) => ratio)),
        Math.max(...runs.map(({ ratio }) => ratio)),
        runs.filter(({ result }) => result.search.provenBest).length,
        runs.filter(({ long }) => long.result.search.provenBest).length,
        median(runs.map(({ long }) => long.ms)),
      ];
    }),
  );
  printTable('Late in a term: six past weeks, median of 9', [
    [
      ...['class', 'valid', 'ms', 'worst ms', 'cost', 'to best known', 'worst'],
      ...['proven', 'proven by a long search', 'its ms'],
    ],
    ...rows,
  ]);
}

/** What the search brings down, worked out anew for what it returned. */
function weightedCost(request: ArrangeRequest, { rounds }: ArrangeResult): number {
  const read = problemFromRequest(request);
  if (!read.ok) return Infinity;
  const { problem } = read;
  const place = new Map(problem.idOfStudent.map((id, student) => [id, student]));
  const groupOfStudent = new Int32Array(problem.studentCount);
  rounds[0]?.groups.forEach((ids, group) =>
    ids.forEach((id) => (groupOfStudent[place.get(id) ?? 0] = group)),
  );
  const objective = new Objective(prepareGoals(problem), []);
  objective.reset(new Arrangement(problem, groupOfStudent));
  return objective.cost();
}

/** The least cost of as many random shuffles that keep the rules as fit in the time; Infinity for none. */
function bestOfShuffles(request: ArrangeRequest, ms: number): number {
  const read = problemFromRequest(request);
  if (!read.ok) return Infinity;
  const { problem } = read;
  const rng = rngFromSeed(request.seed);
  const deal = new Deal(problem);
  deal.draw(rng);
  const arrangement = new Arrangement(problem, deal.groupOfStudent);
  const objective = new Objective(prepareGoals(problem), []);
  let best = Infinity;
  for (const end = performance.now() + ms; performance.now() < end;) {
    deal.draw(rng);
    if (ruleBreaks(problem, deal.groupOfStudent).length > 0) continue;
    arrangement.load(deal.groupOfStudent);
    objective.reset(arrangement);
    best = Math.min(best, objective.cost());
  }
  return best;
}

export function benchHard(): void {
  const cases: readonly (readonly [string, (seed: number) => ArrangeRequest])[] = [
    ['30 in 5 groups, apart 0.5', (seed) => denseApart(30, 5, 0.5, seed)],
    ['60 in 6 groups, apart 0.4', (seed) => denseApart(60, 6, 0.4, seed)],
    ['60 in 6 groups, apart 0.6', (seed) => denseApart(60, 6, 0.6, seed)],
    ['100 in 10 groups, apart 0.4', (seed) => denseApart(100, 10, 0.4, seed)],
    ['100 in 10 groups, apart 0.7', (seed) => denseApart(100, 10, 0.7, seed)],
    ['132 in 11 groups, pairs, apart 0.25', (seed) => denseWithPairs(132, 11, 0.25, seed)],
    ['180 in 15 groups, pairs, apart 0.35', (seed) => denseWithPairs(180, 15, 0.35, seed)],
    ['28 in 4s, every kind of rule', (seed) => mixedRules(28, 4, seed)],
    ['40 in 4s, every kind of rule', (seed) => mixedRules(40, 4, seed)],
    ['30 in 5s, 14 tight rules', (seed) => everyday(30, 5, 14, seed)],
    ['40 in 4s, 20 tight rules', (seed) => everyday(40, 4, 20, seed)],
  ];
  printTable('Hard sets that can hold: valid, median and worst time of 9', [
    ['set', 'valid', 'ms', 'worst ms'],
    ...cases.map(([name, make]) => {
      const runs = SEEDS.map((seed) => timed(make(seed)));
      return [
        name,
        `${runs.filter(({ result }) => result.feasible).length}/${runs.length}`,
        median(runs.map(({ ms }) => ms)),
        Math.max(...runs.map(({ ms }) => ms)),
      ];
    }),
  ]);
}

/** Rules that leave hardly any exchange of two, with goals. */
export function benchTight(): void {
  const cases: readonly (readonly [string, (seed: number) => ArrangeRequest])[] = [
    ['24 in 6 groups, apart, 6 nats', (seed) => denseWithGoals(24, 6, 6, seed)],
    ['30 in 6 groups, apart, 6 nats', (seed) => denseWithGoals(30, 6, 6, seed)],
    ['40 in 10 groups, apart, 15 nats', (seed) => denseWithGoals(40, 10, 15, seed)],
    ['48 in 8 groups, apart, 15 nats', (seed) => denseWithGoals(48, 8, 15, seed)],
    ['48 in 8 groups, apart, 30 nats', (seed) => denseWithGoals(48, 8, 30, seed)],
    ['60 in 10 groups, apart, 20 nats', (seed) => denseWithGoals(60, 10, 20, seed)],
    ['80 in 10 groups, apart, 40 nats', (seed) => denseWithGoals(80, 10, 40, seed)],
    ['120 in 20 groups, apart, 60 nats', (seed) => denseWithGoals(120, 20, 60, seed)],
    ['28 in 4s, counts', (seed) => tightCounts(28, 4, seed)],
    ['40 in 4s, counts', (seed) => tightCounts(40, 4, seed)],
    ['28 in 4s, every kind of rule', (seed) => mixedRules(28, 4, seed)],
  ];
  printBesideLong('Little room and goals', cases);
}

/** Courses of more than a class, some of them of sections that stay apart. */
export function benchCourses(): void {
  const mixed = TERM_GOALS['two details, fresh partners'] ?? [];
  const wishes = TERM_GOALS['the same and wishes'] ?? [];
  printBesideLong('Courses', [
    ['60 in 4s, two details, fresh partners', (seed) => lateInTerm(60, mixed, seed)],
    ['60 in 4s, the same and wishes', (seed) => lateInTerm(60, wishes, seed)],
    ['100 in 4s, two details, fresh partners', (seed) => lateInTerm(100, mixed, seed)],
    ['160 in 4s, two details, fresh partners', (seed) => lateInTerm(160, mixed, seed)],
    ['60 in 5s, counts', (seed) => tightCounts(60, 5, seed)],
    ['100 in 5s, counts', (seed) => tightCounts(100, 5, seed)],
    ['96 in 6 sections', (seed) => sectioned(96, 4, 6, seed)],
    ['240 in 10 sections', (seed) => sectioned(240, 4, 10, seed)],
    ['1,200 in 24 sections', (seed) => sectioned(1_200, 5, 24, seed)],
  ]);
}

function printBesideLong(
  title: string,
  cases: readonly (readonly [string, (seed: number) => ArrangeRequest])[],
): void {
  printTable(`${title}: cost beside a search ten times as long, 5 of each`, [
    ['set', 'valid', 'proven', 'by a long one', 'to long search', 'worst', 'ms', 'worst ms'],
    ...cases.map(([name, make]) => {
      const runs = SEEDS.slice(0, 5).map((seed) => {
        const request = make(seed);
        const { result, ms } = timed(request);
        const cost = weightedCost(request, result);
        const long = timed(request, 'thorough');
        const best = Math.min(cost, weightedCost(request, long.result));
        return { result, ms, long, ratio: (cost + 1e-6) / (best + 1e-6) };
      });
      return [
        name,
        `${runs.filter(({ result }) => result.feasible).length}/${runs.length}`,
        `${runs.filter(({ result }) => result.search.provenBest).length}`,
        `${runs.filter(({ long }) => long.result.search.provenBest).length}`,
        median(runs.map(({ ratio }) => ratio)),
        Math.max(...runs.map(({ ratio }) => ratio)),
        median(runs.map(({ ms }) => ms)),
        Math.max(...runs.map(({ ms }) => ms)),
      ];
    }),
  ]);
}

export function benchInfeasible(): void {
  printTable('Sets that cannot hold: proved, rules named, time', [
    ['set', 'proved', 'reason', 'rules named', 'ways out', 'ms', 'worst ms'],
    ...Object.entries(INFEASIBLE).map(([name, make]) => {
      const runs = SEEDS.slice(0, 5).map((seed) => timed(make(seed)));
      const clash = runs[0]?.result.clash;
      return [
        name,
        `${runs.filter(({ result }) => result.clash !== undefined).length}/${runs.length}`,
        clash?.reason.code ?? '',
        clash?.rules.length ?? 0,
        clash?.waysOut.length ?? 0,
        median(runs.map(({ ms }) => ms)),
        Math.max(...runs.map(({ ms }) => ms)),
      ];
    }),
  ]);
}

export function benchScale(): void {
  const goals = [
    { kind: 'spread' as const, attribute: 'score', weight: 1 },
    { kind: 'spread' as const, attribute: 'level', weight: 1 },
    { kind: 'spread' as const, attribute: 'language', weight: 1 },
  ];
  printTable('Growth: fours, three goals, a rule for every ten students', [
    ['students', 'groups', 'rules', 'valid', 'cost of score', 'ms', 'ms for each student'],
    ...[40, 100, 200, 500, 1_000, 2_000, 5_000].map((n) => {
      const request = { ...everyday(n, 4, Math.round(n / 10), 1), goals };
      const { result, ms } = timed(request);
      const groups = result.rounds[0]?.groups.length ?? 0;
      return [
        n,
        groups,
        request.rules.length,
        String(result.feasible),
        result.measures.spread?.score?.cost ?? 0,
        ms,
        ms / n,
      ];
    }),
  ]);
}
