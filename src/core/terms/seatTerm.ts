import type { Arrangement, Exchange, Term } from './arrangement';

/** What every student's seat costs by itself, times `scale`: pins, sections, staying where one was, ranks. */
export class SeatTerm implements Term {
  value = 0;

  /** `cost`, 0 and up, must be the same for the same student and group. */
  constructor(
    private readonly cost: (student: number, group: number) => number,
    private readonly scale: number,
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
