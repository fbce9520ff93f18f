import type { Reading, Roster, Table } from './roster/types';
import { plainWords } from './roster/text';

/** A column of a sheet that may hold marks, or points that members gave one another. */
export interface FigureColumn {
  readonly column: number;
  readonly heading: string;
  /** Place in the roster's students → what the cell says. */
  readonly cells: readonly string[];
  /** How many of its cells hold a figure or a word for none. */
  readonly likely: number;
}

const FIGURE = /^[+\-\u2212]?\s*(\d+([.,]\d*)?|[.,]\d+)$/;

/** The columns of a sheet beside those that tell who somebody is, with what stands in them for each student. */
export function figureColumnsIn(
  table: Table,
  { columns, headingRow }: Reading,
  roster: Roster,
): readonly FigureColumn[] {
  const headings = headingRow < 0 ? [] : (table.rows[headingRow]?.cells ?? []);
  const rowOf = new Map(table.rows.map((row) => [row.line, row]));
  return columns.flatMap(({ role }, column): FigureColumn[] => {
    if (WHO.has(role)) return [];
    const cells = roster.students.map(({ row }) => rowOf.get(row)?.cells[column]?.trim() ?? '');
    const likely = cells.filter((cell) => FIGURE.test(cell)).length;
    if (cells.every((cell) => cell === '')) return [];
    return [{ column, heading: headings[column]?.trim() ?? '', cells, likely }];
  });
}

const WHO: ReadonlySet<string> = new Set([
  ...['givenName', 'familyName', 'fullName', 'preferredName', 'email', 'externalId'],
  ...['role', 'section'],
]);

/** The column that holds the marks of an activity: the one called so, else the only one with figures; null where it is not clear. */
export function markColumn(
  columns: readonly FigureColumn[],
  names: readonly string[],
): FigureColumn | null {
  const plain = names.map(plainWords);
  const called = columns.find(({ heading }) => plain.includes(plainWords(heading)));
  const figures = columns.filter(({ likely }) => likely > 0);
  return called ?? (figures.length === 1 ? (figures[0] ?? null) : null);
}
