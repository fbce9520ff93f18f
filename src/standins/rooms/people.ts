import { rngFromSeed } from '../../core/random/rng';
import { uniformInt } from '../../core/random/uniform';
import type { Presence, SessionRequest } from '../../services/rooms/contract';
import { numberOf } from '../numberOf';

/** What a simulated person does by themselves, so many milliseconds after what comes before it. */
export interface Deed {
  readonly after: number;
  readonly does: Presence | 'ask';
}

/** What somebody does once rooms are open: most come soon, some late, some drop out, a few never come. */
export function habitsOf(seed: string, moveIn: SessionRequest['moveIn']): readonly Deed[] {
  const rng = rngFromSeed(numberOf(seed));
  const between = (from: number, to: number): number => from + uniformInt(rng, to - from);
  const chance = (percent: number): boolean => uniformInt(rng, 100) < percent;
  const deeds: Deed[] = [];
  const come = (after: number): void => {
    deeds.push({ after, does: 'onTheWay' }, { after: between(1_500, 5_000), does: 'here' });
  };
  if (chance(4)) return deeds;
  if (chance(10)) come(between(70_000, 150_000));
  else come(moveIn === 'automatic' ? between(300, 5_000) : between(2_000, 25_000));
  if (chance(8)) deeds.push({ after: between(15_000, 60_000), does: 'ask' });
  if (chance(10)) {
    deeds.push({ after: between(10_000, 120_000), does: 'dropped' });
    if (!chance(25)) come(between(8_000, 40_000));
  }
  return deeds;
}

/** How long somebody takes to walk over to another room, in milliseconds. */
export function walkOf(seed: string): number {
  return 1_500 + uniformInt(rngFromSeed(numberOf(seed)), 3_500);
}
