import type { PreparedGoal } from '../goals/kind';
import type { Arrangement, Exchange, Term } from './arrangement';

/** What a search brings down: the goals' weighted costs, and the rules' penalty beside them. */
export class Objective {
  private readonly weights: Float64Array;
  private readonly costTerms: readonly Term[];
  /** No arrangement costs less; reaching it ends a search. */
  readonly leastCost: number;

  constructor(
    goals: readonly PreparedGoal[],
    private readonly ruleTerms: readonly Term[],
  ) {
    this.costTerms = goals.map(({ term }) => term);
    this.weights = Float64Array.from(goals, ({ goal }) => goal.weight);
    this.leastCost = goals.reduce((sum, { goal, leastValue }) => sum + goal.weight * leastValue, 0);
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

  costDelta(exchange: Exchange, arrangement: Arrangement): number {
    let change = 0;
    for (let i = 0; i < this.costTerms.length; i++) {
      const term = this.costTerms[i] as Term;
      change += (this.weights[i] as number) * term.delta(exchange, arrangement);
    }
    return change;
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
