import { givenColumn } from '../givenNames';
import { roleOfColumn } from '../headings';
import { isBareClosing, isListTitle, kindOfLine, sectionHeading } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { cleanText, plainWords } from '../text';
import { doubtful } from './asides';
import { filledOf, isShort, type Line, type Tidied } from './lines';
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

/** Whether a line is no title, heading or remark of the list. */
const isOfSomebody = (text: string): boolean =>
  kindOfLine(text) === null && roleOfColumn(text) === null && !isListTitle(text);

/** Lines up to the end of a letter that are somebody's. */
function peopleOf(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const end = filled.findIndex(({ text }) => isBareClosing(text));
  return filled.slice(0, end < 0 ? undefined : end).filter(({ text }) => isOfSomebody(text));
}

const nothing = (lines: readonly Line[]): Tidied => ({ lines, skipped: [] });

/** What is read behind names, and the part of the lines, 0 to 1, that have it; titles and remarks aside. */
function readBehind(
  all: readonly Line[],
  read: (text: string) => Omit<Behind, 'line'> | null,
): { readonly found: readonly Behind[]; readonly part: number; readonly words: number } {
  const filled = peopleOf(all);
  const found = filled.flatMap(({ line, text }): readonly Behind[] => {
    const told = !isShort(text) ? null : read(withoutBullet(text).trim());
    return told ? [{ line, ...told }] : [];
  });
  const words = new Set(found.map(({ said }) => plainWords(said))).size;
  return { found, part: found.length / Math.max(1, filled.length), words };
}

/** "Amira Haddad p. 12", "Bram Visser (page 40)": one word and a figure on nearly every line. */
export function withFigures(all: readonly Line[]): Tidied {
  const FIGURE =
    /^([^,;]*\p{L}{2}[^,;]*?)[\s–-]+[([]?(\p{Ll}[\p{Ll}\p{M}]{0,9}\.?)\s*(\d{1,4}(?:[.,]\d+)?)[)\]]?$/u;
  // "Amira Haddad 12 kg": the word behind it, which makes no ordinal of it.
  const UNIT =
    /^([^,;]*\p{L}{2}[^,;]*?)[\s–-]+[([]?(\d{1,4}(?:[.,]\d+)?)\s?(?!(?:st|nd|rd|th|er|re|eme)\b)(\p{Ll}{2,9})[)\]]?$/u;
  const words = new Set<string>();
  const { found, part } = readBehind(all, (text) => {
    const unit = UNIT.exec(text);
    const [, name = '', word = '', said = ''] =
      FIGURE.exec(text) ?? (unit ? ['', unit[1], unit[3], unit[2]] : []);
    if (!looksLikeName(name)) return null;
    words.add(word);
    return { name, said };
  });
  const [word = '', ...others] = words;
  const fits = found.length > 1 && part >= MOST && others.length === 0;
  return fits ? toldOf(all, word, found) : nothing(all);
}

/** "Amira Haddad yes", "Bram Visser no": small words behind every name, some of them again. */
export function withAnswers(all: readonly Line[]): Tidied {
  const ANSWER = /^(.*\p{L})\s+(\p{Ll}+)$/u;
  const { found, part, words } = readBehind(all, (text) => {
    const [, name = '', said = ''] = ANSWER.exec(text) ?? [];
    return looksLikeWholeName(name) ? { name, said } : null;
  });
  const fits = found.length > 2 && part === 1 && words > 1 && words < found.length;
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** "GK Amira Haddad", "DF Bram Visser": a code of capitals before every name, some of them again. */
export function withCodes(all: readonly Line[]): Tidied {
  const CODE = /^(\p{Lu}{1,3})\s+(\p{Lu}\p{Ll}.*)$/u;
  const { found, part, words } = readBehind(all, (text) => {
    const [, said = '', name = ''] = CODE.exec(text) ?? [];
    return looksLikeWholeName(name) ? { name, said } : null;
  });
  const fits = found.length > 3 && part === 1 && words > 1 && words < found.length;
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** A comma, "Amira Haddad / she", "Amira Haddad as the Miller". */
const BEFORE_WORDS = /,\s+|\s+\/\s+(?=\p{Ll})|\s+(?:as|als|como|comme|come)\s+(?=\p{L})/u;

/** "Amira Haddad, Arabic": whole names that begin as people are called, and behind the comma words that nobody is. */
export function withWords(all: readonly Line[]): Tidied {
  const { found, part, words } = readBehind(all, (text) => {
    const [name = '', said = '', ...more] = text.split(BEFORE_WORDS);
    const fits = looksLikeWholeName(name) && /^\p{L}[\p{L}\p{M}'’ -]*$/u.test(said);
    return fits && more.length === 0 ? { name, said } : null;
  });
  // "Amira Haddad / she": nobody is called so.
  const saidSmall =
    found.every(({ said }) => /^\p{Ll}/u.test(said)) && !all.some(({ text }) => text.includes(','));
  // Two capital words may be somebody else, where they do not come again.
  const single = found.every(({ said }) => !/\p{L}\s+\p{Lu}/u.test(said));
  const fits =
    found.length > 2 &&
    part >= MOST &&
    (single || words <= found.length / 2) &&
    (saidSmall ||
      givenColumn(
        found.map(({ name }) => name),
        found.map(({ said }) => said),
      ) === 'first');
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** "Amira Haddad x" on every line: a cross behind each. */
export function withCrosses(all: readonly Line[]): Tidied {
  const CROSS = /^(.*[\p{L}.])\s+([xX✓])$/u;
  const { found, part } = readBehind(all, (text) => {
    const [, name = '', said = ''] = CROSS.exec(text) ?? [];
    return looksLikeName(name) ? { name, said } : null;
  });
  return found.length > 1 && part === 1 ? toldOf(all, '', found) : nothing(all);
}

/** "Amira Haddad (Otters)", "Bram Visser (Herons)", "Chipo Dube (Otters)": what comes again is no short name but a group. */
export function withGroupsBehind(all: readonly Line[]): Tidied {
  const GROUP = /^([^()]*\p{L}[^()]*?)\s+\((\p{Lu}[\p{L}'’-]+)\)$/u;
  const { found, part, words } = readBehind(all, (text) => {
    const [, name = '', said = ''] = GROUP.exec(text) ?? [];
    const short = plainWords(name).startsWith(plainWords(said).slice(0, 2));
    return looksLikeWholeName(name) && !short ? { name, said } : null;
  });
  const fits = found.length > 2 && part >= MOST && words <= found.length * MOST_GROUPS;
  return fits ? toldOf(all, '', found) : nothing(all);
}

/** So many of the words in brackets are different ones at most where they tell groups. */
const MOST_GROUPS = 0.7;

/** "Bram Visser 12", "Bram Visser - Year 7", "Bram Visser (S1043)": a mark, a number, or words behind a sign. */
const SOME =
  /^((?:(?!\s[-–—]\s)[^:;@()])*?[\p{L}\p{M}.])(?:\s*[,:]\s+|\s+[-–—]\s+|\t+|\s+)(?:[([]?((?=\S*\d)[\p{L}\d./-]{1,12}%?)[)\]]?|(\p{Lu}[+-]?|x|yes|no|ja|nein|oui|non|sí))$/u;
const SOME_SAID =
  /^([^:;@()]*?\p{L})(?:\s*:\s+|\s+[-–—]\s+)(\p{Lu}\p{L}*\p{Ll}[\p{L}'’-]*(?: \d{1,2})?)$/u;

/** What parts a name from what is told of it surely. */
const SIGN = /\p{L}\.?(?::\s|\s[-–—]\s)/u;

/** "Amira H": a family name by its first letter alone. */
const INITIAL = /\s\p{Lu}\.?$/u;

/**
 * What is told behind some of the names of a list, which stand alone on most of its lines. Letters and words with a capital may
 * be of the name as well: those are asked about, and where others have a letter too nothing is taken.
 */
export function withSome(all: readonly Line[]): Tidied {
  const filled = peopleOf(all);
  const found = filled.flatMap(({ line, text }): readonly Behind[] => {
    const bare = withoutBullet(text).trim();
    const [, name = '', code, word] = (isShort(bare) ? SOME.exec(bare) : null) ?? [];
    const [, before = '', said] = (isShort(bare) ? SOME_SAID.exec(bare) : null) ?? [];
    const told = code ?? word ?? said ?? '';
    const who = name === '' ? before : name;
    const fits = looksLikeName(who) && (word === undefined || looksLikeWholeName(who));
    return told !== '' && fits ? [{ line, name: who, said: told }] : [];
  });
  const lines = new Set(found.map(({ line }) => line));
  const others = filled.filter(({ line }) => !lines.has(line));
  const alone = new Set(others.map(({ text }) => plainWords(withoutBullet(text))));
  // Behind others something else may be said.
  const isName =
    /^\p{L}[\p{L}\p{M}'’.-]*(?:,? \p{L}[\p{L}\p{M}'’.-]*){0,4}(?: \([^()\d]*\)|(?: [-–—]|:) \p{Ll}[^@]*)?$/u;
  const fits =
    found.length > 0 &&
    (others.length >= found.length ||
      (others.length === 0 && found.length > 1 && filled.every(({ text }) => SIGN.test(text)))) &&
    new Set(filled.map(({ line }) => line)).size === filled.length &&
    others.every(({ text }) => isName.test(withoutBullet(text).trim())) &&
    (found.every(({ name }) => looksLikeWholeName(name)) ||
      !others.every(({ text }) => looksLikeWholeName(withoutBullet(text).trim()))) &&
    // "Otter House (3)" tells how many stand below.
    !(found[0]?.line === filled[0]?.line && /\(\d{1,2}\)\s*$/.test(filled[0]?.text ?? '')) &&
    !(others.some(({ text }) => INITIAL.test(text.trim())) && found.some(isLetter)) &&
    // "Group 2" among them heads some.
    found.every(
      ({ name }) =>
        sectionHeading(`${name} 1`) === null &&
        sectionHeading(name) === null &&
        // "Bram" and "Bram 2" are two.
        !alone.has(plainWords(name)),
    );
  if (!fits) return nothing(all);
  const unsure = others.length === 0 ? [] : found.filter(({ said }) => /^\p{Lu}\D*$/u.test(said));
  return {
    ...toldOf(all, '', found),
    warnings: unsure.map(({ line, name }) => doubtful(line, name)),
  };
}

const isLetter = ({ said }: Behind): boolean => /^\p{Lu}[+-]?$/u.test(said);

/** "Allergies:" over "Amira – peanuts", where all of those are named above: said of people of the list, and nobody more. */
export function withoutSaidBelow(all: readonly Line[]): Tidied {
  const NAMED = /^\s*([^:(–—]{2,60}?)\s*(?:\s[–—-]\s|[:(→]|->)\s*\S/u;
  const filled = filledOf(all);
  const at = filled.findLastIndex(({ text }) => /\p{L}\s*:\s*$/u.test(text));
  if (at < 2) return nothing(all);
  const [above, below] = [filled.slice(0, at), filled.slice(at + 1)];
  const known = above.map(({ text }) => ` ${plainWords(text)} `);
  const isKnown = (text: string): boolean => {
    const name = plainWords(NAMED.exec(withoutBullet(text))?.[1] ?? '');
    return name !== '' && known.some((one) => one.includes(` ${name} `));
  };
  const fits = below.length > 0 && below.every(({ text }) => isKnown(text));
  if (!fits) return nothing(all);
  return {
    lines: above,
    skipped: filled.slice(at).map(({ line, text }) => ({
      ...{ row: line, name: cleanText(text), reason: 'footer' as const },
    })),
  };
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
