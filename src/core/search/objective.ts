import type { PreparedGoal } from '../goals/kind';
import type { Arrangement, Exchange, Term, Span } from '../terms/arrangement';

/** Guards a certain refusal against the last bits of sums kept from exchange to exchange. */
const SLACK = 1e-13;

/** What a search brings down: the goals' weighted costs, and the rules' penalty beside them. */
export class Objective {
  private readonly weights: Float64Array;
  private readonly costTerms: readonly Term[];
  /** term → the most, weighted, that an exchange between the two groups last looked at could win of it. */
  private readonly gains: Float64Array;
  /** All of them added up. */
  private gain = 0;
  /** No arrangement costs less; reaching it ends a search. */
  readonly leastCost: number;

  constructor(
    goals: readonly PreparedGoal[],
    private readonly ruleTerms: readonly Term[],
  ) {
    // Terms that narrow an exchange down come first: they rule out most of what can be ruled out.
    const inOrder = [...goals].sort((a, b) => Number(!a.term.narrow) - Number(!b.term.narrow));
    this.costTerms = inOrder.map(({ term }) => term);
    this.weights = Float64Array.from(inOrder, ({ goal }) => goal.weight);
    this.gains = new Float64Array(goals.length);
    this.leastCost = goals.reduce((sum, { goal, leastValue }) => sum + goal.weight * leastValue, 0);
  }

  /** Goals that know of exchanges worth a try. */
  get leaders(): readonly Term[] {
    return this.costTerms.filter((term) => term.lead !== undefined);
  }

  /** Whether there are neither goals nor rules to look at. */
  get isFree(): boolean {
    return this.costTerms.length + this.ruleTerms.length === 0;
  }

  reset(arrangement: Arrangement): void {
    this.costTerms.forEach((term) => term.reset(arrangement));
    this.ruleTerms.forEach((term) => term.reset(arrangement));
  }

  cost(): number {
    let cost = 0;
    for (let i = 0; i < this.costTerms.length; i++) {
      cost += (this.weights[i] as number) * (this.costTerms[i] as Term).value;
    }
    return cost;
  }

  /** 0 when every rule holds. */
  penalty(): number {
    let penalty = 0;
    for (const term of this.ruleTerms) penalty += term.value;
    return penalty;
  }

  /**
   * By how much the exchange would change the cost; Infinity as soon as it is certain to be `limit` or more, since no
   * term can win more than it costs.
   */
  costDelta(exchange: Exchange, arrangement: Arrangement, limit = Infinity): number {
    let change = 0;
    let toWin = limit === Infinity ? 0 : this.cost();
    for (let i = 0; i < this.costTerms.length; i++) {
      const term = this.costTerms[i] as Term;
      const weight = this.weights[i] as number;
      change += weight * term.delta(exchange, arrangement);
      if (limit === Infinity) continue;
      toWin -= weight * term.value;
      if (change - toWin - SLACK >= limit) return Infinity;
    }
    return change;
  }

  /** The most that any exchange between two groups could take from the cost; `narrow` and `isBetter` go by it. */
  mostGain(one: number, two: number, arrangement: Arrangement): number {
    this.gain = 0;
    for (let i = 0; i < this.costTerms.length; i++) {
      const term = this.costTerms[i] as Term;
      const most = term.mostGain?.(one, two, arrangement) ?? term.value;
      this.gains[i] = (this.weights[i] as number) * most;
      this.gain += this.gains[i] as number;
    }
    return this.gain;
  }

  /** Whether an exchange between the two groups that `mostGain` last looked at lowers the cost by more than `least`. */
  isBetter(exchange: Exchange, arrangement: Arrangement, least: number): boolean {
    let change = 0;
    let toWin = this.gain;
    for (let i = 0; i < this.costTerms.length; i++) {
      change +=
        (this.weights[i] as number) * (this.costTerms[i] as Term).delta(exchange, arrangement);
      toWin -= this.gains[i] as number;
      if (change - toWin - SLACK >= -least) return false;
    }
    return change < -least;
  }

  /**
   * Fills `span` with what exchanges of as many for as many between the two groups that `mostGain` last looked at must
   * lie in to lower the cost, as the first goal tells that can; false where none can.
   */
  narrow(one: number, two: number, span: Span): boolean {
    for (let i = 0; i < this.costTerms.length; i++) {
      const term = this.costTerms[i] as Term;
      const weight = this.weights[i] as number;
      if (!term.narrow || weight === 0) continue;
      const others = this.gain - (this.gains[i] as number);
      if (term.narrow(one, two, (others + SLACK) / weight, span)) return true;
    }
    return false;
  }

  penaltyDelta(exchange: Exchange, arrangement: Arrangement): number {
    let change = 0;
    for (const term of this.ruleTerms) change += term.delta(exchange, arrangement);
    return change;
  }

  /** Makes the exchange everywhere: in every term, then in the arrangement. */
  commit(exchange: Exchange, arrangement: Arrangement): void {
    for (const term of this.costTerms) term.commit(exchange, arrangement);
    for (const term of this.ruleTerms) term.commit(exchange, arrangement);
    arrangement.commit(exchange);
  }
}
