import type { PreparedGoal } from '../goals/kind';
import { hasPlacesOfTheirOwn, type Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { quickInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Arrangement } from '../terms/arrangement';
import { Objective } from './objective';
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
      if (!this.open()) continue;
      const change = this.bestWay() - cost;
      if (change < Infinity && samples < SAMPLE && Math.abs(change) > EPSILON) {
        changes += Math.abs(change);
        samples++;
      }
      const temperature = (HOT * changes * COLD ** done) / Math.max(1, samples);
      if (change <= 0 || uniformUnit(this.rng) < Math.exp(-change / temperature)) {
        regrouping.seatChosen();
      } else {
        regrouping.seatBack();
      }
      cost = objective.cost();
      if (cost >= bestCost - EPSILON) continue;
      bestCost = cost;
      best.set(arrangement.groupOfStudent);
    }
    return { groupOfStudent: best, evaluations: Math.ceil(this.evaluations()) };
  }

  private evaluations(): number {
    return this.wasted + this.regrouping.exchanges + LOOK * this.reseating.looks;
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
