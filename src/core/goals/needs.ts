import { CategoryTerm } from './categoryTerm';
import type { GoalKind, GoalOf } from './kind';
import { leastUnserved } from './needsBound';

/** As many as can be are served: their first need is among the few skills that their group works on. */
export const needs: GoalKind<'needs'> = {
  kind: 'needs',
  prepare(problem, goal) {
    const needers = needersOf(goal);
    if (needers === 0) return null;
    const term = new NeedsTerm(goal, problem.groupCount, needers);
    return { goal, term, leastValue: leastUnserved(goal, problem.sizeOfGroup) / needers };
  },
};

/** How many have a need at all. */
export function needersOf({ needOfStudent }: Pick<GoalOf<'needs'>, 'needOfStudent'>): number {
  return needOfStudent.filter((need) => need >= 0).length;
}

/**
 * The part of those with a need who are not served. Of arrangements that serve as many, the one whose members stand
 * closer together on the ladder: the sum of distances to their group's median is worth less than half a student in all.
 */
class NeedsTerm extends CategoryTerm {
  private readonly focus: number;
  private readonly scale: number;
  private readonly closeness: number;
  /** Scratch: the largest counts of a group, largest first. */
  private readonly largest: Int32Array;

  constructor(
    { needOfStudent, ladder, focus }: GoalOf<'needs'>,
    groupCount: number,
    needers: number,
  ) {
    super(needOfStudent, ladder.length, groupCount);
    this.focus = Math.min(focus, ladder.length);
    this.scale = 1 / needers;
    // No distance is longer than the ladder, and half of the members at the most lie on either side of the median.
    this.closeness = 1 / (needers * ladder.length);
    this.largest = new Int32Array(this.focus);
  }

  protected costOfGroup(group: number): number {
    const { counts, valueCount, largest, focus } = this;
    const known = this.known[group] as number;
    const start = group * valueCount;
    largest.fill(0);
    // The distances to the median add up to how many stand on the smaller side of each step of the ladder.
    let [below, apart] = [0, 0];
    for (let skill = 0; skill < valueCount; skill++) {
      let count = counts[start + skill] as number;
      below += count;
      apart += Math.min(below, known - below);
      for (let place = 0; count > 0 && place < focus; place++) {
        const held = largest[place] as number;
        if (count <= held) continue;
        largest[place] = count;
        count = held;
      }
    }
    let served = 0;
    for (let place = 0; place < focus; place++) served += largest[place] as number;
    return (known - served + apart * this.closeness) * this.scale;
  }
}
