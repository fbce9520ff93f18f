import type { Row, Skipped, Table } from './types';
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
 * The students of a JSON file as a table: a list of objects, an object that holds one under `students`, a
 * Gruppetto class file, or a gruppetto.request. Rows are places in the list, counted from 1. What the list is `called` is named
 * as left out.
 */
export function jsonTables(text: string, called = ''): Tables {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    const each = jsonLines(text);
    if (!each) return { ok: false, error: { code: 'damaged', what: 'json' } };
    data = each;
  }
  const list = Array.isArray(data)
    ? data
    : isObject(data) && Array.isArray(data.students)
      ? data.students
      : null;
  if (!list) return { ok: false, error: { code: 'nobody' } };
  const file = isObject(data) ? data : {};
  const format = file.format;
  if (
    typeof format === 'string' &&
    format.startsWith('gruppetto.') &&
    Number(file.version ?? 1) > 1
  ) {
    return { ok: false, error: { code: 'newerClassFile' } };
  }
  const skipped: readonly Skipped[] =
    called === '' ? [] : [{ row: 0, name: called, reason: 'title' }];
  if (list.length > 0 && list.every(Array.isArray))
    return { ok: true, tables: [{ ...plainTable(list), skipped }] };
  const students = list.map((one): Json => (isObject(one) ? one : { name: scalar(one) }));
  const known =
    format === 'gruppetto.class' ? students.map((one) => ofClassFile(one, file)) : students;
  const fields = format === 'gruppetto.request' ? known.map(ofRequest) : known.map(flat);
  return { ok: true, tables: [{ ...tableOf(fields), skipped }] };
}

/** One object on each line; null where a line is none. */
function jsonLines(text: string): readonly unknown[] | null {
  try {
    return text
      .split(/\r\n|\r|\n/)
      .filter((line) => line.trim() !== '')
      .map((line): unknown => JSON.parse(line));
  } catch {
    return null;
  }
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
  return { ...named, ...(isObject(attributes) ? attributes : {}) };
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
