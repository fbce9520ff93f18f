import { rngFromSeed, type Rng } from '../random/rng';
import { quickInt } from '../random/uniform';

const TRIES = 40;
const MOST_BRANCHES = 30_000;

/** A pair of the first turn and how far from its turn its place is. */
interface Placed {
  readonly pair: readonly [number, number];
  readonly shift: number;
}

/**
 * A Room square of odd side n: n + 1 groups that all meet in n turns at n places, each group once at every place (Stanton
 * and Mullin 1968: a starter and its adder, moved on by one from turn to turn). turn → group → place; null where none was
 * found, as there is none of sides 3 and 5.
 */
export function roomTable(n: number): number[][] | null {
  if (n % 2 === 0) return null;
  const rng = rngFromSeed(n);
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const placed = new FirstTurn(n, rng).pairs();
    if (placed) return developed(n, placed);
  }
  return null;
}

function developed(n: number, placed: readonly Placed[]): number[][] {
  return Array.from({ length: n }, (_, turn) => {
    // The last group, which is none of the numbers, meets each of them in its turn.
    const at = Array.from({ length: n + 1 }, () => turn);
    for (const { pair, shift } of placed) {
      for (const group of pair) at[(group + turn) % n] = (turn - shift + n) % n;
    }
    return at;
  });
}

/** Pairs of all numbers but 0, one for each difference, with shifts that carry them onto all numbers but 0 again. */
class FirstTurn {
  private branches = 0;
  private readonly paired: Uint8Array;
  private readonly carried: Uint8Array;
  private readonly shifts: Uint8Array;
  private readonly placed: Placed[] = [];

  constructor(
    private readonly n: number,
    private readonly rng: Rng,
  ) {
    this.paired = new Uint8Array(n);
    this.carried = new Uint8Array(n);
    this.shifts = new Uint8Array(n);
    for (const taken of [this.paired, this.carried, this.shifts]) taken[0] = 1;
  }

  pairs(): readonly Placed[] | null {
    return this.place((this.n - 1) / 2) ? this.placed : null;
  }

  /** From the largest difference down. */
  private place(apart: number): boolean {
    if (apart === 0) return true;
    const { n } = this;
    const [first, start] = [quickInt(this.rng, n), quickInt(this.rng, n)];
    for (let i = 0; i < n; i++) {
      const x = (first + i) % n;
      const y = (x + apart) % n;
      if (this.paired[x] || this.paired[y]) continue;
      for (let j = 0; j < n; j++) {
        const shift = (start + j) % n;
        const [toX, toY] = [(x + shift) % n, (y + shift) % n];
        if (this.shifts[shift] || this.carried[toX] || this.carried[toY]) continue;
        if (++this.branches > MOST_BRANCHES) return false;
        this.mark([x, y], shift, [toX, toY], 1);
        this.placed.push({ pair: [x, y], shift });
        if (this.place(apart - 1)) return true;
        this.placed.pop();
        this.mark([x, y], shift, [toX, toY], 0);
      }
    }
    return false;
  }

  private mark(
    pair: readonly [number, number],
    shift: number,
    carried: readonly [number, number],
    to: 0 | 1,
  ): void {
    this.shifts[shift] = to;
    for (const one of pair) this.paired[one] = to;
    for (const one of carried) this.carried[one] = to;
  }
}
