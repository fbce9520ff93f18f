import { csvFile } from './csv';
import { letterLinks, lettersOf } from './letters';
import type { WayOut } from './wayOut';

/** A file has room for links longer than a mail program takes from a page: a row a group, as good as always. */
const LONGEST_IN_FILE = 30_000;

/** A row for each group with a link that opens a letter to it (RFC 6068). */
export const mailto = {
  id: 'mailto',
  needs: 'addresses',
  takes: ['letterTo', 'letter', 'link', 'moment', 'message'],
  write: (ask) => {
    const { group, link } = ask.words.headings;
    const rows = lettersOf(ask).flatMap((letter) =>
      letterLinks(letter, LONGEST_IN_FILE).map((one) => [letter.group, one]),
    );
    return csvFile([[group, link], ...rows], { for: 'machine' });
  },
} as const satisfies WayOut;
