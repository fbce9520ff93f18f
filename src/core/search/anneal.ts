import type { PreparedGoal } from '../goals/kind';
import type { Progress } from '../format';
import type { Problem } from '../problem/problem';
import { keepsSections } from '../problem/sections';
import type { Units } from '../problem/units';
import { uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import { Proposals } from './proposal';
import { usualSize } from './usual';

export interface Annealed {
  readonly groupOfStudent: Int32Array;
  readonly cost: number;
  /** 0 when every rule holds. */
  readonly penalty: number;
  readonly evaluations: number;
}

/** Exchanges between two looks at the temperature, and between two reports of progress. */
const STEP = 128;
const STEPS_A_REPORT = 32;
/** The coldest temperature as a part of the first where nobody says otherwise: below any change that still matters. */
const COLDEST = 5e-6;
/** What breaking a rule costs, in usual changes of the cost at the beginning. */
const PRICE_OF_BREAKING = 6;
/** Changes for the worse of so many temperatures come once in a thousand million draws: never. */
const HOPELESS = 21;
const EPSILON = 1e-12;

/**
 * Brings the goals' cost down by exchanges, first loosely, then strictly (simulated annealing, Kirkpatrick, Gelatt
 * and Vecchi 1983). Rules may be broken on the way, at a price that the cooling makes prohibitive; what is returned
 * keeps them whenever anything met did, `start` included. Stops early at the least cost possible.
 */
export function* anneal(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  exchanges: number,
  rng: Rng,
  coldest = COLDEST,
): Generator<Progress, Annealed, void> {
  const arrangement = new Arrangement(problem, start);
  const objective = new Objective(goals, ruleTerms(problem, wholeBlocks(problem, units)));
  const kept = keepsSections(problem, start);
  const proposals = new Proposals(problem, units, rng, kept, objective.leaders);
  objective.reset(arrangement);
  const best = start.slice();
  let [bestCost, bestPenalty] = [objective.cost(), objective.penalty()];
  if (problem.groupCount < 2 || (goals.length === 0 && bestPenalty === 0)) {
    return { groupOfStudent: best, cost: bestCost, penalty: bestPenalty, evaluations: 0 };
  }
  const { exchange } = proposals;
  const drawn = (): number =>
    proposals.draw(arrangement) ? objective.costDelta(exchange, arrangement) : 0;
  const usual = usualSize(drawn) || 1;
  const price = PRICE_OF_BREAKING * usual;
  const cooling = coldest ** (STEP / exchanges);
  let temperature = usual;
  let penalty = bestPenalty;
  let done = 0;
  for (let step = 0; done < exchanges; step++) {
    for (let i = 0; i < STEP; i++) {
      if (!proposals.draw(arrangement)) continue;
      // While every rule holds an exchange can only break some, which cannot make up for its cost.
      const limit = penalty === 0 ? HOPELESS * temperature : Infinity;
      const cost = objective.costDelta(exchange, arrangement, limit);
      if (cost > limit) continue;
      const broken = objective.penaltyDelta(exchange, arrangement);
      const change = cost + broken * price;
      if (change > 0) {
        if (change > HOPELESS * temperature) continue;
        if (uniformUnit(rng) >= Math.exp(-change / temperature)) continue;
      }
      objective.commit(exchange, arrangement);
      penalty = objective.penalty();
      if (change >= 0 && broken >= 0) continue;
      if (penalty > bestPenalty) continue;
      const total = objective.cost();
      if (penalty === bestPenalty && total >= bestCost - EPSILON) continue;
      best.set(arrangement.groupOfStudent);
      [bestCost, bestPenalty] = [total, penalty];
    }
    done += STEP;
    temperature *= cooling;
    if (bestPenalty === 0 && bestCost <= objective.leastCost + EPSILON) break;
    if (step % STEPS_A_REPORT === 0) yield { done: done / exchanges };
  }
  return { groupOfStudent: best, cost: bestCost, penalty: bestPenalty, evaluations: done };
}

/** Whether the units hold every together rule whole, so that no exchange can break one. */
export function wholeBlocks({ rules }: Problem, { unitOfStudent }: Units): boolean {
  return rules.every(
    (rule) =>
      rule.kind !== 'together' ||
      rule.members.every((one) => unitOfStudent[one] === unitOfStudent[rule.members[0] as number]),
  );
}
