import type { Clash, ClashReason, WayOut } from '../format';
import {
  variantsOf,
  withRules,
  withSizing,
  type Problem,
  type ProblemRule,
} from '../problem/problem';
import { unitsOf } from '../problem/units';
import type { Rng } from '../random/rng';
import { studentsAbout } from '../rules/list';
import { decide } from '../search/decide';
import { obviousReason } from '../proofs/obvious';

/** Cells (units x groups) that the nodes of the complete search for one question may look at. */
const CELLS_A_QUESTION = 3_000_000;
/** How far from the asked number of groups or size a way out is sought. */
const FARTHEST = 12;

/**
 * A smallest set of rules that clash, why, and what would make the whole possible; for a problem that is proved
 * impossible. Deletion filtering (Chinneck and Dravnieks 1991): each rule that can go without making the rest
 * possible goes.
 */
export function explainClash(problem: Problem, rng: Rng): Clash {
  const cells = problem.studentCount * problem.groupCount;
  const nodes = Math.ceil(Math.min(20_000, Math.max(100, CELLS_A_QUESTION / cells)));
  const answer = (candidate: Problem) => decide(candidate, nodes, rng);
  const possible = (candidate: Problem): boolean => answer(candidate) === 'possible';
  const isImpossible = (candidate: Problem): boolean => answer(candidate) === 'impossible';
  const rules = smallestClash(problem, isImpossible);
  return {
    rules: rules.map((rule) => rule.requestIndex),
    reason: reasonOf(withRules(problem, rules)),
    waysOut: [
      ...rulesToDrop(problem, rules, possible, isImpossible),
      ...otherSizings(problem, possible),
    ],
  };
}

/** Rules of an impossible problem that are impossible by themselves, and none of which can go. */
function smallestClash(
  problem: Problem,
  isImpossible: (candidate: Problem) => boolean,
): readonly ProblemRule[] {
  let rules: readonly ProblemRule[] = problem.rules;
  // Halves first: most rules have nothing to do with the clash, and go in a few questions.
  for (let size = rules.length >> 1; size >= 1; size >>= 1) {
    for (let start = 0; start < rules.length;) {
      const without = [...rules.slice(0, start), ...rules.slice(start + size)];
      const goes = without.length > 0 && isImpossible(withRules(problem, without));
      if (goes) rules = without;
      else start += size;
    }
  }
  return rules;
}

/** Pairs that are tried, and offered, at most: each is a question to the complete search. */
const MOST_PAIRS_TRIED = 24;
const MOST_PAIRS = 3;

/**
 * Rules that alone free the whole, each tried before it is offered; where several clashes stand side by side, pairs
 * of a rule of this clash and one of what is then left.
 */
function rulesToDrop(
  problem: Problem,
  clash: readonly ProblemRule[],
  possible: (candidate: Problem) => boolean,
  isImpossible: (candidate: Problem) => boolean,
): readonly WayOut[] {
  const without = (gone: readonly ProblemRule[]): Problem =>
    withRules(
      problem,
      problem.rules.filter((rule) => !gone.includes(rule)),
    );
  const freeing = clash.filter((rule) => possible(without([rule])));
  if (freeing.length > 0) return freeing.map((rule) => ({ drop: rule.requestIndex }));
  const pairs: WayOut[] = [];
  let tried = 0;
  for (const one of clash) {
    const rest = without([one]);
    if (!isImpossible(rest)) continue;
    for (const two of smallestClash(rest, isImpossible)) {
      if (pairs.length === MOST_PAIRS || tried === MOST_PAIRS_TRIED) return pairs;
      tried++;
      if (possible(without([one, two])))
        pairs.push({ drops: [one.requestIndex, two.requestIndex].sort((a, b) => a - b) });
    }
  }
  return pairs;
}

/** The nearest numbers of groups, one larger and one smaller, and a size, with which every rule can hold. */
function otherSizings(
  problem: Problem,
  possible: (candidate: Problem) => boolean,
): readonly WayOut[] {
  const { groupCount, studentCount, sizing } = problem;
  const nearest = (step: 1 | -1, works: (offset: number) => boolean): number => {
    for (let offset = 1; offset <= FARTHEST; offset++)
      if (works(step * offset)) return step * offset;
    return 0;
  };
  const groupsWork = (offset: number): boolean => {
    const count = groupCount + offset;
    const other =
      count < 1 || count > studentCount ? null : withSizing(problem, { by: 'count', count });
    return other !== null && possible(other);
  };
  const ways: WayOut[] = [];
  for (const step of [1, -1] as const) {
    const offset = nearest(step, groupsWork);
    if (offset !== 0) ways.push({ groups: groupCount + offset });
  }
  if (sizing.by !== 'size' && sizing.by !== 'atMost') return ways;
  const sizeWorks = (offset: number): boolean => {
    const size = sizing.size + offset;
    const other = size < 1 || size > studentCount ? null : withSizing(problem, { ...sizing, size });
    return other !== null && possible(other);
  };
  for (const step of [-1, 1] as const) {
    const offset = nearest(step, sizeWorks);
    if (offset !== 0) ways.push({ size: sizing.size + offset });
  }
  return [...ways, ...looserSizes(problem, sizing.size, possible)];
}

/** Sizes free between one less and one more, and further apart where that does not do; never down to one student alone. */
function looserSizes(
  problem: Problem,
  size: number,
  possible: (candidate: Problem) => boolean,
): readonly WayOut[] {
  for (const by of [1, 2]) {
    const [least, most] = [Math.max(Math.min(2, size), size - by), size + by];
    const other = withSizing(problem, { by: 'range', least, most });
    if (other && possible(other)) return [{ least, most }];
  }
  return [];
}

/** A plain reason that holds in all sizes that are allowed, told of the largest of them; null where there is none. */
function reasonInAnySizes(problem: Problem): ReturnType<typeof obviousReason> {
  const { variants } = variantsOf(problem);
  const reasons = variants.map((variant) => obviousReason(variant, unitsOf(variant)));
  const largest = variants.map(({ sizeOfGroup }) =>
    sizeOfGroup.reduce((a, b) => Math.max(a, b), 0),
  );
  const at = largest.indexOf(Math.max(...largest));
  const code = reasons[at]?.code;
  return reasons.every((reason) => reason?.code === code) ? (reasons[at] ?? null) : null;
}

function reasonOf(problem: Problem): ClashReason {
  const named = (students: readonly number[]): readonly string[] =>
    students.map((student) => problem.idOfStudent[student] as string);
  const reason = reasonInAnySizes(problem);
  if (reason) return { ...reason, students: named(reason.students) };
  // Whoever is marked is told with the rule; here stand those whom rules name.
  const members = new Set(
    problem.rules.flatMap((rule) => ('marked' in rule ? [] : (studentsAbout(rule) ?? []))),
  );
  return { code: 'exhausted', students: named([...members]) };
}
