import { rngFromSeed } from '../../core/random/rng';
import { uniformInt } from '../../core/random/uniform';
import { numberOf } from '../numberOf';

/** What a simulated student does, so many milliseconds after what comes before it. */
export interface SeatDeed {
  readonly after: number;
  readonly does: 'wrongPin' | 'come' | 'sit' | 'change' | 'leave';
  /** What there is to choose from, in the order in which they would like it. */
  readonly likes: readonly string[];
}

/**
 * One seeded student: most come soon, some dither, some are late or mistype, a few leave again or never come. What is named
 * first is what most fight for, the more the higher `favour` is.
 */
export function habitsFor(
  seed: string,
  choices: readonly string[],
  favour: number,
): readonly SeatDeed[] {
  const rng = rngFromSeed(numberOf(seed));
  const between = (from: number, to: number): number => from + uniformInt(rng, to - from);
  const chance = (percent: number): boolean => uniformInt(rng, 100) < percent;
  const likes = choices
    .map((choice, at) => ({ choice, rank: uniformInt(rng, 100) + favour * at }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ choice }) => choice);
  const deeds: SeatDeed[] = [];
  const add = (after: number, does: SeatDeed['does']): void => {
    deeds.push({ after, does, likes });
  };
  if (chance(5)) return deeds;
  if (chance(12)) add(between(1_000, 9_000), 'wrongPin');
  add(chance(12) ? between(40_000, 90_000) : between(500, 20_000), 'come');
  if (chance(6)) return deeds;
  add(chance(25) ? between(9_000, 30_000) : between(1_000, 8_000), 'sit');
  if (chance(20)) add(between(4_000, 20_000), 'change');
  if (chance(5)) add(between(4_000, 20_000), 'leave');
  return deeds;
}
