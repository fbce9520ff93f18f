import { decode } from './decode';
import { parseDelimited, hasContent } from './delimited';
import { unpack } from '../archiveIn';
import type { Tables } from './workbook';
import type { Row, Skipped } from './types';

/** The part without which nobody is known. */
const PEOPLE = 'users.csv';
const PARTS = [PEOPLE, 'enrollments.csv', 'classes.csv', 'roles.csv', 'courses.csv'];
const HEADINGS = [
  'Given name',
  'Family name',
  'Preferred name',
  'E-mail',
  'Student ID',
  'Section',
  'Role',
  'Status',
  'grade',
];

/** Whether an archive's parts are those of a OneRoster CSV export, which may lack its people. */
export function isOneRoster(names: readonly string[]): boolean {
  const parts = names.map(baseName);
  return parts.includes(PEOPLE) || (parts.includes('enrollments.csv') && parts.length > 1);
}

/**
 * The people of a OneRoster 1.1 or 1.2 CSV export (1EdTech), one row for each user, in the order of users.csv:
 * enrolments give the class and the role there, users the name. Whoever is in several chosen classes stands once.
 * `classes` are titles to keep; all of them where it is empty.
 */
export function oneRosterTables(bytes: Uint8Array, classes: readonly string[] = []): Tables {
  const archive = unpack(bytes, (name) => PARTS.includes(baseName(name)));
  if (!archive.ok) return archive;
  const file = (name: string): readonly Entry[] => {
    const part = Object.entries(archive.parts).find(([path]) => baseName(path) === name);
    return part ? entriesOf(decode(part[1]).text) : [];
  };
  if (!Object.keys(archive.parts).some((path) => baseName(path) === PEOPLE))
    return { ok: false, error: { code: 'missingPart', part: PEOPLE } };
  const titleOf = new Map(
    file('classes.csv').map((one) => [one.get('sourcedid'), one.get('title')]),
  );
  const enrolments = file('enrollments.csv');
  const enrolled = enrolments.filter((one) => one.get('status').toLowerCase() !== 'tobedeleted');
  const roles = file('roles.csv');
  const enrolmentsOf = groupBy(enrolled, (one) => one.get('usersourcedid'));
  const goneOf = groupBy(enrolments, (one) => one.get('usersourcedid'));
  const rolesOf = groupBy(roles, (one) => one.get('usersourcedid'));
  const rows: Row[] = [{ line: 0, cells: HEADINGS }];
  const skipped: Skipped[] = [];
  const users = file(PEOPLE);
  for (const user of users) {
    const id = user.get('sourcedid');
    const places = (enrolmentsOf.get(id) ?? []).map((one) => ({
      title: titleOf.get(one.get('classsourcedid')) ?? one.get('classsourcedid'),
      role: one.get('role'),
    }));
    const chosen =
      classes.length === 0 ? places : places.filter(({ title }) => classes.includes(title));
    const outside = chosen.length === 0 && (classes.length > 0 || enrolments.length > 0);
    if (outside && isStudent(user, rolesOf.get(id))) {
      const gone = goneOf.has(id) && places.length === 0;
      const reason = places.length > 0 ? 'otherClass' : gone ? 'inactive' : 'notEnrolled';
      skipped.push({ row: user.line, name: nameOf(user), reason });
    } else rows.push({ line: user.line, cells: cellsOf(user, chosen, rolesOf.get(id) ?? []) });
  }
  const known = new Set(users.map((user) => user.get('sourcedid')));
  for (const one of enrolled) {
    const id = one.get('usersourcedid');
    if (!known.has(id)) skipped.push({ row: one.line, name: id, reason: 'noRecord' });
    known.add(id);
  }
  return { ok: true, tables: [{ name: '', rows, commaIsDecimal: false, skipped }] };
}

const nameOf = (user: Entry): string =>
  [user.get('givenname'), user.get('familyname')].filter(Boolean).join(' ') ||
  user.get('sourcedid');

/** Titles of the classes of an export, in its order; none where it holds none. */
export function oneRosterClasses(bytes: Uint8Array): readonly string[] {
  const archive = unpack(bytes, (name) => baseName(name) === 'classes.csv');
  const [part] = archive.ok ? Object.values(archive.parts) : [];
  if (!part) return [];
  const titles = entriesOf(decode(part).text).map((one) => one.get('title'));
  return [...new Set(titles)].filter((title) => title !== '');
}

interface Place {
  readonly title: string;
  readonly role: string;
}

function cellsOf(
  user: Entry,
  places: readonly Place[],
  roles: readonly Entry[],
): readonly string[] {
  // A role in the class says more than the one in the school.
  const role =
    places.find((place) => place.role !== '')?.role ??
    (user.get('role') || (roles[0]?.get('role') ?? ''));
  const left =
    user.get('status').toLowerCase() === 'tobedeleted' ||
    user.get('enableduser').toLowerCase() === 'false';
  // Version 1.2 calls them so in its files, and otherwise in its services.
  const preferred = user.get('preferredgivenname') || user.get('preferredfirstname');
  return [
    user.get('givenname') || preferred,
    user.get('familyname') || user.get('preferredfamilyname') || user.get('preferredlastname'),
    preferred,
    user.get('email'),
    user.get('identifier') || user.get('sourcedid'),
    [...new Set(places.map(({ title }) => title))].join(', '),
    role,
    left ? 'inactive' : 'active',
    user.get('grades') || user.get('grade'),
  ];
}

function isStudent(user: Entry, roles: readonly Entry[] = []): boolean {
  const role = user.get('role') || (roles[0]?.get('role') ?? 'student');
  return role.toLowerCase() === 'student';
}

interface Entry {
  readonly line: number;
  /** The cell under a heading, '' where there is none; headings in lower case. */
  readonly get: (heading: string) => string;
}

function entriesOf(text: string): readonly Entry[] {
  const [heading, ...rows] = parseDelimited(text, ',').filter(hasContent);
  const columnOf = new Map(
    heading?.cells.map((cell, column) => [cell.trim().toLowerCase(), column]),
  );
  return rows.map(({ line, cells }) => ({
    line,
    get: (name) => (cells[columnOf.get(name) ?? -1] ?? '').trim(),
  }));
}

function groupBy(
  entries: readonly Entry[],
  key: (entry: Entry) => string,
): ReadonlyMap<string, readonly Entry[]> {
  const groups = new Map<string, Entry[]>();
  entries.forEach((entry) => groups.set(key(entry), [...(groups.get(key(entry)) ?? []), entry]));
  return groups;
}

function baseName(path: string): string {
  return path.slice(path.lastIndexOf('/') + 1).toLowerCase();
}
