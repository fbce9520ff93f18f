import type { Problem } from '../problem/problem';
import { shuffle, uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';

/**
 * Looks for an arrangement with as few broken pairs as it can find, by swapping students: the way to the
 * least bad result where the rules cannot all hold, and a last chance where the complete search gave up.
 *
 * A penalty is the number of pairs that meet though they must be apart, plus pairs separated though they
 * must be together; 0 means every rule holds. Tabu search (Glover 1989) on swaps that involve a troubled student.
 */
export class Repair {
  readonly incumbent: Int32Array;
  incumbentPenalty: number;
  private readonly groupOfStudent: Int32Array;
  private penalty: number;
  /** student → swap count until which the student may not be swapped again. */
  private readonly tabuUntil: Int32Array;
  private swapsDone = 0;
  private readonly pairs: PairLists;

  constructor(
    private readonly problem: Problem,
    private readonly rng: Rng,
  ) {
    this.pairs = pairLists(problem);
    this.groupOfStudent = dealAtRandom(problem, rng);
    this.tabuUntil = new Int32Array(problem.studentCount);
    this.penalty = this.fromScratch();
    this.incumbent = this.groupOfStudent.slice();
    this.incumbentPenalty = this.penalty;
  }

  /** Tries about `tries` swaps more; stops early at penalty 0. Returns the swaps tried. */
  run(tries: number): number {
    let tried = 0;
    while (tried < tries && this.incumbentPenalty > 0) tried += this.improveOnce();
    return tried;
  }

  private improveOnce(): number {
    const troubled = this.troubledStudent();
    if (troubled < 0) return 1;
    let best = -1;
    let bestDelta = Infinity;
    let ties = 0;
    for (let other = 0; other < this.problem.studentCount; other++) {
      if (this.groupOfStudent[other] === this.groupOfStudent[troubled]) continue;
      const delta = this.swapDelta(troubled, other);
      const tabu = (this.tabuUntil[other] as number) > this.swapsDone;
      if (tabu && this.penalty + delta >= this.incumbentPenalty) continue;
      if (delta > bestDelta) continue;
      ties = delta < bestDelta ? 1 : ties + 1;
      bestDelta = delta;
      if (ties === 1 || uniformInt(this.rng, ties) === 0) best = other;
    }
    if (best >= 0) this.swap(troubled, best, bestDelta);
    this.swapsDone++;
    return this.problem.studentCount;
  }

  private swap(one: number, two: number, delta: number): void {
    const group = this.groupOfStudent[one] as number;
    this.groupOfStudent[one] = this.groupOfStudent[two] as number;
    this.groupOfStudent[two] = group;
    this.penalty += delta;
    this.tabuUntil[one] = this.swapsDone + 4 + uniformInt(this.rng, 8);
    if (this.penalty < this.incumbentPenalty) {
      this.incumbentPenalty = this.penalty;
      this.incumbent.set(this.groupOfStudent);
    }
  }

  /** A random student in a broken pair, sought from a random place on; -1 when there is none. */
  private troubledStudent(): number {
    const { studentCount } = this.problem;
    const start = uniformInt(this.rng, studentCount);
    let resting = -1;
    for (let step = 0; step < studentCount; step++) {
      const student = (start + step) % studentCount;
      const group = this.groupOfStudent[student] as number;
      if (this.penaltyAt(student, group, -1) === 0) continue;
      if ((this.tabuUntil[student] as number) <= this.swapsDone) return student;
      resting = student;
    }
    return resting;
  }

  private swapDelta(one: number, two: number): number {
    const [a, b] = [this.groupOfStudent[one] as number, this.groupOfStudent[two] as number];
    return (
      this.penaltyAt(one, b, two) -
      this.penaltyAt(one, a, two) +
      this.penaltyAt(two, a, one) -
      this.penaltyAt(two, b, one)
    );
  }

  /** Broken pairs of the student if in `group`, leaving out the pair with `except`. */
  private penaltyAt(student: number, group: number, except: number): number {
    const { other, must, start } = this.pairs;
    let broken = 0;
    for (let place = start[student] as number; place < (start[student + 1] as number); place++) {
      const partner = other[place] as number;
      if (partner === except) continue;
      const together = this.groupOfStudent[partner] === group;
      if (together !== (must[place] === 1)) broken++;
    }
    return broken;
  }

  private fromScratch(): number {
    let twice = 0;
    this.groupOfStudent.forEach((group, student) => {
      twice += this.penaltyAt(student, group, -1);
    });
    return twice / 2;
  }
}

interface PairLists {
  /** length studentCount + 1: pairs of student s stand from start[s] to start[s + 1]. */
  readonly start: Int32Array;
  readonly other: Int32Array;
  /** 1: must be together, 0: must be apart. */
  readonly must: Uint8Array;
}

function pairLists(problem: Problem): PairLists {
  const lists = Array.from({ length: problem.studentCount }, (): [number, number][] => []);
  for (const rule of problem.rules) {
    const must = rule.kind === 'together' ? 1 : 0;
    for (const one of rule.members) {
      for (const two of rule.members) if (one !== two) lists[one]?.push([two, must]);
    }
  }
  const start = new Int32Array(problem.studentCount + 1);
  lists.forEach((list, student) => {
    start[student + 1] = (start[student] as number) + list.length;
  });
  const flat = lists.flat();
  return {
    start,
    other: Int32Array.from(flat, ([two]) => two),
    must: Uint8Array.from(flat, ([, must]) => must),
  };
}

function dealAtRandom(problem: Problem, rng: Rng): Int32Array {
  const groups = new Int32Array(problem.studentCount);
  let seat = 0;
  problem.sizeOfGroup.forEach((size, group) => {
    groups.fill(group, seat, seat + size);
    seat += size;
  });
  shuffle(rng, groups);
  return groups;
}
