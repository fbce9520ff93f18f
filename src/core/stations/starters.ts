import { rngFromSeed, type Rng } from '../random/rng';
import { quickInt } from '../random/uniform';

const TRIES = 60;
const MOST_BRANCHES = 20_000;
const NONE = -1;

/**
 * A square of n stations and n turns with two of 2n groups in every cell, each group once in every row and column and no
 * two together twice: a Howell design H(n, 2n) (Stinson, in the Handbook of Combinatorial Designs, VI.29), by a first row
 * that is moved on by one, cell and groups alike, from turn to turn. For even n it needs cells with two groups of one
 * half. Null where none was found.
 */
export function howellTable(n: number): number[][] | null {
  const rng = rngFromSeed(n);
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const row = new FirstRow(n, 1 + (attempt % Math.max(1, n / 2 - 1)), rng).cells();
    if (row) return developed(n, row);
  }
  return null;
}

/** cell → its two groups, below n of the first half, the others of the second. */
type Cells = readonly (readonly [number, number])[];

function developed(n: number, row: Cells): number[][] {
  return Array.from({ length: n }, (_, turn) => {
    const at = Array.from({ length: 2 * n }, () => 0);
    row.forEach((pair, cell) => {
      for (const group of pair) {
        const half = group < n ? 0 : n;
        at[half + ((group - half + turn) % n)] = (cell + turn) % n;
      }
    });
    return at;
  });
}

/** Two groups of one half stand in the first `pure` cells, of the other half in as many cells drawn; mixed elsewhere. */
class FirstRow {
  private branches = 0;
  private readonly halves: (readonly [number, number])[];
  private readonly order: number[];
  private readonly placed: Uint8Array;
  private readonly steps: Uint8Array;
  private readonly apart: Uint8Array[];
  private readonly row: [number, number][];

  constructor(
    private readonly n: number,
    pure: number,
    private readonly rng: Rng,
  ) {
    const cells = Array.from({ length: n }, (_, cell) => cell);
    const firsts = this.drawn(cells, pure);
    const seconds = this.drawn(
      cells.filter((cell) => !firsts.includes(cell)),
      pure,
    );
    this.halves = cells.map((cell) =>
      firsts.includes(cell) ? [0, 0] : seconds.includes(cell) ? [1, 1] : [0, 1],
    );
    this.order = [
      ...firsts,
      ...seconds,
      ...cells.filter((cell) => !firsts.includes(cell) && !seconds.includes(cell)),
    ];
    this.placed = new Uint8Array(2 * n);
    this.steps = new Uint8Array(2 * n);
    this.apart = [new Uint8Array(n), new Uint8Array(n), new Uint8Array(n)];
    this.row = cells.map(() => [NONE, NONE]);
  }

  cells(): Cells | null {
    return this.fill(0) ? this.row : null;
  }

  private drawn(from: readonly number[], count: number): number[] {
    const rest = [...from];
    return Array.from(
      { length: count },
      () => rest.splice(quickInt(this.rng, rest.length), 1)[0] ?? 0,
    );
  }

  private fill(index: number): boolean {
    const cell = this.order[index];
    if (cell === undefined) return true;
    const { n } = this;
    const [one, other] = this.halves[cell] as readonly [number, number];
    const [startX, startY] = [quickInt(this.rng, n), quickInt(this.rng, n)];
    for (let i = 0; i < n; i++) {
      const x = (startX + i) % n;
      if (!this.mayStand(one, x, cell)) continue;
      this.stand(one, x, cell, 1);
      for (let j = 0; j < n; j++) {
        const y = (startY + j) % n;
        if (!this.mayStand(other, y, cell) || !this.mayMeet(one, other, x, y)) continue;
        if (++this.branches > MOST_BRANCHES) return false;
        this.stand(other, y, cell, 1);
        this.meet(one, other, x, y, 1);
        this.row[cell] = [one * n + x, other * n + y];
        if (this.fill(index + 1)) return true;
        this.meet(one, other, x, y, 0);
        this.stand(other, y, cell, 0);
      }
      this.stand(one, x, cell, 0);
    }
    return false;
  }

  /** A half's groups stand each once, and no two as far from their cells as each other. */
  private mayStand(half: number, x: number, cell: number): boolean {
    return !this.placed[half * this.n + x] && !this.steps[half * this.n + this.step(x, cell)];
  }

  private stand(half: number, x: number, cell: number, to: 0 | 1): void {
    this.placed[half * this.n + x] = to;
    this.steps[half * this.n + this.step(x, cell)] = to;
  }

  private step(x: number, cell: number): number {
    return (cell - x + this.n) % this.n;
  }

  private mayMeet(one: number, other: number, x: number, y: number): boolean {
    const apart = (y - x + this.n) % this.n;
    // Half way round, a pair of one half would come again.
    return !this.apart[one + other]?.[apart] && (one !== other || 2 * apart !== this.n);
  }

  private meet(one: number, other: number, x: number, y: number, to: 0 | 1): void {
    const seen = this.apart[one + other] as Uint8Array;
    seen[(y - x + this.n) % this.n] = to;
    if (one === other) seen[(x - y + this.n) % this.n] = to;
  }
}
