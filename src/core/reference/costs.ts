import type { Attribute } from '../problem/attributes';
import type { Assignment, Problem, ProblemGoal } from '../problem/problem';
import { groupsOf } from './check';

/** The costs of the open format, each worked out from the groups alone in the plainest way; 0 is perfect. */

type NumberAttribute = Extract<Attribute, { kind: 'number' }>;
type CategoryAttribute = Extract<Attribute, { kind: 'category' }>;

export function spreadCost(problem: Problem, of: Attribute, groupOfStudent: Assignment): number {
  return of.kind === 'number'
    ? numberSpread(problem, of, groupOfStudent)
    : categorySpread(problem, of, groupOfStudent);
}

export function alikeCost(problem: Problem, of: Attribute, groupOfStudent: Assignment): number {
  const all = groupsOf(problem, groupOfStudent);
  const everybody = [...groupOfStudent.keys()];
  const variation =
    of.kind === 'number'
      ? (group: readonly number[]) => squares(valuesIn(group, of))
      : (group: readonly number[]) => unlikePairs(group, of);
  const total = variation(everybody);
  if (total === 0) return 0;
  return all.reduce((sum, group) => sum + variation(group), 0) / total;
}

/** Sum over groups of size x (group mean - class mean)^2, divided by n x class variance. */
function numberSpread(problem: Problem, of: NumberAttribute, groupOfStudent: Assignment): number {
  const all = valuesIn([...groupOfStudent.keys()], of);
  const total = squares(all);
  if (total === 0) return 0;
  const between = groupsOf(problem, groupOfStudent)
    .map((group) => valuesIn(group, of))
    .filter((values) => values.length > 0)
    .reduce((sum, values) => sum + values.length * (mean(values) - mean(all)) ** 2, 0);
  return between / total;
}

/** How far each count lies outside the floor and ceiling of its proportional share, added up. */
function categorySpread(
  problem: Problem,
  of: CategoryAttribute,
  groupOfStudent: Assignment,
): number {
  const have = (group: readonly number[], value: number): number =>
    group.filter((student) => of.valueOfStudent[student] === value).length;
  const known = (group: readonly number[]): number =>
    group.filter((student) => (of.valueOfStudent[student] as number) >= 0).length;
  const everybody = [...groupOfStudent.keys()];
  const inAll = of.values.map((_, value) => have(everybody, value));
  const knownInAll = known(everybody);
  let cost = 0;
  for (const group of groupsOf(problem, groupOfStudent)) {
    of.values.forEach((_, value) => {
      // Whole numbers first, so that a share that is one is seen to be.
      const times = known(group) * (inAll[value] as number);
      const [low, high] = [Math.floor(times / knownInAll), Math.ceil(times / knownInAll)];
      cost += Math.max(0, low - have(group, value), have(group, value) - high);
    });
  }
  return cost;
}

/** For a pair that meets m times (history and new rounds), m - 1. */
export function repeatPairs(problem: Problem, rounds: readonly Assignment[]): number {
  const met = new Map<string, number>();
  const meet = (group: readonly number[]): void =>
    group.forEach((one, i) =>
      group.slice(i + 1).forEach((two) => {
        const key = one < two ? `${one} ${two}` : `${two} ${one}`;
        met.set(key, (met.get(key) ?? 0) + 1);
      }),
    );
  problem.history.forEach((groups) => groups.forEach((group) => meet([...group])));
  rounds.forEach((round) => groupsOf(problem, round).forEach(meet));
  return [...met.values()].reduce((sum, times) => sum + times - 1, 0);
}

/** Students with wishes of which none is met. */
export function unmetWishes({ wishesOfStudent }: Problem, groupOfStudent: Assignment): number {
  return wishesOfStudent.filter(
    (named, student) =>
      named.length > 0 && !named.some((other) => groupOfStudent[other] === groupOfStudent[student]),
  ).length;
}

/** Ranks added up over those who ranked groups: 0 in their first, and in one they did not name as many as they named. */
export function ranksGiven({ ranksOfStudent }: Problem, groupOfStudent: Assignment): number {
  return ranksOfStudent.reduce((sum, ranks, student) => {
    const rank = ranks.indexOf(groupOfStudent[student] as number);
    return sum + (rank === -1 ? ranks.length : rank);
  }, 0);
}

/** Students who are not in the group that `current` has them in. */
export function movesFromCurrent(
  { currentOfStudent }: Problem,
  groupOfStudent: Assignment,
): number {
  const current = currentOfStudent ?? new Int32Array(0);
  return current.filter((group, student) => group !== -1 && groupOfStudent[student] !== group)
    .length;
}

/** The part of those with a need who are not served: a group works on the `focus` skills that most of it need. */
export function unservedPart(
  problem: Problem,
  { needOfStudent, focus }: Extract<ProblemGoal, { kind: 'needs' }>,
  groupOfStudent: Assignment,
): number {
  const needsIn = (group: readonly number[]): number[] =>
    group.map((student) => needOfStudent[student] as number).filter((need) => need >= 0);
  const served = (group: readonly number[]): number => {
    const needs = needsIn(group);
    return [...new Set(needs)]
      .map((skill) => needs.filter((need) => need === skill).length)
      .sort((a, b) => b - a)
      .slice(0, focus)
      .reduce((sum, count) => sum + count, 0);
  };
  const needers = needsIn([...groupOfStudent.keys()]).length;
  const all = groupsOf(problem, groupOfStudent).reduce((sum, group) => sum + served(group), 0);
  return needers === 0 ? 0 : (needers - all) / needers;
}

/** For each result to differ from, by how many its pairs that are new fall short of the share; added up. */
export function pairsShort(
  { avoided, avoidShare, ...problem }: Problem,
  groupOfStudent: Assignment,
): number {
  const pairs = groupsOf({ avoided, avoidShare, ...problem }, groupOfStudent).flatMap((group) =>
    group.flatMap((one, i) => group.slice(i + 1).map((two) => [one, two] as const)),
  );
  return avoided.reduce((sum, groups) => {
    const fresh = pairs.filter(
      ([one, two]) => !groups.some((group) => group.includes(one) && group.includes(two)),
    ).length;
    return sum + Math.max(0, Math.ceil(Math.max(1, pairs.length) * avoidShare) - fresh);
  }, 0);
}

function valuesIn(group: readonly number[], of: NumberAttribute): number[] {
  return group
    .filter((student) => of.known[student] === 1)
    .map((student) => of.valueOfStudent[student] as number);
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

function squares(values: readonly number[]): number {
  return values.length === 0
    ? 0
    : values.reduce((sum, value) => sum + (value - mean(values)) ** 2, 0);
}

/** Unlike pairs as a part of the members whose value is known: Light and Margolin's sum of squares. */
function unlikePairs(group: readonly number[], of: CategoryAttribute): number {
  const values = group
    .map((student) => of.valueOfStudent[student] as number)
    .filter((value) => value >= 0);
  if (values.length === 0) return 0;
  const unlike = values.flatMap((one, i) =>
    values.slice(i + 1).filter((two) => two !== one),
  ).length;
  return unlike / values.length;
}
