import { givenAmong } from '../givenNames';
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

/** "Amira, Bram and Chipo"; a comma alone is told from that in a name further on. */
const AND = /\s(?:and|und|&)\s+\p{L}/u;
const COMMA = /\s*,\s*(?:(?:and|und|&)\s+)?|\s+(?:and|und|&)\s+/u;

const TAB = /\t+/;
const DASH = /\s+[-–—]\s+/u;

/** What may stand between several people on a line, the surest sign first. */
const SIGNS: readonly { readonly between: RegExp; readonly plain: boolean }[] = [
  { between: TAB, plain: true },
  { between: /\s*;\s*/, plain: true },
  { between: /\s*\|\s*/, plain: true },
  { between: /\s*[•·]\s*/u, plain: false },
  { between: /\s+\+\s+/, plain: false },
  { between: /\s*\/\s*/, plain: false },
  { between: / {2,}/, plain: true },
  { between: DASH, plain: true },
  { between: COMMA, plain: true },
];

/** "(7B)", "[new]", "<a@river.example>", "a@river.example", ": 14", "S1042", "✓" behind a name. */
const BEHIND =
  /\s*(?:\([^()]*\)|\[[^[\]]*\]|<[^<>\s]+@[^<>\s]+>|(?<=\s)\S+@\S+|:\s*\d[\d.,/]*%?|(?<=\s)(?=\S*\d)[A-Z]{0,3}[\d./-]+[A-Z]?%?|[✓✗✔✘☑☒])$/u;

/** More lines than a list on a few lines has. */
const MOST_LINES = 60;
const MOST_WORDS = 5;

/** Each of several people on a line as a line, where nothing but people and what heads or ends a list stands in a text; null elsewhere. */
export function apart(all: readonly Line[]): readonly Line[] | null {
  const filled = filledOf(all);
  if (filled.length > MOST_LINES) return null;
  for (const { between, plain } of SIGNS) {
    // "Ruiz, Ana <ana@river.example>" is one by the comma.
    if (between === COMMA && filled.some(({ text }) => /@.*,|,.*@/.test(text))) continue;
    const parts = filled.map(({ text }) =>
      withoutComma(text.trim())
        .split(between)
        .filter((part) => part !== '' && !(between === TAB && /^\d{1,3}[.)]?$/.test(part))),
    );
    // Whoever is named below the end of a letter wrote it.
    const end = filled.findIndex(({ text }) => isBareClosing(text));
    const several = parts.filter(({ length }) => length > 1);
    if (several.length === 0) continue;
    const fits = parts.every((some, at) =>
      some.length > 1
        ? some.every(isSomebody)
        : (end >= 0 && at >= end) || isAlone(filled[at]?.text ?? '', at > 0),
    );
    if (
      fits &&
      areSeveral(several, {
        plain,
        joined: filled.every(({ text }, at) => (parts[at] ?? []).length < 2 || AND.test(text)),
        rest: holdsRest(
          parts.filter((some, at) => some.length > 1 || isSomebody(filled[at]?.text ?? '')),
        ),
        dashed: between === DASH,
        alone:
          several.length > 1 &&
          filled.filter(({ text }) => kindOfLine(text)?.kind === 'section').length ===
            several.length,
      })
    )
      return filled.flatMap((one, at) => {
        const some = parts[at] ?? [];
        const counted = several.flat().every((part) => COUNT.test(part));
        return some.length > 1
          ? some.map((text) => ({ ...one, text: counted ? text.replace(COUNT, '') : text }))
          : [one];
      });
  }
  return null;
}

const withoutComma = (text: string): string => text.replace(/\s*[,;]$/, '');

/** "2 Bram Visser", "b) Bram Visser": what counts those on a line. */
const COUNT = /^\s*(?:#?\d{1,3}\s*[.):-]?|[(]?[a-z][.)])\s+(?=\p{L})/u;

/** The name of what stands between two signs, "HADDAD Amira" and "Haddad, Amira" turned round. */
const nameOf = (part: string): string =>
  withoutBullet(part)
    .replace(COUNT, '')
    .trim()
    .replace(BEHIND, '')
    .trim()
    .replace(/^([^,]+), ([^,]+)$/, '$2 $1')
    .replace(/^(\p{Lu}[\p{Lu}\p{M}'’-]+) (\p{Lu}\p{Ll}\S*)$/u, '$2 $1');

function isSomebody(part: string): boolean {
  const name = nameOf(part);
  const all = name.split(' ');
  return (
    looksLikeName(name) &&
    !/[()[\]]/.test(name) &&
    all.length <= MOST_WORDS &&
    !all.some((word) => isOfSentences(word) && !isParticle(word) && /^\p{Ll}/u.test(word)) &&
    kindOfLine(name) === null &&
    roleOfColumn(name) === null &&
    !isPlace(name) &&
    !isSchoolRole(name) &&
    !isTitled(name)
  );
}

const holdsRest = (people: readonly (readonly string[])[]): boolean => {
  const widths = people.map(({ length }) => length);
  const [first = 0] = widths;
  return widths.slice(0, -1).every((width) => width === first) && (widths.at(-1) ?? 0) < first;
};

/** "10 Blue", "Biology 101": what a figure tells to be nobody's name. */
const FIGURED = /^(?=.*\d)[\p{L}\d][\p{L}\d .:–-]{1,40}$/u;

/** A line of one student that is left over below others, or what stands around a list and over its parts. */
function isAlone(text: string, below: boolean): boolean {
  const said = text.trim();
  return (
    (below && isSomebody(said)) ||
    kindOfLine(said) !== null ||
    isListTitle(said) ||
    isGreeting(said) ||
    isClosing(said) ||
    roleOfColumn(said) !== null ||
    signedBy(said) !== null ||
    FIGURED.test(said) ||
    said.endsWith(':')
  );
}

interface Told {
  /** The sign parts the columns of tables as well. */
  readonly plain: boolean;
  /** "and" stands on every line. */
  readonly joined: boolean;
  /** The last line alone holds fewer than the others, as where they are written on as far as they go. */
  readonly rest: boolean;
  readonly dashed: boolean;
  /** Each line stands alone under the name of a group. */
  readonly alone: boolean;
}

/** Whether parts of lines are people each: by a sign that stands in no name, or by whole names that are no columns of one table. */
function areSeveral(
  lines: readonly (readonly string[])[],
  { plain, joined, rest, dashed, alone }: Told,
): boolean {
  const names = lines.map((parts) => parts.map(nameOf));
  const all = names.flat();
  const width = Math.max(...names.map(({ length }) => length));
  if (new Set(all.map(plainWords)).size < all.length) return false;
  // Everybody has an address.
  if (lines.flat().every((part) => part.includes('@'))) return true;
  const small = all.every((name) => SMALL.test(name));
  const whole =
    all.every(looksLikeWholeName) ||
    // "amira haddad" in a hurry.
    (small && (lines.length === 1 || givenAmong(all) * 2 >= all.length));
  if (!plain) return width > 2 || whole;
  const columns = Array.from({ length: width }, (_, at) => names.flatMap((some) => some[at] ?? []));
  const known = columns.every((column) => givenAmong(column) * 4 >= column.length);
  if (areFamilies(names)) return false;
  if (joined && width > 2) return true;
  // What is told of each stands behind each, or a number before.
  const told = lines.flat().every((part) => COUNT.test(part) || BEHIND.test(part.trim()));
  if (whole) return known || rest || told || alone || (width > 2 && (lines.length === 1 || dashed));
  // "Amira & Karim Haddad" are of one family.
  if (new Set(all.map((name) => name.includes(' '))).size > 1) return false;
  const most = joined || width > 2 ? all.length / 2 : all.length;
  return (lines.length === 1 || joined) && givenAmong(all) >= most;
}

const SMALL = /^[\p{Ll}\p{M}'’-]+(?: [\p{Ll}\p{M}'’-]+)+$/u;

/** A child and a parent on most lines. */
function areFamilies(names: readonly (readonly string[])[]): boolean {
  const last = (name = ''): string => plainWords(name).split(' ').at(-1) ?? '';
  const families = names.filter(([one, other]) => last(one) === last(other));
  return families.length * 2 >= names.length;
}
