import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';

/** Chooses among swaps that break as much, and is told of each that is made, before it is. */
export interface Guide {
  /** What swapping two students of two groups costs. */
  weigh(one: number, two: number): number;
  made(one: number, two: number): void;
}

/** More than any cost; a whole number, so that what is compared with it stays one (measured). */
const MOST = 1 << 30;

/**
 * Betters one arrangement where nothing is asked but that some students be apart: tabu search on swaps (Hertz and de
 * Werra 1987), with the neighbours of every student in every group kept (Fleurent and Ferland 1996), so that a swap
 * is weighed by five numbers: far faster than the search for all rules. Short tabu times serve best (measured).
 */
export class ApartTabu {
  /** The best arrangement since `begin`, and its pairs that meet though they must not. */
  readonly best: Int32Array;
  bestPenalty = MOST;
  private readonly groupOfStudent: Int32Array;
  /** group * studentCount + student → students in the group whom the student must not meet. */
  private readonly meets: Int32Array;
  /** student → that number in their own group. */
  private readonly trouble: Int32Array;
  /** one * studentCount + two → 2 where the two must be apart. */
  private readonly apart: Uint8Array;
  /** student → where those to be kept apart from them begin in `neighbours`. */
  private readonly startOfNeighbours: Int32Array;
  private readonly neighbours: Int32Array;
  /** group * studentCount + student → swap until which the student stays out of the group. */
  private readonly tabuUntil: Int32Array;
  /** Students by group, where each group's begin, and the seat each has there. */
  private readonly seats: Int32Array;
  private readonly startOfGroup: Int32Array;
  private readonly seatOfStudent: Int32Array;
  /** seat → what its student would cost in the group that is looked at; group → the least of those. */
  private readonly costOfSeat: Int32Array;
  private readonly leastOfGroup: Int32Array;
  private bestOne = -1;
  private bestTwo = -1;
  private bestDelta = MOST;
  private ties = 0;
  /** What the guide says of the best. */
  private bestCost = 0;
  /** Whether what is forbidden may be done where that is better than all before. */
  private aspires = true;
  private penalty = 0;
  private swaps = 0;

  /** Without together rules every student is a unit of one, and has its number. */
  constructor(
    private readonly problem: Problem,
    units: Units,
    private readonly rng: Rng,
    private readonly guide: Guide | null = null,
  ) {
    const { studentCount, groupCount } = problem;
    this.groupOfStudent = new Int32Array(studentCount);
    this.best = new Int32Array(studentCount);
    this.trouble = new Int32Array(studentCount);
    this.meets = new Int32Array(studentCount * groupCount);
    this.apart = new Uint8Array(studentCount * studentCount);
    this.tabuUntil = new Int32Array(studentCount * groupCount);
    this.seats = new Int32Array(studentCount);
    this.seatOfStudent = new Int32Array(studentCount);
    this.costOfSeat = new Int32Array(studentCount);
    this.leastOfGroup = new Int32Array(groupCount);
    this.startOfGroup = new Int32Array(groupCount + 1);
    this.startOfNeighbours = units.startOfNeighbours;
    this.neighbours = units.neighbours;
    for (let student = 0; student < studentCount; student++) {
      const end = this.startOfNeighbours[student + 1] as number;
      for (let place = this.startOfNeighbours[student] as number; place < end; place++)
        this.apart[student * studentCount + (this.neighbours[place] as number)] = 2;
    }
  }

  /** Starts from another arrangement; what was forbidden is forgotten. */
  begin(start: Int32Array): void {
    const { studentCount } = this.problem;
    this.groupOfStudent.set(start);
    this.meets.fill(0);
    this.tabuUntil.fill(0);
    for (let student = 0; student < studentCount; student++) {
      const row = (start[student] as number) * studentCount;
      const end = this.startOfNeighbours[student + 1] as number;
      for (let place = this.startOfNeighbours[student] as number; place < end; place++) {
        const cell = row + (this.neighbours[place] as number);
        this.meets[cell] = (this.meets[cell] as number) + 1;
      }
    }
    let met = 0;
    for (let student = 0; student < studentCount; student++) {
      const own = this.meets[(start[student] as number) * studentCount + student] as number;
      this.trouble[student] = own;
      met += own;
    }
    this.penalty = met / 2;
    this.seat();
    this.best.set(start);
    this.bestPenalty = this.penalty;
    this.aspires = true;
  }

  /** Lets two students drawn at random change places and stay there until the next beginning; that is the best there is. */
  disturb(): void {
    const { groupOfStudent, tabuUntil, rng } = this;
    const { studentCount } = this.problem;
    const one = uniformInt(rng, studentCount);
    const home = groupOfStudent[one] as number;
    let two = one;
    while (groupOfStudent[two] === home) two = uniformInt(rng, studentCount);
    const away = groupOfStudent[two] as number;
    this.swap(one, two, this.deltaOf(one, home, two, away));
    tabuUntil[home * studentCount + one] = MOST;
    tabuUntil[away * studentCount + two] = MOST;
    this.aspires = false;
    this.best.set(groupOfStudent);
    this.bestPenalty = this.penalty;
  }

  private deltaOf(one: number, home: number, two: number, away: number): number {
    const { meets, trouble, apart } = this;
    const { studentCount } = this.problem;
    return (
      (meets[away * studentCount + one] as number) +
      (meets[home * studentCount + two] as number) -
      (trouble[one] as number) -
      (trouble[two] as number) -
      (apart[one * studentCount + two] as number)
    );
  }

  /** Makes at most so many swaps; stops at penalty 0. Returns how many swaps were weighed. */
  run(swaps: number): number {
    let weighed = 0;
    for (let left = swaps; left > 0 && this.bestPenalty > 0; left--) weighed += this.improveOnce();
    return weighed;
  }

  /**
   * The best swap of anybody in trouble that is not forbidden; returns the swaps weighed. What each of the others costs
   * in a group is taken once for all who might leave it; groups where even the cheapest is too dear are passed over.
   */
  private improveOnce(): number {
    const { seats, startOfGroup, trouble } = this;
    this.swaps++;
    this.bestOne = -1;
    this.bestDelta = MOST;
    this.ties = 0;
    let weighed = 0;
    for (let home = 0; home < this.problem.groupCount; home++) {
      let weighedHere = false;
      const end = startOfGroup[home + 1] as number;
      for (let seat = startOfGroup[home] as number; seat < end; seat++) {
        const one = seats[seat] as number;
        if (trouble[one] === 0) continue;
        if (!weighedHere) this.weighNewcomers(home);
        weighedHere = true;
        this.weighLeaving(one, home);
        weighed += this.problem.studentCount;
      }
    }
    if (this.bestOne >= 0) this.swap(this.bestOne, this.bestTwo, this.bestDelta);
    return weighed;
  }

  /** What everybody else would cost in a group, less what they cost where they are. */
  private weighNewcomers(home: number): void {
    const { seats, startOfGroup, trouble, meets, costOfSeat, leastOfGroup } = this;
    const { studentCount, groupCount } = this.problem;
    const row = home * studentCount;
    for (let group = 0; group < groupCount; group++) {
      const end = startOfGroup[group + 1] as number;
      let least = MOST;
      for (let seat = startOfGroup[group] as number; seat < end; seat++) {
        const student = seats[seat] as number;
        const cost = (meets[row + student] as number) - (trouble[student] as number);
        costOfSeat[seat] = cost;
        if (cost < least) least = cost;
      }
      leastOfGroup[group] = least;
    }
  }

  private weighLeaving(one: number, home: number): void {
    const { seats, startOfGroup, meets, apart, costOfSeat, leastOfGroup } = this;
    const { studentCount, groupCount } = this.problem;
    const saved = this.trouble[one] as number;
    const row = one * studentCount;
    for (let group = 0; group < groupCount; group++) {
      if (group === home) continue;
      const base = (meets[group * studentCount + one] as number) - saved;
      if (base + (leastOfGroup[group] as number) - 2 > this.bestDelta) continue;
      const end = startOfGroup[group + 1] as number;
      for (let seat = startOfGroup[group] as number; seat < end; seat++) {
        const two = seats[seat] as number;
        const delta = base + (costOfSeat[seat] as number) - (apart[row + two] as number);
        if (delta <= this.bestDelta) this.consider(one, home, two, group, delta);
      }
    }
  }

  private consider(one: number, home: number, two: number, away: number, delta: number): void {
    const { tabuUntil } = this;
    const { studentCount } = this.problem;
    const tabu =
      (tabuUntil[away * studentCount + one] as number) > this.swaps ||
      (tabuUntil[home * studentCount + two] as number) > this.swaps;
    if (tabu && (!this.aspires || this.penalty + delta >= this.bestPenalty)) return;
    this.ties = delta < this.bestDelta ? 1 : this.ties + 1;
    if (this.guide) {
      const cost = this.guide.weigh(one, two);
      if (this.ties > 1 && cost >= this.bestCost) return;
      this.bestCost = cost;
    } else if (this.ties > 1 && uniformInt(this.rng, this.ties) !== 0) return;
    this.bestOne = one;
    this.bestTwo = two;
    this.bestDelta = delta;
  }

  private swap(one: number, two: number, delta: number): void {
    const { studentCount } = this.problem;
    const home = this.groupOfStudent[one] as number;
    const away = this.groupOfStudent[two] as number;
    this.guide?.made(one, two);
    const [seatOfOne, seatOfTwo] = [
      this.seatOfStudent[one] as number,
      this.seatOfStudent[two] as number,
    ];
    this.sit(one, seatOfTwo);
    this.sit(two, seatOfOne);
    this.penalty += delta;
    this.move(one, home, away);
    this.move(two, away, home);
    const until = this.swaps + 2 + uniformInt(this.rng, 5) + Math.floor(0.15 * this.penalty);
    this.tabuUntil[home * studentCount + one] = until;
    this.tabuUntil[away * studentCount + two] = until;
    if (this.penalty >= this.bestPenalty) return;
    this.bestPenalty = this.penalty;
    this.best.set(this.groupOfStudent);
  }

  private move(student: number, from: number, to: number): void {
    const { groupOfStudent, meets, trouble, neighbours } = this;
    const { studentCount } = this.problem;
    groupOfStudent[student] = to;
    trouble[student] = meets[to * studentCount + student] as number;
    const end = this.startOfNeighbours[student + 1] as number;
    for (let place = this.startOfNeighbours[student] as number; place < end; place++) {
      const other = neighbours[place] as number;
      const group = groupOfStudent[other] as number;
      const before = from * studentCount + other;
      const after = to * studentCount + other;
      meets[before] = (meets[before] as number) - 1;
      meets[after] = (meets[after] as number) + 1;
      if (group === from) trouble[other] = meets[before];
      else if (group === to) trouble[other] = meets[after];
    }
  }

  private seat(): void {
    const { groupOfStudent, startOfGroup } = this;
    startOfGroup.fill(0);
    for (const group of groupOfStudent) {
      startOfGroup[group + 1] = (startOfGroup[group + 1] as number) + 1;
    }
    for (let group = 0; group < this.problem.groupCount; group++) {
      startOfGroup[group + 1] =
        (startOfGroup[group + 1] as number) + (startOfGroup[group] as number);
    }
    const next = startOfGroup.slice();
    groupOfStudent.forEach((group, student) => {
      const seat = next[group] as number;
      next[group] = seat + 1;
      this.sit(student, seat);
    });
  }

  private sit(student: number, seat: number): void {
    this.seats[seat] = student;
    this.seatOfStudent[student] = seat;
  }
}
