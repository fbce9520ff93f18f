import type { ArrangeRequest, ArrangeResult, BrokenRule, Effort, Progress, Round } from './format';
import { focusOf } from './goals/focus';
import { explainClash } from './explain/clash';
import { measuresOf } from './measures';
import { hasPlacesOfTheirOwn, type Problem, type ProblemIssue } from './problem/problem';
import { problemFromRequest } from './reading/problemFromRequest';
import { rngFromSeed } from './random/rng';
import { keepsEverything } from './reference/check';
import { makeRounds } from './rounds/makeRounds';
import { ruleBreaks, tellGroupsApart } from './rules/list';
import { budgetFor } from './search/budget';
import type { Known } from './search/known';
import { solveInSomeSizes } from './search/solve';

export type ArrangeOutcome =
  | { readonly ok: true; readonly result: ArrangeResult }
  | { readonly ok: false; readonly issue: ProblemIssue };

/** What a search brought, before it is written down. */
interface Made {
  /** In the sizes in which it was solved. */
  readonly problem: Problem;
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  /** An assignment for each round. */
  readonly rounds: readonly Int32Array[];
  readonly evaluations: number;
  /** What is proved where this is the best of all arrangements. */
  readonly known?: Known;
}

/**
 * Makes the groups a request asks for. A generator: it yields how far it has come every few milliseconds, so that
 * whoever drives it can stop it; the result depends on the request and its seed alone.
 */
export function* arrange(
  request: ArrangeRequest,
  effort: Effort = 'normal',
): Generator<Progress, ArrangeOutcome, void> {
  const read = problemFromRequest(request);
  if (!read.ok) return read;
  const made = yield* make(read.problem, effort, request.seed);
  for (const round of made.rounds) checkOnceMore(made.problem, round, made.outcome, request.seed);
  return { ok: true, result: toResult(made.problem, request, made) };
}

/** Drives `arrange` to its end at once. */
export function arrangeNow(request: ArrangeRequest, effort: Effort = 'normal'): ArrangeOutcome {
  const search = arrange(request, effort);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

function* make(problem: Problem, effort: Effort, seed: number): Generator<Progress, Made, void> {
  const rng = rngFromSeed(seed);
  const budget = budgetFor(effort, problem);
  if (problem.rounds > 1) return { ...(yield* makeRounds(problem, budget, rng)), problem };
  const { groupOfStudent, ...solved } = yield* solveInSomeSizes(problem, budget, rng);
  return { ...solved, rounds: [groupOfStudent] };
}

/** A result that is wrong is a programmer's mistake: better none than one that breaks its word. */
function checkOnceMore(
  problem: Problem,
  round: Int32Array,
  outcome: Made['outcome'],
  seed: number,
): void {
  if (outcome !== 'valid' || keepsEverything(problem, round)) return;
  throw new Error(
    `expected a result that keeps every rule, received one that does not (seed ${seed})`,
  );
}

function toResult(problem: Problem, request: ArrangeRequest, made: Made): ArrangeResult {
  const feasible = made.outcome === 'valid';
  const rounds = made.rounds.map((round) => largerFirst(problem, round));
  const { leasts, asGood, next } = made.known ?? {};
  const { measures, provenBest } = measuresOf(problem, rounds, leasts);
  const clash =
    made.outcome === 'impossible'
      ? explainClash(problem, made.rounds[0] as Int32Array, rngFromSeed(request.seed))
      : null;
  return {
    format: 'gruppetto.result',
    version: 1,
    feasible,
    rounds: rounds.map((round) => ({
      groups: groupsOf(problem, round),
      ...focused(problem, round),
    })),
    unplaced: [],
    ...(feasible ? {} : { broken: brokenRules(problem, rounds) }),
    ...(clash ? { clash } : {}),
    measures,
    search: {
      evaluations: made.evaluations,
      seed: request.seed,
      provenBest: feasible && provenBest,
      ...(asGood === undefined ? {} : { asGood }),
      ...(next ? { next: measuresOf(problem, [next], leasts).measures } : {}),
    },
  };
}

/** Where nobody cares which group is which, the larger ones of a class come first. */
function largerFirst(problem: Problem, groupOfStudent: Int32Array): Int32Array {
  if (hasPlacesOfTheirOwn(problem) || tellGroupsApart(problem.rules)) return groupOfStudent;
  const size = new Int32Array(problem.groupCount);
  for (const group of groupOfStudent) size[group] = (size[group] as number) + 1;
  const numberOfGroup = new Int32Array(problem.groupCount);
  const { classOfGroup } = problem;
  for (const of of new Set(classOfGroup)) {
    const places = [...classOfGroup.keys()].filter((group) => classOfGroup[group] === of);
    const order = [...places].sort((a, b) => (size[b] as number) - (size[a] as number) || a - b);
    order.forEach((group, i) => (numberOfGroup[group] = places[i] as number));
  }
  return groupOfStudent.map((group) => numberOfGroup[group] as number);
}

function groupsOf(problem: Problem, groupOfStudent: Int32Array): string[][] {
  const groups = Array.from({ length: problem.groupCount }, (): string[] => []);
  groupOfStudent.forEach((group, student) => {
    groups[group]?.push(problem.idOfStudent[student] as string);
  });
  return groups;
}

/** What each group works on, where that was asked for. */
function focused(problem: Problem, groupOfStudent: Int32Array): Pick<Round, 'focus'> {
  const goal = problem.goals.find((one) => one.kind === 'needs');
  if (!goal) return {};
  const members = Array.from({ length: problem.groupCount }, (): number[] => []);
  groupOfStudent.forEach((group, student) => members[group]?.push(student));
  return {
    focus: members.map((all) => focusOf(goal, all).map((skill) => goal.ladder[skill] as string)),
  };
}

function brokenRules(problem: Problem, rounds: readonly Int32Array[]): readonly BrokenRule[] {
  return rounds.flatMap((groupOfStudent, round) =>
    ruleBreaks(problem, groupOfStudent).map(({ rule, students, group }) => ({
      rule: rule.requestIndex,
      students: students.map((student) => problem.idOfStudent[student] as string),
      group,
      ...(rounds.length > 1 ? { round } : {}),
    })),
  );
}
