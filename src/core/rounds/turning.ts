import { uniformInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import type { Schedule } from './designs';

/**
 * A schedule made of a few rounds and their turns: places stand in rings of `turns` and a few more stand still; each
 * base round is turned through all positions (difference families; Bose 1939). Two places of a ring a difference
 * apart then meet once for every time that the difference stands in a base round, so only the differences of the
 * base rounds have to be different.
 */
export interface Turning {
  readonly turns: number;
  readonly bases: number;
  readonly rings: number;
  readonly still: number;
  /** Further rounds: each has a group with one place of every ring, and the other groups are that one turned. */
  readonly lines: number;
}

/** Ways to make at least so many rounds by turning, the plainest first. */
export function turningsFor(places: number, size: number, rounds: number): readonly Turning[] {
  const most = Math.floor((places - 1) / (size - 1));
  const groups = places / size;
  const ways: Turning[] = [];
  for (const bases of [1, 2, 3]) {
    for (let turns = Math.ceil(rounds / bases); turns * bases <= most; turns++) {
      const rings = Math.floor(places / turns);
      const still = places - rings * turns;
      // Those who stand still may never share a group: they would do so in every turn.
      if (turns > 2 && rings > 0 && still <= groups)
        ways.push({ turns, bases, rings, still, lines: 0 });
    }
  }
  // As many rings as a group has members: what the base round leaves over may make whole rounds by itself.
  const lines = rounds - groups;
  if (groups > 2 && lines > 0 && lines < groups && rounds <= most) {
    ways.push({ turns: groups, bases: 1, rings: size, still: 0, lines });
  }
  return ways.sort((a, b) => a.bases - b.bases || b.lines - a.lines || a.turns - b.turns);
}

/**
 * Looks for base rounds whose differences are all different, by swapping places between groups (tabu search); null
 * when `tries` swaps have not found any.
 */
export function findTurning(
  places: number,
  size: number,
  way: Turning,
  tries: number,
  rng: Rng,
): Schedule | null {
  const search = new BaseSearch(places, size, way, rng);
  return search.run(tries) ? search.schedule() : null;
}

class BaseSearch {
  /** base * places + seat → place; seats of a group stand side by side. */
  private readonly placeAt: Int32Array;
  /** (ring a * kinds + ring b) * turns + difference → times that it stands in a base round. */
  private readonly counts: Int32Array;
  private readonly tabuUntil: Int32Array;
  /** line * rings + ring → position of the line's place in the ring. */
  private readonly positionAt: Int32Array;
  private readonly kinds: number;
  /** place → ring, or a number of its own from `rings` on where it stands still. */
  private readonly kindOfPlace: Int32Array;
  /** place → position in its ring; 0 where it stands still. */
  private readonly positionOfPlace: Int32Array;
  private penalty = 0;
  private swaps = 0;

  constructor(
    private readonly places: number,
    private readonly size: number,
    private readonly way: Turning,
    private readonly rng: Rng,
  ) {
    const { bases, rings, still, turns } = way;
    this.kinds = rings + still;
    this.counts = new Int32Array(this.kinds * this.kinds * turns);
    const moving = rings * turns;
    this.kindOfPlace = Int32Array.from({ length: places }, (_, place) =>
      place < moving ? Math.floor(place / turns) : rings + place - moving,
    );
    this.positionOfPlace = Int32Array.from({ length: places }, (_, place) =>
      place < moving ? place % turns : 0,
    );
    this.placeAt = new Int32Array(bases * places);
    this.positionAt = new Int32Array(way.lines * rings);
    this.tabuUntil = new Int32Array(bases * places + way.lines * rings);
    this.deal();
  }

  run(tries: number): boolean {
    const PATIENCE = 60 * this.places;
    let best = this.penalty;
    let since = 0;
    for (let tried = 0; tried < tries && this.penalty > 0;) {
      const line = uniformInt(this.rng, this.tabuUntil.length) >= this.placeAt.length;
      tried += line ? this.shiftOnce() : this.swapOnce();
      since++;
      if (this.penalty < best) [best, since] = [this.penalty, 0];
      if (since > PATIENCE) {
        this.deal();
        [best, since] = [this.penalty, 0];
      }
    }
    return this.penalty === 0;
  }

  schedule(): Schedule {
    const { bases, turns, rings, lines } = this.way;
    const along = Array.from({ length: lines }, (_, line) =>
      Array.from({ length: turns }, (_unused, turn) =>
        Array.from({ length: rings }, (_place, ring) =>
          this.turned(ring * turns + (this.positionAt[line * rings + ring] as number), turn),
        ),
      ),
    );
    const turning = Array.from({ length: bases * turns }, (_, round) => {
      const [base, turn] = [Math.floor(round / turns), round % turns];
      return Array.from({ length: this.places / this.size }, (_unused, group) =>
        Array.from({ length: this.size }, (_seat, seat) => {
          const place = this.placeAt[base * this.places + group * this.size + seat] as number;
          return this.turned(place, turn);
        }),
      );
    });
    return [...turning, ...along];
  }

  private turned(place: number, turn: number): number {
    const { turns, rings } = this.way;
    if (place >= rings * turns) return place;
    const ring = Math.floor(place / turns);
    return ring * turns + ((place - ring * turns + turn) % turns);
  }

  private deal(): void {
    this.counts.fill(0);
    this.tabuUntil.fill(0);
    this.penalty = 0;
    for (let base = 0; base < this.way.bases; base++) {
      const start = base * this.places;
      for (let i = 0; i < this.places; i++) this.placeAt[start + i] = i;
      for (let last = this.places - 1; last > 0; last--) {
        const other = uniformInt(this.rng, last + 1);
        const kept = this.placeAt[start + last] as number;
        this.placeAt[start + last] = this.placeAt[start + other] as number;
        this.placeAt[start + other] = kept;
      }
    }
    for (let seat = 0; seat < this.placeAt.length; seat++) this.countSeat(seat, 1, true);
    for (let line = 0; line < this.way.lines; line++) {
      for (let ring = 0; ring < this.way.rings; ring++) {
        this.positionAt[line * this.way.rings + ring] = uniformInt(this.rng, this.way.turns);
        this.countPosition(line, ring, 1, true);
      }
    }
  }

  /** The best swap of a seat in trouble with any seat of another group of its round; returns the swaps looked at. */
  private swapOnce(): number {
    const seat = this.troubledSeat();
    const base = Math.floor(seat / this.places);
    const group = Math.floor(seat / this.size);
    let best = -1;
    let bestPenalty = Infinity;
    let ties = 0;
    const before = this.penalty;
    for (let other = base * this.places; other < (base + 1) * this.places; other++) {
      if (Math.floor(other / this.size) === group) continue;
      this.exchange(seat, other);
      const penalty = this.penalty;
      this.exchange(seat, other);
      const tabu =
        (this.tabuUntil[other] as number) > this.swaps ||
        (this.tabuUntil[seat] as number) > this.swaps;
      if (tabu && penalty >= before) continue;
      if (penalty > bestPenalty) continue;
      ties = penalty < bestPenalty ? 1 : ties + 1;
      bestPenalty = penalty;
      if (ties === 1 || uniformInt(this.rng, ties) === 0) best = other;
    }
    this.swaps++;
    if (best >= 0) {
      this.exchange(seat, best);
      this.tabuUntil[seat] = this.swaps + 2 + uniformInt(this.rng, 6);
      this.tabuUntil[best] = this.swaps + 2 + uniformInt(this.rng, 6);
    }
    return this.places;
  }

  /** Moves one place of a random line to the position of its ring with the fewest repeats, drawn evenly among equals. */
  private shiftOnce(): number {
    const { rings, turns, lines } = this.way;
    const line = uniformInt(this.rng, lines);
    const ring = uniformInt(this.rng, rings);
    const cell = line * rings + ring;
    const now = this.positionAt[cell] as number;
    let best = now;
    let bestPenalty = Infinity;
    let ties = 0;
    for (let position = 0; position < turns; position++) {
      if (position === now) continue;
      this.shift(line, ring, position);
      const tie = this.penalty === bestPenalty;
      if (this.penalty > bestPenalty) continue;
      ties = tie ? ties + 1 : 1;
      bestPenalty = this.penalty;
      if (ties === 1 || uniformInt(this.rng, ties) === 0) best = position;
    }
    this.shift(line, ring, now);
    // Standing still is better than the best of what is worse, but now and then not.
    if (bestPenalty <= this.penalty || uniformInt(this.rng, 8) === 0) this.shift(line, ring, best);
    return turns;
  }

  private shift(line: number, ring: number, position: number): void {
    this.countPosition(line, ring, -1, false);
    this.positionAt[line * this.way.rings + ring] = position;
    this.countPosition(line, ring, 1, false);
  }

  /** Counts the differences of a line's place to the others of the line, or to the earlier ones only. */
  private countPosition(line: number, ring: number, step: 1 | -1, earlierOnly: boolean): void {
    const { rings, turns } = this.way;
    const start = line * rings;
    const end = earlierOnly ? ring : rings;
    for (let other = 0; other < end; other++) {
      if (other === ring) continue;
      const [low, high] = ring < other ? [ring, other] : [other, ring];
      const from = this.positionAt[start + low] as number;
      const to = this.positionAt[start + high] as number;
      const cell = (low * this.kinds + high) * turns + ((to - from + turns) % turns);
      const before = this.counts[cell] as number;
      this.counts[cell] = before + step;
      this.penalty += Math.max(0, before + step - 1) - Math.max(0, before - 1);
    }
  }

  private troubledSeat(): number {
    const start = uniformInt(this.rng, this.placeAt.length);
    for (let step = 0; step < this.placeAt.length; step++) {
      const seat = (start + step) % this.placeAt.length;
      if (this.isTroubled(seat)) return seat;
    }
    return start;
  }

  private isTroubled(seat: number): boolean {
    const first = seat - (seat % this.size);
    for (let other = first; other < first + this.size; other++) {
      if (other === seat) continue;
      const cell = this.cellOf(seat, other);
      if (cell < 0 || (this.counts[cell] as number) > 1 || this.isHalf(cell)) return true;
    }
    return false;
  }

  private exchange(a: number, b: number): void {
    this.countSeat(a, -1, false);
    this.countSeat(b, -1, false);
    const kept = this.placeAt[a] as number;
    this.placeAt[a] = this.placeAt[b] as number;
    this.placeAt[b] = kept;
    this.countSeat(a, 1, false);
    this.countSeat(b, 1, false);
  }

  /** Counts the differences of a seat to the others of its group, or to the earlier ones only. */
  private countSeat(seat: number, step: 1 | -1, earlierOnly: boolean): void {
    const first = seat - (seat % this.size);
    const end = earlierOnly ? seat : first + this.size;
    for (let other = first; other < end; other++) {
      if (other === seat) continue;
      const cell = this.cellOf(seat, other);
      if (cell < 0) {
        this.penalty += step * STILL_PENALTY;
        continue;
      }
      const before = this.counts[cell] as number;
      this.counts[cell] = before + step;
      // A difference of half a turn meets its pair twice in a turn, so even one is one too many.
      const free = this.isHalf(cell) ? 0 : 1;
      this.penalty += Math.max(0, before + step - free) - Math.max(0, before - free);
    }
  }

  /** The cell of two seats' difference, the same whichever comes first; -1 for two who stand still. */
  private cellOf(a: number, b: number): number {
    const { turns, rings } = this.way;
    const [x, y] = [this.placeAt[a] as number, this.placeAt[b] as number];
    const kindX = this.kindOfPlace[x] as number;
    const kindY = this.kindOfPlace[y] as number;
    if (kindX >= rings && kindY >= rings) return -1;
    const low = kindX < kindY ? kindX : kindY;
    const high = kindX < kindY ? kindY : kindX;
    const start = (low * this.kinds + high) * turns;
    if (high >= rings) return start;
    let difference = (this.positionOfPlace[y] as number) - (this.positionOfPlace[x] as number);
    if (kindX > kindY) difference = -difference;
    if (difference < 0) difference += turns;
    if (low !== high) return start + difference;
    return start + (difference * 2 > turns ? turns - difference : difference);
  }

  private isHalf(cell: number): boolean {
    const { turns, rings } = this.way;
    const difference = cell % turns;
    const kinds = Math.floor(cell / turns);
    const same = Math.floor(kinds / this.kinds) === kinds % this.kinds;
    return same && kinds % this.kinds < rings && difference * 2 === turns;
  }
}

/** Two who stand still in one group would meet in every turn. */
const STILL_PENALTY = 3;
