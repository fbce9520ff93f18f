import type { Clash, ClashReason, WayOut } from '../format';
import { withRules, withSizes, type Problem, type ProblemRule } from '../problem/problem';
import { unitsOf } from '../problem/units';
import type { Rng } from '../random/rng';
import { decide } from '../search/solve';
import { obviousReason } from './obvious';

/** Nodes of the complete search for each question asked of a subset of the rules. */
const NODES_A_QUESTION = 20_000;

/** What another number of groups would give: sizes for that many groups. */
export type SizesFor = (groups: number) => Int32Array | null;

/**
 * A smallest set of rules that clash, why, and what would make the whole possible; for a problem that is
 * proved impossible. Deletion filtering (Chinneck and Dravnieks 1991): each rule that can go without making
 * the rest possible goes.
 */
export function explainClash(problem: Problem, sizesFor: SizesFor, rng: Rng): Clash {
  const possible = (candidate: Problem): boolean =>
    decide(candidate, NODES_A_QUESTION, rng) === 'possible';
  const impossible = (candidate: Problem): boolean =>
    decide(candidate, NODES_A_QUESTION, rng) === 'impossible';
  let rules = problem.rules;
  for (const rule of problem.rules) {
    const without = rules.filter((other) => other !== rule);
    if (impossible(withRules(problem, without))) rules = without;
  }
  return {
    rules: rules.map((rule) => rule.requestIndex),
    reason: reasonOf(withRules(problem, rules)),
    waysOut: [
      ...rulesToDrop(problem, rules, possible),
      ...groupsToMake(problem, sizesFor, possible),
    ],
  };
}

/** Rules that alone free the whole; where several clashes stand side by side, those of this clash. */
function rulesToDrop(
  problem: Problem,
  clash: readonly ProblemRule[],
  possible: (candidate: Problem) => boolean,
): readonly WayOut[] {
  const freeing = clash.filter((rule) =>
    possible(
      withRules(
        problem,
        problem.rules.filter((other) => other !== rule),
      ),
    ),
  );
  return (freeing.length > 0 ? freeing : clash).map((rule) => ({ drop: rule.requestIndex }));
}

/** The nearest numbers of groups, one larger and one smaller, with which every rule can hold. */
function groupsToMake(
  problem: Problem,
  sizesFor: SizesFor,
  possible: (candidate: Problem) => boolean,
): readonly WayOut[] {
  const works = (groups: number): boolean => {
    const sizes = sizesFor(groups);
    return sizes !== null && possible(withSizes(problem, sizes));
  };
  const reach = Math.min(problem.studentCount, problem.groupCount + 12);
  const ways: WayOut[] = [];
  for (let groups = problem.groupCount + 1; groups <= reach && ways.length === 0; groups++) {
    if (works(groups)) ways.push({ groups });
  }
  for (let groups = problem.groupCount - 1; groups >= 1; groups--) {
    if (!works(groups)) continue;
    ways.push({ groups });
    break;
  }
  return ways;
}

function reasonOf(problem: Problem): ClashReason {
  const named = (students: readonly number[]): readonly string[] =>
    students.map((student) => problem.idOfStudent[student] as string);
  const reason = obviousReason(problem, unitsOf(problem));
  if (reason) return { ...reason, students: named(reason.students) };
  const members = new Set(problem.rules.flatMap((rule) => [...rule.members]));
  return { code: 'exhausted', students: named([...members]) };
}
