import type { StudentId } from '../schema/ids';

/** A student and those of their group whom a change would take from them. */
export interface Separation {
  readonly studentId: StudentId;
  readonly from: readonly StudentId[];
}

/**
 * Whom a change of groups would part from whom, those who lose most first. Each pair is told once, by whichever of the
 * two loses more: where one student leaves a group of four, that student is told of with three names, and the other three
 * are not told of again.
 */
export function separations(
  before: readonly (readonly StudentId[])[],
  after: readonly (readonly StudentId[])[],
): readonly Separation[] {
  const groupAfter = new Map(after.flatMap((ids, group) => ids.map((id) => [id, group] as const)));
  const lost = new Map<StudentId, Set<StudentId>>();
  for (const ids of before) {
    for (const one of ids) {
      const now = groupAfter.get(one);
      const from = ids.filter(
        (two) => two !== one && (now === undefined || groupAfter.get(two) !== now),
      );
      if (from.length > 0) lost.set(one, new Set(from));
    }
  }
  const told: Separation[] = [];
  for (;;) {
    const [next] = [...lost].sort(([, a], [, b]) => b.size - a.size);
    if (!next || next[1].size === 0) return told;
    const [studentId, from] = next;
    told.push({ studentId, from: [...from] });
    lost.delete(studentId);
    for (const [, others] of lost) others.delete(studentId);
  }
}

/** How many students lose somebody from their group: both of each pair that is parted. */
export function countParted(separated: readonly Separation[]): number {
  return new Set(separated.flatMap(({ studentId, from }) => [studentId, ...from])).size;
}

/** Those who come into another row of the groups, with everybody they were with. */
export function movedTogether(
  before: readonly (readonly StudentId[])[],
  after: readonly (readonly StudentId[])[],
): readonly StudentId[] {
  const rowAfter = new Map(after.flatMap((ids, row) => ids.map((id) => [id, row] as const)));
  return before.flatMap((ids, row) => {
    const rows = new Set(ids.map((id) => rowAfter.get(id)));
    const [to] = rows;
    return rows.size === 1 && to !== undefined && to !== row ? ids : [];
  });
}
