import type { Effort } from '../format';
import type { Problem } from '../problem/problem';

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
  /** Moves of whole units among groups of wrong sizes. */
  readonly packingMoves: number;
  /** Exchanges tried for each student to forget where the search began. */
  readonly mixingPerStudent: number;
  /** Exchanges tried to bring the goals' costs down, in one long cooling. */
  readonly exchanges: number;
}

const SHUFFLES = 300;
const GREEDY_TRIES = 20;
const MIXING_PER_STUDENT = 60;
const PACKING_MOVES = 40_000;
/** Exchanges for a class of 40: about 60 ms. */
const EXCHANGES_AT_40 = 180_000;
/** Larger classes get more, but less than in proportion, so that 5,000 students stay under 3 s. */
const GROWTH = 0.53;
/** Smaller ones get less in proportion, down to this part of it. */
const LEAST_PART = 0.4;
/** Cells (units x groups) that all nodes of a complete search may look at. */
const CELLS = 24_000_000;
const MOST_NODES = 150_000;

const FACTOR: Readonly<Record<Effort, number>> = { quick: 0.2, normal: 1, thorough: 10 };

export function budgetFor(effort: Effort, { studentCount, groupCount }: Problem): Budget {
  const factor = FACTOR[effort];
  const part = studentCount / 40;
  const exchanges = EXCHANGES_AT_40 * (part > 1 ? part ** GROWTH : Math.max(LEAST_PART, part));
  const nodes = Math.min(MOST_NODES, CELLS / (studentCount * groupCount));
  return {
    shuffles: SHUFFLES,
    greedyTries: GREEDY_TRIES,
    nodes: Math.ceil(Math.max(200, nodes) * factor),
    repairSwaps: Math.ceil((400_000 + 400 * studentCount) * factor),
    packingMoves: Math.ceil(PACKING_MOVES * factor),
    mixingPerStudent: MIXING_PER_STUDENT,
    exchanges: Math.ceil(exchanges * factor),
  };
}
