import { givenColumn } from '../givenNames';
import { roleOfColumn } from '../headings';
import {
  isAround,
  isBareClosing,
  isGreeting,
  isListTitle,
  isOver,
  isRemarkLabel,
  kindOfLine,
  sectionHeading,
} from '../lineKinds';
import { isParticle, isTitled, looksLikeName, looksLikeWholeName } from '../names';
import { cleanText, plainWords } from '../text';
import type { RosterWarning, Row, Table } from '../types';
import { doubtful } from './asides';
import { edgesOf, staffBehind, type Edges } from './edges';
import { sureHeads } from './heads';
import { HEADER, SUBJECT } from './letters';
import { isShort } from './lines';
import { isOfSentences } from './manyWords';
import { withMembers } from './members';

/** A text without the lines around it, which stay blank in it, and those lines as rows. */
export interface Framed {
  readonly body: string;
  readonly over: readonly Row[];
  readonly below: readonly Row[];
  /** Lines at its edges that may be nobody. */
  readonly warnings: readonly RosterWarning[];
}

/** "Class: 7B", "Period 3", and nothing else. */
const CLASS = /^\s*[\p{L}:\s]*\d{1,2}\s?\p{L}?\s*$/u;

/** "Boys (12)". */
const COUNTED = /^\s*\p{L}[^\d():,;]*\(\d{1,2}\)\s*$/u;

/** At most so many lines stand over a list, and below it. */
const MOST_AROUND = 8;

/**
 * Titles, teachers and days over a list, and totals and who printed it below: what surely names no student, whichever way the
 * rest is read. A letter keeps its lines, for who signs it stands below its thanks.
 */
export function framed(given: string): Framed {
  const lines = plainLines(given);
  const filled = lines.flatMap((line, at) => (/\S/.test(line) ? [at] : []));
  const bodyOf = (some: readonly string[]): string =>
    withoutCounts(withHeads(withMembers(some))).join('\n');
  const bare = (): Framed => ({ body: bodyOf(lines), over: [], below: [], warnings: [] });
  const edges = edgesOf(lines);
  if (lines.some((line) => isGreeting(line) || (HEADER.test(line) && !edges.over.has(line))))
    return bare();
  const tell = tellersOf(
    filled.map((at) => lines[at] ?? ''),
    edges,
  );
  const from = filled.findIndex((at) => !tell.isOver(lines[at] ?? ''));
  const to = filled.findLastIndex((at) => !tell.isBelow(lines[at] ?? ''));
  if (from < 0 || from > MOST_AROUND || filled.length - 1 - to > MOST_AROUND) return bare();
  const [over, below] = [
    filled.filter((at, place) => place < from || tell.teacher === lines[at]),
    filled.slice(to + 1),
  ];
  const around = new Set([...over, ...below]);
  const asRows = (some: readonly number[]): readonly Row[] =>
    some.flatMap((at) =>
      saidOn(lines[at] ?? '').map((text) => ({
        line: at + 1,
        cells: [text],
        around: 'over' as const,
      })),
    );
  return {
    body: bodyOf(lines.map((line, at) => (around.has(at) ? '' : line))),
    over: asRows(over),
    below: asRows(below).map((row) => ({ ...row, around: 'below' as const })),
    warnings: filled
      .filter((at) => edges.asked.has(lines[at] ?? '') && !around.has(at))
      .map((at) => doubtful(at + 1, cleanText(lines[at] ?? ''))),
  };
}

/** How lines over a list and below it are told, and the one that names who teaches it, by all its lines that hold something. */
function tellersOf(
  lines: readonly string[],
  edges: Edges,
): {
  readonly isOver: (line: string) => boolean;
  readonly isBelow: (line: string) => boolean;
  readonly teacher: string | undefined;
} {
  const isPart = (line: string): boolean => CLASS.test(line) && sectionHeading(line) !== null;
  // The only class that is named is that of all of them.
  const parts = new Set(lines.filter(isPart).map(plainWords));
  const isClass = (line: string): boolean => parts.size === 1 && isPart(line);
  // "Boys (2)" and "Girls (3)" with others between them head those.
  const counted = lines.flatMap((line, place) => (COUNTED.test(line) ? [place] : []));
  const heads =
    counted.length > 1 && counted.every((place, i) => place - (counted[i - 1] ?? -2) > 1);
  const isHead = (line: string): boolean => heads && COUNTED.test(line);
  const isList =
    lines.length > FEWEST_TAUGHT || lines.some((line) => SEVERAL.test(line) && !isMessage(line));
  const messages = lines.filter(isMessage);
  const noted = lines.some((line) => isRemarkLabel(line.replace(/:\s*$/, '')));
  const few = messages.length === 1 || messages.length * MOST_MESSAGES <= lines.length;
  const says = few && isList && !noted;
  // "Name" over rows of several cells is no heading of a column of theirs.
  const parted = lines.some((line) => /\S(?:\t|\s[-–—]\s|;\s?)\S/u.test(line));
  const isTop = (line: string): boolean =>
    edges.over.has(line) ||
    SUBJECT.test(line) ||
    (isOver(line) && !isHead(line)) ||
    isClass(line) ||
    areBoth(line, isTitle) ||
    (says && isMessage(line)) ||
    (parted && isHeadAlone(line));
  // Whoever has a title where nobody else has one teaches them; among others with one it may be a student.
  const end = lines.findIndex((line) => isBareClosing(line));
  const titled = lines.slice(0, end < 0 ? undefined : end).filter(isTitledAlone);
  const [only = ''] = titled;
  const beside =
    end < 0 && only === lines.at(-1)
      ? true
      : lines.slice(0, lines.indexOf(only)).every((line) => isNobody(line) || isTop(line));
  const teacher = titled.length === 1 && isList && beside ? only : undefined;
  return {
    isOver: (line) => isTop(line) || line === teacher,
    isBelow: (line) =>
      edges.below.has(line) ||
      isAround(line) ||
      areBoth(line, isAround) ||
      (says && isMessage(line)),
    teacher,
  };
}

/** Fewer lines than these make no list of somebody's. */
const FEWEST_TAUGHT = 2;

/** A heading, a title or a remark. */
const isNobody = (line: string): boolean =>
  kindOfLine(line) !== null || roleOfColumn(line) !== null || isListTitle(line);

/** One line in so many may be a message: where more are, names are written so. */
const MOST_MESSAGES = 3;

/** Several people on one line, or what is told of one. */
const SEVERAL = /[,;|•·+/\t]|\s[-–—&]\s| {2,}/u;

/** "Name", "Students:". */
const isHeadAlone = (line: string): boolean =>
  /^\s*\p{L}+:?\s*$/u.test(line) && roleOfColumn(line) === 'fullName';

/** "Ms Okafor" and no more. */
const isTitledAlone = (line: string): boolean =>
  isTitled(line.trim()) && looksLikeName(line.trim()) && !/[,()]|\s[-–—]\s|['’]s\s/u.test(line);

const AND = /^(?:and|und|y|et|e|en)$/i;

/** "That is everyone.", "see you Monday": several words, one of them as sentences have it, in which nobody is named. */
function isMessage(line: string): boolean {
  const words = line.trim().split(/\s+/);
  const said = words.filter(
    (word) =>
      !AND.test(word) &&
      isOfSentences(word.replace(/[.,!]$/, '')) &&
      /^\p{Ll}/u.test(word) &&
      !isParticle(word),
  );
  // "See you Monday, please bring boots".
  const fewest = line.includes(',') ? 2 : 1;
  return (
    words.length > 2 &&
    said.length >= fewest &&
    !line.split(',').some((part) => looksLikeWholeName(part.trim())) &&
    // "and Jonas Weber" is the last of several.
    !AND.test(words[0] ?? '') &&
    !/[@:;\t|\d"()[\]*]| {2,}|\s[-–—•·+&/]\s/u.test(line.trim()) &&
    kindOfLine(line) === null &&
    roleOfColumn(line) === null
  );
}

/** Titles, or what stands below a list, at both sides of a page. */
function areBoth(line: string, isOne: (side: string) => boolean): boolean {
  const sides = sidesOf(line);
  return (
    sides.length > 1 &&
    sides.every(isOne) &&
    sides.some((one) => /\d/.test(one) || isAround(one)) &&
    sides.filter((one) => sectionHeading(one) !== null).length < 2
  );
}

/** "River School", "Autumn 2026": several words, which head no column. */
const isTitle = (text: string): boolean =>
  isOver(text) && text.includes(' ') && roleOfColumn(text) === null;

/** What stands on a line with much room between. */
const sidesOf = (line: string): readonly string[] => line.trim().split(/\s{3,}/);

/** "Class 7B – Teacher: Ms Okafor" in its two parts, and titles at both sides of a page; another line is one. */
function saidOn(line: string): readonly string[] {
  const sides = sidesOf(line);
  if (sides.length > 1) return sides.map(cleanText);
  const text = cleanText(line);
  const parts = text.split(/\s+[–—-]\s+/);
  const staff = parts.slice(1).join(' – ');
  if (isTitledAlone(text)) return [`Teacher: ${text}`];
  return kindOfLine(staff)?.kind === 'staff'
    ? [parts[0] ?? '', staff]
    : [staffBehind(text) ?? text];
}

/** The lines of a text without what all of them begin or end with: signs of a quotation, blanks, tabs. */
function plainLines(text: string): readonly string[] {
  const lines = withoutRuns(
    text
      .replace(/^\ufeff/, '')
      .normalize('NFC')
      .replace(/[\u00a0\u202f]/g, ' '),
  )
    .replace(/^[^;\t"]*$/, withoutBreaks)
    .split(/\r\n|\r|\n/)
    .map(withoutEmptyCells)
    .map(withoutLeaders);
  const filled = lines.filter(Boolean);
  const quoted = filled.every((line) => /^\s*>/.test(line));
  const bare = quoted ? lines.map((line) => line.replace(/^\s*>[ \t]?/, '')) : lines;
  const begins = bare
    .filter((line) => /\S/.test(line))
    .map((line) => /^[ \t]*/.exec(line)?.[0] ?? '');
  const [first = ''] = begins;
  const shared = begins.reduce((some, other) => {
    let same = 0;
    while (same < some.length && some[same] === other[same]) same++;
    return some.slice(0, same);
  }, first);
  return withoutEnds(bare.map((line) => line.slice(shared.length)));
}

/** A line without the cells at its end that a sheet wrote though nothing is in them: "Amira Haddad","". */
function withoutEmptyCells(line: string): string {
  let bare = line.trimEnd();
  // An expression for all of them at once takes the square of their number where a cell follows.
  for (let cell; (cell = /[\t;,] ?""$/.exec(bare.slice(-4)));)
    bare = bare.slice(0, -cell[0].length);
  return bare.trimEnd();
}

/** No list has so many of one sign side by side, nor so many empty cells; patterns take the square of a longer run. */
const LONGEST_RUN = 200;
const MOST_EMPTY = 2_000;

/** A text without the rest of what never ends: blanks, dots, strokes, empty cells. */
const withoutRuns = (text: string): string =>
  text.replace(/([^\p{L}\p{N}\r\n])\1{200,}/gu, (run, sign: string) =>
    run.slice(0, sign.length * (/[\t,;]/.test(sign) ? MOST_EMPTY : LONGEST_RUN)),
  );

/** "Amira Haddad ......" without the dots or the stroke up to where something would be written. */
const withoutLeaders = (line: string): string =>
  !isShort(line) ? line : line.replace(/(?<=[\p{L}).])\s+(?:[._…·]\s?){3,}$/u, '');

/** Line breaks of a page as signs between names: what stood behind one stays on its line, whose number is told. */
const withoutBreaks = (text: string): string =>
  text.replace(/\s*<br\s*\/?>[^\S\r\n]*(?=[\r\n]|$)/gi, '').replace(/\s*<br\s*\/?>\s*/gi, '; ');

/** "Amira Haddad," on each line but perhaps the last: a comma that nothing follows. "Cara Bell," greets nobody there. */
function withoutEnds(lines: readonly string[]): readonly string[] {
  const filled = lines.filter((line) => /\S/.test(line));
  const ended = filled.slice(0, -1);
  const fits = ended.length > 1 && ended.every((line) => /^[^,;:"'“{}[\]]*\p{L}[,;]$/u.test(line));
  return fits ? lines.map((line) => line.replace(/[,;]$/, '')) : lines;
}

const LABEL = /^\s*(\p{L}[\p{L} ]{1,20}):\s+(?!.*:\s)/u;

/** "1 ", "01 ", "#1 ", "(1) ", "1: ", "1 - ", "a) " before what begins with a letter, and "1." with much room behind. */
const COUNT =
  /^ *(?:(?:#?(\d{1,3})(?:[:-]| +[-–—])?|\((\d{1,3})\)|\(?([a-z])[.)]) +|(\d{1,3})[.)]?(?:\t| {2,})(?!.*(?:\t| {2})))(?=\p{L})/u;

/** Lines up to the end of a letter that are no titles, headings and parts of a list. */
function peopleOf(lines: readonly string[]): readonly string[] {
  const end = lines.findIndex((line) => isBareClosing(line));
  return lines
    .slice(0, end < 0 ? undefined : end)
    .filter(
      (line) =>
        /\S/.test(line) &&
        (COUNT.test(line) || (kindOfLine(line) === null && !isHeadAlone(line) && !isOver(line))),
    );
}

/** Lines with a colon behind days, and words for girls and boys, that stand over others. */
function withHeads(lines: readonly string[]): readonly string[] {
  const heads = sureHeads(lines.map((text, at) => ({ line: at, text })));
  return lines.map((line, at) => (heads.has(at) ? `${line.trim().replace(/\s*:$/, '')}:` : line));
}

const TABBED_BULLET = /^\s*[-–•*·◦▪]\t\s*(?=\p{L})/u;

/**
 * Lines without the numbers or letters that count them from the first to the last. Where commas stand behind those they may
 * count groups: only names turned round, and what is told behind names, say that they do not.
 */
function withoutCounts(lines: readonly string[]): readonly string[] {
  const filled = peopleOf(lines);
  // "Name: Amira Haddad" on every line says no more than that.
  const labels = lines.filter((line) => /\S/.test(line)).map((line) => LABEL.exec(line)?.[1] ?? '');
  const [label = ''] = labels;
  if (
    labels.length > 1 &&
    roleOfColumn(label) === 'fullName' &&
    labels.every((one) => one === label)
  )
    return lines.map((line) => line.replace(LABEL, ''));
  const counts = filled.map((line) => {
    const [, plain, bracketed, letter, stopped] = COUNT.exec(line) ?? [];
    return letter === undefined ? Number(plain ?? bracketed ?? stopped) : letter.charCodeAt(0) - 96;
  });
  const bare = filled.map((line) =>
    line
      .replace(COUNT, '')
      .replace(/[;,]\s*$/, '')
      .split(/[,;&·•|/+\t]| {2,}/),
  );
  const parts = (at: number): readonly string[] => bare.map((one) => (one[at] ?? '').trim());
  const single = bare.every(({ length }) => length === 1);
  const turned =
    bare.every(({ length }) => length === 2) &&
    !filled.some((line) => /\s(?:and|und|y|et|e|en)\s/u.test(line)) &&
    givenColumn(parts(0), parts(1)) === 'second';
  const told =
    bare.every((one) => one.length > 1 && /[\d@]/.test(one.at(-1) ?? '')) ||
    // "Amira Haddad, new".
    bare.every(
      ([name = '', said = '', ...more]) =>
        looksLikeWholeName(name.trim()) && /^\s*\p{Ll}/u.test(said) && more.length === 0,
    );
  const bulleted = filled.every((line) => TABBED_BULLET.test(line));
  if (bulleted && filled.length > 1) return lines.map((line) => line.replace(TABBED_BULLET, ''));
  // Under the name of each part they may begin anew.
  const anew = filled.length < lines.filter((line) => /\S/.test(line)).length;
  const fits =
    counts.length > 1 &&
    counts[0] === 1 &&
    counts.every(
      (count, at) => at === 0 || count === (counts[at - 1] ?? 0) + 1 || (anew && count === 1),
    );
  if (!fits || !(single || turned || told)) return lines;
  return lines.map((line) => line.replace(COUNT, ''));
}

/** The table of a body with the lines around it as rows of their own. */
export function withFrame(table: Table, { over, below, warnings }: Framed): Table {
  const listed = table.rows[0]?.line === 0 ? 1 : 0;
  return {
    ...table,
    rows: [...table.rows.slice(0, listed), ...over, ...table.rows.slice(listed), ...below],
    warnings: [...(table.warnings ?? []), ...warnings],
  };
}
