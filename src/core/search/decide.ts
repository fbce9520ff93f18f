import { variantsOf, type Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { obviousReason } from '../proofs/obvious';
import type { Rng } from '../random/rng';
import { Colouring } from './colouring';
import { ExactSearch } from './exact';
import { placeGreedily } from './greedy';
import { Repair } from './repair';
import { placementOf } from './work';

export type Decision = 'possible' | 'impossible' | 'unknown';

/** An answer, and the work it took in cells: units that rules speak of times groups, for each node of a search. */
export interface Decided {
  readonly answer: Decision;
  readonly cells: number;
}

/** Swaps of the repair for each student, and what one takes in cells. */
const SWAPS_A_STUDENT = 200;
const SWAP = 20;
/** Looks of the search for apart rules alone for each pair of students, and how many take as long as a cell. */
const LOOKS_A_PAIR = 3_000;
const LOOKS_A_CELL = 10;

/** Whether the rules can hold at all in some sizes that are allowed, without dealing anybody. */
export function decide(problem: Problem, nodes: number, rng: Rng): Decided {
  const { variants, complete } = variantsOf(problem);
  let answer: Decision = complete ? 'impossible' : 'unknown';
  let cells = 0;
  for (const variant of variants) {
    const one = decideInSizes(variant, nodes, rng);
    cells += one.cells;
    if (one.answer === 'possible') return { answer: 'possible', cells };
    if (one.answer === 'unknown') answer = 'unknown';
  }
  return { answer, cells };
}

function decideInSizes(problem: Problem, nodes: number, rng: Rng): Decided {
  const units = unitsOf(problem);
  if (obviousReason(problem, units)) return { answer: 'impossible', cells: units.unitCount };
  const placement = placementOf(problem, units);
  if (!placement) return { answer: 'unknown', cells: units.unitCount };
  const cellsANode = placement.constrained.length * problem.groupCount;
  let cells = 0;
  const QUICK_TRIES = 5;
  for (let attempt = 0; attempt < QUICK_TRIES; attempt++) {
    cells += cellsANode;
    if (placeGreedily(placement, units, problem.groupCount, rng)) {
      return { answer: 'possible', cells };
    }
  }
  const search = (most: number): Decision => {
    const exact = new ExactSearch(problem, units, placement, rng);
    const outcome = exact.run(most);
    cells += exact.visited * cellsANode;
    if (outcome === 'paused') return 'unknown';
    return outcome === 'found' ? 'possible' : 'impossible';
  };
  const early = search(Math.ceil(nodes / 8));
  if (early !== 'unknown') return { answer: early, cells };
  if (Colouring.suits(problem)) {
    const colouring = new Colouring(problem, units, rng);
    cells += colouring.run(LOOKS_A_PAIR * problem.studentCount ** 2) / LOOKS_A_CELL;
    if (colouring.incumbentPenalty === 0) return { answer: 'possible', cells };
  } else {
    const repair = new Repair(problem, rng);
    cells += SWAP * repair.run(SWAPS_A_STUDENT * problem.studentCount);
    if (repair.incumbentPenalty === 0) return { answer: 'possible', cells };
  }
  const late = search(nodes);
  return { answer: late, cells };
}
