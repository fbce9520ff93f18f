import { givenAmong } from '../givenNames';
import { roleOfColumn } from '../headings';
import { sectionHeading } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';

/** "Group 1: …", "Otters – …", "Table 1 = …", "Team A → …", "[Otters] …", "Otters (3): …" and what stands behind. */
const LABELLED =
  /^\s*(?:[-•*]\s+)?(?:\*\*|__)?\[?(?<label>(?=[^:]*[\p{L}\d])[\p{L}\d][\p{L}\p{M}\d '’.]{0,30}?)(?:\s*\(\d{1,2}\))?(?:\]\s+|(?:\*\*|__)?(?:\s*:(?:\*\*|__)?\s+|\s+(?:[-–—=→|]|->|=>)\s+))(?<members>\S.*)$/u;

/** What may stand between the members of a group, the surest sign first. */
const BETWEEN = [/\t+/, /\s*;\s*/, / {2,}/, /\s*[·•|]\s*/u, /\s+[/+&]\s+/, /\s*,\s*/];

/** The last of several behind a word for "and". */
const LAST = /\s+(?:and|&|und|y|et|e|en)\s+/u;

interface Group {
  readonly label: string;
  readonly members: readonly string[];
}

/**
 * Lines that each name a group and several members, however they are parted, as "Otters: Amira, Bram"; others as they are.
 * Labels of whole names are people, of whom something is told.
 */
export function withMembers(lines: readonly string[]): readonly string[] {
  const filled = lines.filter((line) => /\S/.test(line));
  const read = filled.map((line) => LABELLED.exec(line)?.groups);
  // "Name: Amira   Class: 7B" has facts with their words.
  if (read.length < 2 || read.some((one) => one?.members === undefined || /:\s/.test(one.members)))
    return lines;
  const labels = read.map((one) => one?.label?.trim() ?? '');
  const known = labels.every((label) => sectionHeading(label) !== null);
  const fits =
    new Set(labels.map(plainWords)).size === labels.length &&
    labels.every((label) => roleOfColumn(label) === null || known) &&
    (known || !labels.some(looksLikeWholeName)) &&
    givenAmong(labels) === 0;
  const parted = fits ? inParts(read.map((one) => one?.members ?? '')) : null;
  if (!parted) return lines;
  const groups = labels.map((label, at): Group => ({ label, members: parted[at] ?? [] }));
  const written = new Map(
    groups.map(({ label, members }, at) => [filled[at], `${label}: ${members.join(', ')}`]),
  );
  return lines.map((line) => written.get(line) ?? line);
}

/** The members of each group by the sign that parts them all into names; null where there is none. */
function inParts(all: readonly string[]): readonly (readonly string[])[] | null {
  for (const sign of BETWEEN) {
    const parts = all.map((members) =>
      members
        .split(sign)
        .flatMap((part) => part.split(LAST))
        .map((part) => part.trim())
        .filter(Boolean),
    );
    const several = parts.filter(({ length }) => length > 1).length;
    if (several > all.length / 2)
      // "Haddad, Amira; Visser, Bram" are read as they stand.
      return parts.flat().every((name) => looksLikeName(name) && !name.includes(','))
        ? parts
        : null;
  }
  // "Amira Bram Chipo": first names with blanks between.
  const words = all.map((members) => members.trim().split(/\s+/));
  const single = words.flat();
  const given =
    words.every(({ length }) => length > 2) &&
    single.every((word) => /^\p{L}[\p{L}\p{M}'’-]+$/u.test(word)) &&
    givenAmong(single) > single.length / 2;
  return given ? words : null;
}
