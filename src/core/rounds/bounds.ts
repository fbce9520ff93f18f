import type { PairBuilder } from '../problem/pairs';
import type { Problem } from '../problem/problem';
import { leastTogetherAgain, pairsSpread } from '../problem/spreading';
import { unitsOf } from '../problem/units';

/**
 * The most rounds that could be had without anybody meeting a partner twice, whatever the history: a student meets
 * s - 1 new ones in each round, and there are n - 1. Some are known to fall short of that: 6 students in threes have 1
 * and 12 in threes 4 (no Kirkman system with holes of those orders; Rees and Stinson 1987), 36 in sixes have 3 for want
 * of orthogonal squares of order 6 (Tarry 1900), and 20 in fours 5: six rounds would be a resolvable group divisible
 * design of type 2^10, which does not exist (among the exceptions of the survey by Ge and Ling 2004).
 */
export function mostFreshRounds({
  studentCount,
  sizeOfGroup,
  rounds,
}: Pick<Problem, 'studentCount' | 'sizeOfGroup' | 'rounds'>): number {
  const sizes = [...new Set(sizeOfGroup)];
  // With mixed sizes the students of the larger groups change from round to round: pairs are what runs out.
  const pairs = sizeOfGroup.reduce((sum, size) => sum + (size * (size - 1)) / 2, 0);
  // Groups of one repeat nothing in however many rounds.
  if (pairs === 0) return rounds;
  const byPairs = Math.floor((studentCount * (studentCount - 1)) / 2 / pairs);
  const [size = 1] = sizes;
  if (sizes.length === 1) return mostRoundsOfDesign(studentCount, size);
  return crowded(sizeOfGroup) > 0 ? 1 : byPairs;
}

/** The same for groups of one size that take everybody. */
export function mostRoundsOfDesign(places: number, size: number): number {
  // No two members of one group may meet again, so as soon as there are two rounds there must be size groups.
  if (places / size < size) return 1;
  const byPartners = Math.floor((places - 1) / (size - 1));
  return Math.min(byPartners, KNOWN_TO_FALL_SHORT.get(`${places}/${size}`) ?? byPartners);
}

/** Pairs of one round who meet again in the next for want of groups to spread over. */
function crowded(sizeOfGroup: Int32Array): number {
  return sizeOfGroup.reduce((sum, size) => sum + pairsSpread(size, sizeOfGroup.length), 0);
}

const KNOWN_TO_FALL_SHORT: ReadonlyMap<string, number> = new Map([
  ['6/3', 1],
  ['12/3', 4],
  ['36/6', 3],
  ['20/4', 5],
]);

/**
 * Repeats that all rounds together must have beyond those of the history: blocks meet in every round, and each
 * student has so many partner places outside the block and so many partners there not met yet; and a group with more
 * members than there are groups cannot spread over them, be it of these rounds or of an earlier one.
 */
export function leastRepeatsOver(problem: Problem, met: PairBuilder): number {
  const { studentCount, sizeOfGroup, rounds } = problem;
  const { unitOfStudent, sizeOfUnit } = unitsOf(problem);
  const least = sizeOfGroup.reduce((size, one) => Math.min(size, one), studentCount);
  const { start, neighbour } = met.build();
  let [byStudents, inBlocks] = [0, 0];
  for (let student = 0; student < studentCount; student++) {
    const unit = unitOfStudent[student] as number;
    const width = sizeOfUnit[unit] as number;
    const known = neighbour.subarray(start[student], start[student + 1]);
    const knownInBlock = known.filter((other) => unitOfStudent[other] === unit).length;
    const freshOutside = studentCount - width - (known.length - knownInBlock);
    byStudents += Math.max(0, rounds * (least - width) - freshOutside);
    // Each partner of the block is met once fresh, unless before, and again in every other round.
    inBlocks += (width - 1) * (rounds - 1) + knownInBlock;
  }
  const places = rounds * sizeOfGroup.reduce((sum, size) => sum + (size * (size - 1)) / 2, 0);
  const fresh = (studentCount * (studentCount - 1)) / 2 - met.count;
  const crowding = (rounds - 1) * crowded(sizeOfGroup);
  const again = problem.history.map((groups) => rounds * leastTogetherAgain(groups, problem));
  return Math.max(0, Math.ceil((byStudents + inBlocks) / 2), places - fresh, crowding, ...again);
}
