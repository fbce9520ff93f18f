import { performance } from 'node:perf_hooks';
import { arrangeNow } from '@/core/arrange';
import { shuffle, uniformInt } from '@/core/random/uniform';
import { rngFromSeed } from '@/core/random/rng';
import { inTurns } from '@/encode/roles';
import { termOf, type TermLineup } from '@/encode/term';
import { StudentId } from '@/schema/ids';
import { roundsRequest } from './rounds';
import { printTable } from './table';

/** A term planned at once, roles in turn over it, and the whole of it read along each student's line. */
export function benchSeries(): void {
  const rows: (string | number)[][] = [];
  const rules = [
    { kind: 'apart' as const, students: ['s0', 's1'] },
    { kind: 'apart' as const, students: ['s2', 's3', 's4'] },
    { kind: 'together' as const, students: ['s9', 's10'] },
    { kind: 'together' as const, students: ['s11', 's12'] },
  ];
  const goals = [
    { kind: 'freshPartners' as const, weight: 4 },
    { kind: 'spread' as const, attribute: 'score', weight: 1 },
  ];
  for (let seed = 1; seed <= 5; seed++) {
    const request = { ...roundsRequest(28, 4, 8), rules, goals, seed };
    const [outcome, ms] = timed(() => arrangeNow(request));
    const repeats = outcome.ok ? outcome.result.measures.repeats : undefined;
    rows.push([`8 rounds for 28, rules and a mix (${seed})`, repeats?.pairs ?? '', ms]);
  }
  for (const [students, count] of [
    [28, 8],
    [1_200, 15],
  ] as const) {
    const lineups = made(students, count);
    const rounds = lineups.map(({ groups }) => groups);
    const [turns, ms] = timed(() => inTurns(['lead', 'scribe'], rounds, [], 1));
    const led = new Map<string, number>();
    for (const { roles } of turns.flat()) {
      const lead = (roles as Record<string, string>).lead ?? '';
      led.set(lead, (led.get(lead) ?? 0) + 1);
    }
    const spread =
      Math.max(...led.values()) - (led.size < students ? 0 : Math.min(...led.values()));
    rows.push([`two roles in turn, ${students} by ${count}: most less fewest`, spread, ms]);
    const ids = rounds[0]?.flatMap(({ studentIds }) => studentIds) ?? [];
    const [term, read] = timed(() => termOf(lineups, ids));
    rows.push([`the term read, ${students} by ${count}`, term.rows.length, read]);
  }
  printTable('A term', [['what', 'figure', 'ms'], ...rows]);
}

function made(students: number, count: number): readonly TermLineup[] {
  const rng = rngFromSeed(16);
  return Array.from({ length: count }, (_, at) => {
    const order = Int32Array.from({ length: students }, (__, place) => place);
    shuffle(rng, order);
    const size = 4 + uniformInt(rng, 2);
    return {
      ...{ id: `l${at}`, name: `Round ${at}`, state: 'used', counts: true },
      on: `2026-${String(1 + Math.floor(at / 28)).padStart(2, '0')}-${String(1 + at).padStart(2, '0')}`,
      groups: Array.from({ length: Math.ceil(students / size) }, (__, sign) => ({
        ...{ sign, name: `Group ${sign}`, roles: {} },
        studentIds: [...order.slice(sign * size, (sign + 1) * size)].map((one) =>
          StudentId.parse(`s${one}`),
        ),
      })),
    };
  });
}

function timed<T>(run: () => T): readonly [T, number] {
  const begin = performance.now();
  const result = run();
  return [result, performance.now() - begin];
}
