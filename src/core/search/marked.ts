import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Units } from '../problem/units';

/** The rules about how many of those marked sit in a group. */
export function markedRules({ rules }: Problem): readonly MarkedProblemRule[] {
  return rules.filter((rule): rule is MarkedProblemRule => 'marked' in rule);
}

/** rule * unitCount + unit → marked students in the unit. */
export function markedOfUnits(
  rules: readonly MarkedProblemRule[],
  { unitCount, unitOfStudent }: Units,
): Int32Array {
  const markedOfUnit = new Int32Array(rules.length * unitCount);
  rules.forEach(({ marked }, rule) => {
    unitOfStudent.forEach((unit, student) => {
      const cell = rule * unitCount + unit;
      markedOfUnit[cell] = (markedOfUnit[cell] as number) + (marked[student] as number);
    });
  });
  return markedOfUnit;
}
