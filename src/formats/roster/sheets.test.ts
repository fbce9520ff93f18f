import { strToU8, zipSync } from 'fflate';
import { decode } from './decode';
import { openDocumentTables } from './openDocument';
import type { Table } from './types';
import { workbookTables, type Tables } from './workbook';

const zipped = (parts: Readonly<Record<string, string>>): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(text)])));

function tablesIn(read: Tables): readonly Table[] {
  if (!read.ok) throw new Error(read.error.code);
  return read.tables;
}

const cellsIn = (table: Table | undefined) => table?.rows.map(({ cells }) => cells);

describe('an OpenDocument spreadsheet', () => {
  const spreadsheet = (body: string, styles = ''): Promise<Tables> =>
    openDocumentTables(
      zipped({
        'content.xml': `<document><automatic-styles>${styles}</automatic-styles><body><spreadsheet>${body}</spreadsheet></body></document>`,
      }),
    );
  const sheet = (...rows: readonly string[]): string =>
    `<table name="Rivers">${rows.map((cells) => `<table-row>${cells}</table-row>`).join('')}</table>`;
  const cell = (shown: string, attributes = ''): string =>
    `<table-cell ${attributes}><p>${shown}</p></table-cell>`;
  const only = async (...rows: readonly string[]) =>
    cellsIn(tablesIn(await spreadsheet(sheet(...rows)))[0]);

  test('tells a number as it is, not in the dress of a country, unless zeros before it count', async () => {
    const number = (shown: string, value: string) =>
      cell(shown, `value-type="float" value="${value}"`);
    expect(
      await only(
        number('1.234,50', '1234.5') +
          number(' 00041', '41') +
          number('0,5', '0.5') +
          number('7', ''),
      ),
    ).toEqual([['1234.5', ' 00041', '0.5', '7']]);
    // A share is no plain number: it stays as it is shown.
    expect(await only(cell('85 %', 'value-type="percentage" value="0.85"'))).toEqual([['85 %']]);
  });

  test('tells dates as 2026-09-01 and ticks as yes or no', async () => {
    const date = cell('1. Sept.', 'value-type="date" date-value="2026-09-01T00:00:00"');
    const tick = (value: string) => cell('x', `value-type="boolean" boolean-value="${value}"`);
    expect(await only(date + tick('true') + tick('false'))).toEqual([['2026-09-01', 'yes', 'no']]);
  });

  test('keeps lines and gaps within a cell, and leaves out notes beside it', async () => {
    const noted =
      '<table-cell><annotation><p>Ask<s/>home</p></annotation><p>Amira<s/>Haddad</p><p>(Ami)</p></table-cell>';
    expect(await only(noted + cell('a<tab/>b<line-break/>c'))).toEqual([
      ['Amira Haddad\n(Ami)', 'a b c'],
    ]);
  });

  test('repeats what is said to be repeated, counts on past it, and reads no filler', async () => {
    const rows =
      `<table-row>${cell('x', 'number-columns-repeated="2"')}${cell('y')}</table-row>` +
      `<table-row number-rows-repeated="3">${cell('z')}<table-cell number-columns-repeated="9000"/></table-row>` +
      `<table-row><table-cell number-columns-repeated="2"/>${cell('end')}</table-row>`;
    const [table] = tablesIn(await spreadsheet(`<table name="A">${rows}</table>`));
    expect(cellsIn(table)).toEqual([['x', 'x', 'y'], ['z'], ['z'], ['z'], ['', '', 'end']]);
    expect(table?.rows.map(({ line }) => line)).toEqual([1, 2, 3, 4, 5]);
  });

  test('marks hidden and filtered rows, and leaves hidden sheets out by name', async () => {
    const styles =
      '<style name="off"><table-properties display="false"/></style>' +
      '<style name="on"><table-properties display="true"/></style>';
    const tables = tablesIn(
      await spreadsheet(
        `<table name="Open" style-name="on"><table-row>${cell('a')}</table-row>` +
          `<table-row visibility="collapse">${cell('b')}</table-row><table-row visibility="filter">${cell('c')}</table-row></table>` +
          `<table name="Old" style-name="off"><table-row>${cell('d')}</table-row></table>`,
        styles,
      ),
    );
    expect(tables.map(({ name }) => name)).toEqual(['Open']);
    expect(tables[0]?.rows.map(({ hidden }) => hidden === true)).toEqual([false, true, true]);
    expect(tables[0]?.skipped).toEqual([{ row: 0, name: 'Old', reason: 'hiddenSheet' }]);
  });

  test('tells what joined cells say to the rows below', async () => {
    const [table] = tablesIn(
      await spreadsheet(
        sheet(
          cell('North', 'number-rows-spanned="2"') + cell('Amira'),
          `<covered-table-cell/>${cell('Bram')}`,
          cell('South') + cell('Chipo'),
        ),
      ),
    );
    expect(table?.rows.map(({ joined }) => joined)).toEqual([undefined, ['North'], undefined]);
    expect(cellsIn(table)).toEqual([
      ['North', 'Amira'],
      ['', 'Bram'],
      ['South', 'Chipo'],
    ]);
  });

  test('without its content, or with a broken one, is damaged', async () => {
    const damaged = { ok: false, error: { code: 'damaged', what: 'workbook' } };
    expect(await openDocumentTables(zipped({ 'other.xml': '<a/>' }))).toEqual(damaged);
    expect(await spreadsheet('<table name="A"><table-row>')).toEqual(damaged);
  });
});

describe('an Office Open XML workbook', () => {
  const styles =
    '<styleSheet><numFmts><numFmt numFmtId="170" formatCode="0.0%"/></numFmts>' +
    '<cellStyleXfs><xf numFmtId="14"/></cellStyleXfs>' +
    '<cellXfs><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="170"/><xf numFmtId="9"/></cellXfs></styleSheet>';
  const book = async (data: string, more = '', properties = ''): Promise<Table | undefined> =>
    tablesIn(
      await workbookTables(
        zipped({
          'xl/workbook.xml': `<workbook>${properties}<sheets><sheet name="Rivers" id="r1"/></sheets></workbook>`,
          'xl/_rels/workbook.xml.rels':
            '<Relationships><Relationship Id="r1" Target="/xl/worksheets/first.xml"/></Relationships>',
          'xl/worksheets/first.xml': `<worksheet><sheetData>${data}</sheetData>${more}</worksheet>`,
          'xl/sharedStrings.xml':
            '<sst><si><r><t>Ami</t></r><r><t>ra</t></r></si><si><t>東</t><rPh><t>ひがし</t></rPh></si></sst>',
          'xl/styles.xml': styles,
        }),
      ),
    )[0];

  test('tells texts of runs as one, without the readings above them', async () => {
    const table = await book(
      '<row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c>' +
        '<c r="C1" t="inlineStr"><is><t>Dube</t></is></c><c r="D1" t="b"><v>1</v></c><c r="E1" t="b"><v>0</v></c></row>',
    );
    expect(cellsIn(table)).toEqual([['Amira', '東', 'Dube', 'yes', 'no']]);
  });

  test('tells dates by the calendar the workbook counts in, and shares as such', async () => {
    const row =
      '<row r="1"><c r="A1" s="1"><v>46266</v></c><c r="B1" s="2"><v>0.855</v></c><c r="C1"><v>46266</v></c></row>';
    expect(cellsIn(await book(row))).toEqual([['2026-09-01', '85.5%', '46266']]);
    const since1904 = await book(row, '', '<workbookPr date1904="1"/>');
    expect(cellsIn(since1904)?.[0]?.[0]).toBe('2030-09-02');
  });

  test('puts cells where their references say, and where there is none after the one before', async () => {
    const table = await book(
      '<row r="2"><c r="B2"><v>1</v></c><c><v>2</v></c><c r="AA2"><v>3</v></c></row><row><c r="7"><v>4</v></c></row>',
      '<mergeCells><mergeCell ref="B2:B3"/><mergeCell ref="C2:D2"/></mergeCells>',
    );
    expect(table?.rows.map(({ line }) => line)).toEqual([2, 3]);
    expect(table?.rows[0]?.cells.slice(0, 4)).toEqual(['', '1', '2', '']);
    expect(table?.rows[0]?.cells[26]).toBe('3');
    expect(cellsIn(table)?.[1]).toEqual(['4']);
    expect(table?.rows.map(({ joined }) => joined)).toEqual([undefined, ['', '1']]);
  });
});

test('a byte missing at the end of UTF-16 is no letter, and of one byte a letter none is lost', () => {
  const wide = (text: string) =>
    Uint8Array.from(text, (letter) => letter.charCodeAt(0)).reduce<number[]>(
      (bytes, code) => [...bytes, code, 0],
      [],
    );
  expect(decode(Uint8Array.from([0xff, 0xfe, ...wide('Bram\n'), 0x41]))).toMatchObject({
    text: 'Bram\n',
    encoding: 'utf-16le',
  });
  expect(decode(Uint8Array.from([0xff, 0xfe, ...wide('Bram')])).text).toBe('Bram');
  expect(decode(strToU8('Amira'), 'windows-1252').text).toBe('Amira');
});
