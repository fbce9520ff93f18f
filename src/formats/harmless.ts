/** Signs with which a spreadsheet takes a cell for a formula, their full-width forms included (OWASP, CSV injection). */
const FORMULA_START = /^[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]/;

/** The cell with an apostrophe before it where a spreadsheet would otherwise run it as a formula. */
export function harmless(cell: string): string {
  return FORMULA_START.test(cell) ? `'${cell}` : cell;
}

/** The cell as it was before `harmless` put an apostrophe to it; any other cell stays as it is. */
export function restored(cell: string): string {
  return cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell;
}
