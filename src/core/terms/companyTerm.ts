import type { Pairs } from '../problem/pairs';
import type { Problem } from '../problem/problem';
import type { Arrangement, Exchange, Term } from './arrangement';
import { PairTerm } from './pairTerm';

/** Numbers in a table of company up to which it is worth its memory: 8 MB. */
const MOST_CELLS = 1_000_000;

/** The weights of all pairs who share a group, added up and scaled: with a table where that is worth its memory. */
export function companyTerm(
  pairs: Pairs,
  scale: number,
  { studentCount, groupCount }: Pick<Problem, 'studentCount' | 'groupCount'>,
): Term {
  return studentCount * Math.max(studentCount, groupCount) <= MOST_CELLS
    ? new CompanyTerm(pairs, scale, studentCount, groupCount)
    : new PairTerm(pairs, scale);
}

/**
 * What `PairTerm` adds up, with a table of what each student's company in each group weighs: an exchange is weighed by
 * a few looks into it however many neighbours there are. Memory: students x (students + groups) numbers.
 */
export class CompanyTerm implements Term {
  value = 0;
  readonly ofGroupGrows = true;
  /** one * studentCount + two → weight of the pair, 0 for none. */
  private readonly weight: Float64Array;
  /** student * groupCount + group → weights of the student's pairs with those in the group, added up. */
  private readonly company: Float64Array;
  /** group → weights of the pairs in it, added up. */
  private readonly inGroup: Float64Array;

  constructor(
    private readonly pairs: Pairs,
    private readonly scale: number,
    private readonly studentCount: number,
    private readonly groupCount: number,
  ) {
    this.weight = new Float64Array(studentCount * studentCount);
    this.company = new Float64Array(studentCount * groupCount);
    this.inGroup = new Float64Array(groupCount);
    const { start, neighbour, weight } = pairs;
    for (let one = 0; one < studentCount; one++) {
      const end = start[one + 1] as number;
      for (let place = start[one] as number; place < end; place++) {
        this.weight[one * studentCount + (neighbour[place] as number)] = weight[place] as number;
      }
    }
  }

  reset({ groupOfStudent }: Arrangement): void {
    this.company.fill(0);
    this.inGroup.fill(0);
    for (let student = 0; student < this.studentCount; student++) {
      this.tell(student, groupOfStudent[student] as number, 1);
    }
    let total = 0;
    for (let student = 0; student < this.studentCount; student++) {
      const group = groupOfStudent[student] as number;
      const half = (this.company[student * this.groupCount + group] as number) / 2;
      this.inGroup[group] = (this.inGroup[group] as number) + half;
      total += half;
    }
    this.value = total * this.scale;
  }

  delta(exchange: Exchange): number {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    const { company, weight, groupCount } = this;
    let change = 0;
    // Of pairs that move, the table tells what those going and coming lose twice over: they stay as they were.
    let moving = 0;
    for (let i = 0; i < goingCount; i++) {
      const student = going[i] as number;
      const seat = student * groupCount;
      change += (company[seat + to] as number) - (company[seat + from] as number);
      const row = student * this.studentCount;
      for (let j = 0; j < i; j++) moving += weight[row + (going[j] as number)] as number;
      for (let j = 0; j < comingCount; j++) moving -= weight[row + (coming[j] as number)] as number;
    }
    for (let i = 0; i < comingCount; i++) {
      const student = coming[i] as number;
      const seat = student * groupCount;
      change += (company[seat + from] as number) - (company[seat + to] as number);
      const row = student * this.studentCount;
      for (let j = 0; j < i; j++) moving += weight[row + (coming[j] as number)] as number;
    }
    return (change + 2 * moving) * this.scale;
  }

  commit(exchange: Exchange): void {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    const [inFrom, inTo] = [this.changeOf(exchange, from), this.changeOf(exchange, to)];
    this.value += (inFrom + inTo) * this.scale;
    this.inGroup[from] = (this.inGroup[from] as number) + inFrom;
    this.inGroup[to] = (this.inGroup[to] as number) + inTo;
    for (let i = 0; i < goingCount; i++) {
      this.tell(going[i] as number, from, -1);
      this.tell(going[i] as number, to, 1);
    }
    for (let i = 0; i < comingCount; i++) {
      this.tell(coming[i] as number, to, -1);
      this.tell(coming[i] as number, from, 1);
    }
  }

  /** At best no pair is left in either. */
  mostGain(one: number, two: number): number {
    return ((this.inGroup[one] as number) + (this.inGroup[two] as number)) * this.scale;
  }

  ofGroup(members: Int32Array, count: number): number {
    const { weight, studentCount } = this;
    let sum = 0;
    for (let i = 1; i < count; i++) {
      const row = (members[i] as number) * studentCount;
      for (let j = 0; j < i; j++) sum += weight[row + (members[j] as number)] as number;
    }
    return sum * this.scale;
  }

  /** What the exchange changes in one of its two groups. */
  private changeOf(exchange: Exchange, group: number): number {
    const { going, goingCount, coming, comingCount } = exchange;
    const leave = exchange.from === group;
    const [leaving, leavingCount] = leave ? [going, goingCount] : [coming, comingCount];
    const [joining, joiningCount] = leave ? [coming, comingCount] : [going, goingCount];
    const { company, weight, groupCount, studentCount } = this;
    let change = 0;
    for (let i = 0; i < leavingCount; i++) {
      const student = leaving[i] as number;
      change -= company[student * groupCount + group] as number;
      // A pair that leaves together was taken off twice.
      for (let j = 0; j < i; j++)
        change += weight[student * studentCount + (leaving[j] as number)] as number;
    }
    for (let i = 0; i < joiningCount; i++) {
      const student = joining[i] as number;
      change += company[student * groupCount + group] as number;
      for (let j = 0; j < i; j++)
        change += weight[student * studentCount + (joining[j] as number)] as number;
      // Whoever leaves is not met.
      for (let j = 0; j < leavingCount; j++) {
        change -= weight[student * studentCount + (leaving[j] as number)] as number;
      }
    }
    return change;
  }

  /** Tells the student's neighbours who has joined (`sign` 1) or left (-1) a group. */
  private tell(student: number, group: number, sign: 1 | -1): void {
    const { start, neighbour, weight } = this.pairs;
    const { company, groupCount } = this;
    const end = start[student + 1] as number;
    for (let place = start[student] as number; place < end; place++) {
      const cell = (neighbour[place] as number) * groupCount + group;
      company[cell] = (company[cell] as number) + sign * (weight[place] as number);
    }
  }
}
