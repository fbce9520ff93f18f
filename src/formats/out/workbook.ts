import { unzipSync } from 'fflate';
import writeWorkbook from 'write-excel-file/universal';
import { archive, type FileIn } from './archive';
import { byName, tableOf, usualColumns, type Table } from './table';
import type { OutAsk, Written } from './wayOut';

/** A workbook with a sheet by group and one by name: every cell text, a frozen heading, the groups' colours. */
export async function workbook(ask: OutAsk): Promise<Written> {
  const usual = usualColumns('xlsx', ask.lineup);
  const byGroup = tableOf(ask, usual);
  const more = usual.filter((column) => column !== 'group' && column !== 'name');
  const sorted = tableOf(ask, ['name', 'group', ...more], { sort: byName(ask.words) });
  const signs = ask.lineup.groups.flatMap(({ sign, members }) => members.map(() => sign));
  return written([
    sheetOf(byGroup, ask.words.sheets.byGroup, signs),
    sheetOf(sorted, ask.words.sheets.byName, null),
  ]);
}

/** A workbook of plain sheets: every cell text, but figures where a cell is one. */
export function plainWorkbook(
  sheets: readonly {
    readonly name: string;
    readonly heading: readonly string[];
    readonly rows: readonly (readonly (string | number)[])[];
  }[],
): Promise<Written> {
  return written(
    sheets.map(({ name, heading, rows }) => {
      const texts = rows.map((row) => row.map(String));
      const { data, ...sheet } = sheetOf({ columns: [], heading, rows: texts }, name, null);
      const figures = rows.map((row) =>
        row.map((value) => ({ value, type: typeof value === 'number' ? Number : String })),
      );
      return { ...sheet, data: [data[0] ?? [], ...figures] };
    }),
  );
}

async function written(sheets: readonly object[]): Promise<Written> {
  const blob = await writeWorkbook(sheets as Parameters<typeof writeWorkbook>[0]).toBlob();
  const content = withoutClock(new Uint8Array(await blob.arrayBuffer()));
  const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
  return { ok: true, end: 'xlsx', type, content };
}

/** Light grounds, one for each of the eight signs, on which black type is read. */
const GROUNDS = [
  ...['#DCEBDD', '#D9E6F2', '#F6E3CC', '#EBDBEA'],
  ...['#D3ECE8', '#F1EBC8', '#F5D9D2', '#E2E0F0'],
];

function sheetOf(
  { columns, heading, rows }: Table,
  sheet: string,
  signs: readonly number[] | null,
) {
  const ground = (row: number): object => {
    const sign = signs?.[row];
    return sign === undefined ? {} : { backgroundColor: GROUNDS[sign % GROUNDS.length] };
  };
  return {
    sheet,
    stickyRowsCount: 1,
    columns: heading.map((_, i) => ({
      width: widthOf([heading[i] ?? '', ...rows.map((row) => row[i] ?? '')]),
    })),
    data: [
      heading.map((value) => ({ value, type: String, fontWeight: 'bold' as const })),
      ...rows.map((row, at) =>
        row.map((value, i) => ({
          value,
          type: String,
          ...(columns[i] === 'group' ? ground(at) : {}),
        })),
      ),
    ],
  };
}

/** Characters; wide enough for most, never a whole screen. */
function widthOf(texts: readonly string[]): number {
  return Math.min(60, Math.max(8, ...texts.map((text) => Array.from(text).length + 2)));
}

/** The package writes the moment into the properties and into every entry of the zip. */
function withoutClock(workbook: Uint8Array): Uint8Array {
  const parts = Object.entries(unzipSync(workbook));
  const files = parts.map(([name, bytes]): FileIn => {
    if (name !== 'docProps/core.xml') return [name, bytes];
    const text = new TextDecoder().decode(bytes);
    const plain = text.replace(/<dcterms:(created|modified)\b[^>]*>[^<]*<\/dcterms:\1>/g, '');
    return [name, new TextEncoder().encode(plain)];
  });
  return archive(files);
}
