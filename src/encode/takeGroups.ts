import type { ArrangeResult } from '../core/format';
import { StudentId } from '../schema/ids';
import type { TakeGroup } from '../schema/take';

/** The groups of a result's first round as a take keeps them; `nameOfGroup` names the group of a number from 0. */
export function takeGroups(
  result: ArrangeResult,
  nameOfGroup: (index: number) => string,
): readonly TakeGroup[] {
  const groups = result.rounds[0]?.groups ?? [];
  return groups.map((ids, index) => ({
    name: nameOfGroup(index),
    sign: index,
    studentIds: ids.map((id) => StudentId.parse(id)),
  }));
}
