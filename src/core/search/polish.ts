import type { PreparedGoal } from '../goals/kind';
import type { Problem } from '../problem/problem';
import { groupsBySection } from '../problem/sections';
import type { Units } from '../problem/units';
import { quickInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { wholeBlocks } from './anneal';
import { Arrangement, Exchange, type Span } from '../terms/arrangement';
import { Objective } from './objective';
import { Proposals } from './proposal';
import type { Improved, Search } from './work';

const EPSILON = 1e-12;
/** A look over all pairs of groups may take this part of all evaluations; else there would be too few of them. */
const MOST_OF_A_SWEEP = 0.2;
/** What passing over an exchange by one number costs, in whole evaluations. */
const LOOK = 0.08;
/** Exchanges of a shake at the most: so few that most of what was good stays. */
const MOST_SHAKEN = 3;
/** Exchanges drawn for each step of a shake. */
const DRAWS_A_STEP = 32;
/** How warm the chain of what descents lead to is at first, in usual changes for the worse, of which so many are known. */
const WARM = 0.3;
const USUAL_OF = 30;
/** One step of so many may be one that changes no cost. */
const ONE_SIDEWAYS_IN = 4;

/** Whether there are groups to exchange between, and so few that `evaluations` of polishing do any good. */
export function isWorthPolishing(problem: Problem, evaluations: number): boolean {
  const size = problem.sizeOfGroup.reduce((most, one) => Math.max(most, one), 0);
  const pairs = groupsBySection(problem).reduce(
    (sum, { length }) => sum + (length * (length - 1)) / 2,
    0,
  );
  if (pairs === 0) return false;
  return pairs * (size ** 2 + ((size * (size - 1)) / 2) ** 2) <= MOST_OF_A_SWEEP * evaluations;
}

/**
 * Brings a valid arrangement to one that no exchange of one or two students between two groups betters, shakes it
 * a little and does so again, going on from the better, and at first now and then from the worse (iterated local search;
 * Lourenço, Martin and Stützle 2003; as a chain that cools, Martin, Otto and Felten 1991). Where a cooled search can only
 * stumble upon the last sums that fit, this looks at every exchange that could bring them.
 */
export function* polish(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  evaluations: number,
  rng: Rng,
): Search<Improved> {
  return yield* new Polish(problem, units, goals, start, rng).run(evaluations);
}

class Polish {
  private evaluations = 0;
  private readonly arrangement: Arrangement;
  private readonly objective: Objective;
  private readonly proposals: Proposals;
  private readonly exchange: Exchange;
  private readonly chosen: Exchange;
  /** group → 1 where it has changed since its pairs were last looked at. */
  private readonly changed: Uint8Array;
  /** Students of two groups who move alone, filled anew for each pair of groups. */
  private readonly here: Int32Array;
  private readonly there: Int32Array;
  private readonly broughtHere: Float64Array;
  private readonly broughtThere: Float64Array;
  /** What no student brings anything to: every exchange lies within a span about it. */
  private readonly nothing: Float64Array;
  private readonly span: Span;

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    goals: readonly PreparedGoal[],
    start: Int32Array,
    private readonly rng: Rng,
  ) {
    this.arrangement = new Arrangement(problem, start);
    this.objective = new Objective(goals, ruleTerms(problem, wholeBlocks(problem, units)));
    this.objective.reset(this.arrangement);
    this.proposals = new Proposals(problem, units, rng, true, this.objective.leaders);
    this.exchange = this.proposals.exchange;
    this.chosen = new Exchange(problem.studentCount, this.exchange.going.length);
    this.changed = new Uint8Array(problem.groupCount);
    this.here = new Int32Array(this.arrangement.capacity);
    this.there = new Int32Array(this.arrangement.capacity);
    this.broughtHere = new Float64Array(this.arrangement.capacity);
    this.broughtThere = new Float64Array(this.arrangement.capacity);
    this.nothing = new Float64Array(problem.studentCount);
    this.span = { ofStudent: this.nothing, low: -1, high: 1 };
  }

  *run(most: number): Search<Improved> {
    const { arrangement, objective } = this;
    this.changed.fill(1);
    this.descend(most);
    const best = arrangement.groupOfStudent.slice();
    let bestCost = objective.cost();
    const current = best.slice();
    let currentCost = bestCost;
    let [worse, samples] = [0, 0];
    while (this.evaluations < most && bestCost > objective.leastCost + EPSILON) {
      this.shake(1 + quickInt(this.rng, MOST_SHAKEN));
      this.descend(most);
      const cost = objective.cost();
      const change = cost - currentCost;
      if (change > EPSILON && samples < USUAL_OF) {
        worse += change;
        samples++;
      }
      const left = Math.max(0, 1 - this.evaluations / most);
      const temperature = (WARM * left * worse) / Math.max(1, samples);
      if (change <= EPSILON || uniformUnit(this.rng) < Math.exp(-change / temperature)) {
        current.set(arrangement.groupOfStudent);
        currentCost = cost;
      } else {
        arrangement.load(current);
        objective.reset(arrangement);
      }
      if (cost <= bestCost + EPSILON) {
        bestCost = Math.min(cost, bestCost);
        best.set(current);
      }
      yield { done: this.evaluations / most };
    }
    return { groupOfStudent: best, evaluations: this.evaluations };
  }

  /** Each step the least bad of a few exchanges: what was good stays, and the way back down is short. */
  private shake(steps: number): void {
    const { exchange, chosen, arrangement, objective, proposals } = this;
    for (let step = 0; step < steps; step++) {
      const sideways = quickInt(this.rng, ONE_SIDEWAYS_IN) === 0;
      let least = Infinity;
      for (let draw = 0; draw < DRAWS_A_STEP; draw++) {
        // Counted before it may come to nothing: among blocks that fit nowhere else every draw does.
        this.evaluations++;
        if (!proposals.draw(arrangement)) continue;
        const change = objective.costDelta(exchange, arrangement, least);
        if (change >= least || (!sideways && Math.abs(change) < EPSILON)) continue;
        if (objective.penaltyDelta(exchange, arrangement) > 0) continue;
        least = change;
        chosen.copy(exchange);
      }
      if (least < Infinity) this.make(chosen);
    }
  }

  private make(exchange: Exchange): void {
    this.objective.commit(exchange, this.arrangement);
    this.changed[exchange.from] = 1;
    this.changed[exchange.to] = 1;
  }

  /** Sweeps over the pairs with a changed group until none of them has anything to gain. */
  private descend(most: number): void {
    const { groupCount, sectionOfGroup } = this.problem;
    const before = new Uint8Array(groupCount);
    while (this.evaluations < most && this.changed.includes(1)) {
      before.set(this.changed);
      this.changed.fill(0);
      for (let one = 0; one < groupCount; one++) {
        for (let two = one + 1; two < groupCount; two++) {
          if (sectionOfGroup[one] !== sectionOfGroup[two]) continue;
          const same = !before[one] && !before[two] && !this.changed[one] && !this.changed[two];
          while (!same && this.betterPair(one, two));
        }
      }
    }
    this.changed.fill(0);
  }

  /** Makes the first exchange between two groups that is better; false where none is. */
  private betterPair(one: number, two: number): boolean {
    const { here, there, problem, arrangement, objective } = this;
    this.evaluations++;
    if (objective.mostGain(one, two, arrangement) <= EPSILON) return false;
    const sizeOne = arrangement.sizeOfGroup[one] as number;
    const sizeTwo = arrangement.sizeOfGroup[two] as number;
    const hereCount = this.singles(one, here);
    const thereCount = this.singles(two, there);
    const { span } = this;
    if (!objective.narrow(one, two, span)) {
      span.ofStudent = this.nothing;
      span.low = -1;
      span.high = 1;
    }
    if (this.betterExchange(one, two, hereCount, thereCount)) return true;
    if (problem.classOfGroup[one] !== problem.classOfGroup[two]) return false;
    // The larger size may go over to the other group.
    if (sizeOne === sizeTwo + 1)
      return this.betterGrowth(one, two, here, hereCount, there, thereCount);
    if (sizeTwo === sizeOne + 1)
      return this.betterGrowth(two, one, there, thereCount, here, hereCount);
    return false;
  }

  /** One student for one, or two for two; only those within the span are worth more than a look. */
  private betterExchange(one: number, two: number, hereCount: number, thereCount: number): boolean {
    const { here, there, broughtHere, broughtThere, exchange } = this;
    const { low, high } = this.span;
    this.gather(here, hereCount, broughtHere);
    this.gather(there, thereCount, broughtThere);
    const passed = hereCount * thereCount * (1 + ((hereCount - 1) * (thereCount - 1)) / 4);
    this.evaluations += Math.ceil(LOOK * passed);
    for (let a = 0; a < hereCount; a++) {
      for (let b = 0; b < thereCount; b++) {
        const single = (broughtHere[a] as number) - (broughtThere[b] as number);
        if (single > low && single < high) {
          exchange.begin(one, two);
          exchange.addGoing(here[a] as number);
          exchange.addComing(there[b] as number);
          if (this.tried()) return true;
        }
        for (let c = a + 1; c < hereCount; c++) {
          const going = single + (broughtHere[c] as number);
          for (let d = b + 1; d < thereCount; d++) {
            const net = going - (broughtThere[d] as number);
            if (net <= low || net >= high) continue;
            exchange.begin(one, two);
            exchange.addGoing(here[a] as number);
            exchange.addGoing(here[c] as number);
            exchange.addComing(there[b] as number);
            exchange.addComing(there[d] as number);
            if (this.tried()) return true;
          }
        }
      }
    }
    return false;
  }

  /** What each of the students brings to the span's sum. */
  private gather(students: Int32Array, count: number, brought: Float64Array): void {
    const { ofStudent } = this.span;
    for (let i = 0; i < count; i++) brought[i] = ofStudent[students[i] as number] as number;
  }

  /** One student of the larger group for none, or two for one. */
  private betterGrowth(
    larger: number,
    smaller: number,
    going: Int32Array,
    goingCount: number,
    coming: Int32Array,
    comingCount: number,
  ): boolean {
    const { exchange } = this;
    for (let a = 0; a < goingCount; a++) {
      exchange.begin(larger, smaller);
      exchange.addGoing(going[a] as number);
      if (this.tried()) return true;
      for (let c = a + 1; c < goingCount; c++) {
        for (let b = 0; b < comingCount; b++) {
          exchange.begin(larger, smaller);
          exchange.addGoing(going[a] as number);
          exchange.addGoing(going[c] as number);
          exchange.addComing(coming[b] as number);
          if (this.tried()) return true;
        }
      }
    }
    return false;
  }

  private tried(): boolean {
    const { exchange, arrangement, objective } = this;
    this.evaluations++;
    if (!objective.isBetter(exchange, arrangement, EPSILON)) return false;
    if (objective.penaltyDelta(exchange, arrangement) > 0) return false;
    this.make(exchange);
    return true;
  }

  /** Fills `into` with the group's students who may move alone; returns how many. */
  private singles(group: number, into: Int32Array): number {
    const { arrangement, units } = this;
    const start = group * arrangement.capacity;
    let count = 0;
    for (let seat = 0; seat < (arrangement.sizeOfGroup[group] as number); seat++) {
      const student = arrangement.members[start + seat] as number;
      if (units.sizeOfUnit[units.unitOfStudent[student] as number] === 1) into[count++] = student;
    }
    return count;
  }
}
