import { roleOfPerson } from './names';
import type { Row, Skipped, Table } from './types';

const HEADINGS = ['Full name', 'Given name', 'Family name', 'Preferred name', 'E-mail', 'Role'];

/** Beyond the least preferred that a card can say. */
const UNRANKED = 101;

/**
 * The cards of an address book, version 3 or 4 (RFC 2426, RFC 6350), as a table; groups and lists are no persons, and
 * are named as left out. A card that is cut off counts as far as it goes.
 */
export function vcardTable(text: string): Table {
  const rows: Row[] = [{ line: 0, cells: HEADINGS }];
  const skipped: Skipped[] = [];
  let card: Map<string, string> | null = null;
  /** property → how much the value taken so far is preferred; the lower the more. */
  const ranks = new Map<string, number>();
  let start = 0;
  const finish = (): void => {
    if (!card) return;
    const cells = cellsOf(card);
    const called = unescape(card.get('FN') ?? card.get('ORG') ?? card.get('TEL') ?? '').replace(
      /;+$/,
      '',
    );
    if (/^(group|org|location)/i.test(card.get('KIND') ?? '') || card.has('MEMBER'))
      skipped.push({ row: start, name: called, reason: 'notStudent' });
    else if (cells.every((cell) => cell === ''))
      skipped.push({ row: start, name: called || NAMELESS, reason: 'noName' });
    else rows.push({ line: start, cells });
    card = null;
  };
  for (const { line, content } of unfold(text)) {
    const { name, value, rank } = property(content);
    if (name === 'BEGIN' && value.toUpperCase() === 'VCARD') {
      finish();
      card = new Map();
      ranks.clear();
      start = line;
    } else if (name === 'END' && card) finish();
    else if (!card) {
      const rest = content.trim();
      if (rest !== '') skipped.push({ row: line, name: rest, reason: 'footer' });
    } else if (rank < (ranks.get(name) ?? Infinity)) {
      card.set(name, value);
      ranks.set(name, rank);
    }
  }
  finish();
  return { name: '', rows, commaIsDecimal: false, skipped };
}

/** A card of which nothing is known. */
const NAMELESS = 'BEGIN:VCARD';

function cellsOf(card: ReadonlyMap<string, string>): readonly string[] {
  const [family = '', given = ''] = splitUnescaped(card.get('N') ?? '');
  const value = (name: string): string => unescape(card.get(name) ?? '');
  return [
    value('FN'),
    unescape(given),
    unescape(family),
    value('NICKNAME').split(',')[0] ?? '',
    value('EMAIL'),
    value('ROLE') || (roleOfPerson(value('TITLE')) === 'staff' ? value('TITLE') : ''),
  ];
}

/** Content lines put together again: a line that begins with a space or tab goes on with the one before. */
function unfold(text: string): readonly { readonly line: number; readonly content: string }[] {
  const lines: { line: number; content: string }[] = [];
  text.split(/\r\n|\r|\n/).forEach((content, index) => {
    const last = lines.at(-1);
    if (/^[ \t]/.test(content) && last) last.content += content.slice(1);
    // Quoted-printable goes on after a sign of equality at the end (RFC 2045, 6.7).
    else if (
      last &&
      /;(ENCODING=)?QUOTED-PRINTABLE/i.test(last.content) &&
      last.content.endsWith('=')
    )
      last.content = last.content.slice(0, -1) + content;
    else lines.push({ line: index + 1, content });
  });
  return lines;
}

function property(content: string): {
  readonly name: string;
  readonly value: string;
  /** 1 for the most preferred of its name to 100, and beyond for one of which nothing is said (RFC 6350, 5.3). */
  readonly rank: number;
} {
  let colon = -1;
  let quoted = false;
  for (let at = 0; at < content.length && colon < 0; at++) {
    if (content[at] === '"') quoted = !quoted;
    if (content[at] === ':' && !quoted) colon = at;
  }
  const head = colon < 0 ? content : content.slice(0, colon);
  const name = (head.split(';')[0] ?? '')
    .replace(/^[^.]*\./, '')
    .toUpperCase()
    .trim();
  const encoded = /;(ENCODING=)?QUOTED-PRINTABLE\b/i.test(head);
  const plainlyPreferred = /;(PREF|TYPE=[^;]*\bPREF\b[^;]*)(;|$)/i.test(head);
  const numbered = /;PREF="?(\d{1,3})\b/i.exec(head)?.[1];
  const rank = plainlyPreferred ? 1 : Number(numbered ?? UNRANKED);
  const value = colon < 0 ? '' : content.slice(colon + 1).trim();
  return { name, value: encoded ? fromQuotedPrintable(value) : value, rank };
}

/** Older address books write letters as =C3=AB (RFC 2045, 6.7), the bytes in UTF-8. */
function fromQuotedPrintable(value: string): string {
  const bytes: number[] = [];
  for (let at = 0; at < value.length; at++) {
    const code = /^=([0-9A-F]{2})/i.exec(value.slice(at, at + 3))?.[1];
    if (code === undefined) bytes.push(...new TextEncoder().encode(value[at]));
    else {
      bytes.push(parseInt(code, 16));
      at += 2;
    }
  }
  return new TextDecoder().decode(Uint8Array.from(bytes));
}

function splitUnescaped(value: string): readonly string[] {
  return value.split(/(?<!\\);/);
}

function unescape(value: string): string {
  return value
    .replace(/\\[nN]/g, ' ')
    .replace(/\\([\\,;:'"])/g, '$1')
    .trim();
}
