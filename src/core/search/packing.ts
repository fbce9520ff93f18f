import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { quickInt, shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import { COUNTINGS } from '../rules/counting';
import { evolve } from './crossing';
import { markedOfUnits, markedRules } from './marked';
import { mayEverSit } from './placement';

/** Moves of the tabu search on each of the two arrangements, before they are crossed. */
const MOVES_A_LIFE = 2_000;
/** Moves for which a unit stays out of a group it has left: this, up to so many more, and this part of what is wrong. */
const TENURE = { least: 2, spread: 5, part: 0.1 };
/** What a pair that must be apart weighs beside one seat or one marked student too many or too few. */
const PAIR = 2;
/** More than any penalty or cost; a whole number, so that what is compared with it stays one. */
const MOST = 1 << 30;
/** What a unit meets in a group where it may never be: more than any change of penalty. */
const NEVER = 1 << 20;

/**
 * Whole units packed into groups whose sizes may be wrong on the way: what is wrong about sizes, pairs to be kept apart
 * and counts of marked students is brought down by moving a unit or exchanging two of any sizes, those just moved
 * staying put for a while (tabu search, Glover 1989), and two such arrangements are crossed again and again. Where
 * blocks fill groups to the last seat, no exchange of equal numbers leads anywhere, and this does.
 * Cost of a move: units x groups in which something is wrong.
 */
export class Packing {
  /** What is wrong with the best met: seats and marked students too many or too few, and pairs, these weighing PAIR. */
  incumbentPenalty = MOST;
  private readonly best: Int32Array;
  private penalty = MOST;
  /** unit → group. */
  private readonly groupOfUnit: Int32Array;
  private readonly rules: readonly MarkedProblemRule[];
  /** rule * unitCount + unit → marked students in it. */
  private readonly marks: Int32Array;
  /** rule * groupCount + group → marked students in it. */
  private readonly counts: Int32Array;
  /** group → students in it. */
  private readonly load: Int32Array;
  /** group → its sizes that are right: base, and one more where its class has larger ones. */
  private readonly least: Int32Array;
  private readonly most: Int32Array;
  /** group * unitCount + unit → units there that it must be kept apart from, NEVER more where it may not be there. */
  private readonly meets: Int32Array;
  /** The same of groups that are empty. */
  private readonly never: Int32Array;
  /** group → pairs in it that must be apart, and what else is wrong there. */
  private readonly pairs: Int32Array;
  private readonly rest: Int32Array;
  /** rule → how its count is looked at; looked up once. */
  private readonly wrong: readonly ((count: number, marked: number) => number)[];
  private readonly asked: Int32Array;
  /** group * unitCount + unit → move until which the unit stays out of the group. */
  private readonly tabuUntil: Int32Array;
  /** one * unitCount + two → 2 where the two must be apart. */
  private readonly apart: Uint8Array;
  /** group * unitCount + place → unit; group → units in it; unit → its place there. */
  private readonly members: Int32Array;
  private readonly memberCount: Int32Array;
  private readonly placeOfUnit: Int32Array;
  /** unit → what it would meet in the group that is looked at, less what it meets where it is; group → the least of those. */
  private readonly gainOfUnit: Int32Array;
  private readonly leastOfGroup: Int32Array;
  private readonly order: Int32Array;
  private readonly work: Generator<void, never, void>;
  private turn = 0;
  /** Units looked at since the beginning of all. */
  private looks = 0;
  private bestOne = -1;
  private bestTwo = -1;
  private bestGroup = -1;
  private bestDelta = NEVER;
  private ties = 0;

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
    this.rules = markedRules(problem);
    this.marks = markedOfUnits(this.rules, units);
    this.wrong = this.rules.map(({ kind }) => COUNTINGS[kind].penalty);
    this.asked = Int32Array.from(this.rules, ({ count }) => count);
    this.groupOfUnit = new Int32Array(unitCount);
    this.best = new Int32Array(unitCount);
    this.placeOfUnit = new Int32Array(unitCount);
    this.gainOfUnit = new Int32Array(unitCount);
    this.counts = new Int32Array(this.rules.length * groupCount);
    this.load = new Int32Array(groupCount);
    this.pairs = new Int32Array(groupCount);
    this.rest = new Int32Array(groupCount);
    this.memberCount = new Int32Array(groupCount);
    this.leastOfGroup = new Int32Array(groupCount);
    this.least = classOfGroup.map((of) => baseOfClass[of] as number);
    this.most = classOfGroup.map(
      (of) => (baseOfClass[of] as number) + ((extrasOfClass[of] as number) > 0 ? 1 : 0),
    );
    this.meets = new Int32Array(groupCount * unitCount);
    this.members = new Int32Array(groupCount * unitCount);
    this.tabuUntil = new Int32Array(groupCount * unitCount);
    this.never = new Int32Array(groupCount * unitCount);
    this.apart = new Uint8Array(unitCount * unitCount);
    this.order = Int32Array.from({ length: unitCount }, (_, unit) => unit);
    for (let unit = 0; unit < unitCount; unit++) {
      for (let group = 0; group < groupCount; group++) {
        if (!mayEverSit(problem, units, unit, group)) this.never[group * unitCount + unit] = NEVER;
      }
      for (const other of this.neighboursOf(unit)) this.apart[unit * unitCount + other] = 2;
    }
    const misfit = (those: readonly number[], group: number): number => {
      let load = 0;
      let ill = 0;
      for (const unit of those) {
        load += units.sizeOfUnit[unit] as number;
        ill += this.never[group * unitCount + unit] as number;
      }
      return ill + this.wrongSize(group, load);
    };
    this.work = evolve(units, groupCount, (start) => this.live(start), misfit, rng);
  }

  get done(): boolean {
    return this.incumbentPenalty === 0;
  }

  /** student → group of the best met; valid where its penalty is 0. */
  get incumbent(): Int32Array {
    return this.units.unitOfStudent.map((unit) => this.best[unit] as number);
  }

  /** Looks at about so many units more; stops early when done. Returns how many were looked at. */
  run(looks: number): number {
    const before = this.looks;
    while (this.looks - before < looks && !this.done) this.work.next();
    return this.looks - before;
  }

  private *live(start: Int32Array): Generator<void, Int32Array, void> {
    const { groupOfUnit } = this;
    const best = start.slice();
    let least = MOST;
    this.begin(start);
    for (let moves = 0; moves < MOVES_A_LIFE; moves++) {
      if (this.penalty < least) {
        best.set(groupOfUnit);
        least = this.penalty;
        if (this.penalty < this.incumbentPenalty) {
          this.incumbentPenalty = this.penalty;
          this.best.set(groupOfUnit);
        }
      }
      yield;
      this.step();
    }
    return best;
  }

  /** Those who are nowhere, the largest units first, each into a group with few whom it meets and most room for it. */
  private begin(start: Int32Array): void {
    const { units, order, rng, never } = this;
    const { groupCount } = this.problem;
    const { unitCount, sizeOfUnit } = units;
    this.groupOfUnit.fill(-1);
    this.meets.set(never);
    for (const table of [this.counts, this.load, this.pairs, this.tabuUntil, this.memberCount])
      table.fill(0);
    this.turn = 0;
    start.forEach((group, unit) => {
      if (group !== -1 && never[group * unitCount + unit] !== NEVER) this.seat(unit, group, 1);
    });
    shuffle(rng, order);
    order.sort((a, b) => (sizeOfUnit[b] as number) - (sizeOfUnit[a] as number));
    for (const unit of order) {
      if (this.groupOfUnit[unit] !== -1) continue;
      const first = quickInt(rng, groupCount);
      const size = sizeOfUnit[unit] as number;
      let home = first;
      let least = MOST;
      for (let step = 0; step < groupCount; step++) {
        const group = (first + step) % groupCount;
        const at = group * unitCount + unit;
        if (never[at] === NEVER) continue;
        const room = (this.most[group] as number) - (this.load[group] as number);
        const cost = (this.meets[at] as number) * 4 + (room < size ? 8 : 0) - Math.min(room, 3);
        if (cost < least) [home, least] = [group, cost];
      }
      this.seat(unit, home, 1);
    }
    this.look();
  }

  /** The best move or exchange of a unit that is part of what is wrong. */
  private step(): void {
    const { groupCount } = this.problem;
    const { members, memberCount, meets, rest, pairs } = this;
    const { unitCount } = this.units;
    this.turn++;
    [this.bestOne, this.bestDelta, this.ties] = [-1, NEVER, 0];
    for (let group = 0; group < groupCount; group++) {
      if (rest[group] === 0 && pairs[group] === 0) continue;
      this.weighNewcomers(group);
      const row = group * unitCount;
      const end = row + (memberCount[group] as number);
      for (let place = row; place < end; place++) {
        const one = members[place] as number;
        if (rest[group] !== 0 || meets[row + one] !== 0) this.weighLeaving(one, group);
      }
    }
    if (this.bestOne >= 0) this.make(this.bestOne, this.bestTwo, this.bestGroup);
  }

  private weighNewcomers(home: number): void {
    const { members, memberCount, meets, gainOfUnit, leastOfGroup } = this;
    const { unitCount } = this.units;
    const { groupCount } = this.problem;
    const rowOfHome = home * unitCount;
    this.looks += unitCount;
    for (let group = 0, row = 0; group < groupCount; group++, row += unitCount) {
      const end = row + (memberCount[group] as number);
      let least = MOST;
      for (let place = row; place < end; place++) {
        const unit = members[place] as number;
        const gain = (meets[rowOfHome + unit] as number) - (meets[row + unit] as number);
        gainOfUnit[unit] = gain;
        if (gain < least) least = gain;
      }
      leastOfGroup[group] = least;
    }
  }

  private weighLeaving(one: number, home: number): void {
    const { members, memberCount, meets, gainOfUnit, leastOfGroup, apart, rest } = this;
    const { unitCount } = this.units;
    const { groupCount } = this.problem;
    const saved = meets[home * unitCount + one] as number;
    const wrong = rest[home] as number;
    this.looks += groupCount;
    for (let group = 0, row = 0; group < groupCount; group++, row += unitCount) {
      // Whatever else is wrong in the two groups cannot become better by more than all of it.
      const free = wrong + (rest[group] as number);
      const met = PAIR * ((meets[row + one] as number) - saved);
      const least = Math.min(0, PAIR * ((leastOfGroup[group] as number) - 2));
      if (met + least - free > this.bestDelta || group === home) continue;
      if (met - free <= this.bestDelta) this.consider(one, -1, home, group, met);
      const count = memberCount[group] as number;
      this.looks += count;
      for (let place = row; place < row + count; place++) {
        const two = members[place] as number;
        const gain = (gainOfUnit[two] as number) - (apart[one * unitCount + two] as number);
        const both = met + PAIR * gain;
        if (both - free <= this.bestDelta) this.consider(one, two, home, group, both);
      }
    }
  }

  /** `two` is -1 where nobody comes back; `ofPairs` is what changes about pairs. */
  private consider(one: number, two: number, home: number, group: number, ofPairs: number): void {
    const { tabuUntil } = this;
    const { unitCount } = this.units;
    const delta = ofPairs + this.deltaOfRest(one, two, home, group);
    if (delta > this.bestDelta) return;
    const isTabu =
      (tabuUntil[group * unitCount + one] as number) > this.turn ||
      (two >= 0 && (tabuUntil[home * unitCount + two] as number) > this.turn);
    // What would set everything right is made even so.
    if (isTabu && this.penalty + delta > 0) return;
    this.ties = delta < this.bestDelta ? 1 : this.ties + 1;
    if (this.ties > 1 && quickInt(this.rng, this.ties) !== 0) return;
    this.bestOne = one;
    this.bestTwo = two;
    this.bestGroup = group;
    this.bestDelta = delta;
  }

  /** Change of what is wrong about sizes and counts when `one` goes from a group to another and `two` comes back. */
  private deltaOfRest(one: number, two: number, from: number, to: number): number {
    const { load, rules, marks } = this;
    const { groupCount } = this.problem;
    const { sizeOfUnit, unitCount } = this.units;
    const size = (sizeOfUnit[one] as number) - (two < 0 ? 0 : (sizeOfUnit[two] as number));
    let delta = 0;
    if (size !== 0) {
      const here = load[from] as number;
      const there = load[to] as number;
      delta +=
        this.wrongSize(from, here - size) +
        this.wrongSize(to, there + size) -
        this.wrongSize(from, here) -
        this.wrongSize(to, there);
    }
    for (let rule = 0; rule < rules.length; rule++) {
      const row = rule * unitCount;
      const marked = (marks[row + one] as number) - (two < 0 ? 0 : (marks[row + two] as number));
      if (marked === 0) continue;
      delta +=
        this.deltaOfCount(rule, rule * groupCount + from, -marked) +
        this.deltaOfCount(rule, rule * groupCount + to, marked);
    }
    return delta;
  }

  private deltaOfCount(rule: number, at: number, change: number): number {
    const held = this.counts[at] as number;
    return this.wrongCount(rule, held + change) - this.wrongCount(rule, held);
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

  private make(one: number, two: number, to: number): void {
    const { tabuUntil, rng } = this;
    const { unitCount } = this.units;
    const from = this.groupOfUnit[one] as number;
    const late =
      TENURE.least + quickInt(rng, TENURE.spread) + Math.floor(TENURE.part * this.penalty);
    this.seat(one, from, -1);
    tabuUntil[from * unitCount + one] = this.turn + late;
    if (two >= 0) {
      this.seat(two, to, -1);
      tabuUntil[to * unitCount + two] = this.turn + late;
      this.seat(two, from, 1);
    }
    this.seat(one, to, 1);
    this.look();
  }

  /** Counts what is wrong, by group and in all. */
  private look(): void {
    const { groupCount } = this.problem;
    this.penalty = 0;
    for (let group = 0; group < groupCount; group++) {
      let rest = this.wrongSize(group, this.load[group] as number);
      for (let rule = 0; rule < this.rules.length; rule++)
        rest += this.wrongCount(rule, this.counts[rule * groupCount + group] as number);
      this.rest[group] = rest;
      this.penalty += rest + PAIR * (this.pairs[group] as number);
    }
  }

  private seat(unit: number, group: number, step: 1 | -1): void {
    const { members, memberCount, placeOfUnit, meets } = this;
    const { groupCount } = this.problem;
    const { unitCount, sizeOfUnit } = this.units;
    const row = group * unitCount;
    const count = memberCount[group] as number;
    memberCount[group] = count + step;
    if (step === 1) {
      members[row + count] = unit;
      placeOfUnit[unit] = count;
    } else {
      const last = members[row + count - 1] as number;
      const place = placeOfUnit[unit] as number;
      members[row + place] = last;
      placeOfUnit[last] = place;
    }
    this.groupOfUnit[unit] = step === 1 ? group : -1;
    this.load[group] = (this.load[group] as number) + step * (sizeOfUnit[unit] as number);
    this.pairs[group] = (this.pairs[group] as number) + step * (meets[row + unit] as number);
    for (let rule = 0; rule < this.rules.length; rule++) {
      const at = rule * groupCount + group;
      this.counts[at] =
        (this.counts[at] as number) + step * (this.marks[rule * unitCount + unit] as number);
    }
    for (const other of this.neighboursOf(unit))
      meets[row + other] = (meets[row + other] as number) + step;
  }

  private neighboursOf(unit: number): Int32Array {
    const { neighbours, startOfNeighbours } = this.units;
    return neighbours.subarray(startOfNeighbours[unit], startOfNeighbours[unit + 1]);
  }
}
