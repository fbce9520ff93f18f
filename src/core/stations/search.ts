import { quickInt, shuffle, uniformUnit } from '../random/uniform';
import { rngFromSeed } from '../random/rng';
import { shareOf, type TableShape } from './shape';
import type { Rotation } from './types';

const BREAK = -1;
/** A visit twice or an unfair break weighs more than any meeting again, and that more than two breaks in a row. */
const WEIGHT = { visit: 40, fairness: 40, again: 4, breaksInARow: 1 } as const;
const STARTS = 4;
const WARM = 6;
const COLD = 0.25;

/**
 * A table by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over exchanges of two groups in a turn, so that
 * every station always has as many groups as the shape says. Ends where nothing is left to better.
 */
export function searchTable(
  rotation: Rotation,
  shape: TableShape,
  seed: number,
  steps: number,
): (number | null)[][] {
  let best: Walk | null = null;
  for (let start = 0; start < STARTS && best?.cost !== 0; start++) {
    const walk = new Walk(rotation, shape, seed + start);
    walk.run(Math.ceil(steps / STARTS));
    if (best === null || walk.cost < best.cost) best = walk;
  }
  return best?.table() ?? [];
}

class Walk {
  cost = 0;
  private readonly rng;
  /** turn · groups + group → station, or BREAK. */
  private readonly at: Int32Array;
  /** group · stations + station → visits. */
  private readonly visits: Int32Array;
  /** group · groups + group → turns together. */
  private readonly together: Int32Array;
  private readonly breaks: Int32Array;
  /** turn · (stations + 1) + station → its groups, in a list of lists; the last is the break. */
  private readonly there: number[][];
  private readonly fewest: number;
  private readonly most: number;

  constructor(
    private readonly rotation: Rotation,
    shape: TableShape,
    seed: number,
  ) {
    const { groups, stations, turns } = rotation;
    this.rng = rngFromSeed(seed);
    this.at = new Int32Array(turns * groups);
    this.visits = new Int32Array(groups * stations);
    this.together = new Int32Array(groups * groups);
    this.breaks = new Int32Array(groups);
    this.there = Array.from({ length: turns * (stations + 1) }, () => []);
    const breaks = groups * turns - shape.visits;
    this.most = shareOf(breaks, groups, 0);
    this.fewest = Math.floor(breaks / groups);
    const order = Int32Array.from({ length: groups }, (_, group) => group);
    for (let group = 0; group < groups; group++) this.cost += this.unfair(group);
    shape.places.forEach((row, turn) => {
      shuffle(this.rng, order);
      let next = 0;
      row.forEach((there, station) => {
        for (let i = 0; i < there; i++) this.put(turn, order[next++] as number, station);
      });
      while (next < groups) this.put(turn, order[next++] as number, BREAK);
    });
  }

  run(steps: number): void {
    const { groups, turns } = this.rotation;
    const cooling = (COLD / WARM) ** (1 / steps);
    let heat = WARM;
    for (let step = 0; step < steps && this.cost > 0; step++) {
      heat *= cooling;
      const turn = quickInt(this.rng, turns);
      const [a, b] = [quickInt(this.rng, groups), quickInt(this.rng, groups)];
      const [from, to] = [this.station(turn, a), this.station(turn, b)];
      if (from === to) continue;
      const before = this.cost;
      this.exchange(turn, a, from, b, to);
      const worse = this.cost - before;
      if (worse > 0 && uniformUnit(this.rng) >= Math.exp(-worse / heat)) {
        this.exchange(turn, a, to, b, from);
      }
    }
  }

  table(): (number | null)[][] {
    const { groups, turns } = this.rotation;
    return Array.from({ length: turns }, (_, turn) =>
      Array.from({ length: groups }, (__, group) => {
        const station = this.station(turn, group);
        return station === BREAK ? null : station;
      }),
    );
  }

  private station(turn: number, group: number): number {
    return this.at[turn * this.rotation.groups + group] as number;
  }

  private exchange(turn: number, a: number, from: number, b: number, to: number): void {
    this.take(turn, a, from);
    this.take(turn, b, to);
    this.put(turn, a, to);
    this.put(turn, b, from);
  }

  private list(turn: number, station: number): number[] {
    const { stations } = this.rotation;
    return this.there[turn * (stations + 1) + (station === BREAK ? stations : station)] as number[];
  }

  private put(turn: number, group: number, station: number): void {
    const { groups, stations } = this.rotation;
    this.at[turn * groups + group] = station;
    const list = this.list(turn, station);
    if (station === BREAK) {
      this.cost += WEIGHT.breaksInARow * this.breaksBeside(turn, group);
      this.countBreak(group, 1);
    } else {
      const visit = group * stations + station;
      if ((this.visits[visit] as number) > 0) this.cost += WEIGHT.visit;
      this.visits[visit] = (this.visits[visit] as number) + 1;
      for (const other of list) this.meet(group, other, 1);
    }
    list.push(group);
  }

  private take(turn: number, group: number, station: number): void {
    const { groups, stations } = this.rotation;
    // While a group is nowhere it is at no break either.
    this.at[turn * groups + group] = stations;
    const list = this.list(turn, station);
    list[list.indexOf(group)] = list[list.length - 1] as number;
    list.pop();
    if (station === BREAK) {
      this.cost -= WEIGHT.breaksInARow * this.breaksBeside(turn, group);
      this.countBreak(group, -1);
    } else {
      const visit = group * stations + station;
      this.visits[visit] = (this.visits[visit] as number) - 1;
      if (this.visits[visit] > 0) this.cost -= WEIGHT.visit;
      for (const other of list) this.meet(group, other, -1);
    }
  }

  /** Meetings again cost by how often, the third more than the second: they are spread where they must be. */
  private meet(a: number, b: number, by: 1 | -1): void {
    const { groups } = this.rotation;
    const before = this.together[a * groups + b] as number;
    this.together[a * groups + b] = before + by;
    this.together[b * groups + a] = before + by;
    if (Math.max(before, before + by) > 1) this.cost += by * WEIGHT.again;
  }

  private countBreak(group: number, by: 1 | -1): void {
    this.cost -= this.unfair(group);
    this.breaks[group] = (this.breaks[group] as number) + by;
    this.cost += this.unfair(group);
  }

  private unfair(group: number): number {
    const breaks = this.breaks[group] as number;
    return WEIGHT.fairness * Math.max(this.fewest - breaks, breaks - this.most, 0);
  }

  private breaksBeside(turn: number, group: number): number {
    const { turns } = this.rotation;
    return (
      Number(turn > 0 && this.station(turn - 1, group) === BREAK) +
      Number(turn + 1 < turns && this.station(turn + 1, group) === BREAK)
    );
  }
}
