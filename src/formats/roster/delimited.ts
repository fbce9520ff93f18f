import type { Row } from './types';

export type Delimiter = ',' | ';' | '\t' | '|';

/**
 * Cells of delimited text (RFC 4180, any line ending): quotes count only at the beginning of a cell or behind
 * blanks there, and one that is never closed is taken for a letter, so that a stray quote swallows nothing.
 */
export function parseDelimited(text: string, delimiter: Delimiter, mostRows = Infinity): Row[] {
  const rows: Row[] = [];
  let at = 0;
  let line = 1;
  while (at < text.length && rows.length < mostRows) {
    const start = line;
    const cells: string[] = [];
    for (;;) {
      const quoted = readQuoted(text, at, delimiter);
      let cell = '';
      if (quoted) {
        cell = quoted.value;
        line += countLines(text, at, quoted.end);
        at = quoted.end;
      }
      const end = cellEnd(text, at, delimiter);
      cells.push(cell + text.slice(at, end));
      at = end;
      if (text[at] !== delimiter) break;
      at++;
    }
    rows.push({ line: start, cells });
    if (at < text.length) {
      at += text[at] === '\r' && text[at + 1] === '\n' ? 2 : 1;
      line++;
    }
  }
  return rows;
}

/** A cell in quotes; blanks before them, as people write them behind a comma, only where the cell ends with its quotes. */
function readQuoted(
  text: string,
  from: number,
  delimiter: Delimiter,
): { readonly value: string; readonly end: number } | null {
  const start = behindBlanks(text, from);
  if (text[start] !== '"') return null;
  for (let close = text.indexOf('"', start + 1); close >= 0; close = text.indexOf('"', close + 2)) {
    if (text[close + 1] === '"') continue;
    const end = behindBlanks(text, close + 1);
    const ends = end === text.length || [delimiter, '\n', '\r'].includes(text[end] ?? '');
    if (start > from && !ends) return null;
    return {
      value: text.slice(start + 1, close).replaceAll('""', '"'),
      end: ends ? end : close + 1,
    };
  }
  return null;
}

function behindBlanks(text: string, from: number): number {
  let at = from;
  while (text[at] === ' ') at++;
  return at;
}

function cellEnd(text: string, from: number, delimiter: Delimiter): number {
  let at = from;
  while (at < text.length) {
    const sign = text[at];
    if (sign === delimiter || sign === '\n' || sign === '\r') break;
    at++;
  }
  return at;
}

function countLines(text: string, from: number, to: number): number {
  let lines = 0;
  for (let at = from; at < to; at++) {
    if (text[at] === '\n' || (text[at] === '\r' && text[at + 1] !== '\n')) lines++;
  }
  return lines;
}

/** The same line by line: a quote counts only where it closes on its line and at the end of its cell. */
export function parseLines(text: string, delimiter: Delimiter): Row[] {
  return text.split(/\r\n|\r|\n/).map((line, index) => {
    const cells: string[] = [];
    let at = 0;
    for (;;) {
      const quoted = readQuoted(line, at, delimiter);
      const ends = quoted && (quoted.end === line.length || line[quoted.end] === delimiter);
      if (quoted && ends) {
        cells.push(quoted.value);
        at = quoted.end;
      } else {
        const end = cellEnd(line, at, delimiter);
        cells.push(withoutStrayQuotes(line.slice(at, end)));
        at = end;
      }
      if (line[at] !== delimiter) break;
      at++;
    }
    return { line: index + 1, cells };
  });
}

/** A cell without the quotes around it, or the one that stands alone at one of its ends: 5'2" keeps its own. */
function withoutStrayQuotes(cell: string): string {
  const around = /^"(.*)"$/.exec(cell);
  return around?.[1] ?? cell.replace(/^"([^"]*)$/, '$1').replace(/^([^"]*)"$/, '$1');
}

export function hasContent({ cells }: Row): boolean {
  return cells.some((cell) => cell.trim() !== '');
}
