import type { PreparedGoal } from '../goals/kind';
import { hasPlacesOfTheirOwn, type Problem, type ProblemGoal } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { tellGroupsApart } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import { Regrouping } from './regrouping';
import { MOST_FREE, MOST_OPEN, Reseating, type NextWay } from './reseating';
import type { Improved, Search } from './work';

/** The best of all arrangements that keep the rules; any of them, each as likely, where there are no goals. */
export interface Listed extends Improved {
  /** goal → the least value that its term has in any of them; null where not all were looked at. */
  readonly leasts: ReadonlyMap<ProblemGoal, number> | null;
}

/** Steps, and arrangements found, between two reports of progress. */
const STEPS_A_SLICE = 1_000;
const FOUND_A_SLICE = 200;
/** After this part of the evaluations at least so much of what was to be expected by then must be behind. */
const EARLY = 0.05;
const HOPEFUL = 1;
/** What a look of the search costs in evaluations. */
export const LOOK = 0.025;
/** An arrangement that costs this much less is a better one: less is of the arithmetic. */
const EPSILON = 1e-12;

/**
 * Whether all arrangements can be told one by one, however many there are: few enough units and groups, and sizes that
 * are settled but for the numbering of groups that nobody tells apart.
 */
export function isListable(problem: Problem, { unitCount }: Units): boolean {
  const { groupCount, rules, extrasOfClass, classOfGroup } = problem;
  if (unitCount > MOST_FREE || groupCount > MOST_OPEN) return false;
  const told = hasPlacesOfTheirOwn(problem) || tellGroupsApart(rules);
  const settled = extrasOfClass.every((extras, of) => {
    const groups = classOfGroup.reduce((count, one) => count + Number(one === of), 0);
    return extras === 0 || extras === groups;
  });
  return settled || !told;
}

/**
 * Looks at every arrangement that keeps the rules, from a valid one on, as far as `evaluations` go; that they are too many shows soon.
 */
export function* listAll(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  evaluations: number,
  rng: Rng,
): Search<Listed> {
  const arrangement = new Arrangement(problem, start);
  const objective = new Objective(goals, []);
  objective.reset(arrangement);
  const reseating = new Reseating(problem, units, hasPlacesOfTheirOwn(problem), rng);
  const regrouping = new Regrouping(problem, units, arrangement, objective);
  const groups = Int32Array.from({ length: problem.groupCount }, (_, group) => group);
  if (!reseating.begin(groups, problem.groupCount, start)) {
    throw new Error(`expected at most ${MOST_FREE} units, received ${units.unitCount}`);
  }
  regrouping.begin(reseating, groups, problem.groupCount);
  const best = start.slice();
  let bestCost = Infinity;
  const leasts = goals.map(() => Infinity);
  let found = 0;
  for (let next: NextWay = 'paused'; ; next = reseating.next(STEPS_A_SLICE)) {
    const used = regrouping.exchanges + LOOK * reseating.looks;
    const done = used / evaluations;
    const all = next === 'none';
    if (all || done >= 1 || (done > EARLY && reseating.explored() < HOPEFUL * done)) {
      const told = goals.map(({ goal }, index) => [goal, leasts[index] as number] as const);
      return {
        groupOfStudent: best,
        leasts: all ? new Map(told) : null,
        evaluations: Math.ceil(used),
      };
    }
    if (next === 'paused' || found % FOUND_A_SLICE === 0) yield { done };
    if (next === 'paused') continue;
    found++;
    if (!regrouping.follow(reseating)) regrouping.seatBack();
    goals.forEach(({ term }, index) => {
      leasts[index] = Math.min(leasts[index] as number, term.value);
    });
    const cost = objective.cost();
    // Without goals each of those found so far is kept with the same chance.
    const keep = goals.length === 0 ? uniformInt(rng, found) === 0 : cost < bestCost - EPSILON;
    if (!keep) continue;
    bestCost = cost;
    best.set(arrangement.groupOfStudent);
  }
}
