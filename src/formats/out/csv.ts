import Papa from 'papaparse';
import { harmless } from '../harmless';
import { textFile, type Written } from './wayOut';
import { type TableLayout } from './options';

type Rows = readonly (readonly string[])[];

/** Rows as CSV (RFC 4180), no cell of which a spreadsheet would run. */
export function csv(rows: Rows, separator: TableLayout['separator'] = ','): string {
  const safe = rows.map((row) => row.map(harmless));
  return `${Papa.unparse(safe, { newline: '\r\n', delimiter: separator })}\r\n`;
}

/** Cells between tabs, to be pasted into a spreadsheet. */
export function tabbed(rows: Rows): string {
  const safe = rows.map((row) => row.map(harmless));
  return Papa.unparse(safe, { delimiter: '\t', newline: '\n' });
}

/** Spreadsheets take a file for UTF-8 only when it begins with a byte order mark; machines do without. */
export function csvFile(
  rows: Rows,
  {
    for: reader,
    separator,
  }: { for: 'spreadsheet' | 'machine'; separator?: TableLayout['separator'] },
): Written {
  const text = csv(rows, separator);
  return textFile('csv', 'text/csv', reader === 'spreadsheet' ? `\ufeff${text}` : text);
}
