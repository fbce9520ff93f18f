import { partNames } from './archive';
import { checkPeople } from './check';
import { decode, looksBinary, type Encoding } from './decode';
import { detectDelimiter, hasContent, parseDelimited } from './delimited';
import { jsonTables } from './json';
import { isAddressList, isBulleted, listTable } from './lists';
import { isOneRoster, oneRosterTables } from './oneRoster';
import { readPeople } from './people';
import { proposeReading } from './reading';
import {
  MOST_BYTES,
  MOST_ROWS,
  type Reading,
  type Roster,
  type RosterError,
  type Table,
} from './types';
import { vcardTable } from './vcard';
import { workbookTables, type Tables } from './workbook';

export interface ReadOptions {
  /** Taken at its word in place of the detected one. */
  readonly encoding?: Encoding;
  /** Name of the sheet to read; the one with most students where it is left out. */
  readonly sheet?: string;
  /** Titles of the classes to keep, where a file holds several. */
  readonly classes?: readonly string[];
  /** How a column without a heading is called, {} standing for its number. */
  readonly columnName?: string;
}

export type ReadRoster =
  | {
      readonly ok: true;
      readonly roster: Roster;
      readonly table: Table;
      readonly reading: Reading;
      readonly sheets: readonly string[];
    }
  | { readonly ok: false; readonly error: RosterError };

/** Reads any class list from a file's bytes: what it is is told by its content, never by its name. */
export async function readRosterFile(
  bytes: Uint8Array,
  options: ReadOptions = {},
): Promise<ReadRoster> {
  if (bytes.length > MOST_BYTES) {
    return { ok: false, error: { code: 'tooLarge', bytes: bytes.length, most: MOST_BYTES } };
  }
  const tables = await tablesOf(bytes, options);
  return tables.ok ? readTables(tables.tables, options) : tables;
}

/** Reads pasted text in the same way. */
export function readRosterText(
  text: string,
  options: Pick<ReadOptions, 'columnName'> = {},
): ReadRoster {
  const tables = textTables(text);
  return tables.ok ? readTables(tables.tables, options) : tables;
}

/** Reads a table as a reading says, the proposed one or one that the teacher has changed. */
export function readTable(table: Table, reading: Reading): Roster {
  return checkPeople(readPeople(table, reading), reading);
}

/** First bytes of what is no text: a zip, an OLE compound file (old or protected workbooks). */
const ZIP = [0x50, 0x4b];
const COMPOUND = [0xd0, 0xcf, 0x11, 0xe0];

async function tablesOf(bytes: Uint8Array, options: ReadOptions): Promise<Tables> {
  const begins = (signature: readonly number[]): boolean =>
    signature.every((byte, i) => bytes[i] === byte);
  if (begins(COMPOUND)) return { ok: false, error: compoundError(bytes) };
  if (begins(ZIP)) return zipTables(bytes, options);
  const { text } = decode(bytes, options.encoding);
  return looksBinary(text) ? { ok: false, error: { code: 'binary' } } : textTables(text);
}

/** A protected workbook is a compound file with an encrypted package in it (MS-OFFCRYPTO). */
function compoundError(bytes: Uint8Array): RosterError {
  const text = new TextDecoder('utf-16le').decode(
    bytes.subarray(0, bytes.length - (bytes.length % 2)),
  );
  return { code: text.includes('EncryptedPackage') ? 'protected' : 'oldWorkbook' };
}

function zipTables(bytes: Uint8Array, options: ReadOptions): Tables | Promise<Tables> {
  const names = partNames(bytes);
  if (!names) return { ok: false, error: { code: 'damaged', what: 'zip' } };
  if (isOneRoster(names)) return oneRosterTables(bytes, options.classes);
  if (names.some((name) => name.startsWith('xl/'))) return workbookTables(bytes);
  return { ok: false, error: { code: 'unknownZip' } };
}

function textTables(text: string): Tables {
  const begin = text.trimStart();
  if (begin === '') return { ok: false, error: { code: 'empty' } };
  if (/^BEGIN:VCARD/i.test(begin)) return { ok: true, tables: [vcardTable(text)] };
  if (/^(\{|\[\s*[[{"\]])/.test(begin)) return jsonTables(begin);
  if (isAddressList(text)) return { ok: true, tables: [listTable(text)] };
  return { ok: true, tables: [rowsTable(text)] };
}

/** Delimited rows, or a list of names where no delimiter parts them or the comma only parts a name. */
function rowsTable(text: string): Table {
  const announced = /^sep=(.)\r?\n/i.exec(text);
  const body = announced ? text.replace(/^sep=.\r?(?=\n)/i, '') : text;
  const delimiter = announced?.[1] === ';' ? ';' : detectDelimiter(body);
  // A single line is one student's cells where tabs part it, else several names.
  const single = !/[\r\n]\s*\S/.test(body.trimStart());
  if (delimiter === null || (single && delimiter !== '\t')) return listTable(text);
  const table: Table = {
    name: '',
    rows: parseDelimited(body, delimiter),
    commaIsDecimal: delimiter === ';',
  };
  const isList = delimiter === ',' && (isBulleted(body) || isFamilyCommaGiven(table));
  return isList ? listTable(text) : table;
}

/** "Haddad, Amira" on every line: two cells, the second after a space, and no heading over them. */
function isFamilyCommaGiven({ rows }: Table): boolean {
  const filled = rows.filter(hasContent);
  const spaced = filled.filter(({ cells }) => cells.length === 2 && /^\s+\S/.test(cells[1] ?? ''));
  const others = filled.filter((row) => !spaced.includes(row));
  // A line or two may be a title, a total, or a name written the other way round.
  return (
    spaced.length > others.length &&
    others.every(({ cells }) => cells.length === 1) &&
    !filled.some(({ cells }) => cells.join('').includes('"'))
  );
}

function readTables(
  tables: readonly Table[],
  { sheet, columnName }: Pick<ReadOptions, 'sheet' | 'columnName'>,
): ReadRoster {
  const sheets = tables.map(({ name }) => name);
  const chosen = sheet === undefined ? tables : tables.filter(({ name }) => name === sheet);
  if (chosen.some(({ rows }) => rows.filter(hasContent).length > MOST_ROWS + 1)) {
    return { ok: false, error: { code: 'tooManyRows', most: MOST_ROWS } };
  }
  const read = chosen.map((table) => {
    const reading = proposeReading(table, undefined, columnName);
    return { table, reading, roster: readTable(table, reading) };
  });
  const [best] = read.sort((a, b) => b.roster.students.length - a.roster.students.length);
  if (!best || (best.roster.students.length === 0 && best.roster.skipped.length === 0)) {
    return {
      ok: false,
      error: { code: tables.some(({ rows }) => rows.some(hasContent)) ? 'nobody' : 'empty' },
    };
  }
  return { ok: true, ...best, sheets };
}
