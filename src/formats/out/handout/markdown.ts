import type {
  Code,
  Html,
  List,
  ListItem,
  Paragraph,
  PhrasingContent,
  Root,
  RootContent,
  Text,
} from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { isWeb } from '../links';
import { cleanLines } from './values';
import { fill, saysNothing, soleList, valueOf } from './placeholders';
import type { Values } from './types';

/** A hand-out as a tree, of which every group's page is filled; parsed once, so that no value is ever mark-up. */
export function parseMarkdown(template: string, instructions: string): Root {
  // The class's instructions are Markdown of the teacher's own, as the template is.
  const whole = template.replace(/^\{\{\s*instructions\s*\}\}[ \t]*$/gim, () =>
    cleanLines(instructions),
  );
  return fromMarkdown(whole);
}

/** A plain text as a tree: a paragraph for each block of lines, each line for itself. */
export function parsePlain(template: string): Root {
  const blocks = template.split(/\n[ \t]*\n+/).filter((block) => block.trim() !== '');
  return {
    type: 'root',
    children: blocks.map((block) => ({ type: 'paragraph', children: [textNode(block.trimEnd())] })),
  };
}

/** The page of one group: placeholders filled, lines left out whose placeholders are all empty, nothing to fetch. */
export function filledTree(tree: Root, values: Values): Root {
  return { type: 'root', children: tree.children.flatMap((node) => block(node, values)) };
}

function block(node: RootContent, values: Values): readonly RootContent[] {
  // eslint-disable-next-line @typescript-eslint/switch-exhaustiveness-check -- what has no form of its own is told as it is
  switch (node.type) {
    case 'paragraph':
      return paragraph(node, values);
    case 'heading': {
      if (saysNothing(plainText(node), values)) return [];
      return [{ ...node, children: phrasing(node.children, values) }];
    }
    case 'list':
      return list(node, values);
    case 'blockquote':
      return [{ ...node, children: node.children.flatMap((one) => block(one, values)) as never }];
    case 'code':
    case 'html':
      return [literal(node, values)];
    case 'definition':
      return [];
    default:
      return [node];
  }
}

function paragraph(node: Paragraph, values: Values): readonly RootContent[] {
  const said = plainText(node);
  const items = soleList(said, values);
  if (items && items.length > 0) return [bulleted(items)];
  if (saysNothing(said, values)) return [];
  return [{ ...node, children: phrasing(node.children, values) }];
}

function list(node: List, values: Values): readonly RootContent[] {
  const children = node.children.flatMap((item): readonly ListItem[] => {
    const said = plainText(item);
    const items = item.children.length === 1 ? soleList(said, values) : undefined;
    if (items) return bulleted(items).children;
    if (saysNothing(said, values)) return [];
    return [{ ...item, children: item.children.flatMap((one) => block(one, values)) as never }];
  });
  return children.length === 0 ? [] : [{ ...node, children }];
}

function bulleted(items: readonly string[]): List {
  return {
    type: 'list',
    ordered: false,
    spread: false,
    children: items.map((item) => ({
      type: 'listItem',
      spread: false,
      children: [{ type: 'paragraph', children: [textNode(item)] }],
    })),
  };
}

function literal(node: Code | Html, values: Values): RootContent {
  if (node.type === 'code') return { ...node, value: fill(node.value, values) };
  return { type: 'paragraph', children: lines(fill(node.value, values)) };
}

function phrasing(nodes: readonly PhrasingContent[], values: Values): PhrasingContent[] {
  return nodes.flatMap((node): PhrasingContent[] => {
    // eslint-disable-next-line @typescript-eslint/switch-exhaustiveness-check -- what has no form of its own is told as it is
    switch (node.type) {
      case 'text':
      case 'html':
        return lines(fill(node.value, values)).flatMap((one) =>
          one.type === 'text' ? linked(one.value, node.value, values) : [one],
        );
      case 'inlineCode':
        return [{ ...node, value: fill(node.value, values) }];
      case 'link': {
        const url = fill(decoded(node.url), values);
        const children = phrasing(node.children, values);
        return isWeb(url) || url.startsWith('mailto:')
          ? [{ ...node, url, children: children }]
          : children;
      }
      case 'linkReference':
        return phrasing(node.children, values);
      case 'image':
      case 'imageReference':
        return [textNode(node.alt ?? '')];
      case 'emphasis':
      case 'strong':
      case 'delete':
        return [{ ...node, children: phrasing(node.children, values) }];
      default:
        return [node];
    }
  });
}

/** A text whose template has `{{link}}` in it: the link can be pressed. */
function linked(said: string, template: string, values: Values): PhrasingContent[] {
  const link = valueOf(values, 'link');
  const given = typeof link === 'string' && isWeb(link) && /\{\{\s*link\s*\}\}/i.test(template);
  const at = given ? said.indexOf(link) : -1;
  if (!given || at < 0) return [textNode(said)];
  const [before, after] = [said.slice(0, at), said.slice(at + link.length)];
  return [
    ...(before === '' ? [] : [textNode(before)]),
    { type: 'link', url: link, children: [textNode(link)] },
    ...(after === '' ? [] : [textNode(after)]),
  ];
}

function lines(text: string): PhrasingContent[] {
  return text
    .split('\n')
    .flatMap((line, i): PhrasingContent[] =>
      i === 0 ? [textNode(line)] : [{ type: 'break' }, textNode(line)],
    );
}

function textNode(value: string): Text {
  return { type: 'text', value };
}

/** A destination in which braces were written as triplets. */
function decoded(url: string): string {
  return url.replaceAll('%7B', '{').replaceAll('%7D', '}');
}

/** All that a node says, without its marks. */
export function plainText(node: object): string {
  if ('value' in node && typeof node.value === 'string') return node.value;
  if (!('children' in node) || !Array.isArray(node.children)) return '';
  return node.children.map((one) => plainText(one as object)).join('');
}
