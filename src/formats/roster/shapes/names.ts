import { looksLikeName, looksLikeWholeName, mayNameTwo } from '../names';
import {
  isBareClosing,
  isClosing,
  isGreeting,
  isNobodyYet,
  signedBy,
  isPlace,
  kindOfLine,
} from '../lineKinds';
import { roleOfHeading } from '../headings';
import { plainWords } from '../text';
import type { RosterWarning, Row, Table } from '../types';
import { apart } from './apart';
import { entriesOf, nameAndAddress, withoutNumbers } from './entries';
import {
  areListedPairs,
  arePairs,
  BETWEEN_LISTED,
  BETWEEN_TWO,
  groupLines,
  holdSeveral,
  tellsOf,
} from './groups';
import { HEADER, SENDER, SUBJECT } from './letters';
import { isShort, type Line, type Told } from './lines';
import { isSentence, withCommas } from './manyWords';
import { doubtful } from './asides';
import { tidied } from './steps';
import { filledLines, hasBullet, isBulleted, numberAfter, stripperFor } from './strip';

/** "Amira Haddad, 7B". */
const CLASS_AFTER = /^(.*\p{L}.*?)\s*,\s*(\d{1,2}\s?[A-Za-z])$/u;

/** "*Amira" among the members of a group. */
const CAPTAIN = /^[*★☆†]\s*(?=\p{Lu})/u;

const HEADINGS = ['Name', 'E-mail', 'Student ID', 'Section'];

/** Whether text is a list of `Name <address>` entries rather than rows of cells. */
export function isAddressList(text: string): boolean {
  const angled = text.match(/<[^<>\s]+@[^<>\s]+>/g)?.length ?? 0;
  const filled = filledLines(text);
  const headed = filled.filter((line) => HEADER.test(line));
  // "To: Amira Haddad; Bram Visser".
  const named = headed.some((line) => {
    const names = line.replace(HEADER, '').split(';');
    return names.length > 1 && names.every((name) => looksLikeWholeName(name.trim()));
  });
  if (headed.length > 0) return angled > 0 || named || /["“]/.test(text);
  return angled > 0 && angled >= filled.length / 2;
}

/** A list of people as a table of names and addresses: one a line, bulleted, numbered, or parted by signs. */
export function namesTable(text: string): Table {
  const given = text
    .split(/\r\n|\r|\n/)
    .map((one, index): Line => ({ line: index + 1, text: one }));
  const each = apart(given);
  if (!each) return tableOf(given);
  // What is told of those on a line is told of one of them alone.
  const table = tableOf(each.map(({ text: one }, at) => ({ line: at + 1, text: one })));
  const lineOf = (at: number): number => each[at - 1]?.line ?? at;
  return {
    ...table,
    rows: table.rows.map((row) => ({ ...row, line: lineOf(row.line) })),
    warnings: (table.warnings ?? []).map((one) => ({ ...one, row: lineOf(one.row) })),
    skipped: (table.skipped ?? []).map((one) => ({ ...one, row: lineOf(one.row) })),
    belief: SURE,
  };
}

function tableOf(given: readonly Line[]): Table {
  const text = given.map((one) => one.text).join('\n');
  const { lines: joined, skipped: aside, warnings: remarked, told } = tidied(given);
  const skipped = [...aside];
  const between = betweenTwo(joined.map(({ text: one }) => one));
  const pairs = between !== null;
  let filled = pairs
    ? joined.map((one) => ({ ...one, text: one.text.split(between).join(' / ') }))
    : joined;
  const groups = groupLines(filled);
  const alone = filled.length === 1;
  // "Kitchen duty" over "Monday: Amira, Bram" and more of them: all others are in a group.
  const [first, ...others] = filled;
  const titled =
    first !== undefined &&
    groups !== null &&
    others.length > 1 &&
    groups(first.text) === null &&
    !/[,;:]/.test(first.text) &&
    !looksLikeWholeName(first.text) &&
    others.every(({ text: one }) => groups(one) !== null);
  filled = withCommas(filled);
  const each = filled.map(({ text: one }) => one);
  const many = pairs || holdSeveral(each);
  const strip = stripperFor(each);
  const bulleted = isBulleted(text);
  const rows: Row[] = [{ line: 0, cells: HEADINGS }];
  let letter = false;
  let closed = false;
  // "Best, George" is somebody where others stand family name first.
  const turned = filled
    .slice(0, -1)
    .some(({ text: one }) => /^[^\s,]+(?: [^\s,]+)?, \S/u.test(one) && !isGreeting(one));
  const greeted = filled.some((one) => isGreeting(one.text));
  const lettered = given.some(({ text: one }) => HEADER.test(one) || SUBJECT.test(one));
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
    const signed = filled.at(-1)?.line === line && !turned ? signedBy(raw) : null;
    if (signed !== null) {
      const closing = raw.slice(0, raw.indexOf(',')).trim();
      skipped.push({ row: line, name: closing, reason: 'footer' });
      rows.push({ line, cells: [`From: ${signed}`] });
      continue;
    }
    closed = isClosing(raw) && filled.at(-1)?.line !== line;
    if (SENDER.test(raw) && lettered) {
      // Who wrote a letter is no more a student of it than its subject is.
      rows.push({ line, cells: [raw.replace(SENDER, 'From: $1')] });
      continue;
    }
    const header = HEADER.test(raw);
    letter = header || (letter && /^\s/.test(raw));
    const group = groups?.(raw) ?? null;
    if (titled && line === first.line) {
      skipped.push({ row: line, name: raw.trim(), reason: 'title' });
      continue;
    }
    const part = group ? partOf(group.label) : '';
    if (group && part === '') skipped.push({ row: line, name: group.label, reason: 'heading' });
    const list = (group?.members ?? (header ? raw.replace(HEADER, '') : raw)).trim();
    const { text: stripped, id, section, mark } = strip(group || header ? { whole: list } : list);
    const inList = bulleted && hasBullet(raw);
    const rawly = inList || alone || many || group || header || letter ? null : kindOfLine(raw);
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
      if (group !== null && (entries.length > 1 ? isPlace(entry) : isNobodyYet(entry))) {
        const name = entries.length > 1 ? entry : `${group.label}: ${entry}`;
        skipped.push({ row: line, name, reason: 'place' });
        continue;
      }
      // "Motion: the weir should go".
      if (group !== null && entries.length === 1 && isSentence(entry)) {
        skipped.push({ row: line, name: `${group.label}: ${entry}`, reason: 'footer' });
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
      const tail =
        address !== ''
          ? numberAfter(name)
          : several && isShort(name)
            ? CLASS_AFTER.exec(name)
            : null;
      const classed = tail && /^\D{0,2}\d{1,2}\D{0,2}$/.test(tail[2] ?? '');
      const inClass = classed ? (tail[2] ?? '') : section;
      const numbered = tail !== null && id === '' && /^\d{3,}$/.test(tail[2] ?? '');
      const bare = classed || numbered ? (tail[1] ?? name) : name;
      const place = group ? part : inClass;
      rows.push({
        line,
        cells: [bare, address, numbered ? (tail[2] ?? '') : id, place, ...(mark ? [mark] : [])],
      });
    }
    if (entries.length === 0) rows.push({ line, cells: [stripped === '' ? raw.trim() : stripped] });
  }
  const again = groups === null ? new Set<Row>() : standAgain(rows);
  again.forEach(({ line, cells: [name = '', , , part = ''] }) =>
    skipped.push({ row: line, name: part === '' ? name : `${part}: ${name}`, reason: 'duplicate' }),
  );
  const wide = told.reduce(
    withColumn,
    rows.filter((row) => !again.has(row)),
  );
  const unsure =
    groups !== null && tellsOf(filled.flatMap(({ text: one }) => groups(one) ?? [])) === 'unsure';
  const warnings = [
    ...remarked,
    ...(many ? [] : pairsIn(rows)),
    ...(unsure ? rows.slice(1).map(({ line, cells: [name = ''] }) => doubtful(line, name)) : []),
  ];
  return {
    name: '',
    rows: wide,
    commaIsDecimal: false,
    warnings,
    skipped,
    belief: beliefIn(text, many, groups !== null),
  };
}

/** Rows of those who stand in an earlier one, where that is most of them: the same people shared out more than once. */
function standAgain(rows: readonly Row[]): ReadonlySet<Row> {
  const first = new Map<string, Row>();
  const again = new Set<Row>();
  for (const row of rows.slice(1)) {
    const name = plainWords(row.cells[0] ?? '');
    if (name === '') continue;
    if (first.has(name)) again.add(row);
    else first.set(name, row);
  }
  const names = new Set([...again].map(({ cells: [name = ''] }) => plainWords(name)));
  // "Helpers: Amira, Bram" beside "All: Amira, Bram, Chipo": the one holds the other.
  const parts = [...first.values(), ...again].map(({ cells: [, , , part = ''] }) => part);
  const within = new Set(parts).size === 2 && isWithin([...first.values()], again);
  return names.size > 1 && (within || names.size * 2 >= first.size) ? again : new Set();
}

/** How much rather than its table a list is believed, the higher the more. */
function beliefIn(text: string, many: boolean, grouped: boolean): number {
  // "| Otters | Amira, Bram |" is a group and its members.
  if (areRows(text, '\t', 1) || areRows(text, '|', grouped ? 2 : 1)) return -SURER;
  return many || grouped ? SURE : areQuotedCells(text) ? -SURE : 0;
}

/** Whether nearly every line has as many of these signs between what it holds as the rows of a table have. */
function areRows(text: string, sign: '\t' | '|', fewest: number): boolean {
  const filled = filledLines(text).filter(
    (line) => line.includes(sign) || !/^[\s+=─━-]+$/u.test(line),
  );
  const signs = filled.map((line) => trimmedOf(line, sign).split(sign).length - 1);
  const [most = 0] = [...signs].sort((a, b) => b - a);
  return (
    filled.length > 1 &&
    most >= fewest &&
    signs.filter((one) => one === most).length >= filled.length * MOSTLY_PARTED
  );
}

/** A line without the signs at its ends. */
const trimmedOf = (line: string, sign: '\t' | '|'): string =>
  line.trim().replace(sign === '|' ? /^\|\s*|\s*\|$/g : /(?!)/, '');

const MOSTLY_PARTED = 0.6;

/** Whether those of one of two parts all stand in the other as well, two of them at least. */
function isWithin(first: readonly Row[], again: ReadonlySet<Row>): boolean {
  const partOfRow = ({ cells: [, , , part = ''] }: Row): string => part;
  const [one = ''] = first.map(partOfRow);
  const size = first.filter((row) => partOfRow(row) === one).length;
  const behind = first.length - size;
  return again.size === size || behind === 0;
}

/** Whether every line is of cells in quotes with nothing but commas between, as a spreadsheet writes them. */
function areQuotedCells(text: string): boolean {
  const filled = filledLines(text);
  return filled.length > 1 && filled.every((line) => /^"[^"]*"(?: ?, *"[^"]*")+\s*$/.test(line));
}

/** The part of a list that a word before several names tells; "Students: Amira, Bram" tells none. */
const partOf = (label: string): string => (roleOfHeading(label) === 'fullName' ? '' : label);

/** The rows with one more column, of what is told of those on a line. */
function withColumn(rows: readonly Row[], { heading, of }: Told): readonly Row[] {
  const width = Math.max(HEADINGS.length + 1, ...rows.map(({ cells }) => cells.length));
  return rows.map(({ line, cells }, at) => {
    const said = at === 0 ? heading : of.get(line);
    if (said === undefined) return { line, cells };
    return {
      line,
      cells: [...Array.from({ length: width }, (_, column) => cells[column] ?? ''), said],
    };
  });
}

/** What parts the two people on each line; null where there is one a line, or more. */
function betweenTwo(all: readonly string[]): RegExp | null {
  if (arePairs(all)) return BETWEEN_TWO;
  if (areListedPairs(all)) return BETWEEN_LISTED;
  return null;
}

/** "Amira Haddad, Bram Visser" on every line may be a name turned round, or two people. */
function pairsIn(rows: readonly Row[]): readonly RosterWarning[] {
  const parted = rows.filter(({ line, cells }) => line > 0 && (cells[0] ?? '').includes(','));
  if (!mayNameTwo(parted.map(({ cells: [name = ''] }) => name))) return [];
  return parted.map(({ line, cells }) => ({
    kind: 'twoNames',
    row: line,
    name: cells[0] ?? '',
    given: '',
    likely: '',
  }));
}

/** Lines that surely name several people are no rows of a table without headings. */
const SURE = 0.12;
/** Rows of a table with tabs are no list, even where it leaves out somebody. */
const SURER = 0.5;
