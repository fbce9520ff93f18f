import { givenAmong } from './givenNames';
import { roleOfHeading } from './headings';
import { looksLikeWholeName } from './names';
import type { Row, Skipped, Table } from './types';
import { vcardTable } from './vcard';
import type { Tables } from './workbook';

type Json = Readonly<Record<string, unknown>>;

/** Keys of a student that are not details. */
const STUDENT_KEYS = [
  'givenName',
  'familyName',
  'preferredName',
  'name',
  'email',
  'externalId',
  'section',
  'status',
] as const;

/**
 * The students of a JSON file as a table: a list of objects or one within an object, a
 * Gruppetto class file, or a gruppetto.request. Rows are places in the list, counted from 1. What the list is `called` is named
 * as left out.
 */
export function jsonTables(text: string, called = ''): Tables {
  let data: unknown;
  let unread: readonly string[] = [];
  try {
    data = JSON.parse(text);
  } catch {
    const each = jsonLines(text);
    if (!each) return { ok: false, error: { code: 'damaged', what: 'json' } };
    data = each.read;
    unread = each.unread;
  }
  const cards = cardsIn(data);
  if (cards) return { ok: true, tables: [vcardTable(cards)] };
  const file = isObject(data) ? data : {};
  const format = file.format;
  if (
    typeof format === 'string' &&
    format.startsWith('gruppetto.') &&
    Number(file.version ?? 1) > 1
  ) {
    return { ok: false, error: { code: 'newerClassFile' } };
  }
  const found = listIn(data);
  if (!found) return { ok: false, error: { code: 'nobody' } };
  const { left } = found;
  const list = membersOf(found.list) ?? found.list;
  const skipped: readonly Skipped[] = [
    ...(called === '' ? [] : [{ row: 0, name: called, reason: 'title' as const }]),
    ...left.map((name) => ({ row: 0, name, reason: 'otherList' as const })),
    ...unread.map((name) => ({ row: 0, name, reason: 'notAName' as const })),
  ];
  if (list.length > 0 && list.every(Array.isArray))
    return { ok: true, tables: [{ ...plainTable(list), skipped }] };
  const students = list.map((one): Json => (isObject(one) ? one : { name: scalar(one) }));
  const known =
    format === 'gruppetto.class' ? students.map((one) => ofClassFile(one, file)) : students;
  const fields = format === 'gruppetto.request' ? known.map(ofRequest) : known.map(flat);
  return { ok: true, tables: [{ ...tableOf(fields), skipped }] };
}

/** Lists deeper than this within objects are not looked for. */
const DEEPEST = 4;

/** A list in what a file holds. */
interface Found {
  readonly list: readonly unknown[];
  /** Words over other lists, which are not read. */
  readonly left: readonly string[];
  /** Whether a word for people stands over it. */
  readonly told: boolean;
}

/**
 * The list of people in what a file holds: all of it, what stands under a word for people, members under the names of their
 * groups or classes, or the longest list that is not of figures; null where there is none.
 */
function listIn(data: unknown, depth = 0): Found | null {
  if (Array.isArray(data)) return { list: data as readonly unknown[], left: [], told: false };
  if (!isObject(data) || depth > DEEPEST) return null;
  const entries = Object.entries(data);
  // {"Amira Haddad": 7, "Bram Visser": 9}: what is told of somebody stands under their name.
  if (depth === 0 && areOfPeople(entries))
    return { list: entries.map(underName), left: [], told: true };
  const lists = entries.flatMap(([key, value]) =>
    Array.isArray(value) && value.some((one) => typeof one === 'string' || isObject(one))
      ? [{ key, list: value as readonly unknown[], told: isOfPeople(key) }]
      : [],
  );
  const within = entries.flatMap(([key, value]) => {
    const found = isObject(value) ? listIn(value, depth + 1) : null;
    return found ? [{ ...found, key }] : [];
  });
  const groups = lists.length === entries.length ? lists : within;
  const parted = lists.length === entries.length || within.every(({ told }) => told);
  if (groups.length > 1 && parted && !lists.some(({ told }) => told))
    return { list: groups.flatMap(inSection), left: [], told: true };
  const all = [...lists, ...within];
  const [first] = all;
  if (!first) return null;
  const best =
    lists.find(({ told }) => told) ??
    all.reduce((longest, one) => (one.list.length > longest.list.length ? one : longest), first);
  const others = all.filter((one) => one !== best).map(({ key }) => key);
  const inner = within.find((one) => one === best)?.left ?? [];
  return { list: best.list, left: [...others, ...inner], told: best.told };
}

const MOSTLY_NAMES = 0.7;
const isWholeName = (key: string): boolean =>
  looksLikeWholeName(key) && /^\p{Lu}/u.test(key) && roleOfHeading(key) === null;

/** Whether names stand before what is told of each; words of two capitals before texts may be headings as well. */
function areOfPeople(entries: readonly (readonly [string, unknown])[]): boolean {
  const names = entries.map(([key]) => key);
  const known = names.filter(isWholeName).length;
  const told = entries.every(([, value]) => typeof value === 'number' || isObject(value));
  return (
    names.length > 1 &&
    known >= names.length * MOSTLY_NAMES &&
    (told || givenAmong(names) > names.length / 2)
  );
}

const underName = ([name, value]: [string, unknown]): unknown =>
  isObject(value) ? { name, ...value } : { name, value: scalar(value) };

/**
 * Those in a list of groups or classes, each with its members under a word for people, with what the group is called as their
 * section; null for another list.
 */
function membersOf(list: readonly unknown[]): readonly unknown[] | null {
  const groups = list.map((one) => {
    if (!isObject(one)) return null;
    const lists = Object.entries(one).filter(
      ([key, value]) => Array.isArray(value) && isOfPeople(key),
    );
    const called = Object.values(one).find((value) => typeof value === 'string');
    const [members] = lists.map(([, value]) => value as readonly unknown[]);
    return lists.length === 1 && members ? { key: scalar(called), list: members } : null;
  });
  const known = groups.filter((group) => group !== null);
  return known.length > 0 && known.length === list.length ? known.flatMap(inSection) : null;
}

/** The members of a list with the word over it as their section. */
function inSection({ key, list }: { readonly key: string; readonly list: readonly unknown[] }) {
  return list.map((one) =>
    isObject(one) ? { section: key, ...one } : { name: one, section: key },
  );
}

const isOfPeople = (key: string): boolean =>
  roleOfHeading(key) === 'fullName' || MORE_PEOPLE.test(key);
const MORE_PEOPLE = /^(?:people|persons?|users?|members?|rosters?|enrol?lments?|participants)$/i;

/** One object on each line, and the lines that are none, as the last of a file cut off; null where those are many. */
function jsonLines(
  text: string,
): { readonly read: readonly unknown[]; readonly unread: readonly string[] } | null {
  const read: unknown[] = [];
  const unread: string[] = [];
  for (const line of text.split(/\r\n|\r|\n/)) {
    try {
      if (line.trim() !== '') read.push(JSON.parse(line));
    } catch {
      unread.push(line);
    }
  }
  const even = unread.length === 0 || read.every(isObject);
  return even && read.length > 1 && unread.length * 2 <= read.length ? { read, unread } : null;
}

/** Cards of an address book as JSON (RFC 7095), one or a list of them, as the text of such cards; null for other data. */
function cardsIn(data: unknown): string | null {
  const isCard = (one: unknown): one is readonly [string, readonly unknown[]] =>
    Array.isArray(one) && one[0] === 'vcard' && Array.isArray(one[1]);
  const cards = isCard(data) ? [data] : Array.isArray(data) && data.every(isCard) ? data : [];
  // A sign that parts values, or a break, is one of the value here.
  const escaped = (value: unknown): string =>
    scalar(value)
      .replace(/[\\;,]/g, '\\$&')
      .replace(/\r?\n/g, '\\n');
  const line = (property: unknown): string => {
    const [name, , , value] = Array.isArray(property) ? (property as readonly unknown[]) : [];
    return `${scalar(name)}:${(Array.isArray(value) ? value : [value]).map(escaped).join(';')}`;
  };
  return cards.length === 0
    ? null
    : cards.flatMap(([, all]) => ['BEGIN:VCARD', ...all.map(line), 'END:VCARD']).join('\n');
}

function tableOf(students: readonly Json[]): Table {
  const keys = [
    ...new Set([
      ...STUDENT_KEYS.filter((key) => students.some((one) => key in one)),
      ...students.flatMap(Object.keys),
    ]),
  ];
  const rows = students.map((one, index): Row => ({
    line: index + 1,
    cells: keys.map((key) => scalar(one[key])),
  }));
  return { name: '', rows: [{ line: 0, cells: keys }, ...rows], commaIsDecimal: false };
}

/** Lists in a list as rows, the first of them the heading where it is one. */
function plainTable(list: readonly (readonly unknown[])[]): Table {
  const rows = list.map((one, index): Row => ({ line: index + 1, cells: one.map(scalar) }));
  return { name: '', rows, commaIsDecimal: false };
}

/** What stands in `attributes`, `details` or `mastery` is lifted beside the rest; a display name is the name. */
function flat(student: Json): Json {
  const { attributes, displayName, row: _row, ...rest } = student;
  const named =
    typeof displayName === 'string' && rest.name === undefined
      ? { name: displayName, ...rest }
      : rest;
  return lifted({ ...named, ...(isObject(attributes) ? attributes : {}) });
}

/** What stands in objects within an object beside the rest of it; of two under one word the outer one. */
function lifted(student: Json, depth = 0): Json {
  if (depth > DEEPEST || !Object.values(student).some(isObject)) return student;
  const inner = Object.values(student).filter(isObject);
  const outer = Object.entries(student).filter(([, value]) => !isObject(value));
  const all = Object.assign({}, ...inner.map((one) => flat(lifted(one, depth + 1)))) as Json;
  return { ...all, ...Object.fromEntries(outer) };
}

function ofRequest({ id, name, section, attributes }: Json): Json {
  return { externalId: id, name: name ?? id, section, ...(isObject(attributes) ? attributes : {}) };
}

/** A student record of a class file, with the names of its section and details in place of their ids. */
function ofClassFile(student: Json, file: Json): Json {
  const theClass = isObject(file.class) ? file.class : {};
  const named = (list: unknown): ReadonlyMap<string, string> =>
    new Map(
      (Array.isArray(list) ? list.filter(isObject) : []).map((one) => [
        scalar(one.id),
        scalar(one.name),
      ]),
    );
  const detailName = named(theClass.details);
  const details = Object.entries(isObject(student.details) ? student.details : {});
  return {
    givenName: student.givenName,
    familyName: student.familyName,
    preferredName: student.preferredName ?? '',
    status: typeof student.left === 'string' ? 'left' : '',
    name: student.name,
    email: student.email,
    externalId: student.externalId,
    section: named(theClass.sections).get(scalar(student.sectionId)) ?? '',
    ...Object.fromEntries(details.map(([id, value]) => [detailName.get(id) ?? id, value])),
  };
}

function scalar(value: unknown): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  return Array.isArray(value) ? value.map(scalar).filter(Boolean).join(', ') : '';
}

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
