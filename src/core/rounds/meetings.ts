import type { Problem } from '../problem/problem';
import type { Arrangement, Exchange } from '../terms/arrangement';

/** How often every two students have met, in the history and in all the rounds of a search, kept up to date. */
export class Meetings {
  /** one * studentCount + two → meetings; both ways round. */
  private readonly met: Uint16Array;
  /** The same of the history alone. */
  private before = new Uint16Array(0);
  /** For a pair that meets m times, m - 1, over all pairs. */
  repeats = 0;

  constructor(private readonly problem: Problem) {
    this.met = new Uint16Array(problem.studentCount ** 2);
  }

  /** Counts anew the history and the rounds given. */
  reset(rounds: readonly Arrangement[]): void {
    this.met.fill(0);
    this.repeats = 0;
    for (const groups of this.problem.history) {
      for (const group of groups) this.meetAll(group, group.length);
    }
    if (this.problem.history.length > 0) this.before = this.met.slice();
    for (const { members, sizeOfGroup, capacity } of rounds) {
      sizeOfGroup.forEach((size, group) => {
        this.meetAll(members.subarray(group * capacity), size);
      });
    }
  }

  /** Repeats more (below 0: fewer) if the exchange were made in the round. */
  delta(exchange: Exchange, round: Arrangement): number {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    if (goingCount === 1 && comingCount === 1) {
      const [one, two] = [going[0] as number, coming[0] as number];
      return this.trade(one, two, from, round) + this.trade(two, one, to, round);
    }
    let change = 0;
    for (let i = 0; i < goingCount; i++)
      change += this.move(going[i] as number, from, to, exchange, round);
    for (let i = 0; i < comingCount; i++)
      change += this.move(coming[i] as number, to, from, exchange, round);
    return change;
  }

  /** Repeats more among a group that one student leaves and another joins: what most exchanges are made of. */
  private trade(
    leaving: number,
    joining: number,
    group: number,
    { members, sizeOfGroup, capacity }: Arrangement,
  ): number {
    const { met } = this;
    const left = leaving * this.problem.studentCount;
    const joined = joining * this.problem.studentCount;
    const start = group * capacity;
    const end = start + (sizeOfGroup[group] as number);
    let change = 0;
    for (let place = start; place < end; place++) {
      const other = members[place] as number;
      if (other === leaving) continue;
      if ((met[left + other] as number) > 1) change--;
      if ((met[joined + other] as number) > 0) change++;
    }
    return change;
  }

  /**
   * Repeats more if two students changed places in every round at once. They take each other's meetings over, so that what
   * they have in the rounds stays as it is, and what they had before does not.
   */
  swapDelta(one: number, two: number): number {
    if (this.problem.history.length === 0) return 0;
    const { met, before } = this;
    const n = this.problem.studentCount;
    let change = 0;
    for (let other = 0; other < n; other++) {
      if (other === one || other === two) continue;
      const [first, second] = [one * n + other, two * n + other];
      const [old, others] = [before[first] as number, before[second] as number];
      if (old === others) continue;
      const [had, theirs] = [met[first] as number, met[second] as number];
      change += over(old + theirs - others) + over(others + had - old) - over(had) - over(theirs);
    }
    return change;
  }

  /** Makes the change, before the round itself does. */
  commit(exchange: Exchange, round: Arrangement): void {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    for (let i = 0; i < goingCount; i++) this.write(going[i] as number, from, to, exchange, round);
    for (let i = 0; i < comingCount; i++)
      this.write(coming[i] as number, to, from, exchange, round);
  }

  private move(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    { members, sizeOfGroup, capacity }: Arrangement,
  ): number {
    const row = student * this.problem.studentCount;
    let change = 0;
    const endFrom = from * capacity + (sizeOfGroup[from] as number);
    for (let place = from * capacity; place < endFrom; place++) {
      const other = members[place] as number;
      if (exchange.moves(other)) continue;
      if ((this.met[row + other] as number) > 1) change--;
    }
    const endTo = to * capacity + (sizeOfGroup[to] as number);
    for (let place = to * capacity; place < endTo; place++) {
      const other = members[place] as number;
      if (exchange.moves(other)) continue;
      if ((this.met[row + other] as number) > 0) change++;
    }
    return change;
  }

  private write(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    { members, sizeOfGroup, capacity }: Arrangement,
  ): void {
    const endFrom = from * capacity + (sizeOfGroup[from] as number);
    for (let place = from * capacity; place < endFrom; place++) {
      const other = members[place] as number;
      if (!exchange.moves(other)) this.count(student, other, -1);
    }
    const endTo = to * capacity + (sizeOfGroup[to] as number);
    for (let place = to * capacity; place < endTo; place++) {
      const other = members[place] as number;
      if (!exchange.moves(other)) this.count(student, other, 1);
    }
  }

  private meetAll(group: Int32Array, size: number): void {
    for (let i = 0; i < size; i++) {
      for (let j = i + 1; j < size; j++) this.count(group[i] as number, group[j] as number, 1);
    }
  }

  private count(one: number, two: number, step: 1 | -1): void {
    const n = this.problem.studentCount;
    const before = this.met[one * n + two] as number;
    const after = before + step;
    this.repeats += over(after) - over(before);
    this.met[one * n + two] = after;
    this.met[two * n + one] = after;
  }
}

/** Of so many meetings those that are repeats. */
function over(meetings: number): number {
  return Math.max(0, meetings - 1);
}
