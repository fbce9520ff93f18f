import { archive, type FileIn } from '../archive';
import { escapeHtml, htmlPage } from '../escapeHtml';
import { numberedNames } from '../fileNames';
import type { OutAsk, Write } from '../wayOut';
import type { LinkedGroup } from '../lineupOut';
import type { Root as HastRoot } from 'hast';
import type { Root } from 'mdast';
import { filledDocx, linesOf, parseDocx } from './docxTemplate';
import { elementsOf, filledPage, pageText, parsePage, treeAsPage } from './html';
import { filledTree, parseMarkdown, parsePlain } from './markdown';
import { kindOf, LARGEST_TEMPLATE, textOf, unknownAmong, unknownIn } from './template';
import type { HandoutIssue, Values } from './types';
import { valuesOf } from './values';
import { treeAsDocument } from './wordDocument';

/** A page as it is looked at before it is saved: a tree of elements, or the lines that a document says. */
export type PageShown =
  | { readonly kind: 'tree'; readonly tree: HastRoot }
  | { readonly kind: 'lines'; readonly lines: readonly string[] };

type Page<T> = (group: LinkedGroup, row: number) => T;

/** Makes the page or document of one group, and shows it; `row` counts from 0. */
export type Handout =
  | { readonly ok: true; readonly pageOf: Page<Uint8Array>; readonly shownOf: Page<PageShown> }
  | { readonly ok: false; readonly issue: HandoutIssue };

/** Reads the template once; then every group's page is quick. */
export function handoutOf(ask: OutAsk, wants: 'docx' | 'html'): Handout {
  const { options, lineup, words } = ask;
  const template = options.template ?? {
    name: 'handout.md',
    bytes: new TextEncoder().encode(words.handout),
  };
  if (template.bytes.length > LARGEST_TEMPLATE) return refused({ code: 'templateTooLarge' });
  const kind = kindOf(template);
  const title = (group: LinkedGroup): string => words.title(group.name, lineup.name);
  const valuesAt = (group: LinkedGroup, row: number): Values => valuesOf(ask, group, row);
  if (kind === 'docx') {
    if (wants !== 'docx') return refused({ code: 'wrongTemplate', wants });
    const parsed = parseDocx(template.bytes);
    if (!parsed.ok) return parsed;
    const issue = unknownAmong(parsed.placeholders, ask);
    if (issue) return refused(issue);
    const pageOf: Page<Uint8Array> = (group, row) => filledDocx(parsed.parts, valuesAt(group, row));
    return {
      ok: true,
      pageOf,
      shownOf: (group, row) => ({ kind: 'lines', lines: linesOf(pageOf(group, row)) }),
    };
  }
  const text = textOf(template.bytes);
  const issue = unknownIn(text, ask);
  if (issue) return refused(issue);
  if (kind === 'html') {
    if (wants !== 'html') return refused({ code: 'wrongTemplate', wants });
    const page = parsePage(text);
    const filled: Page<HastRoot> = (group, row) => filledPage(page, valuesAt(group, row));
    return {
      ok: true,
      pageOf: (group, row) => encoded(pageText(filled(group, row))),
      shownOf: (group, row) => ({ kind: 'tree', tree: filled(group, row) }),
    };
  }
  const tree = kind === 'text' ? parsePlain(text) : parseMarkdown(text, lineup.instructions);
  const filled: Page<Root> = (group, row) => filledTree(tree, valuesAt(group, row));
  return {
    ok: true,
    pageOf: (group, row) =>
      wants === 'html'
        ? encoded(treeAsPage(filled(group, row), title(group), words.language))
        : treeAsDocument(filled(group, row), title(group), words.language),
    shownOf: (group, row) => ({ kind: 'tree', tree: elementsOf(filled(group, row)) }),
  };
}

/** A zip with a page for each group; `onPage` is told the part done, and may stop by throwing. */
export async function pack(ask: OutAsk, wants: 'docx' | 'html'): Promise<Write> {
  const handout = handoutOf(ask, wants);
  if (!handout.ok) return handout;
  const { groups } = ask.lineup;
  const names = numberedNames(
    groups.map(({ name }) => name),
    wants,
    'group',
  );
  const files: FileIn[] = [];
  for (const [row, group] of groups.entries()) {
    files.push([names[row] ?? '', handout.pageOf(group, row)]);
    await ask.onPage?.((row + 1) / groups.length);
  }
  const index: readonly FileIn[] = wants === 'html' ? [['index.html', indexPage(ask, names)]] : [];
  return { ok: true, end: 'zip', type: 'application/zip', content: archive([...index, ...files]) };
}

function indexPage({ lineup, words }: OutAsk, names: readonly string[]): Uint8Array {
  const items = lineup.groups.map(
    ({ name }, row) =>
      `<li><a href="${escapeHtml(encodeURIComponent(names[row] ?? ''))}">${escapeHtml(name)}</a></li>`,
  );
  const body = `<h1>${escapeHtml(lineup.name)}</h1>\n<ol>\n${items.join('\n')}\n</ol>`;
  return new TextEncoder().encode(htmlPage(lineup.name, words.language, STYLE, body));
}

const STYLE =
  'body{font:1.1rem/1.5 system-ui,sans-serif;max-width:40rem;margin:2rem auto;padding:0 1rem}';

function refused(issue: HandoutIssue): Handout {
  return { ok: false, issue };
}

function encoded(text: string): Uint8Array {
  return new TextEncoder().encode(text);
}
