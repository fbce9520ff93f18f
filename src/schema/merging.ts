/** Whether two pieces of plain data (JSON) say the same. */
export function sameData(one: unknown, two: unknown): boolean {
  if (one === two) return true;
  if (typeof one !== 'object' || typeof two !== 'object' || one === null || two === null)
    return false;
  if (Array.isArray(one) !== Array.isArray(two)) return false;
  const [left, right] = [Object.entries(one), new Map(Object.entries(two))];
  return (
    left.length === right.size &&
    left.every(([field, value]) => right.has(field) && sameData(value, right.get(field)))
  );
}

/**
 * How finely two edits of one value are told apart: `whole` takes the later one, `set` is a list of which each member
 * is in or out, `fields` and `each` look at every field (of a fixed shape, of a table by any key), `list` at the items
 * of a list, known by a key that is unique in it.
 */
export type Merging =
  | 'whole'
  | 'set'
  | { readonly fields: Readonly<Record<string, Merging>> }
  | { readonly each: Merging }
  | { readonly list: (item: never) => string; readonly item: Merging };

/**
 * `current` with what a step from `from` to `to` changed, and nothing else: done twice it changes no more. Where
 * nothing happened between, exactly `to`.
 */
export function merged(how: Merging, current: unknown, from: unknown, to: unknown): unknown {
  if (sameData(current, from)) return to;
  if (sameData(from, to) || sameData(current, to)) return current;
  if (how === 'whole') return to;
  if (how === 'set') return mergedSet(asList(current), asList(from), asList(to));
  if ('list' in how) return mergedList(how, asList(current), asList(from), asList(to));
  if (!isTable(current) || !isTable(from) || !isTable(to)) return to;
  const of = (field: string): Merging =>
    'each' in how ? how.each : (how.fields[field] ?? 'whole');
  const result: Record<string, unknown> = { ...current };
  for (const field of new Set([...Object.keys(from), ...Object.keys(to)])) {
    if (!(field in to)) Reflect.deleteProperty(result, field);
    else if (!(field in result)) {
      // What was taken away meanwhile stays away, unless this step brings it.
      if (!(field in from) || !sameData(from[field], to[field])) result[field] = to[field];
    } else result[field] = merged(of(field), result[field], from[field], to[field]);
  }
  return result;
}

function mergedSet(current: readonly unknown[], from: readonly unknown[], to: readonly unknown[]) {
  const [before, after, now] = [new Set(from), new Set(to), new Set(current)];
  const staying = current.filter((one) => after.has(one) || !before.has(one));
  const coming = to.filter((one) => !before.has(one) && !now.has(one));
  return [...staying, ...coming];
}

type ListMerging = Extract<Merging, { readonly list: unknown }>;

function mergedList(
  { list: keyOf, item }: ListMerging,
  current: readonly unknown[],
  from: readonly unknown[],
  to: readonly unknown[],
): readonly unknown[] {
  const byKey = (items: readonly unknown[]): Map<string, unknown> =>
    new Map(items.map((one) => [keyOf(one as never), one]));
  const [before, after, now] = [byKey(from), byKey(to), byKey(current)];
  // Items that cannot be told apart cannot be joined one by one.
  if (before.size < from.length || after.size < to.length || now.size < current.length) return to;
  const result = new Map<string, unknown>();
  for (const [key, one] of now) {
    if (!before.has(key)) result.set(key, one);
    else if (after.has(key)) result.set(key, merged(item, one, before.get(key), after.get(key)));
  }
  const coming = [...after].filter(([key]) => !before.has(key) && !now.has(key));
  const order = [...result.keys()];
  const kept = (keys: Iterable<string>): string[] =>
    [...keys].filter((key) => before.has(key) && after.has(key));
  if (!sameData(kept(before.keys()), kept(after.keys()))) {
    const place = new Map([...after.keys()].map((key, index) => [key, index]));
    order.sort((a, b) => (place.get(a) ?? Infinity) - (place.get(b) ?? Infinity) || 0);
  }
  for (const [key, one] of coming) {
    result.set(key, one);
    const keys = [...after.keys()];
    const previous = keys[keys.indexOf(key) - 1];
    const place = previous === undefined ? -1 : order.indexOf(previous);
    order.splice(previous !== undefined && place < 0 ? order.length : place + 1, 0, key);
  }
  return order.map((key) => result.get(key));
}

function asList(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? value : [];
}

function isTable(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
