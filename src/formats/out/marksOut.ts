import { csvFile } from './csv';
import { textFile, type Written } from './wayOut';

/** What can stand in a row for each student; marks are one column for each activity. */
export const MARK_COLUMNS = [
  ...(['number', 'name', 'givenName', 'familyName', 'email', 'section', 'group'] as const),
  ...(['marks', 'percent', 'mean', 'missing', 'comment'] as const),
] as const;
export type MarkColumn = (typeof MARK_COLUMNS)[number];

/** A table of marks: who, and for each activity what came of it. */
export interface MarksOut {
  readonly className: string;
  readonly activities: readonly {
    readonly name: string;
    readonly most: number;
    readonly due: string | null;
    readonly weight: number;
  }[];
  readonly rows: readonly MarksOutRow[];
}

export interface MarksOutRow {
  readonly number: string;
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly email: string;
  readonly section: string;
  /** For each activity; null where somebody has no part in it. */
  readonly marks: readonly (MarkOut | null)[];
  readonly mean: number | null;
  readonly missing: number;
}

export interface MarkOut {
  readonly group: string;
  readonly state: 'marked' | 'missing' | 'excused' | 'absent';
  readonly points: number | null;
  readonly comment: string;
}

/** A table in a layout of the teacher's own: which columns, in which order, called what. */
export interface MarksLayout {
  readonly columns: readonly MarkColumn[];
  readonly headings: Readonly<Partial<Record<MarkColumn, string>>>;
  readonly decimal: '.' | ',';
}

/** What a table says in words. */
export interface MarkWords {
  readonly headings: Readonly<Record<MarkColumn, string>>;
  readonly state: (state: MarkOut['state']) => string;
  readonly sheet: string;
  /** A heading of one of several activities. */
  readonly of: (heading: string, activity: string) => string;
}

export const MARK_FILES = ['csv', 'xlsx', 'json'] as const;
export type MarkFile = (typeof MARK_FILES)[number];

type Cell = string | number;

const OF_ACTIVITY = ['group', 'marks', 'percent', 'comment'] as const;
type OfActivity = (typeof OF_ACTIVITY)[number];

/** Whether a column comes once for each activity, and not once for each student. */
function isOfActivity(column: MarkColumn): column is OfActivity {
  return OF_ACTIVITY.some((one) => one === column);
}

/** Heading and rows of marks in a layout; figures stay figures. */
export function marksTable(
  marks: MarksOut,
  { columns, headings }: MarksLayout,
  words: MarkWords,
): { readonly heading: readonly string[]; readonly rows: readonly (readonly Cell[])[] } {
  const called = (column: MarkColumn): string => headings[column] ?? words.headings[column];
  const many = marks.activities.length > 1;
  const places = marks.activities.map((_, at) => at);
  return {
    heading: columns.flatMap((column) => {
      if (!isOfActivity(column)) return [called(column)];
      return marks.activities.map(({ name }) =>
        column === 'marks' && headings.marks === undefined
          ? name
          : many
            ? words.of(called(column), name)
            : called(column),
      );
    }),
    rows: marks.rows.map((row) =>
      columns.flatMap((column) =>
        isOfActivity(column)
          ? places.map((at) =>
              cellOf(column, row.marks[at] ?? null, marks.activities[at]?.most, words),
            )
          : [ownCell(column, row)],
      ),
    ),
  };
}

function cellOf(
  column: OfActivity,
  mark: MarkOut | null,
  most: number | undefined,
  words: MarkWords,
): Cell {
  if (!mark) return '';
  if (column === 'group') return mark.group;
  if (column === 'comment') return mark.comment;
  if (mark.state === 'excused' || mark.state === 'absent') return words.state(mark.state);
  if (mark.points === null) return '';
  return column === 'percent' ? twoPlaces((mark.points / (most ?? 1)) * 100) : mark.points;
}

function ownCell(column: Exclude<MarkColumn, OfActivity>, row: MarksOutRow): Cell {
  switch (column) {
    case 'number':
    case 'name':
    case 'givenName':
    case 'familyName':
    case 'email':
    case 'section':
      return row[column];
    case 'missing':
      return row.missing;
    case 'mean':
      return row.mean === null ? '' : twoPlaces(row.mean);
  }
}

function twoPlaces(value: number): number {
  return Math.round(value * 100) / 100;
}

/** Marks as a file: a table (CSV, or a workbook with figures in its cells), or all that is known of them (JSON). */
export async function marksFile(
  kind: MarkFile,
  marks: MarksOut,
  layout: MarksLayout,
  words: MarkWords,
): Promise<Written> {
  if (kind === 'json') {
    const all = { format: 'gruppetto.marks', version: 1, ...marks };
    return textFile('json', 'application/json', `${JSON.stringify(all, null, 2)}\n`);
  }
  const { heading, rows } = marksTable(marks, layout, words);
  if (kind === 'xlsx') {
    const { plainWorkbook } = await import('./workbook');
    return plainWorkbook([{ name: words.sheet, heading, rows }]);
  }
  const asText = (cell: Cell): string =>
    typeof cell === 'string' ? cell : String(cell).replace('.', layout.decimal);
  return csvFile([heading, ...rows.map((row) => row.map(asText))], {
    for: 'spreadsheet',
    // A comma within figures and one between them would be taken for each other.
    separator: layout.decimal === ',' ? ';' : ',',
  });
}
