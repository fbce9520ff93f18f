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
}

/** A student of the newer list with the place of the same student in the earlier one, -1 for a newcomer. */
export interface Match {
  readonly student: RosterStudent;
  readonly earlier: number;
}

/** Matches two lists of one class: by student number, then by address, then by name; each student once. */
export function matchStudents(
  earlier: readonly RosterStudent[],
  newer: readonly RosterStudent[],
): readonly Match[] {
  const matched = new Array<number>(newer.length).fill(-1);
  const taken = new Set<number>();
  const keys: readonly ((student: RosterStudent) => string)[] = [
    ({ externalId }) => externalId?.toLowerCase() ?? '',
    ({ email }) => email?.toLowerCase() ?? '',
    nameKey,
  ];
  keys.forEach((key, step) => {
    const places = new Map<string, number[]>();
    earlier.forEach((student, place) => {
      if (key(student) !== '' && !taken.has(place))
        places.set(key(student), [...(places.get(key(student)) ?? []), place]);
    });
    newer.forEach((student, i) => {
      if (matched[i] !== -1) return;
      const place = places
        .get(key(student))
        ?.find((one) => !taken.has(one) && mayBeSame(student, earlier[one], step));
      if (place === undefined) return;
      matched[i] = place;
      taken.add(place);
    });
  });
  return newer.map((student, i) => ({ student, earlier: matched[i] ?? -1 }));
}

/** Two students of one name but different numbers are two students. */
function mayBeSame(one: RosterStudent, two: RosterStudent | undefined, step: number): boolean {
  if (step === 0 || !two) return true;
  return (
    one.externalId === null ||
    two.externalId === null ||
    one.externalId.toLowerCase() === two.externalId.toLowerCase()
  );
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
    return to === null || from === to ? [] : [{ field, from, to }];
  });
}

function entry({ displayName: name, row, externalId, email }: RosterStudent): MergeEntry {
  return { name, row, externalId, email };
}
