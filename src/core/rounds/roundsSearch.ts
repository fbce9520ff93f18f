import type { Progress } from '../format';
import { prepareGoals } from '../goals/list';
import { partnerPlaces } from '../goals/freshPartners';
import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { uniformInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { Arrangement, type Exchange } from '../terms/arrangement';
import { Objective } from '../search/objective';
import { Proposals } from '../search/proposal';
import { usualSize } from '../search/usual';
import { Meetings } from './meetings';

export interface SearchedRounds {
  readonly rounds: readonly Int32Array[];
  readonly cost: number;
  readonly penalty: number;
  readonly evaluations: number;
}

const STEP = 128;
const STEPS_A_REPORT = 32;
/** What breaking a rule costs at the least, in repeats, and by what that changes after each step. */
const PRICE_IN_REPEATS = 4;
const DEARER = 1.05;
const CHEAPER = 0.98;
const DEAREST = 1e6;
/** The same in first temperatures, so that it is never nothing where repeats weigh next to nothing. */
const PRICE_IN_HEAT = 8;
/** The cooling is slow in this part of the time, down to this part of the first temperature: where repeats are decided. */
const SLOW_PART = 0.8;
const SLOW_PART_BESIDE_FINER = 0.5;
const LUKEWARM = 0.25;
/** The last temperature of all, at which goals that are finer than a repeat have settled; in usual changes of these at the most. */
const COLDEST = 0.006;
const COLDEST_OF_GOALS = 0.02;
/** The last temperature of places dealt anew, and what breaking a rule costs there, in usual changes. */
const COLDEST_DEAL = 0.01;
const PRICE_OF_A_DEAL = 4;
/** What a repeat weighs beside goals of weight 1 where the request names no weight: partners come first. */
const FRESH_WEIGHT = 10;
const EPSILON = 1e-12;

/** Cost of several rounds: repeats, and the mean of the goals' costs over the rounds. */
export class RoundsSearch {
  private readonly arrangements: readonly Arrangement[];
  private readonly objectives: readonly Objective[];
  private readonly meetings: Meetings;
  private readonly proposals: Proposals;
  /** Cost of one repeat. */
  readonly repeatCost: number;

  constructor(
    private readonly problem: Problem,
    units: Units,
    private readonly rng: Rng,
    start: readonly Int32Array[],
  ) {
    const fresh = problem.goals.find(({ kind }) => kind === 'freshPartners');
    const weight = fresh?.weight ?? FRESH_WEIGHT;
    this.repeatCost = weight / (partnerPlaces(problem) * problem.rounds);
    const others = problem.goals.filter(({ kind }) => kind !== 'freshPartners');
    this.arrangements = start.map((round) => new Arrangement(problem, round));
    this.objectives = start.map(
      () => new Objective(prepareGoals({ ...problem, goals: others }), ruleTerms(problem, true)),
    );
    this.meetings = new Meetings(problem);
    this.proposals = new Proposals(problem, units, rng);
    this.reset();
  }

  cost(): number {
    const goals = this.objectives.reduce((sum, objective) => sum + objective.cost(), 0);
    return this.meetings.repeats * this.repeatCost + goals / this.objectives.length;
  }

  penalty(): number {
    return this.objectives.reduce((sum, objective) => sum + objective.penalty(), 0);
  }

  get repeats(): number {
    return this.meetings.repeats;
  }

  assignments(): readonly Int32Array[] {
    return this.arrangements.map(({ groupOfStudent }) => groupOfStudent.slice());
  }

  /**
   * Exchanges students within rounds, so many tries, from a first temperature (in cost) on ever more strictly; stops at
   * `leastRepeats` where nothing else counts. What breaking a rule costs rises while some are broken and falls while none is,
   * so that it is never cheaper to break one than to keep it, however much the goals could win.
   */
  *run(
    exchanges: number,
    first: number,
    leastRepeats: number,
  ): Generator<Progress, SearchedRounds, void> {
    const { rng, proposals, meetings, repeatCost } = this;
    const rounds = this.objectives.length;
    const alone = this.objectives.every((objective) => objective.isFree);
    let best = this.assignments();
    let [bestCost, bestPenalty] = [this.cost(), this.penalty()];
    const leastPrice = Math.max(PRICE_IN_REPEATS * repeatCost, PRICE_IN_HEAT * first);
    let price = leastPrice;
    const last = Math.min(COLDEST, (COLDEST_OF_GOALS * this.usualOfGoals()) / first || COLDEST);
    // Goals that are far finer than a repeat have most of their time once those are settled.
    const slow = last < COLDEST / 4 ? SLOW_PART_BESIDE_FINER : SLOW_PART;
    let temperature = first;
    let done = 0;
    for (let step = 0; done < exchanges; step++) {
      if (alone && bestPenalty === 0 && meetings.repeats <= leastRepeats) break;
      for (let i = 0; i < STEP; i++) {
        const r = uniformInt(rng, rounds);
        const round = this.arrangements[r] as Arrangement;
        const objective = this.objectives[r] as Objective;
        if (!proposals.draw(round)) continue;
        const { exchange } = proposals;
        const limit = -temperature * Math.log(1 - uniformUnit(rng));
        const met = meetings.delta(exchange, round) * repeatCost;
        // No goal can win more than it costs, and no rule more than is broken: most exchanges are given up here.
        const toWin = objective.cost() / rounds;
        if (met - toWin - price * objective.penalty() > limit) continue;
        const broken = objective.penaltyDelta(exchange, round);
        const partial = met + broken * price;
        if (partial - toWin > limit) continue;
        const change = partial + objective.costDelta(exchange, round) / rounds;
        if (change > limit) continue;
        meetings.commit(exchange, round);
        objective.commit(exchange, round);
        if (change >= 0 && broken >= 0) continue;
        const penalty = this.penalty();
        if (penalty > bestPenalty) continue;
        const cost = this.cost();
        if (penalty === bestPenalty && cost >= bestCost - EPSILON) continue;
        best = this.assignments();
        [bestCost, bestPenalty] = [cost, penalty];
      }
      done += STEP;
      price =
        this.penalty() > 0
          ? Math.min(DEAREST * leastPrice, price * DEARER)
          : Math.max(leastPrice, price * CHEAPER);
      temperature = first * coolness(done / exchanges, slow, last);
      if (step % STEPS_A_REPORT === 0) yield { done: done / exchanges };
    }
    return { rounds: best, cost: bestCost, penalty: bestPenalty, evaluations: done };
  }

  /**
   * Lets two students change places in every round at once, which repeats nothing, until rules and goals are as well
   * served as can be: the way to keep a schedule of which every partner is fresh.
   */
  *relabel(swaps: number, freshAlone: boolean): Generator<Progress, SearchedRounds, void> {
    const { problem, rng } = this;
    let best = this.assignments();
    let [bestCost, bestPenalty] = [this.cost(), this.penalty()];
    const usual = this.usualSwap() || 1;
    const price = PRICE_OF_A_DEAL * usual;
    let temperature = usual;
    const cooling = COLDEST_DEAL ** (1 / swaps);
    for (let done = 0; done < swaps && !(freshAlone && bestPenalty === 0); done++) {
      const one = uniformInt(rng, problem.studentCount);
      const two = uniformInt(rng, problem.studentCount);
      temperature *= cooling;
      if (done % 64 === 0) yield { done: done / swaps };
      if (one === two) continue;
      const limit = -temperature * Math.log(1 - uniformUnit(rng));
      const change = this.swapDelta(one, two, price);
      if (change > limit) continue;
      this.swapEverywhere(one, two);
      if (change >= 0) continue;
      const [penalty, cost] = [this.penalty(), this.cost()];
      if (penalty > bestPenalty || (penalty === bestPenalty && cost >= bestCost - EPSILON))
        continue;
      best = this.assignments();
      [bestCost, bestPenalty] = [cost, penalty];
    }
    return { rounds: best, cost: bestCost, penalty: bestPenalty, evaluations: swaps };
  }

  /** Mean size of what random exchanges change about the goals beside partners; those that change nothing left out. */
  usualOfGoals(): number {
    const { rng, proposals } = this;
    const rounds = this.objectives.length;
    return usualSize(() => {
      const r = uniformInt(rng, rounds);
      const round = this.arrangements[r] as Arrangement;
      if (!proposals.draw(round)) return 0;
      return (this.objectives[r] as Objective).costDelta(proposals.exchange, round) / rounds;
    });
  }

  private usualSwap(): number {
    const { rng, problem } = this;
    return usualSize(() => {
      const one = uniformInt(rng, problem.studentCount);
      const two = uniformInt(rng, problem.studentCount);
      return one === two ? 0 : this.swapDelta(one, two, 0);
    });
  }

  /** What it would change if two students changed places in every round, broken rules at a price. */
  private swapDelta(one: number, two: number, price: number): number {
    const { exchange } = this.proposals;
    const rounds = this.arrangements.length;
    // Among themselves the rounds repeat as much as before: only who met in the history counts.
    let change = this.meetings.swapDelta(one, two) * this.repeatCost;
    for (let r = 0; r < rounds; r++) {
      const round = this.arrangements[r] as Arrangement;
      if (!trade(exchange, one, two, round)) continue;
      const objective = this.objectives[r] as Objective;
      change += objective.costDelta(exchange, round) / rounds;
      change += objective.penaltyDelta(exchange, round) * price;
    }
    return change;
  }

  private swapEverywhere(one: number, two: number): void {
    const { exchange } = this.proposals;
    this.arrangements.forEach((round, r) => {
      if (!trade(exchange, one, two, round)) return;
      this.meetings.commit(exchange, round);
      (this.objectives[r] as Objective).commit(exchange, round);
    });
  }

  private reset(): void {
    this.objectives.forEach((objective, r) => objective.reset(this.arrangements[r] as Arrangement));
    this.meetings.reset(this.arrangements);
  }
}

/** Fills the exchange with two students of a round changing places; false where they sit together. */
function trade(exchange: Exchange, one: number, two: number, round: Arrangement): boolean {
  const [from, to] = [round.groupOfStudent[one] as number, round.groupOfStudent[two] as number];
  if (from === to) return false;
  exchange.begin(from, to);
  exchange.addGoing(one);
  exchange.addComing(two);
  return true;
}

/** The temperature after a part of the time, 0 to 1, as a part of the first; `last` at the end. */
function coolness(done: number, slow: number, last: number): number {
  if (done < slow) return LUKEWARM ** (done / slow);
  return LUKEWARM * (last / LUKEWARM) ** ((done - slow) / (1 - slow));
}
