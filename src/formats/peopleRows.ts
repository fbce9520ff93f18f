import { cleanText, plainWords } from './roster/text';

/** Somebody a sheet may have a row of. */
export interface KnownPerson<Id> {
  readonly id: Id;
  readonly number: string;
  readonly email: string;
  /** Every way to write their name. */
  readonly names: readonly string[];
}

/** A column of a sheet beside those that tell whose a row is. */
export interface FigureColumn {
  readonly column: number;
  /** '' where there is none. */
  readonly heading: string;
  /** What stands in it, row by row. */
  readonly cells: readonly string[];
  /** How many of its cells hold a figure. */
  readonly likely: number;
}

export interface PersonRow<Id> {
  /** Counted from 1, the heading included. */
  readonly line: number;
  /** Null where it is nobody of those known, or not clear who. */
  readonly id: Id | null;
  /** Whether several could be meant: two are called so, or two things in the row say two of them. */
  readonly doubtful: boolean;
  /** What the row says of whose it is, as it is written. */
  readonly called: string;
}

export interface PeopleSheet<Id> {
  readonly rows: readonly PersonRow<Id>[];
  readonly columns: readonly FigureColumn[];
}

const FIGURE = /^'?[+\-\u2212]?\s*(\d+([.,]\d*)?|[.,]\d+)$/;

/** What may tell whose a row is: how it is read of cells, and what cells are looked at together. */
interface Key<Id> {
  readonly known: ReadonlyMap<string, Id | null>;
  readonly read: (cell: string) => string;
  /** The columns that it stands in; none where it stands in none. */
  readonly columns: readonly number[];
}

/**
 * A sheet with a row for each of some people known, as text with separators (RFC 4180, or tabs): whose each row is, by
 * number (also without its leading zeros), address, or name in one column or two; and its other columns. Two rows may be one
 * person's. O(cells).
 */
export async function peopleRows<Id>(
  text: string,
  people: readonly KnownPerson<Id>[],
): Promise<PeopleSheet<Id>> {
  const { default: Papa } = await import('papaparse');
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: false });
  const all = data
    .map((cells, at) => ({ line: at + 1, cells: cells.map(cleanText) }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  const width = Math.max(0, ...all.map(({ cells }) => cells.length));
  const keys = keysOf(all, width, people);
  const whoColumns = new Set(keys.flatMap(({ columns }) => columns));
  const [first] = all;
  const isHeading =
    first !== undefined &&
    whoseRow(first.cells, keys).id === null &&
    first.cells.every((cell, column) => whoColumns.has(column) || !FIGURE.test(cell));
  const rows = isHeading ? all.slice(1) : all;
  return {
    rows: rows.map(({ line, cells }) => ({
      ...{ line, ...whoseRow(cells, keys) },
      called: calledIn(cells, whoColumns),
    })),
    columns: Array.from({ length: width }, (_, column) => column).flatMap((column) => {
      if (whoColumns.has(column)) return [];
      const cells = rows.map((row) => row.cells[column] ?? '');
      if (cells.every((cell) => cell === '')) return [];
      const heading = isHeading ? (first.cells[column] ?? '') : '';
      return [{ column, heading, cells, likely: cells.filter((cell) => FIGURE.test(cell)).length }];
    }),
  };
}

interface Row {
  readonly line: number;
  readonly cells: readonly string[];
}

function keysOf<Id>(
  rows: readonly Row[],
  width: number,
  people: readonly KnownPerson<Id>[],
): readonly Key<Id>[] {
  const by = (of: (person: KnownPerson<Id>) => readonly string[]): Map<string, Id | null> => {
    const known = new Map<string, Id | null>();
    for (const person of people) {
      for (const text of of(person)) {
        if (text === '') continue;
        const before = known.get(text);
        // What is said of two of them tells neither.
        known.set(text, before === undefined || before === person.id ? person.id : null);
      }
    }
    return known;
  };
  const lower = (text: string): string => text.toLowerCase();
  const places = Array.from({ length: width }, (_, column) => [column]);
  const pairs = places.slice(1).map(([column = 0]) => [column - 1, column]);
  const best = (key: Key<Id>, tried: readonly (readonly number[])[]): Key<Id> => {
    let most = 0;
    let columns: readonly number[] = [];
    for (const one of tried) {
      const fit = fitOf(rows, key, one);
      if (fit > most) [most, columns] = [fit, one];
    }
    return { ...key, columns };
  };
  // Two cells together are a name where neither is one.
  const named = [
    best({ known: by(({ email }) => [lower(email)]), read: lower, columns: [] }, places),
    best({ known: by(({ names }) => names.map(plainWords)), read: plainWords, columns: [] }, [
      ...places,
      ...pairs,
    ]),
  ];
  const figures = places.filter(([column = 0]) =>
    rows.some(({ cells }) => FIGURE.test(cells[column] ?? '')),
  );
  // Marks may look like numbers of students: they say others than the names do, or nothing would be left to be a mark.
  const mayBeNumbers = (key: Key<Id>): readonly (readonly number[])[] =>
    places.filter(
      (columns) =>
        figures.some(([other]) => other !== columns[0]) &&
        agreement(rows, { ...key, columns }, named) >= 0,
    );
  const numbers = [lower, withoutZeros].map((plain) => {
    const key = { known: by(({ number }) => [plain(number)]), read: plain, columns: [] };
    return best(key, mayBeNumbers(key));
  });
  return [...numbers, ...named];
}

/** In how many rows a key says what others say, less those in which it says another. */
function agreement<Id>(rows: readonly Row[], key: Key<Id>, others: readonly Key<Id>[]): number {
  return rows.reduce((sum, { cells }) => {
    const id = read(cells, key, key.columns) ?? null;
    const said = others.flatMap((other) => read(cells, other, other.columns) ?? []);
    if (id === null || said.length === 0) return sum;
    return sum + (said.includes(id) ? 1 : -1);
  }, 0);
}

/** What a row that says somebody once more takes from how well a column tells people apart: marks repeat, numbers hardly. */
const AGAIN = 0.25;

/** How many people columns tell apart, a little less for each row that says one of them again. */
function fitOf<Id>(rows: readonly Row[], key: Key<Id>, columns: readonly number[]): number {
  const found = rows.flatMap(({ cells }) => read(cells, key, columns) ?? []);
  const different = new Set(found).size;
  return different - AGAIN * (found.length - different);
}

function read<Id>(
  cells: readonly string[],
  { known, read: plain }: Key<Id>,
  columns: readonly number[],
): Id | null | undefined {
  if (columns.length === 0) return undefined;
  const text = columns.map((column) => cells[column] ?? '').join(' ');
  return text.trim() === '' ? undefined : known.get(plain(text));
}

function whoseRow<Id>(
  cells: readonly string[],
  keys: readonly Key<Id>[],
): Pick<PersonRow<Id>, 'id' | 'doubtful'> {
  const all = keys.map((key) => read(cells, key, key.columns));
  const said = new Set(all.flatMap((id) => id ?? []));
  const [only = null] = said;
  const id = said.size === 1 ? only : null;
  return { id, doubtful: id === null && all.some((one) => one !== undefined) };
}

function calledIn(cells: readonly string[], columns: ReadonlySet<number>): string {
  const said = cells.filter((cell, column) => columns.has(column) && cell !== '');
  return said.join(' ') || (cells.find((cell) => cell !== '') ?? '');
}

function withoutZeros(number: string): string {
  return number.toLowerCase().replace(/^0+(?=.)/, '');
}

/** The column that holds the marks of an activity: the one called so, else the only one with figures; null where it is not clear. */
export function markColumn(
  columns: readonly FigureColumn[],
  names: readonly string[],
): FigureColumn | null {
  const plain = names.map(plainWords);
  const called = columns.find(({ heading }) => plain.includes(plainWords(heading)));
  const figures = columns.filter(({ likely }) => likely > 0);
  return called ?? (figures.length === 1 ? (figures[0] ?? null) : null);
}
