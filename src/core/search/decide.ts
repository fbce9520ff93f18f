import { variantsOf, type Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import type { Rng } from '../random/rng';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { Repair } from './repair';
import { placementOf } from './work';

type Decision = 'possible' | 'impossible' | 'unknown';

/** Whether the rules can hold at all in some sizes that are allowed, without dealing anybody. */
export function decide(problem: Problem, nodes: number, rng: Rng): Decision {
  const { variants, complete } = variantsOf(problem);
  let all: Decision = complete ? 'impossible' : 'unknown';
  for (const variant of variants) {
    const one = decideInSizes(variant, nodes, rng);
    if (one === 'possible') return one;
    if (one === 'unknown') all = one;
  }
  return all;
}

function decideInSizes(problem: Problem, nodes: number, rng: Rng): Decision {
  const units = unitsOf(problem);
  if (obviousReason(problem, units)) return 'impossible';
  const placement = placementOf(problem, units);
  if (!placement) return 'unknown';
  const QUICK_TRIES = 5;
  for (let attempt = 0; attempt < QUICK_TRIES; attempt++) {
    if (placeGreedily(placement, units, problem.groupCount, rng)) return 'possible';
  }
  const early = new ExactSearch(problem, units, placement, rng).run(Math.ceil(nodes / 8));
  if (early !== 'paused') return early === 'found' ? 'possible' : 'impossible';
  const repair = new Repair(problem, rng);
  repair.run(200 * problem.studentCount);
  if (repair.incumbentPenalty === 0) return 'possible';
  const outcome = new ExactSearch(problem, units, placement, rng).run(nodes);
  if (outcome === 'paused') return 'unknown';
  return outcome === 'found' ? 'possible' : 'impossible';
}
