/** Signs with which a spreadsheet takes a cell for a formula, their full-width forms included (OWASP, CSV injection). */
const FORMULA_START = /^[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]/;

/** The cell with an apostrophe before it where a spreadsheet would otherwise run it as a formula. */
export function harmless(cell: string): string {
  return FORMULA_START.test(cell) ? `'${cell}` : cell;
}
