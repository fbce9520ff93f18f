/** Widths of the words of one text, in em of its own type. */
export type Words = readonly number[];

/** What stands in one row, as widths. */
export interface MeasuredRow {
  readonly name: Words;
  readonly members: readonly Words[];
}

export interface Box {
  readonly width: number;
  readonly height: number;
}

export interface Layout {
  /** Columns of rows. */
  readonly columns: number;
  /** Names side by side in a row; the others stand below. */
  readonly abreast: number;
  /** Of the type, in px. */
  readonly size: number;
  /** False where the sheet is longer than the box and scrolls. */
  readonly fits: boolean;
}

/** How the sheet is set, in em of its type unless said otherwise; the same figures stand in its style sheet. */
export interface Setting {
  /** Room on either side of a row, in px. */
  readonly sidePx: number;
  /** The column of the group's name; null where it stands above the names. */
  readonly nameColumn: number | null;
  /** Room that the sign takes before the name. */
  readonly sign: number;
}

const NAME_SCALE = 0.92;
const COLUMN_GAP = 0.6;
const SEAT_GAP = 0.5;
const LINE_GAP = 0.1;
const NAME_LINE = 1.1;
const LINE = 1.2;
const ROW_SPACE = 0.36;
const STACKED_GAP = 0.1;
const SIGN_HEIGHT = 1.05;
const RULE_PX = 1;
/** Between two words. */
const BLANK = 0.26;
/** A browser rounds places to a fraction of a pixel. */
const SLACK_PX = 1;

/** Type below this cannot be read from the back of a room; where all the rows can be had with no less, it is used. */
export const READABLE_PX = 20;
/** The least with which everything is shown at once; where even that is too large the sheet scrolls. */
export const SMALLEST_PX = 14;
export const LARGEST_PX = 110;
const MOST_COLUMNS = 6;
/** Two columns of rows take the eye longer to read than one: they must pay with type this much larger. */
const WORTH_A_COLUMN = 1.2;

/**
 * The largest type, with the columns of rows and names abreast that allow it, with which all rows fit the box and no
 * word is wider than its place. Works on widths alone, so that hundreds of layouts cost a few milliseconds.
 */
export function fitType(rows: readonly MeasuredRow[], box: Box, setting: Setting): Layout {
  const seats = rows.reduce((most, { members }) => Math.max(most, members.length), 1);
  const abreast = [...new Set([1, 2, 3, 4].map((line) => Math.ceil(seats / line)))];
  const layouts = Array.from({ length: MOST_COLUMNS }, (_, i) => i + 1).flatMap((columns) =>
    abreast.map((names) => largest(rows, box, setting, columns, names)),
  );
  const fitting = layouts.filter(({ fits }) => fits);
  const worth = ({ columns, size }: Layout): number => size / WORTH_A_COLUMN ** (columns - 1);
  const [first, ...others] = fitting;
  if (first) return others.reduce((best, one) => (worth(one) > worth(best) ? one : best), first);
  return scrolling(rows, box, setting, abreast);
}

/** By halving: a smaller type always fits where a larger one does. */
function largest(
  rows: readonly MeasuredRow[],
  box: Box,
  setting: Setting,
  columns: number,
  abreast: number,
): Layout {
  const fits = (size: number): boolean =>
    heightOf(rows, box.width, setting, { columns, abreast, size }) <= box.height;
  let [low, high] = [SMALLEST_PX, LARGEST_PX];
  while (low < high) {
    const size = Math.ceil((low + high) / 2);
    if (fits(size)) low = size;
    else high = size - 1;
  }
  return { columns, abreast, size: low, fits: fits(low) };
}

/** Readable type, in the fewest lines that still show every word. */
function scrolling(
  rows: readonly MeasuredRow[],
  { width }: Box,
  setting: Setting,
  abreast: readonly number[],
): Layout {
  const layouts = Array.from({ length: MOST_COLUMNS }, (_, i) => i + 1).flatMap((columns) =>
    abreast.map((names) => ({ columns, abreast: names, size: READABLE_PX, fits: false })),
  );
  const height = (layout: Layout): number => heightOf(rows, width, setting, layout);
  return layouts.reduce((best, one) => (height(one) < height(best) ? one : best));
}

/** How tall the sheet is in px; Infinity where a word is wider than its place. */
export function heightOf(
  rows: readonly MeasuredRow[],
  width: number,
  { sidePx, nameColumn, sign }: Setting,
  { columns, abreast, size }: Omit<Layout, 'fits'>,
): number {
  const inner = (width / columns - 2 * sidePx - SLACK_PX) / size;
  const nameRoom = ((nameColumn ?? inner) - sign) / NAME_SCALE;
  const namesRoom = nameColumn === null ? inner : inner - nameColumn - COLUMN_GAP;
  const seatRoom = (namesRoom - (abreast - 1) * SEAT_GAP) / abreast;
  let total = 0;
  for (let at = 0; at < rows.length; at += columns) {
    let tallest = 0;
    for (const { name, members } of rows.slice(at, at + columns)) {
      const nameLines = linesIn(name, nameRoom);
      let names = 0;
      for (let seat = 0; seat < members.length; seat += abreast) {
        const lines = members
          .slice(seat, seat + abreast)
          .reduce((most, words) => Math.max(most, linesIn(words, seatRoom)), 1);
        names += lines * LINE + (seat > 0 ? LINE_GAP : 0);
      }
      const title = Math.max(SIGN_HEIGHT, nameLines * NAME_LINE) * NAME_SCALE;
      const content = nameColumn === null ? title + STACKED_GAP + names : Math.max(title, names);
      tallest = Math.max(tallest, content);
    }
    total += (tallest + ROW_SPACE) * size + RULE_PX;
  }
  return total;
}

/** In how many lines words stand that break between them only; Infinity where one of them is too wide. */
function linesIn(words: Words, room: number): number {
  let [lines, used] = [1, 0];
  for (const word of words) {
    if (word > room) return Number.POSITIVE_INFINITY;
    const next = used === 0 ? word : used + BLANK + word;
    if (next > room) lines++;
    used = next > room ? word : next;
  }
  return lines;
}
