import type {
  Comment,
  Doctype,
  Element,
  ElementContent,
  Root as HastRoot,
  RootContent,
} from 'hast';
import { fromHtml } from 'hast-util-from-html';
import { toHtml } from 'hast-util-to-html';
import type { Root } from 'mdast';
import { toHast } from 'mdast-util-to-hast';
import { isWeb } from '../links';
import { htmlPage } from '../escapeHtml';
import { fill, soleList } from './placeholders';
import type { Values } from './types';

const STYLE =
  'body{font:1.1rem/1.5 system-ui,sans-serif;max-width:40rem;margin:2rem auto;padding:0 1rem}h1{font-size:2rem;margin:0 0 1rem}li{margin:.2em 0}@media print{body{margin:0}}';

/** The page of a filled tree. */
export function treeAsPage(tree: Root, title: string, language: string): string {
  return htmlPage(title, language, STYLE, toHtml(elementsOf(tree)));
}

/** A teacher's own page, parsed once and made harmless: no script, nothing that is fetched. */
export function parsePage(html: string): HastRoot {
  const tree = fromHtml(html);
  const children = tree.children.filter(({ type }) => type !== 'doctype');
  return {
    type: 'root',
    children: [{ type: 'doctype' }, ...children.flatMap((node) => harmlessNode(node))],
  };
}

/** The page of one group, its values put into texts and attributes of the tree, where nothing can become mark-up. */
export function filledPage(tree: HastRoot, values: Values): HastRoot {
  return { type: 'root', children: tree.children.flatMap((node) => filledNode(node, values)) };
}

export function pageText(tree: HastRoot): string {
  return toHtml(tree);
}

/** A filled tree as elements. */
export function elementsOf(tree: Root): HastRoot {
  const made = toHast(tree);
  return made.type === 'root' ? made : { type: 'root', children: [made] };
}

const POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:";

/** Elements that run, fetch, or lead elsewhere by themselves. */
const REFUSED = new Set(
  (
    'script iframe frame frameset object embed applet link base meta template noscript portal ' +
    'foreignObject foreignobject animate animateMotion animateTransform set image use'
  ).split(' '),
);
/** Attributes by which something is fetched or sent. */
const FETCHING = new Set(
  (
    'src srcset imageSrcSet data poster background action formAction ping longDesc manifest codeBase ' +
    'archive classId profile xLinkHref lowsrc dynsrc'
  )
    .toLowerCase()
    .split(' '),
);

type AnyNode = Doctype | Comment | ElementContent | RootContent;

function harmlessNode<N extends AnyNode>(node: N): N[] {
  if (node.type === 'comment') return [];
  if (node.type !== 'element') return [node];
  const { tagName, properties, children } = node;
  if (REFUSED.has(tagName)) return [];
  const kept = Object.entries(properties).filter(([name, value]) =>
    harmlessAttribute(tagName, name, value),
  );
  const inside =
    tagName === 'style' ? harmlessStyle(children) : children.flatMap((one) => harmlessNode(one));
  const element: Element = {
    ...node,
    properties: Object.fromEntries(kept),
    children: tagName === 'head' ? [...headings(), ...inside] : inside,
  };
  return [element as N];
}

/** What every page says first: its encoding, and that nothing is fetched. */
function headings(): readonly Element[] {
  const meta = (properties: Element['properties']): Element => ({
    ...{ type: 'element', tagName: 'meta', properties, children: [] },
  });
  return [
    meta({ charSet: 'utf-8' }),
    meta({ httpEquiv: ['Content-Security-Policy'], content: POLICY }),
  ];
}

function harmlessAttribute(tag: string, name: string, value: unknown): boolean {
  const lower = name.toLowerCase();
  if (lower.startsWith('on')) return false;
  if (lower === 'style') return !String(value).includes('{{') && cssIsHarmless(String(value));
  if (lower === 'src' && tag === 'img') return String(value).startsWith('data:image/');
  if (FETCHING.has(lower)) return false;
  if (lower === 'href') {
    const text = String(value).trim();
    return tag === 'a' && (text.includes('{{') || text.startsWith('#') || leads(text));
  }
  return true;
}

function leads(text: string): boolean {
  return isWeb(text) || /^(?:mailto|tel):/i.test(text);
}

function harmlessStyle(children: readonly ElementContent[]): ElementContent[] {
  return children.flatMap((one) =>
    one.type === 'text' && cssIsHarmless(one.value) && !one.value.includes('{{') ? [one] : [],
  );
}

/** Whether a style fetches nothing, escapes read (CSS Syntax 3, 4.3.7). */
function cssIsHarmless(css: string): boolean {
  const read = css
    .replace(/\/\*[^]*?\*\//g, '')
    .replace(/\\([0-9a-f]{1,6})\s?/gi, (_, hex: string) =>
      String.fromCodePoint(Math.min(parseInt(hex, 16), 0x10ffff)),
    )
    .replaceAll('\\', '');
  const without = read.replace(/url\(\s*["']?data:/gi, '');
  return !/@import|url\s*\(|image-set\s*\(|\bsrc\s*\(|expression\s*\(|-moz-binding|behavior\s*:/i.test(
    without,
  );
}

function filledNode<N extends AnyNode>(node: N, values: Values): N[] {
  if (node.type === 'text') return [{ ...node, value: fill(node.value, values) }];
  if (node.type !== 'element') return [node];
  const only = node.children.length === 1 ? node.children[0] : undefined;
  const items =
    node.tagName === 'li' && only?.type === 'text' ? soleList(only.value, values) : undefined;
  if (items) {
    return items.map((value): N => ({ ...node, children: [{ type: 'text', value }] }));
  }
  const properties = Object.fromEntries(
    Object.entries(node.properties).flatMap(([name, value]) => {
      const filled = attribute(value, values);
      const to = name === 'href' && typeof filled === 'string' ? filled.trim() : null;
      const lost = to !== null && !to.startsWith('#') && !leads(to);
      return lost ? [] : [[name, filled]];
    }),
  );
  const children = node.children.flatMap((one) => filledNode(one, values));
  return [{ ...node, properties, children }];
}

function attribute(value: unknown, values: Values): Element['properties'][string] {
  if (typeof value === 'string') return fill(value, values);
  if (Array.isArray(value)) return value.map((one: unknown) => fill(String(one), values));
  return value as Element['properties'][string];
}
