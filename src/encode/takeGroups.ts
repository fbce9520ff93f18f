import type { ArrangeResult } from '../core/format';
import { StudentId } from '../schema/ids';
import { newGroup, type TakeGroup, type TakeRecord } from '../schema/take';

/**
 * The groups of one round of a result, counted from 0, as a take keeps them: each lineup of a series is given its own.
 * Rows of `take` that were kept stay in their places with all they hold; dealt groups fill the other places in turn, are
 * named by `nameOfGroup` for their place, and take over the sign that stood there.
 */
export function takeGroups(
  result: Pick<ArrangeResult, 'rounds'>,
  nameOfGroup: (index: number) => string,
  take?: TakeRecord,
  keptRows: readonly number[] = [],
  round = 0,
): readonly TakeGroup[] {
  const dealt = (result.rounds[round]?.groups ?? []).map((ids) =>
    ids.map((id) => StudentId.parse(id)),
  );
  const kept = new Map(
    keptRows.flatMap((row) => (take?.groups[row] ? [[row, take.groups[row]]] : [])),
  );
  const groups: TakeGroup[] = [];
  let next = 0;
  for (let row = 0; kept.size > 0 || next < dealt.length; row++) {
    const staying = kept.get(row);
    if (staying) {
      groups.push(staying);
      kept.delete(row);
    } else if (next < dealt.length) {
      const sign = take?.groups[row]?.sign ?? freeSign([...groups, ...kept.values()], row);
      groups.push(newGroup(nameOfGroup(row), sign, dealt[next++] ?? []));
    }
  }
  return groups;
}

/** The sign of the row's number, or the next one that none of the groups has. */
export function freeSign(groups: readonly TakeGroup[], row: number): number {
  const taken = new Set(groups.map(({ sign }) => sign));
  let sign = row;
  while (taken.has(sign)) sign++;
  return sign;
}
