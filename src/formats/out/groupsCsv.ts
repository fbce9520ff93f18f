import { csvFile } from './csv';
import { tableOf, usualColumns } from './table';
import type { WayOut } from './wayOut';

/** One row for each student, group by group. */
export const groupsCsv = {
  id: 'groups-csv',
  needs: 'names',
  takes: ['addresses', 'layout', 'link'],
  write: (ask) => {
    const { heading, rows } = tableOf(ask, usualColumns('groups-csv', ask.lineup));
    return csvFile([heading, ...rows], {
      for: 'spreadsheet',
      separator: ask.options.layout.separator,
    });
  },
} as const satisfies WayOut;
