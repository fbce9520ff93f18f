import { givenAmong } from '../givenNames';
import { roleOfColumn } from '../headings';
import { isClosing, isGreeting, isListTitle, isPlace, kindOfLine } from '../lineKinds';
import { isParticle, isSchoolRole, isTitled, looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { filledOf, type Line } from './lines';
import { isOfSentences } from './manyWords';
import { withoutBullet } from './strip';

/** "Amira, Bram and Chipo"; a comma alone is told from that in a name further on. */
const COMMA = /\s*,\s*(?:(?:and|und|&)\s+)?|\s+(?:and|und|&)\s+/u;

/** What may stand between several people on a line, the surest sign first. */
const SIGNS: readonly { readonly between: RegExp; readonly plain: boolean }[] = [
  { between: /\t+/, plain: true },
  { between: /\s*;\s*/, plain: true },
  { between: /\s*\|\s*/, plain: true },
  { between: /\s*[•·]\s*/u, plain: false },
  { between: /\s+\+\s+/, plain: false },
  { between: /\s*\/\s*/, plain: false },
  { between: / {2,}/, plain: true },
  { between: /\s+[-–—]\s+/u, plain: true },
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
    if (between === COMMA && filled.some(({ text }) => text.includes('@'))) continue;
    const parts = filled.map(({ text }) =>
      withoutComma(text.trim()).split(between).filter(Boolean),
    );
    const several = parts.filter(({ length }) => length > 1);
    if (several.length === 0) continue;
    const fits = parts.every((some, at) =>
      some.length > 1 ? some.every(isSomebody) : isAlone(filled[at]?.text ?? '', at > 0),
    );
    if (fits && areSeveral(several, plain))
      return filled.flatMap((one, at) => {
        const some = parts[at] ?? [];
        return some.length > 1 ? some.map((text) => ({ ...one, text })) : [one];
      });
  }
  return null;
}

const withoutComma = (text: string): string => text.replace(/\s*[,;]$/, '');

/** The name of what stands between two signs. */
const nameOf = (part: string): string => withoutBullet(part).trim().replace(BEHIND, '').trim();

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

/** A line of one student that is left over below others, or what stands around a list and over its parts. */
function isAlone(text: string, below: boolean): boolean {
  const said = text.trim();
  return (
    (below && isSomebody(said)) ||
    kindOfLine(said) !== null ||
    isListTitle(said) ||
    isGreeting(said) ||
    isClosing(said) ||
    said.endsWith(':')
  );
}

/** Whether parts of lines are people each: by a sign that stands in no name, or by whole names that are no columns of one table. */
function areSeveral(lines: readonly (readonly string[])[], plain: boolean): boolean {
  const names = lines.map((parts) => parts.map(nameOf));
  const all = names.flat();
  const width = Math.max(...names.map(({ length }) => length));
  if (new Set(all.map(plainWords)).size < all.length) return false;
  const whole =
    all.every(looksLikeWholeName) ||
    // "amira haddad" in a hurry.
    (all.every((name) => /^[\p{Ll}\p{M}'’-]+(?: [\p{Ll}\p{M}'’-]+)+$/u.test(name)) &&
      givenAmong(all) * 2 >= all.length);
  if (!plain) return width > 2 || whole;
  const columns = Array.from({ length: width }, (_, at) => names.flatMap((some) => some[at] ?? []));
  const even = names.every(({ length }) => length === width);
  const known = columns.every((column) => givenAmong(column) * 4 >= column.length);
  if (areFamilies(names)) return false;
  if (whole) return known || !even || (lines.length === 1 && width > 2);
  return width > 2 && lines.length === 1 && givenAmong(all) * 2 >= all.length;
}

/** A child and a parent on most lines. */
function areFamilies(names: readonly (readonly string[])[]): boolean {
  const last = (name = ''): string => plainWords(name).split(' ').at(-1) ?? '';
  const families = names.filter(([one, other]) => last(one) === last(other));
  return families.length * 2 >= names.length;
}
