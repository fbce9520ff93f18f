import { hasContent } from '../delimited';
import { roleOfColumn, roleOfNumber } from '../headings';
import { sectionHeading } from '../lineKinds';
import { looksLikeName } from '../names';
import { cleanText, isMissingName, plainWords } from '../text';
import type { Row, Skipped, SkipReason, Table } from '../types';
import { HEADINGS, MUCH } from './grids';

/** "Row 2", "Lane 3": the word; null for what is none, and for a word for people or their numbers. */
function numberedWord(cell: string): string | null {
  const [, word] = /^(\p{L}{2,12}) ?\d{1,3}$/u.exec(plainWords(cell)) ?? [];
  if (word === undefined) return null;
  const role = roleOfNumber(word) === null ? roleOfColumn(word) : 'externalId';
  return role === null || role === 'section' || role === 'leftOut' ? word : null;
}

const ROW = /^(?:row|line|reihe|fila|rangée|rang|riga|rij|fileira)\b/i;

/** Whether cells are one word with another number in each. */
function areNumbered(cells: readonly string[]): boolean {
  const words = new Set(cells.map(numberedWord));
  return (
    cells.length > 1 &&
    words.size === 1 &&
    !words.has(null) &&
    new Set(cells.map(plainWords)).size === cells.length
  );
}

/** The fewest names that are believed to sit in places. */
const FEWEST = 4;
/** Two names beside a word may be the two of one student; three are not. */
const MOST_OF_ONE = 2;
/** A room has no more rows than this. */
const MOST_ROWS = 60;

/**
 * Names in rows and columns that are numbered places ("Row 1", "Lane 2"), named at the side, above or both; null for another
 * table. Whoever is in one row is in one section, or in one column where columns alone are named; where both
 * are, only a group is one ("Table 1" beside "Seat 1").
 */
export function placesTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const from = filled.findIndex(({ cells }) => cells.filter((cell) => cleanText(cell)).length > 1);
  const [head, ...below] = filled.slice(Math.max(0, from));
  if (!head || filled.length > MOST_ROWS) return null;
  const [corner = '', ...heads] = head.cells.map(cleanText);
  const named = heads.filter(Boolean);
  const over = areNumbered(corner === '' ? named : [corner, ...named]);
  const rows = over ? below : [head, ...below];
  const sides = rows.map(({ cells: [first = ''] }) => cleanText(first));
  const beside = areNumbered(sides);
  if (!over && !beside) return null;
  // A free corner stands over words at the side.
  if (over && beside !== (corner === '')) return null;
  const people = rows.flatMap(({ line, cells }) =>
    cells.flatMap((cell, column) => {
      const text = cleanText(cell);
      const told = beside && column === 0;
      return told || text === '' || isMissingName(text) ? [] : [{ line, column, text }];
    }),
  );
  const distinct = new Set(people.map(({ text }) => plainWords(text)));
  const widest = Math.max(
    ...rows.map(({ line }) => people.filter((one) => one.line === line).length),
  );
  const fits =
    people.length >= FEWEST &&
    (over || widest > MOST_OF_ONE) &&
    distinct.size === people.length &&
    people.every(
      ({ text, column }) => looksLikeName(text) && (!over || cleanText(head.cells[column] ?? '')),
    );
  if (!fits) return null;
  const sectionOf = ({ line, column }: { readonly line: number; readonly column: number }) => {
    const side = cleanText(rows.find((row) => row.line === line)?.cells[0] ?? '');
    const above = cleanText(head.cells[column] ?? '');
    if (!beside) return above;
    return over && (sectionHeading(side) === null || ROW.test(side)) ? '' : side;
  };
  const inOrder = beside ? people : [...people].sort((a, b) => a.column - b.column);
  const aside = (row: number, name: string, reason: SkipReason): Skipped => ({ row, name, reason });
  const titles = filled.slice(0, Math.max(0, from));
  return {
    ...table,
    belief: MUCH,
    rows: [
      { line: 0, cells: HEADINGS },
      ...inOrder.map((one): Row => ({ line: one.line, cells: [one.text, '', '', sectionOf(one)] })),
    ],
    skipped: [
      ...(table.skipped ?? []),
      ...titles.map(({ line, cells }) =>
        aside(line, cells.map(cleanText).join(' ').trim(), 'title'),
      ),
      ...(over ? head.cells.map(cleanText).filter(Boolean) : []).map((name) =>
        aside(head.line, name, 'place'),
      ),
      ...(beside ? rows.map(({ line }, at) => aside(line, sides[at] ?? '', 'place')) : []),
    ],
  };
}
