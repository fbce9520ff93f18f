import type { Problem } from '../problem/problem';
import type { MarkedProblemRule } from '../problem/rule';
import { COUNTINGS } from '../rules/counting';
import type { ObviousReason } from '../rules/kind';

/**
 * A number of students with a value that cannot be shared out over groups of these sizes within the rules on it: an odd
 * number, never alone, over pairs. Counts alone decide, by the sums that groups can add up to (a subset sum, groups x
 * students x largest size): exact for the rules on one value, and for those on two values of which everybody has one.
 * Null where every number can be shared out.
 */
export function sharesReason({ rules, sizeOfGroup, studentCount }: Problem): ObviousReason | null {
  const values = byValue(rules);
  for (const value of values) {
    const others = values.filter((other) => other !== value && areTheRest(value, other));
    // Limits of one sort alone are counted by their own kinds.
    if (others.length === 0 && !value.some(({ kind }) => COUNTINGS[kind].inCompany)) continue;
    const keeps = (held: number, size: number): boolean =>
      keepsAll(value, held) && others.every((other) => keepsAll(other, size - held));
    const [first] = value;
    const students = [...Array(studentCount).keys()].filter((one) => first?.marked[one] === 1);
    if (!first || canBeShared(students.length, sizeOfGroup, keeps)) continue;
    const { attribute, value: of } = first;
    return { code: 'cannotBeShared', students, attribute, value: of, have: students.length };
  }
  return null;
}

/** The rules on marked students, those on the same students together. */
function byValue(rules: Problem['rules']): readonly (readonly MarkedProblemRule[])[] {
  const values = new Map<string, MarkedProblemRule[]>();
  for (const rule of rules) {
    if (!('marked' in rule)) continue;
    const key = JSON.stringify([rule.attribute, rule.value]);
    values.set(key, [...(values.get(key) ?? []), rule]);
  }
  return [...values.values()];
}

/** Whether everybody has just one of two values. */
function areTheRest(one: readonly MarkedProblemRule[], two: readonly MarkedProblemRule[]): boolean {
  const marked = two[0]?.marked;
  return one[0]?.marked.every((mark, student) => mark + (marked?.[student] ?? 0) === 1) ?? false;
}

function keepsAll(rules: readonly MarkedProblemRule[], held: number): boolean {
  return rules.every(({ kind, count }) => COUNTINGS[kind].penalty(count, held) === 0);
}

/** Whether groups can add up to a number, when a group of a size may hold what `keeps` says. */
function canBeShared(
  number: number,
  sizeOfGroup: Problem['sizeOfGroup'],
  keeps: (held: number, size: number) => boolean,
): boolean {
  const kept = new Map<number, readonly number[]>();
  for (const size of new Set(sizeOfGroup)) {
    const all = Array.from({ length: Math.min(size, number) + 1 }, (_, held) => held);
    kept.set(
      size,
      all.filter((held) => keeps(held, size)),
    );
  }
  let sums = new Uint8Array(number + 1);
  sums[0] = 1;
  /** The largest sum so far. */
  let top = 0;
  for (const size of sizeOfGroup) {
    const next = new Uint8Array(number + 1);
    for (const held of kept.get(size) ?? []) {
      for (let sum = Math.min(top, number - held); sum >= 0; sum--) {
        if (sums[sum] === 1) next[sum + held] = 1;
      }
    }
    sums = next;
    top = Math.min(number, top + size);
  }
  return sums[number] === 1;
}
