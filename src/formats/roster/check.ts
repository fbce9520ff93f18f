import { isAddress } from '../address';
import { isSlip, usualDomain } from '../slips';
import type { People, Person } from './people';
import { isSurelyHeading } from './headings';
import { plainWords } from './text';
import type {
  Reading,
  Roster,
  RosterAttribute,
  RosterStaff,
  RosterStudent,
  RosterWarning,
  Skipped,
} from './types';

/** The finished roster: duplicates and doubtful addresses named, every display name its own. */
export function checkPeople(people: People, reading: Reading): Roster {
  const { kept, skipped, warnings } = findDuplicates(
    people.persons.filter(({ staff }) => !staff),
    new Set(reading.takenIn ?? []),
  );
  const students = withDisplayNames(kept).map(({ role: _role, ...student }) => student);
  return {
    students,
    staff: withDisplayNames(people.persons.filter(({ staff }) => staff)),
    attributes: attributesOf(reading),
    skipped: [...people.skipped, ...skipped].sort((a, b) => a.row - b.row),
    warnings: [...people.warnings, ...warnings, ...addressWarnings(students)].sort(
      (a, b) => a.row - b.row,
    ),
  };
}

/**
 * What is doubtful about the students of a class as it stands; `row` is the place in the list, counted from 1.
 * The same name, number or address is told once for each later student.
 */
export function doubtsAbout(students: readonly RosterStudent[]): readonly RosterWarning[] {
  const persons = students.map((student, place): Person => ({
    ...student,
    row: place + 1,
    shown: student.displayName,
    attributes: {},
    staff: false,
    role: '',
    unread: [],
  }));
  // Every row is taken in already, so none is dropped as the same row twice.
  const { warnings } = findDuplicates(persons, new Set(persons.map(({ row }) => row)));
  const headings = persons
    .filter(({ shown }) => isSurelyHeading(shown))
    .map(({ row, shown }): RosterWarning => ({
      kind: 'headingLikeName',
      row,
      name: shown,
      given: '',
      likely: '',
    }));
  const numbered = students.map((student, place) => ({ ...student, row: place + 1 }));
  return [...warnings, ...headings, ...addressWarnings(numbered)];
}

function attributesOf({ columns }: Reading): readonly RosterAttribute[] {
  return columns.flatMap(({ role, name, kind, levels }) =>
    role === 'detail' ? [{ name, kind, levels }] : [],
  );
}

/**
 * The same row twice (alike in every part, and more than a bare name known) is taken once and named; the same
 * name, number or address on different rows is kept and named, since only the teacher can tell.
 */
function findDuplicates(persons: readonly Person[], takenIn: ReadonlySet<number>) {
  const rowOfWhole = new Map<string, number>();
  const rowOfName = new Map<string, number>();
  const rowOfAddress = new Map<string, number>();
  const rowOfNumber = new Map<string, number>();
  const kept: Person[] = [];
  const skipped: Skipped[] = [];
  const warnings: RosterWarning[] = [];
  for (const person of persons) {
    const { row: _row, unread: _unread, ...whole } = person;
    const known = person.email !== null || person.externalId !== null;
    const same =
      known && !takenIn.has(person.row) ? rowOfWhole.get(JSON.stringify(whole)) : undefined;
    const warn = (kind: RosterWarning['kind'], given: string, other: number | undefined): void => {
      if (other === undefined) return;
      warnings.push({ kind, row: person.row, name: person.shown, given, likely: String(other) });
    };
    if (same !== undefined) {
      skipped.push({ row: person.row, name: person.shown, reason: 'duplicate' });
      warn('duplicateRow', person.shown, same);
      continue;
    }
    const name = plainWords(person.shown) || person.shown;
    const address = person.email?.toLowerCase() ?? '';
    const number = person.externalId ?? '';
    warn('sameName', person.shown, rowOfName.get(name));
    if (address !== '') warn('sameAddress', address, rowOfAddress.get(address));
    if (number !== '') warn('sameNumber', number, rowOfNumber.get(number));
    rowOfWhole.set(JSON.stringify(whole), person.row);
    for (const [map, key] of [
      [rowOfName, name],
      [rowOfAddress, address],
      [rowOfNumber, number],
    ] as const) {
      if (key !== '' && !map.has(key)) map.set(key, person.row);
    }
    kept.push(person);
  }
  return { kept, skipped, warnings };
}

function withDisplayNames(persons: readonly Person[]): readonly RosterStaff[] {
  const taken = new Set<string>();
  return persons.map(({ shown, staff: _staff, unread: _unread, ...person }) => {
    let displayName = shown;
    for (let number = 2; taken.has(displayName); number++) displayName = `${shown} (${number})`;
    taken.add(displayName);
    return { ...person, displayName };
  });
}

/** Malformed addresses, missing ones where most have one, and domains that look like a slip of the usual one. */
function addressWarnings(students: readonly RosterStudent[]): readonly RosterWarning[] {
  const withAddress = students.filter(({ email }) => email !== null);
  const usual = usualDomain(students.map(({ email }) => email ?? ''));
  return students.flatMap((student): RosterWarning[] => {
    const { row, displayName: name, email } = student;
    if (email === null) {
      return withAddress.length > 0
        ? [{ kind: 'missingAddress', row, name, given: '', likely: '' }]
        : [];
    }
    const [local = '', domain = ''] = email.split('@');
    if (!isAddress(email)) {
      const likely = likelyAddress(email, usual);
      return [
        {
          kind: 'malformedAddress',
          row,
          name,
          given: email,
          likely: isAddress(likely) ? likely : '',
        },
      ];
    }
    if (usual === '' || domain.toLowerCase() === usual) return [];
    const slip = isSlip(domain.toLowerCase(), usual);
    return [
      { kind: 'otherDomain', row, name, given: email, likely: slip ? `${local}@${usual}` : '' },
    ];
  });
}

/** What a malformed address was probably meant to be: the name before the sign, at the usual domain; '' for no idea. */
function likelyAddress(email: string, usual: string): string {
  if (usual === '') return '';
  const bare = email.replace(/\s+/g, '');
  const forgotten = bare.toLowerCase().endsWith(usual) ? bare.slice(0, -usual.length) : bare;
  const local = bare.includes('@') ? (bare.split('@')[0] ?? '') : forgotten.replace(/\.$/, '');
  return bare.includes('@') || forgotten !== bare ? `${local}@${usual}` : '';
}
