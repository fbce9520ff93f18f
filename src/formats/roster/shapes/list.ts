import type { Delimiter } from '../delimited';
import type { Table } from '../types';
import { blanksTable } from './blanks';
import { cardsTable } from './cards';
import { cellLinesTable } from './cellLines';
import { cellsTable } from './cells';
import { dashesTable } from './dashes';
import {
  groupColumnsTable,
  groupRowsTable,
  halvesTable,
  ledRowsTable,
  letteredTable,
  numberedHalvesTable,
  pairRowsTable,
  seatsTable,
  turnedTable,
} from './grids';
import { isAddressList, namesTable } from './names';
import { placesTable } from './places';
import { repeatedRowsTable } from './repeated';
import { isBulleted, withoutBullets } from './strip';

/** How a text may be laid out. A new one is a line in one of the two lists below. */
export type ShapeId = (typeof SHAPES)[number]['id'] | (typeof GRIDS)[number]['id'];

interface Shape {
  readonly id: string;
  /** The text read so; null where it cannot be. */
  readonly read: (text: string) => Table | null;
}

interface Grid {
  readonly id: string;
  /** A table of cells as one student a row; null where it is one already. */
  readonly read: (table: Table) => Table | null;
}

const cells =
  (delimiter: Delimiter) =>
  (text: string): Table | null => {
    // "1." in a cell of its own is one of its row.
    if (isBulleted(text))
      return cellsTable(withoutBullets(text, delimiter), delimiter) ?? cellsTable(text, delimiter);
    return cellsTable(text, delimiter);
  };

/** Ways to part a text into rows. */
export const SHAPES = [
  { id: 'names', read: namesTable },
  { id: 'cards', read: cardsTable },
  { id: 'cellLines', read: cellLinesTable },
  { id: 'tab', read: cells('\t') },
  { id: 'semicolon', read: (text) => (isAddressList(text) ? null : cells(';')(text)) },
  { id: 'comma', read: (text) => (isAddressList(text) ? null : cells(',')(text)) },
  { id: 'bar', read: cells('|') },
  { id: 'blanks', read: blanksTable },
  {
    id: 'dashes',
    read: (text) => dashesTable(isBulleted(text) ? withoutBullets(text) : text),
  },
] as const satisfies readonly Shape[];

/** Ways in which a table holds several students in one row. */
export const GRIDS = [
  { id: 'groupRows', read: groupRowsTable },
  { id: 'groupColumns', read: groupColumnsTable },
  { id: 'halves', read: halvesTable },
  { id: 'numberedHalves', read: numberedHalvesTable },
  { id: 'lettered', read: letteredTable },
  { id: 'places', read: placesTable },
  { id: 'ledRows', read: ledRowsTable },
  { id: 'seats', read: seatsTable },
  { id: 'pairRows', read: pairRowsTable },
  { id: 'turned', read: turnedTable },
  { id: 'repeatedRows', read: repeatedRowsTable },
] as const satisfies readonly Grid[];
