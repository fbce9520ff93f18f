import type { PreparedGoal } from '../goals/kind';
import { hasPlacesOfTheirOwn, type Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { quickInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
import { Chains } from './chains';
import { Colouring } from './colouring';
import { LOOK } from './listing';
import { Regrouping } from './regrouping';
import { Reseating } from './reseating';
import type { Improved, Search } from './work';

const EPSILON = 1e-12;
/** Groups opened at once. */
const LEAST_OPEN = 2;
const MOST_OPENED = 4;
/** Ways looked at before the best of them is weighed, and steps of the search for each of them. */
const WAYS = 12;
const STEPS_A_WAY = 400;
/** What opening groups that hold too many costs in evaluations. */
const NOTHING = 50;
/**
 * What chains take of the work where no opening leaves another way, and the part of the openings that do from which on they
 * take nothing (measured: the fewer, the more chains lead on).
 */
const MOST_CHAINED = 0.9;
const OPEN_ENOUGH = 0.35;
/** Changes looked at to learn what usual ones are; the first temperature in those, and the last as a part of the first. */
const SAMPLE = 100;
const HOT = 1.5;
const COLD = 3e-3;
const OPENINGS_A_REPORT = 16;

/**
 * Brings the cost of a valid arrangement down where the rules leave so little room that hardly any exchange of two keeps
 * them: a few groups are opened at once, of the ways to seat their members again the best of a few is taken or not by
 * its cost, first loosely, then strictly (a large neighbourhood, Shaw 1998, annealed). What exchanges leave as islands
 * lies side by side for it.
 */
export function* reopen(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  evaluations: number,
  rng: Rng,
): Search<Improved> {
  return yield* new Reopening(problem, units, goals, start, rng).run(evaluations);
}

class Reopening {
  private readonly arrangement: Arrangement;
  private readonly objective: Objective;
  private readonly reseating: Reseating;
  private readonly regrouping: Regrouping;
  private readonly groups = new Int32Array(MOST_OPENED);
  private readonly chains: Chains | null;
  /** Openings so far, and how many of them left another way. */
  private openings = 0;
  private ways = 0;
  private openCount = 0;
  private wasted = 0;

  constructor(
    private readonly problem: Problem,
    units: Units,
    goals: readonly PreparedGoal[],
    start: Int32Array,
    private readonly rng: Rng,
  ) {
    this.arrangement = new Arrangement(problem, start);
    // Every way keeps every rule: only the goals are to be kept up to date.
    this.objective = new Objective(goals, []);
    this.objective.reset(this.arrangement);
    this.reseating = new Reseating(problem, units, hasPlacesOfTheirOwn(problem), rng);
    this.regrouping = new Regrouping(problem, units, this.arrangement, this.objective);
    this.chains = Colouring.suits(problem)
      ? new Chains(problem, units, this.arrangement, this.objective, rng)
      : null;
  }

  *run(most: number): Search<Improved> {
    const { arrangement, objective, regrouping } = this;
    const best = arrangement.groupOfStudent.slice();
    let bestCost = objective.cost();
    let cost = bestCost;
    let [changes, samples] = [0, 0];
    for (let opening = 0; ; opening++) {
      const done = this.evaluations() / most;
      if (done >= 1 || bestCost <= objective.leastCost + EPSILON) break;
      if (opening % OPENINGS_A_REPORT === 0) yield { done };
      const chains = this.isChained() ? this.chains : null;
      const next = chains ? (chains.follow() ? objective.cost() : Infinity) : this.bestOpening();
      if (next === Infinity) continue;
      const change = next - cost;
      if (samples < SAMPLE && Math.abs(change) > EPSILON) {
        changes += Math.abs(change);
        samples++;
      }
      const temperature = (HOT * changes * COLD ** done) / Math.max(1, samples);
      const taken = change <= 0 || uniformUnit(this.rng) < Math.exp(-change / temperature);
      if (!chains) regrouping[taken ? 'seatChosen' : 'seatBack']();
      else if (!taken) chains.back();
      cost = objective.cost();
      if (cost >= bestCost - EPSILON) continue;
      bestCost = cost;
      best.set(arrangement.groupOfStudent);
    }
    return { groupOfStudent: best, evaluations: Math.ceil(this.evaluations()) };
  }

  private evaluations(): number {
    const chained = this.chains?.evaluations ?? 0;
    return this.wasted + chained + this.regrouping.exchanges + LOOK * this.reseating.looks;
  }

  /** Whether a chain is next: they take the more of the work, the fewer openings leave another way. */
  private isChained(): boolean {
    if (!this.chains) return false;
    const open = (this.ways + 1) / (this.openings + 1);
    const share = MOST_CHAINED * (1 - open / OPEN_ENOUGH);
    return this.chains.evaluations < share * this.evaluations();
  }

  /** Opens a few groups; the cost of the best of a few ways to seat their members, Infinity where there is no other. */
  private bestOpening(): number {
    if (!this.open()) return Infinity;
    const cost = this.bestWay();
    this.openings++;
    if (cost < Infinity) this.ways++;
    return cost;
  }

  /** Opens a few groups drawn at random; false where they hold too many. */
  private open(): boolean {
    const { groups, rng, problem, reseating, arrangement } = this;
    const drawn = LEAST_OPEN + quickInt(rng, MOST_OPENED - LEAST_OPEN + 1);
    this.openCount = Math.min(drawn, problem.groupCount);
    for (let number = 0; number < this.openCount;) {
      const group = quickInt(rng, problem.groupCount);
      let known = false;
      for (let other = 0; other < number; other++) known ||= groups[other] === group;
      if (!known) groups[number++] = group;
    }
    const opened = reseating.begin(groups, this.openCount, arrangement.groupOfStudent);
    // Counted before anything is found: groups that leave no other way take their time too.
    this.wasted += opened ? reseating.freeCount : NOTHING;
    if (opened) this.regrouping.begin(reseating, groups, this.openCount);
    return opened;
  }

  /** Looks at a few ways and remembers the best of those that move anybody; its cost, Infinity where there is none. */
  private bestWay(): number {
    const { reseating, regrouping, objective } = this;
    let least = Infinity;
    for (let way = 0; way < WAYS && reseating.next(STEPS_A_WAY) === 'found'; way++) {
      if (!regrouping.follow(reseating)) continue;
      const cost = objective.cost();
      if (cost >= least) continue;
      least = cost;
      regrouping.choose();
    }
    return least;
  }
}
