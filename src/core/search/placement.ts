import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { COUNTINGS, type Counting } from '../rules/counting';

/** Whether pins and sections let a unit into a group at all. */
export function mayEverSit(
  { sectionOfGroup, sectionOfStudent }: Problem,
  { studentsByUnit, startOfUnit, pinsOfStudent }: Units,
  unit: number,
  group: number,
): boolean {
  const section = sectionOfGroup[group] as number;
  const end = startOfUnit[unit + 1] as number;
  for (let place = startOfUnit[unit] as number; place < end; place++) {
    const student = studentsByUnit[place] as number;
    if (section !== -1 && sectionOfStudent[student] !== section) return false;
    if (pinsOfStudent.get(student)?.some((pinned) => pinned !== group)) return false;
  }
  return true;
}

/**
 * Some units in groups, the others nowhere yet, with what each placement leaves possible: free seats, groups
 * blocked by apart rules, pins and sections, and the counts of marked students. Every answer it gives is a plain
 * consequence of the rules, never a guess, so that a search over it can prove that there is nothing to find.
 */
export class Placement {
  /** unit → group, -1 while unplaced; length unitCount. */
  readonly groupOfUnit: Int32Array;
  /** Units that a rule speaks of: all that need placing, the others go wherever seats are left. */
  readonly constrained: Int32Array;
  /** unit → number that identical units share; only those without apart rules have one, others -1. */
  readonly signOfUnit: Int32Array;
  /** group → students in it. */
  private readonly used: Int32Array;
  /** class → larger sizes not yet needed by one of its groups. */
  private readonly extrasLeft: Int32Array;
  /** unit → its row in `blocked`; -1 for units that no rule speaks of. */
  private readonly rowOfUnit: Int32Array;
  /** row * groupCount + group → how many things keep the unit out of the group. */
  private readonly blocked: Int32Array;
  /** The same before anything is placed: what pins and sections forbid. */
  private readonly never: Int32Array;
  private readonly marks: readonly Marks[];

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
  ) {
    const { unitCount } = units;
    this.groupOfUnit = new Int32Array(unitCount);
    this.used = new Int32Array(problem.groupCount);
    this.extrasLeft = new Int32Array(problem.extrasOfClass.length);
    this.marks = problem.rules
      .filter((rule): rule is MarkedProblemRule => 'marked' in rule)
      .map((rule) => new Marks(rule, problem, units));
    this.constrained = Int32Array.from({ length: unitCount }, (_, unit) => unit).filter((unit) =>
      this.isConstrained(unit),
    );
    this.signOfUnit = this.signs();
    this.rowOfUnit = new Int32Array(unitCount).fill(-1);
    this.constrained.forEach((unit, row) => (this.rowOfUnit[unit] = row));
    const { groupCount } = problem;
    this.never = Int32Array.from({ length: this.constrained.length * groupCount }, (_, cell) => {
      const unit = this.constrained[Math.floor(cell / groupCount)] as number;
      return mayEverSit(problem, units, unit, cell % groupCount) ? 0 : 1;
    });
    this.blocked = this.never.slice();
    this.clear();
  }

  clear(): void {
    this.groupOfUnit.fill(-1);
    this.used.fill(0);
    this.extrasLeft.set(this.problem.extrasOfClass);
    this.marks.forEach((marks) => marks.clear());
    this.blocked.set(this.never);
  }

  /** Whether the unit can go into the group as things stand. */
  fits(unit: number, group: number): boolean {
    const row = this.rowOfUnit[unit] as number;
    if ((this.blocked[row * this.problem.groupCount + group] as number) > 0) return false;
    if (this.room(group) < (this.units.sizeOfUnit[unit] as number)) return false;
    return this.marks.every((marks) => marks.fits(unit, group));
  }

  isEmpty(group: number): boolean {
    return this.used[group] === 0;
  }

  /** Seats that the group still has at most. */
  room(group: number): number {
    const { classOfGroup, baseOfClass } = this.problem;
    const of = classOfGroup[group] as number;
    const base = baseOfClass[of] as number;
    const used = this.used[group] as number;
    const extra = used > base || (this.extrasLeft[of] as number) > 0 ? 1 : 0;
    return base + extra - used;
  }

  put(unit: number, group: number): void {
    this.seat(unit, group, 1);
    this.groupOfUnit[unit] = group;
  }

  takeBack(unit: number): void {
    this.seat(unit, this.groupOfUnit[unit] as number, -1);
    this.groupOfUnit[unit] = -1;
  }

  /** Keeps a unit out of a group, or lets it in again. */
  block(unit: number, group: number, step: 1 | -1): void {
    const row = this.rowOfUnit[unit] as number;
    if (row < 0) return;
    const cell = row * this.problem.groupCount + group;
    this.blocked[cell] = (this.blocked[cell] as number) + step;
  }

  /** False where the marked students left can no longer bring every group what it lacks. */
  isHopeful(): boolean {
    return this.marks.every((marks) => marks.isHopeful((group) => this.room(group)));
  }

  /** Writes the group of every student, the unplaced ones dealt at random into the seats left; false if they have none. */
  complete(rng: Rng, groupOfStudent: Int32Array): boolean {
    const { unitOfStudent } = this.units;
    const rest = Int32Array.from({ length: this.problem.studentCount }, (_, i) => i).filter(
      (student) => this.groupOfUnit[unitOfStudent[student] as number] === -1,
    );
    shuffle(rng, rest);
    unitOfStudent.forEach((unit, student) => {
      groupOfStudent[student] = this.groupOfUnit[unit] as number;
    });
    const free = this.seatsLeft(rng);
    for (const student of rest) {
      const section = this.problem.sectionOfStudent[student];
      const group = free.findIndex((seats, g) => {
        const of = this.problem.sectionOfGroup[g];
        return seats > 0 && (of === -1 || of === section);
      });
      if (group < 0) return false;
      free[group] = (free[group] as number) - 1;
      groupOfStudent[student] = group;
    }
    return true;
  }

  /** group → seats left, the larger sizes that nobody needed yet dealt at random. */
  private seatsLeft(rng: Rng): Int32Array {
    const { groupCount, classOfGroup, baseOfClass } = this.problem;
    const order = Int32Array.from({ length: groupCount }, (_, group) => group);
    shuffle(rng, order);
    const extras = this.extrasLeft.slice();
    const free = new Int32Array(groupCount);
    for (const group of order) {
      const of = classOfGroup[group] as number;
      const base = baseOfClass[of] as number;
      const used = this.used[group] as number;
      const larger = used > base ? 1 : (extras[of] as number) > 0 ? 1 : 0;
      if (used <= base && larger === 1) extras[of] = (extras[of] as number) - 1;
      free[group] = base + larger - used;
    }
    return free;
  }

  private seat(unit: number, group: number, step: 1 | -1): void {
    const { problem, units } = this;
    const of = problem.classOfGroup[group] as number;
    const base = problem.baseOfClass[of] as number;
    const before = this.used[group] as number;
    const after = before + step * (units.sizeOfUnit[unit] as number);
    this.used[group] = after;
    if (after > base !== before > base) {
      this.extrasLeft[of] = (this.extrasLeft[of] as number) - step;
    }
    const end = units.startOfNeighbours[unit + 1] as number;
    for (let place = units.startOfNeighbours[unit] as number; place < end; place++) {
      this.block(units.neighbours[place] as number, group, step);
    }
    this.marks.forEach((marks) => marks.count(unit, group, step));
  }

  private isConstrained(unit: number): boolean {
    const { units } = this;
    const alone = (units.sizeOfUnit[unit] as number) === 1;
    const free = units.startOfNeighbours[unit] === units.startOfNeighbours[unit + 1];
    const student = units.studentsByUnit[units.startOfUnit[unit] as number] as number;
    const pinned = units.pinsOfStudent.has(student);
    return !alone || !free || pinned || this.marks.some((marks) => marks.ofUnit(unit) > 0);
  }

  private signs(): Int32Array {
    const { units, problem } = this;
    const known = new Map<string, number>();
    return Int32Array.from({ length: units.unitCount }, (_, unit) => {
      if (units.startOfNeighbours[unit] !== units.startOfNeighbours[unit + 1]) return -1;
      const first = units.studentsByUnit[units.startOfUnit[unit] as number] as number;
      if (units.pinsOfStudent.has(first) || (units.sizeOfUnit[unit] as number) > 1) return -1;
      const section = problem.sectionOfStudent[first] as number;
      const key = [section, ...this.marks.map((marks) => marks.ofUnit(unit))].join();
      const sign = known.get(key) ?? known.size;
      known.set(key, sign);
      return sign;
    });
  }
}

/** Where the marked students of one rule stand, and what the groups still lack. */
class Marks {
  /** group → marked students in it. */
  private readonly counts: Int32Array;
  /** unit → marked students in it. */
  private readonly markedOfUnit: Int32Array;
  private readonly all: number;
  private readonly counting: Counting;
  private left = 0;

  constructor(
    private readonly rule: MarkedProblemRule,
    private readonly problem: Problem,
    { unitCount, unitOfStudent }: Units,
  ) {
    this.counting = COUNTINGS[rule.kind];
    this.counts = new Int32Array(problem.groupCount);
    this.markedOfUnit = new Int32Array(unitCount);
    unitOfStudent.forEach((unit, student) => {
      this.markedOfUnit[unit] =
        (this.markedOfUnit[unit] as number) + (rule.marked[student] as number);
    });
    this.all = this.markedOfUnit.reduce((sum, count) => sum + count, 0);
  }

  ofUnit(unit: number): number {
    return this.markedOfUnit[unit] as number;
  }

  clear(): void {
    this.counts.fill(0);
    this.left = this.all;
  }

  count(unit: number, group: number, step: 1 | -1): void {
    const marked = this.markedOfUnit[unit] as number;
    this.counts[group] = (this.counts[group] as number) + step * marked;
    this.left -= step * marked;
  }

  fits(unit: number, group: number): boolean {
    const marked = this.markedOfUnit[unit] as number;
    const room = this.counting.room(this.rule.count, this.counts[group] as number, marked);
    return marked === 0 || marked <= room;
  }

  /** False only where no way of placing the marked students left can keep the rule. */
  isHopeful(room: (group: number) => number): boolean {
    const { count } = this.rule;
    let lacking = 0;
    let takes = 0;
    let canPair = false;
    for (let group = 0; group < this.problem.groupCount; group++) {
      const held = this.counts[group] as number;
      const seats = room(group);
      const lack = this.counting.lack(count, held);
      if (lack > seats) return false;
      lacking += lack;
      takes += this.counting.room(count, held, seats);
      // One more can sit with another, or two can sit down together.
      canPair ||= held > 0 ? seats > 0 : seats > 1 && this.left > 1;
    }
    if (lacking > this.left || takes < this.left) return false;
    return !this.counting.inCompany || this.left === 0 || canPair;
  }
}
