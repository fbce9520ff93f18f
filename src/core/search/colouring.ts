import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { shuffle } from '../random/uniform';
import { ApartTabu } from './apartTabu';
import { evolve } from './crossing';

/** Above this the tables (students x students, students x groups) are no longer small. */
const MOST_STUDENTS = 2_000;

/** Swaps of the tabu search on each of the two arrangements, before they are crossed. */
const SWAPS_A_LIFE = 2_000;
/** Swaps between two looks at how many were weighed. */
const SWAPS_A_STEP = 20;

/**
 * Looks for an arrangement where nothing is asked but that some students be apart: a colouring with classes of given
 * sizes. Where the tabu search does not come through from one start, two arrangements are crossed again and again,
 * whole groups of either in turn.
 */
export class Colouring {
  readonly incumbent: Int32Array;
  incumbentPenalty = Infinity;
  private readonly tabu: ApartTabu;
  private readonly work: Generator<void, never, void>;
  private looks = 0;

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
    this.tabu = new ApartTabu(problem, units, rng);
    this.incumbent = this.seated(new Int32Array(problem.studentCount).fill(-1));
    const { groupCount, sizeOfGroup } = problem;
    const misfit = ({ length }: readonly number[], group: number): number => {
      const seats = sizeOfGroup[group] as number;
      return seats < length ? Infinity : seats;
    };
    this.work = evolve(units, groupCount, (start) => this.live(start), misfit, rng);
  }

  get done(): boolean {
    return this.incumbentPenalty === 0;
  }

  /** Weighs about `looks` swaps more; stops early when done. Returns the swaps weighed. */
  run(looks: number): number {
    const before = this.looks;
    while (this.looks - before < looks && !this.done) this.work.next();
    return this.looks - before;
  }

  private *live(start: Int32Array): Generator<void, Int32Array, void> {
    const { tabu } = this;
    tabu.begin(this.seated(start));
    for (let swaps = 0; swaps < SWAPS_A_LIFE; swaps += SWAPS_A_STEP) {
      this.looks += tabu.run(SWAPS_A_STEP);
      if (tabu.bestPenalty < this.incumbentPenalty) {
        this.incumbentPenalty = tabu.bestPenalty;
        this.incumbent.set(tabu.best);
      }
      yield;
    }
    return tabu.best.slice();
  }

  /** The same with whoever is nowhere (-1) dealt to the seats that are free. */
  private seated(start: Int32Array): Int32Array {
    const seated = start.slice();
    const left = Int32Array.from(seated.keys()).filter((student) => seated[student] === -1);
    shuffle(this.rng, left);
    const seats = this.problem.sizeOfGroup.slice();
    for (const group of start) if (group !== -1) seats[group] = (seats[group] as number) - 1;
    let group = 0;
    for (const student of left) {
      while (seats[group] === 0) group++;
      seated[student] = group;
      seats[group] = (seats[group] as number) - 1;
    }
    return seated;
  }
}
