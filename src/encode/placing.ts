import type { ArrangeRequest, ArrangeResult } from '../core/format';
import { StudentId } from '../schema/ids';
import type { TakeRecord } from '../schema/take';
import type { Bench } from './bench';
import { pinsOf, recipeRules, requestAbout } from './request';

/** One who sits stays, however much better the groups would be: moving one costs more than all goals together. */
const STEADY_WEIGHT_A_STUDENT = 100;

/** A request, and group of the request → row of the take. */
export interface PlacingPlan {
  readonly request: ArrangeRequest;
  readonly openRows: readonly number[];
}

/**
 * The engine's request for seating `aside` in the groups of the shown take with the fewest moves of those who sit.
 * Null where only uneven groups, or each section's own, could stay as they are: the engine would even them out.
 */
export function placingPlan(
  bench: Bench,
  aside: readonly StudentId[],
  seed: number,
): PlacingPlan | null {
  const { take, lineup, students } = bench;
  if (!take || lineup.recipe.sections === 'kept') return null;
  const openRows = [...take.groups.keys()].filter((row) => !take.groups[row]?.locked);
  const known = new Set(students.map(({ id }) => id));
  const current = openRows.map((row) =>
    (take.groups[row]?.studentIds ?? []).filter((id) => known.has(id)),
  );
  const inIt = new Set([...current.flat(), ...aside]);
  const sizes = current.map((ids) => ids.length);
  if (openRows.length === 0 || !canStay(sizes, inIt.size)) return null;
  const count = openRows.length;
  const rules = [...pinsOf(bench, openRows, count, inIt), ...recipeRules(bench, inIt)];
  const request = requestAbout(bench, inIt, seed, { by: 'count', count }, rules, openRows);
  const steady = { kind: 'steady', weight: STEADY_WEIGHT_A_STUDENT * inIt.size } as const;
  return { request: { ...request, goals: [steady, ...(request.goals ?? [])], current }, openRows };
}

/**
 * The engine's request for groups as even as they can be out of those who are here now, with the fewest moves: when
 * somebody has gone since. Null where each section keeps its own groups, or none is open.
 */
export function eveningPlan(bench: Bench, seed: number): PlacingPlan | null {
  const { take, lineup, students } = bench;
  if (!take || lineup.recipe.sections === 'kept') return null;
  const openRows = [...take.groups.keys()].filter((row) => !take.groups[row]?.locked);
  if (openRows.length === 0) return null;
  const here = new Set(students.flatMap(({ id, here: is }) => (is ? [id] : [])));
  const current = openRows.map((row) =>
    (take.groups[row]?.studentIds ?? []).filter((id) => here.has(id)),
  );
  const inIt = new Set(current.flat());
  if (inIt.size === 0) return null;
  const count = Math.min(openRows.length, inIt.size);
  const rules = [...pinsOf(bench, openRows, count, inIt), ...recipeRules(bench, inIt)];
  const request = requestAbout(bench, inIt, seed, { by: 'count', count }, rules, openRows);
  const steady = { kind: 'steady', weight: STEADY_WEIGHT_A_STUDENT * inIt.size } as const;
  return { request: { ...request, goals: [steady, ...(request.goals ?? [])], current }, openRows };
}

/** Whether even sizes for `total` have room for groups of these sizes as they are. */
function canStay(sizes: readonly number[], total: number): boolean {
  const base = Math.floor(total / sizes.length);
  const larger = sizes.filter((size) => size > base).length;
  return Math.max(...sizes) <= base + 1 && larger <= total % sizes.length;
}

/** Student → row for each who is in another row after the result than in the take, newcomers included. */
export function rowsChanged(
  take: TakeRecord,
  result: Pick<ArrangeResult, 'rounds'>,
  { openRows }: PlacingPlan,
): ReadonlyMap<StudentId, number> {
  const changed = new Map<StudentId, number>();
  openRows.forEach((row, group) => {
    const before: ReadonlySet<string> = new Set(take.groups[row]?.studentIds ?? []);
    result.rounds[0]?.groups[group]?.forEach((id) => {
      if (!before.has(id)) changed.set(StudentId.parse(id), row);
    });
  });
  return changed;
}
