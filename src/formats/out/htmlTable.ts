import { escapeHtml, htmlPage, linkedName } from './escapeHtml';
import { tabbed } from './csv';
import { textFile, type WayOut } from './wayOut';
import { type LinkedGroup } from './lineupOut';

/** A row for each group: as an HTML table for documents, as cells between tabs for spreadsheets. */
export const htmlTable = {
  id: 'html-table',
  needs: 'names',
  takes: ['link'],
  write: async ({ lineup, words }) => {
    const table = tableOf(lineup.groups);
    const page = htmlPage(lineup.name, words.language, STYLE, table);
    return textFile('html', 'text/html', page, {
      html: table,
      plain: await asCells(lineup.groups),
    });
  },
} as const satisfies WayOut;

const STYLE =
  'body{font-family:system-ui,sans-serif}table{border-collapse:collapse}th,td{border:1px solid #bbb;padding:.3em .6em;text-align:start}';

function tableOf(groups: readonly LinkedGroup[]): string {
  const rows = groups.map(({ name, link, members }) => {
    const head = linkedName({ name, link });
    const cells = members.map((member) => `<td>${escapeHtml(member.name)}</td>`);
    return `<tr><th scope="row">${head}</th>${cells.join('')}</tr>`;
  });
  return `<table>\n<tbody>\n${rows.join('\n')}\n</tbody>\n</table>`;
}

/** A row for each group, cells between tabs. */
function asCells(groups: readonly LinkedGroup[]): Promise<string> {
  return tabbed(groups.map(({ name, members }) => [name, ...members.map((one) => one.name)]));
}
