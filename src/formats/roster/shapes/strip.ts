import { kindOfLine, sectionHeading } from '../lineKinds';
import { withoutSigns } from '../names';
import { isShort } from './lines';

/** Signs and numbers that stand before the entries of a list. */
const BULLET =
  /^\s*(?:[\uE000-\uF8FF]\s*|[٠-٩۰-۹०-९๐-๙]{1,4}\s*[.):-]\s*|[-–—•*+]\s*\[(?:[ xX✓]?|\d{1,3})\]\s*|\d{1,4}(?:st|nd|rd|th)\b[.:)]?\s+(?=\p{Lu})|(?:[Nn][or]|[Nn]\.?[º°]|№)\.?\s*\d{1,4}[.):]?\s+(?:[-–—]\s+)?|#\s*\d{1,4}[.):]?\s*|\d{1,4}\s*\[[ xX✓]?\]\s*|\d{1,4}\s*(?:\.\)|[.):](?![\dºª°])|[-–—](?=\s)|→|->)\s*|\d{1,4}\s?\.?[ºª°]\s*|[-–—]\s*(?=[\p{L}"])|[•*·‣◦∙⁃▪●○■□☐☑☒✗✘✕✓✔►▶▸§→⇒➔➤»>+♦◆◇✦★☆✱❖–—]\s*(?=[\p{L}\p{N}"“(])|\.\s+(?=\p{L})|\[[ xX✓\d]*\]\s*|\(?\d{1,4}\)\s*|[①-⑳⓪❶-❿]\s*|(?:\d\uFE0F?\u20E3)+\s*|(?:\p{Extended_Pictographic}[\p{M}\p{Cf}\p{Emoji_Modifier}]*)+\s+(?=\p{L}))/u;

/** How the name of a class begins that is told by its ordinal: "2º A", "10. Klasse", "3rd Period". */
const ORDINAL =
  /^\s*\d{1,2}\s?(?:\.?[ºª°]|(?:st|nd|rd|th)\b|\.(?=\s?(?:\p{L}+|(?:Klasse|Kurs|Jahrgang) \p{L})\s*:?\s*$))/u;

/** An ordinal that is part of what a class is called counts no entries. */
const isOrdinalPart = (line: string): boolean =>
  ORDINAL.test(line) && sectionHeading(line) !== null;

/** Whether a line begins with a sign or number of a list. */
export const hasBullet = (line: string): boolean => BULLET.test(line) && !isOrdinalPart(line);

/** A line without the sign or number of a list before it. */
export const withoutBullet = (line: string): string =>
  isOrdinalPart(line) ? line : line.replace(BULLET, '');

/** Letters and Roman numbers before entries; taken for bullets only where most lines have one. */
const LETTER_BULLET = /^\s*[([]?(?:[a-zA-Z]|[ivxlIVXL]{1,5})[.)\]]\s+(?=\S)/;

/** "1 Amira Haddad", "1Amira Haddad", "1 = Amira Haddad": a number alone, where most lines have one. */
const NUMBER_BEFORE =
  /^\s*(\d{1,4})(?:(?:\s*=\s*|\s+)(?=\p{L})|(?=\p{L}{2})(?!(?:st|nd|rd|th|er|re|ère|eme|ème|nde|de)(?!\p{L})))/u;

/** "2026-0041 Amira Haddad", "H1023A Amira Haddad", "7B-01 Amira Haddad". */
const ID_BEFORE =
  /^\s*([A-Za-z]{0,3}\d[\d\-./]{2,}[A-Za-z]?|\d{1,2}[A-Za-z]-\d{1,3})[\s:,–-]+(?=\p{L})/u;

const DECIMAL = /^\d{1,3}\.\d{1,2}$/;

/** "7B Amira Haddad", "9-A Amira Haddad": a class before the name, where most lines have one. */
const CLASS_BEFORE =
  /^\s*(\d{1,2}(?:\s|[-/])?(?:[A-Za-z]|[A-Z]{2})(?:\/[A-Za-z]{0,3}\d{0,2})?)[\s:,–-]+(?=\p{L})/u;

/** "AH Amira Haddad": the first letters of a name before it, where most lines have them. */
const INITIALS_BEFORE = /^\s*(\p{Lu}{2,3})[\s:,–-]+(?=\p{Lu})/u;

/** "A1 Amira Haddad": a seat before the name, where most lines have one. */
const SEAT_BEFORE = /^\s*([A-Z]\d{1,2})[\s:,–-]+(?=\p{L})/u;

/** "[10231] Amira Haddad". */
const NUMBER_IN_BRACKETS = /^\s*[([](\d{3,12})[)\]]\s*(?=\p{L})/u;

/** "[7B] Amira Haddad". */
const CLASS_IN_BRACKETS = /^\s*[([](\d{1,2}\s?[A-Za-z])[)\]]\s*(?=\p{L})/u;

/** "1023 - Amira Haddad": a number too high to count, before a sign. */
const HIGH_NUMBER = /^\s*(\d{3,4})\s*(?:[.):]|[-–—](?=\s))\s*(?=\p{L})/u;

/** "Amira Haddad (0041)", "Amira Haddad 7B". */
const AFTER =
  /^(.*\p{L}.*?)\s*[,;:/|–-]?\s+[([]?[#+]?((?=[^\s]*\d)(?!\p{L}*\p{Ll}{2}\p{L}*\/)[A-Za-z\d\-./]{1,12}%?)[)\]]?$/u;

/** "Amira Haddad B+", where most lines have one. */
const GRADE_AFTER = /^([^&/+]*\p{L}{2}[\s,]+[^&/+]*\p{L}{2})\s+[([]?([A-F][+-]?)[)\]]?$/u;

/** "Amira Haddad E", where "E = …" is told below. */
const CODE_AFTER = /^(.*\p{L}{2}[\s,]+.*\p{L}{2})\s+(\p{Lu}{1,3})$/u;

/** "Amira Haddad P": a letter for who is there, which comes again and again. */
const LETTER_AFTER =
  /^([^&/+]*\p{L}[\p{L}\p{M}.]*[\s,]+[^&/+]*(?:[\p{L}\p{M}]{2}|\p{L}\.))\s+(\p{Lu})$/u;

/** The same behind a single name, where most others have one. */
const CODE_AFTER_ANY = /^(.*[\p{L}\p{M}.]{2})\s+(\p{Lu})$/u;

/** "x Amira Haddad", "o Amira Haddad": letters that stand for signs of a list. */
const CROSS_BEFORE = /^\s*([xXo])\s+(?=\p{Lu}\p{L})/u;

const EXPLAINED = /(?:^|[\s,;])(\p{Lu}{1,3})\s*=\s*(?=\p{L})/gu;

const MARK = /^(?:[A-F][+-]?|\d{1,3}(?:[.,]\d+)?%|[ABC][12][+-]?)$/;

/** "(ID: 0041)", "No. 0041": a number with its word. */
const LABELLED_NUMBER =
  /[\s,;–-]+[([]?(?:ID|Id|id|No|Nr|nr|Nº|nº|N°)(?![\p{L}\d])[.:]*\s*#?((?=\S*\d)[A-Za-z\d\-./]{1,12})[)\]]?$/u;

/** "Amira Haddad #new": words set to a name with a sign. */
const TAGS = /^([^#]*\p{L}[^#]*?)((?:\s+#\p{L}[\p{L}\p{N}_-]*)+)$/u;

/** "Amira Haddad3": a number that touches the name, which is none of a student called "Haddad3". */
const TOUCHING = /^([^,\d]*\p{L}\s[^,\d]*\p{Lu}\p{Ll}+)(\d{1,4})$/u;

/** "Amira Haddad/01", "Amira Haddad/7B". */
const SLASHED = /^(?=[^/]*\/\d{1,6}\p{L}?$)([^,\d/]*\p{L}\s[^,\d/]*\p{L}{2})\/(\d{1,6}\p{L}?)$/u;

export function filledLines(text: string): readonly string[] {
  return text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
}

/** Whether most lines begin with a number and a stop, or with a bullet. */
export function isBulleted(text: string): boolean {
  const filled = filledLines(text);
  return filled.filter(hasBullet).length > filled.length / 2;
}

/** The text without the bullets of its lines, each line in its place; one that a sign sets off from the rest stays. */
export function withoutBullets(text: string, sign?: string): string {
  return text
    .split(/\r\n|\r|\n/)
    .map((line) => {
      const bare = withoutBullet(line);
      const bullet = line.slice(0, line.length - bare.length);
      return sign !== undefined && (bullet.includes(sign) || bare.startsWith(sign)) ? line : bare;
    })
    .join('\n');
}

/** So many students for each letter behind their names, where it is a mark of a register. */
const SAME_LETTER = 6;

interface Stripped {
  readonly text: string;
  readonly id: string;
  readonly section: string;
  /** A result or level behind the name. */
  readonly mark: string;
}

/** Takes numbers, bullets, student numbers and classes from lines of which most have them. */
export function stripperFor(
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
  const crosses = all.flatMap((line) => CROSS_BEFORE.exec(line)?.[1] ?? []);
  // Some have one where a list says who is there; "X Amira" alone may be an initial.
  const some = crosses.length > 1 || crosses[0] === 'x';
  const crossed = crosses.length > all.length / 2 || (some && new Set(crosses).size === 1);
  const unbulleted = (line: string): string =>
    areIds
      ? line.replace(HIGH_NUMBER, '$1 ')
      : withoutBullet(line).replace(crossed ? CROSS_BEFORE : /(?!)/, '');
  const bare = all.map((line) => (isShort(line) ? unbulleted(line) : ''));
  // A number alone counts a seat that nobody has.
  const lettered = bare.filter((line) => /\p{L}/u.test(line)).length;
  const numbers = bare.flatMap((line) => NUMBER_BEFORE.exec(line)?.[1] ?? []);
  const running =
    numbers.length > lettered / 2 &&
    numbers.every((one, i) => i === 0 || Number(one) > Number(numbers[i - 1])) &&
    Number(numbers[0]) < FIRST_ID &&
    // "0301" is a number of somebody, "001" the first of them.
    !(/^0\d{2}/.test(numbers[0] ?? '') && Number(numbers[0]) > 1) &&
    (Number(numbers[0]) < FEWEST_HIGH || areRunning(numbers));
  // Under the head of a letter the list may be the smaller part.
  const counted = running ? new Set<string>() : countedLines(bare);
  const heads = all.filter((line) => sectionHeading(line) !== null).length;
  const anew = numbers.filter((one) => one === '1').length;
  const inParts =
    heads > 1 && anew === heads && numbers.every((one, i) => one === '1' || countsOn(numbers, i));
  const ids = !running && most((line) => ID_BEFORE.test(line), bare);
  // "7.5" says how somebody does.
  const decimals = ids && bare.every((line) => DECIMAL.test(ID_BEFORE.exec(line)?.[1] ?? '0.0'));
  const again = new Set(numbers).size < numbers.length * 0.7;
  const classes = !running && !ids && most((line) => CLASS_BEFORE.test(line), bare);
  const leading = !running && !inParts && !ids && !classes && numbers.length > all.length / 2;
  const seats = !running && !ids && !classes && most((line) => SEAT_BEFORE.test(line), bare);
  const initials = most((line) => initialsBefore(line) !== null, bare);
  const bracketed = most((line) => NUMBER_IN_BRACKETS.test(line));
  const classed = most((line) => CLASS_IN_BRACKETS.test(line));
  const tagged = bare.some((line) => TAGS.test(line));
  const explained = new Set(
    all.flatMap((line) => [...line.matchAll(EXPLAINED)].map(([, one]) => one)),
  );
  const letter = bare.flatMap((line) => {
    const name = line.replace(classes ? CLASS_BEFORE : seats ? SEAT_BEFORE : /(?!)/, '');
    return LETTER_AFTER.exec(cleanEnd(name))?.[2] ?? [];
  });
  // Behind single names they are of families, but where there are too few different ones for so many.
  const single = bare.flatMap((line) => CODE_AFTER_ANY.exec(cleanEnd(line))?.[2] ?? []);
  const lettering =
    (letter.length > 2 &&
      letter.length > bare.length * MOSTLY &&
      new Set(letter).size <= letter.length * MOSTLY) ||
    (single.length === lettered && single.length >= new Set(single).size * SAME_LETTER);
  const isKeyed = (line: string): boolean =>
    explained.has(CODE_AFTER.exec(line)?.[2]) || (lettering && CODE_AFTER_ANY.test(line));
  const keyed = lettering || (explained.size > 0 && most((line) => isKeyed(cleanEnd(line)), bare));
  const grades = most((line) => GRADE_AFTER.test(cleanEnd(line)), bare);
  const endOf = (line: string): RegExpExecArray | null =>
    TOUCHING.exec(line) ??
    SLASHED.exec(line) ??
    (grades ? GRADE_AFTER.exec(line) : null) ??
    (keyed && isKeyed(line) ? (lettering ? CODE_AFTER_ANY : CODE_AFTER).exec(line) : null) ??
    (lettering ? null : numberAfter(line.replace(LABELLED_NUMBER, ' $1')));
  const ends = bare
    .filter((line) => kindOfLine(line) === null)
    .map((line) => endOf(cleanEnd(line))?.[2] ?? '');
  const held = ends.filter((end) => end !== '');
  // "25%" says so by itself, behind some of them alone.
  const percents = held.length > 0 && held.every((end) => end.endsWith('%'));
  const after = ends.length > 1 && (held.length > ends.length / 2 || percents);
  // "85%", "B1" say how somebody does, and number nobody.
  const marks =
    after &&
    (keyed || ends.every((end) => end === '' || MARK.test(end)) || arePoints(ends.filter(Boolean)));
  const sections =
    after &&
    new Set(ends).size < ends.length * 0.7 &&
    ends.every((end) => /^$|^\D{0,2}\d{1,2}\D{0,2}$|^\d{1,2}\p{L}{1,2}\/\p{L}{1,3}\d?$/u.test(end));
  return (line) => {
    if (typeof line !== 'string') return { text: line.whole, id: '', section: '', mark: '' };
    if (!isShort(line)) return { text: cleanEnd(unbulleted(line)), id: '', section: '', mark: '' };
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
    const number =
      running || inParts || leading || counted.has(text) ? NUMBER_BEFORE.exec(text) : null;
    if (number) {
      text = text.slice(number[0].length);
      if (leading && again) section = number[1] ?? '';
      else if (leading) id = number[1] ?? '';
    }
    const before = ids ? ID_BEFORE.exec(text) : classes ? CLASS_BEFORE.exec(text) : null;
    if (before) {
      if (decimals) mark = before[1] ?? '';
      else if (ids) id = before[1] ?? '';
      else section = before[1] ?? '';
      text = text.slice(before[0].length);
    }
    const end = after && kindOfLine(text) === null ? endOf(cleanEnd(text)) : null;
    if (end) {
      text = end[1] ?? '';
      // Under the names of groups a class tells more of somebody.
      if (sections && heads < 2) section = end[2] ?? '';
      else if (marks || sections) mark = end[2] ?? '';
      else if (id === '') id = end[2] ?? '';
    }
    return { text: cleanEnd(text), id, section, mark };
  };
}

/** So many lines have a letter behind them, and so many of those letters are others. */
const MOSTLY = 0.75;

/** Lists that go on from another page do not begin here. */
const FIRST_ID = 1_000;

/** And from here on they count without a gap. */
const FEWEST_HIGH = 100;

/** Whether numbers count lines from 1 or from where a page before this one ended. */
function areRunning(numbers: readonly string[]): boolean {
  return numbers.every((_, i) => i === 0 || countsOn(numbers, i));
}

const countsOn = (numbers: readonly string[], at: number): boolean =>
  Number(numbers[at]) === Number(numbers[at - 1]) + 1;

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
export function numberAfter(line: string): RegExpExecArray | null {
  const found = isShort(line) ? AFTER.exec(line) : null;
  return found && /[([][^)\]]*$/.test(found[1] ?? '') ? null : found;
}

const follows = (letter: string, before = ''): boolean =>
  letter.length === 1 && letter.charCodeAt(0) === (before.charCodeAt(0) || NaN) + 1;

/** "a)", "b)", "c)": letters before names count only in their order, so that "A. Haddad" keeps its initial. */
function areInOrder(all: readonly string[]): boolean {
  // "A. Haddad" has an initial, "A. Amira Haddad" a letter before it.
  if (all.some((line) => /^\s*[A-Z]\.\s+[\p{L}'’-]+(?:\s*[^\p{L}\s].*)?$/u.test(line)))
    return false;
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

/** A text without commas and signs behind it, or the stop of a sentence behind a whole name. */
export const cleanEnd = (text: string): string =>
  withoutSigns(text.trim().replace(/[,;]+\s*$/, ''))
    .trim()
    .replace(/(?<=\s\p{Lu}\p{L}{2,}\p{Ll})\.$/u, '');
