import { READABLE_PX, type Box } from './fitType';

/** How a list by name is set. */
export interface NamesLayout {
  readonly columns: number;
  /** Lines in a column. */
  readonly lines: number;
  /** Of the type, in px. */
  readonly size: number;
  /** How many names a page holds. */
  readonly perPage: number;
}

const LARGEST_PX = 60;
export const LINE = 1.42;
const COLUMN_GAP = 1.6;

/**
 * The largest type with which so many lines of one width (in em) all fit the box, in as many columns as that takes;
 * where even readable type is too large, pages of it.
 */
export function fitNames(count: number, widthEm: number, box: Box): NamesLayout {
  for (let size = LARGEST_PX; size > READABLE_PX; size--) {
    const layout = layoutAt(size, widthEm, box);
    if (layout.perPage >= count) {
      // Columns of one length, however many of them could be had.
      const columns = Math.max(1, Math.min(layout.columns, Math.ceil(count / layout.lines)));
      return { ...layout, columns, lines: Math.max(1, Math.ceil(count / columns)) };
    }
  }
  return layoutAt(READABLE_PX, widthEm, box);
}

function layoutAt(size: number, widthEm: number, { width, height }: Box): NamesLayout {
  const columns = Math.max(1, Math.floor((width / size + COLUMN_GAP) / (widthEm + COLUMN_GAP)));
  const lines = Math.max(1, Math.floor(height / (size * LINE)));
  return { columns, lines, size, perPage: columns * lines };
}
