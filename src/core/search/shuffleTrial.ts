import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';

/**
 * Deals everybody at random and says whether the rules happen to hold. Taking the first deal that holds
 * makes every valid arrangement exactly equally likely (rejection sampling).
 */
export function shuffleTrial(
  problem: Problem,
  units: Units,
  rng: Rng,
  order: Int32Array,
  groupOfStudent: Int32Array,
): boolean {
  shuffle(rng, order);
  let seat = 0;
  for (let group = 0; group < problem.groupCount; group++) {
    const end = seat + (problem.sizeOfGroup[group] as number);
    for (; seat < end; seat++) groupOfStudent[order[seat] as number] = group;
  }
  return rulesHold(units, groupOfStudent);
}

function rulesHold(units: Units, groupOfStudent: Int32Array): boolean {
  const { unitCount, studentsByUnit, startOfUnit, neighbours, startOfNeighbours } = units;
  for (let unit = 0; unit < unitCount; unit++) {
    const first = startOfUnit[unit] as number;
    const group = groupOfStudent[studentsByUnit[first] as number];
    for (let place = first + 1; place < (startOfUnit[unit + 1] as number); place++) {
      if (groupOfStudent[studentsByUnit[place] as number] !== group) return false;
    }
    const end = startOfNeighbours[unit + 1] as number;
    for (let place = startOfNeighbours[unit] as number; place < end; place++) {
      const other = startOfUnit[neighbours[place] as number] as number;
      if (groupOfStudent[studentsByUnit[other] as number] === group) return false;
    }
  }
  return true;
}
