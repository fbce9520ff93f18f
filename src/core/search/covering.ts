import { BITS, firstBits } from './bits';
import { MOST_UNITS, twiceAsLong, type Formable } from './formable';
import { Prices } from './prices';

/** What the cheapest covering must cost less than, as parts of what was given, one after the other. */
const FIRST_PART = 1 / 16;
const NEXT_PART = 2;
/** A covering that costs this much less is a better one: less is of the arithmetic. */
const EPSILON = 1e-9;
/** What telling which units a listed group holds takes, in looks at whether it may stand beside another. */
const TELLING = 2;
/** What weighing a whole covering takes, in the same. */
const WEIGHING = 200;

/** What a covering costs beside the sum of its groups, of which only whole ones can tell: the numbers of its groups. */
export type CostBeside = (chosen: Int32Array) => number;

/**
 * The cheapest way to cover all free units by groups that were listed, each unit once: a depth-first search that
 * branches on the unit with the fewest groups left (Knuth 2000), groups in the order of their costs, cut off where even
 * the cheapest groups left would cost too much. What is looked for costs little first, then more (Korf 1985): while little
 * is allowed few groups come into question, and the search soon ends.
 */
export class Covering {
  /** Groups of the cheapest covering found, as numbers of the list; its cost, Infinity while there is none. */
  best = new Int32Array(0);
  bestCost = Infinity;
  /** Looks at whether two groups may stand side by side, since the beginning of all. */
  looks = 0;

  /** Groups in the order of their costs; rank → number in the list. */
  private order = new Uint32Array(0);
  private words = [0, 1, 2, 3].map(() => new Int32Array(0));
  private costOf = new Float64Array(0);
  private slotOf = new Uint8Array(0);
  /** Ranks that may still be chosen, those of each depth after those of the one before. */
  private ranks = new Int32Array(0);
  /** depth → where its ranks begin, how many there are, the next to be looked at, what is chosen, the unit to be covered. */
  private readonly from = new Int32Array(MOST_UNITS + 1);
  private readonly length = new Int32Array(MOST_UNITS + 1);
  private readonly next = new Int32Array(MOST_UNITS + 1);
  private readonly chosen = new Int32Array(MOST_UNITS + 1);
  private readonly unit = new Int32Array(MOST_UNITS + 1);
  /** depth → cost of what is chosen before it, and the least that all groups after the next one cost. */
  private readonly cost = new Float64Array(MOST_UNITS + 2);
  private readonly later = new Float64Array(MOST_UNITS + 1);
  /** depth * MOST_UNITS + place → groups left that hold it. */
  private readonly holding = new Int32Array((MOST_UNITS + 1) * MOST_UNITS);
  /** What no covering costs less than: all prices, and for each group what the cheapest costs above its members'. */
  private paid = 0;
  private readonly slotsLeft = new Int32Array(MOST_UNITS);
  private readonly covered = new Int32Array(4);
  private depth = 0;
  /** Groups of the list that come into question, and how many are to be chosen. */
  private count = 0;
  private groups = 0;
  private beside: CostBeside | null = null;
  private below = 0;
  private part = 0;
  private limit = 0;
  private state: 'within' | 'ended' = 'ended';

  /** The prices are set anew for each list, from those that stand. */
  constructor(
    private readonly formable: Formable,
    private readonly prices = new Prices(formable),
  ) {}

  /**
   * Begins with the groups that are listed; only coverings that cost less than `below` are of interest. Takes about so many
   * looks at the most to find prices. `beside` is what whole coverings cost beside their groups, never less than 0; null
   * where that is nothing.
   */
  begin(below: number, mostLooks: number, beside: CostBeside | null = null): void {
    const { formable, prices } = this;
    const { count, slots, placeCount } = formable;
    this.beside = beside;
    this.below = below;
    this.groups = slots.reduce((sum, slot) => sum + slot.groups, 0);
    this.best = new Int32Array(0);
    this.bestCost = Infinity;
    this.state = 'ended';
    if (count < this.groups) return;
    const asked = prices.looks;
    prices.set(this.groups, below, mostLooks);
    this.looks += prices.looks - asked;
    let least = Infinity;
    for (let number = 0; number < count; number++) {
      least = Math.min(least, prices.above[number] as number);
    }
    this.paid = this.groups * least;
    for (let place = 0; place < placeCount; place++) this.paid += prices.ofPlace[place] as number;
    this.takeOver(least);
    slots.forEach((slot, at) => (this.slotsLeft[at] = slot.groups));
    this.part = FIRST_PART;
    this.covered.fill(0);
    this.state = 'within';
    this.beginPart();
  }

  /** Takes over the groups that do not cost too much above the least, the cheapest first. */
  private takeOver(least: number): void {
    const { formable, prices } = this;
    const { above } = prices;
    if (this.order.length < formable.count) this.makeRoomFor(formable.costOf.length);
    const { order, words, costOf, slotOf } = this;
    const room = this.below - this.paid;
    let count = 0;
    for (let number = 0; number < formable.count; number++) {
      if ((above[number] as number) - least < room) order[count++] = number;
    }
    order.subarray(0, count).sort((a, b) => (above[a] as number) - (above[b] as number));
    for (let rank = 0; rank < count; rank++) {
      const number = order[rank] as number;
      for (let at = 0; at < 4; at++) {
        (words[at] as Int32Array)[rank] = (formable.words[at] as Int32Array)[number] as number;
      }
      costOf[rank] = (above[number] as number) - least;
      slotOf[rank] = formable.slotOf[number] as number;
    }
    this.count = count;
  }

  /** Goes on for so many looks at the most; true when there is nothing cheaper than what was found. */
  run(most: number): boolean {
    const end = this.looks + most;
    while (this.state === 'within') {
      if (this.depth < 0) this.endPart();
      else if (this.looks >= end) return false;
      else if (!this.chooseNext()) this.stepBack();
    }
    return true;
  }

  private beginPart(): void {
    this.limit = (this.below - this.paid) * Math.min(1, this.part);
    this.depth = 0;
    this.cost[0] = 0;
    const { ranks } = this;
    let length = 0;
    while (length < this.count && (this.costOf[length] as number) < this.limit) {
      ranks[length] = length;
      length++;
    }
    this.enter(0, length);
  }

  private endPart(): void {
    if (this.part >= 1 || this.bestCost < Infinity) {
      this.state = 'ended';
      return;
    }
    this.part *= NEXT_PART;
    this.beginPart();
  }

  /** Notes what is left at a depth, its ranks standing from `from` on, and which unit to cover next; -1 for none. */
  private enter(from: number, length: number): void {
    const { depth, formable, ranks, holding, covered } = this;
    const left = this.groups - depth;
    this.from[depth] = from;
    this.length[depth] = length;
    this.next[depth] = from;
    this.unit[depth] = -1;
    if (length < left) return;
    let later = 0;
    for (let i = 0; i < left - 1; i++) later += this.costOf[ranks[from + i] as number] as number;
    this.later[depth] = later;
    const row = depth * MOST_UNITS;
    holding.fill(0, row, row + formable.placeCount);
    for (let at = from; at < from + length; at++) this.tell(ranks[at] as number, row);
    this.looks += TELLING * length;
    let fewest = Infinity;
    for (let place = 0; place < formable.placeCount && fewest > 0; place++) {
      if ((((covered[place >> 5] as number) >>> (place & 31)) & 1) === 1) continue;
      const count = holding[row + place] as number;
      if (count >= fewest) continue;
      fewest = count;
      this.unit[depth] = fewest === 0 ? -1 : place;
    }
  }

  /** Counts a group at each of its units. */
  private tell(rank: number, row: number): void {
    const { holding } = this;
    for (let at = 0; at < 4; at++) {
      let word = (this.words[at] as Int32Array)[rank] as number;
      const first = row + at * BITS + 31;
      while (word !== 0) {
        const cell = first - Math.clz32(word & -word);
        holding[cell] = (holding[cell] as number) + 1;
        word &= word - 1;
      }
    }
  }

  /** Chooses the next group that covers the unit of this depth; false where there is none, or none that is cheap enough. */
  private chooseNext(): boolean {
    const { depth, ranks } = this;
    const unit = this.unit[depth] as number;
    if (unit < 0) return false;
    const word = this.words[unit >> 5] as Int32Array;
    const bit = 1 << (unit & 31);
    const end = (this.from[depth] as number) + (this.length[depth] as number);
    for (let at = this.next[depth] as number; at < end; at++) {
      const rank = ranks[at] as number;
      if (((word[rank] as number) & bit) === 0) continue;
      const cost = (this.cost[depth] as number) + (this.costOf[rank] as number);
      if (cost + (this.later[depth] as number) >= this.limit) return false;
      this.next[depth] = at + 1;
      this.looks++;
      this.choose(rank, cost);
      return true;
    }
    return false;
  }

  private choose(rank: number, cost: number): void {
    const { depth } = this;
    const slot = this.slotOf[rank] as number;
    this.chosen[depth] = rank;
    this.cost[depth + 1] = cost;
    this.slotsLeft[slot] = (this.slotsLeft[slot] as number) - 1;
    this.cover(rank);
    this.depth++;
    if (this.depth < this.groups) {
      this.narrow(rank, cost);
      return;
    }
    this.unit[this.depth] = -1;
    if (!this.coversAll()) return;
    const chosen = Int32Array.from({ length: this.groups }, (_, i) =>
      Number(this.order[this.chosen[i] as number]),
    );
    if (this.beside) this.looks += WEIGHING;
    const whole = cost + (this.beside?.(chosen) ?? 0);
    if (whole >= this.limit) return;
    this.best = chosen;
    this.bestCost = whole + this.paid;
    this.limit = whole - EPSILON;
  }

  /** Of slots for more or fewer students the smaller ones may be too small together. */
  private coversAll(): boolean {
    const { covered } = this;
    const { placeCount } = this.formable;
    for (let at = 0; at < 4; at++) {
      if (covered[at] !== firstBits(placeCount - at * BITS)) return false;
    }
    return true;
  }

  /** Enters the next depth with the groups that may stand beside the one chosen and are cheap enough. */
  private narrow(rank: number, cost: number): void {
    const { depth, words, costOf, slotOf, slotsLeft } = this;
    const [w0, w1, w2, w3] = words as [Int32Array, Int32Array, Int32Array, Int32Array];
    const c0 = w0[rank] as number;
    const c1 = w1[rank] as number;
    const c2 = w2[rank] as number;
    const c3 = w3[rank] as number;
    const start = this.from[depth - 1] as number;
    const end = start + (this.length[depth - 1] as number);
    while (this.ranks.length < 2 * end - start) this.ranks = twiceAsLong(this.ranks);
    const { ranks } = this;
    const others = this.groups - depth - 1;
    let limit = this.limit - cost;
    let [length, sum] = [0, 0];
    let at = start;
    for (; at < end; at++) {
      const other = ranks[at] as number;
      if ((costOf[other] as number) >= limit) break;
      const shared =
        ((w0[other] as number) & c0) |
        ((w1[other] as number) & c1) |
        ((w2[other] as number) & c2) |
        ((w3[other] as number) & c3);
      if (shared !== 0 || slotsLeft[slotOf[other] as number] === 0) continue;
      ranks[end + length++] = other;
      // The cheapest that could stand beside any of those to come are known now: none may cost more than they leave.
      if (length <= others) sum += costOf[other] as number;
      if (length === others) limit -= sum;
    }
    this.looks += at - start;
    this.enter(end, length);
  }

  private makeRoomFor(length: number): void {
    this.order = new Uint32Array(length);
    this.words = this.words.map(() => new Int32Array(length));
    this.costOf = new Float64Array(length);
    this.slotOf = new Uint8Array(length);
    this.ranks = new Int32Array(2 * length);
  }

  private stepBack(): void {
    this.depth--;
    if (this.depth < 0) return;
    const rank = this.chosen[this.depth] as number;
    const slot = this.slotOf[rank] as number;
    this.slotsLeft[slot] = (this.slotsLeft[slot] as number) + 1;
    this.cover(rank);
  }

  /** Marks the units of a group as covered, or not any more. */
  private cover(rank: number): void {
    for (let at = 0; at < 4; at++) {
      const word = (this.words[at] as Int32Array)[rank] as number;
      this.covered[at] = (this.covered[at] as number) ^ word;
    }
  }
}
