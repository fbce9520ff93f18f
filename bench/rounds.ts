import { performance } from 'node:perf_hooks';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest } from '@/core/format';
import { printTable } from './table';

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
