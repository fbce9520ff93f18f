import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import { Proposals } from './proposal';
import { ruleTerms } from '../rules/list';

/**
 * Walks from one valid arrangement to others until where it began no longer shows; it favours no valid arrangement
 * that it can reach. Cost of a step: unit size x neighbours.
 */
export function mix(
  problem: Problem,
  units: Units,
  groupOfStudent: Int32Array,
  steps: number,
  rng: Rng,
): void {
  if (problem.groupCount < 2) return;
  const arrangement = new Arrangement(problem, groupOfStudent);
  const objective = new Objective([], ruleTerms(problem, true));
  const proposals = new Proposals(problem, units, rng);
  objective.reset(arrangement);
  for (let step = 0; step < steps; step++) {
    if (!proposals.draw(arrangement)) continue;
    if (proposals.ratio < 1 && uniformUnit(rng) >= proposals.ratio) continue;
    if (objective.penaltyDelta(proposals.exchange, arrangement) !== 0) continue;
    objective.commit(proposals.exchange, arrangement);
  }
  groupOfStudent.set(arrangement.groupOfStudent);
}
