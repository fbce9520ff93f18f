import Papa from 'papaparse';
import { harmless } from '../harmless';
import type { Written } from './outlet';

type Rows = readonly (readonly string[])[];

/** Rows as CSV (RFC 4180), no cell of which a spreadsheet would run. */
export function csv(rows: Rows): string {
  const safe = rows.map((row) => row.map(harmless));
  return `${Papa.unparse(safe, { newline: '\r\n' })}\r\n`;
}

/** Cells between tabs, to be pasted into a spreadsheet. */
export function tabbed(rows: Rows): string {
  const safe = rows.map((row) => row.map(harmless));
  return Papa.unparse(safe, { delimiter: '\t', newline: '\n' });
}

export function csvFile(text: string): Written {
  return { to: 'file', end: 'csv', type: 'text/csv;charset=utf-8', text };
}

/** Spreadsheets take a file for UTF-8 only when it begins with a byte order mark. */
export function spreadsheetFile(rows: Rows): Written {
  return csvFile(`\ufeff${csv(rows)}`);
}
