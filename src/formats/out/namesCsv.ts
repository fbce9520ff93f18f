import { csvFile } from './csv';
import { byName, tableOf, usualColumns } from './table';
import type { WayOut } from './wayOut';

/** One row for each student in the order of their names. */
export const namesCsv = {
  id: 'names-csv',
  needs: 'names',
  takes: ['addresses', 'layout', 'link'],
  write: (ask) => {
    const { heading, rows } = tableOf(ask, usualColumns('names-csv', ask.lineup), {
      sort: byName(ask.words),
    });
    return csvFile([heading, ...rows], {
      for: 'spreadsheet',
      separator: ask.options.layout.separator,
    });
  },
} as const satisfies WayOut;
