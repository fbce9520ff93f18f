import { givenColumn } from '../givenNames';
import { kindOfLine } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { cleanText, plainWords } from '../text';
import { filledOf, type Line, type Tidied } from './lines';
import { BETWEEN_TWO } from './groups';
import { withoutBullet } from './strip';

/** What is told of somebody behind the name, or before it, on most lines of a list. */

/** So many of the lines have it. */
const MOST = 0.8;

interface Behind {
  readonly line: number;
  readonly name: string;
  readonly said: string;
}

/** The lines without what stands behind their names, which is a column of its own. */
function toldOf(all: readonly Line[], heading: string, found: readonly Behind[]): Tidied {
  const of = new Map(found.map(({ line, said }) => [line, said]));
  const nameOf = new Map(found.map(({ line, name }) => [line, name]));
  return {
    lines: all.map((one) => ({ ...one, text: nameOf.get(one.line) ?? one.text })),
    skipped: [],
    told: { heading, of },
  };
}

const nothing = (lines: readonly Line[]): Tidied => ({ lines, skipped: [] });

/** "Amira Haddad p. 12", "Bram Visser (page 40)": one word and a figure on nearly every line. */
export function withFigures(all: readonly Line[]): Tidied {
  const FIGURE =
    /^([^,;]*\p{L}{2}[^,;]*?)[\s–-]+[([]?(\p{Ll}[\p{Ll}\p{M}]{0,9}\.?)\s*(\d{1,4}(?:[.,]\d+)?)[)\]]?\s*$/u;
  const filled = filledOf(all).filter(({ text }) => kindOfLine(text) === null);
  const found = filled.flatMap(({ line, text }): readonly (Behind & { word: string })[] => {
    const [, name = '', word = '', said = ''] = FIGURE.exec(text) ?? [];
    return name === '' ? [] : [{ line, name, said, word }];
  });
  const [first] = found;
  const fits =
    first !== undefined &&
    found.length > 1 &&
    found.length >= filled.length * MOST &&
    found.every(({ word, name }) => word === first.word && looksLikeName(withoutBullet(name)));
  return fits ? toldOf(all, first.word, found) : nothing(all);
}

/** "Amira Haddad yes", "Bram Visser no": small words behind every name, few and again and again. */
export function withAnswers(all: readonly Line[]): Tidied {
  const ANSWER = /^(.*\p{L})\s+(\p{Ll}+)\s*$/u;
  const filled = filledOf(all).filter(({ text }) => kindOfLine(text) === null);
  const found = filled.flatMap(({ line, text }): readonly Behind[] => {
    const [, name = '', said = ''] = ANSWER.exec(text) ?? [];
    return /\p{Lu}/u.test(said) || !looksLikeWholeName(withoutBullet(name))
      ? []
      : [{ line, name, said }];
  });
  const words = new Set(found.map(({ said }) => said));
  const fits =
    found.length > 2 &&
    found.length === filled.length &&
    words.size > 1 &&
    words.size < found.length;
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** "GK Amira Haddad", "DF Bram Visser": a code of capitals before every name, some of them again. */
export function withCodes(all: readonly Line[]): Tidied {
  const CODE = /^\s*(\p{Lu}{1,3})\s+(\p{Lu}\p{Ll}.*)$/u;
  const filled = filledOf(all).filter(({ text }) => kindOfLine(text) === null);
  const found = filled.flatMap(({ line, text }): readonly Behind[] => {
    const [, said = '', name = ''] = CODE.exec(withoutBullet(text)) ?? [];
    return looksLikeWholeName(name) ? [{ line, name, said }] : [];
  });
  const codes = new Set(found.map(({ said }) => said));
  const fits =
    found.length > 3 &&
    found.length === filled.length &&
    codes.size > 1 &&
    codes.size < found.length;
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** "Amira Haddad, Arabic": whole names that begin as people are called, and behind the comma words that nobody is. */
export function withWords(all: readonly Line[]): Tidied {
  const filled = filledOf(all).filter(({ text }) => kindOfLine(text) === null);
  const found = filled.flatMap(({ line, text }): readonly Behind[] => {
    const [name = '', said = '', ...more] = withoutBullet(text).trim().split(/,\s+/u);
    const fits = looksLikeWholeName(name) && /^\p{L}[\p{L}\p{M}'’ -]*$/u.test(said);
    return fits && more.length === 0 ? [{ line, name, said }] : [];
  });
  // Two capital words may be somebody else, where they do not come again.
  const words = new Set(found.map(({ said }) => plainWords(said)));
  const single = found.every(({ said }) => !/\p{L}\s+\p{Lu}/u.test(said));
  const fits =
    found.length > 2 &&
    found.length >= filled.length * MOST &&
    (single || words.size <= found.length / 2) &&
    givenColumn(
      found.map(({ name }) => name),
      found.map(({ said }) => said),
    ) === 'first';
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** "Keep apart: Amira & Bram" beside lines of their own for both: said of people of the list, and nobody more. */
export function withoutSaid(all: readonly Line[]): Tidied {
  const SAID = /^\s*[^:@]{1,40}:\s*(\S.*)$/u;
  const filled = filledOf(all);
  const own = new Set(filled.map(({ text }) => plainWords(withoutBullet(text))));
  const said = filled.filter(({ text }) => {
    const names = (SAID.exec(text)?.[1] ?? '').split(',').flatMap((one) => one.split(BETWEEN_TWO));
    return names.length > 1 && names.every((name) => own.has(plainWords(name)));
  });
  if (said.length === 0) return nothing(all);
  return {
    lines: all.filter((one) => !said.includes(one)),
    skipped: said.map(({ line, text }) => ({
      ...{ row: line, name: cleanText(text), reason: 'footer' as const },
    })),
  };
}
