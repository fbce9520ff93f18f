import type { Root, RootContent, PhrasingContent } from 'mdast';
import { archive, type FileIn } from '../archive';
import { plainText } from './markdown';

/**
 * A filled tree as a document (ECMA-376, WordprocessingML, transitional). Our own small writer: the packages at hand draw
 * random ids and write the clock into the file, and the same hand-out has to be the same bytes.
 */
export function treeAsDocument(tree: Root, title: string, language: string): Uint8Array {
  const links: string[] = [];
  const body = tree.children
    .map((node) => block(node, { links, level: -1, ordered: false }))
    .join('');
  const file = (name: string, xml: string): FileIn => [name, new TextEncoder().encode(HEAD + xml)];
  return archive([
    file('[Content_Types].xml', CONTENT_TYPES),
    file('_rels/.rels', PACKAGE_LINKS),
    file(
      'docProps/core.xml',
      `<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>${escapeXml(title)}</dc:title><dc:language>${escapeXml(language)}</dc:language></cp:coreProperties>`,
    ),
    file(
      'word/document.xml',
      `<w:document ${NAMESPACES}><w:body>${body}${PAGE}</w:body></w:document>`,
    ),
    file('word/styles.xml', STYLES),
    file('word/numbering.xml', NUMBERING),
    file('word/_rels/document.xml.rels', documentLinks(links)),
  ]);
}

interface Where {
  /** Targets of links, in the order of their ids. */
  readonly links: string[];
  /** Depth of the list around; -1 outside of any. */
  readonly level: number;
  readonly ordered: boolean;
}

function block(node: RootContent, where: Where): string {
  // eslint-disable-next-line @typescript-eslint/switch-exhaustiveness-check -- what has no form of its own is told as it is
  switch (node.type) {
    case 'heading':
      return paragraph(`Heading${Math.min(node.depth, 3)}`, inline(node.children, where), where);
    case 'paragraph':
      return paragraph(null, inline(node.children, where), where);
    case 'blockquote':
      return node.children
        .map((one) =>
          one.type === 'paragraph'
            ? paragraph('Quote', inline(one.children, where), where)
            : block(one, where),
        )
        .join('');
    case 'list': {
      const inside = {
        ...where,
        level: Math.min(where.level + 1, 8),
        ordered: node.ordered ?? false,
      };
      return node.children
        .map((item) =>
          // Only the first paragraph of an item has its mark.
          item.children
            .map((one, i) =>
              block(one, i === 0 || one.type === 'list' ? inside : { ...inside, level: -1 }),
            )
            .join(''),
        )
        .join('');
    }
    case 'code':
      return node.value
        .split('\n')
        .map((line) => paragraph('Code', run(line, ''), where))
        .join('');
    case 'thematicBreak':
      return '<w:p><w:pPr><w:pBdr><w:bottom w:val="single" w:sz="6" w:space="1" w:color="auto"/></w:pBdr></w:pPr></w:p>';
    default:
      return paragraph(null, run(plainText(node), ''), where);
  }
}

function paragraph(style: string | null, runs: string, { level, ordered }: Where): string {
  const mark =
    level < 0
      ? ''
      : `<w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="${ordered ? 2 : 1}"/></w:numPr>`;
  const styled = style === null ? '' : `<w:pStyle w:val="${style}"/>`;
  return `<w:p><w:pPr>${styled}${mark}</w:pPr>${runs}</w:p>`;
}

function inline(nodes: readonly PhrasingContent[], where: Where, marks = ''): string {
  return nodes
    .map((node) => {
      // eslint-disable-next-line @typescript-eslint/switch-exhaustiveness-check -- what has no form of its own is told as it is
      switch (node.type) {
        case 'text':
          return run(node.value, marks);
        case 'strong':
          return inline(node.children, where, `${marks}<w:b/>`);
        case 'emphasis':
          return inline(node.children, where, `${marks}<w:i/>`);
        case 'inlineCode':
          return run(node.value, `<w:rFonts w:ascii="Courier New" w:hAnsi="Courier New"/>${marks}`);
        case 'break':
          return '<w:r><w:br/></w:r>';
        case 'link': {
          const id = where.links.push(node.url);
          const inside = inline(node.children, where, `<w:rStyle w:val="Hyperlink"/>${marks}`);
          return `<w:hyperlink r:id="rIdLink${id}">${inside}</w:hyperlink>`;
        }
        default:
          return run(plainText(node), marks);
      }
    })
    .join('');
}

function run(text: string, marks: string): string {
  if (text === '') return '';
  return `<w:r><w:rPr>${marks}</w:rPr><w:t xml:space="preserve">${escapeXml(text)}</w:t></w:r>`;
}

function escapeXml(text: string): string {
  return text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')
    .replaceAll("'", '&apos;');
}

const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';
const OFFICE = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const RELATIONSHIPS = 'http://schemas.openxmlformats.org/package/2006/relationships';
const MAIN = 'application/vnd.openxmlformats-officedocument.wordprocessingml';
const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';
const NAMESPACES = `xmlns:w="${W}" xmlns:r="${OFFICE}"`;

const CONTENT_TYPES = `<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/word/document.xml" ContentType="${MAIN}.document.main+xml"/><Override PartName="/word/styles.xml" ContentType="${MAIN}.styles+xml"/><Override PartName="/word/numbering.xml" ContentType="${MAIN}.numbering+xml"/><Override PartName="/docProps/core.xml" ContentType="application/vnd.openxmlformats-package.core-properties+xml"/></Types>`;

const PACKAGE_LINKS = `<Relationships xmlns="${RELATIONSHIPS}"><Relationship Id="rId1" Type="${OFFICE}/officeDocument" Target="word/document.xml"/><Relationship Id="rId2" Type="http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties" Target="docProps/core.xml"/></Relationships>`;

function documentLinks(links: readonly string[]): string {
  const outward = links.map(
    (link, i) =>
      `<Relationship Id="rIdLink${i + 1}" Type="${OFFICE}/hyperlink" Target="${escapeXml(link)}" TargetMode="External"/>`,
  );
  return `<Relationships xmlns="${RELATIONSHIPS}"><Relationship Id="rId1" Type="${OFFICE}/styles" Target="styles.xml"/><Relationship Id="rId2" Type="${OFFICE}/numbering" Target="numbering.xml"/>${outward.join('')}</Relationships>`;
}

/** A4 with margins of 2 cm, in twentieths of a point. */
const PAGE =
  '<w:sectPr><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1134" w:right="1134" w:bottom="1134" w:left="1134" w:header="567" w:footer="567" w:gutter="0"/></w:sectPr>';

const style = (id: string, name: string, more: string, based = 'Normal'): string =>
  `<w:style w:type="paragraph" w:styleId="${id}"><w:name w:val="${name}"/><w:basedOn w:val="${based}"/>${more}</w:style>`;
const heading = (level: number, size: number): string =>
  style(
    `Heading${level}`,
    `heading ${level}`,
    `<w:next w:val="Normal"/><w:pPr><w:keepNext/><w:spacing w:before="240" w:after="120"/><w:outlineLvl w:val="${level - 1}"/></w:pPr><w:rPr><w:b/><w:sz w:val="${size}"/></w:rPr>`,
  );
const STYLES = `<w:styles ${NAMESPACES}><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="Calibri" w:hAnsi="Calibri" w:cs="Calibri"/><w:sz w:val="24"/></w:rPr></w:rPrDefault><w:pPrDefault><w:pPr><w:spacing w:after="120"/></w:pPr></w:pPrDefault></w:docDefaults><w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style>${heading(1, 48)}${heading(2, 34)}${heading(3, 28)}${style('Quote', 'Quote', '<w:pPr><w:ind w:left="567"/></w:pPr><w:rPr><w:i/></w:rPr>')}${style('Code', 'Code', '<w:rPr><w:rFonts w:ascii="Courier New" w:hAnsi="Courier New"/></w:rPr>')}<w:style w:type="character" w:styleId="Hyperlink"><w:name w:val="Hyperlink"/><w:rPr><w:color w:val="1F4E79"/><w:u w:val="single"/></w:rPr></w:style></w:styles>`;

const levels = (format: string, sign: (level: number) => string): string =>
  Array.from(
    { length: 9 },
    (_, level) =>
      `<w:lvl w:ilvl="${level}"><w:start w:val="1"/><w:numFmt w:val="${format}"/><w:lvlText w:val="${sign(level)}"/><w:lvlJc w:val="left"/><w:pPr><w:ind w:left="${(level + 1) * 425}" w:hanging="340"/></w:pPr></w:lvl>`,
  ).join('');
const NUMBERING = `<w:numbering ${NAMESPACES}><w:abstractNum w:abstractNumId="0">${levels('bullet', () => '•')}</w:abstractNum><w:abstractNum w:abstractNumId="1">${levels('decimal', (level) => `%${level + 1}.`)}</w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num><w:num w:numId="2"><w:abstractNumId w:val="1"/></w:num></w:numbering>`;
