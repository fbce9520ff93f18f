import { dayIn } from '../days';
import type { ColumnRole, Reading, Roster, Table } from './types';

/** One column of a list that tells in which group everybody was. */
export interface PastColumn {
  /** The heading, '' where there is none. */
  readonly heading: string;
  /** The day in the heading, YYYY-MM-DD; null where it names none. */
  readonly day: string | null;
  /** Groups in the order in which they first come; `students` are places in the roster's students. */
  readonly groups: readonly { readonly name: string; readonly students: readonly number[] }[];
  /** Whether the heading or the column says that these are groups, and not another thing that students share. */
  readonly likely: boolean;
}

/** Columns that tell who somebody is are no groups. */
const WHO: ReadonlySet<ColumnRole> = new Set([
  ...(['givenName', 'familyName', 'fullName', 'preferredName', 'email', 'externalId'] as const),
  ...(['role', 'status'] as const),
]);
const GROUP_WORDS =
  /\b(weeks?|rounds?|groups?|teams?|lineups?|sessions?|lessons?|units?|days?|(mon|tues?|wed(nes)?|thu(rs)?|fri|sat(ur)?|sun)(day)?)\b|^\s*[wr]\s?\d+\s*$/i;

/**
 * The columns of a list in which students share values as members share a group: at least two have the same, and there
 * are at least two groups. A blank cell or a dash is somebody who was in none.
 */
export function pastColumnsIn(
  table: Table,
  { columns, headingRow }: Reading,
  roster: Roster,
  today: string,
): readonly PastColumn[] {
  const headings = headingRow < 0 ? [] : (table.rows[headingRow]?.cells ?? []);
  const rowOf = new Map(table.rows.map((row) => [row.line, row]));
  const found = columns.flatMap(({ role, kind }, at): (PastColumn & { named: boolean })[] => {
    if (WHO.has(role)) return [];
    const groups = new Map<string, number[]>();
    roster.students.forEach(({ row }, student) => {
      const value = rowOf.get(row)?.cells[at]?.trim() ?? '';
      if (/^([-–—.]|n\/?a|absent|away)?$/i.test(value)) return;
      groups.set(value, [...(groups.get(value) ?? []), student]);
    });
    const sizes = [...groups.values()].map(({ length }) => length);
    const placed = sizes.reduce((sum, size) => sum + size, 0);
    if (groups.size < 2 || placed < 1.5 * groups.size) return [];
    const heading = headings[at]?.trim() ?? '';
    const day = dayIn(heading, today);
    const named = day !== null || GROUP_WORDS.test(heading);
    return [
      {
        ...{ heading, day, named, likely: named || (role !== 'section' && kind !== 'number') },
        groups: [...groups].map(([name, students]) => ({ name, students })),
      },
    ];
  });
  // Where some columns say what they are, the others are details.
  const anyNamed = found.some(({ named }) => named);
  return found.map(({ named, likely, ...column }) => ({
    ...column,
    likely: anyNamed ? named : likely,
  }));
}
