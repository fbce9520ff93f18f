import { unaccounted } from './account';
import { partNames, unpack } from '../archiveIn';
import { checkPeople } from './check';
import { asCode, beginsAsCode, beginsAsYaml, fromYaml } from './code';
import { decode, looksBinary, unmixed, type Encoding } from './decode';
import { hasContent } from './delimited';
import { withLetters } from './entities';
import { otherArchive, otherKind, otherText } from './fileKinds';
import { fitOf } from './fit';
import { roleOfHeading } from './headings';
import { jsonTables } from './json';
import { isListTitle, kindOfLine } from './lineKinds';
import { isOneRoster, oneRosterTables } from './oneRoster';
import { looksLikeWholeName } from './names';
import { contentTables, isFlatDocument, openDocumentTables } from './openDocument';
import { readPeople } from './people';
import { proposeReading } from './reading';
import { readYesNo } from './readValue';
import { framed, withFrame } from './shapes/frame';
import { namesTable } from './shapes/names';
import { GRIDS, SHAPES, type ShapeId } from './shapes/list';
import {
  MOST_BYTES,
  MOST_ROWS,
  type ColumnRole,
  type Reading,
  type Roster,
  type RosterError,
  type RosterWarning,
  type Row,
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
  /** How a text is laid out, taken at its word where it can be read so. */
  readonly shape?: ShapeId;
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
      /** How the text was laid out, and how else it could be read; null and none for what says so itself. */
      readonly shape: ShapeId | null;
      readonly shapes: readonly ShapeId[];
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
  return tables.ok ? readTables(tables, options) : tables;
}

/** Reads pasted text in the same way. */
export function readRosterText(
  text: string,
  options: Pick<ReadOptions, 'columnName' | 'shape'> = {},
): ReadRoster {
  const tables = textTables(unmixed(text.replace(/^\ufeff/, '')), options.shape);
  return tables.ok ? readTables(tables, options) : tables;
}

type ShapedTables =
  | Extract<Tables, { ok: false }>
  | (Extract<Tables, { ok: true }> & {
      readonly shape?: ShapeId;
      readonly shapes?: readonly ShapeId[];
      /** Whether letters of the file look wrong. */
      readonly doubtful?: boolean;
    });

/** Reads a table as a reading says, the proposed one or one that the teacher has changed. */
export function readTable(table: Table, reading: Reading): Roster {
  const roster = checkPeople(readPeople(table, reading), reading);
  const lost = unaccounted(table, reading, roster);
  const rows = new Set([...roster.students, ...roster.staff].map(({ row }) => row));
  const asked = new Set<string>();
  const isFirst = ({ row, name }: RosterWarning): boolean =>
    asked.size < asked.add(`${row} ${name}`).size;
  return {
    ...roster,
    skipped:
      lost.length === 0
        ? roster.skipped
        : [...roster.skipped, ...lost].sort((a, b) => a.row - b.row),
    // Whether somebody is a student is no question where nobody is left on the row.
    warnings: roster.warnings.filter(
      (one) => one.kind !== 'doubtfulName' || (rows.has(one.row) && isFirst(one)),
    ),
  };
}

/** First bytes of what is no text: a zip, an OLE compound file (old or protected workbooks). */
const ZIP = [0x50, 0x4b];
const COMPOUND = [0xd0, 0xcf, 0x11, 0xe0];

async function tablesOf(bytes: Uint8Array, options: ReadOptions): Promise<ShapedTables> {
  const begins = (signature: readonly number[]): boolean =>
    signature.every((byte, i) => bytes[i] === byte);
  const other = otherKind(bytes);
  if (other) return { ok: false, error: other };
  if (begins(COMPOUND)) return { ok: false, error: compoundError(bytes) };
  if (begins(ZIP)) return zipTables(bytes, options);
  const { text, doubtful } = decode(bytes, options.encoding);
  if (looksBinary(text)) return { ok: false, error: { code: 'binary' } };
  if (isFlatDocument(text)) return contentTables(bytes);
  const tables = textTables(text, options.shape);
  return tables.ok ? { ...tables, doubtful } : tables;
}

/** A protected workbook is a compound file with an encrypted package in it (MS-OFFCRYPTO). */
function compoundError(bytes: Uint8Array): RosterError {
  const text = new TextDecoder('utf-16le').decode(
    bytes.subarray(0, bytes.length - (bytes.length % 2)),
  );
  if (text.includes('WordDocument') || text.includes('PowerPoint'))
    return { code: 'otherKind', kind: 'document' };
  return { code: text.includes('EncryptedPackage') ? 'protected' : 'oldWorkbook' };
}

function zipTables(bytes: Uint8Array, options: ReadOptions): ShapedTables | Promise<ShapedTables> {
  const names = partNames(bytes);
  if (!names) return { ok: false, error: { code: 'damaged', what: 'zip' } };
  if (isOneRoster(names)) return oneRosterTables(bytes, options.classes);
  const binary = names.some((name) => /^xl\/.*\.bin$/.test(name) && !/printer/i.test(name));
  if (!binary && names.some((name) => name.startsWith('xl/'))) return workbookTables(bytes);
  if (isOpenDocument(bytes, names)) return openDocumentTables(bytes);
  return packedLists(bytes, names, options) ?? { ok: false, error: otherArchive(names) };
}

/** The lists packed into an archive, each as a sheet of the name of its file; null where it holds something else. */
function packedLists(
  bytes: Uint8Array,
  names: readonly string[],
  options: ReadOptions,
): ShapedTables | Promise<ShapedTables> | null {
  const files = names.filter((name) => !/\/$|^__MACOSX\/|(?:^|\/)\.[^/]*$/.test(name));
  const [only, ...more] = files;
  const packed = more.length === 0 && /\.(?:xlsx|ods)$/i.test(only ?? '');
  if (
    !packed &&
    (files.length === 0 || !files.every((name) => /\.(?:csv|tsv|txt|vcf)$/i.test(name)))
  )
    return null;
  const archive = unpack(bytes, (name) => files.includes(name));
  if (!archive.ok) return archive;
  if (packed) return tablesOf(archive.parts[only ?? ''] ?? new Uint8Array(), options);
  const read = files.map((name) => {
    const { text, doubtful } = decode(archive.parts[name] ?? new Uint8Array(), options.encoding);
    const called = name.replace(/^.*\//, '').replace(/\.[^.]*$/, '');
    return { called, doubtful, tables: textTables(text, options.shape) };
  });
  const lists = read.flatMap(({ called, tables, doubtful }) =>
    tables.ok ? [{ ...tables, called, doubtful }] : [],
  );
  const [first] = lists;
  if (!first) return read[0]?.tables ?? null;
  return {
    ...first,
    tables: lists.flatMap(({ tables, called: name }) => tables.map((one) => ({ ...one, name }))),
    doubtful: lists.some(({ doubtful }) => doubtful),
  };
}

/** An OpenDocument archive says first what it is; a spreadsheet, where it does. */
function isOpenDocument(bytes: Uint8Array, names: readonly string[]): boolean {
  const begin = String.fromCharCode(...bytes.subarray(0, 120));
  const said = /mimetypeapplication\/vnd\.oasis\.opendocument\.([a-z]+)/.exec(begin)?.[1];
  return names.includes('content.xml') && (said === undefined || said === 'spreadsheet');
}

/** A text without the lines around it is read, and those are named beside what was found. */
function textTables(given: string, shape?: ShapeId): ShapedTables {
  const frame = framed(given);
  const read = bodyTables(frame.body, shape);
  if (!read.ok) return read;
  const [first, ...others] = read.tables;
  return first ? { ...read, tables: [withFrame(first, frame), ...others] } : read;
}

function bodyTables(text: string, shape?: ShapeId): ShapedTables {
  const begin = text.trimStart();
  if (begin === '') return { ok: false, error: { code: 'empty' } };
  const other = otherText(begin);
  if (other) return { ok: false, error: other };
  if (/^BEGIN:VCARD/i.test(begin)) return { ok: true, tables: [vcardTable(text)] };
  if (beginsAsCode(begin)) {
    const tables = jsonTables(begin);
    const damaged = !tables.ok && tables.error.code === 'damaged';
    const code = damaged ? asCode(begin) : null;
    // What begins so and is neither may still be a list with brackets before names.
    if (code) return jsonTables(code.json, code.called);
    if (tables.ok || /^(\{|\[\s*(?:[[{"]|\]\s*$))/.test(begin)) return tables;
  }
  const yaml = beginsAsYaml(begin) ? fromYaml(begin) : null;
  if (yaml) return jsonTables(yaml.json, yaml.called);
  const shaped = bestShape(unwrapped(withLetters(text)), shape);
  return shaped ? { ok: true, ...shaped } : { ok: false, error: { code: 'nobody' } };
}

/** `"Name,Class"` on every line, as a sheet writes rows that were pasted into one column: the rows without those quotes. */
function unwrapped(text: string): string {
  const filled = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  const wrapped =
    filled.length > 1 && filled.every((line) => /^\s*"[^"]*[,;\t][^"]*"\s*$/.test(line));
  if (wrapped) return text.replace(/"/g, '');
  // "[Amira Haddad, Bram Visser]" on a line of its own.
  const bracketed = filled.length === 1 && /^\s*\[[^[\]]*\]\s*$/.test(text);
  return bracketed && text.includes(',') ? text.replace(/[[\]]/g, '') : text;
}

/** The shape that fits a text best, or the one asked for where the text can be read so. */
function bestShape(text: string, asked: ShapeId | undefined) {
  const sample = firstLines(text);
  const found = SHAPES.flatMap(({ id, read }): Shaped[] => {
    const table = read(sample);
    return table ? [{ id, table, from: id }, ...(HELD.has(id) ? [] : gridsOf(table, id))] : [];
  });
  const shapes = [...new Set(found.map(({ id }) => id))];
  const told = found.some(({ id, table }) => id === 'comma' && tellsOfNames(table));
  const allowed =
    asked !== undefined && shapes.includes(asked)
      ? found.filter(({ id }) => id === asked)
      : found.filter((one) => !isOnlyAName(sample, one, found) && !(told && one.id === 'names'));
  const best = bestOf(allowed);
  if (!best) return undefined;
  const { id: shape, table } = sample === text ? best : whole(text, best);
  return { tables: [table], shape, shapes };
}

/** Lines that are read in every shape to find the best; the whole text is then read in that one alone. */
const SAMPLE_LINES = 120;

function firstLines(text: string): string {
  const ends = /\r\n|\r|\n/g;
  for (let line = 0; line < SAMPLE_LINES; line++) if (!ends.exec(text)) return text;
  return text.slice(0, ends.lastIndex);
}

/** The whole text in the shape that fitted its beginning; what further on is not of that shape is read as names. */
function whole(text: string, { id, from }: Shaped): Pick<Shaped, 'id' | 'table'> {
  const table = SHAPES.find((shape) => shape.id === from)?.read(text);
  if (!table) return { id: 'names', table: namesTable(text) };
  const turned = GRIDS.find((grid) => grid.id === id)?.read(table);
  return turned ? { id, table: turned } : { id: from, table };
}

interface Shaped {
  readonly id: ShapeId;
  readonly table: Table;
  /** The shape whose table was turned; its own where none was. */
  readonly from: ShapeId;
}

/** Shapes that have one student a row already. */
const HELD: ReadonlySet<ShapeId> = new Set(['names', 'cards']);

/** A table that holds several students in a row, turned. */
function gridsOf(table: Table, from: ShapeId): readonly Shaped[] {
  return GRIDS.flatMap(({ id, read }): Shaped[] => {
    const turned = read(table);
    return turned ? [{ id, table: turned, from }] : [];
  });
}

/** The best fit; of equals the first. */
function bestOf(found: readonly Shaped[]): Shaped | undefined {
  if (found.length < 2) return found[0];
  const rated = found.map((one) => ({ one, fit: fitOf(one.table) }));
  return rated.reduce((best, other) => (other.fit > best.fit + 1e-9 ? other : best)).one;
}

/** "Haddad, Amira" on every line: the comma parts a name, and no columns; on a single line signs part people. */
function isOnlyAName(text: string, { id, table, from }: Shaped, found: readonly Shaped[]): boolean {
  if (from !== id) return found.some((one) => one.id === from && isOnlyAName(text, one, found));
  if (id !== 'comma' && id !== 'semicolon' && id !== 'bar') return false;
  const single = !/[\r\n]\s*\S/.test(text.trimStart());
  return single || (id === 'comma' && !tellsOfNames(table) && isFamilyCommaGiven(table));
}

const PARTS_OF_NAMES: ReadonlySet<ColumnRole> = new Set(['givenName', 'familyName']);

/** "yes, Amira Haddad", "Amira Haddad, 70%": shares, marks or answers on one side of whole names, and no name turned round. */
function tellsOfNames({ rows }: Table): boolean {
  const filled = rows.filter(hasContent);
  const [before, behind] = [0, 1].map((side) =>
    filled.map(({ cells }) => (cells[side] ?? '').trim()),
  );
  const tells = (told: readonly string[] = [], names: readonly string[] = []): boolean => {
    const said = told.filter((cell) => cell !== '');
    return (
      said.length > 1 &&
      said.every((cell) => /^\p{L}$|^\d{1,3}%$/u.test(cell) || readYesNo(cell) !== null) &&
      names.every(looksLikeWholeName)
    );
  };
  return (
    filled.every(({ cells }) => cells.length <= 2) &&
    (tells(before, behind) || tells(behind, before))
  );
}

/** Two cells, the second after a space, and no heading over them. */
function isFamilyCommaGiven({ rows }: Table): boolean {
  const filled = rows.filter(hasContent).map((row) => ({
    ...row,
    // A comma at the end of every line parts nothing.
    cells: row.cells.slice(0, row.cells.findLastIndex((cell) => cell.trim() !== '') + 1),
  }));
  // "Name , Level" is a heading of two columns, and "Name, Vorname" one of names turned round.
  const roles = (filled[0]?.cells ?? []).map(roleOfHeading);
  if (roles.includes('fullName') && !roles.some((role) => role && PARTS_OF_NAMES.has(role)))
    return false;
  const spaced = filled.filter(({ cells }) => cells.length === 2 && /^\s+\S/.test(cells[1] ?? ''));
  const others = filled.filter(
    (row) => !spaced.includes(row) && !/^\p{Lu}$/u.test(row.cells.join('').trim()),
  );
  const said = ({ cells }: Row): boolean => {
    const line = cells.join(',');
    return kindOfLine(line) !== null || isListTitle(line);
  };
  // A line or two may be a title, a total, or a name written the other way round.
  return (
    spaced.length > others.filter((row) => !said(row)).length &&
    others.every(({ cells }) => cells.length === 1) &&
    !filled.some(({ cells }) => cells.join('').includes('"'))
  );
}

/** A sheet that holds several students in a row, turned; a text is turned already where it is to be. */
function turned(table: Table, shape: ShapeId | null): Table {
  if (shape !== null) return table;
  const inCells = listInCells(table);
  if (inCells) return inCells;
  return bestOf([{ id: 'tab', table, from: 'tab' }, ...gridsOf(table, 'tab')])?.table ?? table;
}

/** A sheet of one column without a heading is a list, each row a line of it, or several in a cell; null for other tables. */
function listInCells({ name, rows, skipped = [] }: Table): Table | null {
  const filled = rows.map(({ cells }) => cells.filter((cell) => cell.trim() !== ''));
  const cells = filled.flat();
  const [begin = 0, last = 0] = [rows[0]?.line, rows.at(-1)?.line];
  const broken = cells.some((cell) => /\S\s*[\r\n]+\s*\S/.test(cell));
  const headed = !broken && roleOfHeading(cells[0] ?? '') !== null;
  if (filled.some(({ length }) => length > 1) || rows.some(({ hidden }) => hidden)) return null;
  if (headed || begin < 1 || last > MOST_ROWS) return null;
  const lines = Array.from({ length: last }, () => '');
  rows.forEach(({ line }, at) => (lines[line - 1] = filled[at]?.[0]?.trim() ?? ''));
  const read = textTables((broken ? cells : lines).join('\n'));
  const [first] = read.ok ? read.tables : [];
  return first ? { ...first, name, skipped: [...skipped, ...(first.skipped ?? [])] } : null;
}

function readTables(
  { tables, shape, shapes = [], doubtful = false }: Extract<ShapedTables, { ok: true }>,
  { sheet, columnName }: Pick<ReadOptions, 'sheet' | 'columnName'>,
): ReadRoster {
  const sheets = tables.map(({ name }) => name);
  const chosen = sheet === undefined ? tables : tables.filter(({ name }) => name === sheet);
  if (chosen.length === 0 && tables.length > 0)
    return { ok: false, error: { code: 'noSuchSheet', sheets } };
  if (chosen.some(({ rows }) => rows.filter(hasContent).length > MOST_ROWS + 1)) {
    return { ok: false, error: { code: 'tooManyRows', most: MOST_ROWS } };
  }
  const read = chosen.map((given) => {
    const table = turned(given, shape ?? null);
    const reading = proposeReading(table, undefined, columnName);
    return { table, reading, roster: readTable(table, reading) };
  });
  const [best, ...others] = read.sort(
    (a, b) => b.roster.students.length - a.roster.students.length,
  );
  if (!best || (best.roster.students.length === 0 && best.roster.skipped.length === 0)) {
    return {
      ok: false,
      error: { code: tables.some(({ rows }) => rows.some(hasContent)) ? 'nobody' : 'empty' },
    };
  }
  const unread = others.filter(({ roster }) => roster.students.length > 0);
  const warnings = [
    ...(doubtful ? [aboutFile('wrongLetters', '', '')] : []),
    ...unread.map(({ table: { name }, roster }) =>
      aboutFile('otherSheet', name, String(roster.students.length)),
    ),
  ];
  const roster = { ...best.roster, warnings: [...warnings, ...best.roster.warnings] };
  return { ok: true, ...best, roster, sheets, shape: shape ?? null, shapes };
}

/** A doubt about the whole file stands on no row. */
function aboutFile(kind: RosterWarning['kind'], name: string, given: string): RosterWarning {
  return { kind, row: 0, name, given, likely: '' };
}
