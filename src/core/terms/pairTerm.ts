import type { Pairs } from '../problem/pairs';
import type { Arrangement, Exchange, Term } from './arrangement';

/** The weights of all pairs who share a group, added up: apart rules and fresh partners alike. */
export class PairTerm implements Term {
  value = 0;

  constructor(
    private readonly pairs: Pairs,
    private readonly scale: number,
  ) {}

  reset({ groupOfStudent }: Arrangement): void {
    const { start, neighbour, weight } = this.pairs;
    let total = 0;
    for (let student = 0; student < groupOfStudent.length; student++) {
      const end = start[student + 1] as number;
      for (let place = start[student] as number; place < end; place++) {
        const other = neighbour[place] as number;
        if (other > student && groupOfStudent[other] === groupOfStudent[student]) {
          total += weight[place] as number;
        }
      }
    }
    this.value = total * this.scale;
  }

  delta(exchange: Exchange, { groupOfStudent }: Arrangement): number {
    const { from, to } = exchange;
    let change = 0;
    for (let i = 0; i < exchange.goingCount; i++) {
      change += this.leaving(exchange.going[i] as number, from, to, exchange, groupOfStudent);
    }
    for (let i = 0; i < exchange.comingCount; i++) {
      change += this.leaving(exchange.coming[i] as number, to, from, exchange, groupOfStudent);
    }
    return change * this.scale;
  }

  commit(exchange: Exchange, arrangement: Arrangement): void {
    this.value += this.delta(exchange, arrangement);
  }

  /** Pairs won in `to` less pairs lost in `from`; whoever moves too keeps or lacks the student's company as before. */
  private leaving(
    student: number,
    from: number,
    to: number,
    exchange: Exchange,
    groupOfStudent: Int32Array,
  ): number {
    const { start, neighbour, weight } = this.pairs;
    const end = start[student + 1] as number;
    let change = 0;
    for (let place = start[student] as number; place < end; place++) {
      const other = neighbour[place] as number;
      const group = groupOfStudent[other];
      if (group !== from && group !== to) continue;
      if (exchange.moves(other)) continue;
      change += group === to ? (weight[place] as number) : -(weight[place] as number);
    }
    return change;
  }
}
