/** A place in rows of which each may have its own number of cells. */
export interface RovingPlace {
  readonly row: number;
  readonly column: number;
}

const PAGE_ROWS = 10;

/**
 * Where a key leads from a place in rows with one tab stop, never out of them; null for a key that leads nowhere
 * (WAI-ARIA Authoring Practices, grid). Rows shorter than the column asked for give their last cell.
 *
 * `lengthOf` gives the number of cells of each of the `rowCount` rows, at least one.
 */
export function rovingStep(
  key: string,
  { row, column }: RovingPlace,
  rowCount: number,
  lengthOf: (row: number) => number,
): RovingPlace | null {
  const at = (nextRow: number, nextColumn: number): RovingPlace => {
    const within = Math.max(0, Math.min(rowCount - 1, nextRow));
    return { row: within, column: Math.max(0, Math.min(lengthOf(within) - 1, nextColumn)) };
  };
  switch (key) {
    case 'ArrowUp':
      return at(row - 1, column);
    case 'ArrowDown':
      return at(row + 1, column);
    case 'ArrowLeft':
      return at(row, column - 1);
    case 'ArrowRight':
      return at(row, column + 1);
    case 'Home':
      return at(row, 0);
    case 'End':
      return at(row, Number.POSITIVE_INFINITY);
    case 'PageUp':
      return at(row - PAGE_ROWS, column);
    case 'PageDown':
      return at(row + PAGE_ROWS, column);
    default:
      return null;
  }
}

/** Moves the focus among elements that stand in rows; false for a key that leads nowhere, or where none has the focus. */
export function roveAmong(rows: readonly (readonly HTMLElement[])[], key: string): boolean {
  const focused = document.activeElement as HTMLElement;
  const row = rows.findIndex((one) => one.includes(focused));
  const column = rows[row]?.indexOf(focused) ?? -1;
  if (column < 0) return false;
  const next = rovingStep(key, { row, column }, rows.length, (at) => rows[at]?.length ?? 0);
  if (next) rows[next.row]?.[next.column]?.focus();
  return next !== null;
}

/** Elements that flow over several lines, line by line as they stand. */
export function inLines(elements: readonly HTMLElement[]): readonly (readonly HTMLElement[])[] {
  const lines = new Map<number, HTMLElement[]>();
  for (const one of elements) lines.set(one.offsetTop, [...(lines.get(one.offsetTop) ?? []), one]);
  return [...lines.values()];
}
