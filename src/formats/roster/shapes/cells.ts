import { hasContent, parseDelimited, parseLines, type Delimiter } from '../delimited';
import { roleOfHeading } from '../headings';
import type { Row, RosterWarning, Table } from '../types';

/** Rows looked at to find out whether a sign parts a text. */
const SAMPLE_ROWS = 120;
/** A sign parts a text when this share of its rows has several cells. */
const STEADY_SHARE = 0.3;

/** What signs part into rows is a table rather than a list; a comma may part a name in two as well. */
const EVEN = 0.05;

/** A cell within round quotes at the beginning of a line, as word processors make them of straight ones. */
const ROUND_QUOTED = /(?:^|[\r\n])\s*[“„][^“”„\r\n]*[“”]\s*[,;\t|]/;

/** Cells within single quotes on every line, as code has them, where two stand for one: 'Haddad, Amira','O''Brien'. */
const SINGLE_QUOTED = /^\s*'(?:[^'"]|'')*'(?:\s*[,;\t]\s*'(?:[^'"]|'')*')+\s*,?\s*$/;
const SINGLE_QUOTED_CELL = /'((?:[^'"]|'')*)'(?=\s*(?:[,;\t]|$))/gm;

/** A text as cells between signs; null where the sign does not part it. */
export function cellsTable(text: string, delimiter: Delimiter): Table | null {
  const announced = /^sep=(.)\r?\n/i.exec(text);
  if (announced && announced[1] !== delimiter) return null;
  // The line that names the sign stays a line of the text, without content.
  const body = announced ? text.replace(/^sep=./i, '') : text;
  if (!body.includes(delimiter)) return null;
  if (ROUND_QUOTED.test(body) && !body.includes('"'))
    return cellsTable(body.replace(/[“”„]/g, '"'), delimiter);
  const filled = body.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  if (filled.every((line) => SINGLE_QUOTED.test(line)))
    return cellsTable(
      body.replace(SINGLE_QUOTED_CELL, (_, cell: string) => `"${cell.replaceAll("''", "'")}"`),
      delimiter,
    );
  const sample = parseDelimited(body, delimiter, SAMPLE_ROWS).filter(hasContent);
  // Tabs that only set lines in part nothing.
  const parts = ({ cells }: Row): boolean => cells.filter((cell) => cell.trim() !== '').length > 1;
  if (delimiter === '\t' && !sample.some(parts)) return null;
  if (!announced && !isSteady(sample) && !isHeadedAlone(sample)) {
    const loose = parseLines(firstLines(body), delimiter).filter(hasContent);
    if (!isSteady(loose)) return null;
  }
  const { rows: parted, strayed } = readCells(body, delimiter);
  const { width } = usualWidth(parted.slice(0, SAMPLE_ROWS).filter(hasContent));
  const whole = withCommaNames(parted, delimiter);
  const rows = whole.map((row) => (row.cells.length > width ? withBrackets(row, delimiter) : row));
  const warnings = strayed.map((line): RosterWarning => ({
    kind: 'strayQuote',
    row: line,
    name: '',
    given: '',
    likely: '',
  }));
  return {
    name: '',
    // Blanks stand at both sides of a bar.
    rows: rows.map(withoutEquals).map(delimiter === '|' ? trimmed : (row) => row),
    commaIsDecimal: delimiter === ';',
    belief: beliefIn(body, delimiter, sample),
    warnings,
  };
}

/** A cell that much room parts once more, as in lines of a page: "Haddad, Amira        Visser, Bram". */
const GAP = /\S\s{4,}\S/;

function beliefIn(body: string, delimiter: Delimiter, sample: readonly Row[]): number {
  const gaps = sample.filter(({ cells }) => cells.some((cell) => GAP.test(cell)));
  if (delimiter === ',' && gaps.length > sample.length / 2) return -EVEN;
  return delimiter !== ',' || usualWidth(sample).width > 2 || isQuoted(body) ? EVEN : 0;
}

/** Whether each line is of cells in quotes, an address among them. */
function isQuoted(body: string): boolean {
  const filled = body.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  return filled.every(
    (line) => /^\s*"[^"]*"(?:\s*,\s*"[^"]*")+\s*$/.test(line) && line.includes('@'),
  );
}

/** "Name (Last, First)" without quotes in a row that is too wide: what stands in brackets is one cell. */
function withBrackets(row: Row, delimiter: Delimiter): Row {
  const cells: string[] = [];
  for (const cell of row.cells) {
    const before = cells.at(-1) ?? '';
    const open = /\([^)]*$/.test(before) && /^[^(]*\)/.test(cell);
    if (open) cells[cells.length - 1] = before + delimiter + cell;
    else cells.push(cell);
  }
  return { ...row, cells };
}

/** "Haddad, Amira,7B" without quotes under "Name,Form": where a row has one cell too many, the name is two of them. */
function withCommaNames(rows: readonly Row[], delimiter: Delimiter): readonly Row[] {
  const at = rows.findIndex(({ cells }) => cells.length > 1);
  const head = rows[at]?.cells ?? [];
  const name = head.findIndex((cell) => roleOfHeading(cell) === 'fullName');
  if (delimiter !== ',' || name < 0) return rows;
  return rows.map((row, place) => {
    const [before = '', behind = ''] = row.cells.slice(name);
    const split =
      place > at &&
      row.cells.length === head.length + 1 &&
      before !== '' &&
      /^ \p{L}/u.test(behind);
    return split ? { ...row, cells: row.cells.toSpliced(name, 2, `${before},${behind}`) } : row;
  });
}

/** Spreadsheets keep leading zeros of a text as ="00041". */
function withoutEquals(row: Row): Row {
  if (!row.cells.some((cell) => cell.startsWith('="'))) return row;
  return { ...row, cells: row.cells.map((cell) => cell.replace(/^="([^"]*)"$/, '$1')) };
}

const trimmed = (row: Row): Row => ({ ...row, cells: row.cells.map((cell) => cell.trim()) });

const firstLines = (text: string): string => text.split(/\r\n|\r|\n/, SAMPLE_ROWS).join('\n');

/** Whether a sign parts enough rows; where there is one row alone, that one. Rows may end with cells left out. */
function isSteady(rows: readonly Row[]): boolean {
  const wide = rows.filter(({ cells }) => cells.length > 1).length;
  return wide >= Math.min(2, Math.max(1, rows.length)) && wide >= rows.length * STEADY_SHARE;
}

/** "Name", "Signature" over names alone: columns in which nothing stands yet. */
function isHeadedAlone(rows: readonly Row[]): boolean {
  const filled = ({ cells }: Row): readonly string[] => cells.filter((cell) => cell.trim() !== '');
  // Titles may stand over it.
  const [head, ...below] = rows.slice(rows.findIndex((row) => filled(row).length > 1));
  const isName = (cell: string): boolean => roleOfHeading(cell) === 'fullName';
  return (
    head !== undefined &&
    below.length > 1 &&
    filled(head).length > 1 &&
    filled(head).some(isName) &&
    below.every((row) => filled(row).length === 1)
  );
}

function usualWidth(rows: readonly Row[]): { readonly width: number; readonly count: number } {
  const counts = new Map<number, number>();
  rows.forEach(({ cells }) => counts.set(cells.length, (counts.get(cells.length) ?? 0) + 1));
  let [width, count] = [0, 0];
  counts.forEach((many, one) => {
    if (one >= 2 && many > count) [width, count] = [one, many];
  });
  return { width, count };
}

/**
 * Cells by the standard, or line by line where a quote that stands astray swallows whole rows: told by cells with
 * line breaks that hold the sign, and by more rows of the usual width when every line is a row.
 */
function readCells(
  text: string,
  delimiter: Delimiter,
): { readonly rows: readonly Row[]; readonly strayed: readonly number[] } {
  const rows = parseDelimited(text, delimiter);
  const swallowing = rows.filter(({ cells }) =>
    cells.some((cell) => /[\r\n]/.test(cell) && cell.includes(delimiter)),
  );
  const open = rows.filter(({ cells }) => cells.some((cell) => /^"[^"]*$/.test(cell)));
  if (swallowing.length === 0 && open.length === 0) return { rows, strayed: [] };
  const lines = parseLines(text, delimiter);
  const [one, other] = [usualWidth(rows.filter(hasContent)), usualWidth(lines.filter(hasContent))];
  const better = other.count > one.count && other.count >= lines.filter(hasContent).length * 0.8;
  if (better || swallowing.length === 0)
    return {
      rows: lines,
      strayed: (better && swallowing.length > 0 ? swallowing : open).map(({ line }) => line),
    };
  return { rows, strayed: [] };
}
