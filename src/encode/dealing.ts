import { groupSizes } from '../core/problem/sizes';

import type { StudentId } from '../schema/ids';
import { valueKey } from '../schema/presence';
import { BY_SECTION, type DealOrder } from '../schema/recipe';
import type { StudentRecord } from '../schema/student';
import { factOf, whoIsDealt, type Bench } from './bench';

/** Groups dealt without a draw: in an order, by a value, or empty. */
export interface DealtGroup {
  /** The name that the dealing itself gives the group, or null: a section is known to the class, a value is not. */
  readonly name: string | null;
  /** The value that all in it have, for the bench; '' for none. */
  readonly about: string;
  readonly studentIds: StudentId[];
}

/** Deals as the recipe says; null where the engine is to draw. Rules are not looked at: the sheet shows them. */
export function dealtWithoutDraw(
  bench: Bench,
  nameOfValue: (detail: string, value: string) => string,
): readonly DealtGroup[] | null {
  const { dealing, sizing } = bench.lineup.recipe;
  const students = whoIsDealt(bench);
  if (dealing.by === 'shuffle') return null;
  if (dealing.by === 'value') {
    return byValue(bench, students, dealing.of, nameOfValue);
  }
  const sizes = groupSizes(students.length, sizing);
  if (!sizes.ok) return [];
  if (dealing.by === 'hand' || dealing.by === 'choose')
    return [...sizes.sizes].map(() => ({ name: null, about: '', studentIds: [] }));
  const ordered = [...students].sort(inOrder(bench, dealing.order));
  return (dealing.inBlocks ? blocks : roundTheGroups)(ordered, [...sizes.sizes]);
}

/** How many groups a dealing by value makes. */
export function valueCount(bench: Bench, of: string): number {
  return byValue(bench, whoIsDealt(bench), of, () => '').length;
}

/** One group for each value that somebody here has; whoever has none stands aside. */
function byValue(
  bench: Bench,
  students: readonly StudentRecord[],
  of: string,
  nameOfValue: (detail: string, value: string) => string,
): readonly DealtGroup[] {
  const membersOf = new Map<string, StudentId[]>();
  for (const student of students) {
    const value = factOf(student, of);
    if (value === undefined) continue;
    const key = valueKey(value);
    membersOf.set(key, [...(membersOf.get(key) ?? []), student.id]);
  }
  const rank = rankOfValues(bench, of);
  return [...membersOf]
    .sort(([one], [two]) => rank(one, two))
    .map(([value, studentIds]) => {
      const called = nameOfValue(of, value);
      return of === BY_SECTION
        ? { name: called, about: '', studentIds }
        : { name: null, about: called, studentIds };
    });
}

/** Levels and sections in their own order, all else by the alphabet, numbers by size. */
export function rankOfValues(
  { theClass, compare }: Pick<Bench, 'theClass' | 'compare'>,
  of: string,
): (one: string, two: string) => number {
  const order =
    of === BY_SECTION
      ? theClass.sections.map(({ id }) => id)
      : (theClass.details.find(({ id }) => id === of)?.levels ?? []);
  const place = (value: string): number => {
    const at = order.indexOf(value);
    return at < 0 ? order.length : at;
  };
  return (one, two) => place(one) - place(two) || compare(one, two);
}

type Compare = (one: StudentRecord, two: StudentRecord) => number;

/** A strict order: equal ones, and those of whom nothing is known at the end, stay as the class list has them. */
function inOrder(bench: Bench, order: DealOrder): Compare {
  const byList: Compare = (one, two) => one.order - two.order;
  if (order === 'list') return byList;
  if (typeof order === 'object') {
    const { detail } = order;
    const rank = rankOfValues(bench, detail);
    return (one, two) => {
      const [a, b] = [factOf(one, detail), factOf(two, detail)];
      if (a === undefined || b === undefined) {
        return Number(a === undefined) - Number(b === undefined) || byList(one, two);
      }
      return rank(valueKey(a), valueKey(b)) || byList(one, two);
    };
  }
  if (order === 'number') {
    return (one, two) =>
      Number(one.externalId === '') - Number(two.externalId === '') ||
      bench.compare(one.externalId, two.externalId) ||
      byList(one, two);
  }
  const key = (student: StudentRecord): string =>
    order === 'familyName'
      ? `${student.familyName || student.name} ${student.givenName}`
      : student.preferredName || student.givenName || student.name;
  return (one, two) => bench.compare(key(one), key(two)) || byList(one, two);
}

type Dealer = (
  students: readonly StudentRecord[],
  sizes: readonly number[],
) => readonly DealtGroup[];

/** The first students make the first group, the next ones the second. */
const blocks: Dealer = (students, sizes) => {
  let from = 0;
  return sizes.map((size) => {
    const studentIds = students.slice(from, from + size).map(({ id }) => id);
    from += size;
    return { name: null, about: '', studentIds };
  });
};

/** One to each group in turn, as cards are dealt; a full group is passed over. */
const roundTheGroups: Dealer = (students, sizes) => {
  const groups = sizes.map((): StudentId[] => []);
  let group = 0;
  for (const { id } of students) {
    while ((groups[group]?.length ?? 0) >= (sizes[group] ?? 0)) group = (group + 1) % sizes.length;
    groups[group]?.push(id);
    group = (group + 1) % sizes.length;
  }
  return groups.map((studentIds) => ({ name: null, about: '', studentIds }));
};
