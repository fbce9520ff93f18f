import type { Arrangement, Exchange, Term } from '../terms/arrangement';

/** Counts of each value in each group, kept up to date; what they cost is for the kinds below to say. */
export abstract class CategoryTerm implements Term {
  value = 0;
  /** group * valueCount + value → students; the row after the last group is for one that sits nowhere. */
  protected readonly counts: Int32Array;
  /** group → students whose value is known; likewise. */
  protected readonly known: Int32Array;
  /** group → what it costs as it stands. */
  private readonly costs: Float64Array;

  constructor(
    private readonly valueOfStudent: Int32Array,
    protected readonly valueCount: number,
    private readonly groupCount: number,
  ) {
    this.counts = new Int32Array((groupCount + 1) * valueCount);
    this.known = new Int32Array(groupCount + 1);
    this.costs = new Float64Array(groupCount);
  }

  /** What a group costs as it stands. */
  protected abstract costOfGroup(group: number): number;

  reset({ groupOfStudent }: Arrangement): void {
    this.counts.fill(0);
    this.known.fill(0);
    groupOfStudent.forEach((group, student) => this.count(student, group, 1));
    this.value = 0;
    for (let group = 0; group < this.groupCount; group++) {
      this.costs[group] = this.costOfGroup(group);
      this.value += this.costs[group] as number;
    }
  }

  /**
   * What one student of value `out` leaving the group for one of value `into` changes, its size the same; where there is
   * no quicker way than to work the group out anew, it is left out.
   */
  protected replaceDelta?(group: number, out: number, into: number): number;

  delta(exchange: Exchange): number {
    const { from, to } = exchange;
    if (this.replaceDelta) {
      const alike = exchange.goingCount === exchange.comingCount && this.allKnown(exchange);
      if (alike) return this.replaceAll(exchange, 0);
    } else if (this.sameValues(exchange)) return 0;
    const before = (this.costs[from] as number) + (this.costs[to] as number);
    this.move(exchange, 1);
    const after = this.costOfGroup(from) + this.costOfGroup(to);
    this.move(exchange, -1);
    return after - before;
  }

  /** One for one from place `i` on, each with those before it in place already. */
  private replaceAll(exchange: Exchange, i: number): number {
    if (i === exchange.goingCount) return 0;
    const { from, to } = exchange;
    const going = this.valueOfStudent[exchange.going[i] as number] as number;
    const coming = this.valueOfStudent[exchange.coming[i] as number] as number;
    if (going === coming) return this.replaceAll(exchange, i + 1);
    const left = this.replaceDelta?.(from, going, coming) ?? 0;
    const change = left + (this.replaceDelta?.(to, coming, going) ?? 0);
    if (i + 1 === exchange.goingCount) return change;
    this.trade(from, to, going, coming);
    const later = this.replaceAll(exchange, i + 1);
    this.trade(to, from, going, coming);
    return change + later;
  }

  private trade(from: number, to: number, going: number, coming: number): void {
    const { counts, valueCount } = this;
    const rowFrom = from * valueCount;
    const rowTo = to * valueCount;
    counts[rowFrom + going] = (counts[rowFrom + going] as number) - 1;
    counts[rowFrom + coming] = (counts[rowFrom + coming] as number) + 1;
    counts[rowTo + going] = (counts[rowTo + going] as number) + 1;
    counts[rowTo + coming] = (counts[rowTo + coming] as number) - 1;
  }

  /** Whether one comes for one of the same value. */
  private sameValues({ going, goingCount, coming, comingCount }: Exchange): boolean {
    return (
      goingCount === 1 &&
      comingCount === 1 &&
      this.valueOfStudent[going[0] as number] === this.valueOfStudent[coming[0] as number]
    );
  }

  private allKnown({ going, goingCount, coming, comingCount }: Exchange): boolean {
    for (let i = 0; i < goingCount; i++) {
      if ((this.valueOfStudent[going[i] as number] as number) < 0) return false;
    }
    for (let i = 0; i < comingCount; i++) {
      if ((this.valueOfStudent[coming[i] as number] as number) < 0) return false;
    }
    return true;
  }

  commit(exchange: Exchange): void {
    this.value += this.delta(exchange);
    this.move(exchange, 1);
    this.costs[exchange.from] = this.costOfGroup(exchange.from);
    this.costs[exchange.to] = this.costOfGroup(exchange.to);
  }

  mostGain(one: number, two: number): number {
    return (this.costs[one] as number) + (this.costs[two] as number);
  }

  ofGroup(members: Int32Array, count: number): number {
    const { groupCount: nowhere, valueCount } = this;
    this.counts.fill(0, nowhere * valueCount);
    this.known[nowhere] = 0;
    for (let i = 0; i < count; i++) this.count(members[i] as number, nowhere, 1);
    return this.costOfGroup(nowhere);
  }

  private move(exchange: Exchange, step: 1 | -1): void {
    const { from, to, going, goingCount, coming, comingCount } = exchange;
    for (let i = 0; i < goingCount; i++) {
      this.count(going[i] as number, from, -step);
      this.count(going[i] as number, to, step);
    }
    for (let i = 0; i < comingCount; i++) {
      this.count(coming[i] as number, to, -step);
      this.count(coming[i] as number, from, step);
    }
  }

  private count(student: number, group: number, step: number): void {
    const value = this.valueOfStudent[student] as number;
    if (value < 0) return;
    const cell = group * this.valueCount + value;
    this.counts[cell] = (this.counts[cell] as number) + step;
    this.known[group] = (this.known[group] as number) + step;
  }
}

/** Guards shares that are whole numbers against the last bit of a division. */
const EPSILON = 1e-9;

/**
 * How far the count of each value in each group lies outside the floor and ceiling of its proportional share, added
 * up and divided by the students.
 */
export class ShareTerm extends CategoryTerm {
  /** known * valueCount + value → least and most students of the value that are no fault. */
  private readonly least: Int32Array;
  private readonly most: Int32Array;

  constructor(
    valueOfStudent: Int32Array,
    valueCount: number,
    groupCount: number,
    capacity: number,
    private readonly scale: number,
  ) {
    super(valueOfStudent, valueCount, groupCount);
    const all = new Int32Array(valueCount);
    valueOfStudent.forEach((value) => {
      if (value >= 0) all[value] = (all[value] as number) + 1;
    });
    const total = all.reduce((sum, count) => sum + count, 0);
    const share = (known: number, value: number): number =>
      (known * (all[value] as number)) / Math.max(1, total);
    const cells = (capacity + 1) * valueCount;
    const cell = (place: number): [number, number] => [
      Math.floor(place / valueCount),
      place % valueCount,
    ];
    this.least = Int32Array.from({ length: cells }, (_, place) =>
      Math.floor(share(...cell(place)) + EPSILON),
    );
    this.most = Int32Array.from({ length: cells }, (_, place) =>
      Math.ceil(share(...cell(place)) - EPSILON),
    );
  }

  protected override replaceDelta(group: number, out: number, into: number): number {
    const row = (this.known[group] as number) * this.valueCount;
    const start = group * this.valueCount;
    const left = this.counts[start + out] as number;
    const joined = this.counts[start + into] as number;
    // One fewer is worse below the share and better above it; one more the other way round.
    const change =
      (left <= (this.least[row + out] as number) ? 1 : 0) -
      (left > (this.most[row + out] as number) ? 1 : 0) +
      (joined >= (this.most[row + into] as number) ? 1 : 0) -
      (joined < (this.least[row + into] as number) ? 1 : 0);
    return change * this.scale;
  }

  protected costOfGroup(group: number): number {
    const { valueCount, counts, least, most } = this;
    const row = (this.known[group] as number) * valueCount;
    const start = group * valueCount;
    let out = 0;
    for (let value = 0; value < valueCount; value++) {
      const count = counts[start + value] as number;
      const low = least[row + value] as number;
      const high = most[row + value] as number;
      if (count < low) out += low - count;
      else if (count > high) out += count - high;
    }
    return out * this.scale;
  }
}

/**
 * How unlike the members of groups are: what differs within groups as a part of what differs among all, in the sums
 * of squares for categories of Light and Margolin (1971): (n - sum of squared counts / n) / 2.
 */
export class WithinTerm extends CategoryTerm {
  /** A sum of squares about the mean, for each value: it never shrinks where somebody is added. */
  readonly ofGroupGrows = true;

  constructor(
    valueOfStudent: Int32Array,
    valueCount: number,
    groupCount: number,
    private readonly scale: number,
  ) {
    super(valueOfStudent, valueCount, groupCount);
  }

  protected override replaceDelta(group: number, out: number, into: number): number {
    const start = group * this.valueCount;
    const left = this.counts[start + out] as number;
    const joined = this.counts[start + into] as number;
    // Squares: (left - 1)^2 - left^2 + (joined + 1)^2 - joined^2.
    const squares = 2 * (joined - left + 1);
    return (-squares / (this.known[group] as number) / 2) * this.scale;
  }

  protected costOfGroup(group: number): number {
    const known = this.known[group] as number;
    if (known === 0) return 0;
    const start = group * this.valueCount;
    let squares = 0;
    for (let value = 0; value < this.valueCount; value++) {
      const count = this.counts[start + value] as number;
      squares += count * count;
    }
    return ((known - squares / known) / 2) * this.scale;
  }
}

/** What differs among all students whose value is known, in the same sums of squares. */
export function variationOf(valueOfStudent: Int32Array, valueCount: number): number {
  const counts = new Int32Array(valueCount);
  let known = 0;
  valueOfStudent.forEach((value) => {
    if (value < 0) return;
    counts[value] = (counts[value] as number) + 1;
    known++;
  });
  const squares = counts.reduce((sum, count) => sum + count * count, 0);
  return known === 0 ? 0 : (known - squares / known) / 2;
}
