import { BITS } from './bits';
import { MOST_UNITS, type Formable } from './formable';

/** Rounds of raising and lowering, the length of the first step, and what it shrinks by where that has not helped for long. */
const ROUNDS = 60;
const FIRST_STEP = 1.2;
const SHRINK = 0.6;
const PATIENCE = 5;
/** What is gained of the way to the cost to be beaten before it counts as gained. */
const GAIN = 1e-3;

/**
 * Prices for the free units so that what groups cost above the prices of their members is the least for those that are
 * worth taking: with it so many of the cheapest groups bound every covering from below (Lagrangian relaxation of set
 * partitioning, by subgradients: Held and Karp 1971, Fisher 1981). Units that only dear groups hold become dear.
 */
export class Prices {
  /** place → price; any number. */
  readonly ofPlace = new Float64Array(MOST_UNITS);
  /** number of a listed group → what it costs above the prices of its members. */
  above = new Float64Array(0);
  /** Looks at groups since the beginning of all. */
  looks = 0;

  private readonly trial = new Float64Array(MOST_UNITS);
  private readonly covered = new Int32Array(MOST_UNITS);
  /** The cheapest groups of a round, cheapest first. */
  private readonly cheapest = new Int32Array(MOST_UNITS);

  constructor(private readonly formable: Formable) {}

  /**
   * Sets prices for coverings by so many groups that cost less than `below`, in about so many looks at the most, from those
   * that stand.
   */
  set(groups: number, below: number, mostLooks: number): void {
    const { formable, ofPlace, trial } = this;
    const places = formable.placeCount;
    this.makeRoom();
    const rounds = Math.min(ROUNDS, mostLooks / formable.count);
    trial.set(ofPlace.subarray(0, places));
    let best = this.boundOf(trial, groups);
    let [step, idle] = [FIRST_STEP, 0];
    for (let round = 0; round < rounds && best < below; round++) {
      const bound = round === 0 ? best : this.boundOf(trial, groups);
      if (bound > best + GAIN * (below - best)) idle = 0;
      else if (++idle > PATIENCE) {
        step *= SHRINK;
        idle = 0;
      }
      if (bound > best) {
        best = bound;
        ofPlace.set(trial.subarray(0, places));
      }
      const distance = this.cover(groups);
      if (distance === 0) break;
      const length = (step * (below - bound)) / distance;
      for (let place = 0; place < places; place++) {
        const missing = 1 - (this.covered[place] as number);
        trial[place] = (trial[place] as number) + length * missing;
      }
    }
    this.weigh(ofPlace);
  }

  /** What the listed groups cost above the prices that stand. */
  weighAll(): void {
    this.makeRoom();
    this.weigh(this.ofPlace);
  }

  private makeRoom(): void {
    const { count, costOf } = this.formable;
    if (this.above.length < count) this.above = new Float64Array(costOf.length);
  }

  /** The least that so many groups cost, each unit covered or not, once prices are paid back; notes which groups these are. */
  private boundOf(prices: Float64Array, groups: number): number {
    const { formable, above, cheapest } = this;
    this.weigh(prices);
    let [held, last] = [0, Infinity];
    for (let number = 0; number < formable.count; number++) {
      const cost = above[number] as number;
      if (held === groups && cost >= last) continue;
      let at = held < groups ? held++ : groups - 1;
      for (; at > 0 && (above[cheapest[at - 1] as number] as number) > cost; at--) {
        cheapest[at] = cheapest[at - 1] as number;
      }
      cheapest[at] = number;
      if (held === groups) last = above[cheapest[groups - 1] as number] as number;
    }
    let bound = 0;
    for (let i = 0; i < held; i++) bound += above[cheapest[i] as number] as number;
    for (let place = 0; place < formable.placeCount; place++) bound += prices[place] as number;
    return bound;
  }

  private weigh(prices: Float64Array): void {
    const { formable, above } = this;
    this.looks += formable.count;
    for (let number = 0; number < formable.count; number++) {
      let cost = formable.costOf[number] as number;
      for (let at = 0; at < 4; at++) {
        let word = (formable.words[at] as Int32Array)[number] as number;
        const first = at * BITS + 31;
        while (word !== 0) {
          cost -= prices[first - Math.clz32(word & -word)] as number;
          word &= word - 1;
        }
      }
      above[number] = cost;
    }
  }

  /** Counts how often the cheapest groups cover each unit; the sum of squares of how far that is from once. */
  private cover(groups: number): number {
    const { formable, covered, cheapest } = this;
    covered.fill(0, 0, formable.placeCount);
    let distance = 0;
    for (let place = 0; place < formable.placeCount; place++) {
      for (let i = 0; i < groups; i++) {
        if (!formable.holds(cheapest[i] as number, place)) continue;
        covered[place] = (covered[place] as number) + 1;
      }
      distance += ((covered[place] as number) - 1) ** 2;
    }
    return distance;
  }
}
