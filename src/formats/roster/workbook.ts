import { unpack } from '../archiveIn';
import { tablesOfSheets, type Joined, type Sheet, type SheetCell } from './sheet';
import type { RosterError, Table } from './types';
import { readXml } from './xml';

export type Tables =
  | { readonly ok: true; readonly tables: readonly Table[] }
  | { readonly ok: false; readonly error: RosterError };

type Parts = Readonly<Record<string, Uint8Array>>;

/** The sheets of an Office Open XML workbook (ECMA-376) as tables; rows keep their numbers. */
export async function workbookTables(bytes: Uint8Array): Promise<Tables> {
  const archive = unpack(
    bytes,
    (name) => /^xl\/(.*\.xml|_rels\/.*)$/.test(name) && !/drawing|theme|media/.test(name),
  );
  if (!archive.ok) return archive;
  try {
    return { ok: true, tables: tablesOfSheets(await sheetsOf(archive.parts)) };
  } catch {
    return { ok: false, error: { code: 'damaged', what: 'workbook' } };
  }
}

interface Book {
  readonly shared: readonly string[];
  readonly formats: readonly string[];
  readonly since1904: boolean;
}

async function sheetsOf(parts: Parts): Promise<readonly Sheet[]> {
  const target = new Map<string, string>();
  await readPart(parts, 'xl/_rels/workbook.xml.rels', {
    open: (name, get) => {
      if (name === 'Relationship')
        target.set(get('Id'), get('Target').replace(/^\/?(xl\/)?/, 'xl/'));
    },
  });
  const listed: { name: string; path: string; hidden: boolean }[] = [];
  let since1904 = false;
  const workbook = parts['xl/workbook.xml'];
  if (!workbook) throw new Error('no workbook');
  await readXml(workbook, {
    open: (name, get) => {
      if (name === 'workbookPr') since1904 = /^(1|true)$/.test(get('date1904'));
      if (name === 'sheet') {
        const path = target.get(get('id')) ?? `xl/worksheets/sheet${listed.length + 1}.xml`;
        listed.push({ name: get('name'), path, hidden: /hidden/i.test(get('state')) });
      }
    },
  });
  const book: Book = {
    shared: await sharedTexts(parts),
    formats: await formatsOf(parts),
    since1904,
  };
  const sheets: Sheet[] = [];
  for (const { name, path, hidden } of listed) {
    // Charts are sheets without cells.
    const part = path.includes('worksheets/') ? parts[path] : undefined;
    if (part) sheets.push({ name, hidden, ...(await cellsOf(part, book)) });
  }
  return sheets;
}

async function readPart(
  parts: Parts,
  name: string,
  listener: Parameters<typeof readXml>[1],
): Promise<void> {
  const part = parts[name];
  if (part) await readXml(part, listener);
}

/** Texts that cells refer to by number, without the readings printed above them. */
async function sharedTexts(parts: Parts): Promise<readonly string[]> {
  const texts: string[] = [];
  let [inText, above] = [false, 0];
  await readPart(parts, 'xl/sharedStrings.xml', {
    open: (name) => {
      if (name === 'si') texts.push('');
      if (name === 'rPh') above++;
      inText = name === 't' && above === 0;
    },
    text: (text) => {
      if (inText) texts.push((texts.pop() ?? '') + text);
    },
    close: (name) => {
      if (name === 'rPh') above--;
      if (name === 't') inText = false;
    },
  });
  return texts;
}

/** Style of a cell → the code of its number format (ECMA-376 part 1, 18.8.30). */
async function formatsOf(parts: Parts): Promise<readonly string[]> {
  const codes = new Map<string, string>([
    ['9', '0%'],
    ['10', '0.00%'],
    ...[14, 15, 16, 17, 22, 27, 30, 36, 50, 57].map((id): [string, string] => [
      String(id),
      'yyyy-mm-dd',
    ]),
    ...[18, 19, 20, 21, 45, 46, 47].map((id): [string, string] => [String(id), 'hh:mm']),
  ]);
  const formats: string[] = [];
  let inCells = false;
  await readPart(parts, 'xl/styles.xml', {
    open: (name, get) => {
      if (name === 'numFmt') codes.set(get('numFmtId'), get('formatCode'));
      if (name === 'cellXfs') inCells = true;
      if (name === 'xf' && inCells) formats.push(codes.get(get('numFmtId')) ?? '');
    },
    close: (name) => {
      if (name === 'cellXfs') inCells = false;
    },
  });
  return formats;
}

async function cellsOf(
  part: Uint8Array,
  book: Book,
): Promise<Pick<Sheet, 'cells' | 'hiddenRows' | 'joined'>> {
  const cells: SheetCell[] = [];
  const hiddenRows = new Set<number>();
  const joined: Joined[] = [];
  let [row, column, kind, style] = [0, -1, '', 0];
  let [value, reading, above] = ['', false, 0];
  await readXml(part, {
    open: (name, get) => {
      if (name === 'row') {
        row = Number(get('r')) || row + 1;
        column = -1;
        if (/^(1|true)$/.test(get('hidden'))) hiddenRows.add(row);
      } else if (name === 'c') {
        const place = placeOf(get('r'));
        column = place ? place.column : column + 1;
        [kind, style, value] = [get('t'), Number(get('s')) || 0, ''];
      } else if (name === 'rPh') above++;
      else if (name === 'mergeCell') joined.push(...joinedOf(get('ref')));
      reading = name === 'v' || (name === 't' && above === 0);
    },
    text: (text) => {
      if (reading) value += text;
    },
    close: (name) => {
      if (name === 'rPh') above--;
      if (name === 'v' || name === 't') reading = false;
      if (name === 'c' && value !== '') {
        cells.push({ row, column, text: textOf(value, kind, book.formats[style] ?? '', book) });
      }
    },
  });
  return { cells, hiddenRows, joined };
}

function placeOf(reference: string): { readonly row: number; readonly column: number } | null {
  const [, letters, figures] = /^\$?([A-Z]{1,3})\$?(\d+)$/.exec(reference) ?? [];
  if (letters === undefined || figures === undefined) return null;
  const column = Array.from(letters).reduce(
    (sum, letter) => sum * 26 + letter.charCodeAt(0) - 64,
    0,
  );
  return { row: Number(figures), column: column - 1 };
}

function joinedOf(reference: string): readonly Joined[] {
  const [from, to] = reference.split(':').map(placeOf);
  return from && to && to.row > from.row
    ? [{ row: from.row, column: from.column, rows: to.row - from.row + 1 }]
    : [];
}

/** Signs that XML cannot hold stand as _x000D_ (ECMA-376 part 1, 22.9.2.19). */
const withSigns = (text: string): string =>
  text.replace(/_x([0-9A-F]{4})_/gi, (_, code: string) => String.fromCharCode(parseInt(code, 16)));

/** A cell as the sheet shows it: dates as 2026-09-01, shares as 85%, numbers kept with zeros before them as such. */
function textOf(value: string, kind: string, format: string, book: Book): string {
  if (kind === 's') return withSigns(book.shared[Number(value)] ?? '');
  if (kind === 'b') return value === '1' ? 'yes' : 'no';
  if (kind === 'd') return value.slice(0, 10);
  const number = Number(value);
  if (kind === 'str' || kind === 'inlineStr' || kind === 'e' || !Number.isFinite(number))
    return withSigns(value);
  // What binary numbers add beyond fifteen figures was never typed.
  const plain = String(Number(number.toPrecision(15)));
  const code = format.replace(/"[^"]*"|\[[^\]]*\]|\\./g, '');
  if (/^0{2,}$/.test(code)) return plain.padStart(code.length, '0');
  if (code.includes('%')) return `${Number((number * 100).toPrecision(12))}%`;
  return /[ymdhs]/i.test(code) && !/general/i.test(code)
    ? dateText(number, /[yd]/i.test(code), book)
    : plain;
}

const DAY_S = 86_400;

/** Days since the end of 1899, or of 1903 where the workbook counts so (ECMA-376 part 1, 18.17.4). */
function dateText(days: number, isDay: boolean, { since1904 }: Book): string {
  const from = since1904 ? Date.UTC(1904, 0, 1) : Date.UTC(1899, 11, 30);
  // A second is the least that is typed; a third of a day is a little less than eight o'clock.
  const time = from + Math.round(days * DAY_S) * 1000;
  if (!Number.isFinite(time) || Math.abs(time) > 8.64e15) return String(days);
  const iso = new Date(time).toISOString();
  return isDay ? iso.slice(0, 10) : iso.slice(11, 16);
}
