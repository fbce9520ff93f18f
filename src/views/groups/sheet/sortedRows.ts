import { spokenOrder } from '@/messages/speaking';
import type { Insight } from '@/encode/insight';
import { NEEDS, PARTNERS, TOPICS, WISHES } from '../workbench/useColumns';
import type { Sorting } from './Headings';
import type { Sheet, SheetGroup } from '../workbench/useSheet';

/** The groups in the order the teacher asked for; by their rows where nothing else is asked. */
export function sortedRows(
  sheet: Sheet,
  insight: Insight | null,
  sorting: Sorting | null,
): readonly SheetGroup[] {
  if (!sorting) return sheet.groups;
  const value = valueOf(sheet, insight, sorting.by);
  const sign = sorting.down ? -1 : 1;
  return [...sheet.groups].sort((one, two) => {
    const [a, b] = [value(one), value(two)];
    const order = typeof a === 'string' ? spokenOrder(a, String(b)) : a - Number(b);
    return sign * order || one.index - two.index;
  });
}

function valueOf(
  sheet: Sheet,
  insight: Insight | null,
  by: string,
): (group: SheetGroup) => number | string {
  switch (by) {
    case 'group':
      return ({ name }) => name;
    case 'size':
      return ({ size }) => size;
    case 'rules':
      return ({ broken, rules }) => broken.length * 1000 + rules.length;
    case PARTNERS: {
      const met = insight?.partners().groups ?? [];
      return ({ index }) => met[index]?.met ?? 0;
    }
    case WISHES: {
      const wishes = insight?.wishes().groups ?? [];
      return ({ index }) => wishes[index]?.met ?? 0;
    }
    case TOPICS: {
      const ranked = insight?.topics().groups ?? [];
      return ({ index }) => ranked[index]?.met ?? 0;
    }
    case NEEDS: {
      const needs = insight?.needs()?.groups ?? [];
      return ({ index }) => needs[index]?.focus.join(' ') ?? '';
    }
    default: {
      const column = insight?.column(by);
      if (!column) return () => 0;
      if (column.kind === 'number') {
        return ({ index }) => mean(column.groups[index] ?? []);
      }
      // By how many have the first values: those of a level from low to high, of a yes or no the noes.
      return ({ index }) =>
        (column.groups[index] ?? []).reduce((sum, have, place) => sum + have * (place + 1), 0);
    }
  }
}

function mean(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, one) => sum + one, 0) / values.length;
}
