import type { Arrangement, Exchange, Term } from './arrangement';

/** Students who sit where they should not, each counted `scale`: pins, sections, and staying where one was. */
export class SeatTerm implements Term {
  value = 0;

  /** `isWrong` must answer alike for the same student and group. */
  constructor(
    private readonly isWrong: (student: number, group: number) => boolean,
    private readonly scale: number,
  ) {}

  reset({ groupOfStudent }: Arrangement): void {
    let wrong = 0;
    groupOfStudent.forEach((group, student) => {
      if (this.isWrong(student, group)) wrong++;
    });
    this.value = wrong * this.scale;
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

  /** Only those who sit wrong in the two groups can be helped. */
  mostGain(one: number, two: number, arrangement: Arrangement): number {
    return (this.wrongIn(one, arrangement) + this.wrongIn(two, arrangement)) * this.scale;
  }

  private wrongIn(group: number, { members, sizeOfGroup, capacity }: Arrangement): number {
    let wrong = 0;
    for (let seat = 0; seat < (sizeOfGroup[group] as number); seat++) {
      if (this.isWrong(members[group * capacity + seat] as number, group)) wrong++;
    }
    return wrong;
  }

  private move(student: number, from: number, to: number): number {
    return (this.isWrong(student, to) ? 1 : 0) - (this.isWrong(student, from) ? 1 : 0);
  }
}
