import { csvFile } from './csv';
import { lettersOf } from './letters';
import type { AddressedLineup } from './lineupOut';
import type { OutAsk, WayOut } from './wayOut';

/** For a mail merge: a row for each student who can be reached, with the letter made. */
export const mergeCsv = {
  id: 'merge-csv',
  needs: 'addresses',
  takes: ['letter', 'link', 'moment', 'message'],
  write: (ask) => {
    const { heading, rows } = mergeTable(ask);
    return csvFile([heading, ...rows], { for: 'spreadsheet' });
  },
} as const satisfies WayOut;

/** A row for each student who can be reached. */
export function mergeTable(ask: OutAsk<AddressedLineup>) {
  const { name, email, group, subject, text } = ask.words.headings;
  const letters = lettersOf({ ...ask, options: { ...ask.options, letterTo: 'each' } });
  return {
    heading: [name, email, group, subject, text],
    rows: letters.flatMap((letter) =>
      letter.to.map((to) => [letter.name, to, letter.group, letter.subject, letter.text]),
    ),
  };
}
