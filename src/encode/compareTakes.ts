import type { StudentId } from '../schema/ids';
import type { TakeGroup } from '../schema/take';

/** A student who is in other company in a second take: the rows before and after; null where aside. */
export interface Mover {
  readonly studentId: StudentId;
  readonly from: number | null;
  readonly to: number | null;
}

/**
 * Who is with others in the second take than in the first. Groups of both are matched so that most students stay,
 * larger overlaps first: two takes that hold the same groups in another order have no movers.
 */
export function moversBetween(
  one: readonly Pick<TakeGroup, 'studentIds'>[],
  two: readonly Pick<TakeGroup, 'studentIds'>[],
): readonly Mover[] {
  const rowIn = (groups: typeof one): ReadonlyMap<StudentId, number> =>
    new Map(groups.flatMap(({ studentIds }, row) => studentIds.map((id) => [id, row] as const)));
  const [before, after] = [rowIn(one), rowIn(two)];
  const overlaps = new Map<string, number>();
  before.forEach((from, id) => {
    const to = after.get(id);
    if (to === undefined) return;
    const key = `${from} ${to}`;
    overlaps.set(key, (overlaps.get(key) ?? 0) + 1);
  });
  const match = new Map<number, number>();
  const taken = new Set<number>();
  [...overlaps]
    .map(([key, count]) => {
      const [from = 0, to = 0] = key.split(' ').map(Number);
      return { from, to, count };
    })
    .sort((a, b) => b.count - a.count || Number(b.from === b.to) - Number(a.from === a.to))
    .forEach(({ from, to }) => {
      if (match.has(from) || taken.has(to)) return;
      match.set(from, to);
      taken.add(to);
    });
  return [...new Set([...before.keys(), ...after.keys()])].flatMap((studentId): Mover[] => {
    const [from, to] = [before.get(studentId) ?? null, after.get(studentId) ?? null];
    const stays = from === null ? to === null : to !== null && match.get(from) === to;
    return stays ? [] : [{ studentId, from, to }];
  });
}
