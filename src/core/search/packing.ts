import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { quickInt, shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import { COUNTINGS } from '../rules/counting';
import { mayEverSit } from './placement';

/** Moves for which a unit stays out of a group it has left: a fourth of the units at most, and as many again at random. */
const LONGEST_TENURE = 20;
/** Weight of everything at first, and what a broken place gains where no move helps. */
const FIRST_WEIGHT = 2;
const GAIN = 1;
/** Moves without a better arrangement after which the search begins anew. */
const PATIENCE_A_UNIT = 8;
const LEAST_PATIENCE = 500;
/** More than any change of penalty. */
const MOST = 0x7fffffff;

/**
 * Whole units packed into groups whose sizes may be wrong on the way: what is wrong about sizes, pairs to be kept apart
 * and counts of marked students is brought down by moving a unit or exchanging two of any sizes, those just moved
 * staying put for a while (tabu search, Glover 1989), and whatever stays wrong weighing more and more (breakout, Morris
 * 1993). Where blocks fill groups to the last seat, no exchange of equal numbers leads anywhere, and this does.
 * Cost of a move: units x members of a group.
 */
export class Packing {
  /** unit → group; valid where `penalty` is 0. */
  readonly groupOfUnit: Int32Array;
  /** What is wrong, unweighted: seats, pairs and marked students too many or too few. */
  penalty = MOST;
  private readonly rules: readonly MarkedProblemRule[];
  /** rule * unitCount + unit → marked students in it. */
  private readonly marks: Int32Array;
  /** rule * groupCount + group → marked students in it, and what being wrong there weighs. */
  private readonly counts: Int32Array;
  private readonly weightOfCount: Int32Array;
  /** group → students in it, and what a wrong size weighs there. */
  private readonly load: Int32Array;
  private readonly weightOfSize: Int32Array;
  private weightOfPair = FIRST_WEIGHT;
  /** group → its sizes that are right: base, and one more where its class has larger ones. */
  private readonly least: Int32Array;
  private readonly most: Int32Array;
  /** unit * groupCount + group → units there that it must be kept apart from; 1 where it may never be there. */
  private readonly meets: Int32Array;
  private readonly never: Uint8Array;
  /** group → pairs in it that must be apart. */
  private readonly pairs: Int32Array;
  /** rule → how its count is looked at; looked up once. */
  private readonly wrong: readonly ((count: number, marked: number) => number)[];
  private readonly asked: Int32Array;
  private readonly tabuUntil: Int32Array;
  /** one * unitCount + two → 1 where the two must be apart. */
  private readonly apart: Uint8Array;
  private readonly order: Int32Array;
  private readonly tenure: number;
  private turn = 0;
  private best = MOST;
  private sinceBest = 0;

  /** Whether the tables of a problem are worth their memory. */
  static suits({ groupCount }: Problem, { unitCount }: Units): boolean {
    return groupCount > 1 && unitCount <= 1_200 && unitCount * groupCount <= 200_000;
  }

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly rng: Rng,
  ) {
    const { groupCount, classOfGroup, baseOfClass, extrasOfClass } = problem;
    const { unitCount } = units;
    this.tenure = Math.min(LONGEST_TENURE, 1 + (unitCount >> 2));
    this.rules = problem.rules.filter((rule): rule is MarkedProblemRule => 'marked' in rule);
    this.marks = new Int32Array(this.rules.length * unitCount);
    this.rules.forEach(({ marked }, rule) =>
      units.unitOfStudent.forEach((unit, student) => {
        const at = rule * unitCount + unit;
        this.marks[at] = (this.marks[at] as number) + (marked[student] as number);
      }),
    );
    this.wrong = this.rules.map(({ kind }) => COUNTINGS[kind].penalty);
    this.asked = Int32Array.from(this.rules, ({ count }) => count);
    this.pairs = new Int32Array(groupCount);
    this.groupOfUnit = new Int32Array(unitCount);
    this.counts = new Int32Array(this.rules.length * groupCount);
    this.weightOfCount = new Int32Array(this.counts.length);
    this.load = new Int32Array(groupCount);
    this.weightOfSize = new Int32Array(groupCount);
    this.least = Int32Array.from(
      { length: groupCount },
      (_, group) => baseOfClass[classOfGroup[group] as number] as number,
    );
    this.most = this.least.map(
      (base, group) =>
        base + ((extrasOfClass[classOfGroup[group] as number] as number) > 0 ? 1 : 0),
    );
    this.meets = new Int32Array(unitCount * groupCount);
    this.never = new Uint8Array(unitCount * groupCount);
    this.tabuUntil = new Int32Array(unitCount * groupCount);
    this.apart = new Uint8Array(unitCount * unitCount);
    this.order = Int32Array.from({ length: unitCount }, (_, unit) => unit);
    for (let unit = 0; unit < unitCount; unit++) {
      for (let group = 0; group < groupCount; group++) {
        if (!mayEverSit(problem, units, unit, group)) this.never[unit * groupCount + group] = 1;
      }
      for (const other of this.neighboursOf(unit)) this.apart[unit * unitCount + other] = 1;
    }
  }

  /** Makes at most `moves` moves; true where everything fits. */
  run(moves: number): boolean {
    if (this.penalty === MOST) this.begin();
    for (let left = moves; left > 0 && this.penalty > 0; left--) {
      if (this.sinceBest > PATIENCE_A_UNIT * this.units.unitCount + LEAST_PATIENCE) this.begin();
      this.step();
    }
    return this.penalty === 0;
  }

  /** The largest units first, each into a group with most room for it. */
  private begin(): void {
    const { units, order, rng } = this;
    const { groupCount } = this.problem;
    shuffle(rng, order);
    order.sort((a, b) => (units.sizeOfUnit[b] as number) - (units.sizeOfUnit[a] as number));
    this.groupOfUnit.fill(-1);
    for (const table of [this.counts, this.load, this.meets, this.pairs, this.tabuUntil])
      table.fill(0);
    this.weightOfCount.fill(FIRST_WEIGHT);
    this.weightOfSize.fill(FIRST_WEIGHT);
    this.weightOfPair = FIRST_WEIGHT;
    this.turn = 0;
    for (const unit of order) {
      let home = -1;
      let least = MOST;
      const start = quickInt(rng, groupCount);
      for (let step = 0; step < groupCount; step++) {
        const group = (start + step) % groupCount;
        if (this.never[unit * groupCount + group] === 1) continue;
        const room = (this.most[group] as number) - (this.load[group] as number);
        const size = units.sizeOfUnit[unit] as number;
        const cost =
          (this.meets[unit * groupCount + group] as number) * 4 +
          (room < size ? 8 : 0) -
          Math.min(room, 3);
        if (cost < least) [home, least] = [group, cost];
      }
      this.seat(unit, home < 0 ? start : home, 1);
    }
    this.penalty = this.total(false);
    this.best = this.penalty;
    this.sinceBest = 0;
  }

  /** The best move or exchange of a unit of one group in which something is wrong. */
  private step(): void {
    const { groupCount } = this.problem;
    const group = this.wrongGroup();
    const weighed = this.total(true);
    let [bestOne, bestTwo, bestGroup, bestDelta, ties] = [-1, -1, -1, MOST, 0];
    const consider = (
      one: number,
      two: number,
      to: number,
      delta: number,
      isTabu: boolean,
    ): void => {
      // What would set everything right is made even so.
      if (isTabu && weighed + delta > 0) return;
      if (delta > bestDelta) return;
      ties = delta < bestDelta ? 1 : ties + 1;
      if (delta === bestDelta && quickInt(this.rng, ties) !== 0) return;
      [bestOne, bestTwo, bestGroup, bestDelta] = [one, two, to, delta];
    };
    const { unitCount } = this.units;
    for (let one = 0; one < unitCount; one++) {
      if (this.groupOfUnit[one] !== group) continue;
      for (let to = 0; to < groupCount; to++) {
        if (to === group || this.never[one * groupCount + to] === 1) continue;
        consider(one, -1, to, this.deltaOfMove(one, -1, group, to), this.isTabu(one, to));
      }
      for (let two = 0; two < unitCount; two++) {
        const to = this.groupOfUnit[two] as number;
        if (to === group) continue;
        if (this.never[one * groupCount + to] === 1 || this.never[two * groupCount + group] === 1)
          continue;
        const isTabu = this.isTabu(one, to) || this.isTabu(two, group);
        consider(one, two, to, this.deltaOfMove(one, two, group, to), isTabu);
      }
    }
    this.turn++;
    this.sinceBest++;
    if (bestOne < 0) return;
    if (bestDelta >= 0) this.gainWeight();
    const until = this.turn + this.tenure + quickInt(this.rng, this.tenure);
    this.seat(bestOne, group, -1);
    this.tabuUntil[bestOne * groupCount + group] = until;
    if (bestTwo >= 0) {
      this.seat(bestTwo, bestGroup, -1);
      this.tabuUntil[bestTwo * groupCount + bestGroup] = until;
      this.seat(bestTwo, group, 1);
    }
    this.seat(bestOne, bestGroup, 1);
    this.penalty = this.total(false);
    if (this.penalty < this.best) [this.best, this.sinceBest] = [this.penalty, 0];
  }

  private isTabu(unit: number, group: number): boolean {
    return (this.tabuUntil[unit * this.problem.groupCount + group] as number) > this.turn;
  }

  /** A random one of the groups in which something is wrong. */
  private wrongGroup(): number {
    let found = 0;
    let chosen = 0;
    for (let group = 0; group < this.problem.groupCount; group++) {
      if (!this.isWrong(group)) continue;
      found++;
      if (quickInt(this.rng, found) === 0) chosen = group;
    }
    return chosen;
  }

  private isWrong(group: number): boolean {
    if (this.wrongSize(group, this.load[group] as number) > 0) return true;
    for (let rule = 0; rule < this.rules.length; rule++) {
      if (this.wrongCount(rule, this.counts[rule * this.problem.groupCount + group] as number) > 0)
        return true;
    }
    return (this.pairs[group] as number) > 0;
  }

  private wrongSize(group: number, load: number): number {
    return Math.max(0, load - (this.most[group] as number), (this.least[group] as number) - load);
  }

  private wrongCount(rule: number, held: number): number {
    return (this.wrong[rule] as (count: number, marked: number) => number)(
      this.asked[rule] as number,
      held,
    );
  }

  /** Everything that is wrong, weighed or plain. */
  private total(weighed: boolean): number {
    const { groupCount } = this.problem;
    let sum = 0;
    for (let group = 0; group < groupCount; group++) {
      const size = this.wrongSize(group, this.load[group] as number);
      sum += size * (weighed ? (this.weightOfSize[group] as number) : 1);
      sum += (this.pairs[group] as number) * (weighed ? this.weightOfPair : 1);
    }
    for (let rule = 0, at = 0; rule < this.rules.length; rule++) {
      for (let group = 0; group < groupCount; group++, at++) {
        const wrong = this.wrongCount(rule, this.counts[at] as number);
        sum += wrong * (weighed ? (this.weightOfCount[at] as number) : 1);
      }
    }
    return sum;
  }

  /** Change of the weighed sum when `one` goes from a group to another and `two`, -1 for nobody, comes back. */
  private deltaOfMove(one: number, two: number, from: number, to: number): number {
    const { groupCount } = this.problem;
    const { sizeOfUnit, unitCount } = this.units;
    const size = (sizeOfUnit[one] as number) - (two < 0 ? 0 : (sizeOfUnit[two] as number));
    let delta = this.meets[one * groupCount + to] as number;
    delta -= this.meets[one * groupCount + from] as number;
    if (two >= 0) {
      delta +=
        (this.meets[two * groupCount + from] as number) -
        (this.meets[two * groupCount + to] as number);
      delta -= 2 * (this.apart[one * unitCount + two] as number);
    }
    delta *= this.weightOfPair;
    if (size !== 0) {
      const [here, there] = [this.load[from] as number, this.load[to] as number];
      delta +=
        (this.weightOfSize[from] as number) *
        (this.wrongSize(from, here - size) - this.wrongSize(from, here));
      delta +=
        (this.weightOfSize[to] as number) *
        (this.wrongSize(to, there + size) - this.wrongSize(to, there));
    }
    for (let rule = 0; rule < this.rules.length; rule++) {
      const marked =
        (this.marks[rule * unitCount + one] as number) -
        (two < 0 ? 0 : (this.marks[rule * unitCount + two] as number));
      if (marked === 0) continue;
      delta +=
        this.deltaOfCount(rule, rule * groupCount + from, -marked) +
        this.deltaOfCount(rule, rule * groupCount + to, marked);
    }
    return delta;
  }

  private deltaOfCount(rule: number, at: number, change: number): number {
    const held = this.counts[at] as number;
    const more = this.wrongCount(rule, held + change) - this.wrongCount(rule, held);
    return more === 0 ? 0 : more * (this.weightOfCount[at] as number);
  }

  private gainWeight(): void {
    const { groupCount } = this.problem;
    for (let group = 0; group < groupCount; group++) {
      if (this.wrongSize(group, this.load[group] as number) > 0)
        this.weightOfSize[group] = (this.weightOfSize[group] as number) + GAIN;
      if ((this.pairs[group] as number) > 0) this.weightOfPair += GAIN / groupCount;
    }
    for (let at = 0; at < this.counts.length; at++) {
      if (this.wrongCount(Math.floor(at / groupCount), this.counts[at] as number) > 0)
        this.weightOfCount[at] = (this.weightOfCount[at] as number) + GAIN;
    }
  }

  private seat(unit: number, group: number, step: 1 | -1): void {
    const { groupCount } = this.problem;
    const { unitCount, sizeOfUnit } = this.units;
    this.groupOfUnit[unit] = step === 1 ? group : -1;
    this.load[group] = (this.load[group] as number) + step * (sizeOfUnit[unit] as number);
    const met = this.meets[unit * groupCount + group] as number;
    this.pairs[group] = (this.pairs[group] as number) + step * met;
    for (let rule = 0; rule < this.rules.length; rule++) {
      const at = rule * groupCount + group;
      this.counts[at] =
        (this.counts[at] as number) + step * (this.marks[rule * unitCount + unit] as number);
    }
    for (const other of this.neighboursOf(unit)) {
      const at = other * groupCount + group;
      this.meets[at] = (this.meets[at] as number) + step;
    }
  }

  private neighboursOf(unit: number): Int32Array {
    const { neighbours, startOfNeighbours } = this.units;
    return neighbours.subarray(startOfNeighbours[unit], startOfNeighbours[unit + 1]);
  }
}
