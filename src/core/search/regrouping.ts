import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { Exchange, type Arrangement } from '../terms/arrangement';
import type { Objective } from './objective';
import { MOST_OPEN, type Reseating } from './reseating';

/**
 * Takes the members of a few groups from one seating of them to another by exchanges of as many for as many, so that
 * the objective keeps its costs up to date: about one exchange for each pair of groups instead of all worked out anew.
 */
export class Regrouping {
  /** Exchanges made. */
  exchanges = 0;
  /** Members of the open groups, as the units that are free come one after the other. */
  private readonly students: Int32Array;
  private count = 0;
  /** The same places: the group each had before, and is to have in the way last read. */
  private readonly home: Int32Array;
  private readonly target: Int32Array;
  private readonly chosen: Int32Array;
  private readonly open = new Int32Array(MOST_OPEN);
  private openCount = 0;
  /** group → its number among the open ones. */
  private readonly numberOf: Int32Array;
  /** from * openCount + to → the first who has that way to go, and who follows; -1 for nobody. */
  private readonly first = new Int32Array(MOST_OPEN * MOST_OPEN);
  private readonly following: Int32Array;
  private readonly exchange: Exchange;

  constructor(
    { studentCount, groupCount }: Problem,
    private readonly units: Units,
    private readonly arrangement: Arrangement,
    private readonly objective: Objective,
  ) {
    this.students = new Int32Array(studentCount);
    this.home = new Int32Array(studentCount);
    this.target = new Int32Array(studentCount);
    this.chosen = new Int32Array(studentCount);
    this.following = new Int32Array(studentCount);
    this.numberOf = new Int32Array(groupCount);
    this.exchange = new Exchange(studentCount, arrangement.capacity);
  }

  /** Notes who sits where in the first `count` of the groups, which `reseating` has just opened. */
  begin(reseating: Reseating, groups: Int32Array, count: number): void {
    const { units, arrangement } = this;
    this.openCount = count;
    for (let number = 0; number < count; number++) {
      const group = groups[number] as number;
      this.open[number] = group;
      this.numberOf[group] = number;
    }
    this.count = 0;
    for (let place = 0; place < reseating.freeCount; place++) {
      const unit = reseating.free[place] as number;
      const end = units.startOfUnit[unit + 1] as number;
      for (let at = units.startOfUnit[unit] as number; at < end; at++) {
        const student = units.studentsByUnit[at] as number;
        this.students[this.count] = student;
        this.home[this.count++] = arrangement.groupOfStudent[student] as number;
      }
    }
  }

  /** Seats everybody as the way that was found says; false, and nothing done, where that is how they sat before. */
  follow({ free, freeCount, groupOfPlace }: Reseating): boolean {
    const { units, target, home } = this;
    let at = 0;
    let moves = false;
    for (let place = 0; place < freeCount; place++) {
      const group = groupOfPlace[place] as number;
      const end = at + (units.sizeOfUnit[free[place] as number] as number);
      for (; at < end; at++) {
        target[at] = group;
        moves ||= group !== home[at];
      }
    }
    if (moves) this.seat(target);
    return moves;
  }

  /** Remembers the way last followed. */
  choose(): void {
    for (let at = 0; at < this.count; at++) this.chosen[at] = this.target[at] as number;
  }

  /** Seats everybody as in the way remembered. */
  seatChosen(): void {
    this.seat(this.chosen);
  }

  /** Seats everybody as before. */
  seatBack(): void {
    this.seat(this.home);
  }

  private seat(target: Int32Array): void {
    if (!this.sort(target)) return;
    const { openCount, exchange, open } = this;
    // Whoever can change places straight does so, all of two groups at once.
    for (let one = 0; one < openCount; one++) {
      for (let two = one + 1; two < openCount; two++) {
        if (!this.hasWay(one, two) || !this.hasWay(two, one)) continue;
        exchange.begin(open[one] as number, open[two] as number);
        while (this.hasWay(one, two) && this.hasWay(two, one)) {
          exchange.addGoing(this.students[this.take(one, two)] as number);
          exchange.addComing(this.students[this.take(two, one)] as number);
        }
        this.make();
      }
    }
    // The others go in rings: one goes where they belong, and whoever leaves there takes their place.
    for (let from = 0; from < openCount; from++) {
      for (let to = this.wayFrom(from); to >= 0; to = this.wayFrom(from)) {
        const going = this.take(from, to);
        const next = this.wayFrom(to);
        const coming = this.take(to, next);
        exchange.begin(open[from] as number, open[to] as number);
        exchange.addGoing(this.students[going] as number);
        exchange.addComing(this.students[coming] as number);
        this.make();
        if (next !== from) this.put(coming, from, next);
      }
    }
  }

  /** Sorts those who are not where they are to be by the way they have to go; false where there are none. */
  private sort(target: Int32Array): boolean {
    const { groupOfStudent } = this.arrangement;
    this.first.fill(-1, 0, this.openCount ** 2);
    let away = false;
    for (let at = 0; at < this.count; at++) {
      const from = groupOfStudent[this.students[at] as number] as number;
      const to = target[at] as number;
      if (from === to) continue;
      away = true;
      this.put(at, this.numberOf[from] as number, this.numberOf[to] as number);
    }
    return away;
  }

  private make(): void {
    this.objective.commit(this.exchange, this.arrangement);
    this.exchanges++;
  }

  private put(at: number, from: number, to: number): void {
    const cell = from * this.openCount + to;
    this.following[at] = this.first[cell] as number;
    this.first[cell] = at;
  }

  private take(from: number, to: number): number {
    const cell = from * this.openCount + to;
    const at = this.first[cell] as number;
    this.first[cell] = this.following[at] as number;
    return at;
  }

  private hasWay(from: number, to: number): boolean {
    return this.first[from * this.openCount + to] !== -1;
  }

  /** A group that somebody in this one is to go to; -1 for none. */
  private wayFrom(from: number): number {
    for (let to = 0; to < this.openCount; to++) if (this.hasWay(from, to)) return to;
    return -1;
  }
}
