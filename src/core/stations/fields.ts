/** A commutative group of numbers from 0, its own sum and difference, and multiplication where it is made of fields. */
export interface Ring {
  readonly order: number;
  /** How many elements there are, 0 not counted, whose multiples all differ. */
  readonly factors: number;
  readonly add: (a: number, b: number) => number;
  readonly minus: (a: number, b: number) => number;
  readonly multiply: (a: number, b: number) => number;
  /** The element that is the `n`-th of every field; any two up to `factors` differ in every field. */
  readonly everywhere: (n: number) => number;
}

/** The product of the fields whose orders are the prime powers of `order`; its elements are numbers by their digits. */
export function ringOf(order: number): Ring {
  const fields = primePowers(order).map(fieldOf);
  const each =
    (what: (field: Field, a: number, b: number) => number) =>
    (a: number, b: number): number => {
      let [result, place, restA, restB] = [0, 1, a, b];
      for (const field of fields) {
        result += place * what(field, restA % field.order, restB % field.order);
        place *= field.order;
        restA = Math.floor(restA / field.order);
        restB = Math.floor(restB / field.order);
      }
      return result;
    };
  return {
    order,
    factors: Math.min(order, ...fields.map((field) => field.order)) - 1,
    add: each((field, a, b) => field.add(a, b)),
    minus: each((field, a, b) => field.add(a, field.negative(b))),
    multiply: each((field, a, b) => field.multiply(a, b)),
    everywhere: (n) => {
      let [result, place] = [0, 1];
      for (const field of fields) {
        result += place * n;
        place *= field.order;
      }
      return result;
    },
  };
}

interface PrimePower {
  readonly prime: number;
  readonly power: number;
}

function primePowers(n: number): readonly PrimePower[] {
  const parts: PrimePower[] = [];
  let rest = n;
  for (let prime = 2; rest > 1; prime++) {
    let power = 0;
    for (; rest % prime === 0; rest /= prime) power++;
    if (power > 0) parts.push({ prime, power });
  }
  return parts;
}

interface Field {
  readonly order: number;
  readonly add: (a: number, b: number) => number;
  readonly negative: (a: number) => number;
  readonly multiply: (a: number, b: number) => number;
}

/** GF(p^k): polynomials over Z_p, their coefficients the digits of a number, modulo one that has no factor. */
function fieldOf({ prime, power }: PrimePower): Field {
  const order = prime ** power;
  const digits = (a: number): number[] =>
    Array.from({ length: power }, (_, place) => Math.floor(a / prime ** place) % prime);
  const number = (coefficients: readonly number[]): number =>
    coefficients.reduce((sum, digit, place) => sum + digit * prime ** place, 0);
  const product = (a: number, b: number, modulus: readonly number[]): number => {
    const long = Array.from({ length: 2 * power - 1 }, () => 0);
    digits(a).forEach((x, i) =>
      digits(b).forEach((y, j) => {
        long[i + j] = ((long[i + j] ?? 0) + x * y) % prime;
      }),
    );
    // The modulus says what x^power is.
    for (let place = long.length - 1; place >= power; place--) {
      const head = long[place] ?? 0;
      modulus.forEach((digit, at) => {
        const to = place - power + at;
        long[to] = ((long[to] ?? 0) + head * digit) % prime;
      });
    }
    return number(long.slice(0, power));
  };
  const modulus =
    power === 1 ? [] : digits(withoutFactor(order, (a, b, m) => product(a, b, digits(m))));
  return {
    order,
    add: (a, b) => number(digits(a).map((x, place) => (x + (digits(b)[place] ?? 0)) % prime)),
    negative: (a) => number(digits(a).map((x) => (prime - x) % prime)),
    multiply: (a, b) => product(a, b, modulus),
  };
}

/** The first modulus under which no two elements but 0 give 0, which makes the polynomials a field. */
function withoutFactor(
  order: number,
  product: (a: number, b: number, modulus: number) => number,
): number {
  for (let modulus = 1; modulus < order; modulus++) {
    let clean = true;
    for (let a = 1; clean && a < order; a++) {
      for (let b = a; clean && b < order; b++) clean = product(a, b, modulus) !== 0;
    }
    if (clean) return modulus;
  }
  throw new Error(`no field of order ${order}`);
}
