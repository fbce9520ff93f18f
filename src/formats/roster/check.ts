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
  const { kept, skipped, repeated } = withoutRepeats(
    people.persons.filter(({ staff }) => !staff),
    new Set(reading.takenIn ?? []),
    people.isLog,
  );
  const students = withDisplayNames(kept).map(({ role: _role, ...student }) => student);
  return {
    students,
    staff: withDisplayNames(people.persons.filter(({ staff }) => staff)),
    attributes: attributesOf(reading),
    skipped: [...people.skipped, ...skipped].sort((a, b) => a.row - b.row),
    warnings: [
      ...people.warnings,
      ...repeated,
      ...sharedFacts(kept.map((one) => ({ ...one, words: plainWords(one.shown) }))),
      ...addressWarnings(students, ({ row }) => row),
    ].sort((a, b) => a.row - b.row),
  };
}

/**
 * What is doubtful about the students of a class as it stands; `row` is the place in the list, counted from 1.
 * The same name, number or address is told once for each later student.
 */
export function doubtsAbout(students: readonly RosterStudent[]): readonly RosterWarning[] {
  const headings = students.flatMap((student, place): RosterWarning[] =>
    seenIn(student).isHeading
      ? [
          {
            kind: 'headingLikeName',
            row: place + 1,
            name: student.displayName,
            given: '',
            likely: '',
          },
        ]
      : [],
  );
  const persons = students.map((student, place) => ({
    row: place + 1,
    shown: student.displayName,
    words: seenIn(student).words,
    email: student.email,
    externalId: student.externalId,
  }));
  return [
    ...sharedFacts(persons),
    ...headings,
    ...addressWarnings(students, (_, place) => place + 1),
  ];
}

interface Seen {
  readonly words: string;
  readonly isHeading: boolean;
}

/** What is slow to say of a name, kept for as long as the student: a class is looked at anew with each change in it. */
const seen = new WeakMap<RosterStudent, Seen>();

function seenIn(student: RosterStudent): Seen {
  const { displayName } = student;
  const known = seen.get(student) ?? {
    words: plainWords(displayName),
    isHeading: isSurelyHeading(displayName),
  };
  seen.set(student, known);
  return known;
}

function attributesOf({ columns }: Reading): readonly RosterAttribute[] {
  return columns.flatMap(({ role, name, kind, levels }) =>
    role === 'detail' ? [{ name, kind, levels }] : [],
  );
}

/**
 * The same row twice (alike in every part, and more than a bare name known) is taken once and named; in a log, whoever is
 * in several rows.
 */
function withoutRepeats(persons: readonly Person[], takenIn: ReadonlySet<number>, isLog: boolean) {
  const rowOfWhole = new Map<string, number>();
  const kept: Person[] = [];
  const skipped: Skipped[] = [];
  const repeated: RosterWarning[] = [];
  for (const person of persons) {
    const { row, shown, unread: _unread, aside: _aside, ...rest } = person;
    const { email, externalId } = person;
    const whole = JSON.stringify(
      isLog ? [plainWords(shown), email, externalId] : { shown, ...rest },
    );
    const known = isLog || email !== null || externalId !== null;
    const same = known && !takenIn.has(row) ? rowOfWhole.get(whole) : undefined;
    if (same === undefined) {
      rowOfWhole.set(whole, row);
      kept.push(person);
      continue;
    }
    skipped.push({ row, name: shown, reason: 'duplicate' });
    repeated.push({ kind: 'duplicateRow', row, name: shown, given: shown, likely: String(same) });
  }
  return { kept, skipped, repeated };
}

/** The same name, number or address on different rows: only the teacher can tell whether that is one student. */
function sharedFacts(
  persons: readonly (Pick<Person, 'row' | 'shown' | 'email' | 'externalId'> &
    Pick<Seen, 'words'>)[],
): readonly RosterWarning[] {
  const [rowOfName, rowOfAddress, rowOfNumber] = [
    new Map<string, number>(),
    new Map<string, number>(),
    new Map<string, number>(),
  ];
  const warnings: RosterWarning[] = [];
  for (const { row, shown, words, email, externalId } of persons) {
    const note = (
      kind: RosterWarning['kind'],
      rows: Map<string, number>,
      key: string,
      given: string,
    ): void => {
      if (key === '') return;
      const first = rows.get(key);
      if (first === undefined) rows.set(key, row);
      else warnings.push({ kind, row, name: shown, given, likely: String(first) });
    };
    const address = email?.toLowerCase() ?? '';
    note('sameName', rowOfName, words || shown, shown);
    note('sameAddress', rowOfAddress, address, address);
    note('sameNumber', rowOfNumber, externalId ?? '', externalId ?? '');
  }
  return warnings;
}

function withDisplayNames(persons: readonly Person[]): readonly RosterStaff[] {
  const taken = new Set<string>();
  return persons.map(({ shown, staff: _staff, unread: _unread, aside: _aside, ...person }) => {
    let displayName = shown;
    for (let number = 2; taken.has(displayName); number++) displayName = `${shown} (${number})`;
    taken.add(displayName);
    return { ...person, displayName };
  });
}

/** Malformed addresses, missing ones where most have one, and domains that look like a slip of the usual one. */
function addressWarnings(
  students: readonly RosterStudent[],
  rowOf: (student: RosterStudent, place: number) => number,
): readonly RosterWarning[] {
  const withAddress = students.filter(({ email }) => email !== null);
  const usual = usualDomain(students.map(({ email }) => email ?? ''));
  return students.flatMap((student, place): RosterWarning[] => {
    const { displayName: name, email } = student;
    const row = rowOf(student, place);
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
