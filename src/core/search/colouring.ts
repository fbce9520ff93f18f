import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { ApartTabu } from './apartTabu';
import { cross, haveSameGroups } from './crossing';
import { Deal } from './shuffleTrial';

/** Above this the tables (students x students, students x groups) are no longer small. */
const MOST_STUDENTS = 2_000;

/** Swaps of the tabu search on each of the two arrangements, before they are crossed. */
const SWAPS_A_LIFE = 2_000;
/** Generations after which the best of those before comes back. */
const GENERATIONS_A_CYCLE = 10;
/** Swaps between two looks at how many were weighed. */
const SWAPS_A_STEP = 20;

/**
 * Looks for an arrangement where nothing is asked but that some students be apart: a colouring with classes of given
 * sizes. Where the tabu search does not come through from one start, two arrangements are crossed again and again,
 * whole groups of either in turn (Galinier and Hao 1999; two are enough, Moalic and Gondran 2015).
 */
export class Colouring {
  readonly incumbent: Int32Array;
  incumbentPenalty = Infinity;
  private readonly tabu: ApartTabu;
  private readonly deal: Deal;
  private readonly work: Generator<number, never, void>;

  /** Whether a problem is one of these. */
  static suits({ rules, studentCount, groupCount }: Problem): boolean {
    const onlyApart = rules.every(({ kind }) => kind === 'apart');
    return onlyApart && studentCount <= MOST_STUDENTS && groupCount > 1;
  }

  constructor(
    private readonly problem: Problem,
    units: Units,
    private readonly rng: Rng,
  ) {
    this.deal = new Deal(problem);
    this.tabu = new ApartTabu(problem, units, rng);
    this.incumbent = this.fresh();
    this.work = this.evolve();
  }

  get done(): boolean {
    return this.incumbentPenalty === 0;
  }

  /** Weighs about `looks` swaps more; stops early when done. Returns the swaps weighed. */
  run(looks: number): number {
    let looked = 0;
    while (looked < looks && !this.done) looked += this.work.next().value;
    return looked;
  }

  /** Yields the swaps weighed with each step. */
  private *evolve(): Generator<number, never, void> {
    const { groupCount, sizeOfGroup } = this.problem;
    for (;;) {
      let one = yield* this.live(this.fresh());
      let two = yield* this.live(this.fresh());
      let [best, bestBefore] = [one, this.fresh()];
      let bestPenalty = Infinity;
      // Once both are the same there is nothing left to cross: all begins anew.
      for (let generation = 1; !haveSameGroups(one, two, groupCount); generation++) {
        const children = [
          cross(one, two, sizeOfGroup, this.rng),
          cross(two, one, sizeOfGroup, this.rng),
        ] as const;
        one = yield* this.live(children[0]);
        if (this.tabu.bestPenalty < bestPenalty) [best, bestPenalty] = [one, this.tabu.bestPenalty];
        two = yield* this.live(children[1]);
        if (this.tabu.bestPenalty < bestPenalty) [best, bestPenalty] = [two, this.tabu.bestPenalty];
        if (generation % GENERATIONS_A_CYCLE !== 0) continue;
        one = bestBefore;
        [bestBefore, best, bestPenalty] = [best, one, Infinity];
      }
    }
  }

  /** Betters an arrangement by the tabu search; returns the best met. */
  private *live(start: Int32Array): Generator<number, Int32Array, void> {
    const { tabu } = this;
    tabu.begin(start);
    for (let swaps = 0; swaps < SWAPS_A_LIFE; swaps += SWAPS_A_STEP) {
      const weighed = tabu.run(SWAPS_A_STEP);
      if (tabu.bestPenalty < this.incumbentPenalty) {
        this.incumbentPenalty = tabu.bestPenalty;
        this.incumbent.set(tabu.best);
      }
      yield weighed;
    }
    return tabu.best.slice();
  }

  private fresh(): Int32Array {
    this.deal.draw(this.rng);
    return this.deal.groupOfStudent.slice();
  }
}
