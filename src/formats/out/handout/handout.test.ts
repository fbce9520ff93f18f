import { strFromU8, strToU8, unzipSync } from 'fflate';
import mammoth from 'mammoth';
import { archive } from '../archive';
import { filledDocx, linesOf, parseDocx } from './docxTemplate';
import { filledPage, pageText, parsePage, treeAsPage } from './html';
import { filledTree, parseMarkdown, parsePlain } from './markdown';
import { kindOf, textOf } from './template';
import { treeAsDocument } from './wordDocument';

const VALUES = {
  ...{ group: 'Alder & <b>', lead: '', place: '', lineup: 'Week 3', code: 'RIV-2' },
  ...{
    link: 'https://rooms.example.org/a',
    message: 'one\ntwo',
    members: ['Ana', 'Bo'],
    roles: [],
  },
};

const HANDOUT = `# {{group}}

## Led by {{lead}}

{{members}}

1. At {{place}}
2. For {{lineup}}

   more
   - inner {{code}}

> Note {{message}}
>
> Led by {{lead}}

\`{{code}}\` *{{group}}* **b**\\
{{link}} at the end

    {{code}} kept

![boats](https://evil.example/x.png) [go]({{link}}) [no](javascript:x) [mail](mailto:a@b.example)

[ref][1] <i>{{group}}</i>

[1]: https://evil.example

---
`;

/** What stands in the body of a page. */
const bodyOf = (page: string): string => /<body>\n?([^]*?)\n?<\/body>/.exec(page)?.[1] ?? '';
const page = (template: string, values = {}): string =>
  bodyOf(
    treeAsPage(
      filledTree(parseMarkdown(template, '# Boots\n{{code}}'), { ...VALUES, ...values }),
      'T',
      'en',
    ),
  );

test('a text becomes a page: every form of it, values as text, what says nothing left out, nothing to fetch', () => {
  expect(page(HANDOUT)).toBe(`<h1>Alder &#x26; &#x3C;b></h1>
<ul>
<li>Ana</li>
<li>Bo</li>
</ul>
<ol>
<li>
<p>For Week 3</p>
<p>more</p>
<ul>
<li>inner RIV-2</li>
</ul>
</li>
</ol>
<blockquote>
<p>Note one<br>
two</p>
</blockquote>
<p><code>RIV-2</code> <em>Alder &#x26; &#x3C;b></em> <strong>b</strong><br>
<a href="https://rooms.example.org/a">https://rooms.example.org/a</a> at the end</p>
<pre><code>RIV-2 kept
</code></pre>
<p>boats <a href="https://rooms.example.org/a">go</a> no <a href="mailto:a@b.example">mail</a></p>
<p>ref &#x3C;i>Alder &#x26; &#x3C;b>&#x3C;/i></p>
<hr>`);
});

test('instructions are text of the teacher’s own, with forms and placeholders; an empty list leaves nothing', () => {
  expect(page('{{ Instructions }}\n\n{{roles}}\n\n- {{roles}}\n- {{members}}')).toBe(
    '<h1>Boots</h1>\n<p>RIV-2</p>\n<ul>\n<li>Ana</li>\n<li>Bo</li>\n</ul>',
  );
});

test('a plain text keeps its lines, and marks say nothing', () => {
  const tree = filledTree(parsePlain('# {{group}}\n*one*\n\n\n{{lead}}\n\n- two  \n'), VALUES);
  expect(bodyOf(treeAsPage(tree, 'T', 'en'))).toBe(
    '<p># Alder &#x26; &#x3C;b><br>\n*one*</p>\n<p>- two</p>',
  );
});

test('a document says the same, with numbered and bulleted lists, quotes and links', async () => {
  const bytes = treeAsDocument(filledTree(parseMarkdown(HANDOUT, ''), VALUES), 'A & B', 'en');
  const { value } = await mammoth.convertToHtml({ buffer: Buffer.from(bytes) });
  expect(value).toBe(
    '<h1>Alder &amp; &lt;b&gt;</h1><ul><li>Ana</li><li>Bo</li></ul><ol><li>For Week 3</li></ol><p>more</p>' +
      '<ul><li><ul><li>inner RIV-2</li></ul></li></ul><p>Note one<br />two</p>' +
      '<p>RIV-2 <em>Alder &amp; &lt;b&gt;</em> <strong>b</strong><br />' +
      '<a href="https://rooms.example.org/a">https://rooms.example.org/a</a> at the end</p><p>RIV-2 kept</p>' +
      '<p>boats <a href="https://rooms.example.org/a">go</a> no <a href="mailto:a@b.example">mail</a></p>' +
      '<p>ref &lt;i&gt;Alder &amp; &lt;b&gt;&lt;/i&gt;</p>',
  );
  const files = unzipSync(bytes);
  const xml = strFromU8(files['word/document.xml']!);
  const marks = [...xml.matchAll(/w:ilvl w:val="(\d)"\/><w:numId w:val="(\d)"/g)];
  // Bulleted, numbered, and a bullet within a number; "more" below its number has none.
  expect(marks.map(([, ...at]) => at.join())).toEqual(['0,1', '0,1', '0,2', '1,1']);
  const styles = [...xml.matchAll(/<w:pStyle w:val="(\w+)"/g)].map(([, style]) => style);
  expect(styles).toEqual(['Heading1', 'Quote', 'Code']);
  const known = strFromU8(files['word/styles.xml']!);
  for (const style of styles) expect(known).toContain(`w:styleId="${style ?? ''}"`);
  expect(strFromU8(files['docProps/core.xml']!)).toContain('<dc:title>A &amp; B</dc:title>');
  expect(strFromU8(files['_rels/.rels']!)).toContain('Target="word/document.xml"');
});

test('a page of the teacher’s own is filled in texts and attributes, and leads only where pages may', () => {
  const parsed = parsePage(
    '<body><!-- gone --><a href=" {{link}} ">a</a><a href="#{{code}}">b</a><a href="xmailto:c">c</a>' +
      '<a href="tel:1">d</a><a href="{{lineup}}">e</a><p class="x {{code}}" title="{{group}}">f {{lead}}</p>' +
      '<ul><li>{{members}}</li><li>of {{members}}</li></ul><style>p{color:red}</style><style>@import "x"</style></body>',
  );
  const text = pageText(filledPage(parsed, VALUES));
  expect(/<body>([^]*)<\/body>/.exec(text)?.[1]).toBe(
    '<a href=" https://rooms.example.org/a ">a</a><a href="#RIV-2">b</a><a>c</a>' +
      '<a href="tel:1">d</a><a>e</a><p class="x RIV-2" title="Alder &#x26; <b>">f </p>' +
      '<ul><li>Ana</li><li>Bo</li><li>of Ana, Bo</li></ul><style>p{color:red}</style><style></style>',
  );
});

describe('a document of the teacher’s own', () => {
  const made = (more: Readonly<Record<string, string>>) => {
    const plain = unzipSync(treeAsDocument(filledTree(parsePlain('{{a}} x'), {}), '', 'en'));
    const added = Object.entries(more).map(([name, text]) => [name, strToU8(text)] as const);
    return archive([...Object.entries(plain), ...added]);
  };
  const document = (body: string): string =>
    `<w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><w:body>${body}</w:body></w:document>`;
  const paragraph = (text: string): string => `<w:p><w:r><w:t>${text}</w:t></w:r></w:p>`;

  test('tells its placeholders once each, and says its lines as they are read', () => {
    const body = ['{{Group}} &amp; {{ group }}', '{{#members}}{{.}};{{/members}}', '{{code}}'];
    const parsed = parseDocx(
      made({ 'word/document.xml': document(body.map(paragraph).join('') + '<w:p/>') }),
    );
    if (!parsed.ok) throw new Error(parsed.issue.code);
    expect([...parsed.placeholders].sort()).toEqual(['code', 'group', 'members']);
    expect(linesOf(filledDocx(parsed.parts, VALUES))).toEqual([
      ...['Alder & <b> & Alder & <b>', 'Ana;Bo;', 'RIV-2'],
    ]);
  });

  test('keeps no macros, nothing embedded and no template elsewhere, and what it had beside them', () => {
    const target = (id: string, to: string, more = ''): string =>
      `<Relationship Id="${id}" Type="t" Target="${to}"${more}/>`;
    const parsed = parseDocx(
      made({
        'word/vbaProject.bin': 'x',
        'word/embeddings/a.bin': 'x',
        'word/media/a.png': 'kept',
        'word/settings.xml': '<w:settings><w:attachedTemplate r:id="rId9"/><w:zoom/></w:settings>',
        'word/_rels/settings.xml.rels': `<Relationships>${target('rId9', 'https://evil.example', ' TargetMode="External"')}${target('rId8', 'media/a.png')}</Relationships>`,
        'word/document.xml': document(
          `<w:p><w:hyperlink r:id="rId7"/><w:object r:id="rId7"/></w:p>${paragraph('x')}`,
        ),
        'word/_rels/document.xml.rels': `<Relationships>${target('rId7', 'embeddings/a.bin')}</Relationships>`,
      }),
    );
    if (!parsed.ok) throw new Error(parsed.issue.code);
    const text = (name: string): string => strFromU8(parsed.parts[name] ?? new Uint8Array());
    const names = Object.keys(parsed.parts);
    expect(names.filter((name) => /vba|embed/.test(name))).toEqual([]);
    expect(text('word/media/a.png')).toBe('kept');
    expect(text('word/settings.xml')).toBe('<w:settings><w:zoom/></w:settings>');
    expect(text('word/_rels/settings.xml.rels')).toBe(
      `<Relationships>${target('rId8', 'media/a.png')}</Relationships>`,
    );
    expect(text('word/document.xml')).not.toContain('rId7');
  });

  test('is refused where it is none, or where a placeholder of it is broken', () => {
    const code = (bytes: Uint8Array): string => {
      const parsed = parseDocx(bytes);
      return parsed.ok ? 'read' : parsed.issue.code;
    };
    expect(code(archive([['a.txt', strToU8('x')]]))).toBe('unreadableDocx');
    expect(code(strToU8('PK no zip'))).toBe('unreadableDocx');
    expect(code(made({ 'word/document.xml': document(paragraph('{{#a}} x')) }))).toBe(
      'brokenPlaceholder',
    );
    expect(code(made({}))).toBe('read');
  });
});

test.each([
  ['a.docx', 'text', 'docx'],
  ['a.DOC', 'text', 'docx'],
  ['a.md', 'PK\u0003\u0004', 'docx'],
  ['a.htm', 'text', 'html'],
  ['a.txt', '<html>', 'text'],
  ['a', '  <!DOCTYPE html>', 'html'],
  ['a.md', '<html lang="en">', 'html'],
  ['a.md', 'about <html>', 'markdown'],
  ['docx.md', '# x', 'markdown'],
])('%s that begins with %j is taken for %s', (name, text, kind) => {
  expect(kindOf({ name, bytes: strToU8(text) })).toBe(kind);
});

test('the text of a template has no mark of its bytes, one kind of line break, and no sign a document cannot hold', () => {
  expect(textOf(strToU8('\ufeffa\r\nb\rc\n\u0007d\te\ufffe'))).toBe('a\nb\nc\n d\te ');
});
