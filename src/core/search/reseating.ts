import type { MarkedProblemRule, Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { quickInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import { COUNTINGS } from '../rules/counting';
import { BITS, countBits, firstBits } from './bits';
import { markedOfUnits, markedRules } from './marked';
import { mayEverSit } from './placement';

/** Units that can be free at once: each has a bit of two words. */
export const MOST_FREE = 64;
/** Groups that can be open at once: each has a bit of one word. */
export const MOST_OPEN = 30;

export type NextWay = 'found' | 'none' | 'paused';

/**
 * Opens a few groups of a valid arrangement and tells every valid way to seat their units in them again, each once, in
 * a random order: a complete depth-first search, the unit with the fewest groups left first (Brélaz 1979), over sets of
 * units as bits, so that a step takes a few operations for each group and none for each unit. Groups keep the sizes they
 * have. Ways that differ only in how groups of no difference are numbered are one: of such groups that stand empty one
 * is tried.
 */
export class Reseating {
  /** place → unit of an open group; those from `freeCount` on mean nothing. */
  readonly free = new Int32Array(MOST_FREE);
  freeCount = 0;
  /** place → group in the way that was found, groups of no difference numbered so that most stay where they are. */
  readonly groupOfPlace = new Int32Array(MOST_FREE);
  /** Looks at whether a group has room, and whether a rule about marked students lets somebody in, since the beginning of all. */
  looks = 0;
  private readonly open = new Int32Array(MOST_OPEN);
  private openCount = 0;
  /** place → number of the open group that the unit sits in now, and sat in at the beginning. */
  private readonly seatOf = new Int32Array(MOST_FREE);
  private readonly homeOf = new Int32Array(MOST_FREE);
  /** unit → its place; -1 for those not free. */
  private readonly placeOfUnit: Int32Array;
  /** place → places it may not meet. */
  private readonly foesLow = new Int32Array(MOST_FREE);
  private readonly foesHigh = new Int32Array(MOST_FREE);
  /** Places not seated. */
  private waitingLow = 0;
  private waitingHigh = 0;
  /** number of an open group → places that pins, sections and those seated there keep out. */
  private readonly outLow = new Int32Array(MOST_OPEN);
  private readonly outHigh = new Int32Array(MOST_OPEN);
  /** number → places that may go there now. */
  private readonly intoLow = new Int32Array(MOST_OPEN);
  private readonly intoHigh = new Int32Array(MOST_OPEN);
  /** number → units there, free seats, and the groups that differ in nothing, as bits. */
  private readonly held = new Int32Array(MOST_OPEN);
  private readonly room = new Int32Array(MOST_OPEN);
  private readonly twins = new Int32Array(MOST_OPEN);
  /** seats → places of units that do not fit into so few. */
  private readonly wideLow: Int32Array;
  private readonly wideHigh: Int32Array;
  /** rule * span + count → places with more marked students than that. */
  private readonly moreLow: Int32Array;
  private readonly moreHigh: Int32Array;
  private readonly span: number;
  /** depth → place seated there, groups still to be tried for it, how many there were, and what its group kept out before. */
  private readonly placeAt = new Int32Array(MOST_FREE);
  private readonly options = new Int32Array(MOST_FREE);
  private readonly optionCount = new Int32Array(MOST_FREE);
  private readonly outLowBefore = new Int32Array(MOST_FREE);
  private readonly outHighBefore = new Int32Array(MOST_FREE);
  private depth = 0;
  private state: 'begun' | 'found' | 'paused' | 'none' = 'none';
  private readonly rules: readonly MarkedProblemRule[];
  /** rule * unitCount + unit → marked students in it. */
  private readonly markedOfUnit: Int32Array;
  /** rule * MOST_OPEN + number → marked students there; rule → those still to be seated. */
  private readonly counts: Int32Array;
  private readonly unseated: Int32Array;
  /** group → 1 where it is told from all others; unit → 1 where pins or sections may keep it out. */
  private readonly isTold: Uint8Array;
  private readonly mayBeKeptOut: Uint8Array;
  private readonly overlap = new Int32Array(MOST_OPEN * MOST_OPEN);
  private readonly labelOf = new Int32Array(MOST_OPEN);

  /** Where `told`, every group is told from every other; else only those to which somebody is pinned. */
  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    told: boolean,
    private readonly rng: Rng,
  ) {
    const { unitCount, unitOfStudent } = units;
    this.placeOfUnit = new Int32Array(unitCount).fill(-1);
    this.rules = markedRules(problem);
    this.markedOfUnit = markedOfUnits(this.rules, units);
    this.span = 2 + problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
    this.wideLow = new Int32Array(this.span);
    this.wideHigh = new Int32Array(this.span);
    this.moreLow = new Int32Array(this.span * this.rules.length);
    this.moreHigh = new Int32Array(this.span * this.rules.length);
    this.counts = new Int32Array(this.rules.length * MOST_OPEN);
    this.unseated = new Int32Array(this.rules.length);
    this.isTold = new Uint8Array(problem.groupCount).fill(told ? 1 : 0);
    this.mayBeKeptOut = new Uint8Array(unitCount);
    if (problem.sectionOfGroup.some((section) => section !== -1)) this.mayBeKeptOut.fill(1);
    for (const [student, groups] of units.pinsOfStudent) {
      groups.forEach((group) => (this.isTold[group] = 1));
      this.mayBeKeptOut[unitOfStudent[student] as number] = 1;
    }
  }

  /**
   * Opens the first `count` of the groups, all different, as the arrangement seats them. False where they hold more
   * units than can be free at once.
   */
  begin(groups: Int32Array, count: number, groupOfStudent: Int32Array): boolean {
    for (let place = 0; place < this.freeCount; place++) {
      this.placeOfUnit[this.free[place] as number] = -1;
    }
    this.freeCount = 0;
    this.openCount = count;
    this.depth = 0;
    this.state = 'begun';
    for (let number = 0; number < count; number++) this.open[number] = groups[number] as number;
    this.held.fill(0, 0, count);
    this.room.fill(0, 0, count);
    this.outLow.fill(0, 0, count);
    this.outHigh.fill(0, 0, count);
    this.counts.fill(0);
    this.unseated.fill(0);
    this.wideLow.fill(0);
    this.wideHigh.fill(0);
    this.moreLow.fill(0);
    this.moreHigh.fill(0);
    if (!this.freeUnits(groupOfStudent)) return false;
    this.waitingLow = firstBits(Math.min(BITS, this.freeCount));
    this.waitingHigh = firstBits(this.freeCount - BITS);
    for (let place = 0; place < this.freeCount; place++) this.learn(place);
    for (let number = 0; number < count; number++) this.twins[number] = this.twinsOf(number);
    return true;
  }

  /** The next way, after at most `most` steps; after 'paused' the search goes on, after 'none' there is nothing left. */
  next(most: number): NextWay {
    if (this.state === 'none') return 'none';
    if (this.state === 'begun') {
      if (this.freeCount === 0) return (this.state = 'none');
      this.choose();
    }
    if (this.state === 'found') this.stepBack();
    const looksAStep = this.openCount * (1 + this.rules.length);
    for (let left = most; left > 0; left--) {
      this.looks += looksAStep;
      const options = this.options[this.depth] as number;
      if (options === 0) {
        if (this.depth === 0) return (this.state = 'none');
        this.stepBack();
        continue;
      }
      const number = nthBit(options, quickInt(this.rng, countBits(options)));
      this.options[this.depth] = options & ~(1 << number);
      this.seat(this.placeAt[this.depth] as number, number);
      if (!this.isHopeful()) {
        this.stepBack();
      } else if (this.depth === this.freeCount) {
        this.label();
        return (this.state = 'found');
      } else {
        this.choose();
      }
    }
    return (this.state = 'paused');
  }

  /** The part of all ways, 0 to 1, that has been gone through, were there as many below each choice as below another. */
  explored(): number {
    let [explored, share] = [0, 1];
    for (let depth = 0; depth < this.depth; depth++) {
      const count = this.optionCount[depth] as number;
      share /= count;
      explored += share * (count - 1 - countBits(this.options[depth] as number));
    }
    return explored;
  }

  private freeUnits(groupOfStudent: Int32Array): boolean {
    const { units, open, openCount } = this;
    for (let unit = 0; unit < units.unitCount; unit++) {
      const student = units.studentsByUnit[units.startOfUnit[unit] as number] as number;
      const group = groupOfStudent[student] as number;
      let number = 0;
      while (number < openCount && open[number] !== group) number++;
      if (number === openCount) continue;
      if (this.freeCount === MOST_FREE) return false;
      const place = this.freeCount++;
      this.placeOfUnit[unit] = place;
      this.free[place] = unit;
      this.homeOf[place] = number;
      this.room[number] = (this.room[number] as number) + (units.sizeOfUnit[unit] as number);
    }
    return true;
  }

  /** What is to be known of a free unit: whom it may not meet, where it may sit, who in it is marked. */
  private learn(place: number): void {
    const { units, placeOfUnit, span } = this;
    const unit = this.free[place] as number;
    let [low, high] = [0, 0];
    const end = units.startOfNeighbours[unit + 1] as number;
    for (let at = units.startOfNeighbours[unit] as number; at < end; at++) {
      const foe = placeOfUnit[units.neighbours[at] as number] as number;
      if (foe >= BITS) high |= 1 << (foe - BITS);
      else if (foe >= 0) low |= 1 << foe;
    }
    this.foesLow[place] = low;
    this.foesHigh[place] = high;
    for (let number = 0; this.mayBeKeptOut[unit] === 1 && number < this.openCount; number++) {
      if (!mayEverSit(this.problem, units, unit, this.open[number] as number)) {
        mark(this.outLow, this.outHigh, number, place);
      }
    }
    for (let seats = 0; seats < (units.sizeOfUnit[unit] as number); seats++) {
      mark(this.wideLow, this.wideHigh, seats, place);
    }
    for (let rule = 0; rule < this.rules.length; rule++) {
      const marked = this.markedIn(rule, unit);
      this.unseated[rule] = (this.unseated[rule] as number) + marked;
      for (let fewer = 0; fewer < marked; fewer++) {
        mark(this.moreLow, this.moreHigh, rule * span + fewer, place);
      }
    }
  }

  private twinsOf(number: number): number {
    const { sectionOfGroup, classOfGroup } = this.problem;
    const group = this.open[number] as number;
    let twins = 0;
    for (let other = 0; other < this.openCount; other++) {
      const twin = this.open[other] as number;
      const same =
        this.isTold[group] === 0 &&
        this.isTold[twin] === 0 &&
        this.room[other] === this.room[number] &&
        sectionOfGroup[twin] === sectionOfGroup[group] &&
        classOfGroup[twin] === classOfGroup[group];
      if (same || other === number) twins |= 1 << other;
    }
    return twins;
  }

  private markedIn(rule: number, unit: number): number {
    return this.markedOfUnit[rule * this.units.unitCount + unit] as number;
  }

  private stepBack(): void {
    const place = this.placeAt[--this.depth] as number;
    const number = this.seatOf[place] as number;
    this.outLow[number] = this.outLowBefore[this.depth] as number;
    this.outHigh[number] = this.outHighBefore[this.depth] as number;
    this.count(place, number, -1);
  }

  private seat(place: number, number: number): void {
    this.seatOf[place] = number;
    this.outLowBefore[this.depth] = this.outLow[number] as number;
    this.outHighBefore[this.depth] = this.outHigh[number] as number;
    this.outLow[number] = (this.outLow[number] as number) | (this.foesLow[place] as number);
    this.outHigh[number] = (this.outHigh[number] as number) | (this.foesHigh[place] as number);
    this.count(place, number, 1);
    this.depth++;
  }

  private count(place: number, number: number, step: 1 | -1): void {
    const unit = this.free[place] as number;
    if (place < BITS) this.waitingLow ^= 1 << place;
    else this.waitingHigh ^= 1 << (place - BITS);
    this.held[number] = (this.held[number] as number) + step;
    this.room[number] =
      (this.room[number] as number) - step * (this.units.sizeOfUnit[unit] as number);
    for (let rule = 0; rule < this.rules.length; rule++) {
      const marked = this.markedIn(rule, unit);
      if (marked === 0) continue;
      const cell = rule * MOST_OPEN + number;
      this.counts[cell] = (this.counts[cell] as number) + step * marked;
      this.unseated[rule] = (this.unseated[rule] as number) - step * marked;
    }
  }

  /** Chooses who is seated next, one of those with the fewest groups left, and notes these. */
  private choose(): void {
    const { waitingLow, waitingHigh, intoLow, intoHigh, openCount } = this;
    // Those with one group at least, with two and with three.
    let [oneLow, twoLow, threeLow] = [0, 0, 0];
    let [oneHigh, twoHigh, threeHigh] = [0, 0, 0];
    let empty = 0;
    for (let number = 0; number < openCount; number++) {
      intoLow[number] = 0;
      intoHigh[number] = 0;
      if (this.held[number] === 0) {
        if (((this.twins[number] as number) & empty) !== 0) continue;
        empty |= 1 << number;
      }
      const room = this.room[number] as number;
      let outLow = (this.outLow[number] as number) | (this.wideLow[room] as number);
      let outHigh = (this.outHigh[number] as number) | (this.wideHigh[room] as number);
      for (let rule = 0; rule < this.rules.length; rule++) {
        const { kind, count } = this.rules[rule] as MarkedProblemRule;
        const most = COUNTINGS[kind].room(
          count,
          this.counts[rule * MOST_OPEN + number] as number,
          room,
        );
        const cell = rule * this.span + most;
        outLow |= this.moreLow[cell] as number;
        outHigh |= this.moreHigh[cell] as number;
      }
      const low = waitingLow & ~outLow;
      const high = waitingHigh & ~outHigh;
      intoLow[number] = low;
      intoHigh[number] = high;
      threeLow |= twoLow & low;
      threeHigh |= twoHigh & high;
      twoLow |= oneLow & low;
      twoHigh |= oneHigh & high;
      oneLow |= low;
      oneHigh |= high;
    }
    if ((waitingLow & ~oneLow) !== 0 || (waitingHigh & ~oneHigh) !== 0) {
      this.options[this.depth] = 0;
      this.optionCount[this.depth] = 0;
      return;
    }
    let [low, high] = [oneLow & ~twoLow, oneHigh & ~twoHigh];
    if (low === 0 && high === 0) [low, high] = [twoLow & ~threeLow, twoHigh & ~threeHigh];
    if (low === 0 && high === 0) [low, high] = [oneLow, oneHigh];
    const lows = countBits(low);
    const nth = quickInt(this.rng, lows + countBits(high));
    const place = nth < lows ? nthBit(low, nth) : BITS + nthBit(high, nth - lows);
    let options = 0;
    for (let number = 0; number < openCount; number++) {
      const into = place < BITS ? (intoLow[number] as number) : (intoHigh[number] as number);
      options |= ((into >>> (place & 31)) & 1) << number;
    }
    this.placeAt[this.depth] = place;
    this.options[this.depth] = options;
    this.optionCount[this.depth] = countBits(options);
  }

  /** False only where the marked students left can no longer bring every open group what it lacks. */
  private isHopeful(): boolean {
    for (let rule = 0; rule < this.rules.length; rule++) {
      const { kind, count } = this.rules[rule] as MarkedProblemRule;
      const { lack, room } = COUNTINGS[kind];
      let [lacking, takes] = [0, 0];
      for (let number = 0; number < this.openCount; number++) {
        const held = this.counts[rule * MOST_OPEN + number] as number;
        const seats = this.room[number] as number;
        const lacks = lack(count, held);
        if (lacks > seats) return false;
        lacking += lacks;
        takes += room(count, held, seats);
      }
      const unseated = this.unseated[rule] as number;
      if (lacking > unseated || takes < unseated) return false;
    }
    return true;
  }

  /** Numbers groups of no difference so that most of a group's units stay in it, the largest share first. */
  private label(): void {
    const { openCount: count, overlap, labelOf, twins } = this;
    overlap.fill(0, 0, count * count);
    for (let place = 0; place < this.freeCount; place++) {
      const cell = (this.seatOf[place] as number) * count + (this.homeOf[place] as number);
      overlap[cell] = (overlap[cell] as number) + 1;
    }
    let [newLeft, oldLeft] = [(1 << count) - 1, (1 << count) - 1];
    while (newLeft !== 0) {
      let [bestNew, bestOld, most] = [-1, -1, -1];
      for (let number = 0; number < count; number++) {
        if (((newLeft >> number) & 1) === 0) continue;
        const among = (twins[number] as number) & oldLeft;
        for (let old = 0; old < count; old++) {
          const shared = overlap[number * count + old] as number;
          if (((among >> old) & 1) === 0 || shared <= most) continue;
          [bestNew, bestOld, most] = [number, old, shared];
        }
      }
      labelOf[bestNew] = this.open[bestOld] as number;
      newLeft &= ~(1 << bestNew);
      oldLeft &= ~(1 << bestOld);
    }
    for (let place = 0; place < this.freeCount; place++) {
      this.groupOfPlace[place] = labelOf[this.seatOf[place] as number] as number;
    }
  }
}

/** Sets the bit of a place in a row of two words. */
function mark(low: Int32Array, high: Int32Array, row: number, place: number): void {
  if (place < BITS) low[row] = (low[row] as number) | (1 << place);
  else high[row] = (high[row] as number) | (1 << (place - BITS));
}

/** The place of the nth bit that is set, from 0 on. */
function nthBit(word: number, nth: number): number {
  let rest = word;
  for (let passed = 0; passed < nth; passed++) rest &= rest - 1;
  return 31 - Math.clz32(rest & -rest);
}
