/** Weighted pairs of students as lists of neighbours: those of student s from start[s] to start[s + 1]. */
export interface Pairs {
  /** length studentCount + 1. */
  readonly start: Int32Array;
  readonly neighbour: Int32Array;
  /** Beside each neighbour; above 0. */
  readonly weight: Float64Array;
}

/** Gathers pairs; a pair given twice counts once, with the weights added up. */
export class PairBuilder {
  private readonly weightOfPair = new Map<number, number>();

  constructor(private readonly studentCount: number) {}

  add(one: number, two: number, weight: number): void {
    if (one === two) return;
    const key = Math.min(one, two) * this.studentCount + Math.max(one, two);
    this.weightOfPair.set(key, (this.weightOfPair.get(key) ?? 0) + weight);
  }

  has(one: number, two: number): boolean {
    return this.weightOfPair.has(Math.min(one, two) * this.studentCount + Math.max(one, two));
  }

  get count(): number {
    return this.weightOfPair.size;
  }

  /** The neighbours of every student, with `weigh` applied to each pair's weight. */
  build(weigh: (weight: number) => number = (weight) => weight): Pairs {
    const start = new Int32Array(this.studentCount + 1);
    const ends = [...this.weightOfPair.keys()].map(
      (key) => [Math.floor(key / this.studentCount), key % this.studentCount] as const,
    );
    ends.forEach(([one, two]) => {
      start[one + 1] = (start[one + 1] as number) + 1;
      start[two + 1] = (start[two + 1] as number) + 1;
    });
    for (let s = 0; s < this.studentCount; s++) {
      start[s + 1] = (start[s + 1] as number) + (start[s] as number);
    }
    const next = start.slice();
    const neighbour = new Int32Array(ends.length * 2);
    const weight = new Float64Array(ends.length * 2);
    const put = (from: number, to: number, value: number): void => {
      const place = next[from] as number;
      neighbour[place] = to;
      weight[place] = value;
      next[from] = place + 1;
    };
    let index = 0;
    for (const value of this.weightOfPair.values()) {
      const [one, two] = ends[index++] as readonly [number, number];
      put(one, two, weigh(value));
      put(two, one, weigh(value));
    }
    return { start, neighbour, weight };
  }
}
