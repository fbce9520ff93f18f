import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, RequestGoal } from '@/core/format';
import { rngFromSeed } from '@/core/random/rng';
import { shuffle, uniformInt } from '@/core/random/uniform';
import { lateInTerm } from './instances';
import { printTable } from './table';

const SEEDS = [1, 2, 3];
/** Students and the size of their groups: an everyday class that meets every week, and a course. */
const CLASSES = [
  [18, 3],
  [24, 4],
  [28, 4],
  [33, 4],
  [40, 5],
  [60, 5],
  [120, 6],
] as const;
const LADDER = Array.from({ length: 8 }, (_, at) => `k${at}`);

const GOALS: Readonly<Record<string, RequestGoal>> = {
  'a number spread': { kind: 'spread', attribute: 'score', weight: 1 },
  'a level spread': { kind: 'spread', attribute: 'level', weight: 1 },
  'a number alike': { kind: 'alike', attribute: 'score', weight: 1 },
  'a level alike': { kind: 'alike', attribute: 'level', weight: 1 },
  'fresh partners': { kind: 'freshPartners', weight: 1 },
  wishes: { kind: 'wishes', weight: 1 },
  steady: { kind: 'steady', weight: 1 },
  topics: { kind: 'topics', weight: 1 },
  needs: { kind: 'needs', ladder: LADDER, focus: 2, weight: 1 },
};

/** How often a result is told to be the best there is, by one goal and by every two together. */
export function benchBounds(): void {
  const names = Object.keys(GOALS);
  const pairs = names.flatMap((one, at) => names.slice(at + 1).map((two) => [one, two]));
  const provenOf = (title: string, sets: readonly (readonly string[])[]): void => {
    const rows = sets.map((set) => {
      const goals = set.flatMap((name) => GOALS[name] ?? []);
      const proven = CLASSES.map(
        ([n, size]) => SEEDS.filter((seed) => isProven(realistic(n, size, goals, seed))).length,
      );
      return [set.join(' + '), ...proven, proven.reduce((sum, count) => sum + count, 0)] as const;
    });
    const all = rows.reduce((sum, row) => sum + Number(row[row.length - 1]), 0);
    const of = sets.length * CLASSES.length * SEEDS.length;
    printTable(`${title}: proven best with the first result, of ${SEEDS.length} each`, [
      ['goal', ...CLASSES.map(([n, size]) => `${n} in ${size}s`), 'all'],
      ...rows,
      ['together', ...CLASSES.map(() => ''), `${all} of ${of}`],
    ]);
  };
  provenOf(
    'A goal alone',
    names.map((name) => [name]),
  );
  provenOf('Two goals together', pairs);
}

function isProven(request: ArrangeRequest): boolean {
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result.search.provenBest;
}

/** A class late in a term that has ranked its groups, has needs, and works in groups that it may keep. */
function realistic(
  n: number,
  size: number,
  goals: readonly RequestGoal[],
  seed: number,
): ArrangeRequest {
  const base = lateInTerm(n, goals, seed, size);
  const rng = rngFromSeed(seed * 53 + n);
  const count = Math.round(n / size);
  const ranked = Int32Array.from({ length: count }, (_, at) => at);
  const students = base.students.map((student) => {
    shuffle(rng, ranked);
    const needs = LADDER.slice(uniformInt(rng, LADDER.length));
    return { ...student, topics: [...ranked.subarray(0, 3)], needs };
  });
  const current = Array.from({ length: count }, (_, group) =>
    students.filter((_, at) => at % count === group).map(({ id }) => id),
  );
  // Groups that are told apart or kept are so many; else they follow from the size.
  return { ...base, students, current, sizing: { by: 'count', count } };
}
