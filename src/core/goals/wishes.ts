import type { Problem } from '../problem/problem';
import { quickInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Arrangement, Exchange, Lead, Term } from '../terms/arrangement';
import type { GoalKind } from './kind';
import { leastUnmet } from './wishesBound';

/** As many as can be get at least one partner they named; students without a wish to be had do not count. */
export const wishes: GoalKind<'wishes'> = {
  kind: 'wishes',
  prepare(problem, goal) {
    const wishers = wishersOf(problem);
    if (wishers === 0) return null;
    return {
      goal,
      term: new WishTerm(problem, 1 / wishers),
      leastValue: leastUnmet(problem) / wishers,
    };
  },
};

/** Students who named somebody who is here. */
export function wishersOf({ wishesOfStudent }: Problem): number {
  return wishesOfStudent.filter((named) => named.length > 0).length;
}

/** Students drawn until somebody is found whose wish is not met. */
const DRAWS = 8;

/** Students with wishes of which none is met. */
class WishTerm implements Term {
  value = 0;
  /** student → named partners in the same group. */
  private readonly met: Int32Array;
  private readonly named: Lists;
  private readonly namedBy: Lists;
  /** Scratch: what an exchange changes for those who stay and named somebody who moves, and who they are. */
  private readonly change: Int32Array;
  private readonly touched: Int32Array;

  constructor(
    { studentCount, wishesOfStudent }: Problem,
    private readonly scale: number,
  ) {
    const namedBy = Array.from({ length: studentCount }, (): number[] => []);
    wishesOfStudent.forEach((named, student) => {
      named.forEach((other) => namedBy[other]?.push(student));
    });
    this.named = listsOf(wishesOfStudent);
    this.namedBy = listsOf(namedBy);
    this.met = new Int32Array(studentCount);
    this.change = new Int32Array(studentCount);
    this.touched = new Int32Array(studentCount);
  }

  reset({ groupOfStudent }: Arrangement): void {
    const { start, student: other } = this.named;
    let unmet = 0;
    for (let student = 0; student < groupOfStudent.length; student++) {
      const [first, end] = [start[student] as number, start[student + 1] as number];
      let met = 0;
      for (let place = first; place < end; place++) {
        if (groupOfStudent[other[place] as number] === groupOfStudent[student]) met++;
      }
      this.met[student] = met;
      if (end > first && met === 0) unmet++;
    }
    this.value = unmet * this.scale;
  }

  delta(exchange: Exchange, arrangement: Arrangement): number {
    return this.weigh(exchange, arrangement, false) * this.scale;
  }

  commit(exchange: Exchange, arrangement: Arrangement): void {
    this.value += this.weigh(exchange, arrangement, true) * this.scale;
  }

  /** Only those who are without, and named somebody of the other group, can be helped. */
  mostGain(one: number, two: number, arrangement: Arrangement): number {
    const helped = this.unmetFor(one, two, arrangement) + this.unmetFor(two, one, arrangement);
    return helped * this.scale;
  }

  ofGroup(members: Int32Array, count: number): number {
    const { start, student: named } = this.named;
    let unmet = 0;
    for (let i = 0; i < count; i++) {
      const first = start[members[i] as number] as number;
      const end = start[(members[i] as number) + 1] as number;
      let place = first;
      while (place < end && !isAmong(named[place] as number, members, count)) place++;
      if (end > first && place === end) unmet++;
    }
    return unmet * this.scale;
  }

  /** Somebody without goes where one of those they named is, or that one comes to them. */
  lead({ groupOfStudent }: Arrangement, rng: Rng, lead: Lead): boolean {
    const { start, student: named } = this.named;
    for (let draw = 0; draw < DRAWS; draw++) {
      const wisher = quickInt(rng, groupOfStudent.length);
      const first = start[wisher] as number;
      const count = (start[wisher + 1] as number) - first;
      if (count === 0 || (this.met[wisher] as number) > 0) continue;
      const other = named[first + quickInt(rng, count)] as number;
      const goes = quickInt(rng, 2) === 0;
      lead.student = goes ? wisher : other;
      lead.to = groupOfStudent[goes ? other : wisher] as number;
      return true;
    }
    return false;
  }

  private unmetFor(group: number, other: number, arrangement: Arrangement): number {
    const { members, sizeOfGroup, capacity, groupOfStudent } = arrangement;
    const { start, student: named } = this.named;
    let unmet = 0;
    for (let seat = 0; seat < (sizeOfGroup[group] as number); seat++) {
      const student = members[group * capacity + seat] as number;
      if ((this.met[student] as number) > 0) continue;
      const end = start[student + 1] as number;
      let place = start[student] as number;
      while (place < end && groupOfStudent[named[place] as number] !== other) place++;
      if (place < end) unmet++;
    }
    return unmet;
  }

  /** How many more are without after the exchange; `keep` says whether it is made. */
  private weigh(exchange: Exchange, { groupOfStudent }: Arrangement, keep: boolean): number {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    let touched = 0;
    for (let i = 0; i < goingCount; i++) {
      touched = this.touch(going[i] as number, from, to, exchange, groupOfStudent, touched);
    }
    for (let i = 0; i < comingCount; i++) {
      touched = this.touch(coming[i] as number, to, from, exchange, groupOfStudent, touched);
    }
    let more = 0;
    for (let i = 0; i < touched; i++) {
      const wisher = this.touched[i] as number;
      more += this.settle(
        wisher,
        (this.met[wisher] as number) + (this.change[wisher] as number),
        keep,
      );
      this.change[wisher] = 0;
    }
    for (let i = 0; i < goingCount; i++) {
      more += this.move(going[i] as number, from, to, exchange, groupOfStudent, keep);
    }
    for (let i = 0; i < comingCount; i++) {
      more += this.move(coming[i] as number, to, from, exchange, groupOfStudent, keep);
    }
    return more;
  }

  /** Notes who stays and named the student who leaves or joins them; returns how many are touched now. */
  private touch(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    groupOfStudent: Int32Array,
    touched: number,
  ): number {
    const { start, student: wishers } = this.namedBy;
    const end = start[student + 1] as number;
    let count = touched;
    for (let place = start[student] as number; place < end; place++) {
      const wisher = wishers[place] as number;
      const group = groupOfStudent[wisher];
      if ((group !== from && group !== to) || exchange.moves(wisher)) continue;
      let known = 0;
      while (known < count && this.touched[known] !== wisher) known++;
      if (known === count) this.touched[count++] = wisher;
      this.change[wisher] = (this.change[wisher] as number) + (group === to ? 1 : -1);
    }
    return count;
  }

  /** The same for a student who moves: whom they named is met in `to`, or moves along. */
  private move(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    groupOfStudent: Int32Array,
    keep: boolean,
  ): number {
    const { start, student: named } = this.named;
    const first = start[student] as number;
    const end = start[student + 1] as number;
    if (first === end) return 0;
    let met = 0;
    for (let place = first; place < end; place++) {
      const other = named[place] as number;
      if (groupOfStudent[other] === (exchange.moves(other) ? from : to)) met++;
    }
    return this.settle(student, met, keep);
  }

  private settle(wisher: number, met: number, keep: boolean): number {
    const more = (met === 0 ? 1 : 0) - ((this.met[wisher] as number) === 0 ? 1 : 0);
    if (keep) this.met[wisher] = met;
    return more;
  }
}

function isAmong(student: number, members: Int32Array, count: number): boolean {
  for (let i = 0; i < count; i++) if (members[i] === student) return true;
  return false;
}

/** Lists of students one after the other: that of student s from start[s] to start[s + 1]. */
interface Lists {
  readonly start: Int32Array;
  readonly student: Int32Array;
}

function listsOf(lists: readonly ArrayLike<number>[]): Lists {
  const start = new Int32Array(lists.length + 1);
  lists.forEach((list, i) => (start[i + 1] = (start[i] as number) + list.length));
  return { start, student: Int32Array.from(lists.flatMap((list) => Array.from(list))) };
}
