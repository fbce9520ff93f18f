import type { Rng } from '../random/rng';
import { affine } from './affine';
import { mostRoundsOfDesign } from './bounds';
import { circle, net, type Schedule } from './designs';
import { rotating } from './rotating';
import { findTurning, turningsFor } from './turning';

/** Swaps looked at for each way of turning, and in all, in threes: a larger group has more pairs, and less hope. */
const TRIES_A_WAY = 1_000_000;
const TRIES_IN_ALL = 4_000_000;
const ROTATING_NODES = 3_000_000;

/**
 * A schedule of `asked` rounds, or as many as there can be, of groups of `size` in which nobody meets twice; where none
 * is found, the longest one known, which may have no round at all.
 */
export function constructSchedule(places: number, size: number, asked: number, rng: Rng): Schedule {
  if (size === 2 && places % 2 === 0) return circle(places);
  if (places % size !== 0 || size < 2) return [];
  const most = mostRoundsOfDesign(places, size);
  if (most < 2) return [];
  const rounds = Math.min(asked, most);
  const known = net(places, size) ?? [];
  if (known.length >= rounds) return known;
  const whole = rotating(places, size, ROTATING_NODES);
  if (whole && whole.length >= rounds) return whole;
  const mapped = affine(places, size, rounds);
  if (mapped) return mapped;
  const scale = 18 / (size * size * (size - 1));
  const aWay = Math.ceil(TRIES_A_WAY * scale);
  let left = TRIES_IN_ALL * scale;
  // Each turn through the ways is given twice the tries of the one before.
  for (let tries = aWay / 8; left > 0 && tries <= aWay * 4; tries *= 2) {
    const ways = turningsFor(places, size, Math.max(rounds, known.length + 1));
    for (const way of ways.slice(0, 4)) {
      left -= tries;
      const found = findTurning(places, size, way, tries, rng);
      if (found) return found;
      if (left <= 0) break;
    }
    if (ways.length === 0) break;
  }
  return known;
}
