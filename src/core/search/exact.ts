import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Placement } from './placement';

export type ExactOutcome = 'found' | 'impossible' | 'paused';

/**
 * Complete depth-first search for a placement that keeps every rule, always branching on the unit with the
 * fewest groups left (after Brélaz, "New methods to color the vertices of a graph", 1979, with seats).
 * It either finds one, or, when it runs out of branches, has proved that there is none.
 */
export class ExactSearch {
  private depth = 0;
  /** depth → unit branched on there. */
  private readonly unitAt: Int32Array;
  /** depth * groupCount + i → i-th group to try there. */
  private readonly candidates: Int32Array;
  private readonly candidateCount: Int32Array;
  /** depth → candidates already tried there. */
  private readonly tried: Int32Array;

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly placement: Placement,
    private readonly rng: Rng,
  ) {
    const depths = placement.constrained.length;
    this.unitAt = new Int32Array(depths);
    this.candidates = new Int32Array(depths * problem.groupCount);
    this.candidateCount = new Int32Array(depths);
    this.tried = new Int32Array(depths);
    placement.clear();
  }

  /** Visits at most `nodes` more nodes; 'paused' can be run on. When 'found', the placement holds it. */
  run(nodes: number): ExactOutcome {
    for (let left = nodes; left > 0; left--) {
      if (this.depth === this.unitAt.length) return 'found';
      this.branch();
      while (!this.placeNext()) {
        this.depth--;
        if (this.depth < 0) return 'impossible';
        this.placement.takeBack(this.unitAt[this.depth] as number);
      }
      this.depth++;
    }
    return this.depth === this.unitAt.length ? 'found' : 'paused';
  }

  private placeNext(): boolean {
    const next = this.tried[this.depth] as number;
    if (next >= (this.candidateCount[this.depth] as number)) return false;
    this.tried[this.depth] = next + 1;
    const group = this.candidates[this.depth * this.problem.groupCount + next] as number;
    this.placement.put(this.unitAt[this.depth] as number, group);
    return true;
  }

  private branch(): void {
    const unit = this.mostConstrained();
    const { groupCount, sizeOfGroup } = this.problem;
    const start = this.depth * groupCount;
    let count = 0;
    for (let group = 0; group < groupCount; group++) {
      if (!this.placement.fits(unit, group)) continue;
      // Empty groups of one size are interchangeable: trying a second one would search the same tree again.
      if (this.placement.isEmpty(group) && this.hasEmptyTwin(group, sizeOfGroup)) continue;
      this.candidates[start + count++] = group;
    }
    shuffle(this.rng, this.candidates.subarray(start, start + count));
    this.unitAt[this.depth] = unit;
    this.candidateCount[this.depth] = count;
    this.tried[this.depth] = 0;
  }

  private hasEmptyTwin(group: number, sizeOfGroup: Int32Array): boolean {
    for (let earlier = group - 1; earlier >= 0; earlier--) {
      if (sizeOfGroup[earlier] === sizeOfGroup[group] && this.placement.isEmpty(earlier))
        return true;
    }
    return false;
  }

  /** The unplaced unit with the fewest groups left; among equals the larger, then the more entangled one. */
  private mostConstrained(): number {
    const { constrained, groupOfUnit } = this.placement;
    let best = -1;
    let bestOptions = Infinity;
    let bestWeight = 0;
    for (const unit of constrained) {
      if (groupOfUnit[unit] !== -1) continue;
      const options = this.countOptions(unit, bestOptions + 1);
      const weight = this.weight(unit);
      if (options < bestOptions || (options === bestOptions && weight > bestWeight)) {
        [best, bestOptions, bestWeight] = [unit, options, weight];
      }
      if (options === 0) break;
    }
    return best;
  }

  private countOptions(unit: number, stopAt: number): number {
    let options = 0;
    for (let group = 0; group < this.problem.groupCount && options < stopAt; group++) {
      if (this.placement.fits(unit, group)) options++;
    }
    return options;
  }

  private weight(unit: number): number {
    const { sizeOfUnit, startOfNeighbours } = this.units;
    const degree = (startOfNeighbours[unit + 1] as number) - (startOfNeighbours[unit] as number);
    return (sizeOfUnit[unit] as number) * 10_000 + degree;
  }
}
