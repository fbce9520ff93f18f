import type { Problem } from '../problem/problem';
import type { Rng } from '../random/rng';

/**
 * Students changing places between two groups: those going leave `from` for `to`, those coming the other way.
 * Filled anew for each try; `moving` tells who is in it without a search.
 */
export class Exchange {
  from = 0;
  to = 0;
  readonly going: Int32Array;
  goingCount = 0;
  readonly coming: Int32Array;
  comingCount = 0;
  /** student → turn of the last exchange the student was in. */
  private readonly turnOfStudent: Int32Array;
  private turn = 0;

  constructor(studentCount: number, mostMoving: number) {
    this.going = new Int32Array(mostMoving);
    this.coming = new Int32Array(mostMoving);
    this.turnOfStudent = new Int32Array(studentCount);
  }

  begin(from: number, to: number): void {
    this.from = from;
    this.to = to;
    this.goingCount = 0;
    this.comingCount = 0;
    this.turn++;
  }

  addGoing(student: number): void {
    this.going[this.goingCount++] = student;
    this.turnOfStudent[student] = this.turn;
  }

  addComing(student: number): void {
    this.coming[this.comingCount++] = student;
    this.turnOfStudent[student] = this.turn;
  }

  copy(other: Exchange): void {
    this.begin(other.from, other.to);
    for (let i = 0; i < other.goingCount; i++) this.addGoing(other.going[i] as number);
    for (let i = 0; i < other.comingCount; i++) this.addComing(other.coming[i] as number);
  }

  moves(student: number): boolean {
    return this.turnOfStudent[student] === this.turn;
  }
}

/** Who sits where, with the seats of each group side by side so that a random one is found at once. */
export class Arrangement {
  /** student → group. */
  readonly groupOfStudent: Int32Array;
  /** group → students in it now. */
  readonly sizeOfGroup: Int32Array;
  /** Students of group g from g * capacity on. */
  readonly members: Int32Array;
  /** student → place in `members`. */
  readonly placeOfStudent: Int32Array;
  readonly capacity: number;

  constructor(problem: Problem, groupOfStudent: Int32Array) {
    const { studentCount, groupCount } = problem;
    this.groupOfStudent = new Int32Array(studentCount);
    this.sizeOfGroup = new Int32Array(groupCount);
    this.capacity = 1 + problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
    this.members = new Int32Array(groupCount * this.capacity);
    this.placeOfStudent = new Int32Array(studentCount);
    this.load(groupOfStudent);
  }

  /** Takes over an assignment; no group holds more than `capacity`. */
  load(groupOfStudent: Int32Array): void {
    this.sizeOfGroup.fill(0);
    this.groupOfStudent.set(groupOfStudent);
    groupOfStudent.forEach((group, student) => this.seat(student, group));
  }

  commit(exchange: Exchange): void {
    const { from, to } = exchange;
    for (let i = 0; i < exchange.goingCount; i++) this.unseat(exchange.going[i] as number, from);
    for (let i = 0; i < exchange.comingCount; i++) this.unseat(exchange.coming[i] as number, to);
    for (let i = 0; i < exchange.goingCount; i++) this.seat(exchange.going[i] as number, to);
    for (let i = 0; i < exchange.comingCount; i++) this.seat(exchange.coming[i] as number, from);
  }

  private seat(student: number, group: number): void {
    const size = this.sizeOfGroup[group] as number;
    const place = group * this.capacity + size;
    this.members[place] = student;
    this.placeOfStudent[student] = place;
    this.sizeOfGroup[group] = size + 1;
    this.groupOfStudent[student] = group;
  }

  private unseat(student: number, group: number): void {
    const size = (this.sizeOfGroup[group] as number) - 1;
    const last = this.members[group * this.capacity + size] as number;
    const place = this.placeOfStudent[student] as number;
    this.members[place] = last;
    this.placeOfStudent[last] = place;
    this.sizeOfGroup[group] = size;
  }
}

/**
 * One part of what a search looks at: a goal's cost or a kind of rule's penalty, kept up to date. `delta` says by
 * how much an exchange would change `value`, and leaves everything as it is; `commit` makes the change, before the
 * arrangement itself does. Lower is better, 0 is perfect.
 */
export interface Term {
  value: number;
  /** Works everything out anew. */
  reset(arrangement: Arrangement): void;
  delta(exchange: Exchange, arrangement: Arrangement): number;
  commit(exchange: Exchange, arrangement: Arrangement): void;
  /** The most that any exchange between two groups could take from `value`; where missing, all of it. */
  mostGain?(one: number, two: number, arrangement: Arrangement): number;
  /**
   * Which exchanges of as many for as many between two groups change `value` by less than `limit`: fills `span`, and
   * says whether it could.
   */
  narrow?(one: number, two: number, limit: number, span: Span): boolean;
  /**
   * What a group of these students, the first `count` of `members`, adds to `value` whoever else sits where; missing
   * where `value` is no sum over groups, or it matters which group it is.
   */
  ofGroup?(members: Int32Array, count: number): number;
  /** The same where it matters which group it is. */
  ofPlace?(members: Int32Array, count: number, group: number): number;
  /** Whether some of the students never add more by `ofGroup` than all of them do. */
  readonly ofGroupGrows?: boolean;
  /** Draws somebody of whom the value may become less in another group; false where nobody was found soon. */
  lead?(arrangement: Arrangement, rng: Rng, lead: Lead): boolean;
}

/** A student, and a group to move them to; filled anew for each draw. */
export interface Lead {
  student: number;
  to: number;
}

/** What the students going bring together less what those coming do must lie between `low` and `high`. */
export interface Span {
  /** student → what they bring. */
  ofStudent: Float64Array;
  low: number;
  high: number;
}
