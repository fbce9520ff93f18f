import Papa from 'papaparse';
import { harmless } from './harmless';

/** A lineup as it leaves the application: names and addresses, nothing quiet. */
export interface LineupOut {
  readonly groups: readonly { readonly name: string; readonly members: readonly MemberOut[] }[];
}

export interface MemberOut {
  readonly name: string;
  /** '' when there is none. */
  readonly email: string;
}

/** Headings of a file, in the reader's language. */
export interface Headings {
  readonly room: string;
  readonly group: string;
  readonly name: string;
  readonly email: string;
}

/** One row for each student: room, name, e-mail (CSV, RFC 4180). Without a byte order mark: machines read this one. */
export function roomsCsv(lineup: LineupOut, { room, name, email }: Headings): string {
  return csv([
    [room, name, email],
    ...memberRows(lineup).map((row) => [row.group, row.name, row.email]),
  ]);
}

/** One row for each student, group by group. */
export function byGroupCsv(lineup: LineupOut, { group, name }: Headings): string {
  return forSpreadsheets([
    [group, name],
    ...memberRows(lineup).map((row) => [row.group, row.name]),
  ]);
}

/** One row for each student in the order of their names, as `locale` sorts them. */
export function byNameCsv(lineup: LineupOut, { group, name }: Headings, locale: string): string {
  const collator = new Intl.Collator(locale, { numeric: true });
  const rows = memberRows(lineup).sort((a, b) => collator.compare(a.name, b.name));
  return forSpreadsheets([[name, group], ...rows.map((row) => [row.name, row.group])]);
}

/** One line for each group: its name, then its students. */
export function asText(lineup: LineupOut): string {
  return lineup.groups
    .map(({ name, members }) => `${name}: ${members.map((member) => member.name).join(', ')}`)
    .join('\n');
}

/** Cells between tabs, one row for each group, to be pasted into a spreadsheet. */
export function asTabbedTable(lineup: LineupOut): string {
  return Papa.unparse(
    tableRows(lineup).map((row) => row.map(harmless)),
    {
      delimiter: '\t',
      newline: '\n',
    },
  );
}

/** The same rows as an HTML table, to be pasted into a document; names are text, never markup. */
export function asHtmlTable(lineup: LineupOut): string {
  const rows = tableRows(lineup).map(([head = '', ...cells]) => {
    const columns = cells.map((cell) => `<td>${escapeHtml(cell)}</td>`).join('');
    return `<tr><th scope="row">${escapeHtml(head)}</th>${columns}</tr>`;
  });
  return `<table><tbody>${rows.join('')}</tbody></table>`;
}

function tableRows(lineup: LineupOut): string[][] {
  return lineup.groups.map(({ name, members }) => [name, ...members.map((member) => member.name)]);
}

function memberRows(lineup: LineupOut) {
  return lineup.groups.flatMap(({ name: group, members }) =>
    members.map((member) => ({ group, ...member })),
  );
}

/** Spreadsheets take a file for UTF-8 only when it begins with a byte order mark. */
function forSpreadsheets(rows: readonly (readonly string[])[]): string {
  return `\ufeff${csv(rows)}`;
}

function csv(rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(
    rows.map((row) => row.map(harmless)),
    { newline: '\r\n' },
  )}\r\n`;
}

function escapeHtml(text: string): string {
  return text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');
}
