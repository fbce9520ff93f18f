import { quickInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Arrangement, Exchange, Lead, Term } from './arrangement';

/** Students drawn until somebody is found who has a better seat to go to. */
const DRAWS = 8;

/** What every student's seat costs by itself, times `scale`: pins, sections, staying where one was, ranks. */
export class SeatTerm implements Term {
  value = 0;

  /**
   * `cost`, 0 and up, must be the same for the same student and group; `wanted` may name, for each student, groups that cost
   * less than others.
   */
  constructor(
    private readonly cost: (student: number, group: number) => number,
    private readonly scale: number,
    private readonly wanted: readonly ArrayLike<number>[] = [],
  ) {}

  reset({ groupOfStudent }: Arrangement): void {
    let cost = 0;
    groupOfStudent.forEach((group, student) => (cost += this.cost(student, group)));
    this.value = cost * this.scale;
  }

  delta({ from, to, going, goingCount, coming, comingCount }: Exchange): number {
    let change = 0;
    for (let i = 0; i < goingCount; i++) change += this.move(going[i] as number, from, to);
    for (let i = 0; i < comingCount; i++) change += this.move(coming[i] as number, to, from);
    return change * this.scale;
  }

  commit(exchange: Exchange): void {
    this.value += this.delta(exchange);
  }

  /** No seat can cost less than nothing. */
  mostGain(one: number, two: number, arrangement: Arrangement): number {
    return (this.costIn(one, arrangement) + this.costIn(two, arrangement)) * this.scale;
  }

  ofPlace(members: Int32Array, count: number, group: number): number {
    let cost = 0;
    for (let i = 0; i < count; i++) cost += this.cost(members[i] as number, group);
    return cost * this.scale;
  }

  /** Somebody goes to a group that they want more than theirs. */
  lead({ groupOfStudent }: Arrangement, rng: Rng, lead: Lead): boolean {
    for (let draw = 0; draw < DRAWS && this.wanted.length > 0; draw++) {
      const student = quickInt(rng, groupOfStudent.length);
      const wanted = this.wanted[student] as ArrayLike<number>;
      if (wanted.length === 0) continue;
      const to = wanted[quickInt(rng, wanted.length)] as number;
      if (this.move(student, groupOfStudent[student] as number, to) >= 0) continue;
      lead.student = student;
      lead.to = to;
      return true;
    }
    return false;
  }

  private costIn(group: number, { members, sizeOfGroup, capacity }: Arrangement): number {
    let cost = 0;
    for (let seat = 0; seat < (sizeOfGroup[group] as number); seat++) {
      cost += this.cost(members[group * capacity + seat] as number, group);
    }
    return cost;
  }

  private move(student: number, from: number, to: number): number {
    return this.cost(student, to) - this.cost(student, from);
  }
}
