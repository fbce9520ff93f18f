import { performance } from 'node:perf_hooks';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, ArrangeResult } from '@/core/format';
import { mixedRounds } from './instances';
import { median, printTable } from './table';

/** students / size / rounds; the last ones ask for more than anybody has, or for what is done in class. */
const CASES: readonly (readonly [number, number, number])[] = [
  [30, 2, 29],
  [25, 2, 24],
  [9, 3, 4],
  [15, 3, 7],
  [21, 3, 10],
  [27, 3, 13],
  [16, 4, 5],
  [28, 4, 9],
  [25, 5, 6],
  [49, 7, 8],
  [18, 3, 8],
  [24, 3, 11],
  [30, 3, 14],
  [32, 4, 8],
  [32, 4, 9],
  [32, 4, 10],
  [24, 4, 7],
  [40, 4, 13],
  [33, 3, 16],
  [26, 4, 6],
  [22, 4, 5],
  [29, 5, 5],
];

export function roundsRequest(n: number, size: number, rounds: number): ArrangeRequest {
  return {
    format: 'gruppetto.request',
    version: 1,
    seed: 1,
    students: Array.from({ length: n }, (_, i) => ({
      id: `s${i}`,
      attributes: { score: (i * 37) % 101 },
    })),
    sizing: { by: 'size', size, leftover: 'spread' },
    rules: [],
    goals: [{ kind: 'freshPartners', weight: 1 }],
    rounds,
  };
}

/** Rounds at once: repeats made, repeats that nobody can avoid, and the time. */
export function benchRounds(): void {
  const rows = CASES.map(([n, size, rounds]) => [
    `${n}/${size}/${rounds}`,
    ...timed(roundsRequest(n, size, rounds)),
  ]);
  const rules = [
    { kind: 'apart' as const, students: ['s0', 's1'] },
    { kind: 'apart' as const, students: ['s2', 's3', 's4'] },
    { kind: 'apart' as const, students: ['s5', 's6'] },
    { kind: 'apart' as const, students: ['s7', 's8'] },
  ];
  const together = [
    ...rules.slice(0, 2),
    { kind: 'together' as const, students: ['s9', 's10'] },
    { kind: 'together' as const, students: ['s11', 's12'] },
  ];
  const goals = [
    { kind: 'freshPartners' as const, weight: 1 },
    { kind: 'spread' as const, attribute: 'score', weight: 1 },
  ];
  const base = roundsRequest(28, 4, 7);
  rows.push(
    ['28/4/7, 4 apart, spread', ...timed({ ...base, rules, goals })],
    ['28/4/7, 2 apart 2 together, spread', ...timed({ ...base, rules: together, goals })],
  );
  printTable('Several rounds at once', [
    ['students/size/rounds', 'repeats', 'least', 'spread', 'ms'],
    ...rows,
  ]);
}

function timed(request: ArrangeRequest): (string | number)[] {
  const begin = performance.now();
  const outcome = arrangeNow(request);
  const ms = performance.now() - begin;
  if (!outcome.ok || !outcome.result.feasible) return ['not made', '', '', ms];
  const { repeats, spread } = outcome.result.measures;
  return [repeats?.pairs ?? 0, repeats?.bestPossible ?? 0, spread?.score?.cost ?? '', ms];
}

/** Rounds with rules and a mix: what they cost beside a search ten times as long. */
export function benchMixedRounds(): void {
  const cases: readonly (readonly [string, (seed: number) => ArrangeRequest])[] = [
    ['24/4/5, 4 apart', (seed) => mixedRounds([24, 4, 5], { apart: 4 }, seed)],
    [
      '28/4/6, 6 apart, 2 blocks',
      (seed) => mixedRounds([28, 4, 6], { apart: 6, together: 2 }, seed),
    ],
    [
      '28/4/4, counts, 3 apart',
      (seed) => mixedRounds([28, 4, 4], { apart: 3, counts: true }, seed),
    ],
    ['26/4/5, 5 apart', (seed) => mixedRounds([26, 4, 5], { apart: 5 }, seed)],
    ['28/4/8, 3 apart', (seed) => mixedRounds([28, 4, 8], { apart: 3 }, seed)],
    ['32/4/8, repeats weigh 3', (seed) => mixedRounds([32, 4, 8], { fresh: 3 }, seed)],
    ['32/4/5, sections', (seed) => mixedRounds([32, 4, 5], { sections: 'alike' }, seed)],
    ['32/4/4, unlike sections', (seed) => mixedRounds([32, 4, 4], { sections: 'unlike' }, seed)],
    [
      '60/5/4, 10 apart, 3 blocks',
      (seed) => mixedRounds([60, 5, 4], { apart: 10, together: 3 }, seed),
    ],
    ['120/5/3, 20 apart', (seed) => mixedRounds([120, 5, 3], { apart: 20 }, seed)],
  ];
  printTable(
    'Several rounds with rules and a mix: cost beside a search ten times as long, 3 of each',
    [
      ['students/size/rounds', 'valid', 'cost', 'to the long search', 'worst', 'repeats', 'ms'],
      ...cases.map(([name, make]) => {
        const runs = [1, 2, 3].map((seed) => {
          const request = make(seed);
          const begin = performance.now();
          const outcome = arrangeNow(request);
          const ms = performance.now() - begin;
          const long = arrangeNow({ ...request, seed: seed + 100 }, 'thorough');
          if (!outcome.ok || !long.ok) throw new Error('expected rounds, received none');
          const cost = costOf(request, outcome.result);
          const best = Math.min(cost, costOf(request, long.result));
          return { result: outcome.result, ms, cost, ratio: (cost + 1e-6) / (best + 1e-6) };
        });
        return [
          name,
          `${runs.filter(({ result }) => result.feasible).length}/${runs.length}`,
          median(runs.map(({ cost }) => cost)),
          median(runs.map(({ ratio }) => ratio)),
          Math.max(...runs.map(({ ratio }) => ratio)),
          median(runs.map(({ result }) => result.measures.repeats?.pairs ?? 0)),
          median(runs.map(({ ms }) => ms)),
        ];
      }),
    ],
  );
}

/** Weighted cost by the measures of a result: costs that are counts as parts of what they count. */
function costOf(
  { goals = [], students }: ArrangeRequest,
  { measures, rounds }: ArrangeResult,
): number {
  const places = rounds.reduce(
    (sum, { groups }) =>
      sum + groups.reduce((all, { length }) => all + (length * (length - 1)) / 2, 0),
    0,
  );
  return goals.reduce((sum, goal) => {
    if (goal.kind === 'freshPartners') {
      return sum + (goal.weight * (measures.repeats?.pairs ?? 0)) / places;
    }
    if (goal.kind !== 'spread') throw new Error(`expected a spread, received ${goal.kind}`);
    const cost = measures.spread?.[goal.attribute]?.cost ?? 0;
    return sum + goal.weight * (goal.attribute === 'score' ? cost : cost / students.length);
  }, 0);
}
