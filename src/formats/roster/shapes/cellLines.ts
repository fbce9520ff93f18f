import { roleOfColumn } from '../headings';
import { isListTitle, kindOfLine } from '../lineKinds';
import { looksLikeName } from '../names';
import { plainWords } from '../text';
import type { Row, Table } from '../types';
import { filledOf, type Line } from './lines';

/** A table that was copied cell by cell: believed rather than a list of its lines. */
const EVEN = 0.05;
const MOST_COLUMNS = 8;
/** As many rows, the headings among them, show no order yet. */
const FEWEST_ROWS = 3;
/** What comes again in a column is told of several students. */
const AGAIN = 0.7;

/**
 * A table each cell of which stands on a line of its own, as it leaves a page: rows one after another, or columns; under
 * headings, one of which heads names. Null for other text.
 */
export function cellLinesTable(text: string): Table | null {
  const all = text.split(/\r\n|\r|\n/).map((one, at): Line => ({ line: at + 1, text: one }));
  const filled = filledOf(all);
  // Titles may stand over the headings.
  const from = filled.findIndex(({ text: one }) => roleOfColumn(one.trim()) !== null);
  const above = filled.slice(0, Math.max(0, from));
  const cells = filled.slice(from);
  const isTitle = ({ text: one }: Line): boolean => kindOfLine(one) !== null || isListTitle(one);
  if (from < 0 || !above.every(isTitle)) return null;
  const rows = ordered(cells, byRows) ?? ordered(cells, byColumns);
  if (rows === null) return null;
  const titles = above.map(({ line, text: one }): Row => ({ line, cells: [one.trim()] }));
  return { name: '', rows: [...titles, ...rows], commaIsDecimal: false, belief: EVEN };
}

/** Which cell stands in a row and a column of a table of this width and height. */
type Order = (row: number, column: number, width: number, height: number) => number;
/** "Name", "Class", and then "Amira Haddad", "7B", "Bram Visser", "7B". */
const byRows: Order = (row, column, width) => row * width + column;
/** "Name" over all names, and then "Class" over as many classes. */
const byColumns: Order = (row, column, _width, height) => column * height + row;

/** The cells as rows in this order, as wide as makes a table of them; null where no width does. */
function ordered(cells: readonly Line[], order: Order): readonly Row[] | null {
  for (let width = 2; width <= MOST_COLUMNS; width++) {
    const height = cells.length / width;
    if (!Number.isInteger(height) || height <= FEWEST_ROWS) continue;
    const rows = Array.from({ length: height }, (_row, row) =>
      Array.from({ length: width }, (_cell, column) => order(row, column, width, height)).flatMap(
        (at) => cells[at] ?? [],
      ),
    );
    if (isTable(rows)) return rows.map(rowOf);
  }
  return null;
}

const rowOf = (cells: readonly Line[]): Row => ({
  line: cells[0]?.line ?? 0,
  cells: cells.map(({ text }) => text.trim()),
});

const NAMES: ReadonlySet<string> = new Set(['fullName', 'givenName', 'familyName']);

/**
 * Whether rows of lines are a table: the first of different words, among them one for names; names that differ under that,
 * and under every other word figures, addresses or what comes again.
 */
function isTable(rows: readonly (readonly Line[])[]): boolean {
  const [head = [], ...others] = rows;
  const words = head.map(({ text }) => text.trim());
  if (new Set(words.map(plainWords)).size < words.length) return false;
  const roles = words.map(roleOfColumn);
  if (!roles.some((role) => role !== null && NAMES.has(role))) return false;
  // "Students" over "Name" is a title.
  if (roles.filter((role) => role === 'fullName').length > 1) return false;
  return roles.every((role, column) => {
    const below = others.map((row) => row[column]?.text.trim() ?? '');
    const different = new Set(below.map(plainWords)).size;
    if (role !== null && NAMES.has(role))
      return below.every(looksLikeName) && different > below.length * AGAIN;
    const figures = below.every((one) => /\d|@/.test(one));
    return figures || different <= below.length * AGAIN;
  });
}
