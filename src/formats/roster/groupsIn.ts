import { plainWords } from './text';
import type { Reading, Roster, RosterStudent, Table } from './types';

/** Something of a list that says who is with whom. */
export interface GroupsIn {
  /** Where it stands: what was read as sections, or a detail by its name. */
  readonly from: { readonly section: true } | { readonly detail: string };
  /** What the list calls it; '' where it has no heading. */
  readonly heading: string;
  /** Numbered groups by number, others in the order in which they first come; `students` are places in the roster. */
  readonly groups: readonly { readonly name: string; readonly students: readonly number[] }[];
}

const GROUP_HEADING =
  /\b(groups?|teams?|crews?|pods?|tables?|rounds?|weeks?|grupos?|equipos?|mesas?|gruppen?|tisch(e|gruppe)?|groupes?|equipes?|squadr[ae]|gruppi|groepen?|groep|turmas?)\b/i;
const GROUP_VALUE = /^\D{0,12}\d{1,3}$/;
/** Fewer to a group on average than this, and the values tell students apart rather than together. */
const LEAST_MEAN = 1.5;

/**
 * What a list holds that can be the groups of a lineup: parts that it was read in, a column whose heading speaks of
 * groups, or numbers and words without a heading beside the names. A column that is plainly a section or another detail
 * is none.
 */
export function groupsIn(roster: Roster, table: Table, reading: Reading): readonly GroupsIn[] {
  const headings = table.rows[reading.headingRow]?.cells ?? [];
  // A list that was no table has headings of the reader's own, which stand on no line of it.
  const madeUp = (table.rows[reading.headingRow]?.line ?? 0) === 0;
  const headingAt = (column: number): string =>
    madeUp || reading.headingRow < 0 ? '' : (headings[column]?.trim() ?? '');
  const section = reading.columns.findIndex(({ role }) => role === 'section');
  const places = [
    {
      from: { section: true } as const,
      heading: section < 0 ? '' : headingAt(section),
      valueOf: (student: RosterStudent) => student.section ?? '',
    },
    ...roster.attributes.flatMap(({ name }) => {
      const column = reading.columns.findIndex((one) => one.role === 'detail' && one.name === name);
      const valueOf = (student: RosterStudent): string => String(student.attributes[name] ?? '');
      return column < 0 ? [] : [{ from: { detail: name }, heading: headingAt(column), valueOf }];
    }),
  ];
  return places.flatMap(({ from, heading, valueOf }): GroupsIn[] => {
    const members = new Map<string, number[]>();
    roster.students.forEach((student, place) => {
      const value = valueOf(student).trim();
      const same = members.get(value);
      if (same) same.push(place);
      else if (value !== '') members.set(value, [place]);
    });
    const names = [...members.keys()];
    const placed = [...members.values()].reduce((sum, { length }) => sum + length, 0);
    if (names.length < 2 || placed < LEAST_MEAN * names.length) return [];
    const speaksOfGroups =
      heading === ''
        ? 'section' in from || names.every((name) => GROUP_VALUE.test(name))
        : GROUP_HEADING.test(plainWords(heading));
    if (!speaksOfGroups) return [];
    const numbered = names.every((name) => /^\d+$/.test(name));
    if (numbered) names.sort((a, b) => Number(a) - Number(b));
    const groups = names.map((name) => ({ name, students: members.get(name) ?? [] }));
    return [{ from, heading, groups }];
  });
}

/** The roster without what has become the groups of a lineup. */
export function withoutGroups(roster: Roster, { from }: GroupsIn): Roster {
  if ('section' in from) {
    return { ...roster, students: roster.students.map((one) => ({ ...one, section: null })) };
  }
  const { detail } = from;
  return {
    ...roster,
    attributes: roster.attributes.filter(({ name }) => name !== detail),
    students: roster.students.map((one) => {
      const { [detail]: _group, ...attributes } = one.attributes;
      return { ...one, attributes };
    }),
  };
}
