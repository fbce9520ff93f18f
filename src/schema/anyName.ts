/** The one name that assigning to an object, and so the library that checks records, does not take for a name. */
const UNUSUAL = '__proto__';

/** A checked copy of a record with the entry whose name the copying lost, where the record has it. */
export function withEveryName<T extends Readonly<Record<string, unknown>>>(
  copy: T,
  given: unknown,
): T {
  if (typeof given !== 'object' || given === null || !Object.hasOwn(given, UNUSUAL)) return copy;
  const value: unknown = (given as Readonly<Record<string, unknown>>)[UNUSUAL];
  return Object.defineProperty({ ...copy }, UNUSUAL, {
    value,
    enumerable: true,
    configurable: true,
    writable: true,
  });
}
