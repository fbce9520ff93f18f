import type { ArrangeResult } from '../core/format';
import { StudentId } from '../schema/ids';
import { newGroup, type TakeGroup, type TakeRecord } from '../schema/take';

/** What the groups are put beside; all may be left out for a first take. */
export interface Beside {
  readonly take?: TakeRecord | undefined;
  /** Rows of the take that were kept, with all they hold. */
  readonly keptRows?: readonly number[];
  /** Students who stay in their row: the engine has seated their groups. */
  readonly pinned?: readonly StudentId[];
  /** Every group stays in its row, as where students have ranked them. */
  readonly inOrder?: boolean;
  /** Whether every row has a size of its own. */
  readonly sized?: boolean;
  /** Of a result of several rounds, which one, counted from 0: each lineup of a series is given its own. */
  readonly round?: number;
}

/**
 * The groups of a result as a take keeps them. Kept rows stay in their places; a dealt group stands where most of its
 * members were, under that name and sign, so that what is the same looks the same; the others fill the rows that are
 * left, are named by `nameOfGroup` for their row, and take over the sign that stood there.
 */
export function takeGroups(
  result: Pick<ArrangeResult, 'rounds'>,
  nameOfGroup: (index: number) => string,
  beside: Beside = {},
): readonly TakeGroup[] {
  const { take, keptRows = [], round = 0, inOrder = false } = beside;
  const dealt = (result.rounds[round]?.groups ?? []).map((ids) =>
    ids.map((id) => StudentId.parse(id)),
  );
  const kept = new Map(
    keptRows.flatMap((row) => (take?.groups[row] ? [[row, take.groups[row]]] : [])),
  );
  const rows: number[] = [];
  for (let row = 0; rows.length < dealt.length; row++) if (!kept.has(row)) rows.push(row);
  const dealtOfRow = inPlace(dealt, rows, beside);
  const groups: TakeGroup[] = [];
  const last = Math.max(-1, ...rows, ...kept.keys());
  for (let row = 0; row <= last; row++) {
    const staying = kept.get(row);
    const coming = dealtOfRow.get(row);
    if (staying) groups.push(staying);
    else if (coming) {
      const before = take?.groups[row];
      const sign = before?.sign ?? freeSign([...groups, ...kept.values()], row);
      const stays = before && (inOrder || mostStay(before, coming));
      const name = stays ? before.name : nameOfGroup(row);
      groups.push(newGroup(name, sign, coming));
    }
  }
  return groups;
}

type Members = readonly StudentId[];

/** Row → dealt group: those with pinned students where the engine has them, then each where most of it was. */
function inPlace(
  dealt: readonly Members[],
  rows: readonly number[],
  { take, pinned = [], sized = false, inOrder = false }: Beside,
): ReadonlyMap<number, StudentId[]> {
  const groupOfRow = new Map<number, StudentId[]>();
  const open = new Set(dealt.keys());
  const seat = (row: number, group: number): void => {
    groupOfRow.set(row, [...(dealt[group] ?? [])]);
    open.delete(group);
  };
  dealt.forEach((members, group) => {
    const row = rows[group];
    const fixed = inOrder || members.some((id) => pinned.includes(id));
    if (row !== undefined && fixed) seat(row, group);
  });
  const staying = [...open].flatMap((group) =>
    rows.flatMap((row) => {
      const before = take?.groups[row];
      const members = dealt[group] ?? [];
      if (!before || !mostStay(before, members)) return [];
      const fits = !sized || members.length === dealt[rows.indexOf(row)]?.length;
      return fits ? [{ row, group, count: common(before.studentIds, members) }] : [];
    }),
  );
  for (const { row, group } of staying.sort((a, b) => b.count - a.count)) {
    if (open.has(group) && !groupOfRow.has(row)) seat(row, group);
  }
  // Where sizes belong to rows the rest stays where it was dealt, as far as that is free.
  for (const group of [...open]) {
    const row = rows[group];
    if (row !== undefined && !groupOfRow.has(row)) seat(row, group);
  }
  const free = rows.filter((row) => !groupOfRow.has(row));
  for (const group of [...open]) {
    const row = free.shift();
    if (row !== undefined) seat(row, group);
  }
  return groupOfRow;
}

/** Whether most of those who were in a group are together again, and most of these were there. */
function mostStay({ studentIds }: TakeGroup, members: Members): boolean {
  return 2 * common(studentIds, members) > Math.max(studentIds.length, members.length);
}

function common(one: Members, two: Members): number {
  return one.filter((id) => two.includes(id)).length;
}

/** Whether two divisions have the same students together, whatever their groups are called and where they stand. */
export function sameDivision(
  one: readonly Pick<TakeGroup, 'studentIds'>[],
  two: readonly Pick<TakeGroup, 'studentIds'>[],
): boolean {
  const key = (groups: readonly Pick<TakeGroup, 'studentIds'>[]): string =>
    groups
      .filter(({ studentIds }) => studentIds.length > 0)
      .map(({ studentIds }) => [...studentIds].sort().join(' '))
      .sort()
      .join('\n');
  return key(one) === key(two);
}

/** The sign of the row's number, or the next one that none of the groups has. */
export function freeSign(groups: readonly TakeGroup[], row: number): number {
  const taken = new Set(groups.map(({ sign }) => sign));
  let sign = row;
  while (taken.has(sign)) sign++;
  return sign;
}
