import { hasContent } from './delimited';
import { isSurelyHeading } from './headings';
import { isSuffix, looksLikeName, looksLikeWholeName } from './names';
import { readPeople } from './people';
import { proposeReading } from './reading';
import type { Reading, Table } from './types';

/** Rows looked at to judge a way of reading. */
const SAMPLE_ROWS = 250;

/** A known heading speaks for the columns below it; more than four speak no louder. */
const HEADING_WORTH = 0.15;
const MOST_HEADINGS = 4;

/** What a column without a heading costs that holds whole names and is not read for them: whoever is in it would be lost. */
const NAMES_UNREAD = 0.3;

/**
 * How well a table fits what was given, the higher the better: the share of rows that become people whose names look
 * like names, less those that do not, and more where headings are known. About -2 to 2.2.
 */
export function fitOf(table: Table): number {
  const sample: Table = { ...table, rows: table.rows.slice(0, SAMPLE_ROWS) };
  const reading = proposeReading(sample);
  const { persons, skipped } = readPeople(sample, reading);
  const people = persons.filter(({ staff }) => !staff);
  const named = people.filter(
    ({ shown }) => looksLikeName(shown) && !isSurelyHeading(shown),
  ).length;
  const nameless = skipped.filter(
    ({ reason }) => reason === 'noName' || reason === 'notAName',
  ).length;
  const isList = sample.rows[0]?.line === 0;
  const below = sample.rows.slice(reading.headingRow + 1).filter(hasContent);
  // "Haddad,Amira" without a blank is two cells rather than one name.
  const tight = isList ? below.filter(({ cells }) => /,\S/.test(cells[0] ?? '')).length : 0;
  // Nor is "Amira Haddad - new" one name.
  const dashed =
    isList || reading.headingRow < 0
      ? below.filter(({ cells }) => /\S\s[-–—]\s\S/u.test(cells[0] ?? '')).length
      : 0;
  // Nor are three cells and more one name with two commas in it.
  const cells = isList ? below.filter(({ cells: [name = ''] }) => isOfCells(name)).length : 0;
  return (
    (named - (people.length - named) - nameless - (tight + dashed) / 2 - cells) /
      Math.max(1, people.length + nameless) +
    HEADING_WORTH * Math.min(MOST_HEADINGS, knownHeadings(sample, reading)) -
    (holdsNamesUnread(sample, reading) ? NAMES_UNREAD : 0) +
    (table.belief ?? 0)
  );
}

/** Whether columns that nothing stands over hold whole names, each another, and are none of those read for names. */
function holdsNamesUnread({ rows }: Table, { headingRow, columns }: Reading): boolean {
  const words = rows[headingRow]?.cells ?? [];
  // A row of a single cell is a heading or a remark.
  const below = rows
    .slice(headingRow + 1)
    .filter(
      ({ line, around, cells }) =>
        line > 0 && !around && cells.filter((cell) => cell.trim() !== '').length > 1,
    );
  return columns.some(({ role }, column) => {
    if (role !== 'detail' || (words[column] ?? '').trim() !== '') return false;
    const filled = below.map(({ cells }) => (cells[column] ?? '').trim()).filter(Boolean);
    return (
      (filled.length > 1 || below.length === 1) &&
      filled.length > 0 &&
      new Set(filled).size === filled.length &&
      filled.every((cell) => looksLikeWholeName(cell) && !cell.includes(','))
    );
  });
}

function isOfCells(name: string): boolean {
  const parts = name.split(',').map((part) => part.trim());
  return parts.length > 2 && !parts.some(isSuffix);
}

/** Known headings that stand in the text itself. */
function knownHeadings({ rows }: Table, { headingRow }: Reading): number {
  const heading = rows[headingRow];
  if (!heading || heading.line === 0) return 0;
  return heading.cells.filter(isSurelyHeading).length;
}
