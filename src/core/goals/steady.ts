import type { Problem } from '../problem/problem';
import { SeatTerm } from '../terms/seatTerm';
import type { GoalKind } from './kind';

/** As few as can be leave the group that `current` has them in; newcomers are free. */
export const steady: GoalKind<'steady'> = {
  kind: 'steady',
  prepare(problem, goal) {
    const { currentOfStudent, groupCount, studentCount } = problem;
    if (!currentOfStudent) return null;
    const moves = (student: number, group: number): number => {
      const current = currentOfStudent[student] as number;
      return current === -1 || current === group ? 0 : 1;
    };
    // There may have been more groups than there are now.
    const wanted = Array.from(currentOfStudent, (group) =>
      group >= 0 && group < groupCount ? [group] : [],
    );
    const term = new SeatTerm(moves, 1 / studentCount, wanted);
    return { goal, term, leastValue: leastMoves(problem) / studentCount };
  },
};

/** Groups that are larger now than any may be must give the rest away; larger groups keep the larger sizes. */
function leastMoves({ currentOfStudent, groupCount, sizeOfGroup, studentCount }: Problem): number {
  const now = new Int32Array(groupCount);
  let [staying, placed] = [0, 0];
  for (let student = 0; student < studentCount; student++) {
    const group = currentOfStudent?.[student] ?? -1;
    if (group === -1) continue;
    placed++;
    if (group < groupCount) now[group] = (now[group] as number) + 1;
  }
  const seats = sizeOfGroup.slice().sort().reverse();
  now
    .sort()
    .reverse()
    .forEach((count, i) => (staying += Math.min(count, seats[i] as number)));
  return placed - staying;
}
