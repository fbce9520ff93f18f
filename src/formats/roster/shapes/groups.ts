import { allGiven, givenAmong } from '../givenNames';
import { isRemarkLabel, kindOfLine, sectionHeading } from '../lineKinds';
import { isSchoolRole, looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { SUFFIX, splitOutside, withoutAnd } from './entries';
import { HEADER, SENDER } from './letters';
import { LAST, namesIn, type Line } from './lines';
import { cleanEnd, withoutBullet } from './strip';

/**
 * Whether lines surely name several people by commas: three parts and more, each a name. Lines of single words with
 * one number of parts are rows of a table as well.
 */
export function holdSeveral(all: readonly string[]): boolean {
  const parted = all
    .map((line) => splitOutside(cleanEnd(withoutBullet(line)), ','))
    .filter((parts) => parts.length > 1 && parts.every((part) => looksLikeName(part)));
  // Under names of groups, lines of several names are their members.
  const sections = all.filter((line) => kindOfLine(line)?.kind === 'section').length;
  const under = all.length - sections;
  const surely =
    // "Haddad, Amira" over "Visser, Bram" is one each.
    under <= sections ||
    parted.some(({ length }) => length > 2) ||
    parted.flat().every((part) => part.includes(' '));
  // Usual given names behind the comma alone say so as well.
  const sides = [0, 1].map((side) => parted.map((parts) => parts[side] ?? ''));
  const turned =
    parted.every(({ length }) => length === 2) &&
    givenAmong(sides[0] ?? []) === 0 &&
    givenAmong(sides[1] ?? []) > 0;
  if (sections > 1 && parted.length > 0 && parted.length === under && surely && !turned)
    return true;
  // One of the groups may have a single member, where each has one line.
  const single = all.filter(
    (line) => kindOfLine(line) === null && looksLikeName(line) && !line.includes(','),
  ).length;
  if (sections > 1 && parted.length > 0 && under === sections && parted.length + single === under)
    return true;
  if (areFirstNames(all)) return true;
  const long = parted.filter(
    (parts) => parts.length >= 3 && !parts.some((part) => SUFFIX.test(part)),
  );
  if (long.length === 0) return false;
  const parts = parted.flat();
  const whole = parts.filter((part) => part.includes(' ')).length >= parts.length * 0.7;
  return whole || new Set(parted.map(({ length }) => length)).size > 1;
}

/** "Amira, Bram, Chipo" on each line: as many single names, all different, with a blank behind each comma. */
function areFirstNames(all: readonly string[]): boolean {
  const lines = all.map((line) =>
    cleanEnd(withoutBullet(line))
      .split(', ')
      .map((name) => name.replace(/^"(.*)"$/, '$1')),
  );
  const names = lines.flat();
  return (
    lines.length > 1 &&
    lines.every((some) => some.length > 2) &&
    names.every((name) => /^\p{Lu}[\p{Ll}\p{M}'’-]+$/u.test(name) && !isSchoolRole(name)) &&
    new Set(names).size === names.length
  );
}

/** What stands between two people on a line. */
export const BETWEEN_TWO =
  /\s+(?:and|&|und|y|et|e|en|\+|x|×|vs\.?|versus)\s+|\s*(?:\/|↔|⇔|⇄|<->|<=>)\s*/u;

/** Signs and words that are part of no name. */
const SURELY_BETWEEN = /\s+(?:and|&|und|\+|x|×|vs\.?|versus|↔|⇔|⇄|<->|<=>)\s+/u;

/** Whether each line names two people with "and" between them; where they have whole names one may be left over. */
export function arePairs(all: readonly string[]): boolean {
  const people = all.filter((line) => kindOfLine(line)?.kind !== 'section');
  const bare = people.map((line) => cleanEnd(withoutBullet(line)));
  const sides = bare.map((line) => line.split(SURELY_BETWEEN));
  const isParted = (some: readonly string[]): boolean =>
    some.length > 1 && some.every((one) => looksLikeName(one) && !one.includes(','));
  // With an odd number of them three are together, or four.
  const most = Math.max(...sides.map(({ length }) => length));
  if (sides.length > 1 && most <= 4 && sides.every(isParted)) return true;
  const parts = bare.map((line) => line.split(BETWEEN_TWO));
  const whole = parts.every((some) =>
    some.every((part) => looksLikeName(part) && /\S\s+\S/.test(part)),
  );
  // With an odd number of them one is left over, or three are together.
  const pairs = parts.filter(({ length }) => length === 2).length;
  const others = people.length - pairs;
  return whole && pairs > 1 && others <= 1 && parts.every(({ length }) => length <= 3);
}

/** "Amira and Bram", "Quinto e Rosa", and "Chipo, Dov and Eva" among them. */
export const BETWEEN_LISTED = /\s+(?:and|&|und|y|et|e|en|\+)\s+|,\s+/u;

/** Whether each line names two or three by one word, with "and" before the last of them. */
export function areListedPairs(all: readonly string[]): boolean {
  const people = all.filter((line) => kindOfLine(line)?.kind !== 'section');
  const lines = people.map((line) => cleanEnd(withoutBullet(line)));
  const parts = lines.map((line) => line.split(BETWEEN_LISTED));
  const pairs = parts.filter(({ length }) => length === 2).length;
  return (
    parts.length > 1 &&
    pairs > parts.length / 2 &&
    lines.every(
      (line) => line.split(',').length === Math.max(1, line.split(BETWEEN_LISTED).length - 1),
    ) &&
    parts.every(
      (some) =>
        some.length > 1 &&
        some.length < 5 &&
        some.every((one) => /^\p{Lu}[\p{L}\p{M}'’-]+$/u.test(one) && !isSchoolRole(one)),
    )
  );
}

export interface GroupLine {
  readonly label: string;
  readonly members: string;
}

/** "Amira Haddad, Bram Visser, and Dov Ash.": three and more, none of more words than a name has. */
function areNames(text: string): boolean {
  const parts = text.split(/[,;]/).flatMap((part) => part.split(LAST));
  const names = parts.map((part) => cleanEnd(withoutAnd(part.trim()))).filter(Boolean);
  return (
    names.length > 2 &&
    names.every(
      (name) =>
        looksLikeName(name.replace(/\.$/, '')) &&
        name.split(' ').length <= (/\p{Lu}/u.test(name) ? MOST_WORDS : MOST_SMALL_WORDS),
    )
  );
}

const MOST_WORDS = 6;
const MOST_SMALL_WORDS = 4;

const SEVERAL = /[,;/&×]| and | und | y | et | \+ | vs\.? /;

/** "A) Amira, Bram, Chipo" over "B) Dov, Eva": letters or numbers in their order, each before several who are called so. */
function countedGroups(all: readonly Line[]): ((line: string) => GroupLine | null) | null {
  const read = (line: string): GroupLine | null => {
    const [, label = '', members = ''] = /^\s*\(?(\p{Lu}|\d{1,2})[.)/]\s+(\S.*)$/u.exec(line) ?? [];
    const names = namesIn(members);
    const several = names.length > 2 && names.every(looksLikeName) && !names.some(isSchoolRole);
    return several ? { label, members } : null;
  };
  const labels = all.map(({ text }) => read(text)?.label ?? '');
  const inOrder = labels.every(
    (label, at) =>
      label === String(at + 1) || label === String.fromCharCode('A'.charCodeAt(0) + at),
  );
  return labels.length > 1 && inOrder ? read : null;
}

/** "Group 1: Amira, Bram and Chipo": how such lines are read, where most lines are of that kind. */
export function groupLines(all: readonly Line[]): ((line: string) => GroupLine | null) | null {
  const read = readerOfGroups(all);
  const lines = read ? all.flatMap(({ text }) => read(text) ?? []) : [];
  return tellsOf(lines) === 'labels' ? null : read;
}

/**
 * Whether small words behind capital ones, as in "Amira: boat, nets", are members of groups or told of somebody: usual given
 * names say so on either side; without any it may be both.
 */
export function tellsOf(groups: readonly GroupLine[]): 'members' | 'labels' | 'unsure' {
  const members = groups.flatMap(({ members: some }) => namesIn(some));
  const labels = groups.map(({ label }) => label);
  // "Amira Haddad — Arabic, English": people, and what is told of them.
  const people = groups.length > 1 && labels.every((label) => looksLikeWholeName(label));
  if (people && givenAmong(labels) * 2 >= labels.length && givenAmong(members) * 4 < members.length)
    return 'labels';
  const small =
    groups.length > 1 &&
    members.every((name) => /^\p{Ll}/u.test(name)) &&
    labels.every((label) => /^\p{Lu}/u.test(label) && sectionHeading(label) === null);
  if (!small || givenAmong(members) > 0) return 'members';
  return givenAmong(labels) > 0 ? 'labels' : 'unsure';
}

/** "1 | Haddad, Amira" on every line: rows of a table, but where those on both sides of the comma are called so. */
function areNumberedRows(all: readonly Line[]): boolean {
  const [head] = all;
  const below = head?.text.includes(',') ? all : all.slice(1);
  const rows = below.map(({ text }) =>
    /^[\s|]*\d[\d\s./()-]*\|\s*([^,|]+),\s*([^,|]+?)[\s|]*$/.exec(text),
  );
  const columns = [1, 2].map((side) => rows.map((row) => row?.[side] ?? ''));
  return rows.length > 1 && !rows.includes(null) && !allGiven(columns);
}

/** "Group Otters – 14/20: Amira, Bram": what is told of a group as well, before its members. */
const TOLD_MORE = /^\s*([^:@<>,;|]{1,30}\s[–—-]\s[^:@<>,;|\p{L}]{1,12}):\s*(\p{L}[^:]*,[^:]*)$/u;

/** How lines of a group and its members are read; null where they are none. */
function readerOfGroups(all: readonly Line[]): ((line: string) => GroupLine | null) | null {
  const read = (line: string): GroupLine | null => {
    const found =
      TOLD_MORE.exec(line) ??
      /^\s*(?:[-•*]\s*|\|\s*)?([^:@<>,;|]{1,40}?)\s*(?::|\s[–—-]\s|\s?→|\s*\|)\s*(\S.*?)\s*\|?\s*$/u.exec(
        line,
      );
    if (!found || HEADER.test(line) || SENDER.test(line)) return null;
    const [, label = '', members = ''] = found;
    // "Amira Haddad (mother: Mona Haddad, …)" is somebody.
    if (label.includes('(') && !label.includes(')')) return null;
    // "17/20" is a mark, and no two members.
    if (!/\p{L}/u.test(members)) return null;
    // "9:12:33" is a time.
    if (/\d$/.test(label) && /^\d{2}\b/.test(members)) return null;
    const said = kindOfLine(line);
    if (said?.kind === 'staff' || said?.kind === 'total') return null;
    const named = sectionHeading(label) !== null;
    if (said?.kind === 'footer' && !named && (isRemarkLabel(label) || !areNames(members)))
      return null;
    return (members.includes('@') && !named) ||
      (!named && !SEVERAL.test(members) && !line.includes(':'))
      ? null
      : { label: label.trim(), members };
  };
  const counted = countedGroups(all);
  if (counted) return counted;
  const groups = all.flatMap(({ text }) => read(text) ?? []);
  if (areNumberedRows(all)) return null;
  const several = groups.filter(({ members }) => SEVERAL.test(members));
  const somebody = all.filter(({ text }) => kindOfLine(text) === null || read(text) !== null);
  const one = somebody.length === 1 && groups.length === 1;
  // "Table 1: Amira Haddad" on every line: each sits alone.
  const each =
    groups.length > 1 &&
    groups.length === somebody.length &&
    groups.every(({ label, members }) => sectionHeading(label) !== null && looksLikeName(members));
  // "Table 1: Haddad, Amira" and "Table 1: Visser, Bram": one on each line, with a comma in the name.
  const labels = new Set(groups.map(({ label }) => plainWords(label)));
  const turned =
    groups.length > 1 &&
    labels.size <= groups.length / 2 &&
    groups.every(({ members }) => members.split(',').length === 2 && looksLikeName(members));
  if (turned)
    return (line) => {
      const found = read(line);
      return found && { ...found, members: found.members.replace(/^([^,]*),\s*(.*)$/, '$2 $1') };
    };
  if (each) return read;
  // "Present: Amira Haddad, Bram Visser" over "Apologies: Chipo Dube": whole names behind every word.
  const whole = groups.flatMap(({ members }) => namesIn(members));
  const allNamed =
    groups.length > 1 &&
    groups.length === somebody.length &&
    whole.length >= groups.length * 1.5 &&
    whole.every(looksLikeWholeName);
  if (allNamed) return read;
  return (one || groups.length >= 2) &&
    groups.length >= somebody.length * (one ? 0 : 0.6) &&
    several.length > 0 &&
    (several.length >= groups.length / 2 ||
      groups.every(({ label }) => sectionHeading(label) !== null))
    ? read
    : null;
}
