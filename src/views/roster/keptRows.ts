import { createRow, type Row, type RowModel, type Table } from '@tanstack/react-table';
import type { RosterRow } from './columns';

/**
 * The rows of the table, one for each student: what has not changed keeps its row, and all that was worked out for it,
 * so that one student edited among thousands, or a piece more of a long list, costs what is new alone.
 */
export function keptRows(table: Table<RosterRow>): () => RowModel<RosterRow> {
  let columns: unknown = null;
  let data: readonly RosterRow[] | null = null;
  let kept = new WeakMap<RosterRow, Row<RosterRow>>();
  let model: RowModel<RosterRow> = { rows: [], flatRows: [], rowsById: {} };
  return () => {
    const { options } = table;
    if (options.data === data && options.columns === columns) return model;
    if (options.columns !== columns) kept = new WeakMap();
    columns = options.columns;
    data = options.data;
    const rows = data.map((one, index) => {
      const known = kept.get(one);
      if (known?.index === index) return known;
      const row = createRow(table, one.student.id, one, index, 0);
      kept.set(one, row);
      return row;
    });
    const rowsById = Object.fromEntries(rows.map((row) => [row.id, row]));
    model = { rows, flatRows: rows, rowsById };
    return model;
  };
}
