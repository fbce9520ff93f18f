import { isInactive, looksLikeName, looksLikeWholeName, withoutSigns } from '../names';
import { cleanText } from '../text';
import {
  isBareClosing,
  isClosing,
  isGreeting,
  isPlace,
  kindOfLine,
  sectionHeading,
} from '../lineKinds';
import { roleOfHeading } from '../headings';
import type { RosterWarning, Row, Table } from '../types';
import { withoutAsides, type Line } from './asides';
import { withoutTalk } from './chats';
import {
  familyOver,
  joinBroken,
  joinedAddresses,
  joinedFacts,
  joinedWraps,
  rolesBelow,
} from './joining';
import { withGone } from './gone';
import { interleaved } from './interleaved';
import {
  countedHeads,
  familyFirst,
  groupsOnOneLine,
  headed,
  headedBlocks,
  saidGroups,
  signedGroups,
  spelledOut,
  withoutCounting,
  withoutStops,
  withOne,
  marginHeads,
  namedHeads,
  ledHeads,
  shoutedHeads,
  withoutWishes,
  LAST,
  withAway,
  withHours,
  withoutCount,
  withoutLetters,
  withoutRefrain,
  withoutSentence,
} from './tidying';

/** Signs and numbers that stand before the entries of a list. */
const BULLET =
  /^\s*(?:[-–—•*+]\s*\[[ xX✓]?\]\s*|\d{1,4}(?:st|nd|rd|th)\b[.:)]?\s+(?=\p{Lu})|(?:[Nn][or]|[Nn][º°]|№)\.?\s*\d{1,4}[.):]?\s+|#\s*\d{1,4}[.):]?\s*|\d{1,4}\s*(?:\.\)|[.):]|[-–—](?=\s))\s*|\d{1,4}\s?[ºª°]\s*|[-–—]\s*(?=[\p{L}"])|[•*·‣◦∙⁃▪●○■□☐☑☒✓✔►▶▸→⇒➔➤»>+♦◆◇✦★☆✱❖–—]\s*(?=[\p{L}\p{N}"“(])|\[[ xX✓\d]*\]\s*|\(?\d{1,4}\)\s*|[①-⑳⓪❶-❿]\s*|(?:\d\uFE0F?\u20E3)+\s*|(?:\p{Extended_Pictographic}[\p{M}\p{Cf}\p{Emoji_Modifier}]*)+\s+(?=\p{L}))/u;
/** Letters and Roman numbers before entries; taken for bullets only where most lines have one. */
const LETTER_BULLET = /^\s*[([]?(?:[a-zA-Z]|[ivxlIVXL]{1,5})[.)\]]\s+(?=\S)/;
/** "1 Amira Haddad", "1Amira Haddad", "1 = Amira Haddad": a number alone, where most lines have one. */
const NUMBER_BEFORE =
  /^\s*(\d{1,4})(?:(?:\s*=\s*|\s+)(?=\p{L})|(?=\p{L}{2})(?!(?:st|nd|rd|th|er)\b))/u;
/** "2026-0041 Amira Haddad", "H1023A Amira Haddad", "7B-01 Amira Haddad". */
const ID_BEFORE =
  /^\s*([A-Za-z]{0,3}\d[\d\-./]{2,}[A-Za-z]?|\d{1,2}[A-Za-z]-\d{1,3})[\s:,–-]+(?=\p{L})/u;
/** "7B Amira Haddad": a class before the name, where most lines have one. */
const CLASS_BEFORE =
  /^\s*(\d{1,2}\s?[A-Za-z](?:\/[A-Za-z]{0,3}\d{0,2})?)[\s:,–-]+(?=\p{Lu}\p{L}*[\p{Ll}.'’-])/u;
/** "AH Amira Haddad": the first letters of a name before it, where most lines have them. */
const INITIALS_BEFORE = /^\s*(\p{Lu}{2,3})[\s:,–-]+(?=\p{Lu})/u;
/** "A1 Amira Haddad": a seat before the name, where most lines have one. */
const SEAT_BEFORE = /^\s*([A-Z]\d{1,2})[\s:,–-]+(?=\p{Lu}\p{L}*[\p{Ll}.'’-])/u;
/** "[10231] Amira Haddad". */
const NUMBER_IN_BRACKETS = /^\s*[([](\d{3,12})[)\]]\s*(?=\p{L})/u;
/** "[7B] Amira Haddad". */
const CLASS_IN_BRACKETS = /^\s*[([](\d{1,2}\s?[A-Za-z])[)\]]\s*(?=\p{L})/u;
/** "1023 - Amira Haddad": a number too high to count, before a sign. */
const HIGH_NUMBER = /^\s*(\d{3,4})\s*(?:[.):]|[-–—](?=\s))\s*(?=\p{L})/u;
/** "Amira Haddad (0041)", "Amira Haddad 7B". */
const AFTER = /^(.*\p{L}.*?)\s*[,;/|–-]?\s+[([]?#?((?=[^\s]*\d)[A-Za-z\d\-./]{1,12}%?)[)\]]?$/u;
/** "Amira Haddad B+", where most lines have one. */
const GRADE_AFTER = /^(.*\p{L}{2}[\s,]+.*\p{L}{2})\s+([A-F][+-]?)$/u;
/** "Amira Haddad E", where "E = …" is told below. */
const CODE_AFTER = /^(.*\p{L}{2}[\s,]+.*\p{L}{2})\s+(\p{Lu}{1,3})$/u;
const EXPLAINED = /(?:^|[\s,;])(\p{Lu}{1,3})\s*=\s*(?=\p{L})/gu;
const MARK = /^(?:[A-F][+-]?|\d{1,3}(?:[.,]\d+)?%|[ABC][12][+-]?)$/;
/** "Amira Haddad, 7B". */
const CLASS_AFTER = /^(.*\p{L}.*?)\s*,\s*(\d{1,2}\s?[A-Za-z])$/u;
/** "(ID: 0041)", "No. 0041": a number with its word. */
const LABELLED_NUMBER =
  /[\s,;–-]+[([]?(?:ID|Id|id|No|Nr|nr|Nº|nº|N°)(?![\p{L}\d])[.:]*\s*#?((?=\S*\d)[A-Za-z\d\-./]{1,12})[)\]]?$/u;
/** "Amira Haddad #new": words set to a name with a sign. */
const TAGS = /^([^#]*\p{L}[^#]*?)((?:\s+#\p{L}[\p{L}\p{N}_-]*)+)$/u;
/** "*Amira" among the members of a group. */
const CAPTAIN = /^[*★☆†]\s*(?=\p{Lu})/u;
/** "Amira Bram Chipo Dov Eva" and nothing else: more words than one name has. */
const MANY_WORDS = /^(?:\p{Lu}[\p{Ll}\p{M}'’-]+\s+){4,}\p{Lu}[\p{Ll}\p{M}'’-]+$/u;
/** "Amira Haddad3": a number that touches the name, which is none of a student called "Haddad3". */
const TOUCHING = /^(.*\p{L}\s.*\p{Lu}\p{Ll}+)(\d{1,4})$/u;

const HEADINGS = ['Name', 'E-mail', 'Student ID', 'Section'];
/** The column of those who are said to have left, where there are any, and a word of it that is known. */
const STATUS = 'Status';
/** And of what somebody is in a school. */
const ROLE = 'Role';
const GONE = 'left';

/** Whether text is a list of `Name <address>` entries rather than rows of cells. */
export function isAddressList(text: string): boolean {
  const angled = text.match(/<[^<>\s]+@[^<>\s]+>/g)?.length ?? 0;
  const filled = filledLines(text);
  if (filled.some((line) => HEADER.test(line))) return angled > 0 || /["“]/.test(text);
  return angled > 0 && angled >= filled.length / 2;
}

/** Whether most lines begin with a number and a stop, or with a bullet. */
export function isBulleted(text: string): boolean {
  const filled = filledLines(text);
  return filled.filter((line) => BULLET.test(line)).length > filled.length / 2;
}

/** The text without the bullets of its lines, each line in its place. */
export function withoutBullets(text: string): string {
  return text
    .split(/\r\n|\r|\n/)
    .map((line) => line.replace(BULLET, ''))
    .join('\n');
}

function filledLines(text: string): readonly string[] {
  return text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
}

/** Lines of a letter's head that name those it goes to, and those that say something else. */
const HEADER = /^\s*(?:to|cc|bcc|an|kopie|para|cco|à|aan|destinataires?|destinatari)\s*:\s*(?=\S)/i;
const SENDER = /^\s*(?:from|von|de|da|van|reply-to|expéditeur)\s*:\s*(.*)$/i;

/** A list of people as a table of names and addresses: one a line, bulleted, numbered, or parted by signs. */
export function namesTable(text: string): Table {
  const given = text
    .split(/\r\n|\r|\n/)
    .map((one, index): Line => ({ line: index + 1, text: one }));
  const counted = withoutCounting(withOne(given));
  const talk = withoutTalk(spelledOut(withoutStops(counted.lines)));
  const page = interleaved(talk.lines);
  const roles = rolesBelow(page.lines);
  const facts = joinedFacts(familyOver(joinedWraps(joinedAddresses(roles.lines))));
  const plain = withoutLetters(facts.lines);
  const refrain = withoutRefrain(plain.lines);
  const left = withGone(refrain.lines);
  const wished = withoutWishes(left.lines);
  const led = ledHeads(shoutedHeads(marginHeads(countedHeads(wished.lines.map(withHours)))));
  const away = withAway(namedHeads(led.lines));
  const said = withoutSentence(saidGroups(away.lines));
  const all = headedBlocks(
    familyFirst(headed(signedGroups(said.lines).flatMap(groupsOnOneLine).map(withoutCount))),
  );
  const {
    lines,
    skipped: aside,
    warnings: remarked,
  } = withoutAsides(all.filter(({ text: one }) => /\S/.test(one)));
  const skipped = [
    counted,
    talk,
    page,
    roles,
    facts,
    plain,
    refrain,
    left,
    wished,
    led,
    away,
    said,
    { skipped: aside },
  ].flatMap((one) => one.skipped);
  const joined = joinBroken(lines);
  const pairs = arePairs(joined.map(({ text: one }) => one));
  let filled = pairs
    ? joined.map((one) => ({ ...one, text: one.text.replace(BETWEEN_TWO, ' / ') }))
    : joined;
  const groups = groupLines(filled);
  const alone = filled.length === 1;
  const [only] = filled;
  if (alone && only && MANY_WORDS.test(only.text.trim()))
    filled = [{ ...only, text: only.text.trim().replace(/\s+/g, ', ') }];
  const each = filled.map(({ text: one }) => one);
  const many = pairs || holdSeveral(each) || areParted(each);
  const strip = stripperFor(each);
  const bulleted = isBulleted(text);
  const rows: Row[] = [{ line: 0, cells: HEADINGS }];
  let letter = false;
  let closed = false;
  const greeted = filled.some((one) => isGreeting(one.text));
  for (const { line, text: raw } of filled) {
    if (closed) {
      rows.push({ line, cells: [`From: ${raw.trim()}`] });
      continue;
    }
    if (greeted && isBareClosing(raw) && !isClosing(raw)) {
      closed = true;
      skipped.push({ row: line, name: raw.trim(), reason: 'footer' });
      continue;
    }
    closed = isClosing(raw) && filled.at(-1)?.line !== line;
    if (SENDER.test(raw) && filled.some((one) => HEADER.test(one.text))) {
      // Who wrote a letter is no more a student of it than its subject is.
      rows.push({ line, cells: [raw.replace(SENDER, 'From: $1')] });
      continue;
    }
    const header = HEADER.test(raw);
    letter = header || (letter && /^\s/.test(raw));
    const group = groups?.(raw) ?? null;
    const list = (group?.members ?? (header ? raw.replace(HEADER, '') : raw)).trim();
    const { text: stripped, id, section, mark } = strip(group || header ? { whole: list } : list);
    const rawly = bulleted || alone || many || group || header || letter ? null : kindOfLine(raw);
    if (rawly !== null && rawly.kind !== 'section') {
      rows.push({ line, cells: [raw.trim()] });
      continue;
    }
    const several = alone || many || group !== null || header || letter;
    const parts = withoutNumbers(entriesOf(stripped, several, many || group !== null));
    const surely =
      parts.length > 1 && parts.every((part) => looksLikeName(part) || /\S@\S/.test(part));
    const other = group || header || letter || surely ? null : kindOfLine(stripped);
    const entries = other !== null ? [stripped] : parts;
    for (const entry of entries) {
      if (group !== null && entries.length > 1 && isPlace(entry)) {
        skipped.push({ row: line, name: entry, reason: 'place' });
        continue;
      }
      const [name = '', address = ''] = nameAndAddress(entry.replace(CAPTAIN, ''));
      const last = rows.at(-1);
      if (name === '' && address !== '' && entries.length === 1 && last && last.line > 0) {
        const [before = '', known = ''] = last.cells;
        // An address on a line of its own belongs to the name above it.
        if (
          before !== '' &&
          known === '' &&
          kindOfLine(before) === null &&
          roleOfHeading(before) === null
        ) {
          rows[rows.length - 1] = {
            line: last.line,
            cells: [before, address, ...last.cells.slice(2)],
          };
          continue;
        }
      }
      const tail = address !== '' ? numberAfter(name) : several ? CLASS_AFTER.exec(name) : null;
      const classed = tail && /^\D{0,2}\d{1,2}\D{0,2}$/.test(tail[2] ?? '');
      const inClass = classed ? (tail[2] ?? '') : section;
      const numbered = tail !== null && id === '' && /^\d{3,}$/.test(tail[2] ?? '');
      const bare = classed || numbered ? (tail[1] ?? name) : name;
      const place = group?.label ?? inClass;
      rows.push({
        line,
        cells: [bare, address, numbered ? (tail[2] ?? '') : id, place, ...(mark ? [mark] : [])],
      });
    }
    if (entries.length === 0) rows.push({ line, cells: [stripped === '' ? raw.trim() : stripped] });
  }
  const saidOf = new Map(
    [...left.gone].map(([line, said]) => [line, isInactive(said) ? said : `${GONE} ${said}`]),
  );
  const wide = [
    ...(saidOf.size > 0 ? [{ heading: STATUS, told: saidOf }] : []),
    ...(roles.roles.size > 0 ? [{ heading: ROLE, told: roles.roles }] : []),
  ].reduce(withColumn, rows);
  const warnings = [...away.warnings, ...remarked, ...(many ? [] : pairsIn(rows))];
  return {
    name: '',
    rows: wide,
    commaIsDecimal: false,
    warnings,
    skipped,
    belief: many || groups ? SURE : 0,
  };
}

/** The rows with one more column, of what is told of those on a line. */
function withColumn(
  rows: readonly Row[],
  { heading, told }: { readonly heading: string; readonly told: ReadonlyMap<number, string> },
): readonly Row[] {
  const width = Math.max(HEADINGS.length + 1, ...rows.map(({ cells }) => cells.length));
  return rows.map(({ line, cells }, at) => {
    const said = at === 0 ? heading : told.get(line);
    if (said === undefined) return { line, cells };
    return {
      line,
      cells: [...Array.from({ length: width }, (_, column) => cells[column] ?? ''), said],
    };
  });
}

/** "Amira Haddad, Bram Visser" on every line may be a name turned round, or two people. */
function pairsIn(rows: readonly Row[]): readonly RosterWarning[] {
  const parted = rows.filter(({ line, cells }) => line > 0 && (cells[0] ?? '').includes(','));
  const pairs = parted.filter(({ cells }) =>
    /^\p{Lu}\S* \p{Lu}\S*, \p{Lu}\S* \p{Lu}\S*$/u.test(cells[0] ?? ''),
  );
  if (pairs.length < parted.length) return [];
  return pairs.map(({ line, cells }) => ({
    kind: 'twoNames',
    row: line,
    name: cells[0] ?? '',
    given: '',
    likely: '',
  }));
}

/** Lines that surely name several people are no rows of a table without headings. */
const SURE = 0.12;

interface Stripped {
  readonly text: string;
  readonly id: string;
  readonly section: string;
  /** A result or level behind the name. */
  readonly mark: string;
}

/** Takes numbers, bullets, student numbers and classes from lines of which most have them. */
function stripperFor(
  all: readonly string[],
): (line: string | { readonly whole: string }) => Stripped {
  const most = (holds: (line: string) => boolean, of = all): boolean =>
    of.filter(holds).length > of.length / 2 && of.length > 1;
  const letters = most((line) => LETTER_BULLET.test(line)) && areInOrder(all);
  const high = all.flatMap((line) => HIGH_NUMBER.exec(line)?.[1] ?? []);
  const areIds =
    high.length > all.length / 2 &&
    high.length > 1 &&
    (Number(high[0]) >= FIRST_ID || !areRunning(high));
  const unbulleted = (line: string): string =>
    areIds ? line.replace(HIGH_NUMBER, '$1 ') : line.replace(BULLET, '');
  const bare = all.map(unbulleted);
  // A number alone counts a seat that nobody has.
  const lettered = bare.filter((line) => /\p{L}/u.test(line)).length;
  const numbers = bare.flatMap((line) => NUMBER_BEFORE.exec(line)?.[1] ?? []);
  const running =
    numbers.length > lettered / 2 &&
    numbers.every((one, i) => i === 0 || Number(one) > Number(numbers[i - 1])) &&
    Number(numbers[0]) < FIRST_ID &&
    (Number(numbers[0]) < FEWEST_HIGH || areRunning(numbers));
  // Under the head of a letter the list may be the smaller part.
  const counted = running ? new Set<string>() : countedLines(bare);
  const ids = !running && most((line) => ID_BEFORE.test(line), bare);
  const leading = !running && !ids && numbers.length > all.length / 2;
  const again = new Set(numbers).size < numbers.length * 0.7;
  const classes = !running && !ids && most((line) => CLASS_BEFORE.test(line), bare);
  const seats = !running && !ids && !classes && most((line) => SEAT_BEFORE.test(line), bare);
  const initials = most((line) => initialsBefore(line) !== null, bare);
  const bracketed = most((line) => NUMBER_IN_BRACKETS.test(line));
  const classed = most((line) => CLASS_IN_BRACKETS.test(line));
  const tagged = all.some((line) => TAGS.test(line));
  const explained = new Set(
    all.flatMap((line) => [...line.matchAll(EXPLAINED)].map(([, one]) => one)),
  );
  const isKeyed = (line: string): boolean => explained.has(CODE_AFTER.exec(line)?.[2]);
  const keyed = explained.size > 0 && most((line) => isKeyed(cleanEnd(line)), bare);
  const grades = most((line) => GRADE_AFTER.test(cleanEnd(line)), bare);
  const endOf = (line: string): RegExpExecArray | null =>
    TOUCHING.exec(line) ??
    (grades ? GRADE_AFTER.exec(line) : null) ??
    (keyed && isKeyed(line) ? CODE_AFTER.exec(line) : null) ??
    numberAfter(line.replace(LABELLED_NUMBER, ' $1'));
  const ends = bare
    .filter((line) => kindOfLine(line) === null)
    .map((line) => endOf(cleanEnd(line))?.[2] ?? '');
  const after = ends.length > 1 && ends.filter((end) => end !== '').length > ends.length / 2;
  // "85%", "B1" say how somebody does, and number nobody.
  const marks =
    after &&
    (keyed || ends.every((end) => end === '' || MARK.test(end)) || arePoints(ends.filter(Boolean)));
  const sections =
    after &&
    new Set(ends).size < ends.length * 0.7 &&
    ends.every((end) => /^$|^\D{0,2}\d{1,2}\D{0,2}$/.test(end));
  return (line) => {
    if (typeof line !== 'string') return { text: line.whole, id: '', section: '', mark: '' };
    let [id, section, mark] = ['', '', ''];
    const held = bracketed ? NUMBER_IN_BRACKETS.exec(line) : null;
    if (held) id = held[1] ?? '';
    const inClass = classed ? CLASS_IN_BRACKETS.exec(line) : null;
    if (inClass) section = inClass[1] ?? '';
    let text = unbulleted(inClass ? line.slice(inClass[0].length) : line);
    const seat = seats ? SEAT_BEFORE.exec(text) : null;
    if (seat) {
      mark = seat[1] ?? '';
      text = text.slice(seat[0].length);
    }
    const [, untagged = '', tags = ''] = (tagged ? TAGS.exec(text) : null) ?? [];
    if (tags !== '') {
      mark = tags.trim().split(/\s*#/).filter(Boolean).join(', ');
      text = untagged;
    }
    if (letters) text = text.replace(LETTER_BULLET, '');
    const short = initials ? initialsBefore(text) : null;
    if (short !== null) {
      id = short;
      text = text.replace(INITIALS_BEFORE, '');
    }
    const number = running || leading || counted.has(text) ? NUMBER_BEFORE.exec(text) : null;
    if (number) {
      text = text.slice(number[0].length);
      if (leading && again) section = number[1] ?? '';
      else if (leading) id = number[1] ?? '';
    }
    const before = ids ? ID_BEFORE.exec(text) : classes ? CLASS_BEFORE.exec(text) : null;
    if (before) {
      if (ids) id = before[1] ?? '';
      else section = before[1] ?? '';
      text = text.slice(before[0].length);
    }
    const end = after && kindOfLine(text) === null ? endOf(cleanEnd(text)) : null;
    if (end) {
      text = end[1] ?? '';
      if (sections) section = end[2] ?? '';
      else if (marks) mark = end[2] ?? '';
      else if (id === '') id = end[2] ?? '';
    }
    return { text: cleanEnd(text), id, section, mark };
  };
}

/** Lists that go on from another page do not begin here. */
const FIRST_ID = 1_000;
/** And from here on they count without a gap. */
const FEWEST_HIGH = 100;

/** Whether numbers count lines from 1 or from where a page before this one ended. */
function areRunning(numbers: readonly string[]): boolean {
  return numbers.every((one, i) => i === 0 || Number(one) === Number(numbers[i - 1]) + 1);
}

/** Lines one below another that begin with 1, 2, 3 and so on; none where there are fewer than three. */
function countedLines(bare: readonly string[]): ReadonlySet<string> {
  const numbers = bare.map((line) => Number(NUMBER_BEFORE.exec(line)?.[1] ?? NaN));
  const from = numbers.findIndex(
    (one, at) => one === 1 && numbers[at + 1] === 2 && numbers[at + 2] === 3,
  );
  if (from < 0) return new Set();
  const end = numbers.findIndex((one, at) => at > from && one !== at - from + 1);
  return new Set(bare.slice(from, end < 0 ? undefined : end));
}

/** The letters before a name of which they are the first ones; null where there are none. */
function initialsBefore(line: string): string | null {
  const [whole = '', letters = ''] = INITIALS_BEFORE.exec(line) ?? [];
  const words = line
    .slice(whole.length)
    .trim()
    .split(/[\s-]+/);
  const firsts = words.map((word) => word[0]?.toUpperCase() ?? '');
  const fits =
    letters === firsts.join('') || letters === `${firsts[0] ?? ''}${firsts.at(-1) ?? ''}`;
  return letters !== '' && words.length > 1 && fits ? letters : null;
}

/** Figures that number a class end about here. */
const MOST_IN_A_CLASS = 40;

/** Figures up to a hundred that do not run on as numbers of students do. */
function arePoints(ends: readonly string[]): boolean {
  const figures = ends.map(Number);
  const [least, most] = [Math.min(...figures), Math.max(...figures)];
  return (
    ends.length > 2 &&
    ends.every((end) => /^(?:0|[1-9]\d?|100)$/.test(end)) &&
    most > MOST_IN_A_CLASS &&
    most - least >= ends.length * 1.5
  );
}

/** A number behind a name; "Amira Haddad (Group 2)" has none, for it belongs to the word in the bracket. */
function numberAfter(line: string): RegExpExecArray | null {
  const found = AFTER.exec(line);
  return found && /[([][^)\]]*$/.test(found[1] ?? '') ? null : found;
}

const follows = (letter: string, before = ''): boolean =>
  letter.length === 1 && letter.charCodeAt(0) === (before.charCodeAt(0) || NaN) + 1;

/** "a)", "b)", "c)": letters before names count only in their order, so that "A. Haddad" keeps its initial. */
function areInOrder(all: readonly string[]): boolean {
  // "A. Haddad" has an initial, "A. Amira Haddad" a letter before it.
  if (all.some((line) => /^\s*[A-Z]\.\s+\S+$/.test(line))) return false;
  const found = all.flatMap(
    (line) => /^\s*[([]?([a-zA-Z]+)[.)\]]\s/.exec(line)?.[1]?.toLowerCase() ?? [],
  );
  const roman = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii'];
  return (
    found.length > 1 &&
    (found.every((one, i) => one === 'a' || follows(one, found[i - 1])) ||
      found.every((one, i) => i >= roman.length || one === roman[i]))
  );
}

const cleanEnd = (text: string): string =>
  withoutSigns(text.trim().replace(/[,;]+\s*$/, '')).trim();

/**
 * Whether lines surely name several people by commas: three parts and more, each a name. Lines of single words with
 * one number of parts are rows of a table as well.
 */
function holdSeveral(all: readonly string[]): boolean {
  const parted = all
    .map((line) => splitOutside(cleanEnd(line.replace(BULLET, '')), ','))
    .filter((parts) => parts.length > 1 && parts.every((part) => looksLikeName(part)));
  // Under names of groups, lines of several names are their members.
  const sections = all.filter((line) => kindOfLine(line)?.kind === 'section').length;
  const under = all.length - sections;
  if (sections > 1 && parted.length > 0 && parted.length === under) return true;
  // One of the groups may have a single member, where each has one line.
  const single = all.filter(
    (line) => kindOfLine(line) === null && looksLikeName(line) && !line.includes(','),
  ).length;
  if (sections > 1 && parted.length > 0 && under === sections && parted.length + single === under)
    return true;
  const long = parted.filter(
    (parts) => parts.length >= 3 && !parts.some((part) => SUFFIX.test(part)),
  );
  if (long.length === 0) return false;
  const parts = parted.flat();
  const whole = parts.filter((part) => part.includes(' ')).length >= parts.length * 0.7;
  return whole || new Set(parted.map(({ length }) => length)).size > 1;
}

/** What stands between two people on a line. */
const BETWEEN_TWO = /\s+(?:and|&|und|y|et|e|en|\+|vs\.?|versus)\s+|\s*(?:\/|↔|⇔|⇄|<->|<=>)\s*/u;

/** "Amira & Bram": what stands between two who are called by a single name each. */
const BETWEEN_FIRST = /^\p{Lu}[\p{L}\p{M}'’-]+\s+(?:and|&|und|\+)\s+\p{Lu}[\p{L}\p{M}'’-]+$/u;

/** Whether each line names two people with "and" between them; where they have whole names one may be left over. */
function arePairs(all: readonly string[]): boolean {
  const people = all.filter((line) => kindOfLine(line)?.kind !== 'section');
  const bare = people.map((line) => cleanEnd(line.replace(BULLET, '')));
  if (bare.length > 1 && bare.every((line) => BETWEEN_FIRST.test(line))) return true;
  const parts = bare.map((line) => line.split(BETWEEN_TWO));
  const whole = parts.every((some) =>
    some.every((part) => looksLikeName(part) && /\S\s+\S/.test(part)),
  );
  const pairs = parts.filter(({ length }) => length === 2).length;
  const alone = parts.filter(({ length }) => length === 1).length;
  return whole && pairs > 1 && alone <= 1 && pairs + alone === people.length;
}

/** "Amira / Bram / Chipo" on each line: three people and more, parted by a stroke. */
function areParted(all: readonly string[]): boolean {
  const parts = all.map((line) => cleanEnd(line.replace(BULLET, '')).split(' / '));
  return (
    all.length > 1 &&
    parts.some(({ length }) => length > 2) &&
    parts.every((some) => some.length > 1 && some.every((part) => looksLikeName(part.trim())))
  );
}

const SUFFIX = /^(jr|sr|ii|iii|iv|phd|md)\b/i;

interface GroupLine {
  readonly label: string;
  readonly members: string;
}

/** "Amira Haddad, Bram Visser, and Dov Ash." */
function areWholeNames(text: string): boolean {
  const parts = text.split(/[,;]/).flatMap((part) => part.split(LAST));
  const names = parts.map((part) => cleanEnd(withoutAnd(part.trim()))).filter(Boolean);
  return names.length > 2 && names.every((name) => looksLikeWholeName(name.replace(/\.$/, '')));
}

const SEVERAL = /[,;/&]| and | und | y | et | \+ /;

/** "Group 1: Amira, Bram and Chipo": how such lines are read, where most lines are of that kind. */
function groupLines(all: readonly Line[]): ((line: string) => GroupLine | null) | null {
  const read = (line: string): GroupLine | null => {
    const found =
      /^\s*(?:[-•*]\s*)?([^:@<>,;]{1,40}?)\s*(?::|\s[–—-]\s|\s?→|\s*\|)\s*(\S.*)$/u.exec(line);
    if (!found || HEADER.test(line) || SENDER.test(line)) return null;
    const [, label = '', members = ''] = found;
    // "17/20" is a mark, and no two members.
    if (!/\p{L}/u.test(members)) return null;
    // "9:12:33" is a time.
    if (/\d$/.test(label) && /^\d{2}\b/.test(members)) return null;
    const said = kindOfLine(line);
    if (said?.kind === 'staff' || said?.kind === 'total') return null;
    const named = sectionHeading(label) !== null;
    if (said?.kind === 'footer' && !named && !areWholeNames(members)) return null;
    return (members.includes('@') && !named) ||
      (!named && !SEVERAL.test(members) && !line.includes(':'))
      ? null
      : { label: label.trim(), members };
  };
  const groups = all.flatMap(({ text }) => read(text) ?? []);
  const several = groups.filter(({ members }) => SEVERAL.test(members));
  const somebody = all.filter(({ text }) => kindOfLine(text) === null || read(text) !== null);
  const one = somebody.length === 1 && groups.length === 1;
  // "Table 1: Amira Haddad" on every line: each sits alone.
  const each =
    groups.length > 1 &&
    groups.length === somebody.length &&
    groups.every(
      ({ label, members }) => sectionHeading(label) !== null && looksLikeWholeName(members),
    );
  if (each) return read;
  return (one || groups.length >= 2) &&
    groups.length >= somebody.length * (one ? 0 : 0.6) &&
    several.length > 0 &&
    (several.length >= groups.length / 2 ||
      groups.every(({ label }) => sectionHeading(label) !== null))
    ? read
    : null;
}

const PARTING = [';', '、', '，', '،', '؛', ' / ', ' + ', '|', '•', '·'] as const;
/** People on one line: parted by signs; `several` tells that a comma parts people, not a name. */
function entriesOf(line: string, several: boolean, members: boolean): readonly string[] {
  const text = cleanEnd(line);
  if (text === '') return [];
  const sign = several
    ? PARTING.find((one) => splitOutside(text, one).length > 1)
    : ([';', '、', '，', '،'] as const).find((one) => splitOutside(text, one).length > 1);
  const parts = sign === undefined ? [text] : splitOutside(text, sign);
  return parts.flatMap((part) =>
    commaEntries(
      part,
      several && (sign === undefined || sign === ';'),
      members && sign === undefined,
    ),
  );
}

/** "2. Bram Visser" among several of one line without its number. */
function withoutNumbers(entries: readonly string[]): readonly string[] {
  const NUMBER = /^\d{1,3}[.)]\s*(?=\p{L})/u;
  const numbered = entries.length > 1 && entries.slice(1).every((entry) => NUMBER.test(entry));
  return numbered ? entries.map((entry) => entry.replace(NUMBER, '')) : entries;
}

/** A comma parts people where each has an address, or where a line holds several; else it parts a name. */
function commaEntries(part: string, several: boolean, members: boolean): readonly string[] {
  const entries = splitOutside(part, ',');
  const addresses = entries.filter((entry) => /\S@\S/.test(entry)).length;
  if (addresses > 1) return joinNames(entries);
  const quoted =
    entries.length > 1 && addresses === 0 && entries.every((entry) => IN_QUOTES.test(entry));
  if (quoted) return entries;
  if (!several || addresses > 0) return [part];
  if (members)
    return entries
      .flatMap((entry) => entry.split(LAST))
      .map(withoutAnd)
      .filter(Boolean);
  const last = LAST.exec(entries.at(-1) ?? '');
  const split =
    last && (entries.length > 1 || part.split(LAST).every((one) => looksLikeName(one.trim())))
      ? [...entries.slice(0, -1), ...(entries.at(-1) ?? '').split(LAST)]
      : entries;
  const whole = split.map(withoutAnd).filter(Boolean);
  const two = whole.length === 2 && !last && !whole.every((entry) => entry.includes(' '));
  return whole.length > 1 && !two ? whole : [part];
}

const IN_QUOTES = /^(?:["“].*["”]|['‘].*['’])$/;

const withoutAnd = (entry: string): string =>
  entry.replace(/^(?:and|und|et|y|e|en|&)\s+/u, '').trim();

/** "Haddad", "Amira <a@x>" were one entry with a comma in the name. */
function joinNames(entries: readonly string[]): readonly string[] {
  const joined: string[] = [];
  let before = '';
  for (const entry of entries) {
    const whole = before === '' ? entry : `${before}, ${entry}`;
    if (entry.includes('@')) {
      joined.push(whole);
      before = '';
    } else before = whole;
  }
  return before === '' ? joined : [...joined, before];
}

/** Parts at a sign, but not within quotes or angle brackets. */
export function splitOutside(line: string, sign: string): readonly string[] {
  const parts: string[] = [];
  let part = '';
  let quoted = false;
  let angled = false;
  for (let at = 0; at < line.length; at++) {
    const letter = line[at] ?? '';
    if (letter === '"' && line.indexOf('"') !== line.lastIndexOf('"')) quoted = !quoted;
    if (letter === '<') angled = true;
    if (letter === '>') angled = false;
    if (!quoted && !angled && line.startsWith(sign, at)) {
      parts.push(part);
      part = '';
      at += sign.length - 1;
    } else part += letter;
  }
  return [...parts, part].map((one) => one.trim()).filter((one) => one !== '');
}

/** The name and the address of an entry; '' where it has none. */
export function nameAndAddress(given: string): readonly string[] {
  const entry = given.replace(/^\s*mailto:\s*(?=\S+@)/i, '');
  const angled = /^([^<>]*)<([^<>]*)>\s*([^<>]*)$/.exec(entry);
  const [, before = '', address = '', after = ''] = angled ?? [];
  // Angle brackets without an address sign hold one only at the end of a name, where a slip is to be seen.
  if (address.includes('@') || (before.trim() !== '' && address !== '' && after === '')) {
    return [unquote(`${before} ${after}`), address.trim()];
  }
  const bare = /(?:^|[\s(:"])([^\s()<>,;:"]+@[^\s()<>,;"]+)[)"]?/.exec(entry);
  if (!bare) return [unquote(entry), ''];
  return [
    unquote(
      entry
        .replace(bare[0], ' ')
        .replace(/\(\s*\)?/g, ' ')
        .replace(/[\s,:–—-]+$/, ''),
    ),
    bare[1] ?? '',
  ];
}

function unquote(name: string): string {
  return cleanText(name)
    .replace(/^["“](.*)["”]$/, '$1')
    .replace(/^'(.*)'$/, '$1')
    .trim();
}
