import type { Schedule } from './designs';

/**
 * Rounds that the maps x → a·x + b over a prime field carry into each other, with a from a group of multipliers.
 * Places stand in orbits of these maps; each base round stays the same under every multiplication, and the additions
 * turn it through `prime` rounds (development of base blocks under a group with multipliers; Bose 1939, Wilson 1972).
 * So few base rounds are left that an exact cover search decides them in a moment; 32 places in fours for 10 rounds
 * come out of the five-element field.
 */
interface Maps {
  readonly prime: number;
  /** Multipliers 1, g, g², … in this order. */
  readonly multipliers: readonly number[];
}

/** Places that the maps carry into each other: `width` classes of multipliers, in each all elements or just one. */
interface Orbit {
  readonly width: number;
  readonly moves: boolean;
}

const PRIMES = [5, 7, 11, 13];
const MOST_BASES = 4;
/** Groups that may have to be looked at to list the candidates of one way. */
const MOST_CHOICES = 400_000;
/** Candidates looked at in the search of one way: a way that works shows it soon. */
const LOOKS_A_WAY = 400_000;
const MOST_WAYS = 12;

/** At least `rounds` rounds of `places` in groups of `size` in which no two meet twice; null where none is found. */
export function affine(places: number, size: number, rounds: number): Schedule | null {
  const most = Math.floor((places - 1) / (size - 1));
  if (size < 3 || choices(places, size) > MOST_CHOICES) return null;
  let ways = 0;
  for (const prime of PRIMES) {
    const bases = Math.ceil(rounds / prime);
    if (bases > MOST_BASES || bases * prime > most) continue;
    for (const multipliers of multiplierGroups(prime)) {
      for (const orbits of orbitsOf(places, places / size, prime, multipliers.length)) {
        if (ways++ === MOST_WAYS) return null;
        const found = new BaseRounds({ prime, multipliers }, orbits, size, bases).find(LOOKS_A_WAY);
        if (found) return found;
      }
    }
  }
  return null;
}

function choices(places: number, size: number): number {
  let count = 1;
  for (let i = 0; i < size; i++) count *= (places - i) / (i + 1);
  return count;
}

/** The subgroups of two or more elements of the multiplicative group, the largest first. */
function multiplierGroups(prime: number): readonly (readonly number[])[] {
  const generator = generatorOf(prime);
  return divisors(prime - 1)
    .filter((order) => order > 1)
    .reverse()
    .map((order) => powers(generator ** ((prime - 1) / order) % prime, order, prime));
}

function generatorOf(prime: number): number {
  for (let candidate = 2; ; candidate++) {
    if (new Set(powers(candidate, prime - 1, prime)).size === prime - 1) return candidate;
  }
}

function powers(base: number, count: number, prime: number): readonly number[] {
  const result = [1];
  while (result.length < count) result.push(((result.at(-1) as number) * base) % prime);
  return result;
}

function divisors(number: number): readonly number[] {
  return Array.from({ length: number }, (_, i) => i + 1).filter((d) => number % d === 0);
}

/** Every mix of orbits that makes so many places, the fewest orbits first. */
function orbitsOf(
  places: number,
  groups: number,
  prime: number,
  multipliers: number,
): readonly (readonly Orbit[])[] {
  const widths = [...divisors(multipliers)].reverse();
  const kinds = [true, false].flatMap((moves) => widths.map((width) => ({ width, moves })));
  const mixes: Orbit[][] = [];
  const extend = (mix: readonly Orbit[], left: number, from: number): void => {
    if (left === 0) {
      // Two that no addition moves would meet in every turn, so each needs a group of its own.
      const still = mix.reduce((sum, { moves, width }) => sum + (moves ? 0 : width), 0);
      if (still <= groups) mixes.push([...mix]);
      return;
    }
    kinds.slice(from).forEach((kind, i) => {
      const taken = kind.moves ? kind.width * prime : kind.width;
      if (taken <= left) extend([...mix, kind], left - taken, from + i);
    });
  };
  extend([], places, 0);
  return mixes.sort((a, b) => a.length - b.length);
}

/** A group as a candidate for a base round, with all that it takes up there. */
interface Candidate {
  readonly group: readonly number[];
  /** Sets of places, each the images of one under the multiplications, that the group and its images fill. */
  readonly fills: readonly number[];
  /** Sets of pairs, each the images of one under all maps, that meet in the group's images. */
  readonly meets: readonly number[];
}

class BaseRounds {
  private readonly places: number;
  /** addition * multipliers + multiplier → place → its image. */
  private readonly images: readonly Int32Array[];
  private readonly fillOf: Int32Array;
  private readonly fillCount: number;
  /** one * places + two → the set of pairs that this pair is in. */
  private readonly meetOf: Int32Array;
  private readonly candidatesOfFill: readonly (readonly Candidate[])[];
  /** base * fillCount + fill → 1 where it is taken. */
  private readonly filled: Uint8Array;
  private readonly met: Uint8Array;
  private readonly chosen: { readonly base: number; readonly of: Candidate }[] = [];
  private looksLeft = 0;

  constructor(
    private readonly maps: Maps,
    orbits: readonly Orbit[],
    private readonly size: number,
    private readonly bases: number,
  ) {
    const { prime } = maps;
    this.places = orbits.reduce((sum, { width, moves }) => sum + width * (moves ? prime : 1), 0);
    this.images = imagesOf(maps, orbits, this.places);
    const fixing = this.images.slice(0, maps.multipliers.length);
    [this.fillOf, this.fillCount] = placeSets(fixing, this.places);
    const [meetOf, meetCount] = pairSets(this.images, this.places);
    this.meetOf = meetOf;
    this.met = new Uint8Array(meetCount);
    this.filled = new Uint8Array(bases * this.fillCount);
    const lists: Candidate[][] = Array.from({ length: this.fillCount }, () => []);
    for (const candidate of this.candidates()) {
      candidate.fills.forEach((fill) => (lists[fill] as Candidate[]).push(candidate));
    }
    this.candidatesOfFill = lists;
  }

  find(looks: number): Schedule | null {
    this.looksLeft = looks;
    return this.cover() ? this.schedule() : null;
  }

  /** Fills what is hardest to fill first (exact cover; Knuth 2000). */
  private cover(): boolean {
    let hardest: { readonly base: number; readonly fitting: readonly Candidate[] } | null = null;
    for (let base = 0; base < this.bases; base++) {
      for (let fill = 0; fill < this.fillCount; fill++) {
        if (this.filled[base * this.fillCount + fill]) continue;
        const list = this.candidatesOfFill[fill] as readonly Candidate[];
        this.looksLeft -= list.length;
        if (this.looksLeft < 0) return false;
        const fitting = list.filter((one) => this.fits(one, base));
        if (fitting.length === 0) return false;
        if (!hardest || fitting.length < hardest.fitting.length) hardest = { base, fitting };
      }
    }
    if (!hardest) return true;
    const { base } = hardest;
    for (const of of hardest.fitting) {
      this.mark(of, base, 1);
      this.chosen.push({ base, of });
      if (this.cover()) return true;
      this.chosen.pop();
      this.mark(of, base, 0);
    }
    return false;
  }

  private fits({ fills, meets }: Candidate, base: number): boolean {
    for (const fill of fills) if (this.filled[base * this.fillCount + fill]) return false;
    for (const meet of meets) if (this.met[meet]) return false;
    return true;
  }

  private mark({ fills, meets }: Candidate, base: number, value: 0 | 1): void {
    for (const fill of fills) this.filled[base * this.fillCount + fill] = value;
    for (const meet of meets) this.met[meet] = value;
  }

  private schedule(): Schedule {
    const { prime, multipliers } = this.maps;
    return Array.from({ length: this.bases * prime }, (_, round) => {
      const [base, addition] = [Math.floor(round / prime), round % prime];
      const groups = new Map<string, readonly number[]>();
      for (const { base: of, of: candidate } of this.chosen) {
        if (of !== base) continue;
        for (let i = 0; i < multipliers.length; i++) {
          const image = this.images[addition * multipliers.length + i] as Int32Array;
          const group = candidate.group
            .map((place) => image[place] as number)
            .sort((a, b) => a - b);
          groups.set(group.join(), group);
        }
      }
      return [...groups.values()];
    });
  }

  /** Groups whose images in one round are the group itself or apart from it, and share one place at most with it elsewhere. */
  private candidates(): readonly Candidate[] {
    const found: Candidate[] = [];
    const inGroup = new Uint8Array(this.places);
    const group: number[] = [];
    const extend = (from: number): void => {
      if (group.length === this.size) {
        if (this.isCandidate(group, inGroup)) found.push(this.candidate([...group]));
        return;
      }
      for (let place = from; place < this.places; place++) {
        group.push(place);
        inGroup[place] = 1;
        extend(place + 1);
        inGroup[place] = 0;
        group.pop();
      }
    };
    extend(0);
    return found;
  }

  private isCandidate(group: readonly number[], inGroup: Uint8Array): boolean {
    const fixing = this.maps.multipliers.length;
    for (let map = 1; map < this.images.length; map++) {
      const image = this.images[map] as Int32Array;
      let [shared, first] = [0, this.places];
      for (const place of group) {
        const to = image[place] as number;
        shared += inGroup[to] as number;
        if (to < first) first = to;
      }
      if (map >= fixing) {
        if (shared > 1) return false;
        continue;
      }
      // Of a group and its images in the round one is enough: the one with the first place of all.
      if ((shared !== 0 && shared !== this.size) || first < (group[0] as number)) return false;
    }
    return true;
  }

  private candidate(group: readonly number[]): Candidate {
    const fills = new Set(group.map((place) => this.fillOf[place] as number));
    const meets = new Set(
      group.flatMap((one, i) =>
        group.slice(i + 1).map((two) => this.meetOf[one * this.places + two] as number),
      ),
    );
    return { group, fills: [...fills], meets: [...meets] };
  }
}

/** The map of each addition and multiplier as images of the places, the multiplications without addition first. */
function imagesOf(maps: Maps, orbits: readonly Orbit[], places: number): readonly Int32Array[] {
  const { prime, multipliers } = maps;
  return Array.from({ length: prime * multipliers.length }, (_, map) => {
    const [addition, power] = [Math.floor(map / multipliers.length), map % multipliers.length];
    const image = new Int32Array(places);
    let start = 0;
    for (const { width, moves } of orbits) {
      const elements = moves ? prime : 1;
      for (let part = 0; part < width; part++) {
        for (let x = 0; x < elements; x++) {
          const toPart = (part + power) % width;
          const to = moves ? (x * (multipliers[power] as number) + addition) % prime : 0;
          image[start + part * elements + x] = start + toPart * elements + to;
        }
      }
      start += width * elements;
    }
    return image;
  });
}

/** place → number of its set of images; and how many sets there are. */
function placeSets(images: readonly Int32Array[], places: number): [Int32Array, number] {
  const setOf = new Int32Array(places).fill(-1);
  let count = 0;
  for (let place = 0; place < places; place++) {
    if (setOf[place] !== -1) continue;
    images.forEach((image) => (setOf[image[place] as number] = count));
    count++;
  }
  return [setOf, count];
}

/** one * places + two → number of the pair's set of images; and how many sets there are. */
function pairSets(images: readonly Int32Array[], places: number): [Int32Array, number] {
  const setOf = new Int32Array(places * places).fill(-1);
  let count = 0;
  for (let one = 0; one < places; one++) {
    for (let two = one + 1; two < places; two++) {
      if (setOf[one * places + two] !== -1) continue;
      for (const image of images) {
        const [a, b] = [image[one] as number, image[two] as number];
        setOf[a * places + b] = count;
        setOf[b * places + a] = count;
      }
      count++;
    }
  }
  return [setOf, count];
}
