import type { Insight } from '@/encode/insight';
import { sameData } from '@/schema/merging';
import type { StudentId } from '@/schema/ids';
import type { GroupRowProps } from './rowProps';
import { NEEDS, PARTNERS, TOPICS, WISHES, type ColumnKey } from '../workbench/useColumns';
import type { SheetGroup } from '../workbench/useSheet';

/** Whether a row would be drawn just as it stands: a move changes two rows, and only those are drawn anew. */
export function sameRow(before: GroupRowProps, after: GroupRowProps): boolean {
  const plain = [
    'theClass',
    'chosen',
    'onToggle',
    'onChoose',
    'nameOf',
    'factsOf',
    'over',
  ] as const;
  return (
    plain.every((prop) => before[prop] === after[prop]) &&
    sameGroup(before.group, after.group) &&
    sameData(before.place?.style, after.place?.style) &&
    before.place?.index === after.place?.index &&
    sameData(concerned(before.selected, after.group), concerned(after.selected, after.group)) &&
    sameData(concerned([before.dragged], after.group), concerned([after.dragged], after.group)) &&
    sameData(before.target, after.target) &&
    sameMeasures(before, after)
  );
}

function sameGroup(one: SheetGroup, two: SheetGroup): boolean {
  const { students, rules, broken, ...about } = one;
  const { students: others, rules: otherRules, broken: otherBroken, ...otherAbout } = two;
  return (
    sameData(about, otherAbout) &&
    sameList(students, others) &&
    sameList(rules, otherRules) &&
    sameData(broken, otherBroken)
  );
}

/** Records are never changed in place, so the same ones are the same to the reference. */
function sameList(one: readonly unknown[], two: readonly unknown[]): boolean {
  return one.length === two.length && one.every((record, place) => record === two[place]);
}

/** Of some students those who sit in the group. */
function concerned(
  ids: readonly (StudentId | null)[],
  { students }: SheetGroup,
): readonly string[] {
  return students.flatMap(({ id }) => (ids.includes(id) ? [id] : []));
}

function sameMeasures(before: GroupRowProps, after: GroupRowProps): boolean {
  if (!sameData(before.shown, after.shown)) return false;
  if (before.insight === after.insight) return true;
  const row = after.group.index;
  return after.shown.every((key) =>
    sameData(measured(before.insight, key, row), measured(after.insight, key, row)),
  );
}

/** All that a measure of one row is drawn from; what the class as a whole reaches stands in the heading. */
function measured(insight: Insight | null, key: ColumnKey, row: number): unknown {
  if (!insight) return null;
  if (key === PARTNERS) {
    const { groups, figure } = insight.partners();
    return [groups[row], figure.cost > figure.bestPossible];
  }
  if (key === WISHES) return insight.wishes().groups[row];
  if (key === TOPICS) return insight.topics().groups[row];
  if (key === NEEDS) return insight.needs()?.groups[row];
  const column = insight.column(key);
  if (!column) return null;
  return column.kind === 'number'
    ? [column.least, column.most, column.mean, column.groups[row]]
    : [column.values, column.groups[row]];
}
