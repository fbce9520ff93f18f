import type { Progress } from '../format';
import { prepareGoals } from '../goals/list';
import type { Problem } from '../problem/problem';
import type { Rng } from '../random/rng';
import type { Budget } from '../search/budget';
import { solve } from '../search/solve';

export interface MadeRounds {
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  readonly rounds: readonly Int32Array[];
  readonly evaluations: number;
}

export function* makeRounds(
  problem: Problem,
  budget: Budget,
  rng: Rng,
): Generator<Progress, MadeRounds, void> {
  const solved = yield* solve(problem, prepareGoals(problem), budget, rng);
  return { ...solved, rounds: [solved.groupOfStudent] };
}
