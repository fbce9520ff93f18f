import { unpack } from '../archiveIn';
import { tablesOfSheets, type Joined, type SheetCell } from './sheet';
import type { Tables } from './workbook';
import { readXml } from './xml';

/** A cell said to be repeated beyond this is a filler. */
const MOST_REPEATED = 400;
/** Rows said to be repeated with the same content beyond this are one too many to be a list. */
const MOST_ROWS_REPEATED = 200;

interface Building {
  readonly name: string;
  readonly hidden: boolean;
  readonly cells: SheetCell[];
  readonly hiddenRows: Set<number>;
  readonly joined: Joined[];
}

/** The sheets of an OpenDocument spreadsheet (ISO/IEC 26300) as tables; rows keep their numbers. */
export async function openDocumentTables(bytes: Uint8Array): Promise<Tables> {
  const archive = unpack(bytes, (name) => name === 'content.xml');
  if (!archive.ok) return archive;
  const content = archive.parts['content.xml'];
  if (!content) return { ok: false, error: { code: 'damaged', what: 'workbook' } };
  return contentTables(content);
}

/** Whether a text is an OpenDocument spreadsheet in one file, not packed. */
export function isFlatDocument(text: string): boolean {
  return /^\s*<\?xml[^>]*>[^<]*(?:<!--[\s\S]*?-->\s*)?<office:document\b[^>]*opendocument\.spreadsheet/.test(
    text.slice(0, 20_000),
  );
}

/** The sheets of such a file, or of the part of a packed one that holds its cells. */
export async function contentTables(content: Uint8Array): Promise<Tables> {
  const sheets: Building[] = [];
  const hiddenStyles = new Set<string>();
  let [style, row, rowsRepeated, column, repeated, spanned] = ['', 0, 1, 0, 1, 1];
  let [kind, value, text, inCell, noted, paragraphs] = ['', '', '', false, 0, 0];
  const count = (written: string): number => Math.max(1, Number(written) || 1);
  try {
    await readXml(content, {
      open: (name, get) => {
        if (name === 'style') style = get('name');
        else if (name === 'table-properties' && get('display') === 'false') hiddenStyles.add(style);
        else if (name === 'table') {
          const hidden = hiddenStyles.has(get('style-name'));
          sheets.push({ name: get('name'), hidden, cells: [], hiddenRows: new Set(), joined: [] });
          row = 0;
        } else if (name === 'table-row') {
          [rowsRepeated, column] = [count(get('number-rows-repeated')), 0];
          row++;
          if (/collapse|filter/.test(get('visibility'))) sheets.at(-1)?.hiddenRows.add(row);
        } else if (name === 'table-cell' || name === 'covered-table-cell') {
          [repeated, spanned] = [
            count(get('number-columns-repeated')),
            count(get('number-rows-spanned')),
          ];
          kind = get('value-type');
          value = get('date-value') || get('time-value') || get('boolean-value') || get('value');
          [text, inCell, paragraphs] = ['', name === 'table-cell', 0];
        } else if (name === 'annotation') noted++;
        else if (name === 'p' && inCell && noted === 0 && paragraphs++ > 0) text += '\n';
        else if ((name === 's' || name === 'tab' || name === 'line-break') && inCell && noted === 0)
          text += ' ';
      },
      text: (part) => {
        if (inCell && noted === 0 && paragraphs > 0) text += part;
      },
      close: (name) => {
        const sheet = sheets.at(-1);
        if (name === 'annotation') noted--;
        if (name === 'table-row') row += rowsRepeated - 1;
        if (!sheet || (name !== 'table-cell' && name !== 'covered-table-cell')) return;
        const shown = shownText(kind, value, text);
        if (shown !== '') {
          for (let down = 0; down < Math.min(rowsRepeated, MOST_ROWS_REPEATED); down++) {
            for (let across = 0; across < Math.min(repeated, MOST_REPEATED); across++)
              sheet.cells.push({ row: row + down, column: column + across, text: shown });
          }
          if (spanned > 1) sheet.joined.push({ row, column, rows: spanned });
        }
        column += repeated;
        inCell = false;
      },
    });
  } catch {
    return { ok: false, error: { code: 'damaged', what: 'workbook' } };
  }
  return { ok: true, tables: tablesOfSheets(sheets) };
}

/** A cell as it is shown, but numbers and dates without the dress of the reader's country. */
function shownText(kind: string, value: string, text: string): string {
  if (kind === 'float') return /^0\d/.test(text.trim()) || value === '' ? text : value;
  if (kind === 'date') return value.slice(0, 10);
  if (kind === 'boolean') return value === 'true' ? 'yes' : 'no';
  return text;
}
