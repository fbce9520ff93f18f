import { BITS, firstBits } from './bits';
import { Formable, MOST_UNITS, type Costs, type Slot } from './formable';

/** What groups to be listed may cost. */
export interface Limits {
  /** Less than this, all costs added up. */
  readonly below: number;
  /** Place → its price, any number; of a unit's place, or of a slot's where groups are told apart. */
  readonly prices: Float64Array;
  /** Slot → less than this above the prices of its places. */
  readonly above: Float64Array;
}

/**
 * Lists those groups alone that cost little above the prices of their members: slot by slot, units by what they cost above
 * their price in it, the cheapest first, so that the next ones tell what those to come add at the least. Of millions of
 * groups it looks at thousands.
 */
export class Priceable extends Formable {
  private slot = 0;
  private size = 0;
  private limit = 0;
  private end = 0;
  /** Rank → place, of those that may be in the slot; how many there are, and the seats that those before it take. */
  private readonly ranked = new Int32Array(MOST_UNITS);
  private rankedCount = 0;
  private readonly seatsBefore = new Int32Array(MOST_UNITS + 1);
  /** Seat → what all seats before it cost above their prices. */
  private readonly sums: Float64Array;
  /** Place → what it costs in the slot, and that less its price. */
  private readonly seatCost = new Float64Array(MOST_UNITS);
  private readonly aboveOf = new Float64Array(MOST_UNITS);
  /** One place * MOST_UNITS + another → what two cost by what only grows; the same for all slots. */
  private readonly together = new Float64Array(MOST_UNITS * MOST_UNITS);
  /** Place * 4 + word → places that may be in a group of the slot with it. */
  private readonly mates = new Int32Array(MOST_UNITS * 4);

  constructor(...of: ConstructorParameters<typeof Formable>) {
    super(...of);
    const [{ studentCount }] = of;
    this.sums = new Float64Array(studentCount + 1);
  }

  /**
   * Lists what the free units can form for the slots within the limits. False where there are too many, or one of the
   * slots takes more than its part of so many looks; then some of each slot are listed.
   */
  listAbove(slots: readonly Slot[], costs: Costs, limits: Limits, mostLooks: number): boolean {
    this.begin(slots, costs, limits.below, Infinity);
    if (costs.growing.length > 0) this.weighPairs();
    const end = this.looks + mostLooks;
    let all = true;
    slots.forEach(({ least, most, told }, slot) => {
      this.end = this.looks + (end - this.looks) / (slots.length - slot);
      this.slot = slot;
      this.limit = limits.above[slot] as number;
      this.rank(limits.prices);
      const paid = told < 0 ? 0 : (limits.prices[this.freeCount + slot] as number);
      const free = (word: number): number => firstBits(this.freeCount - word * BITS);
      for (this.size = least; this.size <= most; this.size++) {
        this.pair(-paid);
        all = this.extendAbove(0, 0, 0, -paid, 0, free(0), free(1), free(2), free(3)) && all;
      }
    });
    return all;
  }

  /** Ranks the places that may be in the slot by what a seat of theirs costs above its price. */
  private rank(prices: Float64Array): void {
    const { units, free, ranked, aboveOf, seatCost, costs, seatsBefore, sums } = this;
    const { section, pinned, told, most } = this.slots[this.slot] as Slot;
    const sizeAt = (place: number): number => units.sizeOfUnit[free[place] as number] as number;
    this.rankedCount = 0;
    for (let place = 0; place < this.freeCount; place++) {
      const unit = free[place] as number;
      const pin = this.pinOfUnit[unit] as number;
      const isOut = this.sectionOfUnit[unit] !== section || (pin >= 0 && pin !== pinned);
      if (isOut || sizeAt(place) > most) continue;
      const start = units.startOfUnit[unit] as number;
      const own = units.studentsByUnit.subarray(start, start + sizeAt(place));
      seatCost[place] = costs.ofPlace.reduce((sum, cost) => sum + cost(own, own.length, told), 0);
      aboveOf[place] = (seatCost[place] as number) - (prices[place] as number);
      ranked[this.rankedCount++] = place;
    }
    this.looks += this.rankedCount;
    const aSeat = (place: number): number => (aboveOf[place] as number) / sizeAt(place);
    ranked.subarray(0, this.rankedCount).sort((one, two) => aSeat(one) - aSeat(two));
    let seat = 0;
    for (let rank = 0; rank < this.rankedCount; rank++) {
      seatsBefore[rank] = seat;
      const place = ranked[rank] as number;
      for (const last = seat + sizeAt(place); seat < last; seat++) {
        sums[seat + 1] = (sums[seat] as number) + aSeat(place);
      }
    }
    seatsBefore[this.rankedCount] = seat;
  }

  /** Asks what each two units cost together: half the square of how many are free. */
  private weighPairs(): void {
    const { free, freeCount, together, units } = this;
    for (let one = 0; one < freeCount; one++) {
      const first = free[one] as number;
      const seats = units.sizeOfUnit[first] as number;
      this.join(0, 0, first, 1);
      for (let two = 0; two < one; two++) {
        const unit = free[two] as number;
        this.join(1, seats, unit, 1);
        const size = seats + (units.sizeOfUnit[unit] as number);
        const cost = this.sumOf(this.costs.growing, size, 0);
        together[one * MOST_UNITS + two] = cost;
        together[two * MOST_UNITS + one] = cost;
        this.join(1, seats, unit, -1);
      }
      this.join(0, 0, first, -1);
    }
  }

  /** Finds who may be in a group with whom: two that cost too much together, whoever else is there, are not. */
  private pair(base: number): void {
    const { friends, mates, ranked, rankedCount, aboveOf, together, sums, units, free } = this;
    mates.set(friends);
    if (this.costs.growing.length === 0) return;
    const sizeAt = (place: number): number => units.sizeOfUnit[free[place] as number] as number;
    for (let i = 0; i < rankedCount; i++) {
      const one = ranked[i] as number;
      for (let j = 0; j < i; j++) {
        const two = ranked[j] as number;
        const others = this.size - sizeAt(one) - sizeAt(two);
        if (others < 0) continue;
        const own = (aboveOf[one] as number) + (aboveOf[two] as number);
        const cost = own + (together[one * MOST_UNITS + two] as number) + (sums[others] as number);
        if (base + cost < this.limit) continue;
        const [cell, other] = [one * 4 + (two >> 5), two * 4 + (one >> 5)];
        mates[cell] = (mates[cell] as number) & ~(1 << (two & 31));
        mates[other] = (mates[other] as number) & ~(1 << (one & 31));
      }
    }
  }

  /**
   * Adds each rank from `from` on, of the places of the four words, to the `depth` units chosen, who have `seats` students
   * and cost so much above their prices, and `grown` together. False as soon as that is too much.
   */
  private extendAbove(
    depth: number,
    seats: number,
    from: number,
    above: number,
    grown: number,
    low: number,
    second: number,
    third: number,
    high: number,
  ): boolean {
    const { units, mates, ranked, rankedCount, seatsBefore, sums } = this;
    const left = this.size - seats;
    for (let rank = from; rank < rankedCount; rank++) {
      const seat = seatsBefore[rank] as number;
      if (seat + left > (seatsBefore[rankedCount] as number)) return true;
      const least = (sums[seat + left] as number) - (sums[seat] as number);
      if (above + grown + least >= this.limit) return true;
      const place = ranked[rank] as number;
      const word = place < 64 ? (place < 32 ? low : second) : place < 96 ? third : high;
      if (((word >>> (place & 31)) & 1) === 0) continue;
      const unit = this.free[place] as number;
      const filled = seats + (units.sizeOfUnit[unit] as number);
      if (filled > this.size || !this.mayJoin(unit, left)) continue;
      if (++this.looks > this.end) return false;
      this.join(depth, seats, unit, 1);
      this.places[depth] = place;
      const isWhole = filled === this.size;
      const sum = above + (this.aboveOf[place] as number);
      // One alone tells next to nothing.
      const more = depth > 0 || isWhole ? this.sumOf(this.costs.growing, filled, 0) : 0;
      const row = place * 4;
      const ended =
        more >= this.below ||
        (isWhole
          ? sum + more >= this.limit || this.noteAbove(depth + 1, filled, sum, more)
          : this.extendAbove(
              depth + 1,
              filled,
              rank + 1,
              sum,
              more,
              low & (mates[row] as number),
              second & (mates[row + 1] as number),
              third & (mates[row + 2] as number),
              high & (mates[row + 3] as number),
            ));
      this.join(depth, seats, unit, -1);
      if (!ended) return false;
    }
    return true;
  }

  /** Notes the group of the first `depth` places where it keeps the rules and costs little enough; false for too many. */
  private noteAbove(depth: number, size: number, above: number, grown: number): boolean {
    const { pinned } = this.slots[this.slot] as Slot;
    if (this.lacksAny() || (pinned >= 0 && !this.holdsPinned(depth))) return true;
    const beside = this.sumOf(this.costs.ofGroup, size, grown);
    if (above + beside >= this.limit) return true;
    let cost = beside;
    for (let i = 0; i < depth; i++) cost += this.seatCost[this.places[i] as number] as number;
    return cost >= this.below || this.add(depth, this.slot, cost);
  }

  private holdsPinned(depth: number): boolean {
    for (let i = 0; i < depth; i++) {
      const unit = this.free[this.places[i] as number] as number;
      if ((this.pinOfUnit[unit] as number) >= 0) return true;
    }
    return false;
  }
}
