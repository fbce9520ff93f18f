import { hasContent } from '../delimited';
import { roleOfColumn, roleOfNumber } from '../headings';
import { sectionHeading } from '../lineKinds';
import { looksLikeName } from '../names';
import { isMissingName, plainWords } from '../text';
import type { Table } from '../types';
import { areSeats, aside, cellsOf, tableOf, type Cell } from './grids';

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
  const from = Math.max(
    0,
    filled.findIndex((row) => cellsOf(row).length > 1),
  );
  const [head, ...below] = filled.slice(from);
  if (!head || filled.length > MOST_ROWS) return null;
  const heads = cellsOf(head);
  const cornered = heads[0]?.column !== 0;
  // "A", "B", "C" over first names, beside 1, 2, 3.
  const bare =
    cornered &&
    heads.every(({ text }, at) => text === String.fromCharCode('A'.charCodeAt(0) + at)) &&
    below.every(({ cells: [first = ''] }, at) => first.trim() === String(at + 1)) &&
    areSeats(below, heads.length);
  const over = bare || areNumbered(heads.map(({ text }) => text));
  const rows = over ? below : [head, ...below];
  const sides = rows.flatMap((row) => cellsOf(row).filter(({ column }) => column === 0));
  const beside =
    bare || (sides.length === rows.length && areNumbered(sides.map(({ text }) => text)));
  if (!over && !beside) return null;
  // A free corner stands over words at the side.
  if (over && beside !== cornered) return null;
  const seats = rows.map((row) =>
    cellsOf(row).filter(({ column, text }) => !(beside && column === 0) && !isMissingName(text)),
  );
  const people = seats.flat();
  const above = new Map(heads.map(({ column, text }) => [column, text]));
  const fits =
    people.length >= FEWEST &&
    (over || seats.some(({ length }) => length > MOST_OF_ONE)) &&
    new Set(people.map(({ text }) => plainWords(text))).size === people.length &&
    people.every(({ text, column }) => looksLikeName(text) && (!over || above.has(column)));
  if (!fits) return null;
  const sideOf = new Map(sides.map(({ line, text }) => [line, text]));
  const sectionOf = ({ line, column }: Cell): string => {
    if (!beside) return above.get(column) ?? '';
    const side = sideOf.get(line) ?? '';
    return over && (sectionHeading(side) === null || ROW.test(side)) ? '' : side;
  };
  const inOrder = beside ? people : [...people].sort((a, b) => a.column - b.column);
  return tableOf(
    table,
    inOrder.map((one) => ({ ...one, section: sectionOf(one) })),
    [
      ...filled
        .slice(0, from)
        .flatMap(cellsOf)
        .map((one) => aside(one, 'title')),
      ...[...(over ? heads : []), ...(beside ? sides : [])].map((one) => aside(one, 'place')),
    ],
  );
}
