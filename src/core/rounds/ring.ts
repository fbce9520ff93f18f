/** Finite rings with as many differences that can be divided by as can be: fields, and products of fields. */
export interface Ring {
  readonly order: number;
  add(a: number, b: number): number;
  multiply(a: number, b: number): number;
  /** Elements whose differences all have an inverse, as many as there can be. */
  readonly apart: readonly number[];
}

/** The product of the fields of the prime powers of `order`, which is 2 or more. */
export function ringOf(order: number): Ring {
  const fields = primePowers(order).map(([prime, exponent]) => field(prime, exponent));
  const sizes = fields.map((one) => one.order);
  const parts = (element: number): number[] => {
    let rest = element;
    return sizes.map((size) => {
      const part = rest % size;
      rest = Math.floor(rest / size);
      return part;
    });
  };
  const join = (values: readonly number[]): number =>
    values.reduceRight((element, value, i) => element * (sizes[i] as number) + value, 0);
  const each = (
    a: number,
    b: number,
    combine: (one: Field, x: number, y: number) => number,
  ): number => {
    const [left, right] = [parts(a), parts(b)];
    return join(fields.map((one, i) => combine(one, left[i] as number, right[i] as number)));
  };
  return {
    order,
    add: (a, b) => each(a, b, (one, x, y) => one.add(x, y)),
    multiply: (a, b) => each(a, b, (one, x, y) => one.multiply(x, y)),
    // The same number in every part: two such differ in every part, and so by an element with an inverse.
    apart: Array.from({ length: Math.min(...sizes) }, (_, value) => join(sizes.map(() => value))),
  };
}

interface Field {
  readonly order: number;
  add(a: number, b: number): number;
  multiply(a: number, b: number): number;
}

/** The field of p^k elements: polynomials over the integers modulo p, modulo an irreducible one of degree k. */
function field(prime: number, exponent: number): Field {
  const order = prime ** exponent;
  const digits = (element: number): number[] =>
    Array.from({ length: exponent }, (_, i) => Math.floor(element / prime ** i) % prime);
  const number = (polynomial: readonly number[]): number =>
    polynomial.reduceRight((element, digit) => element * prime + digit, 0);
  const modulus = irreducible(prime, exponent);
  const multiply = (a: number, b: number): number => {
    const product = new Array<number>(2 * exponent - 1).fill(0);
    digits(a).forEach((x, i) =>
      digits(b).forEach((y, j) => {
        product[i + j] = ((product[i + j] as number) + x * y) % prime;
      }),
    );
    for (let degree = product.length - 1; degree >= exponent; degree--) {
      const lead = product[degree] as number;
      for (let i = 0; i <= exponent; i++) {
        const place = degree - exponent + i;
        const value = (product[place] as number) - lead * (modulus[i] as number);
        product[place] = ((value % prime) + prime) % prime;
      }
    }
    return number(product.slice(0, exponent));
  };
  const table = Int32Array.from({ length: order * order }, (_, cell) =>
    multiply(Math.floor(cell / order), cell % order),
  );
  return {
    order,
    add: (a, b) => {
      const right = digits(b);
      return number(digits(a).map((digit, i) => (digit + (right[i] as number)) % prime));
    },
    multiply: (a, b) => table[a * order + b] as number,
  };
}

/** Coefficients, lowest first, of a monic polynomial of the degree that no lower one divides; found by trying all. */
function irreducible(prime: number, degree: number): readonly number[] {
  const monic = (code: number, of: number): number[] => [
    ...Array.from({ length: of }, (_, i) => Math.floor(code / prime ** i) % prime),
    1,
  ];
  for (let code = 0; code < prime ** degree; code++) {
    const candidate = monic(code, degree);
    let divided = false;
    for (let lower = 1; lower <= degree >> 1 && !divided; lower++) {
      for (let divisor = 0; divisor < prime ** lower && !divided; divisor++) {
        divided = divides(monic(divisor, lower), candidate, prime);
      }
    }
    if (!divided) return candidate;
  }
  throw new Error(`expected an irreducible polynomial of degree ${degree}, received none`);
}

function divides(
  divisor: readonly number[],
  polynomial: readonly number[],
  prime: number,
): boolean {
  const rest = [...polynomial];
  for (let top = rest.length - 1; top >= divisor.length - 1; top--) {
    const lead = rest[top] as number;
    divisor.forEach((coefficient, i) => {
      const place = top - divisor.length + 1 + i;
      rest[place] = ((((rest[place] as number) - lead * coefficient) % prime) + prime) % prime;
    });
  }
  return rest.every((coefficient) => coefficient === 0);
}

/** The prime powers whose product is the number. */
export function primePowers(
  whole: number,
): readonly (readonly [prime: number, exponent: number])[] {
  const powers: [number, number][] = [];
  let rest = whole;
  for (let prime = 2; rest > 1; prime++) {
    let exponent = 0;
    while (rest % prime === 0) {
      rest /= prime;
      exponent++;
    }
    if (exponent > 0) powers.push([prime, exponent]);
  }
  return powers;
}
