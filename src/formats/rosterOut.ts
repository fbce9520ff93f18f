import Papa from 'papaparse';
import { harmless } from './harmless';

/** A student as a roster file says it; '' and null where nothing is known. */
export interface RosterOutStudent {
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly preferredName: string;
  readonly email: string;
  readonly externalId: string;
  readonly section: string;
  /** Whether the student has left the class. */
  readonly left: boolean;
  /** In the order of `details`. */
  readonly details: readonly (string | number | boolean | null)[];
}

export interface RosterOut {
  /** Names of the details. */
  readonly details: readonly string[];
  readonly students: readonly RosterOutStudent[];
}

/** Headings in the reader's language, and the words for a yes, a no and a student who has left. */
export interface RosterWords {
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly preferredName: string;
  readonly email: string;
  readonly externalId: string;
  readonly section: string;
  readonly status: string;
  readonly left: string;
  readonly yes: string;
  readonly no: string;
}

type Cell = string | number;

/** The roster as CSV (RFC 4180) with a byte order mark, formulas made harmless; our own reader gives it back. */
export function rosterCsv(roster: RosterOut, words: RosterWords): string {
  const rows = rosterRows(roster, words).map((row) => row.map(String));
  return `\ufeff${Papa.unparse(rows, { newline: '\r\n' })}\r\n`;
}

/** The roster as a workbook of one sheet (ECMA-376), formulas made harmless, numbers as numbers. */
export async function rosterWorkbook(
  roster: RosterOut,
  words: RosterWords,
  sheet: string,
): Promise<Blob> {
  // Loaded when it is first asked for.
  const { default: write } = await import('write-excel-file/browser');
  const [heading = [], ...rows] = rosterRows(roster, words);
  const data = [
    heading.map((value) => ({ value: String(value), fontWeight: 'bold' as const })),
    ...rows.map((row) =>
      row.map((value) => (value === '' ? null : typeof value === 'number' ? { value } : { value })),
    ),
  ];
  return write(data, {
    sheet: sheet.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'Roster',
  }).toBlob();
}

/** Rows of cells under a heading; columns that would hold nothing are left out. */
export function rosterRows({ details, students }: RosterOut, words: RosterWords): Cell[][] {
  const columns: readonly {
    readonly head: string;
    readonly cell: (one: RosterOutStudent) => Cell;
  }[] = [
    { head: words.givenName, cell: ({ givenName }) => givenName },
    { head: words.familyName, cell: ({ familyName }) => familyName },
    { head: words.preferredName, cell: ({ preferredName }) => preferredName },
    { head: words.name, cell: ({ name }) => name },
    { head: words.email, cell: ({ email }) => email },
    { head: words.externalId, cell: ({ externalId }) => externalId },
    { head: words.section, cell: ({ section }) => section },
    { head: words.status, cell: ({ left }) => (left ? words.left : '') },
    ...details.map((head, place) => ({
      head,
      cell: (one: RosterOutStudent) => valueCell(one.details[place] ?? null, words),
    })),
  ];
  const told = columns.filter(
    ({ head, cell }) => head === words.name || students.some((one) => cell(one) !== ''),
  );
  return [
    told.map(({ head }) => harmless(head)),
    ...students.map((one) =>
      told.map(({ cell }) => {
        const value = cell(one);
        return typeof value === 'number' ? value : harmless(value);
      }),
    ),
  ];
}

function valueCell(value: string | number | boolean | null, words: RosterWords): Cell {
  if (typeof value === 'boolean') return value ? words.yes : words.no;
  return value ?? '';
}
