import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Arrangement, Exchange, Term } from '../terms/arrangement';
import { COUNTINGS } from './counting';

/** The penalties of rules on marked students, over all groups. */
export class MarkTerm implements Term {
  value = 0;
  /** rule * groupCount + group → marked students in the group. */
  private readonly counts: Int32Array;

  constructor(
    private readonly problem: Problem,
    private readonly rules: readonly MarkedProblemRule[],
  ) {
    this.counts = new Int32Array(rules.length * problem.groupCount);
  }

  reset({ groupOfStudent }: Arrangement): void {
    const { groupCount } = this.problem;
    this.counts.fill(0);
    this.value = 0;
    this.rules.forEach((rule, r) => {
      const { penalty } = COUNTINGS[rule.kind];
      groupOfStudent.forEach((group, student) => {
        const cell = r * groupCount + group;
        this.counts[cell] = (this.counts[cell] as number) + (rule.marked[student] as number);
      });
      for (let group = 0; group < groupCount; group++) {
        this.value += penalty(rule.count, this.counts[r * groupCount + group] as number);
      }
    });
  }

  delta(exchange: Exchange): number {
    const { groupCount } = this.problem;
    let change = 0;
    for (let r = 0; r < this.rules.length; r++) {
      const rule = this.rules[r] as MarkedProblemRule;
      const net = netGoing(rule.marked, exchange);
      if (net === 0) continue;
      const from = this.counts[r * groupCount + exchange.from] as number;
      const to = this.counts[r * groupCount + exchange.to] as number;
      const { penalty } = COUNTINGS[rule.kind];
      change += penalty(rule.count, from - net) - penalty(rule.count, from);
      change += penalty(rule.count, to + net) - penalty(rule.count, to);
    }
    return change;
  }

  commit(exchange: Exchange): void {
    this.value += this.delta(exchange);
    const { groupCount } = this.problem;
    this.rules.forEach(({ marked }, r) => {
      const net = netGoing(marked, exchange);
      const [from, to] = [r * groupCount + exchange.from, r * groupCount + exchange.to];
      this.counts[from] = (this.counts[from] as number) - net;
      this.counts[to] = (this.counts[to] as number) + net;
    });
  }
}

/** Marked students who leave `from`, less those who come. */
function netGoing(
  marked: Uint8Array,
  { going, goingCount, coming, comingCount }: Exchange,
): number {
  let net = 0;
  for (let i = 0; i < goingCount; i++) net += marked[going[i] as number] as number;
  for (let i = 0; i < comingCount; i++) net -= marked[coming[i] as number] as number;
  return net;
}
