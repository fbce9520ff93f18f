import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { largestClique } from './clique';

/** A reason that needs no search, over dense student indexes. */
export type ObviousReason =
  | { readonly code: 'togetherYetApart'; readonly students: readonly number[] }
  | {
      readonly code: 'blockTooLarge';
      readonly students: readonly number[];
      readonly blockSize: number;
      readonly largestGroup: number;
    }
  | {
      readonly code: 'tooManyApart';
      readonly students: readonly number[];
      readonly needed: number;
      readonly groups: number;
    };

/** A plain reason why the rules cannot hold, or null where only a search can tell. */
export function obviousReason(problem: Problem, units: Units): ObviousReason | null {
  if (units.contradiction) return { code: 'togetherYetApart', students: units.contradiction };
  const largestGroup = problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
  const tooLarge = units.sizeOfUnit.findIndex((size) => size > largestGroup);
  if (tooLarge >= 0) {
    const students = studentsOfUnit(units, tooLarge);
    return { code: 'blockTooLarge', students, blockSize: students.length, largestGroup };
  }
  const clique = largestClique(units, problem.groupCount + 1);
  if (clique.length <= problem.groupCount) return null;
  return {
    code: 'tooManyApart',
    students: clique.map(
      (unit) => units.studentsByUnit[units.startOfUnit[unit] as number] as number,
    ),
    needed: clique.length,
    groups: problem.groupCount,
  };
}

function studentsOfUnit(units: Units, unit: number): number[] {
  return [...units.studentsByUnit.subarray(units.startOfUnit[unit], units.startOfUnit[unit + 1])];
}
