import type { Attribute } from '../problem/attributes';
import type { Problem } from '../problem/problem';
import { unitsOf, type Units } from '../problem/units';

type NumberAttribute = Extract<Attribute, { kind: 'number' }>;

/**
 * No division into these sizes has a smaller sum over groups of members x (mean - mean of all)^2. Sums of whole
 * numbers are whole, so the best sums are the whole ones nearest to each group's share; which is exact as a bound,
 * and often reached. 0 where a number is missing somewhere or the numbers have no common step.
 */
export function leastBetween(problem: Problem, { valueOfStudent, known }: NumberAttribute): number {
  if (known.includes(0)) return 0;
  const [first = 0] = valueOfStudent;
  const step = commonStep(valueOfStudent, first);
  if (step === 0) return 0;
  const { sizeOfGroup } = problem;
  // In steps above the first value, every group's sum is a whole number.
  const total = valueOfStudent.reduce((sum, value) => sum + Math.round((value - first) / step), 0);
  const mean = total / problem.studentCount;
  const sums = Float64Array.from(sizeOfGroup, (size) => Math.floor(size * mean));
  const left = total - sums.reduce((sum, value) => sum + value, 0);
  // The cost of one more is convex in each group's sum, so giving each to where it costs least is best.
  const gain = (group: number): number => {
    const size = sizeOfGroup[group] as number;
    const off = (sums[group] as number) - size * mean;
    return ((off + 1) ** 2 - off ** 2) / size;
  };
  const order = [...sums.keys()].sort((a, b) => gain(a) - gain(b));
  for (let i = 0; i < left; i++) {
    const group = order[i % order.length] as number;
    sums[group] = (sums[group] as number) + 1;
  }
  return sums.reduce((cost, sum, group) => {
    const size = sizeOfGroup[group] as number;
    return cost + (step * step * (sum - size * mean) ** 2) / size;
  }, 0);
}

/** The largest step of which every value is a whole number of steps away from the first; 0 where there is none. */
function commonStep(values: Float64Array, first: number): number {
  const FINEST = 1e-6;
  let step = 0;
  for (const value of values) {
    let rest = Math.abs(value - first);
    if (Math.abs(rest / FINEST - Math.round(rest / FINEST)) > 1e-3) return 0;
    while (rest > FINEST / 2) {
      [step, rest] = [rest, step === 0 ? 0 : step % rest];
      if (step - rest < FINEST / 2) rest = 0;
    }
  }
  return step;
}

/**
 * No division in which blocks stay whole has a smaller sum of squares within groups. Of a group that sum is what differs
 * within its blocks and what differs between them, as if each member had the mean of their block; of the latter a best
 * division takes students in the order of their numbers (Hwang, Sun and Yao 1985). 0 where a number is missing.
 */
export function leastWithin(problem: Problem, { valueOfStudent, known }: NumberAttribute): number {
  if (known.includes(0)) return 0;
  const { means, within } = blocksAsOne(unitsOf(problem), valueOfStudent);
  return within + leastInOrder(means, problem.sizeOfGroup);
}

/** Each student with the mean of their block, and the sum of squares within blocks. */
export function blocksAsOne(
  { unitCount, unitOfStudent, sizeOfUnit }: Units,
  valueOfStudent: ArrayLike<number>,
): { readonly means: Float64Array; readonly within: number } {
  const meanOfUnit = new Float64Array(unitCount);
  unitOfStudent.forEach((unit, student) => {
    const part = (valueOfStudent[student] as number) / (sizeOfUnit[unit] as number);
    meanOfUnit[unit] = (meanOfUnit[unit] as number) + part;
  });
  const means = Float64Array.from(unitOfStudent, (unit) => meanOfUnit[unit] as number);
  const within = means.reduce(
    (sum, mean, student) => sum + (mean - (valueOfStudent[student] as number)) ** 2,
    0,
  );
  return { means, within };
}

/** The smallest sum of squares within groups of these sizes, all values known; 0 where there are more than two sizes. */
export function leastInOrder(values: Float64Array, sizeOfGroup: Int32Array): number {
  const sizes = [...new Set(sizeOfGroup)].sort((a, b) => b - a);
  if (sizes.length > 2) return 0;
  const [large = 0, small = 0] = sizes;
  const largeCount = sizeOfGroup.filter((size) => size === large).length;
  const smallCount = sizeOfGroup.length - largeCount;
  const squares = runningSquares(values.slice().sort());
  // best[j] after i large groups: least cost of the first i * large + j * small students.
  let best = new Float64Array(smallCount + 1).fill(Infinity);
  for (let i = 0; i <= largeCount; i++) {
    const next = new Float64Array(smallCount + 1).fill(Infinity);
    for (let j = 0; j <= smallCount; j++) {
      const end = i * large + j * small;
      if (i === 0 && j === 0) next[0] = 0;
      const bySmall = j > 0 ? (next[j - 1] as number) + squares(end - small, end) : Infinity;
      const byLarge = i > 0 ? (best[j] as number) + squares(end - large, end) : Infinity;
      next[j] = Math.min(next[j] as number, bySmall, byLarge);
    }
    best = next;
  }
  return Math.max(0, best[smallCount] as number);
}

/** Sum of squares about their mean of the values from `start` (included) to `end` (excluded). */
function runningSquares(values: Float64Array): (start: number, end: number) => number {
  const sum = new Float64Array(values.length + 1);
  const square = new Float64Array(values.length + 1);
  values.forEach((value, i) => {
    sum[i + 1] = (sum[i] as number) + value;
    square[i + 1] = (square[i] as number) + value * value;
  });
  return (start, end) => {
    const total = (sum[end] as number) - (sum[start] as number);
    return (square[end] as number) - (square[start] as number) - (total * total) / (end - start);
  };
}
