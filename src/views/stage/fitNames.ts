import { READABLE_PX, type Box } from './fitType';

/** How a list by name is set. */
export interface NamesLayout {
  readonly columns: number;
  /** Names in a column. */
  readonly lines: number;
  /** Of the type, in px. */
  readonly size: number;
  /** How many names a page holds. */
  readonly perPage: number;
}

const LARGEST_PX = 60;
/** As in the style sheet: the height of a line in em, and of the rule below it in px. */
const LINE = 1.4;
const RULE_PX = 1;
const COLUMN_GAP = 1.6;

/**
 * The largest type with which so many names all fit the box, each in one line beside its group (`nameEm` and `groupEm`
 * wide), in as many columns as that takes; where even readable type is too large, pages of it, and names that are too
 * long for the box stand in several lines.
 */
export function fitNames(count: number, nameEm: number, groupEm: number, box: Box): NamesLayout {
  for (let size = LARGEST_PX; size > READABLE_PX; size--) {
    const layout = layoutAt(size, nameEm + groupEm, box);
    if (layout.columns === 0 || layout.perPage < count) continue;
    // Columns of one length, however many of them could be had.
    const columns = Math.max(1, Math.min(layout.columns, Math.ceil(count / layout.lines)));
    return { ...layout, columns, lines: Math.max(1, Math.ceil(count / columns)) };
  }
  const readable = layoutAt(READABLE_PX, nameEm + groupEm, box);
  if (readable.columns > 0) return readable;
  const room = Math.max(1, box.width / READABLE_PX - groupEm);
  // Words break where they must, so a little more than the width alone says.
  const linesEach = Math.ceil((1.2 * nameEm) / room);
  const lines = Math.max(1, Math.floor(readable.lines / linesEach));
  return { columns: 1, lines, size: READABLE_PX, perPage: lines };
}

/** What is to be had at a size; no column where the box is too narrow for one. */
function layoutAt(size: number, widthEm: number, { width, height }: Box): NamesLayout {
  const columns = Math.floor((width / size + COLUMN_GAP) / (widthEm + COLUMN_GAP));
  const lines = Math.max(1, Math.floor(height / (size * LINE + RULE_PX)));
  return { columns, lines, size, perPage: columns * lines };
}
