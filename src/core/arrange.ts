import type { ArrangeRequest, ArrangeResult, Effort, Progress } from './format';
import { explainClash } from './explain/clash';
import { problemFromRequest, type Problem } from './problem/problem';
import { groupSizes, type SizingIssue } from './problem/sizes';
import { rngFromSeed } from './random/rng';
import { keepsEverything } from './reference/check';
import { ruleBreaks } from './rules/list';
import { budgetFor } from './search/budget';
import { solve, type Solved } from './search/solve';

export type ArrangeOutcome =
  | { readonly ok: true; readonly result: ArrangeResult }
  | { readonly ok: false; readonly issue: SizingIssue };

/**
 * Makes the groups a request asks for. A generator: it yields how far it has come every few milliseconds,
 * so that whoever drives it can stop it; the result depends on the request and its seed alone.
 */
export function* arrange(
  request: ArrangeRequest,
  effort: Effort = 'normal',
): Generator<Progress, ArrangeOutcome, void> {
  const read = problemFromRequest(request);
  if (!read.ok) return read;
  const { problem } = read;
  const rng = rngFromSeed(request.seed);
  const solved = yield* solve(problem, budgetFor(effort), rng);
  if (solved.outcome === 'valid' && !keepsEverything(problem, solved.groupOfStudent)) {
    throw new Error(
      `expected a result that keeps every rule, received one that does not (seed ${String(request.seed)})`,
    );
  }
  return { ok: true, result: toResult(problem, request, solved) };
}

/** Drives `arrange` to its end at once. */
export function arrangeNow(request: ArrangeRequest, effort: Effort = 'normal'): ArrangeOutcome {
  const search = arrange(request, effort);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

function toResult(problem: Problem, request: ArrangeRequest, solved: Solved): ArrangeResult {
  const feasible = solved.outcome === 'valid';
  const sizesFor = (groups: number): Int32Array | null => {
    const sizes = groupSizes(problem.studentCount, { by: 'count', count: groups });
    return sizes.ok ? sizes.sizes : null;
  };
  return {
    format: 'gruppetto.result',
    version: 1,
    feasible,
    rounds: [{ groups: groupsOf(problem, solved.groupOfStudent) }],
    unplaced: [],
    ...(feasible ? {} : { broken: brokenRules(problem, solved.groupOfStudent) }),
    ...(solved.outcome === 'impossible'
      ? { clash: explainClash(problem, sizesFor, rngFromSeed(request.seed)) }
      : {}),
    measures: {},
    // With rules and no goals there is nothing better than valid.
    search: { evaluations: solved.evaluations, seed: request.seed, provenBest: feasible },
  };
}

function groupsOf(problem: Problem, groupOfStudent: Int32Array): string[][] {
  const groups = Array.from({ length: problem.groupCount }, (): string[] => []);
  groupOfStudent.forEach((group, student) => {
    groups[group]?.push(problem.idOfStudent[student] as string);
  });
  return groups;
}

function brokenRules(problem: Problem, groupOfStudent: Int32Array) {
  return ruleBreaks(problem, groupOfStudent).map(({ rule, students, group }) => ({
    rule: rule.requestIndex,
    students: students.map((student) => problem.idOfStudent[student] as string),
    group,
  }));
}
