import { strToU8, zipSync } from 'fflate';
import { lines, type RosterCase } from './types';

interface SheetParts {
  readonly name: string;
  readonly rows: string;
  readonly state?: string;
  readonly after?: string;
}

/** A workbook as small as the standard allows; cells are written out as XML. */
export function workbook(
  sheets: readonly SheetParts[],
  { date1904 = false, shared = [] as readonly string[] } = {},
): Uint8Array {
  const list = sheets.map(
    ({ name, state }, i) =>
      `<sheet name="${name}" sheetId="${i + 1}" r:id="rId${i + 1}"${state ? ` state="${state}"` : ''}/>`,
  );
  const links = sheets.map(
    (_, i) => `<Relationship Id="rId${i + 1}" Target="worksheets/sheet${i + 1}.xml"/>`,
  );
  return zipSync({
    'xl/workbook.xml': strToU8(
      `<workbook xmlns:r="r">${date1904 ? '<workbookPr date1904="1"/>' : ''}<sheets>${list.join('')}</sheets></workbook>`,
    ),
    'xl/_rels/workbook.xml.rels': strToU8(`<Relationships>${links.join('')}</Relationships>`),
    'xl/sharedStrings.xml': strToU8(
      `<sst>${shared.map((text) => `<si><t>${text}</t></si>`).join('')}</sst>`,
    ),
    'xl/styles.xml': strToU8(
      '<styleSheet><numFmts><numFmt numFmtId="164" formatCode="00000"/><numFmt numFmtId="165" formatCode="dd/mm/yyyy"/></numFmts><cellXfs><xf numFmtId="0"/><xf numFmtId="164"/><xf numFmtId="165"/><xf numFmtId="9"/></cellXfs></styleSheet>',
    ),
    ...Object.fromEntries(
      sheets.map(({ rows, after = '' }, i) => [
        `xl/worksheets/sheet${i + 1}.xml`,
        strToU8(`<worksheet><sheetData>${rows}</sheetData>${after}</worksheet>`),
      ]),
    ),
  });
}

/** A row of texts. */
const row = (at: number, cells: readonly string[], rest = ''): string =>
  `<row r="${at}"${rest}>${cells
    .map((text, i) =>
      text === ''
        ? ''
        : `<c r="${String.fromCharCode(65 + i)}${at}" t="inlineStr"><is><t>${text}</t></is></c>`,
    )
    .join('')}</row>`;

const openDocument = (content: string): Uint8Array =>
  zipSync({
    mimetype: [strToU8('application/vnd.oasis.opendocument.spreadsheet'), { level: 0 }],
    'content.xml': strToU8(
      `<office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x" xmlns:style="s"><office:body><office:spreadsheet>${content}</office:spreadsheet></office:body></office:document-content>`,
    ),
  });

const oneRoster = (files: Readonly<Record<string, string>>): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));

/** Workbooks, archives and other open formats. */
export const archives: readonly RosterCase[] = [
  {
    name: 'a hidden sheet and hidden rows are left out with a word',
    given: workbook([
      {
        name: '7B',
        rows:
          row(1, ['Name', 'Section']) +
          row(2, ['Amira Haddad', 'A']) +
          row(3, ['Bram Visser', 'B'], ' hidden="1"') +
          row(4, ['Chipo Dube', 'A']),
      },
      { name: 'Old', state: 'hidden', rows: row(1, ['Name']) + row(2, ['Dov Ash']) },
    ]),
    students: ['Amira Haddad', 'Chipo Dube'],
    leftOut: ['Bram Visser', 'Old'],
  },
  {
    name: 'joined cells: a section over several rows',
    given: workbook([
      {
        name: '7B',
        rows:
          row(1, ['Section', 'Name']) +
          row(2, ['A', 'Amira Haddad']) +
          row(3, ['', 'Bram Visser']) +
          row(4, ['B', 'Chipo Dube']),
        after: '<mergeCells><mergeCell ref="A2:A3"/></mergeCells>',
      },
    ]),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'A' }, { section: 'A' }, { section: 'B' }],
  },
  {
    name: 'kept values of formulas, errors, zeros by format, shares, and shared texts',
    given: workbook(
      [
        {
          name: '7B',
          rows:
            row(1, ['Name', 'Student ID', 'Score', 'Share', 'Quiz']) +
            '<row r="2"><c r="A2" t="s"><v>0</v></c><c r="B2" s="1"><v>41</v></c><c r="C2"><f>A1+1</f><v>71.099999999999994</v></c><c r="D2" s="3"><v>0.85</v></c><c r="E2" t="e"><v>#DIV/0!</v></c></row>' +
            '<row r="3"><c r="A3" t="str"><f>B1</f><v>Bram Visser</v></c><c r="B3" s="1"><v>42</v></c><c r="C3"><v>5</v></c><c r="D3" s="3"><v>0.5</v></c><c r="E3"><v>7</v></c></row>',
        },
      ],
      { shared: ['Amira Haddad'] },
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [
      { externalId: '00041', attributes: { Score: 71.1, Share: 85 } },
      { externalId: '00042', attributes: { Score: 5, Share: 50, Quiz: 7 } },
    ],
  },
  {
    name: 'dates counted from 1904',
    given: workbook(
      [
        {
          name: '7B',
          rows:
            row(1, ['Name', 'Joined']) +
            '<row r="2"><c r="A2" t="inlineStr"><is><t>Amira</t></is></c><c r="B2" s="2"><v>44804</v></c></row>',
        },
      ],
      { date1904: true },
    ),
    students: ['Amira'],
    facts: [{ attributes: { Joined: '2026-09-01' } }],
  },
  {
    name: 'a cell far out at the edge of the sheet',
    given: workbook([
      {
        name: '7B',
        rows:
          row(1, ['Name']) +
          row(2, ['Amira']) +
          '<row r="1048576"><c r="XFD1048576" t="inlineStr"><is><t>x</t></is></c></row>',
      },
    ]),
    students: ['Amira'],
  },
  {
    name: 'a whole list in one cell of a sheet, and signs that XML cannot hold',
    given: workbook([
      { name: '7B', rows: row(1, ['Kids']) + row(2, ['1. Amira Haddad_x000D_\n2. Bram Visser\n']) },
    ]),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Kids'],
  },
  {
    name: 'a column of a sheet is read as a list: a word over it, numbers, names turned round',
    given: workbook([
      {
        name: '7B',
        rows:
          row(2, ['Swimmers']) +
          row(3, ['1. Haddad, Amira']) +
          row(5, ['2. Visser, Bram']) +
          row(6, ['3. Lind, Eva']),
      },
    ]),
    students: ['Amira Haddad', 'Bram Visser', 'Eva Lind'],
    leftOut: ['Swimmers'],
  },
  {
    name: 'columns of groups, all members of each in one cell',
    given: workbook([
      {
        name: 'Groups',
        rows:
          row(1, ['Otters', 'Herons']) +
          row(2, ['Amira Haddad\nBram Visser', 'Chipo Dube\nEva Lind']),
      },
    ]),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube', 'Eva Lind'],
    facts: [
      { section: 'Otters' },
      { section: 'Otters' },
      { section: 'Herons' },
      { section: 'Herons' },
    ],
  },
  {
    name: 'a seat plan on a sheet',
    given: workbook([
      {
        name: 'Plan',
        rows:
          row(1, ['', 'Board']) + row(2, ['Amira', 'Bram', 'Chipo']) + row(3, ['Dov', '', 'Eli']),
      },
    ]),
    students: ['Amira', 'Bram', 'Chipo', 'Dov', 'Eli'],
  },
  {
    name: 'an OpenDocument spreadsheet with repeated cells, a hidden row and a note',
    given: openDocument(
      '<table:table table:name="7B"><table:table-row><table:table-cell><text:p>Name</text:p></table:table-cell><table:table-cell><text:p>Score</text:p></table:table-cell><table:table-cell><text:p>Section</text:p></table:table-cell></table:table-row>' +
        '<table:table-row><table:table-cell><office:annotation><text:p>ask</text:p></office:annotation><text:p>Amira<text:s/>Haddad</text:p></table:table-cell><table:table-cell office:value-type="float" office:value="71.5"><text:p>71,5</text:p></table:table-cell><table:table-cell table:number-rows-spanned="2"><text:p>A</text:p></table:table-cell></table:table-row>' +
        '<table:table-row><table:table-cell><text:p>Bram Visser</text:p></table:table-cell><table:table-cell/><table:covered-table-cell/></table:table-row>' +
        '<table:table-row table:visibility="collapse"><table:table-cell><text:p>Chipo Dube</text:p></table:table-cell></table:table-row>' +
        '<table:table-row table:number-rows-repeated="1048000"><table:table-cell table:number-columns-repeated="16384"/></table:table-row></table:table>',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    facts: [
      { section: 'A', attributes: { Score: 71.5 } },
      { section: 'A', attributes: {} },
    ],
    leftOut: ['Chipo Dube'],
  },
  {
    name: 'an OpenDocument spreadsheet in one file, not packed',
    given:
      '<?xml version="1.0" encoding="UTF-8"?>\n<office:document xmlns:office="o" xmlns:table="t" xmlns:text="x" office:mimetype="application/vnd.oasis.opendocument.spreadsheet"><office:body><office:spreadsheet><table:table table:name="7B"><table:table-row><table:table-cell><text:p>Name</text:p></table:table-cell></table:table-row><table:table-row><table:table-cell><text:p>Amira Haddad</text:p></table:table-cell></table:table-row></table:table></office:spreadsheet></office:body></office:document>',
    students: ['Amira Haddad'],
  },
  {
    name: 'JSON lines, the last cut off',
    given: '{"name":"Amira Haddad"}\n{"name":"Bram Visser"}\n{"name":"Chipo Du',
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['{"name":"Chipo Du'],
  },
  {
    name: 'cards of an address book as JSON',
    given:
      '[["vcard",[["version",{},"text","4.0"],["fn",{},"text","Amira Haddad"],["n",{},"text",["Haddad","Amira","","",""]],["note",{},"text","one\\nFN:Bram Visser"]]],["vcard",[["fn",{},"text","Oda Lind"],["role",{},"text","Teacher"]]]]',
    students: ['Amira Haddad'],
    staff: ['Oda Lind'],
  },
  {
    name: 'JSON with one object on each line',
    given: lines(
      '{"firstName":"Amira","lastName":"Haddad"}',
      '{"firstName":"Bram","lastName":"Visser"}',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'cards: one cut off, one folded, a group, one without a name',
    given: lines(
      'BEGIN:VCARD',
      'VERSION:4.0',
      'FN:Amira',
      '  Haddad',
      'N:Haddad;Amira;;;',
      'END:VCARD',
      'BEGIN:VCARD',
      'VERSION:4.0',
      'KIND:group',
      'FN:Otters',
      'MEMBER:urn:uuid:1',
      'END:VCARD',
      'BEGIN:VCARD',
      'TEL:5550101',
      'END:VCARD',
      'BEGIN:VCARD',
      'FN:Bram Visser',
    ),
    students: ['Amira Haddad', 'Bram Visser'],
    leftOut: ['Otters', '5550101'],
  },
  {
    name: 'a school export: nobody without enrolment, no enrolment without a person, nobody inactive is lost',
    given: oneRoster({
      'users.csv': lines(
        'sourcedId,status,enabledUser,role,givenName,familyName',
        'u1,active,true,student,Amira,Haddad',
        'u2,active,true,student,Bram,Visser',
        'u3,active,true,student,Chipo,Dube',
        'u4,active,false,student,Dov,Ash',
        't1,active,true,teacher,Oda,Lind',
      ),
      'classes.csv': lines('sourcedId,title', 'c1,River A', 'c2,River B'),
      'enrollments.csv': lines(
        'sourcedId,status,classSourcedId,userSourcedId,role',
        'e1,active,c1,u1,student',
        'e2,tobedeleted,c1,u3,student',
        'e3,active,c2,u4,student',
        'e4,active,c2,u9,student',
        'e5,active,c1,t1,teacher',
      ),
    }),
    students: ['Amira Haddad'],
    staff: ['Oda Lind'],
    leftOut: ['Bram Visser', 'Chipo Dube', 'Dov Ash', 'u9', 'Oda Lind'],
  },
  {
    name: 'a school export of people alone',
    given: oneRoster({
      'users.csv': lines(
        'sourcedId,role,givenName,familyName',
        'u1,student,Amira,Haddad',
        'u2,student,Bram,Visser',
      ),
    }),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'an archive with a list of each section, as sheets',
    given: oneRoster({
      'lists/7B.csv': lines('Name,Level', 'Amira Haddad,new', 'Bram Visser,some'),
      'lists/7C.csv': lines('Name,Level', 'Chipo Dube,new'),
      '__MACOSX/lists/._7B.csv': 'x',
    }),
    students: ['Amira Haddad', 'Bram Visser'],
  },
  {
    name: 'an archive with one workbook in it',
    given: zipSync({
      'list.xlsx': workbook([{ name: '7B', rows: row(1, ['Name']) + row(2, ['Amira Haddad']) }]),
    }),
    students: ['Amira Haddad'],
  },
  ...[
    { class: { name: '7B', students: [{ name: 'Amira Haddad' }, { name: 'Bram Visser' }] } },
    {
      people: [
        { first_name: 'Amira', last_name: 'Haddad' },
        { first_name: 'Bram', last_name: 'Visser' },
      ],
    },
    {
      page: 1,
      data: {
        users: [
          { profile: { displayName: 'Amira Haddad' } },
          { profile: { displayName: 'Bram Visser' } },
        ],
      },
    },
    { marks: [1, 2], Otters: [{ name: 'Amira Haddad' }, { name: 'Bram Visser' }] },
  ].map((data) => ({
    name: `JSON in which the list stands under ${Object.keys(data).join(' and ')}`,
    given: JSON.stringify(data),
    students: ['Amira Haddad', 'Bram Visser'],
  })),
  {
    name: 'JSON with the members of each group under its name',
    given: JSON.stringify({
      Otters: ['Amira Haddad', 'Bram Visser'],
      Herons: [{ name: 'Chipo Dube' }],
    }),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: 'Otters' }, { section: 'Otters' }, { section: 'Herons' }],
  },
  {
    name: 'JSON with the students of two classes',
    given: JSON.stringify({
      '7B': { students: [{ name: 'Amira Haddad' }] },
      '7C': { students: ['Bram Visser', 'Chipo Dube'] },
    }),
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '7B' }, { section: '7C' }, { section: '7C' }],
  },
  {
    name: 'JSON with a list beside that of the students, which is named',
    given: JSON.stringify({
      students: ['Amira Haddad'],
      boats: ['Heron', 'Otter'],
      more: { waiting: ['Dov Ash'] },
    }),
    students: ['Amira Haddad'],
    leftOut: ['boats', 'more'],
  },
  {
    name: 'JSON with what is told of each under their names',
    given: '{"Amira Haddad": 7, "Bram Visser": 9, "Chipo Dube": 4}',
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
  },
  {
    name: 'JSON with a list of classes, the students of each within it',
    given:
      '{"classes":[{"name":"8B","students":[{"name":"Amira Haddad"},{"name":"Bram Visser"}]},{"name":"8C","students":["Chipo Dube"]}]}',
    students: ['Amira Haddad', 'Bram Visser', 'Chipo Dube'],
    facts: [{ section: '8B' }, { section: '8B' }, { section: '8C' }],
  },
];
