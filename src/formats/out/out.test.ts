import fc from 'fast-check';
import { unzipSync } from 'fflate';
import ICAL from 'ical.js';
import mammoth from 'mammoth';
import type { Nodes } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { toString } from 'mdast-util-to-string';
import Papa from 'papaparse';
import { parse as parseHtml } from 'parse5';
import readWorkbook from 'read-excel-file/node';
import { parseTemplate as twin } from 'url-template';
import { restored } from '../harmless';
import { doubtsOf } from './checks';
import { clean, type AddressedLineup } from './lineupOut';
import { LineupFile } from './lineupFile';
import { WAYS_OUT, type WayOutId } from './list';
import { PLAIN_OPTIONS } from './options';
import { outWords } from '../../messages/en/waysOut';
import { ALL, group, LINK, lineupOf, NOON, writerIn } from './testLineup';
import { expand, parseTemplate } from './uriTemplate';

const { write, written, textOf, bytesOf } = writerIn(outWords);

/** Names as nobody wishes them: marks of every format, other scripts, more than a line. */
const AWKWARD = [
  ...['=1+1', '+4', '-x', '@cmd', "O'Brien", 'Zoë <b>bold</b>', 'a, b; c: d', '"quoted"'],
  ...[
    'back\\slash',
    'line\nbreak',
    'tab\there',
    '👩🏽‍🔬 Ada',
    'مريم',
    '李 小龍',
    '{{members}}',
    '&amp;',
  ],
  ...['*star* _low_', '# head', '[a](javascript:x)', '1. one', '- list', '`code`', '007', '1E5'],
  ...[
    '2026-11-26',
    'x'.repeat(60),
    '\u0007bell',
    '~~gone~~',
    'www.a.example',
    '      far in',
    'A\u2028B',
    '^"^',
  ],
];

/** Lineups of awkward names, of one to four groups, some of nobody. */
const lineups: fc.Arbitrary<AddressedLineup> = fc
  .array(
    fc.record({
      name: awkward(),
      names: fc.array(awkward(), { maxLength: 4 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((groups) => ({
    ...lineupOf(),
    groups: groups.map(({ name, names }, sign) => {
      const made = group(name, sign, names);
      const members = made.members.map((one, i) => ({ ...one, id: `s_${sign}_${i}` }));
      return { ...made, members };
    }),
  }));

function awkward(): fc.Arbitrary<string> {
  const text = fc.oneof(fc.constantFrom(...AWKWARD), fc.string({ unit: 'grapheme', minLength: 1 }));
  return text.filter((name) => name.trim() !== '');
}

const RUNS = { seed: 14, numRuns: 60 };
const BERLIN = { zone: 'Europe/Berlin' };

/** Rows of a CSV, its heading left out, formulas restored. */
function rows(csv: string): string[][] {
  const { data } = Papa.parse<string[]>(csv.replace(/^\ufeff/, ''), { newline: '\r\n' });
  expect(csv.endsWith('\r\n')).toBe(true);
  return data.slice(1, -1).map((row) => row.map(restored));
}

/** Group and name of everybody, as any file can hold them. */
const pairs = (lineup: ReturnType<typeof lineupOf>): string[][] =>
  lineup.groups.flatMap(({ name, members }) =>
    members.map((one) => [clean(name), clean(one.name)]),
  );

test.each(['rooms-csv', 'groups-csv'] as const)(
  '%s reads back to a row a student, no cell a formula',
  async (id) => {
    await fc.assert(
      fc.asyncProperty(lineups, async (lineup) => {
        const csv = await textOf(id, lineup);
        expect(rows(csv)).toEqual(pairs(lineup));
        expect(csv).not.toMatch(/(?:^|[\r\n,])"?[=+\-@]/);
      }),
      RUNS,
    );
  },
);

test('names-csv sorts by the whole name', async () => {
  const csv = await textOf('names-csv', lineupOf('Alder: Zoë, Bo', 'Sedge: Ärne'));
  expect(rows(csv)).toEqual([
    ['Ärne', 'Sedge'],
    ['Bo', 'Alder'],
    ['Zoë', 'Alder'],
  ]);
});

test('a table takes the columns, the headings and the separator that were chosen, and no address unasked', async () => {
  const layout = {
    columns: ['number', 'name', 'role', 'email'] as const,
    headings: { number: 'table' },
    separator: ';' as const,
  };
  const lineup = lineupOf('Alder: Ana, Bo');
  expect(await textOf('rooms-csv', lineup, { layout })).toBe(
    'table;name;role\r\n1;Ana;lead\r\n1;Bo;\r\n',
  );
  expect(await textOf('rooms-csv', lineup, { layout, addresses: true })).toContain(
    ';ana@example.org',
  );
});

test('a workbook holds every name as a cell of text, on a sheet by group and one by name', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const bytes = await bytesOf('xlsx', lineup);
      const sheets = await readWorkbook(Buffer.from(bytes), { trim: false });
      const text = (row: readonly unknown[]): string[] =>
        row.map((cell) => (typeof cell === 'string' ? cell : typeof cell));
      expect(sheets.map(({ sheet }) => sheet)).toEqual(['By group', 'By name']);
      const read = sheets.map(({ data }) => data.slice(1).map((row) => text(row).slice(0, 2)));
      expect(read[0]).toEqual(pairs(lineup));
      expect(read[1]!.map(([name, of]) => [of, name]).sort()).toEqual(pairs(lineup).sort());
      const xml = new TextDecoder().decode(unzipSync(bytes)['xl/worksheets/sheet1.xml']);
      expect(xml).not.toContain('<f>');
    }),
    { ...RUNS, numRuns: 30 },
  );
});

test('json is a gruppetto.lineup as the schema has it, with staff, and addresses only where asked for', async () => {
  const lineup = { ...lineupOf('Alder: Ana, Bo', 'Sedge') };
  const file = LineupFile.parse(JSON.parse(await textOf('json', lineup)));
  expect(file.groups.map(({ name, members }) => [name, members.map((one) => one.name)])).toEqual([
    ['Alder', ['Ana', 'Bo']],
    ['Sedge', []],
  ]);
  expect(file.staff).toEqual([{ name: 'Oda Lindqvist', role: 'teacher' }]);
  const asked = LineupFile.parse(JSON.parse(await textOf('json', lineup, { addresses: true })));
  expect(asked.groups[0]!.members[0]).toEqual({
    name: 'Ana',
    roles: ['lead'],
    email: 'ana@example.org',
  });
  expect(LineupFile.safeParse({ ...file, groups: [] }).success).toBe(false);
});

const blanks = (text: string): string => text.replace(/\s+/g, ' ').trim();
const find = (node: Nodes, type: string): Nodes[] =>
  node.type === type
    ? [node]
    : 'children' in node
      ? node.children.flatMap((one) => find(one, type))
      : [];

test('Markdown reads back to a heading a group and a list of just these names, none of them mark-up', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const tree = fromMarkdown(await textOf('markdown', lineup));
      const said = (type: string) => find(tree, type).map((one) => blanks(toString(one)));
      expect(said('heading')).toEqual(lineup.groups.map(({ name }) => blanks(clean(name))));
      expect(said('listItem')).toEqual(pairs(lineup).map(([, name]) => blanks(name!)));
      for (const type of [
        'html',
        'link',
        'emphasis',
        'strong',
        'inlineCode',
        'code',
        'definition',
        'image',
      ]) {
        expect(find(tree, type)).toEqual([]);
      }
    }),
    RUNS,
  );
});

interface HtmlNode {
  readonly nodeName: string;
  readonly value?: string;
  readonly attrs?: readonly { readonly name: string; readonly value: string }[];
  readonly childNodes?: readonly HtmlNode[];
}
const elements = (node: HtmlNode, name: string): HtmlNode[] => [
  ...(node.nodeName === name ? [node] : []),
  ...(node.childNodes ?? []).flatMap((one) => elements(one, name)),
];
const content = (node: HtmlNode): string =>
  node.value ?? (node.childNodes ?? []).map(content).join('');
const htmlTree = (html: string): HtmlNode => parseHtml(html);

test('the HTML table reads back to a row a group, in a page that runs and fetches nothing', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const tree = htmlTree(await textOf('html-table', lineup));
      const read = elements(tree, 'tr').map((row) => [
        ...elements(row, 'th').map(content),
        ...elements(row, 'td').map(content),
      ]);
      expect(read).toEqual(
        lineup.groups.map(({ name, members }) => [
          clean(name),
          ...members.map((one) => clean(one.name)),
        ]),
      );
      expect(elements(tree, 'b')).toEqual([]);
    }),
    RUNS,
  );
});

test('text has a line a group; names with commas are parted by semicolons, and the link stands in the line', async () => {
  expect(await textOf('text', lineupOf('Alder: Ana, Bo', 'Sedge'))).toBe(
    'Alder: Ana, Bo\nSedge:\n',
  );
  const lineup = { ...lineupOf(), groups: [group('A', 0, ['Rua, Ana', 'Li,\nBo'])] };
  expect(await textOf('text', lineup, { linkTemplate: 'https://a.example/{number}' })).toBe(
    'A: Rua, Ana; Li, Bo – https://a.example/1\n',
  );
});

/** Lines unfolded, after each was seen to be of 75 octets at most and to end as the standard has it. */
function unfolded(file: string): string[] {
  expect(file.endsWith('\r\n')).toBe(true);
  expect(file.replaceAll('\r\n', '')).not.toMatch(/[\r\n\ufffd]/);
  for (const line of file.split('\r\n')) {
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  }
  return file.replaceAll('\r\n ', '').split('\r\n').slice(0, -1);
}

test('vCards read back: a card a person, a card a group whose members are cards of the file', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const file = await textOf('vcard', lineup, { addresses: true });
      unfolded(file);
      const read = ICAL.parse(file) as unknown as [string, [string, object, string, unknown][]][];
      // Of a file with one card the parser gives the card alone.
      const parsed = typeof read[0] === 'string' ? [read as unknown as (typeof read)[0]] : read;
      const cards = parsed.map(([, properties]) => ({
        all: (name: string) =>
          properties.filter(([one]) => one === name).map(([, , , value]) => value),
      }));
      const groups = cards.filter((card) => card.all('kind')[0] === 'group');
      const people = new Map(
        cards.filter((card) => !groups.includes(card)).map((card) => [card.all('uid')[0], card]),
      );
      expect(groups.map((card) => card.all('fn')[0])).toEqual(
        lineup.groups.map(({ name }) => clean(name)),
      );
      expect(
        groups.map((card) => card.all('member').map((uid) => people.get(uid)!.all('fn')[0])),
      ).toEqual(lineup.groups.map(({ members }) => members.map((one) => clean(one.name))));
    }),
    RUNS,
  );
});

test('people and groups keep their ids when members move and groups are renamed', async () => {
  const uids = async (id: 'vcard' | 'icalendar', ...groups: string[]) =>
    unfolded(await textOf(id, lineupOf(...groups), NOON))
      .filter((line) => line.startsWith('UID:'))
      .sort();
  for (const id of ['vcard', 'icalendar'] as const) {
    expect(await uids(id, 'Alder: Ana, Bo', 'Sedge: Caro')).toEqual(
      await uids(id, 'Reed: Ana', 'Sedge: Caro, Bo'),
    );
  }
  const other = { ...lineupOf('Alder: Ana'), id: 'l_2' };
  expect(await textOf('icalendar', other, NOON)).not.toBe(
    await textOf('icalendar', lineupOf('Alder: Ana'), NOON),
  );
});

test('a calendar reads back: an event a group at the right moment, members told, attendees only where asked for', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const file = await textOf('icalendar', lineup, { ...NOON, ...BERLIN, addresses: true });
      unfolded(file);
      const calendar = new ICAL.Component(ICAL.parse(file) as never);
      for (const zone of calendar.getAllSubcomponents('vtimezone')) {
        ICAL.TimezoneService.register(new ICAL.Timezone(zone));
      }
      const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
      expect(events.map(({ summary }) => summary)).toEqual(
        lineup.groups.map(({ name }) => `${clean(name)} · Week 3, bank walk`),
      );
      events.forEach((event, row) => {
        expect(event.startDate.toJSDate().toISOString()).toBe('2026-11-26T11:00:00.000Z');
        expect(event.duration.toSeconds()).toBe(2400);
        const told = lineup.groups[row]!.members.map((one) => clean(one.name));
        expect(
          ((event.description as string | null) ?? '').split('\n').filter((line) => line !== ''),
        ).toEqual(told);
        const names = event.attendees.map((one) => one.getParameter('cn'));
        expect(names.map((name) => decodedCn(String(name)))).toEqual(told);
      });
    }),
    RUNS,
  );
});

/** RFC 6868, which the parser may leave to its caller. */
function decodedCn(name: string): string {
  return name.replace(
    /\^(['n^])/g,
    (_, sign: string) => ({ "'": '"', n: '\n', '^': '^' })[sign] ?? '',
  );
}

test.each([
  ['Europe/Berlin', '2026-07-01', '10:00', '20260701T080000Z'],
  ['Europe/Berlin', '2026-10-25', '01:30', '20261024T233000Z'],
  // A time that the clock leaves out is read by the clock before the change.
  ['Europe/Berlin', '2026-03-29', '02:30', '20260329T013000Z'],
  ['America/New_York', '2026-11-01', '09:00', '20261101T140000Z'],
  ['Asia/Kolkata', '2026-11-26', '09:15', '20261126T034500Z'],
  ['Pacific/Auckland', '2026-01-05', '08:00', '20260104T190000Z'],
  ['UTC', '2026-11-26', '12:00', '20261126T120000Z'],
])('in %s on %s the clock says %s at %s', async (zone, date, time, utc) => {
  const file = await textOf('icalendar', lineupOf('A: Bo'), { date, time, minutes: '5', zone });
  expect(file).toContain(`DTSTAMP:${utc}`);
  expect(file.includes('BEGIN:VTIMEZONE')).toBe(zone !== 'UTC');
});

const RFC: readonly (readonly [string, string])[] = [
  ['{var}', 'value'],
  ['{hello}', 'Hello%20World%21'],
  ['{+path}/here', '/foo/bar/here'],
  ['X{#hello}', 'X#Hello%20World!'],
  ['{x,hello,y}', '1024,Hello%20World%21,768'],
  ['{var:3}', 'val'],
  ['{list}', 'red,green,blue'],
  ['{/list*}', '/red/green/blue'],
  ['{;x,y,empty}', ';x=1024;y=768'],
  ['{?x,y}', '?x=1024&y=768'],
  ['{&list*}', '&list=red&list=green&list=blue'],
  ['{.list*}', '.red.green.blue'],
  ['{;list}', ';list=red,green,blue'],
  ['{undef}', ''],
  ['{emoji:1}', '%F0%9F%91%A9'],
];
const VARIABLES = {
  ...{ var: 'value', hello: 'Hello World!', path: '/foo/bar', x: '1024', y: '768', empty: '' },
  ...{ list: ['red', 'green', 'blue'], emoji: '👩🏽‍🔬' },
};

test.each(RFC)('the URI template %s makes %s', (template, expected) => {
  const parsed = parseTemplate(template);
  expect(parsed.ok && expand(parsed.parts, VARIABLES)).toBe(expected);
});

test('templates are filled as another reader of RFC 6570 fills them', () => {
  const name = fc.constantFrom('var', 'hello', 'path', 'x', 'list', 'undef');
  const expression = fc
    .tuple(
      fc.constantFrom('', '+', '#', '.', '/', ';', '?', '&'),
      fc.array(fc.tuple(name, fc.constantFrom('', '*', ':2')), { minLength: 1, maxLength: 3 }),
    )
    // A list has no prefix.
    .map(
      ([sign, names]) =>
        `{${sign}${names.map(([one, more]) => one + (one === 'list' && more === ':2' ? '' : more)).join()}}`,
    );
  const { empty: _, ...known } = VARIABLES;
  fc.assert(
    fc.property(
      fc.array(expression, { maxLength: 3 }),
      fc.constantFrom('', 'a/', 'é?'),
      (parts, literal) => {
        const template = `${literal}${parts.join('')}`;
        const parsed = parseTemplate(template);
        expect(parsed.ok && expand(parsed.parts, known)).toBe(twin(template).expand(known));
      },
    ),
    { seed: 6570, numRuns: 1000 },
  );
});

test.each([
  'https://a.example/{group',
  'https://a.example/}',
  'https://a.example/{}',
  'https://a.example/{!x}',
  'https://a b',
  'https://a.example/%',
  'ftp://a.example/{group}',
  'javascript:{group}',
  'a.example/{group}',
  'https://{undef}',
])('the template %s makes no links and says so', async (linkTemplate) => {
  const out = await write('links', lineupOf('Alder: Ana'), { linkTemplate });
  expect(out.ok).toBe(false);
});

test('links have a row a group, with what is known put in and what is not left out', async () => {
  const linkTemplate =
    'https://r.example/{number}/{group}{?code,lead,members*,date,nothing,addresses}';
  const lineup = lineupOf('Alder: Ana, Bo', 'A/B: ');
  expect(rows(await textOf('links', lineup, { linkTemplate, date: '2026-11-26' }))).toEqual([
    [
      'Alder',
      'https://r.example/1/Alder?code=RIV-2&lead=Ana&members=Ana&members=Bo&date=2026-11-26',
    ],
    ['A/B', 'https://r.example/2/A%2FB?code=RIV-2&date=2026-11-26'],
  ]);
});

test('letters go to each usable address once, and their text comes back whole', async () => {
  const strange = { ...group('R&D #1?', 0, ['Ana', 'Bo', 'Caro']) };
  const emails = ['a&b=c?d#e%f@example.org', 'A&B=C?D#E%F@example.org', 'half@'];
  const members = strange.members.map((one, i) => ({ ...one, email: emails[i]! }));
  const lineup = { ...lineupOf(), groups: [{ ...strange, members }, group('Nobody', 1, [])] };
  const message = 'Bring boots & a pen;\n50% of you = half?';
  const [row, ...others] = rows(await textOf('mailto', lineup, { message }));
  expect(others).toEqual([]);
  const url = new URL(row![1]!);
  expect(url.pathname.split(',').map(decodeURIComponent)).toEqual([emails[0]]);
  expect(row![1]).not.toContain('+');
  expect(url.searchParams.get('subject')).toBe('Week 3, bank walk: group R&D #1?');
  expect(url.searchParams.get('body')).toContain('Bring boots & a pen;\r\n50% of you = half?\r\n');
});

test('a mail merge has a row for each student who can be reached, with their letter made', async () => {
  const template = {
    name: 'letter.txt',
    bytes: new TextEncoder().encode(
      'Subject: {{group}}\nDear {{name}}\n{{place}}\nBye {{Members}}',
    ),
  };
  expect(rows(await textOf('merge-csv', lineupOf('Alder: Ana, Bo'), { template }))).toEqual([
    ['Ana', 'ana@example.org', 'Alder', 'Alder', 'Dear Ana\nBye Ana, Bo'],
    ['Bo', 'bo@example.org', 'Alder', 'Alder', 'Dear Bo\nBye Ana, Bo'],
  ]);
});

const template = (name: string, text: string) => ({ name, bytes: new TextEncoder().encode(text) });
const parts = async (...given: Parameters<typeof bytesOf>) => unzipSync(await bytesOf(...given));
const PAGE = `<html><head><script>x()</script><style>p{background:url(https://evil.example/x)}</style><link rel=stylesheet href=https://evil.example></head>
<body onload="x()"><h1 title="{{group}}">{{group}}</h1><ul><li>{{members}}</li></ul><a href="{{link}}">go</a><a href="javascript:x()">no</a><img src="https://evil.example/p.png"><iframe src="https://evil.example"></iframe></body></html>`;

test('a pack of pages has a harmless page a group, every name as text', async () => {
  await fc.assert(
    fc.asyncProperty(lineups, async (lineup) => {
      const made = await parts('pack-html', lineup, {
        template: template('hand.html', PAGE),
        linkTemplate: 'https://a.example/{number}',
      });
      const names = Object.keys(made);
      expect(names[0]).toBe('index.html');
      expect(new Set(names.map((name) => name.toLowerCase())).size).toBe(lineup.groups.length + 1);
      names.slice(1).forEach((name, row) => {
        // eslint-disable-next-line no-control-regex -- no file may have one
        expect(name).not.toMatch(/[<>:"|?*\\/\u0000-\u001f]|\.\.|[. ]$|^[. ]/);
        const page = new TextDecoder().decode(made[name]);
        const tree = htmlTree(page);
        const { name: group, members } = lineup.groups[row]!;
        expect(elements(tree, 'h1').map(content)).toEqual([clean(group)]);
        expect(elements(tree, 'h1')[0]!.attrs![0]!.value).toBe(clean(group));
        expect(elements(tree, 'li').map(content)).toEqual(members.map((one) => clean(one.name)));
        expect(elements(tree, 'a')[0]!.attrs![0]!.value).toBe(`https://a.example/${row + 1}`);
        expect(page).not.toMatch(/evil|<script|onload|<a href="javascript|<iframe/);
        expect(page.slice(0, 200)).toContain('charset="utf-8"');
      });
    }),
    { ...RUNS, numRuns: 30 },
  );
});

test('a page keeps the pictures that are in it, and no address of one', async () => {
  const here = 'data:image/png;base64,iVBORw0KGgo=';
  const page = `<img alt="a" src="${here}"><img alt="b" src="data:text/html,x"><img alt="c" src="x/${here}"><p src="${here}">d</p>`;
  const made = await parts('pack-html', lineupOf('Alder: Ana'), {
    template: template('hand.html', page),
  });
  const [, bytes] = Object.entries(made).find(([name]) => name !== 'index.html')!;
  const tree = htmlTree(new TextDecoder().decode(bytes));
  const sources = [...elements(tree, 'img'), ...elements(tree, 'p')].map(
    ({ attrs }) => attrs?.find(({ name }) => name === 'src')?.value,
  );
  expect(sources).toEqual([here, undefined, undefined, undefined]);
});

const HANDOUT =
  '# {{group}}\n\n{{members}}\n\n- Led by {{lead}}\n- At {{place}}\n\n[Room]({{link}}) **{{lineup}}** <b>x</b>\n';

test('a pack of documents from a text reads back: headings, lists, links; lines with nothing to say are left out', async () => {
  const made = await parts('pack-docx', lineupOf('Alder: Ana *B*, <i>Bo</i>', 'Sedge'), {
    template: template('hand.md', HANDOUT),
    linkTemplate: LINK,
  });
  const [first, second] = await Promise.all(
    Object.values(made).map(
      async (bytes) => (await mammoth.convertToHtml({ buffer: Buffer.from(bytes) })).value,
    ),
  );
  expect(Object.keys(made)).toEqual(['1 Alder.docx', '2 Sedge.docx']);
  expect(first).toBe(
    '<h1>Alder</h1><ul><li>Ana *B*</li><li>&lt;i&gt;Bo&lt;/i&gt;</li><li>Led by Ana *B*</li></ul><p><a href="https://rooms.example.org/RIV-2/Alder">Room</a> <strong>Week 3, bank walk</strong> &lt;b&gt;x&lt;/b&gt;</p>',
  );
  expect(second).not.toContain('Led by');
});

/** A document with a placeholder split over runs, and with what leads out of it. */
async function teachersDocument() {
  const { archive } = await import('./archive');
  const [, bytes] = Object.entries(
    await parts('pack-docx', lineupOf('X'), { template: template('t.md', '# {{nothing}}') }).catch(
      () => ({}),
    ),
  )[0] ?? ['', null];
  expect(bytes).toBeNull();
  const plain = unzipSync(
    Object.values(
      await parts('pack-docx', lineupOf('X'), { template: template('t.md', 'MARK') }),
    )[0]!,
  );
  const text = new TextDecoder().decode(plain['word/document.xml']);
  const run = (part: string) => `<w:r><w:t xml:space="preserve">${part}</w:t></w:r>`;
  const body = `<w:p>${run('In {{gr')}${run('oup}}: {{#members}}[{{.}}]{{/members}} {{members}}')}</w:p><w:p><w:hyperlink r:id="rIdX">${run('out')}</w:hyperlink></w:p>`;
  const rels = new TextDecoder().decode(plain['word/_rels/document.xml.rels']);
  return archive(
    Object.entries({
      ...plain,
      'word/document.xml': new TextEncoder().encode(text.replace(/<w:p>.*<\/w:p>/s, body)),
      'word/_rels/document.xml.rels': new TextEncoder().encode(
        rels.replace(
          '</Relationships>',
          '<Relationship Id="rIdX" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/hyperlink" Target="https://evil.example" TargetMode="External"/></Relationships>',
        ),
      ),
    }),
  );
}

test('a teacher’s document is filled, over split runs too, names staying text; what leads out of it is cut', async () => {
  const names = AWKWARD.map((name) => clean(name)).filter((name) => !name.includes(','));
  const lineup = { ...lineupOf(), groups: [group('R&D <1>', 0, names)] };
  const made = await parts('pack-docx', lineup, {
    template: { name: 'hand.docx', bytes: await teachersDocument() },
  });
  const [bytes] = Object.values(made);
  const { value } = await mammoth.extractRawText({ buffer: Buffer.from(bytes!) });
  expect(value.split('\n\n')[0]).toBe(
    `In R&D <1>: ${names.map((name) => `[${name}]`).join('')} ${names.join(', ')}`,
  );
  const inside = unzipSync(bytes!);
  expect(new TextDecoder().decode(inside['word/_rels/document.xml.rels'])).not.toContain('evil');
  expect(new TextDecoder().decode(inside['word/document.xml'])).not.toContain('rIdX');
});

test('instructions and own fields are put in without signs that no document may hold, in letters too', async () => {
  const lineup = { ...lineupOf('Alder: Ana'), instructions: 'Wear\u0007 boots' };
  const fields = { kit: 'a\u0001 net' };
  const text = template('x.txt', '{{instructions}} {{kit}} \u0002');
  expect(await textOf('merge-csv', lineup, { template: text, fields })).toContain(
    'Wear  boots a  net  ',
  );
  const [bytes] = Object.values(await parts('pack-docx', lineup, { template: text, fields }));
  const { value } = await mammoth.extractRawText({ buffer: Buffer.from(bytes!) });
  expect(value.trim()).toBe('Wear  boots a  net');
});

test('no value reaches a style, where it could fetch', async () => {
  const page = '<p style="background:{{group}}">x</p><p style="color:red">y</p>';
  const lineup = { ...lineupOf(), groups: [group('url(https://evil.example)', 0, ['Ana'])] };
  const made = await parts('pack-html', lineup, { template: template('p.html', page) });
  const [, one] = Object.values(made).map((bytes) => new TextDecoder().decode(bytes));
  expect(one).not.toContain('evil');
  expect(one).toContain('color:red');
});

test.each([
  ['pack-docx', 'hand.docx', 'PK\u0003\u0004 damaged', 'unreadableDocx'],
  ['pack-docx', 'hand.html', '<html>{{group}}', 'wrongTemplate'],
  ['pack-html', 'hand.docx', 'PK\u0003\u0004', 'wrongTemplate'],
  ['pack-html', 'hand.md', '{{grup}} {{group}}', 'unknownPlaceholders'],
  ['mailto', 'letter.txt', 'Hello {{nmae}}', 'unknownPlaceholders'],
] as const)('%s refuses %s with "%s": %s', async (id, name, text, code) => {
  expect(await write(id, lineupOf('Alder: Ana'), { template: template(name, text) })).toMatchObject(
    {
      ok: false,
      issue: { code },
    },
  );
});

test.each([
  [{ date: '2026-02-30' }, 'badDate'],
  [{ date: '26.11.2026' }, 'badDate'],
  [{ time: '25:00' }, 'badTime'],
  [{ minutes: '0' }, 'badMinutes'],
  [{ minutes: '-5' }, 'badMinutes'],
  [{ minutes: '1.5' }, 'badMinutes'],
] as const)('a moment such as %j is refused', async (wrong, code) => {
  expect(await write('icalendar', lineupOf('A: Bo'), { ...NOON, ...wrong })).toMatchObject({
    ok: false,
    issue: { code },
  });
  expect(await write('icalendar', lineupOf('A: Bo'))).toMatchObject({
    ok: false,
    issue: { code: 'needsMoment' },
  });
});

const everyId = WAYS_OUT.map(({ id, needs }): [WayOutId, 'names' | 'addresses'] => [id, needs]);

/** All that a file says, archives opened. */
async function everythingIn(id: WayOutId, options: typeof ALL): Promise<string> {
  const bytes = await bytesOf(id, lineupOf('Alder: Ana, Bo'), options);
  const open = (data: Uint8Array): string =>
    data[0] === 0x50 && data[1] === 0x4b
      ? Object.entries(unzipSync(data))
          .map(([name, inside]) => name + open(inside))
          .join('\n')
      : new TextDecoder().decode(data);
  return decodeURIComponent(open(bytes).replace(/%(?![0-9A-F]{2})/g, '%25'));
}

test.each(everyId)(
  '%s carries addresses only where they are asked for, or where it is made of them (%s)',
  async (id, needs) => {
    expect((await everythingIn(id, { ...ALL, addresses: false })).includes('ana@example.org')).toBe(
      needs === 'addresses',
    );
  },
);

test.each(everyId)('%s writes no id, and the same bytes whatever the clock says', async (id) => {
  const first = await bytesOf(id, lineupOf('Alder: Ana, Bo'), ALL);
  jest.useFakeTimers({
    now: new Date('2031-05-05T05:05:05Z'),
    doNotFake: ['nextTick', 'setImmediate', 'setTimeout', 'queueMicrotask'],
  });
  try {
    expect(await bytesOf(id, lineupOf('Alder: Ana, Bo'), ALL)).toEqual(first);
  } finally {
    jest.useRealTimers();
  }
  expect(await everythingIn(id, ALL)).not.toMatch(/s_Ana|c_1|l_1/);
});

test('no way out writes a lineup without groups', async () => {
  for (const [id] of everyId) {
    expect(await write(id, lineupOf(), ALL)).toEqual({ ok: false, issue: { code: 'noGroups' } });
  }
  expect((await written('text', lineupOf('A: Bo'))).clip!.html).toContain('<strong>A</strong>');
});

test('what is doubtful is named before it goes: addresses only where they go too', () => {
  const lineup = lineupOf('Alder: Ana, Bo, Ana', 'Sedge', 'Rush: Caro, Dov, Eli');
  const emails: Record<string, string> = {
    ...{ Bo: '', Caro: 'half@', Dov: 'ANA@example.org', Eli: 'eli@exmaple.org' },
  };
  const groups = lineup.groups.map((one) => ({
    ...one,
    members: one.members.map((member) => ({
      ...member,
      email: emails[member.name] ?? member.email,
      roles: one.name === 'Rush' ? [] : member.roles,
    })),
  }));
  const linked = groups.map((one) => ({ ...one, link: `https://a.example/${'x'.repeat(2000)}` }));
  const told = (addresses: boolean, leads = true) =>
    doubtsOf({ groups }, linked, { addresses, leads }).map(
      ({ code, names }) => `${code}: ${names.join()}`,
    );
  const always = [
    'sameName: Ana,Ana',
    'emptyGroups: Sedge',
    'noLead: Rush',
    'longLinks: Alder,Sedge,Rush',
  ];
  expect(told(false)).toEqual(always);
  expect(told(true)).toEqual([
    'noAddress: Bo',
    'malformedAddress: Caro',
    'doubtfulAddress: Eli',
    'sameAddress: Ana,Ana,Dov',
    ...always,
  ]);
  expect(told(false, false)).not.toContain('noLead: Rush');
});

describe('whoever leads a group', () => {
  const plain = lineupOf('Alder: Ana, Bo', 'Sedge: Caro');
  const led: AddressedLineup = {
    ...plain,
    groups: plain.groups.map((one, row) =>
      row === 0
        ? {
            ...{ ...one, place: 'Boathouse', time: 'Monday, early' },
            led: [{ name: '=Maren', role: '', email: ' maren@example.org ' }],
          }
        : one,
    ),
  };

  test('is staff of that group in the file for machines, with an address only where addresses are asked for', async () => {
    const file = LineupFile.parse(JSON.parse(await textOf('json', led)));
    expect(file.groups.map(({ meets, staff }) => ({ meets, staff }))).toEqual([
      { meets: 'Monday, early', staff: [{ name: '=Maren', role: '' }] },
      { meets: undefined, staff: undefined },
    ]);
    const asked = LineupFile.parse(JSON.parse(await textOf('json', led, { addresses: true })));
    expect(asked.groups[0]?.staff?.[0]?.email?.trim()).toBe('maren@example.org');
  });

  test('stands in columns that are asked for, on every row of the group, and is no formula', async () => {
    const layout = { ...PLAIN_OPTIONS.layout, columns: ['name', 'adult', 'time'] as const };
    const text = await textOf('groups-csv', led, { layout });
    expect(text.replace('\ufeff', '').split('\r\n').slice(1, 4)).toEqual([
      `Ana,'=Maren,"Monday, early"`,
      `Bo,'=Maren,"Monday, early"`,
      'Caro,,',
    ]);
  });

  test('leads the meeting of the group in a calendar, and is asked to no other', async () => {
    const file = await textOf('icalendar', led, { ...NOON, addresses: true });
    const calendar = new ICAL.Component(ICAL.parse(file) as never);
    const chairs = calendar
      .getAllSubcomponents('vevent')
      .map((event) =>
        event
          .getAllProperties('attendee')
          .flatMap((one) => (one.getParameter('role') === 'CHAIR' ? [one.getFirstValue()] : [])),
      );
    expect(chairs).toEqual([['mailto:maren@example.org'], []]);
    expect(await textOf('icalendar', led, NOON)).not.toContain('maren@example.org');
  });
});
