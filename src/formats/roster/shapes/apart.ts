import { allGiven, givenAmong } from '../givenNames';
import { roleOfColumn } from '../headings';
import {
  isBareClosing,
  isClosing,
  isGreeting,
  isListTitle,
  isPlace,
  kindOfLine,
  signedBy,
} from '../lineKinds';
import { isParticle, isSchoolRole, isTitled, looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { filledOf, type Line } from './lines';
import { isOfSentences } from './manyWords';
import { withoutBullet } from './strip';

/** What may stand between several people on a line. */
interface Sign {
  readonly between: RegExp;
  /** Whether it parts the columns of a table as well, or a family name from a given one. */
  readonly inTables: boolean;
}

const TAB: Sign = { between: /\t+/, inTables: true };
const DASH: Sign = { between: /\s+[-–—]\s+/u, inTables: true };
const COMMA: Sign = {
  between: /\s*,\s*(?:(?:and|und|&)\s+)?|\s+(?:and|und|&)\s+/u,
  inTables: true,
};

/** The surest first. */
const SIGNS: readonly Sign[] = [
  TAB,
  { between: /\s*;\s*/, inTables: true },
  { between: /\s*\|\s*/, inTables: true },
  { between: /\s*[•·]\s*/u, inTables: false },
  { between: /\s+\+\s+/, inTables: false },
  { between: /\s*\/\s*/, inTables: false },
  { between: / {2,}/, inTables: true },
  DASH,
  COMMA,
];

const AND = /\s(?:and|und|&)\s+\p{L}/u;
const COMMA_AND = /,\s*(?:and|und|&)\s+\p{L}/u;

/** A comma that stands in a name. */
const ALSO_WITHIN = /^(?=[^@]*@)[^,]*,|\s(?:and|und|&)\s[^,]*,\s*\S/u;

/** "(7B)", "[new]", "<a@river.example>", "a@river.example", ": 14", "S1042", "✓" behind a name. */
const BEHIND =
  /\s*(?:\([^()]*\)|\[[^[\]]*\]|<[^<>\s]+@[^<>\s]+>|(?<=\s)\S+@\S+|:\s*\d[\d.,/]*%?|(?<=\s)(?=\S*\d)[A-Z]{0,3}[\d./-]+[A-Z]?%?|[✓✗✔✘☑☒])$/u;

/** "2 Bram Visser", "b) Bram Visser": what counts those on a line. */
const COUNT = /^\s*(?:#?\d{1,3}\s*[.):-]?|[(]?[a-z][.)])\s+(?=\p{L})/u;

/** More lines than a list on a few lines has. */
const MOST_LINES = 60;
const MOST_WORDS = 5;

/**
 * Each of several people on a line as a line, where nothing but people and what heads or ends a list stands in a text; null
 * elsewhere.
 */
export function apart(all: readonly Line[]): readonly Line[] | null {
  const filled = filledOf(all);
  if (filled.length > MOST_LINES) return null;
  for (const sign of SIGNS) {
    const parted = partedBy(filled, sign);
    if (parted && areSeveral(parted, sign)) return linesOf(parted);
  }
  return null;
}

interface Parted {
  readonly one: Line;
  readonly parts: readonly string[];
}

/** All lines in their parts, where each part of those with several is somebody; null where that is not so. */
function partedBy(filled: readonly Line[], sign: Sign): readonly Parted[] | null {
  // "Ruiz, Ana <ana@river.example>" is one by the comma, and "Haddad, Amira & Visser, Bram" are two.
  if (sign === COMMA && filled.some(({ text }) => ALSO_WITHIN.test(text))) return null;
  const parted = filled.map((one) => ({
    one,
    parts: one.text
      .trim()
      .replace(/\s*[,;]$/, '')
      .split(sign.between)
      // "1" in a cell of its own counts who stands beside.
      .filter((part) => part !== '' && !(sign === TAB && /^\d{1,3}[.)]?$/.test(part))),
  }));
  if (severalOf(parted).length === 0) return null;
  // Whoever is named below the end of a letter wrote it.
  const end = filled.findIndex(({ text }) => isBareClosing(text));
  const fits = parted.every(({ one, parts }, at) =>
    parts.length > 1
      ? parts.every(isSomebody)
      : (end >= 0 && at >= end) || isNobody(one.text.trim()) || (at > 0 && isSomebody(one.text)),
  );
  return fits ? parted : null;
}

const severalOf = (parted: readonly Parted[]): readonly Parted[] =>
  parted.filter(({ parts }) => parts.length > 1);

/** The parts as lines, without numbers before all of them. */
function linesOf(parted: readonly Parted[]): readonly Line[] {
  const counted = severalOf(parted).every(({ parts }) => parts.every((part) => COUNT.test(part)));
  return parted.flatMap(({ one, parts }) =>
    parts.length > 1
      ? parts.map((text) => ({ ...one, text: counted ? text.replace(COUNT, '') : text }))
      : [one],
  );
}

/** The name of what stands between two signs, "HADDAD Amira" and "Haddad, Amira" turned round. */
const nameOf = (part: string): string =>
  withoutBullet(part)
    .replace(COUNT, '')
    .trim()
    .replace(BEHIND, '')
    .trim()
    .replace(/^([^,]+), ([^,]+)$/, '$2 $1')
    .replace(/^((?:\p{Lu}[\p{Lu}\p{M}'’-]+ )+)(\p{Lu}\p{Ll}.*)$/u, '$2 $1')
    .trim();

function isSomebody(part: string): boolean {
  const name = nameOf(part);
  const words = name.split(' ');
  return (
    looksLikeName(name) &&
    !/[()[\]]/.test(name) &&
    words.length <= MOST_WORDS &&
    !words.some((word) => isOfSentences(word) && !isParticle(word) && /^\p{Ll}/u.test(word)) &&
    kindOfLine(name) === null &&
    roleOfColumn(name) === null &&
    !isPlace(name) &&
    !isSchoolRole(name) &&
    !isTitled(name)
  );
}

/** "10 Blue", "Biology 101": what a figure tells to be nobody's name. */
const FIGURED = /^(?=.*\d)[\p{L}\d][\p{L}\d .:–-]{1,40}$/u;

/** What stands around a list and over its parts. */
const isNobody = (said: string): boolean =>
  kindOfLine(said) !== null ||
  isListTitle(said) ||
  isGreeting(said) ||
  isClosing(said) ||
  roleOfColumn(said) !== null ||
  signedBy(said) !== null ||
  FIGURED.test(said) ||
  said.endsWith(':');

const SMALL = /^[\p{Ll}\p{M}'’-]+(?: [\p{Ll}\p{M}'’-]+)+$/u;

/**
 * Whether the parts of lines are people each: by a sign that stands in no name, or by names that are no columns of one
 * table, which usual given names in each column say, an "and", what is told of each, and how many there are on each line.
 */
function areSeveral(parted: readonly Parted[], sign: Sign): boolean {
  const several = severalOf(parted);
  const parts = several.flatMap((line) => line.parts);
  const lines = several.map((line) => line.parts.map(nameOf));
  const names = lines.flat();
  const width = Math.max(...lines.map(({ length }) => length));
  if (new Set(names.map(plainWords)).size < names.length) return false;
  // Everybody has an address.
  if (parts.every((part) => part.includes('@'))) return true;
  const known = givenAmong(names);
  const single = lines.length === 1;
  // "amira haddad" in a hurry.
  const small = names.every((name) => SMALL.test(name)) && (single || known * 2 >= names.length);
  const whole = small || names.every(looksLikeWholeName);
  if (!sign.inTables) return width > 2 || whole;
  if (areFamilies(lines)) return false;
  const joined = several.every(({ one }) => AND.test(one.text));
  if (joined && width > 2) return true;
  const columns = Array.from({ length: width }, (_, at) => lines.flatMap((some) => some[at] ?? []));
  if (!whole) {
    // "Amira - Bram" over "Chipo - Dov".
    if (width === 2 && (sign === DASH || sign === COMMA) && allGiven(columns)) return true;
    // "Amira & Karim Haddad" are of one family.
    if (new Set(names.map((name) => name.includes(' '))).size > 1) return false;
    return (single || joined) && known >= (joined || width > 2 ? names.length / 2 : names.length);
  }
  return (
    columns.every((column) => givenAmong(column) * 4 >= column.length) ||
    (width > 2 && (single || sign === DASH)) ||
    parts.every((part) => COUNT.test(part) || BEHIND.test(part.trim())) ||
    several.every(({ one }) => COMMA_AND.test(one.text)) ||
    isWrittenOn(parted) ||
    isUnderGroups(parted)
  );
}

/** The last line alone holds fewer than the others, as where they are written on as far as they go. */
function isWrittenOn(parted: readonly Parted[]): boolean {
  const people = parted.filter(({ one, parts }) => parts.length > 1 || isSomebody(one.text));
  const widths = people.map(({ parts }) => parts.length);
  const [first = 0] = widths;
  return widths.slice(0, -1).every((width) => width === first) && (widths.at(-1) ?? 0) < first;
}

/** Each line stands alone under the name of a group. */
function isUnderGroups(parted: readonly Parted[]): boolean {
  const groups = parted.filter(({ one }) => kindOfLine(one.text)?.kind === 'section');
  return groups.length > 1 && groups.length === severalOf(parted).length;
}

/** A child and a parent on most lines. */
function areFamilies(lines: readonly (readonly string[])[]): boolean {
  const last = (name = ''): string => plainWords(name).split(' ').at(-1) ?? '';
  const families = lines.filter(([one, other]) => last(one) === last(other));
  return families.length * 2 >= lines.length;
}
