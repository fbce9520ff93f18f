import { mayBeOne, nameWords } from './nearNames';
import { plainWords } from './text';
import type { RosterStudent } from './types';

/** A student of one list, named so that a reader knows who is meant. */
export interface MergeEntry {
  readonly name: string;
  readonly row: number;
  readonly externalId: string | null;
  readonly email: string | null;
}

export interface FieldChange {
  readonly field: string;
  readonly from: string | number | null;
  readonly to: string | number | null;
}

export interface Merge {
  readonly added: readonly MergeEntry[];
  readonly gone: readonly MergeEntry[];
  readonly changed: readonly (MergeEntry & { readonly changes: readonly FieldChange[] })[];
  /** Those of whom number, address and name do not agree on who they are, with the name in the earlier list. */
  readonly asked: readonly (MergeEntry & { readonly before: string })[];
}

/** A student of the newer list with the place of the same student in the earlier one, -1 for a newcomer. */
export interface Match {
  readonly student: RosterStudent;
  readonly earlier: number;
  /** Whether number, address and name do not agree on who it is: only the teacher can tell. */
  readonly doubtful: boolean;
}

/** What tells a student apart, the surest first; '' where it is not known. */
const KEYS: readonly ((student: RosterStudent) => string)[] = [
  ({ externalId }) => externalId?.toLowerCase() ?? '',
  ({ externalId }) => coreOf(externalId),
  ({ externalId }) => lastPartOf(externalId),
  ({ email }) => email?.toLowerCase() ?? '',
  nameKey,
  // "Haddad Amira" is "Amira Haddad".
  (student) => nameWords(student).join(' '),
];
const EXACT = 0;
const NAME = KEYS.length;
/** Steps by a number that was changed on its way, in which the name has to agree. */
const CHANGED_NUMBER = [1, 2];

/**
 * Matches two lists of one class: by student number (also where one lost its leading zeros or a prefix), then by
 * address, then by name, its words in any order; each student once. Whoever is left in both lists with nearly the same
 * name, and with nobody else's, may be one: that is doubtful.
 */
export function matchStudents(
  earlier: readonly RosterStudent[],
  newer: readonly RosterStudent[],
): readonly Match[] {
  const matched = new Array<number>(newer.length).fill(-1);
  const taken = new Set<number>();
  KEYS.forEach((keyOf, step) => {
    // Nobody is left to be found: most lists are the first of their class, and some are long.
    if (taken.size === earlier.length) return;
    const places = placesBy(earlier.map(keyOf), taken);
    const keys = newer.map(keyOf);
    const asking = placesBy(keys, new Set());
    newer.forEach((student, i) => {
      if (matched[i] !== -1) return;
      const key = keys[i] as string;
      const found = places.get(key) ?? [];
      // A number cut short may be that of several.
      if (CHANGED_NUMBER.includes(step) && (found.length > 1 || (asking.get(key)?.length ?? 0) > 1))
        return;
      const place = found.find((one) => !taken.has(one) && mayBeSame(student, earlier[one], step));
      if (place === undefined) return;
      matched[i] = place;
      taken.add(place);
    });
  });
  const near = nearlyNamed(earlier, newer, taken, matched);
  return newer.map((student, i) => {
    const place = matched[i] ?? -1;
    const perhaps = near.get(i);
    if (perhaps !== undefined) return { student, earlier: perhaps, doubtful: true };
    return { student, earlier: place, doubtful: isDoubtful(student, earlier, place) };
  });
}

/** Place in the newer list → place in the earlier one, of those who are left in both and may be one by their names. */
function nearlyNamed(
  earlier: readonly RosterStudent[],
  newer: readonly RosterStudent[],
  taken: ReadonlySet<number>,
  matched: readonly number[],
): ReadonlyMap<number, number> {
  const near = new Map<number, number>();
  if (taken.size === earlier.length) return near;
  const words = earlier.map(nameWords);
  const withWord = new Map<string, number[]>();
  words.forEach((some, place) => {
    if (!taken.has(place))
      new Set(some).forEach((word) => withWord.set(word, [...(withWord.get(word) ?? []), place]));
  });
  const askedFor = new Map<number, number[]>();
  newer.forEach((student, i) => {
    if (matched[i] !== -1) return;
    const own = nameWords(student);
    const places = new Set(own.flatMap((word) => withWord.get(word) ?? []));
    for (const place of places) {
      if (!mayBeOne(own, words[place] ?? []) || !mayBeSame(student, earlier[place], NAME)) continue;
      askedFor.set(place, [...(askedFor.get(place) ?? []), i]);
    }
  });
  const wanted = [...askedFor.values()].flat();
  askedFor.forEach(([i, ...more], place) => {
    const alone = i !== undefined && more.length === 0;
    if (alone && wanted.indexOf(i) === wanted.lastIndexOf(i)) near.set(i, place);
  });
  return near;
}

/** key → the places where it stands, but those that are left aside; an empty key stands for none. */
function placesBy(
  keys: readonly string[],
  without: ReadonlySet<number>,
): ReadonlyMap<string, readonly number[]> {
  const places = new Map<string, number[]>();
  keys.forEach((key, place) => {
    if (key === '' || without.has(place)) return;
    const same = places.get(key);
    if (same) same.push(place);
    else places.set(key, [place]);
  });
  return places;
}

/** A number without signs, a prefix of letters and leading zeros. */
function coreOf(number: string | null): string {
  return (number ?? '')
    .toLowerCase()
    .replace(/[^\p{L}\d]/gu, '')
    .replace(/^\p{L}+(?=\d)/u, '')
    .replace(/^0+(?=\d)/, '');
}

/** The last part of a number such as 2026-0041, of three figures at least; the whole where it has no parts. */
function lastPartOf(number: string | null): string {
  const last = coreOf((number ?? '').split(/[-/. ]/).at(-1) ?? '');
  return /\d{2,}/.test(last) ? last : '';
}

/** Whether two numbers are one but for leading zeros or a prefix. */
export function sameNumber(one: string, two: string): boolean {
  return (
    coreOf(one) === coreOf(two) || (lastPartOf(one) !== '' && lastPartOf(one) === lastPartOf(two))
  );
}

/** Two students of one name but different numbers are two students; a changed number needs the name to agree. */
function mayBeSame(one: RosterStudent, two: RosterStudent | undefined, step: number): boolean {
  if (step === EXACT || !two) return true;
  if (CHANGED_NUMBER.includes(step)) return shareName(one, two);
  return (
    one.externalId === null || two.externalId === null || sameNumber(one.externalId, two.externalId)
  );
}

/** Number or address say one student, the name another, and nothing else speaks for either. */
function isDoubtful(
  student: RosterStudent,
  earlier: readonly RosterStudent[],
  place: number,
): boolean {
  const match = earlier[place];
  if (!match || shareName(student, match)) return false;
  const address = student.email?.toLowerCase() ?? '';
  const number = student.externalId?.toLowerCase() ?? '';
  const both =
    address !== '' &&
    address === match.email?.toLowerCase() &&
    number !== '' &&
    number === match.externalId?.toLowerCase();
  return !both;
}

/** Whether two students have a word of their names in common. */
function shareName(one: RosterStudent, two: RosterStudent): boolean {
  const wordsOf = (student: RosterStudent): readonly string[] =>
    `${nameKey(student)} ${plainWords(student.preferredName)}`.split(' ').filter(Boolean);
  const words = new Set(wordsOf(two));
  return words.size === 0 || wordsOf(one).some((word) => words.has(word));
}

function nameKey({ givenName, familyName, displayName }: RosterStudent): string {
  return plainWords(`${givenName} ${familyName}`) || plainWords(displayName);
}

/** Who is new, who has gone, and what changed of those who stay. */
export function mergeRosters(
  earlier: readonly RosterStudent[],
  newer: readonly RosterStudent[],
): Merge {
  const matches = matchStudents(earlier, newer);
  const staying = new Set(matches.map(({ earlier: place }) => place));
  return {
    added: matches.flatMap(({ student, earlier: place }) => (place < 0 ? [entry(student)] : [])),
    gone: earlier.flatMap((student, place) => (staying.has(place) ? [] : [entry(student)])),
    asked: matches.flatMap(({ student, earlier: place, doubtful }) =>
      doubtful ? [{ ...entry(student), before: earlier[place]?.displayName ?? '' }] : [],
    ),
    changed: matches.flatMap(({ student, earlier: place }) => {
      const before = earlier[place];
      const changes = before ? changesBetween(before, student) : [];
      return changes.length > 0 ? [{ ...entry(student), changes }] : [];
    }),
  };
}

/** Fields that differ; a field that the newer list does not know of says nothing. */
function changesBetween(before: RosterStudent, after: RosterStudent): readonly FieldChange[] {
  const fields = (student: RosterStudent): Readonly<Record<string, string | number | null>> => ({
    givenName: student.givenName || null,
    familyName: student.familyName || null,
    email: student.email,
    externalId: student.externalId,
    section: student.section,
    ...student.attributes,
  });
  const [old, now] = [fields(before), fields(after)];
  return Object.keys(now).flatMap((field): FieldChange[] => {
    const [from, to] = [old[field] ?? null, now[field] ?? null];
    const sameId = field === 'externalId' && sameNumber(String(from ?? ''), String(to ?? ''));
    return to === null || from === to || sameId ? [] : [{ field, from, to }];
  });
}

function entry({ displayName: name, row, externalId, email }: RosterStudent): MergeEntry {
  return { name, row, externalId, email };
}
