import { type AnyLineup, memberRows, type MemberRow, type LinkedGroup } from './lineupOut';
import type { OutAsk } from './wayOut';
import type { Column } from './options';
import type { OutWords } from './words';

/** What stands in a column of one student's row. */
const CELLS: Readonly<Record<Column, (row: MemberRow, words: OutWords) => string>> = {
  group: ({ group }) => group.name,
  number: ({ number }) => String(number),
  name: ({ member }) => member.name,
  givenName: ({ member }) => member.givenName,
  familyName: ({ member }) => member.familyName,
  role: ({ member }, words) => member.roles.map(words.role).join(', '),
  email: ({ member }) => member.email ?? '',
  place: ({ group }) => group.place,
  adult: ({ group }) => group.led.map(({ name }) => name).join(', '),
  time: ({ group }) => group.time,
  link: ({ group }) => (group as LinkedGroup).link,
};

export const COLUMNS = Object.keys(CELLS) as readonly Column[];

/** A table's columns by what they are, its heading and its rows. */
export interface Table {
  readonly columns: readonly Column[];
  readonly heading: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/**
 * A row for each student in the columns that were chosen, else in the usual ones; the column of addresses is left out
 * where they were not asked for, and a link stands at the end where groups have one,
 * but in a list of rooms.
 */
export function tableOf(
  { lineup, options, words }: OutAsk,
  usual: readonly Column[],
  { room = false, sort = null as ((a: MemberRow, b: MemberRow) => number) | null } = {},
): Table {
  const { layout, addresses } = options;
  const links = lineup.groups.some(({ link }) => link !== '');
  const chosen = layout.columns ?? [
    ...usual,
    ...(addresses ? (['email'] as const) : []),
    ...(links && !room ? (['link'] as const) : []),
  ];
  const columns = chosen.filter((column) => column !== 'email' || addresses);
  const rows = [...memberRows(lineup)];
  if (sort) rows.sort(sort);
  const usualHeadings = room ? { ...words.headings, group: words.headings.room } : words.headings;
  return {
    columns,
    heading: columns.map((column) => layout.headings[column] ?? usualHeadings[column]),
    rows: rows.map((row) => columns.map((column) => CELLS[column](row, words))),
  };
}

/** The columns that a table has where none were chosen; a workbook tells roles where there are any. */
export function usualColumns(way: string, lineup: Pick<AnyLineup, 'groups'>): readonly Column[] {
  if (way === 'names-csv') return ['name', 'group'];
  const roles = memberRows(lineup).some(({ member }) => member.roles.length > 0);
  const led = way === 'xlsx' && lineup.groups.some((group) => group.led.length > 0);
  return [
    ...(['group', 'name'] as const),
    ...(way === 'xlsx' && roles ? (['role'] as const) : []),
    ...(led ? (['adult', 'time'] as const) : []),
  ];
}

/** By whole name as the language sorts. */
export function byName({ compare }: OutWords): (a: MemberRow, b: MemberRow) => number {
  return (a, b) => compare(a.member.name, b.member.name);
}
