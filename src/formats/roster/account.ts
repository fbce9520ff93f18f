import { hasContent } from './delimited';
import { cleanText } from './text';
import type { Reading, Roster, Skipped, Table } from './types';

/**
 * Rows of which nothing was said: given = taken + left out, for every row with content but the heading, one by one.
 * A reading without a fault has none; whatever is found is named as not understood, so that nobody is lost in silence.
 */
export function unaccounted(table: Table, reading: Reading, roster: Roster): readonly Skipped[] {
  const aside = new Set(table.skipped ?? []);
  const said = new Map<number, number>();
  const count = (row: number): void => void said.set(row, (said.get(row) ?? 0) + 1);
  roster.students.forEach(({ row }) => count(row));
  // Staff are named among those left out.
  roster.skipped.filter((one) => !aside.has(one)).forEach(({ row }) => count(row));
  return table.rows.flatMap((row, index): readonly Skipped[] => {
    if (index === reading.headingRow || !hasContent(row)) return [];
    const left = said.get(row.line) ?? 0;
    said.set(row.line, left - 1);
    if (left > 0) return [];
    const name = row.cells.map(cleanText).find((cell) => cell !== '') ?? '';
    return [{ row: row.line, name, reason: 'unread' }];
  });
}
