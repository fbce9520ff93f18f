import { mergeTable } from './mergeCsv';
import type { AddressedLineup } from './lineupOut';
import { byName, tableOf, usualColumns } from './table';
import type { OutAsk } from './wayOut';

/** Rows of what goes, as they are looked at before. */
export interface PreviewTable {
  /** Null where the rows have no heading. */
  readonly heading: readonly string[] | null;
  readonly rows: readonly (readonly string[])[];
}

/** Ways out that make a table. */
export type TableWay =
  'rooms-csv' | 'groups-csv' | 'names-csv' | 'xlsx' | 'html-table' | 'merge-csv';

/** The table that a way out makes. */
export function previewTable(way: TableWay, ask: OutAsk): PreviewTable {
  const usual = usualColumns(way, ask.lineup);
  switch (way) {
    case 'rooms-csv':
      return tableOf(ask, usual, { room: true });
    case 'groups-csv':
    case 'xlsx':
      return tableOf(ask, usual);
    case 'names-csv':
      return tableOf(ask, usual, { sort: byName(ask.words) });
    case 'html-table':
      return {
        heading: null,
        rows: ask.lineup.groups.map(({ name, members }) => [
          name,
          ...members.map((one) => one.name),
        ]),
      };
    case 'merge-csv':
      return mergeTable(ask as OutAsk<AddressedLineup>);
  }
}
