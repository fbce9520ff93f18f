import { kindOfLine, sectionHeading } from '../lineKinds';
import { isSchoolRole, looksLikeName, looksLikeWholeName } from '../names';
import { SUFFIX, splitOutside, withoutAnd } from './entries';
import { HEADER, SENDER } from './letters';
import { LAST, type Line } from './lines';
import { BULLET, cleanEnd } from './strip';

/**
 * Whether lines surely name several people by commas: three parts and more, each a name. Lines of single words with
 * one number of parts are rows of a table as well.
 */
export function holdSeveral(all: readonly string[]): boolean {
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
  const lines = all.map((line) => cleanEnd(line.replace(BULLET, '')).split(', '));
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
  /\s+(?:and|&|und|y|et|e|en|\+|vs\.?|versus)\s+|\s*(?:\/|↔|⇔|⇄|<->|<=>)\s*/u;

/** "Amira & Bram": what stands between two who are called by a single name each. */
const BETWEEN_FIRST = /^\p{Lu}[\p{L}\p{M}'’-]+\s+(?:and|&|und|\+)\s+\p{Lu}[\p{L}\p{M}'’-]+$/u;

/** Whether each line names two people with "and" between them; where they have whole names one may be left over. */
export function arePairs(all: readonly string[]): boolean {
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
export function areParted(all: readonly string[]): boolean {
  const parts = all.map((line) => cleanEnd(line.replace(BULLET, '')).split(' / '));
  return (
    all.length > 1 &&
    parts.some(({ length }) => length > 2) &&
    parts.every((some) => some.length > 1 && some.every((part) => looksLikeName(part.trim())))
  );
}

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
export function groupLines(all: readonly Line[]): ((line: string) => GroupLine | null) | null {
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
