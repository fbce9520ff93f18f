import { LOOKS_A_SLOT, type Costs, type Slot } from './formable';
import type { Priceable } from './priceable';
import type { Prices } from './prices';

/** 'all': every group that could be part of something cheaper is listed; 'none': nothing is cheaper; 'stopped': neither. */
export type Priced = 'all' | 'none' | 'stopped';

/** Looks in which few groups are listed all, whatever they cost above their prices; what each takes beside its slots. */
const PLAIN_LOOKS = 5_000;
const LOOKS_A_GROUP = 2;
/** How much groups may cost above their prices at first, as a part of what one costs on average. */
const FIRST_PART = 0.25;
/** Listings, and the part of the looks that each may take. */
const TURNS = 12;
const TURN_PART = 0.2;
/** As long as a listing and new prices gain this part of what is left, they are worth another turn. */
const GAIN = 0.1;
/** Rounds of setting prices for each list. */
const SET_ROUNDS = 35;
/** Groups that prices are best set for: with fewer they tell little, with more it takes long. */
const [FEW, MANY] = [1_000, 4_000];
const [MUCH_WIDER, WIDER, CLOSER, HALF] = [4, 1.4, 0.7, 0.5];
/** A bound that is as near as that is reached: less is of the arithmetic. */
const EPSILON = 1e-9;

/**
 * Finds prices for which few groups cost little above those of their members, by listing these, setting prices for the
 * list, and listing again (column generation, Gilmore and Gomory 1961, with prices by subgradients). All prices, and for each
 * slot what its cheapest groups cost above them, bound every covering from below; what costs more above its prices than
 * that leaves to what is to be beaten is part of none that does (Balas and Padberg 1976, by reduced costs).
 */
export class Pricing {
  private readonly best: Float64Array;

  constructor(
    private readonly formable: Priceable,
    private readonly prices: Prices,
  ) {
    this.best = prices.ofPlace.slice();
  }

  /** Lists for coverings that cost less than `below`, from the prices that stand, in about so many looks at the most. */
  list(slots: readonly Slot[], costs: Costs, below: number, mostLooks: number): Priced {
    const { formable, prices } = this;
    const groups = slots.reduce((sum, slot) => sum + slot.groups, 0);
    const end = formable.looks + mostLooks;
    const plain = this.looksForAll(slots);
    const listAll = (): Priced =>
      formable.list(slots, costs, below, end - formable.looks) ? 'all' : 'stopped';
    if (plain <= PLAIN_LOOKS) return listAll();
    const above = new Float64Array(slots.length);
    const limits = { below, prices: prices.ofPlace, above };
    const needed = new Float64Array(slots.length);
    let limit = (FIRST_PART * below) / groups;
    let paid = -Infinity;
    for (let turn = 0; turn < TURNS; turn++) {
      above.fill(limit);
      const most = Math.min(end - formable.looks, TURN_PART * mostLooks, plain / 2);
      const complete = formable.listAbove(slots, costs, limits, most);
      if (complete) {
        const least = this.leastAbove(slots, limit);
        const bound = least.reduce((sum, some) => sum + some.sum, this.paid());
        if (bound >= below) return 'none';
        const gains = paid === -Infinity || bound > paid + GAIN * (below - paid);
        if (bound > paid) {
          paid = bound;
          this.best.set(prices.ofPlace);
          least.forEach(({ last }, slot) => (needed[slot] = below - bound + last + EPSILON));
          if (needed.every((one) => one <= limit)) return 'all';
        }
        if (!gains && formable.count >= groups) break;
        if (formable.count < FEW) limit *= WIDER;
        if (formable.count > MANY) limit *= CLOSER;
      } else {
        // Where even little above the prices takes too long, still less tells nothing.
        if (turn > 0 && paid === -Infinity) {
          return formable.looks + plain <= end ? listAll() : 'stopped';
        }
        limit *= HALF;
      }
      if (formable.looks >= end) return 'stopped';
      // Of so few prices learn nothing.
      if (formable.count >= groups) prices.set(groups, below, SET_ROUNDS * formable.count);
      else if (complete) limit *= MUCH_WIDER;
    }
    if (paid === -Infinity) return 'stopped';
    prices.ofPlace.set(this.best);
    above.set(needed);
    return formable.listAbove(slots, costs, limits, end - formable.looks) ? 'all' : 'stopped';
  }

  /** About how many looks listing every group takes, were none kept apart. */
  private looksForAll(slots: readonly Slot[]): number {
    const { freeCount } = this.formable;
    const largest = slots.reduce((size, { most }) => Math.max(size, most), 0);
    const told = slots.some((slot) => slot.told >= 0) ? slots.length : 0;
    let groups = 1;
    for (let seat = 0; seat < largest; seat++) groups *= (freeCount - seat) / (seat + 1);
    return groups * (LOOKS_A_GROUP + LOOKS_A_SLOT * told);
  }

  private paid(): number {
    return this.prices.ofPlace
      .subarray(0, this.formable.placeCount)
      .reduce((sum, price) => sum + price, 0);
  }

  /** Slot → what the cheapest groups for it cost above their prices, together and the last one; those not listed `limit`. */
  private leastAbove(
    slots: readonly Slot[],
    limit: number,
  ): readonly { readonly sum: number; readonly last: number }[] {
    const { formable, prices } = this;
    prices.weighAll();
    const cheapest = slots.map(({ groups }) => new Float64Array(groups).fill(limit));
    for (let number = 0; number < formable.count; number++) {
      const own = cheapest[formable.slotOf[number] as number] as Float64Array;
      const cost = prices.above[number] as number;
      let at = own.length - 1;
      if (cost >= (own[at] as number)) continue;
      for (; at > 0 && (own[at - 1] as number) > cost; at--) own[at] = own[at - 1] as number;
      own[at] = cost;
    }
    return cheapest.map((own) => ({
      sum: own.reduce((sum, cost) => sum + cost, 0),
      last: own[own.length - 1] as number,
    }));
  }
}
