'use client';

import { useCallback, useState, type KeyboardEvent, type RefObject } from 'react';
import { rovingStep, type RovingPlace } from '../primitives/roving';

/** A cell by the id of its row and of its column. */
interface Place {
  readonly row: string;
  readonly column: string;
}

interface GridFocusOptions {
  readonly table: RefObject<HTMLElement | null>;
  /** Ids in the order they stand in. */
  readonly rows: readonly string[];
  readonly columns: readonly string[];
  /** Brings a row that is not drawn into view. */
  readonly show: (row: number) => void;
  /** Called for a key that is none of the grid's own, with the row it was pressed in. */
  readonly onKey: (event: KeyboardEvent<HTMLElement>, row: string) => boolean;
}

/** One tab stop for a whole table: arrow keys go from cell to cell (WAI-ARIA Authoring Practices, grid). */
export function useGridFocus({ table, rows, columns, show, onKey }: GridFocusOptions) {
  const [place, setPlace] = useState<Place | null>(null);
  const [firstRow = '', firstColumn = ''] = [rows[0], columns[0]];
  const stop =
    place && rows.includes(place.row) && columns.includes(place.column)
      ? place
      : { row: firstRow, column: firstColumn };

  const focused = useCallback((row: string, column: string): void => setPlace({ row, column }), []);

  const go = ({ row, column }: RovingPlace): void => {
    const next = { row: rows[row] ?? '', column: columns[column] ?? '' };
    setPlace(next);
    if (focusCell(table.current, next)) return;
    // A row out of view is drawn only after it was scrolled to.
    show(row);
    requestAnimationFrame(() => requestAnimationFrame(() => focusCell(table.current, next)));
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]');
    if (!cell || event.ctrlKey || event.metaKey || event.altKey) return;
    const [row = '', column = ''] = (cell.dataset.cell ?? '').split('\n');
    const from = { row: rows.indexOf(row), column: columns.indexOf(column) };
    const next = rovingStep(event.key, from, rows.length, () => columns.length);
    if (next) {
      event.preventDefault();
      go(next);
    } else if (onKey(event, row)) event.preventDefault();
  };
  return {
    onKeyDown,
    /** The one cell that the tab key stops at. */
    stop,
    /** To be called when a cell gets the focus; always the same function. */
    focused,
  };
}

/** Whether the cell is drawn; if so, it has the focus. */
function focusCell(table: HTMLElement | null, { row, column }: Place): boolean {
  const cells = [...(table?.querySelectorAll<HTMLElement>('[data-cell]') ?? [])];
  const cell = cells.find((one) => one.dataset.cell === `${row}\n${column}`);
  const press = cell?.querySelector<HTMLElement>('button, input, select');
  press?.focus();
  return press !== undefined && press !== null;
}
