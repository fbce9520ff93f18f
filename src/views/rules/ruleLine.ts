import { sayRules } from '@/messages/rules';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { plainWords } from '../frame/plainWords';

/** What can be typed into a rule: somebody's name, or the kind. */
export type RuleWord = StudentRecord | RuleKindName;

/** From so many letters on a kind is meant rather than a name that begins like it. */
const CLEARLY_A_KIND = 3;

export const isKind = (word: RuleWord): word is RuleKindName => typeof word === 'string';

/** Names that hold what was typed, and the kinds that begin with it: first once they are clearly meant. */
export function wordsFor(
  typed: string,
  students: readonly StudentRecord[],
  chosen: readonly StudentRecord[],
): readonly RuleWord[] {
  const wanted = plainWords(typed);
  const taken = new Set(chosen.map(({ id }) => id));
  const names = students.filter(
    ({ id, name }) => !taken.has(id) && plainWords(name).includes(wanted),
  );
  if (wanted === '') return names;
  const kinds = QUIET_KINDS.filter((kind) =>
    plainWords(sayRules.kindWord[kind]).startsWith(wanted),
  );
  return wanted.length >= CLEARLY_A_KIND ? [...kinds, ...names] : [...names, ...kinds];
}

/** What a line of names and a kind comes to. */
export interface RuleLine {
  /** Those named, in their order, each once. */
  readonly students: readonly StudentRecord[];
  readonly kind: RuleKindName | null;
  /** From the first name on that means nobody, or several; '' where everything was understood. */
  readonly rest: string;
  /** That name, with those it may mean; null where everything was understood. */
  readonly unclear: { readonly name: string; readonly among: readonly StudentRecord[] } | null;
}

/**
 * Reads a line such as "Ana and Bo Li apart": names with commas, "and" or a new line between them, and the kind as a word
 * among them or at its end. A name means whoever alone is called so, or alone begins so in one of their names. A line
 * that is none of these is read as a sentence: "Please keep Ana away from Bo".
 */
export function readRuleLine(line: string, students: readonly StudentRecord[]): RuleLine {
  const asWritten = readNames(line, students);
  const said = asWritten.rest === '' ? null : asSentence(line);
  if (said === null) return asWritten;
  const named = readNames(said.names, students);
  const better = named.rest === '' || named.students.length > asWritten.students.length;
  if (better) return { ...named, kind: named.kind ?? said.kind };
  return { ...asWritten, unclear: named.unclear };
}

function readNames(line: string, students: readonly StudentRecord[]): RuleLine {
  const named: StudentRecord[] = [];
  let kind: RuleKindName | null = null;
  let text = line;
  while (text.trim() !== '') {
    const [piece, after] = firstPiece(text);
    const { words, kind: said } = withoutKind(piece);
    const meant = words === '' ? [] : meantBy(words, students);
    const [one] = meant;
    if (words !== '' && (!one || meant.length > 1)) {
      const unclear = { name: words, among: meant };
      return { students: named, kind, rest: text.trim(), unclear };
    }
    kind = said ?? kind;
    if (one && !named.includes(one)) named.push(one);
    text = after;
  }
  return { students: named, kind, rest: '', unclear: null };
}

/** The names of a sentence with commas between them, and what it says of them; null where that is not clear. */
function asSentence(
  line: string,
): { readonly names: string; readonly kind: RuleKindName | null } | null {
  const { apart, together, not, between, idle } = sayRules.toldAs;
  const says = (ways: readonly string[]): boolean => anyOf(ways).test(line);
  // "Not apart" may be meant either way.
  if (says(apart) && says(not)) return null;
  const kind = says(apart) || says(not) ? 'apart' : says(together) ? 'together' : null;
  const names = line
    .replace(anyOf(idle), ' ')
    .replace(anyOf([...apart, ...together, ...not, ...between]), ', ');
  return { names, kind };
}

/** Finds any of some words, written as expressions, where they stand as words of their own. */
function anyOf(ways: readonly string[]): RegExp {
  return new RegExp(`(?<![\\p{L}\\p{M}\\d])(?:${ways.join('|')})(?![\\p{L}\\p{M}\\d])`, 'giu');
}

function firstPiece(text: string): readonly [piece: string, after: string] {
  const between = /[,;\n&+]/.source;
  const found = new RegExp(`\\s*(?:${between}|\\s${sayRules.andWord}\\s)\\s*`, 'iu').exec(text);
  return found
    ? [text.slice(0, found.index).trim(), text.slice(found.index + found[0].length)]
    : [text.trim(), ''];
}

/** A piece without the word for a kind at its end; a student of that very name comes first. */
function withoutKind(piece: string): {
  readonly words: string;
  readonly kind: RuleKindName | null;
} {
  for (const kind of QUIET_KINDS) {
    const word = plainWords(sayRules.kindWord[kind]);
    const plain = plainWords(piece);
    if (plain === word) return { words: '', kind };
    if (plain.endsWith(` ${word}`)) return { words: piece.slice(0, -word.length).trim(), kind };
  }
  return { words: piece, kind: null };
}

function meantBy(text: string, students: readonly StudentRecord[]): readonly StudentRecord[] {
  const wanted = plainWords(text);
  const called = students.filter(({ name, givenName, preferredName }) =>
    [name, givenName, preferredName].some((one) => plainWords(one) === wanted),
  );
  if (called.length > 0) return called;
  const begun = students.filter(({ name }) => plainWords(name).startsWith(wanted));
  if (begun.length > 0) return begun;
  // As tiles show it: "Hana J."
  const beginnings = wanted.replaceAll('.', ' ').split(/\s+/).filter(Boolean);
  if (beginnings.length === 0) return [];
  return students.filter(({ name }) => areBegun(beginnings, plainWords(name).split(/\s+/)));
}

/** Whether words begin with some beginnings, each with one of its own, in whatever order. */
function areBegun(beginnings: readonly string[], words: readonly string[]): boolean {
  const [first, ...others] = beginnings;
  if (first === undefined) return true;
  return words.some(
    (word, at) =>
      word.startsWith(first) &&
      areBegun(
        others,
        words.filter((_, i) => i !== at),
      ),
  );
}
