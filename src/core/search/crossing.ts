import { shuffle, uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';

/**
 * A child of two arrangements with whole groups of either in turn, each time the group with most members not yet in
 * the child (greedy partition crossover, Galinier and Hao 1999); whom that leaves over is dealt to the free seats.
 */
export function cross(
  one: Int32Array,
  two: Int32Array,
  sizeOfGroup: Int32Array,
  rng: Rng,
): Int32Array {
  const child = new Int32Array(one.length).fill(-1);
  const seats = sizeOfGroup.slice();
  const taken = new Uint8Array(sizeOfGroup.length);
  for (let turn = 0; turn < sizeOfGroup.length; turn++) {
    const members = fullestGroup(turn % 2 === 0 ? one : two, child, sizeOfGroup.length, rng);
    const group = tightestFit(members.length, sizeOfGroup, taken);
    if (members.length === 0 || group === -1) break;
    taken[group] = 1;
    seats[group] = (seats[group] as number) - members.length;
    for (const student of members) child[student] = group;
  }
  const left = Int32Array.from([...child.keys()].filter((student) => child[student] === -1));
  shuffle(rng, left);
  let group = 0;
  for (const student of left) {
    while (seats[group] === 0) group++;
    child[student] = group;
    seats[group] = (seats[group] as number) - 1;
  }
  return child;
}

/** The members whom the child has not yet of the parent's group with most of them; among equals any. */
function fullestGroup(
  parent: Int32Array,
  child: Int32Array,
  groupCount: number,
  rng: Rng,
): readonly number[] {
  const members = Array.from({ length: groupCount }, (): number[] => []);
  parent.forEach((group, student) => {
    if (child[student] === -1) members[group]?.push(student);
  });
  const most = Math.max(...members.map(({ length }) => length));
  const fullest = members.filter(({ length }) => length === most);
  return fullest[uniformInt(rng, fullest.length)] ?? [];
}

/** The smallest group not taken with at least so many seats, -1 for none. */
function tightestFit(count: number, sizeOfGroup: Int32Array, taken: Uint8Array): number {
  let best = -1;
  sizeOfGroup.forEach((size, group) => {
    if (taken[group] === 1 || size < count) return;
    if (best === -1 || size < (sizeOfGroup[best] as number)) best = group;
  });
  return best;
}

/** Whether two arrangements of the same sizes have the same groups, however those are numbered. */
export function haveSameGroups(one: Int32Array, two: Int32Array, groupCount: number): boolean {
  const twin = new Int32Array(groupCount).fill(-1);
  return one.every((group, student) => {
    if (twin[group] === -1) twin[group] = two[student] as number;
    return twin[group] === two[student];
  });
}
