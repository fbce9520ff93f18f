import { quickInt } from '../random/uniform';
import { rngFromSeed, type Rng } from '../random/rng';
import { ringOf, type Ring } from './fields';
import { shareOf } from './shape';
import type { Rotation } from './types';

const ABSENT = -1;
/** For one try at the rows; rows that exist are mostly found in the first hundreds. */
const MOST_BRANCHES = 4_000;
const TRIES = 5;

/**
 * A table made of whole classes of as many groups as there are stations: group j of class i is at station j + f_i(t) in
 * turn t, in a commutative group of the stations. It meets no station twice where f_i holds no value twice, and no
 * group of another class twice where f_i - f_k does not (difference matrices; Colbourn and Dinitz, Handbook of
 * Combinatorial Designs, VI.17). Null where the groups are no whole classes, or no such rows were found; `spare` gives up
 * that much of it: one turn is completed as it comes, or classes share a row.
 */
export function tableOfClasses(
  rotation: Rotation,
  spare: 'nothing' | 'lastTurn' | 'rows',
): (number | null)[][] | null {
  const { groups, stations, perStation, turns } = rotation;
  const classes = Math.ceil(groups / stations);
  const everyTurn = classes <= perStation && turns <= stations;
  if (!everyTurn && groups % stations !== 0) return null;
  const ring = ringOf(stations);
  const present = presence(classes, rotation);
  const rows = rowsFor(ring, present, everyTurn, spare);
  return (
    rows &&
    Array.from({ length: turns }, (_, turn) =>
      Array.from({ length: groups }, (__, group) => {
        const shift = rows[Math.floor(group / stations)]?.[turn] ?? ABSENT;
        return shift === ABSENT ? null : ring.add(group % stations, shift);
      }),
    )
  );
}

/** class → turn → whether it has stations then; the classes take turns at breaks. */
function presence(
  classes: number,
  { stations, perStation, turns }: Rotation,
): readonly (readonly boolean[])[] {
  const all = Math.min(turns * Math.min(perStation, classes), classes * stations);
  const rows = Array.from({ length: classes }, () => Array.from({ length: turns }, () => false));
  let next = 0;
  for (let turn = 0; turn < turns; turn++) {
    const now = shareOf(all, turns, turn);
    for (let i = 0; i < now; i++) (rows[next++ % classes] as boolean[])[turn] = true;
  }
  return rows;
}

type Rows = readonly (readonly number[])[];

function rowsFor(
  ring: Ring,
  present: readonly (readonly boolean[])[],
  everyTurn: boolean,
  spare: 'nothing' | 'lastTurn' | 'rows',
): Rows | null {
  const turns = present[0]?.length ?? 0;
  const classes = present.length;
  if (everyTurn && classes <= ring.factors) return multiples(ring, turns, classes);
  if (spare === 'nothing') {
    // Hall and Paige 1955: no second full row where the order is twice an odd number.
    const hopeless = everyTurn && turns === ring.order && ring.order % 4 === 2 && classes > 1;
    return hopeless ? null : searched(ring, present);
  }
  if (!everyTurn) return null;
  if (spare === 'rows') {
    const few = multiples(ring, turns, Math.max(1, ring.factors));
    return present.map((_, index) => few[index % few.length] ?? []);
  }
  if (turns !== ring.order) return null;
  const shorter = searched(
    ring,
    present.map((row) => row.slice(1)),
  );
  return (
    shorter?.map((row) => {
      const missing = Array.from({ length: ring.order }, (_, value) => value).find(
        (value) => !row.includes(value),
      );
      return [...row, missing ?? 0];
    }) ?? null
  );
}

function multiples(ring: Ring, turns: number, rows: number): Rows {
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: turns }, (__, turn) => ring.multiply(ring.everywhere(row + 1), turn)),
  );
}

/** Completed value by value, going back where that ends; begun anew with other values where it takes long. */
function searched(ring: Ring, present: readonly (readonly boolean[])[]): Rows | null {
  const rng = rngFromSeed(ring.order);
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const found = new Completion(ring, present, rng).rows();
    if (found) return found;
  }
  return null;
}

class Completion {
  private branches = 0;
  private readonly values: number[][];
  /** row → values in it; and row → other row → their differences. */
  private readonly used: Uint8Array[];
  private readonly apart: Uint8Array[][];

  constructor(
    private readonly ring: Ring,
    private readonly present: readonly (readonly boolean[])[],
    private readonly rng: Rng,
  ) {
    this.values = present.map((row) => row.map(() => ABSENT));
    this.used = present.map(() => new Uint8Array(ring.order));
    this.apart = present.map((_, row) =>
      present.slice(0, row).map(() => new Uint8Array(ring.order)),
    );
  }

  rows(): Rows | null {
    return this.complete(0, 0) ? this.values : null;
  }

  private complete(row: number, turn: number): boolean {
    const here = this.present[row];
    if (!here) return true;
    if (turn === here.length) return this.complete(row + 1, 0);
    if (!here[turn]) return this.complete(row, turn + 1);
    const start = quickInt(this.rng, this.ring.order);
    for (let step = 0; step < this.ring.order; step++) {
      const value = (start + step) % this.ring.order;
      if (!this.free(row, turn, value)) continue;
      if (++this.branches > MOST_BRANCHES) return false;
      this.mark(row, turn, value, 1);
      if (this.complete(row, turn + 1)) return true;
      this.mark(row, turn, value, 0);
    }
    return false;
  }

  private free(row: number, turn: number, value: number): boolean {
    if (this.used[row]?.[value] === 1) return false;
    for (let other = 0; other < row; other++) {
      const there = this.values[other]?.[turn] ?? ABSENT;
      if (there === ABSENT) continue;
      if (this.apart[row]?.[other]?.[this.ring.minus(value, there)] === 1) return false;
    }
    return true;
  }

  private mark(row: number, turn: number, value: number, to: 0 | 1): void {
    (this.used[row] as Uint8Array)[value] = to;
    for (let other = 0; other < row; other++) {
      const there = this.values[other]?.[turn] ?? ABSENT;
      if (there === ABSENT) continue;
      (this.apart[row]?.[other] as Uint8Array)[this.ring.minus(value, there)] = to;
    }
    (this.values[row] as number[])[turn] = to === 1 ? value : ABSENT;
  }
}
