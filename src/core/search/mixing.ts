import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { uniformInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';

/**
 * Walks from one valid arrangement to others until where it began no longer shows.
 *
 * Each step picks a unit and, in another group, as many students as the unit has; if they are whole units and
 * the rules allow it, the two change places. A step and its reverse are equally likely (corrected by the
 * Metropolis rule where the groups' sizes differ), so the walk favours no valid arrangement it can reach
 * (Metropolis et al. 1953). Cost of a step: unit size x neighbours.
 */
export function mix(
  problem: Problem,
  units: Units,
  groupOfStudent: Int32Array,
  steps: number,
  rng: Rng,
): void {
  if (problem.groupCount < 2) return;
  const walk = new Walk(problem, units, groupOfStudent, rng);
  for (let step = 0; step < steps; step++) walk.step();
}

class Walk {
  /** Students sorted by group: seats of group g from startOfGroup[g]. */
  private readonly studentOfSeat: Int32Array;
  private readonly seatOfStudent: Int32Array;
  private readonly startOfGroup: Int32Array;

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly groupOfStudent: Int32Array,
    private readonly rng: Rng,
  ) {
    this.studentOfSeat = new Int32Array(problem.studentCount);
    this.seatOfStudent = new Int32Array(problem.studentCount);
    this.startOfGroup = new Int32Array(problem.groupCount + 1);
    problem.sizeOfGroup.forEach((size, group) => {
      this.startOfGroup[group + 1] = (this.startOfGroup[group] as number) + size;
    });
    const next = this.startOfGroup.slice();
    groupOfStudent.forEach((group, student) => {
      const seat = next[group] as number;
      next[group] = seat + 1;
      this.seat(student, seat);
    });
  }

  step(): void {
    const { problem, units, rng } = this;
    const student = uniformInt(rng, problem.studentCount);
    const home = this.groupOfStudent[student] as number;
    const draw = uniformInt(rng, problem.groupCount - 1);
    const away = draw < home ? draw : draw + 1;
    const unit = units.unitOfStudent[student] as number;
    const width = units.sizeOfUnit[unit] as number;
    const homeSize = problem.sizeOfGroup[home] as number;
    const awaySize = problem.sizeOfGroup[away] as number;
    if (width > awaySize) return;
    this.drawToFront(away, width);
    if (!this.frontIsWholeUnits(away, width)) return;
    if (homeSize !== awaySize) {
      const ratio = choose(awaySize, width) / choose(homeSize, width);
      if (uniformUnit(rng) >= ratio) return;
    }
    this.exchange(unit, home, away, width);
  }

  /** Puts a uniformly random set of `width` students of the group into its first seats. */
  private drawToFront(group: number, width: number): void {
    const start = this.startOfGroup[group] as number;
    const size = this.problem.sizeOfGroup[group] as number;
    for (let i = 0; i < width; i++) {
      this.swapSeats(start + i, start + i + uniformInt(this.rng, size - i));
    }
  }

  private frontIsWholeUnits(group: number, width: number): boolean {
    const { unitOfStudent, sizeOfUnit } = this.units;
    const start = this.startOfGroup[group] as number;
    for (let i = 0; i < width; i++) {
      const unit = unitOfStudent[this.studentOfSeat[start + i] as number] as number;
      let inFront = 0;
      for (let j = 0; j < width; j++) {
        if (unitOfStudent[this.studentOfSeat[start + j] as number] === unit) inFront++;
      }
      if (inFront !== sizeOfUnit[unit]) return false;
    }
    return true;
  }

  /** Swaps the unit with the first `width` seats of `away`, unless that breaks a rule. */
  private exchange(unit: number, home: number, away: number, width: number): void {
    this.relabel(unit, away, home, away, width);
    if (this.meetsNeighbour(unit, away) || this.frontMeetsNeighbour(away, home, width)) {
      this.relabel(unit, away, away, home, width);
      return;
    }
    const unitStart = this.units.startOfUnit[unit] as number;
    const awayStart = this.startOfGroup[away] as number;
    for (let i = 0; i < width; i++) {
      const member = this.units.studentsByUnit[unitStart + i] as number;
      this.swapSeats(this.seatOfStudent[member] as number, awayStart + i);
    }
  }

  /** Writes the groups of the unit's students and of those in the first `width` seats of group `front`. */
  private relabel(
    unit: number,
    front: number,
    groupOfFront: number,
    groupOfUnit: number,
    width: number,
  ): void {
    const unitStart = this.units.startOfUnit[unit] as number;
    const frontStart = this.startOfGroup[front] as number;
    for (let i = 0; i < width; i++) {
      this.groupOfStudent[this.studentOfSeat[frontStart + i] as number] = groupOfFront;
      this.groupOfStudent[this.units.studentsByUnit[unitStart + i] as number] = groupOfUnit;
    }
  }

  private frontMeetsNeighbour(front: number, group: number, width: number): boolean {
    const start = this.startOfGroup[front] as number;
    for (let i = 0; i < width; i++) {
      const unit = this.units.unitOfStudent[this.studentOfSeat[start + i] as number] as number;
      if (this.meetsNeighbour(unit, group)) return true;
    }
    return false;
  }

  /** Whether a student whom the unit must not meet is in the group. */
  private meetsNeighbour(unit: number, group: number): boolean {
    const { neighbours, startOfNeighbours, studentsByUnit, startOfUnit } = this.units;
    const end = startOfNeighbours[unit + 1] as number;
    for (let place = startOfNeighbours[unit] as number; place < end; place++) {
      const other = studentsByUnit[startOfUnit[neighbours[place] as number] as number] as number;
      if (this.groupOfStudent[other] === group) return true;
    }
    return false;
  }

  private swapSeats(a: number, b: number): void {
    const one = this.studentOfSeat[a] as number;
    this.seat(this.studentOfSeat[b] as number, a);
    this.seat(one, b);
  }

  private seat(student: number, seat: number): void {
    this.studentOfSeat[seat] = student;
    this.seatOfStudent[student] = seat;
  }
}

/** Ways to choose k of n, as a double; exact while below 2^53. */
function choose(n: number, k: number): number {
  let ways = 1;
  for (let i = 1; i <= k; i++) ways = (ways * (n - k + i)) / i;
  return ways;
}
