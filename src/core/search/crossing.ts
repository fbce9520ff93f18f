import type { Units } from '../problem/units';
import { quickInt } from '../random/uniform';
import type { Rng } from '../random/rng';

/** Generations after which all begins anew: what has not come by then is long in coming. */
const GENERATIONS = 15;

/** Betters an arrangement (unit → group, -1 for those who are nowhere yet), step by step; returns the best met. */
export type Life = (start: Int32Array) => Generator<void, Int32Array, void>;

/** How ill the members of a group would sit in another, Infinity where they cannot. */
export type Misfit = (members: readonly number[], group: number) => number;

/**
 * Two arrangements, each bettered and crossed with the other again and again (Galinier and Hao 1999; two are enough,
 * Moalic and Gondran 2015). Never ends.
 */
export function* evolve(
  units: Units,
  groupCount: number,
  live: Life,
  misfit: Misfit,
  rng: Rng,
): Generator<void, never, void> {
  const nobody = new Int32Array(units.unitCount).fill(-1);
  for (;;) {
    let one = yield* live(nobody);
    let two = yield* live(nobody);
    // Once both are the same there is nothing left to cross.
    for (let left = GENERATIONS; left > 0 && !haveSameGroups(one, two, groupCount); left--) {
      const children = [
        cross(one, two, units, groupCount, misfit, rng),
        cross(two, one, units, groupCount, misfit, rng),
      ] as const;
      one = yield* live(children[0]);
      two = yield* live(children[1]);
    }
  }
}

/**
 * A child of two parents (unit → group) with whole groups of either in turn, each time the one with most students not
 * yet in the child, less one for each pair that must be apart (greedy partition crossover, Galinier and Hao 1999); -1
 * for whom that leaves over.
 */
export function cross(
  one: Int32Array,
  two: Int32Array,
  units: Units,
  groupCount: number,
  misfit: Misfit,
  rng: Rng,
): Int32Array {
  const child = new Int32Array(units.unitCount).fill(-1);
  const free = new Set(Array.from({ length: groupCount }, (_, group) => group));
  while (free.size > 0) {
    const parent = (groupCount - free.size) % 2 === 0 ? one : two;
    const { members, from } = worthiest(parent, child, units, groupCount, rng);
    let home = -1;
    let least = Infinity;
    // Where it was before is as good a place as any: somebody may be pinned to it.
    for (const group of [from, ...free]) {
      const ill = free.has(group) ? misfit(members, group) : Infinity;
      if (ill < least) [home, least] = [group, ill];
    }
    if (home === -1) break;
    free.delete(home);
    for (const unit of members) child[unit] = home;
  }
  return child;
}

/** The members whom the child has not yet of the group of a parent that is worth most; among equals any. */
function worthiest(
  parent: Int32Array,
  child: Int32Array,
  { neighbours, startOfNeighbours, sizeOfUnit }: Units,
  groupCount: number,
  rng: Rng,
): { readonly members: readonly number[]; readonly from: number } {
  const members = Array.from({ length: groupCount }, (): number[] => []);
  const worth = new Int32Array(groupCount);
  parent.forEach((group, unit) => {
    if (child[unit] !== -1) return;
    members[group]?.push(unit);
    worth[group] = (worth[group] as number) + (sizeOfUnit[unit] as number);
    const end = startOfNeighbours[unit + 1] as number;
    for (let place = startOfNeighbours[unit] as number; place < end; place++) {
      const other = neighbours[place] as number;
      const meet = other < unit && parent[other] === group && child[other] === -1;
      if (meet) worth[group] = worth[group] - 1;
    }
  });
  let from = -1;
  let ties = 0;
  members.forEach(({ length }, group) => {
    const more = (worth[group] as number) - (from === -1 ? -Infinity : (worth[from] as number));
    if (length === 0 || more < 0) return;
    ties = more > 0 ? 1 : ties + 1;
    if (quickInt(rng, ties) === 0) from = group;
  });
  return { members: members[from] ?? [], from };
}

/** Whether two arrangements have the same groups, however those are numbered. */
export function haveSameGroups(one: Int32Array, two: Int32Array, groupCount: number): boolean {
  const twin = new Int32Array(groupCount).fill(-1);
  return one.every((group, unit) => {
    const other = two[unit] as number;
    if (twin[group] === -1) twin[group] = other;
    return twin[group] === other;
  });
}
