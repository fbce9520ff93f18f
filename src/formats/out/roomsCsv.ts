import { csvFile } from './csv';
import { tableOf, usualColumns } from './table';
import type { WayOut } from './wayOut';

/** One row for each student: room, name, and e-mail where asked for. Machines read this one. */
export const roomsCsv = {
  id: 'rooms-csv',
  needs: 'names',
  takes: ['addresses', 'layout'],
  write: (ask) => {
    const { heading, rows } = tableOf(ask, usualColumns('rooms-csv', ask.lineup), { room: true });
    return csvFile([heading, ...rows], { for: 'machine', separator: ask.options.layout.separator });
  },
} as const satisfies WayOut;
