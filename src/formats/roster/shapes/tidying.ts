import { kindOfLine } from '../lineKinds';
import type { Skipped } from '../types';
import type { Line } from './asides';

/** "and" before the last of several. */
export const LAST = /\s+(?:and|&|und|y|et|e|en)\s+(?=\S)/u;

/**
 * "Otters" over whole names, one block after another: where each block but for its first line is of whole names, and
 * the first lines are single words, those name the groups.
 */
export function headedBlocks(all: readonly Line[]): readonly Line[] {
  const blocks: Line[][] = [[]];
  for (const line of all) {
    if (/\S/.test(line.text)) blocks.at(-1)?.push(line);
    else if (blocks.at(-1)?.length) blocks.push([]);
  }
  const filled = blocks.filter(({ length }) => length > 0);
  const isSingle = ({ text }: Line): boolean => /^\s*[\p{L}\d'’-]+\s*$/u.test(text);
  const headed =
    filled.length > 1 &&
    filled.every(
      ([first, ...others]) =>
        first && isSingle(first) && others.length > 1 && !others.some(isSingle),
    );
  if (!headed) return all;
  const heads = new Set(filled.map(([first]) => first));
  return all.map((line) => (heads.has(line) ? { ...line, text: `${line.text.trim()}:` } : line));
}

/** "My students this term are Amira Haddad, …": words before the first of several names. */
const SENTENCE =
  /^\s*((?:[\p{L}\p{N}'’]+\s+){1,9}?(?:are|is|were|include|includes|sind|sont|son|están|estan|sono|são|sao|zijn|heißen))(?:\s*:)?\s+(?=\p{Lu})/u;

/** The names of a sentence on one line, without the words before them and the stop behind them. */
export function withoutSentence(all: readonly Line[]): {
  readonly lines: readonly Line[];
  readonly skipped: readonly Skipped[];
} {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const [first] = filled;
  const whole = filled.map(({ text }) => text.trim()).join(' ');
  const begin = SENTENCE.exec(whole);
  const told = begin !== null && /\p{Ll}{2,}\s/u.test(begin[1] ?? '') && filled.length < 8;
  const names = (told ? whole.slice(begin[0].length) : whole).replace(/(\p{L}{3})\.$/u, '$1');
  const several = names.includes(',') || LAST.test(names);
  if (!first || !several || names.includes('.') || (filled.length > 1 && !told))
    return { lines: all, skipped: [] };
  return {
    lines: [{ line: first.line, text: names }],
    skipped: told ? [{ row: first.line, name: (begin[1] ?? '').trim(), reason: 'title' }] : [],
  };
}

/** "A: Amira, Bram; B: Dov, Eva": each group as a line. */
export function groupsOnOneLine(one: Line): readonly Line[] {
  const groups = one.text.split(';').filter((part) => part.trim() !== '');
  const labelled = groups.every((part) => /^\s*[^:@<>,;]{1,40}:\s*\S/.test(part));
  return groups.length > 1 && labelled ? groups.map((text) => ({ line: one.line, text })) : [one];
}

/** "HADDAD/Amira" on every line, as "HADDAD, Amira". */
export function familyFirst(all: readonly Line[]): readonly Line[] {
  const STROKE = /^(\s*[\p{Lu}\p{M}'’ -]*\p{Lu}{2}[\p{Lu}\p{M}'’ -]*)\/\s*(\p{Lu}\p{Ll}.*)$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  if (filled.length < 2 || !filled.every(({ text }) => STROKE.test(text))) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(STROKE, '$1, $2') }));
}

/** "## Otters" over others, as text with marks for headings has it; where every line has the mark it is a bullet. */
export function headed(all: readonly Line[]): readonly Line[] {
  const HEADED = /^\s*#{1,6}\s+(\p{L}[^:#]*?)\s*#*\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  const marked = filled.filter(({ text }) => HEADED.test(text));
  if (marked.length > filled.length / 2) {
    return all.map((one) => ({ ...one, text: one.text.replace(/^\s*#{1,6}\s+(?=\p{L})/u, '') }));
  }
  return all.map((one) => ({ ...one, text: one.text.replace(HEADED, '$1:') }));
}

/** "Haddad," on one line and "Amira" on the next are one name, where that happens again and again. */
export function joinBroken(all: readonly Line[]): readonly Line[] {
  const open = all.map(({ text }) => /^[^,;@:]*,\s*$/.test(text) && kindOfLine(text) === null);
  const joins = all.filter((_, i) => open[i] && i + 1 < all.length && !open[i + 1]);
  const alternate = joins.length >= 2 && open.every((one, i) => !one || !open[i + 1]);
  if (!alternate) return all;
  const joined: Line[] = [];
  all.forEach((one, i) => {
    const before = joined.at(-1);
    if (i > 0 && open[i - 1] && before) {
      joined[joined.length - 1] = {
        line: before.line,
        text: `${before.text.trim()} ${one.text.trim()}`,
      };
    } else joined.push(one);
  });
  return joined;
}

/** "Amira, Bram, Chipo (3)" without how many there are. */
export function withoutCount(one: Line): Line {
  const [count = '', number = ''] = /\s*\((\d{1,2})\)\s*$/.exec(one.text) ?? [];
  const text = one.text.slice(0, one.text.length - count.length);
  const isCount = count !== '' && text.includes(',') && text.split(',').length === Number(number);
  return isCount ? { ...one, text } : one;
}
