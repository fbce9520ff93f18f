import { isAddress } from './address';

/** One student read from a pasted list. */
export interface PastedName {
  /** Line of the paste, counted from 1. */
  readonly line: number;
  readonly name: string;
  /** As given, even when malformed; '' when there is none. */
  readonly email: string;
  readonly emailIssue: 'malformed' | null;
  /** Line on which the same name stood before, or 0 for a student already in the class; null when it is new. */
  readonly sameNameAs: number | null;
}

/** Most lines read at once. */
export const MOST_PASTED_LINES = 10_000;
/** Longer names are cut nowhere, but hardly names. */
const LONGEST_NAME = 200;

export interface PastedList {
  readonly names: readonly PastedName[];
  /** Lines that hold no name (only an address sign or marks), counted from 1. */
  readonly unread: readonly number[];
  readonly tooMany: boolean;
}

/**
 * Reads a pasted list: one student a line, as a name, `Name <address>`, or a name, a tab and an address.
 * Blank lines and surrounding spaces do not matter; `known` are the names already in the class.
 */
export function readPastedNames(text: string, known: readonly string[]): PastedList {
  const lines = text.split(/\r\n|\r|\n/);
  const lineOfName = new Map(known.map((name) => [sameNameKey(name), 0]));
  const names: PastedName[] = [];
  const unread: number[] = [];
  lines.slice(0, MOST_PASTED_LINES).forEach((raw, index) => {
    const line = index + 1;
    if (clean(raw) === '') return;
    const { name, email } = readLine(raw);
    if (name === '' || name.length > LONGEST_NAME) {
      unread.push(line);
      return;
    }
    const key = sameNameKey(name);
    const sameNameAs = lineOfName.get(key) ?? null;
    if (sameNameAs === null) lineOfName.set(key, line);
    const emailIssue = email === '' || isAddress(email) ? null : 'malformed';
    names.push({ line, name, email, emailIssue, sameNameAs });
  });
  return { names, unread, tooMany: lines.length > MOST_PASTED_LINES };
}

function readLine(raw: string): { readonly name: string; readonly email: string } {
  const bracketed = /^([^<]*)<([^<>]*)>[\s,;]*$/.exec(raw);
  if (bracketed) return nameAndAddress(bracketed[1] ?? '', bracketed[2] ?? '');
  const cells = raw
    .split('\t')
    .map(clean)
    .filter((cell) => cell !== '');
  const at = cells.findIndex((cell) => cell.includes('@'));
  if (cells.length > 1) {
    // The second cell is the address even when it lacks its sign, so that the slip is seen and not lost.
    const address = at >= 0 ? at : 1;
    return nameAndAddress(
      cells.filter((_, index) => index !== address).join(' '),
      cells[address] ?? '',
    );
  }
  return at === 0 && isAddress(cells[0] ?? '')
    ? nameAndAddress('', cells[0] ?? '')
    : nameAndAddress(raw, '');
}

/** Where only the address is known, the part before its sign serves as the name. */
function nameAndAddress(name: string, address: string) {
  const email = clean(address);
  const given = clean(name).replace(/^"(.*)"$/, '$1');
  return { name: given === '' ? (email.split('@')[0] ?? '') : given, email };
}

/** Control and invisible characters out, inner spaces folded, ends trimmed; the text in Unicode's composed form. */
function clean(text: string): string {
  return text
    .normalize('NFC')
    .replace(/[\p{Cc}\u200b\u200e\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]+/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();
}

/** Two names with the same key are the same name to a reader: case and accents' encoding do not count. */
function sameNameKey(name: string): string {
  return clean(name).toLocaleLowerCase('en');
}
