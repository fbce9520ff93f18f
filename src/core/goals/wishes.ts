import type { Problem } from '../problem/problem';
import type { Arrangement, Exchange, Term } from '../search/arrangement';
import type { GoalKind } from './kind';

/** As many as can be get at least one partner they named; students without a wish to be had do not count. */
export const wishes: GoalKind<'wishes'> = {
  kind: 'wishes',
  prepare(problem, goal) {
    const wishers = wishersOf(problem);
    if (wishers === 0) return null;
    return { goal, term: new WishTerm(problem, 1 / wishers), leastValue: 0 };
  },
};

/** Students who named somebody who is here. */
export function wishersOf({ wishesOfStudent }: Problem): number {
  return wishesOfStudent.filter((named) => named.length > 0).length;
}

/** Students with wishes of which none is met. */
class WishTerm implements Term {
  value = 0;
  /** student → named partners in the same group. */
  private readonly met: Int32Array;
  /** student → those who named them. */
  private readonly namedBy: readonly Int32Array[];
  /** Scratch: what `delta` found for the students it touched. */
  private readonly change: Int32Array;
  private readonly touched: Int32Array;
  private touchedCount = 0;

  constructor(
    private readonly problem: Problem,
    private readonly scale: number,
  ) {
    const namedBy = Array.from({ length: problem.studentCount }, (): number[] => []);
    problem.wishesOfStudent.forEach((named, student) => {
      named.forEach((other) => namedBy[other]?.push(student));
    });
    this.namedBy = namedBy.map((list) => Int32Array.from(list));
    this.met = new Int32Array(problem.studentCount);
    this.change = new Int32Array(problem.studentCount);
    this.touched = new Int32Array(problem.studentCount);
  }

  reset({ groupOfStudent }: Arrangement): void {
    let unmet = 0;
    this.problem.wishesOfStudent.forEach((named, student) => {
      let met = 0;
      for (const other of named) if (groupOfStudent[other] === groupOfStudent[student]) met++;
      this.met[student] = met;
      if (named.length > 0 && met === 0) unmet++;
    });
    this.value = unmet * this.scale;
  }

  delta(exchange: Exchange, arrangement: Arrangement): number {
    const change = this.gather(exchange, arrangement);
    for (let i = 0; i < this.touchedCount; i++) this.change[this.touched[i] as number] = 0;
    return change * this.scale;
  }

  commit(exchange: Exchange, arrangement: Arrangement): void {
    this.value += this.gather(exchange, arrangement) * this.scale;
    for (let i = 0; i < this.touchedCount; i++) {
      const student = this.touched[i] as number;
      this.met[student] = (this.met[student] as number) + (this.change[student] as number);
      this.change[student] = 0;
    }
  }

  /** Fills `change` for whoever wins or loses a named partner; returns how many more are without. */
  private gather(exchange: Exchange, { groupOfStudent }: Arrangement): number {
    this.touchedCount = 0;
    const { from, to } = exchange;
    for (let i = 0; i < exchange.goingCount; i++) {
      this.gatherFor(exchange.going[i] as number, from, to, exchange, groupOfStudent);
    }
    for (let i = 0; i < exchange.comingCount; i++) {
      this.gatherFor(exchange.coming[i] as number, to, from, exchange, groupOfStudent);
    }
    let more = 0;
    for (let i = 0; i < this.touchedCount; i++) {
      const student = this.touched[i] as number;
      const met = this.met[student] as number;
      const after = met + (this.change[student] as number);
      more += (after === 0 ? 1 : 0) - (met === 0 ? 1 : 0);
    }
    return more;
  }

  private gatherFor(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    groupOfStudent: Int32Array,
  ): void {
    for (const other of this.problem.wishesOfStudent[student] as Int32Array) {
      if (!exchange.moves(other)) this.add(student, groupOfStudent[other] as number, from, to);
    }
    for (const wisher of this.namedBy[student] as Int32Array) {
      if (!exchange.moves(wisher)) this.add(wisher, groupOfStudent[wisher] as number, from, to);
    }
  }

  private add(wisher: number, groupOfOther: number, from: number, to: number): void {
    const step = groupOfOther === to ? 1 : groupOfOther === from ? -1 : 0;
    if (step === 0) return;
    if ((this.change[wisher] as number) === 0 && !this.isTouched(wisher)) {
      this.touched[this.touchedCount++] = wisher;
    }
    this.change[wisher] = (this.change[wisher] as number) + step;
  }

  /** Only asked where a change came back to 0, so the list is short. */
  private isTouched(student: number): boolean {
    for (let i = 0; i < this.touchedCount; i++) if (this.touched[i] === student) return true;
    return false;
  }
}
