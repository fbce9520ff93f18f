import { tabbed } from './csv';
import { nothingToCheck, type LineupOut, type Outlet } from './outlet';

/** A row for each group: as an HTML table for documents, as cells between tabs for spreadsheets. */
export const table = {
  id: 'table',
  needs: 'names',
  check: nothingToCheck,
  write: (lineup) => ({
    to: 'clipboard',
    plain: tabbed(rowsOf(lineup)),
    html: asHtml(rowsOf(lineup)),
  }),
} as const satisfies Outlet;

function rowsOf({ groups }: LineupOut): string[][] {
  return groups.map(({ name, members }) => [name, ...members.map((member) => member.name)]);
}

/** Names are text, never markup. */
function asHtml(rows: readonly (readonly string[])[]): string {
  const lines = rows.map(([head = '', ...cells]) => {
    const columns = cells.map((cell) => `<td>${escapeHtml(cell)}</td>`).join('');
    return `<tr><th scope="row">${escapeHtml(head)}</th>${columns}</tr>`;
  });
  return `<table><tbody>${lines.join('')}</tbody></table>`;
}

function escapeHtml(given: string): string {
  return given
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');
}
