import type { Effort } from '../format';

/** How much work each stage may do, counted, never timed, so that every machine gives the same result. */
export interface Budget {
  /** Whole random shuffles tried before anything cleverer. */
  readonly shuffles: number;
  /** Quick placements of the constrained students tried. */
  readonly greedyTries: number;
  /** Nodes of the complete search. */
  readonly nodes: number;
  /** Swaps tried by the repair. */
  readonly repairSwaps: number;
  /** Exchanges tried for each student to forget where the search began. */
  readonly mixingPerStudent: number;
}

const NORMAL: Budget = {
  shuffles: 300,
  greedyTries: 20,
  nodes: 150_000,
  repairSwaps: 200_000,
  mixingPerStudent: 60,
};

const FACTOR: Readonly<Record<Effort, number>> = { quick: 0.2, normal: 1, thorough: 10 };

export function budgetFor(effort: Effort): Budget {
  const factor = FACTOR[effort];
  return {
    ...NORMAL,
    nodes: NORMAL.nodes * factor,
    repairSwaps: NORMAL.repairSwaps * factor,
  };
}
