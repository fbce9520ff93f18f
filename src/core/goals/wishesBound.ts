import type { Problem } from '../problem/problem';
import { unitsOf, type Units } from '../problem/units';

/** Steps of following wishes, circles found, and looks at them in packing that a bound is worth: a few milliseconds. */
const MOST_STEPS = 20_000;
const MOST_CIRCLES = 1_000;
const MOST_LOOKS = 20_000;

/**
 * No division leaves fewer without a partner they named. Whoever starts in a group and follows wishes that are met there
 * comes to somebody without, or around a circle: every group has somebody without, or a circle of wishes, or one who
 * wishes for nobody. So of all groups no more are without nobody than there are such circles, of students who may share a
 * group, that have nobody in common. And whoever can share a group with none of those they named is without.
 */
export function leastUnmet(problem: Problem): number {
  const { wishesOfStudent, groupCount } = problem;
  const company = new Company(problem);
  const wishes = wishesOfStudent.map((named, student) =>
    named.filter((other) => company.mayMeet(student, other)),
  );
  const never = wishes.filter(
    (named, student) => named.length === 0 && (wishesOfStudent[student]?.length ?? 0) > 0,
  ).length;
  const circles = circlesIn(problem, company, wishes);
  if (!circles) return never;
  // Circles of more than so many have only the larger groups.
  const seatsOf = (units: readonly number[]): number =>
    units.reduce((sum, unit) => sum + (company.units.sizeOfUnit[unit] as number), 0);
  const withNobodyWithout = [...new Set(problem.sizeOfGroup)].map((size) => {
    const larger = problem.sizeOfGroup.filter((other) => other > size).length;
    return (
      larger +
      mostApart(
        circles.filter((circle) => seatsOf(circle) <= size),
        groupCount,
      )
    );
  });
  return Math.max(never, groupCount - Math.min(...withNobodyWithout));
}

/** Who may share a group: no pair that is to be apart among their blocks, one section where these stay apart, and seats. */
class Company {
  readonly units: Units;
  private readonly largest: number;
  private readonly isParted: boolean;
  private readonly foes: readonly ReadonlySet<number>[];

  constructor(private readonly problem: Problem) {
    this.units = unitsOf(problem);
    this.largest = problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
    this.isParted = problem.sectionOfGroup.some((section) => section !== -1);
    const { unitCount, startOfNeighbours, neighbours } = this.units;
    this.foes = Array.from(
      { length: unitCount },
      (_, unit) =>
        new Set(neighbours.subarray(startOfNeighbours[unit], startOfNeighbours[unit + 1])),
    );
  }

  mayMeet(one: number, two: number): boolean {
    const { unitOfStudent } = this.units;
    const [unit, other] = [unitOfStudent[one] as number, unitOfStudent[two] as number];
    return unit === other || this.mayJoin([unit], other);
  }

  /** Whether a unit may sit with these, each other than it, who sit together. */
  mayJoin(units: readonly number[], unit: number): boolean {
    const { sizeOfUnit, studentsByUnit, startOfUnit } = this.units;
    const { sectionOfStudent } = this.problem;
    const sectionOf = (of: number): number =>
      sectionOfStudent[studentsByUnit[startOfUnit[of] as number] as number] as number;
    const seats = units.reduce((sum, one) => sum + (sizeOfUnit[one] as number), 0);
    return (
      seats + (sizeOfUnit[unit] as number) <= this.largest &&
      units.every((one) => !this.foes[unit]?.has(one)) &&
      (!this.isParted || units.every((one) => sectionOf(one) === sectionOf(unit)))
    );
  }
}

/**
 * The sets of units, smallest ones only, within which wishes go around a circle, or one wishes for nobody; null where
 * there are too many.
 */
function circlesIn(
  { wishesOfStudent }: Problem,
  company: Company,
  wishes: readonly Int32Array[],
): readonly (readonly number[])[] | null {
  const { unitOfStudent } = company.units;
  const found = new Map<string, readonly number[]>();
  let steps = 0;
  /** Goes on from the last of a path of wishes, over students after the first one only, so that each circle comes once. */
  const follow = (path: number[], units: number[]): void => {
    const [first] = path as [number];
    for (const next of wishes[path[path.length - 1] as number] as Int32Array) {
      if (steps++ > MOST_STEPS) return;
      if (next === first) {
        const sorted = [...units].sort((a, b) => a - b);
        found.set(sorted.join(), sorted);
      }
      if (next <= first || path.includes(next)) continue;
      const unit = unitOfStudent[next] as number;
      const isNew = !units.includes(unit);
      if (isNew && !company.mayJoin(units, unit)) continue;
      path.push(next);
      if (isNew) units.push(unit);
      follow(path, units);
      path.pop();
      if (isNew) units.pop();
    }
  };
  for (const [student, named] of wishesOfStudent.entries()) {
    const unit = unitOfStudent[student] as number;
    if (named.length === 0) found.set(String(unit), [unit]);
    else follow([student], [unit]);
    if (steps > MOST_STEPS || found.size > MOST_CIRCLES) return null;
  }
  const bySize = [...found.values()].sort((a, b) => a.length - b.length);
  const smallest: (readonly number[])[] = [];
  const smallestWith = new Map<number, (readonly number[])[]>();
  for (const circle of bySize) {
    const holds = (other: readonly number[]): boolean => other.every((one) => circle.includes(one));
    if (circle.some((one) => smallestWith.get(one)?.some(holds))) continue;
    smallest.push(circle);
    for (const one of circle) {
      const others = smallestWith.get(one);
      if (others) others.push(circle);
      else smallestWith.set(one, [circle]);
    }
  }
  return smallest;
}

/** How many of the sets have nobody in common, at the most, up to `enough`; an upper bound where that takes too long. */
function mostApart(circles: readonly (readonly number[])[], enough: number): number {
  const packing = new Packing();
  let most = 0;
  for (const part of partsOf(circles)) {
    if (most >= enough) return enough;
    most += packing.most(part, enough - most);
  }
  return Math.min(most, enough);
}

/** The sets parted so that those of different parts have nobody in common. */
function partsOf(circles: readonly (readonly number[])[]): readonly (readonly number[])[][] {
  const parts = new Map<number, { circles: (readonly number[])[]; members: Set<number> }>();
  for (const circle of circles) {
    const touched = new Set(circle.flatMap((one) => parts.get(one) ?? []));
    const part = { circles: [circle], members: new Set(circle) };
    for (const other of touched) {
      part.circles.push(...other.circles);
      other.members.forEach((one) => part.members.add(one));
    }
    part.members.forEach((one) => parts.set(one, part));
  }
  return [...new Set(parts.values())].map((part) => part.circles);
}

/** Packs sets that have nobody in common, by branching on whether the smallest one is among them. */
class Packing {
  private best = 0;
  private looks = 0;

  /** The most of these, up to `enough`; an upper bound where the looks at sets do not last. */
  most(circles: readonly (readonly number[])[], enough: number): number {
    const inOrder = [...circles].sort((a, b) => a.length - b.length);
    this.best = 0;
    this.extend(inOrder, 0, enough);
    return this.looks > MOST_LOOKS ? this.touching(inOrder) : this.best;
  }

  private extend(left: readonly (readonly number[])[], chosen: number, enough: number): void {
    if (chosen > this.best) this.best = chosen;
    const [first] = left;
    if (!first || this.best >= enough || this.looks > MOST_LOOKS) return;
    if (chosen + this.touching(left) <= this.best) return;
    this.extend(
      left.filter((circle) => !circle.some((one) => first.includes(one))),
      chosen + 1,
      enough,
    );
    this.extend(left.slice(1), chosen, enough);
  }

  /** As many units as touch every set, taking the one that touches most again and again: no more sets are apart. */
  private touching(circles: readonly (readonly number[])[]): number {
    let left = circles;
    let count = 0;
    while (left.length > 0) {
      this.looks += left.length;
      const touches = new Map<number, number>();
      for (const circle of left) {
        for (const one of circle) touches.set(one, (touches.get(one) ?? 0) + 1);
      }
      const [top] = [...touches].reduce((a, b) => (b[1] > a[1] ? b : a));
      left = left.filter((circle) => !circle.includes(top));
      count++;
    }
    return count;
  }
}
