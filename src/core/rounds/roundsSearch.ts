import type { Progress } from '../format';
import { prepareGoals } from '../goals/list';
import { partnerPlaces } from '../goals/freshPartners';
import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { uniformInt, uniformUnit } from '../random/uniform';
import type { Rng } from '../random/rng';
import { ruleTerms } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import { Objective } from '../search/objective';
import { Proposals } from '../search/proposal';
import { Meetings } from './meetings';

export interface SearchedRounds {
  readonly rounds: readonly Int32Array[];
  readonly cost: number;
  readonly penalty: number;
  readonly evaluations: number;
}

const STEP = 128;
const STEPS_A_REPORT = 32;
const COLDEST = 0.02;
/** What breaking a rule costs, in repeats. */
const PRICE_IN_REPEATS = 4;
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
  private readonly repeatCost: number;

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

  /** Exchanges students within rounds, first loosely, then strictly; stops at `leastRepeats` where nothing else counts. */
  *run(
    exchanges: number,
    heat: number,
    leastRepeats: number,
  ): Generator<Progress, SearchedRounds, void> {
    const { rng, proposals, meetings } = this;
    const rounds = this.objectives.length;
    const alone = this.objectives.every((objective) => objective.isFree);
    let best = this.assignments();
    let [bestCost, bestPenalty] = [this.cost(), this.penalty()];
    const price = PRICE_IN_REPEATS * this.repeatCost;
    const cooling = COLDEST ** (STEP / exchanges);
    let temperature = heat * this.repeatCost;
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
        const broken = objective.penaltyDelta(exchange, round);
        const repeats = meetings.delta(exchange, round);
        const partial = broken * price + repeats * this.repeatCost;
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
      temperature *= cooling;
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
    const price = PRICE_IN_REPEATS * this.repeatCost;
    const whole = (): number => this.cost() + this.penalty() * price;
    let now = whole();
    let temperature = this.repeatCost;
    const cooling = COLDEST ** (1 / swaps);
    for (let done = 0; done < swaps && !(freshAlone && bestPenalty === 0); done++) {
      const one = uniformInt(rng, problem.studentCount);
      const two = uniformInt(rng, problem.studentCount);
      temperature *= cooling;
      if (done % 64 === 0) yield { done: done / swaps };
      if (one === two) continue;
      this.swapEverywhere(one, two);
      const next = whole();
      if (next - now > -temperature * Math.log(1 - uniformUnit(rng))) {
        this.swapEverywhere(one, two);
        continue;
      }
      now = next;
      const [penalty, cost] = [this.penalty(), this.cost()];
      if (penalty > bestPenalty || (penalty === bestPenalty && cost >= bestCost - EPSILON))
        continue;
      best = this.assignments();
      [bestCost, bestPenalty] = [cost, penalty];
    }
    return { rounds: best, cost: bestCost, penalty: bestPenalty, evaluations: swaps };
  }

  private swapEverywhere(one: number, two: number): void {
    const { exchange } = this.proposals;
    this.arrangements.forEach((round, r) => {
      const [from, to] = [round.groupOfStudent[one] as number, round.groupOfStudent[two] as number];
      if (from === to) return;
      exchange.begin(from, to);
      exchange.addGoing(one);
      exchange.addComing(two);
      this.meetings.commit(exchange, round);
      (this.objectives[r] as Objective).commit(exchange, round);
    });
  }

  private reset(): void {
    this.objectives.forEach((objective, r) => objective.reset(this.arrangements[r] as Arrangement));
    this.meetings.reset(this.arrangements);
  }
}
