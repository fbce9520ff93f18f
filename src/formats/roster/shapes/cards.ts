import { roleOfColumn } from '../headings';
import { isLeaderWord, kindOfLine } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { cleanText, plainWords } from '../text';
import { isCounted } from './tidying';
import type { Row, Skipped, Table } from '../types';

/** Lines of "Name: …", "E-mail: …" are believed rather than a list of such lines. */
const SURE = 0.3;

/** Text with a line for each fact of a person, as one row a person; null for other text. */
export function cardsTable(text: string): Table | null {
  const pieces = withColons(text)
    .split(/\r\n|\r|\n/)
    .flatMap((line, index) => factsOnOneLine(line).map((one) => ({ line: index + 1, text: one })));
  const lines = pieces.map(({ text: one }) => one);
  const facts = namedFacts(lines);
  const filled = lines.filter((line) => line.trim() !== '').length;
  const known = facts.flatMap((fact) => (fact && roleOfColumn(fact.label) !== null ? [fact] : []));
  const named = known.filter(({ label }) => NAMES.has(roleOfColumn(label) ?? ''));
  if (lines.filter(isCounted).length > 1) return null;
  // "Students: Amira, Bram, Chipo" names several, and a single "Students: Amira Haddad, Bram Visser" does.
  if (named.some(({ value }) => value.split(/[,;]/).length > 2)) return null;
  if (named.length === 1 && named.some(({ value }) => areWholeNames(value.split(/[,;]/))))
    return null;
  if (named.length === 0 || Math.max(known.length, toldOfEach(facts)) < filled * 0.5) return null;
  const headings: string[] = [];
  const rows: { line: number; cells: string[] }[] = [];
  const skipped: Skipped[] = [];
  facts.forEach((fact, index) => {
    const line = pieces[index]?.line ?? 0;
    if (fact === null) {
      const rest = cleanText(lines[index] ?? '');
      if (rest !== '')
        skipped.push({ row: line, name: rest, reason: kindOfLine(rest)?.kind ?? 'title' });
      return;
    }
    const at = headings.findIndex((heading) => plainWords(heading) === plainWords(fact.label));
    const column = at < 0 ? headings.push(fact.label) - 1 : at;
    const last = rows.at(-1);
    // A fact that is known already begins the next person.
    const person = last && last.cells[column] === undefined ? last : { line, cells: [] };
    if (person !== last) rows.push(person);
    person.cells[column] = fact.value;
  });
  const whole = rows.map(({ line, cells }): Row => ({
    line,
    cells: headings.map((_, i) => cells[i] ?? ''),
  }));
  return {
    name: '',
    rows: [{ line: 0, cells: headings }, ...whole],
    commaIsDecimal: false,
    belief: SURE,
    skipped,
  };
}

const areWholeNames = (parts: readonly string[]): boolean =>
  parts.length > 1 && parts.every((part) => looksLikeWholeName(part.trim()));

/**
 * Facts of whatever words where each person begins with a name and has nearly all of the words the others have: as many as
 * there are, 0 where persons are not told so.
 */
function toldOfEach(facts: readonly (Fact | null)[]): number {
  const told = facts.filter((fact) => fact !== null);
  const first = plainWords(told[0]?.label ?? '');
  const persons = told.filter(({ label }) => plainWords(label) === first).length;
  const labels = new Set(told.map(({ label }) => plainWords(label)));
  const isOfNames = NAMES.has(roleOfColumn(first) ?? '');
  return isOfNames && persons > 1 && told.length >= persons * labels.size * 0.8 ? told.length : 0;
}

const EQUATION = /(^|[;,|\t])(\s*\p{L}[\p{L}\d _-]{0,29}?)\s*=\s*(?=[^=;,|\t]*(?:[;,|\t]|$))/gu;

/** "name=Amira Haddad; class=7B" on every line with colons instead; other text as it is. */
function withColons(text: string): string {
  const filled = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  const fits = filled.every((line) => (line.match(EQUATION) ?? []).length > 1);
  return fits ? text.replace(new RegExp(EQUATION, 'gmu'), '$1$2: ') : text;
}

/** What may stand before the word for a fact: "First name", "Class". */
const WORDS_BEFORE =
  /(?:^|[\s,;|/–—-])((?:\p{L}[\p{L}.'’]*[ -]){0,3}\p{L}[\p{L}.'’]*)\s*:(?!\/\/)/gu;

/** "Name: Amira Haddad, Class: 7B" as two lines; others as they are. */
function factsOnOneLine(line: string): readonly string[] {
  const labels = [...line.matchAll(WORDS_BEFORE)].flatMap((found) => {
    const [all, words = ''] = found;
    const end = found.index + all.length - 1;
    // Behind a sign or several blanks even a word that is not known is one for a fact.
    const whole = /(?:[,;|]\s*|\s{2})$/.test(line.slice(0, end - words.length)) ? words : null;
    const label = labelAtEnd(words) ?? whole;
    return label === null ? [] : [{ from: line.lastIndexOf(label, end), to: end + 1, label }];
  });
  const [first] = labels;
  const begins = first && /^\s*(?:\d{1,4}[.):]?|[-•*])?\s*$/.test(line.slice(0, first.from));
  if (labels.length < 2 || !begins) return [line];
  return labels.map(({ label, to }, i) => {
    const value = line.slice(to, labels[i + 1]?.from ?? line.length);
    return `${label}: ${value.replace(/[\s,;|/–—-]+$/, '').trim()}`;
  });
}

/** The words at the end that are a known heading, as many as each by itself says something too; null where none are. */
function labelAtEnd(words: string): string | null {
  const all = words.split(' ');
  let label: string | null = null;
  for (let from = all.length - 1; from >= 0; from--) {
    const longer = all.slice(from).join(' ');
    const known = roleOfColumn(longer) !== null;
    if (known) label = longer;
    else if (label !== null) break;
  }
  return label;
}

interface Fact {
  readonly label: string;
  readonly value: string;
}

/** The facts of lines; a name over the facts of somebody is one of them. */
function namedFacts(lines: readonly string[]): readonly (Fact | null)[] {
  const facts = lines.map(factOf);
  const filled = lines.flatMap((line, index) => (line.trim() === '' ? [] : [index]));
  const heads = filled.filter((index) => !facts[index]);
  const told = facts.flatMap((fact) => (fact !== null && fact.value !== '' ? [fact] : []));
  const known = told.filter(({ label }) => roleOfColumn(label) !== null);
  const times = new Map<string, number>();
  for (const { label } of told) {
    times.set(plainWords(label), (times.get(plainWords(label)) ?? 0) + 1);
  }
  // A word that is not known, below nearly everybody, with no name behind it: "Level: new".
  const again = told.filter(
    ({ label, value }) =>
      (times.get(plainWords(label)) ?? 0) >= heads.length * 0.8 && !looksLikeWholeName(value),
  );
  // "new", "some", "new" are said of people, whatever they are called.
  const repeat =
    new Set(again.map(({ value }) => plainWords(value))).size <= again.length / 2 &&
    again.every(({ label }) => !isLeaderWord(label));
  const enough = (filled.length - heads.length) / 2;
  const headed = (isHead: (text: string) => boolean): boolean =>
    heads.every((index) => {
      const next = facts[filled[filled.indexOf(index) + 1] ?? -1];
      return isHead((lines[index] ?? '').trim()) && next && next.value !== '';
    });
  const named =
    heads.length > 1 &&
    ((known.length >= enough && headed(looksLikeName)) ||
      (again.length >= enough && headed(repeat ? looksLikeName : looksLikeWholeName)));
  if (!named) return facts;
  return facts.map((fact, index) =>
    heads.includes(index) ? { label: 'Name', value: (lines[index] ?? '').trim() } : fact,
  );
}

const NAMES: ReadonlySet<string> = new Set(['fullName', 'givenName', 'familyName']);

function factOf(line: string): Fact | null {
  const [, label = '', value = ''] = /^\s*(?:[-•*]\s*)?([^:@]{1,30}?)\s*:\s*(.*)$/.exec(line) ?? [];
  return label === '' || kindOfLine(line)?.kind === 'total' ? null : { label, value: value.trim() };
}
