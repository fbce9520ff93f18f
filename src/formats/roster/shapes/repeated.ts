import { hasContent } from '../delimited';
import { roleOfColumn } from '../headings';
import { cleanText, plainWords } from '../text';
import type { Row, Skipped, Table } from '../types';
import { aside } from './grids';

/** So many of those named stand in more rows than one, and so many rows there are for each of them. */
const MOST_AGAIN = 0.6;
const ROWS_EACH = 1.5;
/** So many rows have the same key on average: a date that stands in one row alone tells nobody's results apart. */
const ROWS_A_KEY = 2;
const BELIEF = 0.3;

const OF_SOMEBODY = new Set(['fullName', 'givenName', 'familyName', 'email', 'externalId']);

/** In the column of a club where nothing more is told of it. */
const TICK = '✓';

/**
 * "Student, Task, Mark" with a row for each mark, as a row for each student and a column for each task, of whatever else
 * differs from row to row one each; null for a table in which most stand once.
 */
export function repeatedRowsTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const [head, ...below] = filled;
  if (!head) return null;
  const roles = head.cells.map((cell) => roleOfColumn(cleanText(cell)));
  const named = [...roles.keys()].filter((column) => OF_SOMEBODY.has(roles[column] ?? ''));
  if (!roles.some((role) => role === 'fullName' || role === 'familyName')) return null;
  const cell = ({ cells }: Row, column: number): string => cleanText(cells[column] ?? '');
  const rowsOf = new Map<string, Row[]>();
  for (const row of below) {
    const words = named.map((column) => plainWords(cell(row, column)));
    // A row of nobody is one by itself.
    const who = words.some(Boolean) ? words.join('|') : `#${String(row.line)}`;
    const known = rowsOf.get(who);
    if (known) known.push(row);
    else rowsOf.set(who, [row]);
  }
  const all = [...rowsOf.values()];
  const again = all.filter(({ length }) => length > 1).length;
  if (again < all.length * MOST_AGAIN || below.length < all.length * ROWS_EACH) return null;
  const isSame = (column: number): boolean =>
    all.every((rows) => new Set(rows.map((row) => cell(row, column))).size === 1);
  const changing = [...head.cells.keys()].filter(
    (column) => !named.includes(column) && cell(head, column) !== '' && !isSame(column),
  );
  const key = changing.find((column) => {
    const keys = new Set(below.map((row) => cell(row, column)));
    return (
      !keys.has('') &&
      below.length >= keys.size * ROWS_A_KEY &&
      all.every((rows) => new Set(rows.map((row) => cell(row, column))).size === rows.length)
    );
  });
  if (key === undefined) return null;
  const keys = [...new Set(below.map((row) => cell(row, key)))];
  const told = changing.filter((column) => column !== key);
  const kept = [...head.cells.keys()].filter((column) => !changing.includes(column));
  const headingsOf = (of: string): readonly string[] =>
    told.length < 2 ? [of] : told.map((column) => `${of}: ${cell(head, column)}`);
  const rows = all.map((some): Row => {
    const [first = head] = some;
    const results = keys.flatMap((of) => {
      const row = some.find((one) => cell(one, key) === of);
      if (told.length === 0) return [row ? TICK : ''];
      return told.map((column) => row?.cells[column] ?? '');
    });
    return { ...first, cells: [...kept.map((column) => first.cells[column] ?? ''), ...results] };
  });
  const headings = [...kept.map((column) => head.cells[column] ?? ''), ...keys.flatMap(headingsOf)];
  const whole = (row: Row): string =>
    named
      .filter((column) => roles[column] !== 'email' && roles[column] !== 'externalId')
      .map((column) => cell(row, column))
      .join(' ');
  const taken = (told.length < 2 ? [key, ...told] : [key]).map((column) => cell(head, column));
  const skipped: readonly Skipped[] = [
    ...taken.map((text) => aside({ line: head.line, column: 0, text }, 'heading')),
    ...all.flatMap(([, ...more]) =>
      more.map((row) => aside({ line: row.line, column: 0, text: whole(row) }, 'duplicate')),
    ),
  ];
  return {
    ...table,
    belief: (table.belief ?? 0) + BELIEF,
    rows: [{ ...head, cells: headings }, ...rows],
    skipped: [...(table.skipped ?? []), ...skipped],
  };
}
