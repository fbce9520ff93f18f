import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Schedule } from './designs';

/** Groups tried for one student, before whoever repeats least is taken round by round. */
const MOST_TRIES = 20_000;

/**
 * The schedule with more students, numbered on from `places`, each of whom joins one group in every round: never two
 * the same group, and none a group with somebody they have met, as far as that can be found.
 */
export function joined(schedule: Schedule, places: number, extras: number, rng: Rng): Schedule {
  const rounds = schedule.map((round) => round.map((group) => [...group]));
  const taken = rounds.map((round) => new Uint8Array(round.length));
  for (let extra = places; extra < places + extras; extra++) {
    const chosen = new Joining(schedule, taken, places, rng).groups();
    chosen.forEach((group, round) => {
      rounds[round]?.[group]?.push(extra);
      const here = taken[round];
      if (here) here[group] = 1;
    });
  }
  return rounds;
}

class Joining {
  /** place → times met. */
  private readonly met: Int32Array;
  private tries = 0;

  constructor(
    private readonly schedule: Schedule,
    private readonly taken: readonly Uint8Array[],
    places: number,
    private readonly rng: Rng,
  ) {
    this.met = new Int32Array(places);
  }

  /** round → the group to join. */
  groups(): readonly number[] {
    const chosen: number[] = [];
    if (this.search(chosen)) return chosen;
    this.met.fill(0);
    return this.schedule.map((round, at) => {
      const free = this.inRandomOrder(at);
      const repeats = (group: number): number =>
        (round[group] ?? []).reduce((sum, place) => sum + (this.met[place] as number), 0);
      const best = free.reduce(
        (one, two) => (repeats(two) < repeats(one) ? two : one),
        free[0] ?? 0,
      );
      this.meet(round[best] ?? [], 1);
      return best;
    });
  }

  /** Depth first, a round a level; fills `chosen`. */
  private search(chosen: number[]): boolean {
    const at = chosen.length;
    const round = this.schedule[at];
    if (!round) return true;
    for (const group of this.inRandomOrder(at)) {
      const members = round[group] ?? [];
      if (++this.tries > MOST_TRIES) return false;
      if (members.some((place) => this.met[place] !== 0)) continue;
      this.meet(members, 1);
      chosen.push(group);
      if (this.search(chosen)) return true;
      chosen.pop();
      this.meet(members, -1);
    }
    return false;
  }

  private meet(members: readonly number[], step: 1 | -1): void {
    for (const place of members) this.met[place] = (this.met[place] as number) + step;
  }

  private inRandomOrder(round: number): readonly number[] {
    const free = [...(this.taken[round] ?? [])].flatMap((taken, group) => (taken ? [] : [group]));
    const order = Int32Array.from(free);
    shuffle(this.rng, order);
    return [...order];
  }
}
