import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';

/**
 * Units being put into groups one at a time, with what that leaves open for the others.
 *
 * Only units with a rule matter (several students, or somebody to be apart from): the seats add up to the
 * students, so the free ones always fit into whatever is left.
 */
export class Placement {
  /** Units with a rule; the search places only these. */
  readonly constrained: Int32Array;
  /** unit → group, -1 while unplaced; length unitCount. */
  readonly groupOfUnit: Int32Array;
  /** group → seats still free; length groupCount. */
  readonly freeSeats: Int32Array;
  /** unit * groupCount + group → neighbours of the unit placed in the group. */
  private readonly blocked: Int16Array;

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
  ) {
    const { unitCount, sizeOfUnit, startOfNeighbours } = units;
    this.constrained = Int32Array.from({ length: unitCount }, (_, unit) => unit).filter(
      (unit) =>
        (sizeOfUnit[unit] as number) > 1 || startOfNeighbours[unit + 1] !== startOfNeighbours[unit],
    );
    this.groupOfUnit = new Int32Array(unitCount).fill(-1);
    this.freeSeats = problem.sizeOfGroup.slice();
    this.blocked = new Int16Array(unitCount * problem.groupCount);
  }

  clear(): void {
    this.groupOfUnit.fill(-1);
    this.freeSeats.set(this.problem.sizeOfGroup);
    this.blocked.fill(0);
  }

  fits(unit: number, group: number): boolean {
    return (
      this.blocked[unit * this.problem.groupCount + group] === 0 &&
      (this.freeSeats[group] as number) >= (this.units.sizeOfUnit[unit] as number)
    );
  }

  isEmpty(group: number): boolean {
    return this.freeSeats[group] === this.problem.sizeOfGroup[group];
  }

  put(unit: number, group: number): void {
    this.change(unit, group, 1);
    this.groupOfUnit[unit] = group;
  }

  takeBack(unit: number): void {
    this.change(unit, this.groupOfUnit[unit] as number, -1);
    this.groupOfUnit[unit] = -1;
  }

  private change(unit: number, group: number, step: 1 | -1): void {
    const { sizeOfUnit, neighbours, startOfNeighbours } = this.units;
    this.freeSeats[group] = (this.freeSeats[group] as number) - step * (sizeOfUnit[unit] as number);
    const end = startOfNeighbours[unit + 1] as number;
    for (let place = startOfNeighbours[unit] as number; place < end; place++) {
      const cell = (neighbours[place] as number) * this.problem.groupCount + group;
      this.blocked[cell] = (this.blocked[cell] as number) + step;
    }
  }

  /** Writes the group of every student, the unplaced ones dealt at random into the free seats. */
  complete(rng: Rng, groupOfStudent: Int32Array): void {
    const { unitOfStudent } = this.units;
    const rest = Int32Array.from({ length: this.problem.studentCount }, (_, i) => i).filter(
      (student) => this.groupOfUnit[unitOfStudent[student] as number] === -1,
    );
    shuffle(rng, rest);
    unitOfStudent.forEach((unit, student) => {
      groupOfStudent[student] = this.groupOfUnit[unit] as number;
    });
    let next = 0;
    this.freeSeats.forEach((free, group) => {
      for (let seat = 0; seat < free; seat++) groupOfStudent[rest[next++] as number] = group;
    });
  }
}
