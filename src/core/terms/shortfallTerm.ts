import type { Arrangement, Exchange, Term } from './arrangement';

/** By how much other terms are above what each may be, added up: nothing for one that is not. */
export class ShortfallTerm implements Term {
  value = 0;

  constructor(
    private readonly parts: readonly Term[],
    private readonly allowed: readonly number[],
    private readonly scale: number,
  ) {}

  reset(arrangement: Arrangement): void {
    this.value = 0;
    this.parts.forEach((part, i) => {
      part.reset(arrangement);
      this.value += this.over(i, part.value);
    });
  }

  delta(exchange: Exchange, arrangement: Arrangement): number {
    let change = 0;
    for (let i = 0; i < this.parts.length; i++) {
      const part = this.parts[i] as Term;
      const next = part.value + part.delta(exchange, arrangement);
      change += this.over(i, next) - this.over(i, part.value);
    }
    return change;
  }

  commit(exchange: Exchange, arrangement: Arrangement): void {
    this.value = 0;
    for (let i = 0; i < this.parts.length; i++) {
      const part = this.parts[i] as Term;
      part.commit(exchange, arrangement);
      this.value += this.over(i, part.value);
    }
  }

  private over(part: number, value: number): number {
    return this.scale * Math.max(0, value - (this.allowed[part] as number));
  }
}
