import { readRosterFile, type ReadOptions } from './readRoster';
import { partNames } from '../archiveIn';
import { decode, type Encoding } from './decode';
import { isOneRoster, oneRosterClasses } from './oneRoster';
import { cellAt } from './people';
import type { RosterError, Skipped, Table } from './types';

export interface TextSheet {
  /** Name of the sheet; '' where a file has none. */
  readonly name: string;
  readonly text: string;
  /** What is left out of the text, and named: hidden rows and sheets, people of an export without a class. */
  readonly left: readonly Skipped[];
}

export type FileText =
  | {
      readonly ok: true;
      readonly sheets: readonly TextSheet[];
      /** How the bytes of a text file were read; null where a file says so itself. */
      readonly encoding: Encoding | null;
      /** Titles of the classes of a school's export, to choose from. */
      readonly classes: readonly string[];
    }
  | { readonly ok: false; readonly error: RosterError };

/**
 * A class list file as text that can be shown, changed and read again: a text file as it is, sheets and exports
 * as cells between tabs. The sheet with most students comes first; sheets without any are left out.
 */
export async function fileAsText(bytes: Uint8Array, options: ReadOptions = {}): Promise<FileText> {
  const read = await readRosterFile(bytes, options);
  if (!read.ok) return read;
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b) {
    const { text, encoding } = decode(bytes, options.encoding);
    return { ok: true, sheets: [{ name: '', text, left: [] }], encoding, classes: [] };
  }
  const others = await Promise.all(
    read.sheets
      .filter((sheet) => sheet !== read.table.name)
      .map((sheet) => readRosterFile(bytes, { ...options, sheet })),
  );
  const sheets = [read, ...others.flatMap((one) => (one.ok ? [one] : []))].map(sheetText);
  return {
    ok: true,
    sheets,
    encoding: null,
    classes: isOneRoster(partNames(bytes) ?? []) ? oneRosterClasses(bytes) : [],
  };
}

type Read = Extract<Awaited<ReturnType<typeof readRosterFile>>, { ok: true }>;

/** A sheet as its rows are to be read again: what cells share is written out, what is not shown is left to be named. */
function sheetText({ table, reading, roster }: Read): TextSheet {
  const rows = table.rows
    .filter((row, index) => !row.hidden || index <= reading.headingRow)
    .map((row) => ({
      ...row,
      cells: reading.columns.map(({ role }, column) => cellAt(row, column, role)),
    }));
  const named = new Set<Skipped>(table.skipped ?? []);
  return {
    name: table.name,
    text: tabbed({ ...table, rows }),
    left: roster.skipped.filter((one) => one.reason === 'hidden' || named.has(one)),
  };
}

function tabbed({ rows }: Table): string {
  const cell = (text: string): string =>
    /[\t\r\n]|^"/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
  return rows.map(({ cells }) => cells.map(cell).join('\t')).join('\n');
}
