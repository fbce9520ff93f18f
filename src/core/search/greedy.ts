import type { Units } from '../problem/units';
import { shuffle, uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Placement } from './placement';

/**
 * Puts the constrained units into random groups that take them, the largest and most entangled first;
 * false when some unit found no group. Cost: units x groups at worst.
 */
export function placeGreedily(
  placement: Placement,
  units: Units,
  groupCount: number,
  rng: Rng,
): boolean {
  placement.clear();
  for (const unit of hardestFirst(placement.constrained, units, rng)) {
    const start = uniformInt(rng, groupCount);
    let group = -1;
    for (let step = 0; step < groupCount && group < 0; step++) {
      const candidate = (start + step) % groupCount;
      if (!placement.fits(unit, candidate)) continue;
      placement.put(unit, candidate);
      if (placement.isHopeful()) group = candidate;
      else placement.takeBack(unit);
    }
    if (group < 0) return false;
  }
  return placement.isHopeful();
}

function hardestFirst(constrained: Int32Array, units: Units, rng: Rng): Int32Array {
  const order = constrained.slice();
  shuffle(rng, order);
  const degree = (unit: number): number =>
    (units.startOfNeighbours[unit + 1] as number) - (units.startOfNeighbours[unit] as number);
  const size = (unit: number): number => units.sizeOfUnit[unit] as number;
  return order.sort((a, b) => size(b) - size(a) || degree(b) - degree(a));
}
