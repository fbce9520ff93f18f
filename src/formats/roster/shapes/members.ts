import { givenAmong } from '../givenNames';
import { roleOfColumn } from '../headings';
import { sectionHeading } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { LAST } from './lines';

/** "Group 1: …", "Otters – …", "Table 1 = …", "Team A → …", "[Otters] …", "Otters (3): …" and what stands behind. */
const LABELLED =
  /^\s*(?:[-•*]\s+)?(?:\*\*|__)?\[?(?<label>(?=[^:]*[\p{L}\d])[\p{L}\d][\p{L}\p{M}\d '’.]{0,30}?)(?:\s*\(\d{1,2}\))?(?:\]\s+|(?:\*\*|__)?(?:\s*:(?:\*\*|__)?\s+|\s+(?:[-–—=→|]|->|=>)\s+))(?<members>\S.*)$/u;

/** "Otters" and its members in two cells of a row. */
const TABBED = /^(?<label>\p{L}[\p{L}\p{M}\d '’.]{0,30}?)\t(?<members>[^\t]*[,;/+&·•|][^\t]*)$/u;

/** What may stand between the members of a group, the surest sign first. */
const BETWEEN = [/\t+/, /\s*;\s*/, / {2,}/, /\s*[·•|]\s*/u, /\s+[/+&]\s+/, /\s*,\s*/];

interface Group {
  readonly label: string;
  readonly members: readonly string[];
}

/**
 * Lines that each name a group and several members, and those of a name over its members, however they are parted, as
 * "Otters: Amira, Bram"; others as they are. Labels of whole names are people, of whom something is told.
 */
export function withMembers(lines: readonly string[]): readonly string[] {
  const filled = lines.flatMap((line, at) => (/\S/.test(line) ? [{ line, at }] : []));
  const beside = asGroups(filled.map(({ line }) => besideLabel(line)));
  if (beside) return replaced(lines, new Map(filled.map(({ at }, i) => [at, written(beside[i])])));
  const heads = filled.filter((_, i) => i % 2 === 0);
  const below = filled.filter((_, i) => i % 2 === 1);
  // Names that commas part under a head are read as they stand.
  const under =
    heads.length === below.length &&
    !below.some(({ line }) => /,|:\s/.test(line)) &&
    asGroups(heads.map(({ line }, i) => underLabel(line, below[i]?.line ?? '')));
  if (!under) return lines;
  return replaced(
    lines,
    new Map([
      ...heads.map(({ at }, i) => [at, written(under[i])] as const),
      ...below.map(({ at }) => [at, ''] as const),
    ]),
  );
}

const written = (group: Group | undefined): string =>
  group ? `${group.label}: ${group.members.join(', ')}` : '';

const replaced = (lines: readonly string[], by: ReadonlyMap<number, string>): readonly string[] =>
  lines.map((line, at) => by.get(at) ?? line);

interface Labelled {
  readonly label: string;
  readonly members: string;
}

/** "Otters: Amira, Bram" in its two parts; null for another line, and for facts with their words. */
function besideLabel(line: string): Labelled | null {
  const { label = '', members = '' } = (LABELLED.exec(line) ?? TABBED.exec(line))?.groups ?? {};
  return members === '' || /:\s/.test(members) ? null : { label: label.trim(), members };
}

/** "Otters" over "Amira · Bram": a name of a group alone on its line. */
function underLabel(line: string, members: string): Labelled | null {
  const label = line.trim().replace(/:$/, '');
  const alone = sectionHeading(label) !== null || /^\p{Lu}[\p{L}'’-]+$/u.test(label);
  return alone ? { label, members } : null;
}

/** Several labels, each another and nobody's name, with the members of each; null where lines are no such groups. */
function asGroups(read: readonly (Labelled | null)[]): readonly Group[] | null {
  const found = read.filter((one) => one !== null);
  if (found.length < 2 || found.length < read.length) return null;
  const labels = found.map(({ label }) => label);
  const known = labels.every((label) => sectionHeading(label) !== null);
  const fits =
    new Set(labels.map(plainWords)).size === labels.length &&
    labels.every((label) => roleOfColumn(label) === null || known) &&
    (known || !labels.some(looksLikeWholeName)) &&
    givenAmong(labels) === 0;
  const parted = fits ? inParts(found.map(({ members }) => members)) : null;
  // "Score | Surname | First name" heads a table.
  if (parted?.flat().some((name) => roleOfColumn(name) !== null)) return null;
  return parted && labels.map((label, at) => ({ label, members: parted[at] ?? [] }));
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
