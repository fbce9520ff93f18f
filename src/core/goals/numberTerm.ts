import type { Arrangement, Exchange, Term, Span } from '../terms/arrangement';

/** A number of the students, as what each has above or below the mean of all. */
export interface Deviations {
  /** student → value less the mean; 0 where it is missing. */
  readonly ofStudent: Float64Array;
  /** student → 1 where a value is given. */
  readonly known: Uint8Array;
  /** Sum of squares; the number's variance times those who have one. */
  readonly total: number;
  readonly count: number;
}

export function deviations(values: Float64Array, known: Uint8Array): Deviations {
  let [count, sum] = [0, 0];
  known.forEach((has, student) => {
    count += has;
    sum += has * (values[student] as number);
  });
  const mean = count === 0 ? 0 : sum / count;
  const ofStudent = values.map((value, student) => (known[student] === 1 ? value - mean : 0));
  const total = ofStudent.reduce((squares, value) => squares + value * value, 0);
  return { ofStudent, known, total, count };
}

/**
 * How far the groups' means lie from the mean of all: the sum over groups of known members x (mean - mean of
 * all)^2, divided by the sum of squares. 0 when all means are equal, 1 when all within each group are equal.
 */
export class BetweenTerm implements Term {
  value = 0;
  /** A sum of squares about the mean of those within never shrinks where somebody is added. */
  readonly ofGroupGrows: boolean;
  /** group → deviations of its members added up. */
  private readonly sum: Float64Array;
  /** group → members whose number is known. */
  private readonly count: Int32Array;
  private readonly allKnown: boolean;

  /** `sign` 1 for groups alike, -1 and `offset` 1 for members alike: what lies not between groups lies within. */
  constructor(
    private readonly of: Deviations,
    groupCount: number,
    private readonly sign: 1 | -1,
    private readonly offset: 0 | 1,
  ) {
    this.sum = new Float64Array(groupCount);
    this.count = new Int32Array(groupCount);
    this.allKnown = of.count === of.known.length;
    this.ofGroupGrows = sign < 0;
  }

  reset({ groupOfStudent }: Arrangement): void {
    this.sum.fill(0);
    this.count.fill(0);
    groupOfStudent.forEach((group, student) => {
      this.sum[group] = (this.sum[group] as number) + (this.of.ofStudent[student] as number);
      this.count[group] = (this.count[group] as number) + (this.of.known[student] as number);
    });
    let between = 0;
    this.sum.forEach((sum, group) => (between += part(sum, this.count[group] as number)));
    this.value = this.offset + (this.sign * between) / this.of.total;
  }

  delta(exchange: Exchange): number {
    const { from, to } = exchange;
    const sum = this.netSum(exchange);
    const count = this.netCount(exchange);
    const sumFrom = this.sum[from] as number;
    const sumTo = this.sum[to] as number;
    const countFrom = this.count[from] as number;
    const countTo = this.count[to] as number;
    const before = part(sumFrom, countFrom) + part(sumTo, countTo);
    const after = part(sumFrom - sum, countFrom - count) + part(sumTo + sum, countTo + count);
    return (this.sign * (after - before)) / this.of.total;
  }

  commit(exchange: Exchange): void {
    this.value += this.delta(exchange);
    const { from, to } = exchange;
    const [sum, count] = [this.netSum(exchange), this.netCount(exchange)];
    this.sum[from] = (this.sum[from] as number) - sum;
    this.sum[to] = (this.sum[to] as number) + sum;
    this.count[from] = (this.count[from] as number) - count;
    this.count[to] = (this.count[to] as number) + count;
  }

  /** Between two groups there is least where their means are equal, however many of either are known. */
  mostGain(one: number, two: number): number {
    if (this.sign < 0) return this.value;
    const sumOne = this.sum[one] as number;
    const sumTwo = this.sum[two] as number;
    const countOne = this.count[one] as number;
    const countTwo = this.count[two] as number;
    const least = part(sumOne + sumTwo, countOne + countTwo);
    return (part(sumOne, countOne) + part(sumTwo, countTwo) - least) / this.of.total;
  }

  /** A net sum x going from one to two changes between by x²(1/n + 1/m) + 2x(sum of two/m − sum of one/n). */
  narrow(one: number, two: number, limit: number, span: Span): boolean {
    const countOne = this.count[one] as number;
    const countTwo = this.count[two] as number;
    if (this.sign < 0 || !this.allKnown || countOne === 0 || countTwo === 0) return false;
    const square = 1 / countOne + 1 / countTwo;
    const slope = (this.sum[two] as number) / countTwo - (this.sum[one] as number) / countOne;
    const root = Math.sqrt(Math.max(0, slope * slope + square * limit * this.of.total));
    span.ofStudent = this.of.ofStudent;
    span.low = (-slope - root) / square;
    span.high = (-slope + root) / square;
    return true;
  }

  ofGroup(members: Int32Array, count: number): number {
    const { ofStudent, known, total } = this.of;
    let [sum, knownCount, squares] = [0, 0, 0];
    for (let i = 0; i < count; i++) {
      const deviation = ofStudent[members[i] as number] as number;
      sum += deviation;
      squares += deviation * deviation;
      knownCount += known[members[i] as number] as number;
    }
    const between = part(sum, knownCount);
    return (this.offset * squares + this.sign * between) / total;
  }

  // Net sum and net count stand apart so that each reads one kind of array; as one function they measure slower.
  private netSum({ going, goingCount, coming, comingCount }: Exchange): number {
    const { ofStudent } = this.of;
    if (goingCount === 1 && comingCount === 1) {
      return (ofStudent[going[0] as number] as number) - (ofStudent[coming[0] as number] as number);
    }
    let net = 0;
    for (let i = 0; i < goingCount; i++) net += ofStudent[going[i] as number] as number;
    for (let i = 0; i < comingCount; i++) net -= ofStudent[coming[i] as number] as number;
    return net;
  }

  private netCount({ going, goingCount, coming, comingCount }: Exchange): number {
    const { known } = this.of;
    if (goingCount === 1 && comingCount === 1) {
      return (known[going[0] as number] as number) - (known[coming[0] as number] as number);
    }
    let net = 0;
    for (let i = 0; i < goingCount; i++) net += known[going[i] as number] as number;
    for (let i = 0; i < comingCount; i++) net -= known[coming[i] as number] as number;
    return net;
  }
}

function part(sum: number, count: number): number {
  return count === 0 ? 0 : (sum * sum) / count;
}
