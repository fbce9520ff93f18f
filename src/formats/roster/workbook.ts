import { unpack } from './archive';
import type { Row, RosterError, Table } from './types';

export type Tables =
  | { readonly ok: true; readonly tables: readonly Table[] }
  | { readonly ok: false; readonly error: RosterError };

/** The sheets of an Office Open XML workbook (ECMA-376) as tables; rows keep their numbers. */
export async function workbookTables(bytes: Uint8Array): Promise<Tables> {
  // Only the declared sizes are looked at here: the reader itself would unpack anything.
  const weighed = unpack(bytes, () => false);
  if (!weighed.ok) return weighed;
  try {
    // Loaded with the first workbook: most lists are text.
    const { default: readSheets } = await import('read-excel-file/universal');
    const copy = bytes.slice().buffer;
    const sheets = await readSheets(copy);
    const tables = sheets.map(({ sheet, data }): Table => ({
      name: sheet,
      rows: data.map((cells, index): Row => ({ line: index + 1, cells: cells.map(cellText) })),
      commaIsDecimal: false,
    }));
    return { ok: true, tables };
  } catch {
    return { ok: false, error: { code: 'damaged', what: 'workbook' } };
  }
}

function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return '';
  if (cell instanceof Date) return cell.toISOString().slice(0, 10);
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  return typeof cell === 'string' || typeof cell === 'number' ? String(cell) : '';
}
