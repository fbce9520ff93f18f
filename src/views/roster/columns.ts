import type { AccessorFnColumnDef, FilterFn, Row, SortingFn } from '@tanstack/react-table';
import { spokenOrder } from '@/messages/speaking';
import type { ClassRecord, Detail } from '@/schema/classRecord';
import { valueKey } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';
import { plainWords } from '../frame/plainWords';

/** What a row of the table is about. */
export interface RosterRow {
  readonly student: StudentRecord;
  readonly presence: Presence;
}

/** Whether a student is dealt into groups, and if not, why. */
export type Presence = 'here' | 'away' | 'leftOut' | 'left';

export type RosterColumn = AccessorFnColumnDef<RosterRow, string | number>;

/** Columns that are there for every class, in their order; those in `HIDDEN_FIRST` are hidden until asked for. */
export const PLAIN_COLUMNS = [
  'here',
  'name',
  'givenName',
  'familyName',
  'preferredName',
  'section',
  'email',
  'externalId',
] as const;
export type PlainColumn = (typeof PLAIN_COLUMNS)[number];
export const LAST_COLUMNS = ['wishes', 'note'] as const;
export type LastColumn = (typeof LAST_COLUMNS)[number];

export const HIDDEN_FIRST: readonly string[] = [
  ...(['givenName', 'familyName', 'preferredName', 'externalId'] satisfies PlainColumn[]),
  ...LAST_COLUMNS,
];

/** Width of a column in pixels. */
const WIDTHS: Readonly<Record<PlainColumn | LastColumn, number>> = {
  here: 74,
  name: 200,
  givenName: 140,
  familyName: 150,
  preferredName: 140,
  section: 140,
  email: 250,
  externalId: 120,
  wishes: 180,
  note: 220,
};
const DETAIL_WIDTHS: Readonly<Record<Detail['kind'], number>> = {
  number: 124,
  skill: 124,
  level: 140,
  category: 140,
  yesNo: 92,
};

/** The id of a detail's column; no plain column begins so. */
export function detailColumn(detailId: string): string {
  return `detail:${detailId}`;
}

/** The columns of a class. Values are what sorting, filtering and searching look at; '' where nothing is known. */
export function rosterColumns(
  theClass: ClassRecord,
  nameOf: (id: string) => string,
): readonly RosterColumn[] {
  const sectionName = new Map<string, string>(theClass.sections.map(({ id, name }) => [id, name]));
  const plain = (id: PlainColumn | LastColumn, value: (one: StudentRecord) => string) =>
    column(id, WIDTHS[id], ({ student }) => value(student), byWords);
  return [
    column('here', WIDTHS.here, ({ presence }) => presence, byWords),
    plain('name', (one) => one.name),
    plain('givenName', (one) => one.givenName),
    plain('familyName', (one) => one.familyName),
    plain('preferredName', (one) => one.preferredName),
    plain('section', (one) => sectionName.get(one.sectionId ?? '') ?? ''),
    plain('email', (one) => one.email),
    plain('externalId', (one) => one.externalId),
    ...theClass.details.map((detail) =>
      column(
        detailColumn(detail.id),
        Math.max(DETAIL_WIDTHS[detail.kind], detail.name.length * 9 + 34),
        ({ student }) => {
          const value = student.details[detail.id];
          return typeof value === 'number' ? value : value === undefined ? '' : valueKey(value);
        },
        detail.kind === 'level' ? byLevels(detail.levels) : byWords,
      ),
    ),
    plain('wishes', (one) => one.wishes.map(nameOf).join(', ')),
    plain('note', (one) => one.note),
  ];
}

function column(
  id: string,
  size: number,
  value: (row: RosterRow) => string | number,
  sortingFn: SortingFn<RosterRow>,
): RosterColumn {
  return {
    id,
    size,
    accessorFn: value,
    sortingFn,
    filterFn: isOneOf,
    sortDescFirst: false,
    enableHiding: id !== 'here' && id !== 'name',
  };
}

/** A filter on a column is the list of values let through. */
const isOneOf: FilterFn<RosterRow> = (row, id, values: readonly string[]) =>
  values.includes(String(row.getValue(id)));

/** Words as the language sorts them, numbers by size; what is missing always stands last on the way up. */
const byWords: SortingFn<RosterRow> = (a, b, id) =>
  compare(a, b, id, (x, y) =>
    typeof x === 'number' && typeof y === 'number' ? x - y : spokenOrder(String(x), String(y)),
  );

function byLevels(levels: readonly string[]): SortingFn<RosterRow> {
  return (a, b, id) =>
    compare(a, b, id, (x, y) => levels.indexOf(String(x)) - levels.indexOf(String(y)));
}

function compare(
  a: Row<RosterRow>,
  b: Row<RosterRow>,
  id: string,
  known: (x: string | number, y: string | number) => number,
): number {
  const [x, y] = [a.getValue<string | number>(id), b.getValue<string | number>(id)];
  if (x === '' || y === '') return x === y ? 0 : x === '' ? 1 : -1;
  return known(x, y);
}

interface Finding {
  /** Whether a row is sought: every word stands somewhere in what its columns say, accents aside. */
  readonly isSought: FilterFn<RosterRow>;
  /** Puts together what a row says, as is done otherwise with the first letter typed. */
  readonly read: (row: RosterRow) => void;
}

/** Finding in a table; what a row says is put together once, however many letters are typed. */
export function soughtIn(columns: readonly RosterColumn[]): Finding {
  const texts = new WeakMap<RosterRow, string>();
  const textOf = (row: RosterRow): string => {
    const known = texts.get(row);
    if (known !== undefined) return known;
    const { student } = row;
    const text = plainWords(
      [student.name, student.givenName, student.familyName, student.preferredName]
        .concat(student.email, student.externalId, student.note)
        .concat(columns.map(({ accessorFn }) => String(accessorFn(row, 0))))
        .join(' '),
    );
    texts.set(row, text);
    return text;
  };
  let last = { sought: '', words: [] as readonly string[] };
  const isSought: FilterFn<RosterRow> = (row, _id, sought: string) => {
    if (last.sought !== sought) {
      last = { sought, words: plainWords(sought).split(' ').filter(Boolean) };
    }
    const text = textOf(row.original);
    return last.words.every((word) => text.includes(word));
  };
  return { isSought, read: textOf };
}
