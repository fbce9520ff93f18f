import { factOf, type Bench } from '@/encode/bench';
import { rankOfValues } from '@/encode/dealing';
import { valueKey } from '@/schema/presence';

/** The values that students of the class have in a detail or as sections, in their order, with how many are here. */
export function valuesOf(bench: Bench, detail: string): readonly (readonly [string, number])[] {
  const here = new Map<string, number>();
  for (const student of bench.students) {
    const value = factOf(student, detail);
    if (value === undefined || student.left !== null) continue;
    const key = valueKey(value);
    here.set(key, (here.get(key) ?? 0) + (student.here ? 1 : 0));
  }
  const rank = rankOfValues(bench, detail);
  return [...here].sort(([one], [two]) => rank(one, two));
}
