import type { OutAsk } from '../wayOut';
import { placeholdersIn } from './placeholders';
import type { HandoutIssue, Template } from './types';
import { knownPlaceholders } from './values';

export type TemplateKind = 'docx' | 'html' | 'markdown' | 'text';

/** Bytes; a hand-out with pictures stays well below. */
export const LARGEST_TEMPLATE = 20_000_000;

export function kindOf({ name, bytes }: Template): TemplateKind {
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return 'docx';
  if (/\.docx?$/i.test(name)) return 'docx';
  if (/\.html?$/i.test(name)) return 'html';
  if (/\.txt$/i.test(name)) return 'text';
  const start = textOf(bytes.subarray(0, 500));
  return /^\s*<(?:!doctype|html)\b/i.test(start) ? 'html' : 'markdown';
}

/** Control signs but tab and line break: no document may hold them. */
// eslint-disable-next-line no-control-regex -- they are what is looked for
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufffe\uffff]/g;

/** The text of a template, without a byte order mark and control signs. */
export function textOf(bytes: Uint8Array): string {
  return new TextDecoder()
    .decode(bytes)
    .replace(/^\ufeff/, '')
    .replace(/\r\n?/g, '\n')
    .replace(CONTROL, ' ');
}

/** Placeholders of the text that mean nothing; null where there are none. */
export function unknownIn(
  text: string,
  ask: OutAsk,
  more: readonly string[] = [],
): HandoutIssue | null {
  return unknownAmong(placeholdersIn(text), ask, more);
}

export function unknownAmong(
  given: readonly string[],
  ask: OutAsk,
  more: readonly string[] = [],
): HandoutIssue | null {
  const known = [...knownPlaceholders(ask), ...more];
  const names = given.filter((name) => !known.includes(name));
  return names.length === 0 ? null : { code: 'unknownPlaceholders', names, known };
}
