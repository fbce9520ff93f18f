import type { Row, Table } from './types';

/** Columns kept where they stand; a sheet with a cell further out has its empty columns taken away. */
const MOST_COLUMNS = 300;

export interface SheetCell {
  readonly row: number;
  readonly column: number;
  readonly text: string;
}

/** Cells joined to one: what stands in the first counts for those below it, in columns that say so. */
export interface Joined {
  readonly row: number;
  readonly column: number;
  readonly rows: number;
}

export interface Sheet {
  readonly name: string;
  readonly hidden: boolean;
  readonly cells: readonly SheetCell[];
  readonly hiddenRows: ReadonlySet<number>;
  readonly joined: readonly Joined[];
}

/** Sheets as tables, hidden ones left out by name; where all are hidden, all are read. Rows are counted from 1. */
export function tablesOfSheets(sheets: readonly Sheet[]): readonly Table[] {
  const shown = sheets.filter(({ hidden }) => !hidden);
  const read = shown.length > 0 ? shown : sheets;
  const left = sheets.filter((sheet) => !read.includes(sheet) && sheet.cells.length > 0);
  // Named with each sheet: which of them will be read is not known here.
  const skipped = left.map(({ name }) => ({ row: 0, name, reason: 'hiddenSheet' as const }));
  return read.map((sheet) => ({ ...tableOf(sheet), skipped }));
}

function tableOf({ name, cells, hiddenRows, joined }: Sheet): Table {
  const filled = cells.filter(({ text }) => text.trim() !== '');
  const places = placesOf(filled);
  const rows = new Map<number, { cells: string[]; below: string[] }>();
  const rowAt = (row: number) => {
    const known = rows.get(row) ?? { cells: [], below: [] };
    rows.set(row, known);
    return known;
  };
  const textAt = new Map<string, string>();
  filled.forEach(({ row, column, text }) => {
    const place = places(column);
    const { cells: line } = rowAt(row);
    while (line.length < place) line.push('');
    line[place] = text;
    textAt.set(`${row} ${column}`, text);
  });
  joined.forEach(({ row, column, rows: count }) => {
    const text = textAt.get(`${row} ${column}`);
    if (text === undefined) return;
    for (let at = row + 1; at < row + count; at++) {
      const line = rows.get(at)?.below;
      const place = places(column);
      while (line && line.length <= place) line.push('');
      if (line) line[place] = text;
    }
  });
  return {
    name,
    commaIsDecimal: false,
    rows: [...rows]
      .sort(([a], [b]) => a - b)
      .map(([line, row]): Row => ({
        line,
        cells: row.cells,
        ...(row.below.length > 0 ? { joined: row.below } : {}),
        ...(hiddenRows.has(line) ? { hidden: true } : {}),
      })),
  };
}

function placesOf(cells: readonly SheetCell[]): (column: number) => number {
  const used = [...new Set(cells.map(({ column }) => column))].sort((a, b) => a - b);
  if ((used.at(-1) ?? 0) < MOST_COLUMNS) return (column) => column;
  const places = new Map(used.map((column, place) => [column, place]));
  return (column) => places.get(column) ?? 0;
}
