import type { Problem } from '../problem/problem';
import { shuffle, uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import { tellGroupsApart } from '../rules/list';

/**
 * Deals everybody at random, and at random too which groups have the larger sizes where that may be seen. Taking the
 * first deal that keeps the rules makes every valid arrangement exactly equally likely (rejection sampling).
 */
export class Deal {
  readonly groupOfStudent: Int32Array;
  private readonly order: Int32Array;
  private readonly sizeOfGroup: Int32Array;
  /** section → its students in `order`, where sections have groups of their own; else one for all. */
  private readonly pools: readonly Int32Array[];
  private readonly groupsOfPool: readonly (readonly number[])[];
  private readonly sizesMatter: boolean;

  constructor(private readonly problem: Problem) {
    const { studentCount, sectionOfGroup, sectionOfStudent, sectionCount, rules } = problem;
    this.groupOfStudent = new Int32Array(studentCount);
    this.order = Int32Array.from({ length: studentCount }, (_, student) => student);
    this.sizeOfGroup = problem.sizeOfGroup.slice();
    const parted = sectionOfGroup.some((section) => section !== -1) && seatsFit(problem);
    this.pools = parted
      ? Array.from({ length: sectionCount }, (_, section) =>
          this.order.filter((student) => sectionOfStudent[student] === section),
        )
      : [this.order];
    const groups = [...sectionOfGroup.keys()];
    this.groupsOfPool = parted
      ? this.pools.map((_, section) => groups.filter((group) => sectionOfGroup[group] === section))
      : [groups];
    // Which group is the larger one is seen only where groups are told apart.
    this.sizesMatter = tellGroupsApart(rules);
  }

  draw(rng: Rng): void {
    if (this.sizesMatter) this.dealSizes(rng);
    this.pools.forEach((pool, index) => {
      shuffle(rng, pool);
      let seat = 0;
      for (const group of this.groupsOfPool[index] ?? []) {
        const end = seat + (this.sizeOfGroup[group] as number);
        for (; seat < end; seat++) this.groupOfStudent[pool[seat] as number] = group;
      }
    });
  }

  private dealSizes(rng: Rng): void {
    const { problem, sizeOfGroup } = this;
    const left = problem.extrasOfClass.slice();
    const groupsLeft = new Int32Array(left.length);
    problem.classOfGroup.forEach((of) => (groupsLeft[of] = (groupsLeft[of] as number) + 1));
    problem.classOfGroup.forEach((of, group) => {
      const larger = uniformInt(rng, groupsLeft[of] as number) < (left[of] as number) ? 1 : 0;
      sizeOfGroup[group] = (problem.baseOfClass[of] as number) + larger;
      left[of] = (left[of] as number) - larger;
      groupsLeft[of] = (groupsLeft[of] as number) - 1;
    });
  }
}

/** Whether the groups of each section have just as many seats as it has students. */
function seatsFit({
  sectionOfGroup,
  sizeOfGroup,
  sectionOfStudent,
  sectionCount,
}: Problem): boolean {
  const seats = new Int32Array(sectionCount);
  sectionOfGroup.forEach((section, group) => {
    if (section >= 0) seats[section] = (seats[section] as number) + (sizeOfGroup[group] as number);
  });
  sectionOfStudent.forEach((section) => (seats[section] = (seats[section] as number) - 1));
  return seats.every((left) => left === 0);
}
