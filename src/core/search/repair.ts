import type { Problem } from '../problem/problem';
import { uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { Arrangement, Exchange } from '../terms/arrangement';
import { Objective } from './objective';
import { Deal } from './shuffleTrial';

/** Cells of the tabu list; in a larger problem several share one, which only forbids a little more. */
const MOST_TABU = 1 << 20;
/** Swaps without a better arrangement after which a search begins anew from another deal. */
const PATIENCE = 3_000;

/**
 * Looks for an arrangement that breaks as little as it can find, student by student: the way to the least bad
 * result where the rules cannot all hold, and a strong finder of valid ones where blocks are small. A penalty of 0
 * means that every rule holds. Tabu search on swaps of a troubled student (Hertz and de Werra, "Using tabu search
 * techniques for graph coloring", 1987): a student who has left a group stays out of it for a while.
 */
export class Repair {
  readonly incumbent: Int32Array;
  incumbentPenalty: number;
  private readonly arrangement: Arrangement;
  private readonly objective: Objective;
  private readonly exchange: Exchange;
  private readonly deal: Deal;
  /** student * groupCount + group (modulo its length) → swap until which the student may not come back. */
  private readonly tabuUntil: Int32Array;
  private swaps = 0;
  private lastBetter = 0;

  constructor(
    private readonly problem: Problem,
    private readonly rng: Rng,
  ) {
    this.deal = new Deal(problem);
    this.deal.draw(rng);
    this.arrangement = new Arrangement(problem, this.deal.groupOfStudent);
    this.objective = new Objective([], ruleTerms(problem, false));
    this.exchange = new Exchange(problem.studentCount, 1);
    this.tabuUntil = new Int32Array(Math.min(MOST_TABU, problem.studentCount * problem.groupCount));
    this.objective.reset(this.arrangement);
    this.incumbent = this.arrangement.groupOfStudent.slice();
    this.incumbentPenalty = this.objective.penalty();
  }

  /** The penalty as kept from swap to swap, for whoever wants to check it. */
  get penalty(): number {
    return this.objective.penalty();
  }

  get groupOfStudent(): Int32Array {
    return this.arrangement.groupOfStudent;
  }

  /** Whether no swap can better the incumbent: nothing is broken, or there is one group and nobody to swap with. */
  get done(): boolean {
    return this.incumbentPenalty === 0 || this.problem.groupCount < 2;
  }

  /** Tries about `tries` swaps more; stops early when done. Returns the swaps tried. */
  run(tries: number): number {
    let tried = 0;
    while (tried < tries && !this.done) tried += this.improveOnce();
    return tried;
  }

  private improveOnce(): number {
    if (this.swaps - this.lastBetter > PATIENCE) this.beginAnew();
    const troubled = this.troubledStudent();
    const home = this.arrangement.groupOfStudent[troubled] as number;
    let best = -1;
    let bestDelta = Infinity;
    let ties = 0;
    for (let other = 0; other < this.problem.studentCount; other++) {
      const away = this.arrangement.groupOfStudent[other] as number;
      if (away === home) continue;
      const delta = this.swapDelta(troubled, other);
      if (delta > bestDelta) continue;
      const tabu = this.isTabu(troubled, away) || this.isTabu(other, home);
      if (tabu && this.objective.penalty() + delta >= this.incumbentPenalty) continue;
      ties = delta < bestDelta ? 1 : ties + 1;
      bestDelta = delta;
      if (ties === 1 || uniformInt(this.rng, ties) === 0) best = other;
    }
    this.swaps++;
    if (best >= 0) this.swap(troubled, best);
    return this.problem.studentCount;
  }

  private swap(one: number, two: number): void {
    const { groupOfStudent } = this.arrangement;
    this.forbid(one, groupOfStudent[one] as number);
    this.forbid(two, groupOfStudent[two] as number);
    this.fill(one, two);
    this.objective.commit(this.exchange, this.arrangement);
    const penalty = this.objective.penalty();
    if (penalty >= this.incumbentPenalty) return;
    this.incumbentPenalty = penalty;
    this.incumbent.set(groupOfStudent);
    this.lastBetter = this.swaps;
  }

  private swapDelta(one: number, two: number): number {
    this.fill(one, two);
    return this.objective.penaltyDelta(this.exchange, this.arrangement);
  }

  private fill(one: number, two: number): void {
    const { groupOfStudent } = this.arrangement;
    this.exchange.begin(groupOfStudent[one] as number, groupOfStudent[two] as number);
    this.exchange.addGoing(one);
    this.exchange.addComing(two);
  }

  private isTabu(student: number, group: number): boolean {
    return (this.tabuUntil[this.tabuCell(student, group)] as number) > this.swaps;
  }

  private forbid(student: number, group: number): void {
    const tenure = 6 + uniformInt(this.rng, 10) + Math.floor(this.objective.penalty() * 0.6);
    this.tabuUntil[this.tabuCell(student, group)] = this.swaps + tenure;
  }

  private tabuCell(student: number, group: number): number {
    return (student * this.problem.groupCount + group) % this.tabuUntil.length;
  }

  /**
   * A random student whose leaving would do good: sought among a few from a random place on, so that the cost stays
   * small; any student where none is found.
   */
  private troubledStudent(): number {
    const { studentCount, groupCount } = this.problem;
    const start = uniformInt(this.rng, studentCount);
    const { groupOfStudent } = this.arrangement;
    for (let step = 0; step < studentCount; step++) {
      const student = (start + step) % studentCount;
      const home = groupOfStudent[student] as number;
      this.exchange.begin(home, (home + 1) % groupCount);
      this.exchange.addGoing(student);
      // Alone leaving for a neighbouring group: what it costs there does not matter, only what it saves here.
      if (this.savesHere()) return student;
    }
    return start;
  }

  /** Whether the student in the exchange stands in something broken, as far as one trial can tell. */
  private savesHere(): boolean {
    const { exchange, arrangement, objective, problem } = this;
    const tries = Math.min(3, problem.groupCount - 1);
    for (let i = 0; i < tries; i++) {
      if (objective.penaltyDelta(exchange, arrangement) < 0) return true;
      exchange.to = (exchange.to + 1) % problem.groupCount;
      if (exchange.to === exchange.from) exchange.to = (exchange.to + 1) % problem.groupCount;
    }
    return false;
  }

  private beginAnew(): void {
    this.deal.draw(this.rng);
    this.arrangement.load(this.deal.groupOfStudent);
    this.objective.reset(this.arrangement);
    this.lastBetter = this.swaps;
    this.tabuUntil.fill(0);
  }
}
