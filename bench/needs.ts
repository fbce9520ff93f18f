import { performance } from 'node:perf_hooks';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest } from '@/core/format';
import { rngFromSeed } from '@/core/random/rng';
import { uniformInt, uniformUnit } from '@/core/random/uniform';
import { printTable } from './table';

/** students / groups / skills / focus. */
const CASES: readonly (readonly [number, number, number, number])[] = [
  [24, 4, 8, 1],
  [24, 4, 8, 2],
  [28, 7, 8, 1],
  [28, 7, 12, 2],
  [60, 10, 8, 2],
  [60, 10, 12, 1],
  [60, 10, 16, 2],
  [60, 12, 20, 3],
  [300, 50, 12, 2],
  [300, 50, 40, 1],
  [300, 50, 60, 2],
  [1_200, 200, 24, 2],
];

export function needsRequest(
  students: number,
  groups: number,
  skills: number,
  focus: number,
  seed: number,
): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const ladder = Array.from({ length: skills }, (_, at) => `k${at}`);
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: students }, (_, at) => ({
      id: `s${at}`,
      attributes: { score: uniformInt(rng, 101) },
      // The middle of the ladder is where most are, and some are through.
      needs: ladder.slice(Math.floor(((uniformUnit(rng) + uniformUnit(rng)) / 2) * (skills + 1))),
    })),
    sizing: { by: 'count', count: groups },
    rules: [
      { kind: 'apart', students: ['s0', 's1'] },
      { kind: 'apart', students: ['s2', 's3'] },
      { kind: 'together', students: ['s4', 's5'] },
    ],
    goals: [{ kind: 'needs', ladder, focus, weight: 1 }],
  };
}

/** Groups by what is needed next: who is not served, the least that may be, and the time. */
export function benchNeeds(): void {
  const rows = CASES.map(([students, groups, skills, focus]) => {
    let [unserved, least, ms, proven] = [0, 0, 0, 0];
    for (let seed = 1; seed <= 5; seed++) {
      const request = needsRequest(students, groups, skills, focus, seed);
      const begin = performance.now();
      const outcome = arrangeNow(request);
      ms = Math.max(ms, performance.now() - begin);
      if (!outcome.ok || !outcome.result.feasible) continue;
      const { needs } = outcome.result.measures;
      const needers = request.students.filter((one) => (one.needs ?? []).length > 0).length;
      unserved += (needs?.cost ?? 0) * needers;
      least += (needs?.bestPossible ?? 0) * needers;
      if (outcome.result.search.provenBest) proven++;
    }
    return [
      `${students} in ${groups}, ${skills} skills, ${focus} a group`,
      ...[Math.round(unserved), Math.round(least), `${proven} of 5`, Math.round(ms)],
    ];
  });
  printTable('Needs, five classes each', [
    ['class', 'not served', 'least', 'proven', 'slowest ms'],
    ...rows,
  ]);
}
