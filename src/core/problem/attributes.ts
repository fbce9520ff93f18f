import type { RequestStudent } from '../format';

/** One attribute over dense student indexes; whoever lacks it counts nowhere. */
export type Attribute =
  | {
      readonly kind: 'number';
      /** student → value; 0 where it is missing. */
      readonly valueOfStudent: Float64Array;
      /** student → 1 where a value is given. */
      readonly known: Uint8Array;
    }
  | {
      readonly kind: 'category';
      /** student → index into `values`; -1 where it is missing. */
      readonly valueOfStudent: Int32Array;
      readonly values: readonly string[];
    };

/** Reads an attribute of the present students: a number when every value given is one, else a category. */
export function readAttribute(students: readonly RequestStudent[], name: string): Attribute {
  const given = students.map(({ attributes }) => valueIn(attributes, name));
  const held = given.filter((value) => value !== undefined);
  if (held.length > 0 && held.every((value) => typeof value === 'number')) {
    return {
      kind: 'number',
      valueOfStudent: inReach(given),
      known: Uint8Array.from(given, (value) => (value === undefined ? 0 : 1)),
    };
  }
  const values = [...new Set(held.map(String))];
  const indexOfValue = new Map(values.map((value, index) => [value, index]));
  return {
    kind: 'category',
    valueOfStudent: Int32Array.from(given, (value) =>
      value === undefined ? -1 : (indexOfValue.get(String(value)) ?? -1),
    ),
    values,
  };
}

/** What a student has under a name, be it called `constructor`. */
function valueIn(
  attributes: RequestStudent['attributes'],
  name: string,
): string | number | undefined {
  return attributes && Object.hasOwn(attributes, name) ? attributes[name] : undefined;
}

/** Beyond these a square is no number any more, or nothing. */
const LARGEST = 2 ** 300;
const LEAST = 2 ** -300;
/** Values that all lie so far from nought, in widths of their range, lose their last figures in sums of squares. */
const FAR = 1_024;

/**
 * The values where sums of their squares are sound: those far from nought are counted from the least of them, and huge
 * or tiny ones scaled by a power of two. No cost knows the difference: each is a part of the values' own spread.
 */
function inReach(given: readonly (string | number | undefined)[]): Float64Array {
  const values = given.filter((value): value is number => typeof value === 'number');
  const largest = values.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
  const step =
    largest > LARGEST || (largest > 0 && largest < LEAST)
      ? 2 ** Math.min(1_000, -Math.floor(Math.log2(largest)))
      : 1;
  const scaled = values.map((value) => value * step);
  const least = scaled.reduce((low, value) => Math.min(low, value), Infinity);
  const range = scaled.reduce((high, value) => Math.max(high, value), -Infinity) - least;
  const from = Math.abs(least) > FAR * range ? least : 0;
  return Float64Array.from(given, (value) => (typeof value === 'number' ? value * step - from : 0));
}

/** student → 1 where the attribute has the value; a number and its digits are the same value. */
export function markValue(
  students: readonly RequestStudent[],
  name: string,
  value: string | number,
): Uint8Array {
  return Uint8Array.from(students, ({ attributes }) => {
    const held = valueIn(attributes, name);
    return held !== undefined && String(held) === String(value) ? 1 : 0;
  });
}
