'use client';

import { useCallback, useState, type KeyboardEvent, type RefObject } from 'react';

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

  const go = (row: number, column: number): void => {
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
    const [r, c] = [rows.indexOf(row), columns.indexOf(column)];
    const target = targetOf(event.key, r, c, rows.length, columns.length);
    if (target) {
      event.preventDefault();
      go(target[0], target[1]);
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

function targetOf(
  key: string,
  row: number,
  column: number,
  rowCount: number,
  columnCount: number,
): readonly [number, number] | null {
  const within = (value: number, count: number): number => Math.max(0, Math.min(count - 1, value));
  const PAGE_ROWS = 10;
  switch (key) {
    case 'ArrowUp':
      return [within(row - 1, rowCount), column];
    case 'ArrowDown':
      return [within(row + 1, rowCount), column];
    case 'ArrowLeft':
      return [row, within(column - 1, columnCount)];
    case 'ArrowRight':
      return [row, within(column + 1, columnCount)];
    case 'Home':
      return [row, 0];
    case 'End':
      return [row, columnCount - 1];
    case 'PageUp':
      return [within(row - PAGE_ROWS, rowCount), column];
    case 'PageDown':
      return [within(row + PAGE_ROWS, rowCount), column];
    default:
      return null;
  }
}

/** Whether the cell is drawn; if so, it has the focus. */
function focusCell(table: HTMLElement | null, { row, column }: Place): boolean {
  const cells = [...(table?.querySelectorAll<HTMLElement>('[data-cell]') ?? [])];
  const cell = cells.find((one) => one.dataset.cell === `${row}\n${column}`);
  const press = cell?.querySelector<HTMLElement>('button, input, select');
  press?.focus();
  return press !== undefined && press !== null;
}
