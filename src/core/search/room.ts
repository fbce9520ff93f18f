import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import { wholeBlocks } from './anneal';
import { Objective } from './objective';
import { Proposals } from './proposal';

/** Exchanges drawn to see how many keep the rules. */
const DRAWS = 400;

/** The part, 0 to 1, of exchanges drawn from a valid arrangement that keep every rule; 1 where there is no rule. */
export function roomLeft(problem: Problem, units: Units, start: Int32Array, rng: Rng): number {
  if (problem.rules.length === 0 || problem.groupCount < 2) return 1;
  const arrangement = new Arrangement(problem, start);
  const rules = new Objective([], ruleTerms(problem, wholeBlocks(problem, units)));
  const proposals = new Proposals(problem, units, rng);
  rules.reset(arrangement);
  let kept = 0;
  for (let draw = 0; draw < DRAWS; draw++) {
    if (!proposals.draw(arrangement)) continue;
    if (rules.penaltyDelta(proposals.exchange, arrangement) === 0) kept++;
  }
  return kept / DRAWS;
}
