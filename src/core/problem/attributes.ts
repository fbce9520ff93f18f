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
  const given = students.map(({ attributes }) => attributes?.[name]);
  const held = given.filter((value) => value !== undefined);
  if (held.length > 0 && held.every((value) => typeof value === 'number')) {
    return {
      kind: 'number',
      valueOfStudent: Float64Array.from(given, (value) => (typeof value === 'number' ? value : 0)),
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

/** student → 1 where the attribute has the value; a number and its digits are the same value. */
export function markValue(
  students: readonly RequestStudent[],
  name: string,
  value: string | number,
): Uint8Array {
  return Uint8Array.from(students, ({ attributes }) => {
    const held = attributes?.[name];
    return held !== undefined && String(held) === String(value) ? 1 : 0;
  });
}
