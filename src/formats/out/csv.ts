import { harmless } from '../harmless';
import { textFile, type Written } from './wayOut';
import { type TableLayout } from './options';

type Rows = readonly (readonly string[])[];

/** The package comes with the first table that is written. */
const papa = async () => (await import('papaparse')).default;

/** Rows as CSV (RFC 4180), no cell of which a spreadsheet would run. */
async function csv(rows: Rows, separator: TableLayout['separator'] = ','): Promise<string> {
  const safe = rows.map((row) => row.map(harmless));
  const { unparse } = await papa();
  return `${unparse(safe, { newline: '\r\n', delimiter: separator })}\r\n`;
}

/** Cells between tabs, to be pasted into a spreadsheet. */
export async function tabbed(rows: Rows): Promise<string> {
  const safe = rows.map((row) => row.map(harmless));
  return (await papa()).unparse(safe, { delimiter: '\t', newline: '\n' });
}

/** Spreadsheets take a file for UTF-8 only when it begins with a byte order mark; machines do without. */
export async function csvFile(
  rows: Rows,
  {
    for: reader,
    separator,
  }: { for: 'spreadsheet' | 'machine'; separator?: TableLayout['separator'] },
): Promise<Written> {
  const text = await csv(rows, separator);
  return textFile('csv', 'text/csv', reader === 'spreadsheet' ? `\ufeff${text}` : text);
}
