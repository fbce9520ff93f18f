import type { PreparedGoal } from '../goals/kind';
import { hasPlacesOfTheirOwn, type Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { tellGroupsApart } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import type { Known } from './known';
import { Objective } from './objective';
import { Regrouping } from './regrouping';
import { MOST_FREE, MOST_OPEN, Reseating, type NextWay } from './reseating';
import type { Improved, Search } from './work';

/** The best of all arrangements that keep the rules; of several that cost as little each as likely as any other. */
export interface Listed extends Improved {
  /** Null where not all were looked at. */
  readonly known: Known | null;
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
const EPSILON = 1e-9;
/** So few arrangements are soon looked at, whatever room the rules leave. */
const FEW = 11_000;

/**
 * Whether all arrangements can be told one by one, however many there are: few enough units and groups, and sizes that
 * are settled but for the numbering of groups that nobody tells apart.
 */
export function isListable(problem: Problem, { unitCount }: Units): boolean {
  const { groupCount, extrasOfClass, classOfGroup } = problem;
  if (unitCount > MOST_FREE || groupCount > MOST_OPEN) return false;
  const settled = extrasOfClass.every((extras, of) => {
    const groups = classOfGroup.reduce((count, one) => count + Number(one === of), 0);
    return extras === 0 || extras === groups;
  });
  return settled || !areTold(problem);
}

/** Whether there cannot be many arrangements, even if all rules were left out: the ways to fill the sizes. */
export function areFew(problem: Problem): boolean {
  const told = areTold(problem);
  const groupsOfSize = new Map<number, number>();
  let ways = 1;
  let left = problem.studentCount;
  for (const size of problem.sizeOfGroup) {
    const twins = (groupsOfSize.get(size) ?? 0) + 1;
    groupsOfSize.set(size, twins);
    // Factor by factor, so that no factorial is ever written out.
    for (let seat = 1; seat <= size; seat++) ways *= (left - size + seat) / seat;
    if (!told) ways /= twins;
    left -= size;
    // Tiny groups may bring it down again; a class passed over for that is solved as any other.
    if (ways > FEW * problem.groupCount) return false;
  }
  return ways <= FEW;
}

/** Whether it matters which group of one size is which. */
function areTold(problem: Problem): boolean {
  return hasPlacesOfTheirOwn(problem) || tellGroupsApart(problem.rules);
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
  let [best, next] = [start.slice(), start.slice()];
  let [bestCost, nextCost] = [Infinity, Infinity];
  const leasts = goals.map(() => Infinity);
  let [found, asGood] = [0, 0];
  for (let way: NextWay = 'paused'; ; way = reseating.next(STEPS_A_SLICE)) {
    const used = regrouping.exchanges + LOOK * reseating.looks;
    const done = used / evaluations;
    const all = way === 'none';
    if (all || done >= 1 || (done > EARLY && reseating.explored() < HOPEFUL * done)) {
      const told = goals.map(({ goal }, index) => [goal, leasts[index] as number] as const);
      return {
        groupOfStudent: best,
        known: all
          ? { leasts: new Map(told), asGood, ...(nextCost < Infinity ? { next } : {}) }
          : null,
        evaluations: Math.ceil(used),
      };
    }
    if (way === 'paused' || found % FOUND_A_SLICE === 0) yield { done };
    if (way === 'paused') continue;
    found++;
    if (!regrouping.follow(reseating)) regrouping.seatBack();
    goals.forEach(({ term }, index) => {
      leasts[index] = Math.min(leasts[index] as number, term.value);
    });
    const cost = objective.cost();
    if (cost < bestCost - EPSILON) {
      [best, next, nextCost, bestCost, asGood] = [next, best, bestCost, cost, 1];
      best.set(arrangement.groupOfStudent);
    } else if (cost <= bestCost + EPSILON) {
      asGood++;
      // Each of those found so far is kept with the same chance (Vitter 1985).
      if (uniformInt(rng, asGood) === 0) best.set(arrangement.groupOfStudent);
    } else if (cost < nextCost - EPSILON) {
      nextCost = cost;
      next.set(arrangement.groupOfStudent);
    }
  }
}
