import { readTable } from './readRoster';
import type { ColumnReading, Reading, Roster, Table } from './types';

/** Kinds whose values must be written in some way; a level or a category holds any word. */
const PARTICULAR = new Set<ColumnReading['kind']>(['number', 'yesNo', 'skill']);

/**
 * A reading as it was confirmed for a table of the same headings, as many columns as the proposed one has. A column stays
 * of the kind that was proposed where the confirmed kind would lose values of it: "Score" may hold numbers in one class
 * and words in the next.
 */
export function asConfirmed(
  table: Table,
  proposed: Reading,
  confirmed: readonly ColumnReading[],
): Reading {
  const reading = { ...proposed, columns: confirmed };
  const own = confirmed.map((column, at): ColumnReading => {
    const other = proposed.columns[at];
    const differs =
      other?.role === 'detail' && PARTICULAR.has(column.kind) && other.kind !== column.kind;
    return column.role === 'detail' && differs ? { ...other, name: column.name } : column;
  });
  if (own.every((column, at) => column === confirmed[at])) return reading;
  const [before, now] = [
    readTable(table, reading),
    readTable(table, { ...proposed, columns: own }),
  ];
  const columns = confirmed.map((column, at) => {
    const instead = own[at];
    if (!instead || instead === column) return column;
    return valuesOf(now, instead.name) > valuesOf(before, column.name) ? instead : column;
  });
  return { ...proposed, columns };
}

function valuesOf({ students }: Roster, name: string): number {
  return students.filter(({ attributes }) => Object.hasOwn(attributes, name)).length;
}
