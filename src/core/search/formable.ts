import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { MarkedProblemRule } from '../problem/rule';
import { COUNTINGS } from '../rules/counting';
import { BITS, countBits, firstBits } from './bits';
import { markedOfUnits, markedRules } from './marked';

/** Units that can be free at once: each has a bit of four words. */
export const MOST_UNITS = 128;
/** Groups listed at the most, and room for so many at first; all of them take some 15 MB. */
export const MOST_FORMABLE = 200_000;
const FIRST_ROOM = 8_192;
/** What trying a group in each slot takes, in looks, where groups are told apart. */
export const LOOKS_A_SLOT = 2;

/** What a group that is formed adds to the cost by itself: students, the first `count` of `members`. */
export type CostOfGroup = (members: Int32Array, count: number) => number;

/** What it adds because of which group it is, where groups are told apart: so much for each member, added up. */
export type CostOfPlace = (members: Int32Array, count: number, group: number) => number;

/** All that a group adds to the cost, none of it ever less than 0. */
export interface Costs {
  /** What only part of a group adds is never more: as soon as that is too much, nobody needs to be added any more. */
  readonly growing: readonly CostOfGroup[];
  readonly ofGroup: readonly CostOfGroup[];
  readonly ofPlace: readonly CostOfPlace[];
}

export const NO_COSTS: Costs = { growing: [], ofGroup: [], ofPlace: [] };

/** A kind of seat that a group is to be formed for: so large, of a section or of any (-1), one that is pinned to or any (-1). */
export interface Slot {
  readonly least: number;
  readonly most: number;
  readonly section: number;
  readonly pinned: number;
  /** The one group it is for where groups are told apart, else -1. */
  readonly told: number;
  /** How many groups of the kind there are to be. */
  readonly groups: number;
}

/** The slots that groups are to be formed for, those of one kind as one; and slot → its groups. */
export function slotsFor(
  groups: Iterable<number>,
  slotOf: (group: number) => Omit<Slot, 'groups'>,
): { readonly slots: readonly Slot[]; readonly groupsOfSlot: readonly (readonly number[])[] } {
  const kinds = new Map<string, { slot: Omit<Slot, 'groups'>; groups: number[] }>();
  for (const group of groups) {
    const slot = slotOf(group);
    const key = Object.values(slot).join();
    const known = kinds.get(key);
    if (known) known.groups.push(group);
    else kinds.set(key, { slot, groups: [group] });
  }
  const all = [...kinds.values()];
  return {
    slots: all.map(({ slot, groups: some }) => ({ ...slot, groups: some.length })),
    groupsOfSlot: all.map(({ groups: some }) => some),
  };
}

/**
 * Every group that free units can form within the rules, in kinds of seats that are wanted, each once: a depth-first
 * walk over sets of units as bits, by the order in which the units stand. Rules about groups are rules about one group
 * each, so that any of these cover the units together exactly where they are a valid arrangement.
 */
export class Formable {
  /** place → unit that is free. */
  readonly free = new Int32Array(MOST_UNITS);
  freeCount = 0;
  /** Places in all: after those of free units one for each slot where groups are told apart, so that each is filled once. */
  placeCount = 0;
  slots: readonly Slot[] = [];
  /** Groups listed; of each its places as bits of four words, its kind of seat, and what it costs. */
  count = 0;
  words = [0, 1, 2, 3].map(() => new Int32Array(FIRST_ROOM));
  slotOf = new Uint8Array(FIRST_ROOM);
  costOf = new Float64Array(FIRST_ROOM);
  /** Steps of the walk since the beginning of all: a unit put into a group, or a goal asked what a group costs. */
  looks = 0;

  private readonly rules: readonly MarkedProblemRule[];
  /** rule * unitCount + unit → marked students in it. */
  private readonly markedOfUnit: Int32Array;
  private readonly counts: Int32Array;
  protected readonly sectionOfUnit: Int32Array;
  protected readonly pinOfUnit: Int32Array;
  /** place * 4 + word → places that may share a group with it. */
  protected readonly friends = new Int32Array(MOST_UNITS * 4);
  /** unit → its place; -1 for those not free. */
  private readonly placeOfUnit: Int32Array;
  private readonly largestUnit: number;
  protected readonly members: Int32Array;
  protected readonly places = new Int32Array(MOST_UNITS);
  private smallest = 0;
  private largest = 0;
  protected costs = NO_COSTS;
  protected below = 0;
  private mostLooks = 0;

  constructor(
    problem: Problem,
    protected readonly units: Units,
  ) {
    const { unitCount, unitOfStudent, pinsOfStudent } = units;
    this.rules = markedRules(problem);
    this.counts = new Int32Array(this.rules.length);
    this.markedOfUnit = markedOfUnits(this.rules, units);
    const parted = problem.sectionOfGroup.some((section) => section !== -1);
    this.sectionOfUnit = new Int32Array(unitCount).fill(-1);
    this.pinOfUnit = new Int32Array(unitCount).fill(-1);
    unitOfStudent.forEach((unit, student) => {
      if (parted) this.sectionOfUnit[unit] = problem.sectionOfStudent[student] as number;
      const [pin] = pinsOfStudent.get(student) ?? [];
      if (pin !== undefined) this.pinOfUnit[unit] = pin;
    });
    this.placeOfUnit = new Int32Array(unitCount).fill(-1);
    this.largestUnit = units.sizeOfUnit.reduce((most, size) => Math.max(most, size), 0);
    this.members = new Int32Array(problem.studentCount);
  }

  /**
   * Lists the groups that the first `freeCount` of `free` can form for the slots and that cost less than `below`, all
   * costs added up. False where there are too many, or more than so many looks are taken.
   */
  list(slots: readonly Slot[], costs: Costs, below: number, mostLooks: number): boolean {
    this.begin(slots, costs, below, mostLooks);
    const all = (word: number): number => firstBits(this.freeCount - word * BITS);
    return this.extend(0, 0, -1, -1, all(0), all(1), all(2), all(3));
  }

  protected begin(slots: readonly Slot[], costs: Costs, below: number, mostLooks: number): void {
    const { placeOfUnit, freeCount, free } = this;
    this.slots = slots;
    this.placeCount = freeCount + slots.filter(({ told }) => told >= 0).length;
    this.costs = costs;
    this.count = 0;
    this.below = below;
    this.mostLooks = this.looks + mostLooks;
    this.counts.fill(0);
    this.smallest = Math.min(...slots.map(({ least }) => least));
    this.largest = Math.max(...slots.map(({ most }) => most));
    for (let place = 0; place < freeCount; place++) placeOfUnit[free[place] as number] = place;
    for (let place = 0; place < freeCount; place++) this.learnFriends(place);
    for (let place = 0; place < freeCount; place++) placeOfUnit[free[place] as number] = -1;
  }

  /** Whether a group of the list holds the unit at a place. */
  holds(number: number, place: number): boolean {
    const word = (this.words[place >> 5] as Int32Array)[number] as number;
    return ((word >>> (place & 31)) & 1) === 1;
  }

  /** Seats everybody of a listed group in the group given. */
  seat(number: number, group: number, groupOfStudent: Int32Array): void {
    const { startOfUnit, studentsByUnit } = this.units;
    for (let place = 0; place < this.freeCount; place++) {
      if (!this.holds(number, place)) continue;
      const unit = this.free[place] as number;
      const end = startOfUnit[unit + 1] as number;
      for (let at = startOfUnit[unit] as number; at < end; at++) {
        groupOfStudent[studentsByUnit[at] as number] = group;
      }
    }
  }

  private learnFriends(place: number): void {
    const { units, friends, freeCount, free, placeOfUnit, sectionOfUnit, pinOfUnit } = this;
    const unit = free[place] as number;
    const row = place * 4;
    for (let word = 0; word < 4; word++) friends[row + word] = firstBits(freeCount - word * BITS);
    const part = (other: number): void => {
      const cell = row + (other >> 5);
      friends[cell] = (friends[cell] as number) & ~(1 << (other & 31));
    };
    const end = units.startOfNeighbours[unit + 1] as number;
    for (let at = units.startOfNeighbours[unit] as number; at < end; at++) {
      const foe = placeOfUnit[units.neighbours[at] as number] as number;
      if (foe >= 0) part(foe);
    }
    const [section, pin] = [sectionOfUnit[unit] as number, pinOfUnit[unit] as number];
    for (let other = 0; other < freeCount; other++) {
      const otherPin = pinOfUnit[free[other] as number] as number;
      const pinnedElsewhere = pin >= 0 && otherPin >= 0 && pin !== otherPin;
      if (sectionOfUnit[free[other] as number] !== section || pinnedElsewhere) part(other);
    }
  }

  /**
   * Adds each place of the four words in turn to the `depth` units chosen, who have `seats` students, are of the section
   * and pinned to the group given; -1 for none yet. False as soon as that is too much.
   */
  private extend(
    depth: number,
    seats: number,
    section: number,
    pinned: number,
    low: number,
    second: number,
    third: number,
    high: number,
  ): boolean {
    const { units, friends } = this;
    const reach = countBits(low) + countBits(second) + countBits(third) + countBits(high);
    if (seats + reach * this.largestUnit < this.smallest) return true;
    for (let word = 0; word < 4; word++) {
      let left = word === 0 ? low : word === 1 ? second : word === 2 ? third : high;
      while (left !== 0) {
        const bit = left & -left;
        left ^= bit;
        const place = (word << 5) + 31 - Math.clz32(bit);
        const unit = this.free[place] as number;
        const filled = seats + (units.sizeOfUnit[unit] as number);
        if (filled > this.largest || !this.mayJoin(unit, this.largest - seats)) continue;
        if (++this.looks > this.mostLooks) return false;
        this.join(depth, seats, unit, 1);
        this.places[depth] = place;
        const ofSection = section === -1 ? (this.sectionOfUnit[unit] as number) : section;
        const pin = pinned === -1 ? (this.pinOfUnit[unit] as number) : pinned;
        const isWhole = filled >= this.smallest;
        // One alone tells next to nothing.
        const grown = depth > 0 || isWhole ? this.sumOf(this.costs.growing, filled, 0) : 0;
        const isCheap = grown < this.below;
        if (isCheap && isWhole) {
          if (!this.note(depth + 1, filled, ofSection, pin, grown)) return false;
        }
        const row = place * 4;
        const ended =
          !isCheap ||
          filled === this.largest ||
          this.extend(
            depth + 1,
            filled,
            ofSection,
            pin,
            word > 0 ? 0 : left & (friends[row] as number),
            word > 1 ? 0 : (word === 1 ? left : second) & (friends[row + 1] as number),
            word > 2 ? 0 : (word === 2 ? left : third) & (friends[row + 2] as number),
            (word === 3 ? left : high) & (friends[row + 3] as number),
          );
        this.join(depth, seats, unit, -1);
        if (!ended) return false;
      }
    }
    return true;
  }

  private makeRoom(): void {
    this.words = this.words.map(twiceAsLong);
    this.slotOf = twiceAsLong(this.slotOf);
    this.costOf = twiceAsLong(this.costOf);
  }

  protected mayJoin(unit: number, seats: number): boolean {
    for (let rule = 0; rule < this.rules.length; rule++) {
      const { kind, count } = this.rules[rule] as MarkedProblemRule;
      const marked = this.markedOfUnit[rule * this.units.unitCount + unit] as number;
      if (marked > COUNTINGS[kind].room(count, this.counts[rule] as number, seats)) return false;
    }
    return true;
  }

  protected join(depth: number, seats: number, unit: number, step: 1 | -1): void {
    const { units, members, rules, counts } = this;
    for (let rule = 0; rule < rules.length; rule++) {
      const marked = this.markedOfUnit[rule * units.unitCount + unit] as number;
      counts[rule] = (counts[rule] as number) + step * marked;
    }
    if (step < 0) return;
    const start = units.startOfUnit[unit] as number;
    const size = units.sizeOfUnit[unit] as number;
    for (let i = 0; i < size; i++) members[seats + i] = units.studentsByUnit[start + i] as number;
  }

  /** Notes the group of the first `depth` places for each slot that it is wanted for; false where there are too many. */
  private note(
    depth: number,
    size: number,
    section: number,
    pinned: number,
    grown: number,
  ): boolean {
    const { slots, costs } = this;
    let slot = 0;
    while (slot < slots.length && !isFor(slots[slot] as Slot, size, section, pinned)) slot++;
    if (slot === slots.length || this.lacksAny()) return true;
    const cost = this.sumOf(costs.ofGroup, size, grown);
    if (cost >= this.below) return true;
    if (costs.ofPlace.length > 0) this.looks += LOOKS_A_SLOT * (slots.length - slot);
    for (; slot < slots.length; slot++) {
      if (!isFor(slots[slot] as Slot, size, section, pinned)) continue;
      const whole = cost + this.costIn(slot, size);
      if (whole < this.below && !this.add(depth, slot, whole)) return false;
    }
    return true;
  }

  /** What the first `size` members cost beside `before`, as far as it takes to tell that it is too much. */
  protected sumOf(costs: readonly CostOfGroup[], size: number, before: number): number {
    let cost = before;
    for (let at = 0; at < costs.length && cost < this.below; at++) {
      this.looks++;
      cost += (costs[at] as CostOfGroup)(this.members, size);
    }
    return cost;
  }

  protected lacksAny(): boolean {
    for (let rule = 0; rule < this.rules.length; rule++) {
      const { kind, count } = this.rules[rule] as MarkedProblemRule;
      if (COUNTINGS[kind].lack(count, this.counts[rule] as number) > 0) return true;
    }
    return false;
  }

  private costIn(slot: number, size: number): number {
    const { told } = this.slots[slot] as Slot;
    let cost = 0;
    for (const costOf of this.costs.ofPlace) cost += costOf(this.members, size, told);
    return cost;
  }

  protected add(depth: number, slot: number, cost: number): boolean {
    if (this.count === MOST_FORMABLE) return false;
    if (this.count === this.costOf.length) this.makeRoom();
    const number = this.count++;
    for (const word of this.words) word[number] = 0;
    for (let i = 0; i < depth; i++) this.put(number, this.places[i] as number);
    if (this.placeCount > this.freeCount) this.put(number, this.freeCount + slot);
    this.slotOf[number] = slot;
    this.costOf[number] = cost;
    return true;
  }

  private put(number: number, place: number): void {
    const word = this.words[place >> 5] as Int32Array;
    word[number] = (word[number] as number) | (1 << (place & 31));
  }
}

/** Twice as long, with the same at the beginning. */
export function twiceAsLong<T extends Int32Array | Uint8Array | Float64Array>(array: T): T {
  const longer = new (array.constructor as new (length: number) => T)(2 * array.length);
  longer.set(array);
  return longer;
}

function isFor(slot: Slot, size: number, section: number, pinned: number): boolean {
  const { least, most } = slot;
  return least <= size && size <= most && slot.section === section && slot.pinned === pinned;
}
