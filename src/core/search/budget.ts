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
  /** Looks of the faster searches that take its place where their tables are small enough. */
  readonly quickLooks: number;
  /** Exchanges tried for each student to forget where the search began. */
  readonly mixingPerStudent: number;
  /** Exchanges tried to bring the goals' costs down. */
  readonly exchanges: number;
  /** The same where each takes longer: for each of several rounds, and where whole groups are opened. */
  readonly slowExchanges: number;
}

const SHUFFLES = 300;
const GREEDY_TRIES = 20;
/** Swaps of the repair for any class and for each student, and what the faster searches look at in the time of one. */
const SWAPS = { any: 400_000, each: 400 };
const LOOKS_A_SWAP = 1_000;
/** What they look at for each pair of students, where that is less. */
const LOOKS_A_PAIR = 40_000;
const MIXING_PER_STUDENT = 60;
/** Students of a class, and exchanges for it: about 90 ms. */
const CLASS = 40;
const EXCHANGES_OF_A_CLASS = 180_000;
/** Larger classes get more, but less than in proportion, so that 5,000 students stay under 3 s. */
const GROWTH = 0.53;
/** Smaller ones get less in proportion, down to this part of it. */
const LEAST_PART = 0.4;
/** Courses are not dealt anew at every press as a class is: from so many students to so many they get this many times as much. */
const COURSE = { from: 60, to: 400, times: 4 };
/** Above that it becomes less again, by this power of how many there are. */
const LESSENING = 0.9;
/** Cells (units x groups) that all nodes of a complete search may look at. */
const CELLS = 24_000_000;
const MOST_NODES = 150_000;

const FACTOR: Readonly<Record<Effort, number>> = { quick: 0.2, normal: 1, thorough: 10 };

export function budgetFor(effort: Effort, { studentCount, groupCount }: Problem): Budget {
  const factor = FACTOR[effort];
  const part = studentCount / CLASS;
  const exchanges =
    factor * EXCHANGES_OF_A_CLASS * (part > 1 ? part ** GROWTH : Math.max(LEAST_PART, part));
  const nodes = Math.min(MOST_NODES, CELLS / (studentCount * groupCount));
  const swaps = SWAPS.any + SWAPS.each * studentCount;
  return {
    shuffles: SHUFFLES,
    greedyTries: GREEDY_TRIES,
    nodes: Math.ceil(Math.max(200, nodes) * factor),
    repairSwaps: Math.ceil(swaps * factor),
    quickLooks: factor * Math.min(LOOKS_A_SWAP * swaps, LOOKS_A_PAIR * studentCount ** 2),
    mixingPerStudent: MIXING_PER_STUDENT,
    exchanges: Math.ceil(exchanges * patience(studentCount)),
    slowExchanges: Math.ceil(exchanges),
  };
}

/** How many times as much a course of so many gets as its size alone would give it; 1 for a class, and for the largest. */
function patience(students: number): number {
  const { from, to, times } = COURSE;
  if (students > to) return Math.max(1, times * (to / students) ** LESSENING);
  const grown = (students - CLASS) / (from - CLASS);
  return 1 + (times - 1) * Math.min(1, Math.max(0, grown));
}
