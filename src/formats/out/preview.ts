import { lettersOf } from './letters';
import type { AddressedLineup } from './lineupOut';
import { byName, tableOf } from './table';
import type { OutAsk } from './wayOut';
import type { Column } from './options';

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
  const table = (usual: readonly Column[], more = {}): PreviewTable => tableOf(ask, usual, more);
  switch (way) {
    case 'rooms-csv':
      return table(['group', 'name'], { room: true });
    case 'groups-csv':
    case 'xlsx':
      return table(['group', 'name']);
    case 'names-csv':
      return table(['name', 'group'], { sort: byName(ask.words) });
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

function mergeTable(ask: OutAsk<AddressedLineup>): PreviewTable {
  const { name, group, subject, text } = ask.words.headings;
  const letters = lettersOf({ ...ask, options: { ...ask.options, letterTo: 'each' } });
  return {
    heading: [name, group, subject, text],
    rows: letters.map((letter) => [letter.name, letter.group, letter.subject, letter.text]),
  };
}
