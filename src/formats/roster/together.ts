import { readRosterText } from './readRoster';
import { cleanText, plainWords } from './text';
import type { ColumnRole } from './types';

/** How the columns of a joined list are called; our own reader knows every one of them. */
export type ColumnWords = Readonly<
  Record<
    | 'name'
    | 'givenName'
    | 'familyName'
    | 'preferredName'
    | 'email'
    | 'externalId'
    | 'section'
    | 'status',
    string
  >
>;

interface Part {
  readonly name: string;
  readonly text: string;
}

/**
 * Several lists as one, as cells between tabs: columns that mean the same under one heading, every row of every list,
 * and the name of its list as the section of whoever has none. What is no student's row stays one, to be left out by name.
 */
export function togetherText(parts: readonly Part[], words: ColumnWords): string {
  const headings: string[] = [];
  const columnOf = (heading: string): number => {
    const at = headings.findIndex((known) => plainWords(known) === plainWords(heading));
    return at < 0 ? headings.push(heading) - 1 : at;
  };
  const called: Readonly<Partial<Record<ColumnRole, string>>> = { fullName: words.name, ...words };
  const section = (): number => columnOf(words.section);
  const rows: string[][] = [];
  for (const { name, text } of parts) {
    const read = readRosterText(text);
    if (!read.ok) continue;
    const { table, reading, roster } = read;
    const people = new Map(roster.students.map((student) => [student.row, student]));
    const heading = table.rows[reading.headingRow]?.cells ?? [];
    table.rows.forEach((row, index) => {
      if (index === reading.headingRow) return;
      const cells: string[] = [];
      row.cells.forEach((cell, column) => {
        const { role = 'leftOut', name: detail = '' } = reading.columns[column] ?? {};
        if (cell.trim() === '') return;
        const title = called[role] ?? (detail || (heading[column] ?? '') || name);
        const place = role === 'familyName' ? columnOf(words.familyName) : columnOf(title);
        cells[place] = cells[place] === undefined ? cell : `${cells[place]} ${cell}`;
      });
      const student = people.get(row.line);
      if (student) cells[section()] = student.section ?? name;
      if (cells.length > 0) rows.push(cells);
    });
  }
  const line = (cells: readonly string[]): string =>
    headings.map((_, column) => cleanText(cells[column] ?? '')).join('\t');
  return [headings.join('\t'), ...rows.map(line)].join('\n');
}
