import { looksLikeName, looksLikeWholeName } from '../names';
import { isSurelyHeading, roleOfColumn } from '../headings';
import { isPlace } from '../lineKinds';
import type { ColumnRole, Row, Table } from '../types';
import { isOddWord } from '../values';

/** Columns that hold for most lines are believed rather than a list. */
const EVEN = 0.05;
/** A position is between columns when this share of the lines has nothing there. */
const BLANK_SHARE = 0.85;
/** And so many lines must fit into the columns so found. */
const FITTING_SHARE = 0.75;

/** Text whose columns are parted by two or more blanks, as documents and pages have it; null for other text. */
export function blanksTable(text: string): Table | null {
  if (text.includes('\t')) return null;
  const lines = text.split(/\r\n|\r|\n/).map((line) => line.trimEnd());
  const filled = lines.filter((line) => line !== '');
  const parted = filled.filter((line) => segments(line).length > 1);
  if (parted.length < 2 || parted.length < filled.length * 0.5) {
    return wordsTable(lines) ?? figuresTable(lines);
  }
  const columns = columnsUnder(parted);
  const rows = lines.map((line, index): Row => {
    const fitted = columns && fit(line, columns);
    return { line: index + 1, cells: fitted ?? segments(line).map(({ text: cell }) => cell) };
  });
  return { name: '', rows: columns ? joinedRows(rows) : rows, commaIsDecimal: false, belief: EVEN };
}

/**
 * Rows without those that only go on with cells of the row above: nothing in the first column, less than half as many cells as
 * there are columns, each below a filled one, none a place in a room, and no whole name below another.
 */
function joinedRows(rows: readonly Row[]): readonly Row[] {
  const joined: Row[] = [];
  for (const row of rows) {
    const above = joined.at(-1);
    const filled = row.cells.flatMap((cell, column) => (cell === '' ? [] : [column]));
    const goesOn =
      above?.cells.length === row.cells.length &&
      filled.length > 0 &&
      filled[0] !== 0 &&
      filled.length <= row.cells.length / 2 &&
      filled.every((column) => {
        const [over = '', cell = ''] = [above.cells[column], row.cells[column]];
        return (
          over !== '' && !isPlace(cell) && !(looksLikeWholeName(over) && looksLikeWholeName(cell))
        );
      });
    if (!goesOn) joined.push(row);
    else {
      const cells = above.cells.map((cell, at) => `${cell} ${row.cells[at] ?? ''}`.trim());
      joined[joined.length - 1] = { ...above, cells };
    }
  }
  return joined;
}

/**
 * Lines under headings of one word each, one blank between any two: of as many words as those, or of more where the name has
 * more; null for other lines.
 */
function wordsTable(lines: readonly string[]): Table | null {
  const rows = lines.map((line, index): Row => ({
    line: index + 1,
    cells: line.trim().split(/[,;]?\s+/),
  }));
  const [head, ...others] = rows.filter(({ cells }) => cells.join('') !== '');
  // "Name,Student ID" has its columns between commas.
  const signed = head?.cells.some((word) => /[,;|]/.test(word)) ?? false;
  if (!head || signed || head.cells.length < 2 || others.length === 0) return null;
  const width = head.cells.length;
  const roles = head.cells.map(roleOfColumn);
  const known =
    new Set(roles).size === width &&
    roles.every((role) => role !== null) &&
    head.cells.some((word) => isSurelyHeading(word));
  const even = others.every(({ cells }) => cells.length === width);
  if (even) return known ? { name: '', rows, commaIsDecimal: false, belief: EVEN } : null;
  return withLongNames(rows, roles);
}

/** Rows of words, the longer of them with a name of several; null where what stands beside the names may be part of them. */
function withLongNames(rows: readonly Row[], roles: readonly (ColumnRole | null)[]): Table | null {
  const width = roles.length;
  const name = roles.indexOf('fullName');
  const [, ...others] = rows.filter(({ cells }) => cells.join('') !== '');
  if (name < 0 || others.length < 3 || others.some(({ cells }) => cells.length < width))
    return null;
  const aligned = others.map(({ line, cells }): Row => {
    const end = cells.length - (width - name - 1);
    const whole = cells.slice(name, end).join(' ');
    return { line, cells: [...cells.slice(0, name), whole, ...cells.slice(end)] };
  });
  // Words that come again, or figures, are told of somebody.
  const isTold = (cells: readonly string[]): boolean =>
    cells.every((cell) => /[\d@]/.test(cell)) || new Set(cells).size <= cells.length * AGAIN;
  const fits =
    roles.filter((role) => role !== null).length > 1 &&
    roles.every((_role, at) => {
      const cells = aligned.map((row) => row.cells[at] ?? '');
      return at === name ? cells.every(looksLikeName) : isTold(cells);
    });
  const lined = new Map(aligned.map((row) => [row.line, row]));
  const whole = rows.map((row) => lined.get(row.line) ?? row);
  return fits ? { name: '', rows: whole, commaIsDecimal: false, belief: EVEN } : null;
}

/** What comes again in a column is told of several students. */
const AGAIN = 0.6;
const FIGURE = /^\d{1,4}(?:[.,]\d+)?$/;
/** Points out of so many, or a percentage. */
const POINTS = /^\d{1,4}(?:[.,]\d+)?(?:\/(\d{1,4})|%)$/;
/** A stroke or sign for a day, of which a register has several. */
const MARK = /^(?:[/\\✓✔✗✘xa•.-]|[AP])$/u;
/** What fewer points than this are out of may be a month. */
const LEAST_OUT_OF = 5;

/** "absent" in place of a result; a sign may be one of a register. */
const isAbsence = (figure: string): boolean => isOddWord(figure) && !MARK.test(figure);

/** A line as its name and the figures behind it, or words in place of one ("absent"). */
function figuresIn(line: string): { readonly name: string; readonly figures: readonly string[] } {
  const words = line
    .trim()
    .replace(/(?<=\d)\s+%/g, '%')
    .split(/\s+/);
  let at = words.length;
  const isOne = (word = ''): boolean =>
    [FIGURE, POINTS, MARK].some((kind) => kind.test(word)) || isOddWord(word);
  while (at > 0 && isOne(words[at - 1])) at--;
  return { name: words.slice(0, at).join(' '), figures: words.slice(at) };
}

/**
 * "Amira Haddad 12 15", "Amira Haddad 12/20": whole names with as many figures each behind them, and nothing else; null for
 * other lines. A single plain figure is a number of the student, unless others have a word in its place.
 */
function figuresTable(lines: readonly string[]): Table | null {
  const found = lines.filter((line) => line !== '').map(figuresIn);
  const all = found.flatMap(({ figures }) => figures);
  const [width = 0] = found.map(({ figures }) => figures.length);
  if (
    found.length < 2 ||
    width === 0 ||
    !found.every(
      ({ name, figures }) =>
        (width > 1 ? looksLikeName(name) : looksLikeWholeName(name)) && figures.length === width,
    ) ||
    all.filter(isAbsence).length > all.length / 2 ||
    !(width > 1 || arePoints(all) || all.some(isAbsence))
  ) {
    return null;
  }
  const rows = lines.map((line, index): Row => {
    const { name, figures } = figuresIn(line);
    return { line: index + 1, cells: name === '' ? [] : [name, ...figures] };
  });
  return { name: '', rows, commaIsDecimal: false, belief: EVEN };
}

/** Whether figures are points out of as many for all, or percentages, where they are not words. */
function arePoints(figures: readonly string[]): boolean {
  const given = figures.filter((figure) => !isOddWord(figure)).map((figure) => POINTS.exec(figure));
  const [most] = given.map((one) => one?.[1]);
  return (
    given.every((one) => one !== null && one[1] === most) &&
    (most === undefined || Number(most) >= LEAST_OUT_OF)
  );
}

interface Segment {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** What stands in a line between runs of two or more blanks. */
function segments(line: string): readonly Segment[] {
  return Array.from(line.matchAll(/\S+(?:\s\S+)*/g), ({ 0: text, index }) => ({
    from: index,
    to: index + text.length,
    text,
  }));
}

type Columns = readonly (readonly [from: number, to: number])[];

/** The columns of all lines, or those below the first line where they are more and its words stand over them. */
function columnsUnder(lines: readonly string[]): Columns | null {
  const [head = '', ...below] = lines;
  const all = columnsOf(lines);
  const under = below.length > 1 ? columnsOf(below) : null;
  const finer = under && under.length > (all?.length ?? 0) && fit(head, under) !== null;
  return finer ? under : all;
}

/** Where columns begin and end: between runs of two positions and more that are blank in nearly all lines. */
function columnsOf(lines: readonly string[]): Columns | null {
  const width = Math.max(...lines.map((line) => line.length));
  const blank = Array.from(
    { length: width },
    (_, at) =>
      lines.filter((line) => (line[at] ?? ' ') === ' ').length >= lines.length * BLANK_SHARE,
  );
  const columns: [number, number][] = [];
  let from = -1;
  for (let at = 0; at <= width; at++) {
    const gap = at >= width || (blank[at] && (blank[at + 1] ?? true));
    if (!gap && from < 0) from = at;
    if (gap && from >= 0) {
      columns.push([from, at]);
      from = -1;
      while (at + 1 < width && blank[at + 1]) at++;
    }
  }
  if (columns.length < 2) return null;
  const fitting = lines.filter((line) => fit(line, columns) !== null);
  return fitting.length >= lines.length * FITTING_SHARE ? columns : null;
}

/** The cells of a line, each under its column; null where a segment stands under several and cannot be parted over them. */
function fit(line: string, columns: Columns): readonly string[] | null {
  const cells = columns.map(() => '');
  const under = ({ from, to }: Segment): readonly number[] =>
    columns.flatMap(([start, end], i) => (from < end && to > start ? [i] : []));
  const parted = segments(line).flatMap((one) => {
    const over = under(one);
    return over.length > 1 ? wordsUnder(one, over, columns) : [one];
  });
  for (const one of parted) {
    const [column = nearest(columns, one.from), ...others] = under(one);
    if (others.length > 0 || (cells[column] ?? '') !== '') return null;
    cells[column] = one.text;
  }
  return cells;
}

/** "Class Score" over two narrow columns: a word where each of them begins; the whole segment where that is not so. */
function wordsUnder(
  segment: Segment,
  over: readonly number[],
  columns: Columns,
): readonly Segment[] {
  const words = Array.from(segment.text.matchAll(/\S+/g), ({ 0: text, index }): Segment => {
    const from = segment.from + index;
    return { from, to: from + text.length, text };
  });
  const begin =
    words.length === over.length &&
    words.every(({ from }, at) => from === columns[over[at] ?? -1]?.[0]);
  return begin ? words : [segment];
}

function nearest(columns: Columns, at: number): number {
  const after = columns.findIndex(([start]) => start > at);
  return after < 0 ? columns.length - 1 : Math.max(0, after - 1);
}
