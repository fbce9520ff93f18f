import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Placement } from './placement';

export type ExactOutcome = 'found' | 'impossible' | 'paused';

/**
 * Complete depth-first search for a placement that keeps every rule, always branching on the unit with the fewest
 * groups left (after Brélaz, "New methods to color the vertices of a graph", 1979, with seats). It either finds
 * one, or, when it runs out of branches, has proved that there is none.
 *
 * Two symmetries are broken on the way, both by what has been refuted and never by an order of names: of empty
 * groups that differ in nothing one is tried, and once a unit cannot be in a group, no identical unit is tried
 * there below (Gent and Smith, "Symmetry breaking during search", 2000).
 */
export class ExactSearch {
  /** Nodes visited since the beginning. */
  visited = 0;
  private depth = 0;
  /** depth → unit branched on there. */
  private readonly unitAt: Int32Array;
  /** depth * groupCount + i → i-th group to try there. */
  private readonly candidates: Int32Array;
  private readonly candidateCount: Int32Array;
  /** depth → candidates already tried there. */
  private readonly tried: Int32Array;
  /** sign → constrained units that have it. */
  private readonly unitsOfSign: readonly (readonly number[])[];
  /** group → whether somebody is pinned to it, so that it differs from others. */
  private readonly isNamed: Uint8Array;

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
    const unitsOfSign: number[][] = [];
    for (const unit of placement.constrained) {
      const sign = placement.signOfUnit[unit] as number;
      if (sign >= 0) (unitsOfSign[sign] ??= []).push(unit);
    }
    this.unitsOfSign = unitsOfSign;
    this.isNamed = new Uint8Array(problem.groupCount);
    for (const groups of units.pinsOfStudent.values()) {
      groups.forEach((group) => (this.isNamed[group] = 1));
    }
    placement.clear();
  }

  /** Visits at most `nodes` more nodes; 'paused' can be run on. When 'found', the placement holds it. */
  run(nodes: number): ExactOutcome {
    if (this.depth < 0) return 'impossible';
    for (let left = nodes; left > 0; left--) {
      this.visited++;
      if (this.depth === this.unitAt.length)
        return this.placement.isHopeful() ? 'found' : 'impossible';
      this.branch();
      while (!this.placeNext()) {
        this.forget();
        this.depth--;
        if (this.depth < 0) return 'impossible';
        this.placement.takeBack(this.unitAt[this.depth] as number);
      }
      this.depth++;
    }
    return this.depth === this.unitAt.length ? 'found' : 'paused';
  }

  /** Puts the unit of this depth into the next group that leaves hope; false when there is none left. */
  private placeNext(): boolean {
    const unit = this.unitAt[this.depth] as number;
    for (;;) {
      const next = this.tried[this.depth] as number;
      if (next > 0) this.block(unit, this.candidateAt(this.depth, next - 1), 1);
      if (next >= (this.candidateCount[this.depth] as number)) return false;
      this.tried[this.depth] = next + 1;
      const group = this.candidateAt(this.depth, next);
      if (!this.placement.fits(unit, group)) continue;
      this.placement.put(unit, group);
      if (this.placement.isHopeful()) return true;
      this.placement.takeBack(unit);
    }
  }

  /** Takes back what was learnt at this depth: it held only below the placements above. */
  private forget(): void {
    const unit = this.unitAt[this.depth] as number;
    for (let i = 0; i < (this.tried[this.depth] as number); i++) {
      this.block(unit, this.candidateAt(this.depth, i), -1);
    }
  }

  /** Keeps units identical to this one out of a group that was refuted for it. */
  private block(unit: number, group: number, step: 1 | -1): void {
    const sign = this.placement.signOfUnit[unit] as number;
    if (sign < 0) return;
    for (const twin of this.unitsOfSign[sign] ?? []) {
      if (twin !== unit) this.placement.block(twin, group, step);
    }
  }

  private candidateAt(depth: number, place: number): number {
    return this.candidates[depth * this.problem.groupCount + place] as number;
  }

  private branch(): void {
    const unit = this.mostConstrained();
    const { groupCount } = this.problem;
    const start = this.depth * groupCount;
    let count = 0;
    for (let group = 0; group < groupCount; group++) {
      if (!this.placement.fits(unit, group)) continue;
      if (this.placement.isEmpty(group) && this.hasEmptyTwin(group)) continue;
      this.candidates[start + count++] = group;
    }
    shuffle(this.rng, this.candidates.subarray(start, start + count));
    this.unitAt[this.depth] = unit;
    this.candidateCount[this.depth] = count;
    this.tried[this.depth] = 0;
  }

  private hasEmptyTwin(group: number): boolean {
    if (this.isNamed[group] === 1) return false;
    const { classOfGroup, sectionOfGroup } = this.problem;
    for (let earlier = group - 1; earlier >= 0; earlier--) {
      const same =
        classOfGroup[earlier] === classOfGroup[group] &&
        sectionOfGroup[earlier] === sectionOfGroup[group];
      if (same && this.isNamed[earlier] === 0 && this.placement.isEmpty(earlier)) return true;
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
