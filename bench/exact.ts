import { performance } from 'node:perf_hooks';
import highs from 'highs';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, RequestRule } from '@/core/format';
import { medianMs, printTable } from './table';
import { everyday } from './instances';

const SECONDS = 20;
/** Ours is so quick that the first run, still being compiled, would tell little. */
const RUNS = 5;

/**
 * Spread of a category by an exact model (mixed-integer program, HiGHS) beside ours: a variable for each student in
 * each group, and for each group and value how far its count lies outside the floor and ceiling of its share.
 */
export async function benchExact(): Promise<void> {
  const solver = await highs();
  const rows = [
    [12, 3, 3],
    [16, 4, 4],
    [20, 4, 5],
    [24, 4, 6],
    [30, 5, 6],
  ].map(([n = 0, size = 0, rules = 0]) => {
    const request: ArrangeRequest = {
      ...everyday(n, size, rules, 3),
      goals: [
        { kind: 'spread', attribute: 'level', weight: 1 },
        { kind: 'spread', attribute: 'language', weight: 1 },
      ],
    };
    const outcome = arrangeNow(request);
    const ours = medianMs(RUNS, () => arrangeNow(request));
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const spread = outcome.result.measures.spread ?? {};
    const cost = Object.values(spread).reduce((sum, one) => sum + one.cost, 0);
    const sizes = outcome.result.rounds[0]?.groups.map((group) => group.length) ?? [];
    const start = performance.now();
    const solved = solver.solve(model(request, sizes), { time_limit: SECONDS });
    const theirs = performance.now() - start;
    return [
      `${n} in ${size}s, ${rules} rules`,
      cost,
      solved.Status === 'Optimal' ? solved.ObjectiveValue : solved.Status,
      ours,
      theirs,
      theirs / ours,
    ];
  });
  printTable(`Beside an exact solver (HiGHS, at most ${SECONDS} s)`, [
    ['class', 'our cost', 'proven least', 'our ms', 'its ms', 'times as long'],
    ...rows,
  ]);
}

/** The model in the CPLEX LP format. */
function model({ students, rules, goals }: ArrangeRequest, sizes: readonly number[]): string {
  const x = (student: number, group: number): string => `x${student}_${group}`;
  const groups = [...sizes.keys()];
  const lines: string[] = [];
  const outside: string[] = [];
  students.forEach((_, s) => lines.push(`${groups.map((g) => x(s, g)).join(' + ')} = 1`));
  groups.forEach((g) =>
    lines.push(`${students.map((_, s) => x(s, g)).join(' + ')} = ${sizes[g] ?? 0}`),
  );
  const indexOf = new Map(students.map(({ id }, s) => [id, s]));
  rules.forEach((rule) => lines.push(...ruleLines(rule, indexOf, groups, x)));
  goals?.forEach((goal, k) => {
    if (!('attribute' in goal)) return;
    const held = students.map(({ attributes }) => String(attributes?.[goal.attribute]));
    [...new Set(held)].forEach((value, v) => {
      const having = held.flatMap((one, s) => (one === value ? [s] : []));
      groups.forEach((g) => {
        const share = ((sizes[g] ?? 0) * having.length) / students.length;
        const sum = having.map((s) => x(s, g)).join(' + ');
        const out = `o${k}_${v}_${g}`;
        outside.push(out);
        lines.push(`${sum} - ${out} <= ${Math.ceil(share - 1e-9)}`);
        lines.push(`${sum} + ${out} >= ${Math.floor(share + 1e-9)}`);
      });
    });
  });
  const binaries = students.flatMap((_, s) => groups.map((g) => x(s, g)));
  return [
    'Minimize',
    ` obj: ${outside.join(' + ')}`,
    'Subject To',
    ...lines.map((line, i) => ` c${i}: ${line}`),
    'Binaries',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
}

function ruleLines(
  rule: RequestRule,
  indexOf: ReadonlyMap<string, number>,
  groups: readonly number[],
  x: (student: number, group: number) => string,
): readonly string[] {
  if (rule.kind !== 'apart' && rule.kind !== 'together') return [];
  const [first = 0, second = 0] = rule.students.map((id) => indexOf.get(id) ?? 0);
  return groups.map((g) =>
    rule.kind === 'apart'
      ? `${x(first, g)} + ${x(second, g)} <= 1`
      : `${x(first, g)} - ${x(second, g)} = 0`,
  );
}
