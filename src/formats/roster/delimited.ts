import type { Row } from './types';

export type Delimiter = ',' | ';' | '\t' | '|';

const DELIMITERS: readonly Delimiter[] = ['\t', ';', ',', '|'];
/** Rows looked at to find the delimiter. */
const SAMPLE_ROWS = 60;

/**
 * Cells of delimited text (RFC 4180, any line ending): quotes count only at the beginning of a cell, and one
 * that is never closed is taken for a letter, so that a stray quote swallows nothing.
 */
export function parseDelimited(text: string, delimiter: Delimiter, mostRows = Infinity): Row[] {
  const rows: Row[] = [];
  let at = 0;
  let line = 1;
  while (at < text.length && rows.length < mostRows) {
    const start = line;
    const cells: string[] = [];
    for (;;) {
      const quoted = text[at] === '"' ? readQuoted(text, at) : null;
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

function readQuoted(
  text: string,
  start: number,
): { readonly value: string; readonly end: number } | null {
  for (let close = text.indexOf('"', start + 1); close >= 0; close = text.indexOf('"', close + 2)) {
    if (text[close + 1] === '"') continue;
    return { value: text.slice(start + 1, close).replaceAll('""', '"'), end: close + 1 };
  }
  return null;
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

/** The delimiter that parts most rows into the same number of cells; null when none parts them. */
export function detectDelimiter(text: string): Delimiter | null {
  let best: Delimiter | null = null;
  let bestScore = 0;
  for (const delimiter of DELIMITERS) {
    const rows = parseDelimited(text, delimiter, SAMPLE_ROWS).filter(hasContent);
    const counts = new Map<number, number>();
    rows.forEach(({ cells }) => counts.set(cells.length, (counts.get(cells.length) ?? 0) + 1));
    for (const [width, count] of counts) {
      if (width < 2 || count < Math.min(2, rows.length)) continue;
      // The share of rows of one width counts first, the width only between equals.
      const score = count / rows.length + Math.min(width, 50) / 1_000;
      if (score > bestScore) [best, bestScore] = [delimiter, score];
    }
  }
  return best;
}

export function hasContent({ cells }: Row): boolean {
  return cells.some((cell) => cell.trim() !== '');
}
