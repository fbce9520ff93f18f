import type { Attribute } from '../problem/attributes';
import type { Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { blocksAsOne, leastInOrder } from './bounds';

type CategoryAttribute = Extract<Attribute, { kind: 'category' }>;

/** Steps of filling groups, a few milliseconds; beyond them the bound for one value after the other is all there is. */
const MOST_STEPS = 25_000;
/** Of more values than these the steps would not do. */
const MOST_VALUES = 9;

/**
 * No division has groups that are more alike in a category: a lower bound of what differs within groups, in the sums of
 * squares of Light and Margolin (1971). The larger of two:
 *
 * - Whatever the rules: the members a group has of each value, out of so many of each in all (`Alike`).
 * - Where blocks stay whole: each value by itself is a number, 1 or 0, whose least sum of squares is known
 *   (`bounds/leastInOrder`), and half their sum is what differs.
 */
export function leastUnlike(
  problem: Problem,
  { valueOfStudent, values }: CategoryAttribute,
): number {
  const { sizeOfGroup } = problem;
  const counts = values.map((_, value) => countOf(valueOfStudent, value));
  const missing = countOf(valueOfStudent, -1);
  const known = problem.studentCount - missing;
  const free = (known - new Alike([...counts, missing], sizeOfGroup).most()) / 2;
  if (missing > 0) return Math.max(0, free);
  const units = unitsOf(problem);
  const byValue = values.map((_, value) => {
    const marks = Float64Array.from(valueOfStudent, (one) => (one === value ? 1 : 0));
    const { means, within } = blocksAsOne(units, marks);
    return within + leastInOrder(means, sizeOfGroup);
  });
  const whole = byValue.reduce((sum, least) => sum + least, 0) / 2;
  return Math.max(0, free, whole);
}

function countOf(valueOfStudent: Int32Array, value: number): number {
  return valueOfStudent.reduce((count, one) => count + (one === value ? 1 : 0), 0);
}

/**
 * How alike groups can be at the most: the sum over groups of squared counts / known members. That is convex in what each
 * group has of each value, so a best division is a corner of what can be shared out: groups and the values they hold
 * form a forest, of V values (those missing are one more) groups hold V - 1 more than one each. So all but V - 1 groups
 * are of one value, and only what is left over is shared out in every way.
 */
class Alike {
  private readonly sizes: readonly number[];
  private readonly seen = new Map<string, number>();
  private steps = 0;

  /** `counts` of students for each value; the last one is of those whose value is missing. */
  constructor(
    private readonly counts: readonly number[],
    private readonly sizeOfGroup: Int32Array,
  ) {
    this.sizes = [...new Set(sizeOfGroup)].sort((a, b) => b - a);
  }

  /** Infinity where that takes too long. */
  most(): number {
    const { counts, sizes, sizeOfGroup } = this;
    const groups = sizes.map((size) => countOf(sizeOfGroup, size));
    const values = counts.filter((count) => count > 0).length;
    if (values > MOST_VALUES) return Infinity;
    const most = this.pure([...counts], groups, values - 1);
    return this.steps > MOST_STEPS ? Infinity : most;
  }

  /** Groups of one value first; as soon as few enough are left, any of the rest may hold several. */
  private pure(left: number[], groups: number[], more: number): number {
    const key = `${left.join()} ${groups.join()}`;
    const known = this.seen.get(key);
    if (known !== undefined || this.steps > MOST_STEPS) return known ?? 0;
    const open = groups.reduce((sum, count) => sum + count, 0);
    let best = open <= more ? this.mixed(left, groups, more) : -Infinity;
    this.sizes.forEach((size, at) => {
      if (groups[at] === 0) return;
      left.forEach((count, value) => {
        if (count < size) return;
        this.steps++;
        left[value] = count - size;
        groups[at] = (groups[at] as number) - 1;
        const alike = value === left.length - 1 ? 0 : size;
        best = Math.max(best, alike + this.pure(left, groups, more));
        groups[at] = groups[at] + 1;
        left[value] = count;
      });
    });
    this.seen.set(key, best);
    return best;
  }

  /** Groups that all hold two values or more, with so many more than one each; -Infinity where that cannot be. */
  private mixed(left: number[], groups: number[], more: number): number {
    const at = groups.findIndex((count) => count > 0);
    if (at < 0) return left.some((count) => count > 0) ? -Infinity : 0;
    const open = groups.reduce((sum, count) => sum + count, 0);
    if (open > more) return -Infinity;
    const key = `${left.join()} ${groups.join()} ${more}`;
    const known = this.seen.get(key);
    if (known !== undefined || this.steps > MOST_STEPS) return known ?? 0;
    groups[at] = (groups[at] as number) - 1;
    // The groups after this one need at least one more each.
    const best = this.fill(left, groups, more, this.sizes[at] as number, 0, 0, [], open - 1);
    groups[at] = groups[at] + 1;
    this.seen.set(key, best);
    return best;
  }

  /** Fills the seats of one group with some of each value from `from` on. */
  private fill(
    left: number[],
    groups: number[],
    more: number,
    seats: number,
    from: number,
    squares: number,
    taken: number[],
    kept: number,
  ): number {
    if (this.steps++ > MOST_STEPS) return -Infinity;
    if (seats === 0) {
      if (taken.length < 2) return -Infinity;
      const members = taken.reduce((sum, count) => sum + count, 0);
      const alike = members === 0 ? 0 : squares / members;
      return alike + this.mixed(left, groups, more - (taken.length - 1));
    }
    if (from === left.length || taken.length - 1 >= more - kept) return -Infinity;
    let best = this.fill(left, groups, more, seats, from + 1, squares, taken, kept);
    const count = left[from] as number;
    const isMissing = from === left.length - 1;
    for (let some = 1; some <= Math.min(count, seats); some++) {
      left[from] = count - some;
      taken.push(isMissing ? 0 : some);
      const sum = squares + (isMissing ? 0 : some * some);
      best = Math.max(
        best,
        this.fill(left, groups, more, seats - some, from + 1, sum, taken, kept),
      );
      taken.pop();
    }
    left[from] = count;
    return best;
  }
}
