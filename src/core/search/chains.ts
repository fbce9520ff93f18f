import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { Exchange, type Arrangement } from '../terms/arrangement';
import { ApartTabu, type Guide } from './apartTabu';
import type { Objective } from './objective';

/** Swaps after which a chain that mends nothing is given up. */
const MOST_SWAPS = 50;
/** What beginning a chain takes for each student, and each of its looks, in evaluations. */
const BEGINNING = 0.5;
const LOOK = 0.01;

/**
 * Leads from a valid arrangement to another near it, where nothing is asked but that some students be apart: two change
 * places, whatever that breaks, and others give way to them by the swaps that mend most, of equal ones the cheapest, until
 * every rule holds again (ejection chains, Glover 1996). It goes on where it must, so that it leaves what no exchange and no
 * opening of a few groups does.
 */
export class Chains implements Guide {
  /** What all chains took so far. */
  evaluations = 0;
  private readonly tabu: ApartTabu;
  private readonly exchange: Exchange;
  private readonly before: Int32Array;

  /** The arrangement and the objective are those that follow the chains. */
  constructor(
    problem: Problem,
    units: Units,
    private readonly arrangement: Arrangement,
    private readonly objective: Objective,
    rng: Rng,
  ) {
    this.tabu = new ApartTabu(problem, units, rng, this);
    this.exchange = new Exchange(problem.studentCount, 1);
    this.before = new Int32Array(problem.studentCount);
  }

  /** Brings the arrangement to the end of a chain; false, and nothing done, where it came to none. */
  follow(): boolean {
    const { tabu, before } = this;
    before.set(this.arrangement.groupOfStudent);
    tabu.begin(before);
    tabu.disturb();
    const looks = tabu.run(MOST_SWAPS);
    this.evaluations += BEGINNING * before.length + LOOK * looks;
    if (tabu.bestPenalty === 0) return true;
    this.back();
    return false;
  }

  /** Brings the arrangement back to where the last chain began. */
  back(): void {
    this.arrangement.load(this.before);
    this.objective.reset(this.arrangement);
  }

  weigh(one: number, two: number): number {
    this.evaluations++;
    return this.objective.costDelta(this.exchangeOf(one, two), this.arrangement);
  }

  made(one: number, two: number): void {
    this.objective.commit(this.exchangeOf(one, two), this.arrangement);
  }

  private exchangeOf(one: number, two: number): Exchange {
    const { exchange, arrangement } = this;
    const { groupOfStudent } = arrangement;
    exchange.begin(groupOfStudent[one] as number, groupOfStudent[two] as number);
    exchange.addGoing(one);
    exchange.addComing(two);
    return exchange;
  }
}
