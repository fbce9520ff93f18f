import { performance } from 'node:perf_hooks';
import highs from 'highs';
import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, ArrangeResult } from '@/core/format';
import { denseWithGoals, everyday, lateInTerm, TERM_GOALS } from './instances';
import { printTable } from './table';

const SECONDS = 60;
/** Costs are small beside what the solver takes for nothing. */
const SCALE = 1_000;

/**
 * Ours beside an exact solver on the same requests (set partitioning, HiGHS): a variable for each group that keeps the apart
 * rules, listed and weighed here anew, in groups of one size.
 */
export async function benchPartition(): Promise<void> {
  const solver = await highs();
  const mixed = TERM_GOALS['two details, fresh partners'] ?? [];
  const cases: readonly (readonly [string, ArrangeRequest])[] = [
    ['24 in 4s, two details', apartOnly(everyday(24, 4, 8, 3))],
    ['20 in 4s, late in a term', apartOnly(lateInTerm(20, mixed, 1))],
    ['24 in 4s, late in a term', apartOnly(lateInTerm(24, mixed, 2))],
    ['30 in 6 groups, 6 nats', denseWithGoals(30, 6, 6, 1)],
    ['40 in 10 groups, 15 nats', denseWithGoals(40, 10, 15, 1)],
    ['48 in 8 groups, 15 nats', denseWithGoals(48, 8, 15, 1)],
  ];
  const rows = cases.map(([name, request]) => {
    const start = performance.now();
    const outcome = arrangeNow(request);
    const ours = performance.now() - start;
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const { rounds, search } = outcome.result;
    const groups = groupsOf(request, rounds);
    const costOf = weigher(request);
    const size = groups[0]?.length ?? 1;
    const listed = formable(request, size);
    const began = performance.now();
    const solved = solver.solve(model(listed, costOf, request.students.length, groups.length), {
      time_limit: SECONDS,
    });
    const theirs = performance.now() - began;
    return [
      name,
      listed.length,
      groups.reduce((sum, group) => sum + costOf(group), 0),
      search.provenBest ? 'yes' : 'no',
      solved.Status === 'Optimal' ? solved.ObjectiveValue / SCALE : solved.Status,
      ours,
      theirs,
    ];
  });
  printTable(`Beside an exact solver over whole groups (HiGHS, at most ${SECONDS} s)`, [
    ['class', 'groups', 'our cost', 'proven by us', 'proven least', 'our ms', 'its ms'],
    ...rows,
  ]);
}

function apartOnly(request: ArrangeRequest): ArrangeRequest {
  return { ...request, rules: request.rules.filter(({ kind }) => kind === 'apart') };
}

function groupsOf({ students }: ArrangeRequest, rounds: ArrangeResult['rounds']): number[][] {
  const place = new Map(students.map(({ id }, at) => [id, at]));
  return (rounds[0]?.groups ?? []).map((ids) => ids.map((id) => place.get(id) ?? 0));
}

/** Every group of a size in which nobody meets whom they are to be kept apart from. */
function formable({ students, rules }: ArrangeRequest, size: number): readonly number[][] {
  const place = new Map(students.map(({ id }, at) => [id, at]));
  const apart = new Set<string>();
  for (const rule of rules) {
    if (rule.kind !== 'apart') continue;
    const members = rule.students.map((id) => place.get(id) ?? 0);
    for (const one of members) for (const two of members) apart.add(`${one} ${two}`);
  }
  const groups: number[][] = [];
  const extend = (group: readonly number[], from: number): void => {
    if (group.length === size) groups.push([...group]);
    else {
      for (let next = from; next < students.length; next++) {
        if (group.every((one) => !apart.has(`${one} ${next}`))) extend([...group, next], next + 1);
      }
    }
  };
  extend([], 0);
  return groups;
}

/** What a group adds to the weighted cost, reckoned plainly; of goals that are no spread, fresh partners alone. */
function weigher({ students, goals = [], history = [] }: ArrangeRequest) {
  const n = students.length;
  const known = new Map<string, number>();
  history.forEach(({ groups }, round) => {
    for (const group of groups) {
      for (const one of group) {
        for (const two of group) {
          const key = `${one} ${two}`;
          const recent = (1e-4 * (round + 1)) / history.length;
          known.set(key, (known.get(key) ?? 1) + recent);
        }
      }
    }
  });
  return (group: readonly number[]): number =>
    goals.reduce((sum, goal) => {
      if (goal.kind === 'freshPartners') {
        const ids = group.map((one) => students[one]?.id ?? '');
        const met = ids.flatMap((one, i) =>
          ids.slice(i + 1).map((two) => known.get(`${one} ${two}`) ?? 0),
        );
        const places = (n * (group.length - 1)) / 2;
        return sum + (goal.weight * met.reduce((all, weight) => all + weight, 0)) / places;
      }
      if (goal.kind !== 'spread') throw new Error(`expected a spread, received ${goal.kind}`);
      const values = students.map(({ attributes }) => attributes?.[goal.attribute]);
      if (values.every((value) => typeof value === 'number')) {
        const numbers = values.map(Number);
        const mean = numbers.reduce((all, value) => all + value, 0) / n;
        const total = numbers.reduce((all, value) => all + (value - mean) ** 2, 0);
        const off = group.reduce((all, one) => all + (numbers[one] ?? 0) - mean, 0);
        return sum + (goal.weight * off ** 2) / group.length / total;
      }
      const out = [...new Set(values)].reduce<number>((all, value) => {
        const share = (group.length * values.filter((one) => one === value).length) / n;
        const count = group.filter((one) => values[one] === value).length;
        const [low, high] = [Math.floor(share + 1e-9), Math.ceil(share - 1e-9)];
        return all + Math.max(0, low - count, count - high);
      }, 0);
      return sum + (goal.weight * out) / n;
    }, 0);
}

/** The model in the CPLEX LP format: each student in one group, so many groups, the least cost. */
function model(
  listed: readonly number[][],
  costOf: (group: readonly number[]) => number,
  students: number,
  groups: number,
): string {
  const sum = (terms: readonly string[]): string => {
    // Lines of the format may not be longer than 560 letters.
    const lines = Array.from({ length: Math.ceil(terms.length / 16) }, (_, i) =>
      terms.slice(16 * i, 16 * i + 16).join(' + '),
    );
    return lines.join('\n + ');
  };
  const names = listed.map((_, at) => `x${at}`);
  const held = Array.from({ length: students }, (): string[] => []);
  listed.forEach((group, at) => group.forEach((one) => held[one]?.push(`x${at}`)));
  return [
    'Minimize',
    ` obj: ${sum(listed.map((group, at) => `${(SCALE * costOf(group)).toFixed(9)} x${at}`))}`,
    'Subject To',
    ...held.map((all, one) => ` s${one}: ${sum(all)} = 1`),
    ` groups: ${sum(names)} = ${groups}`,
    'Binaries',
    ...names.map((name) => ` ${name}`),
    'End',
  ].join('\n');
}
