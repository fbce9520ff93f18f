import { contentLines, textValue } from './contentLines';
import { csvFile } from './csv';
import { textFile, type Written } from './wayOut';

/** A term as tables: a row for each student, and a row for each student in each lineup. */
export interface TermOut {
  readonly byStudent: TermSheet;
  readonly byLineup: TermSheet;
  readonly lineups: readonly TermDay[];
}

export interface TermSheet {
  readonly name: string;
  readonly heading: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}

/** A day on which the class works, or worked, in a lineup; YYYY-MM-DD, null for none. */
export interface TermDay {
  readonly id: string;
  readonly name: string;
  readonly on: string | null;
}

export type TermFile = 'csv' | 'xlsx' | 'ics';

/** The term as a file; a calendar holds the days and the names of the lineups alone, no student. */
export async function termFile(kind: TermFile, term: TermOut): Promise<Written> {
  switch (kind) {
    case 'csv': {
      const { heading, rows } = term.byStudent;
      return csvFile([heading, ...rows.map((row) => row.map(String))], { for: 'spreadsheet' });
    }
    case 'xlsx': {
      const { plainWorkbook } = await import('./workbook');
      return plainWorkbook([term.byStudent, term.byLineup]);
    }
    case 'ics':
      return textFile('ics', 'text/calendar', contentLines(await calendar(term.lineups)));
  }
}

/** Whole-day events (RFC 5545), one for each day of each lineup. */
async function calendar(lineups: readonly TermDay[]): Promise<readonly string[]> {
  const { uidOf } = await import('./uids');
  return [
    ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Gruppetto//Term//EN', 'CALSCALE:GREGORIAN'],
    ...lineups.flatMap(({ id, name, on }) => {
      if (on === null) return [];
      const day = on.replaceAll('-', '');
      return [
        'BEGIN:VEVENT',
        `UID:${uidOf('event', id, on)}@gruppetto.invalid`,
        // A file without a clock: the same term gives the same file.
        `DTSTAMP:${day}T000000Z`,
        `DTSTART;VALUE=DATE:${day}`,
        'TRANSP:TRANSPARENT',
        `SUMMARY:${textValue(name)}`,
        'END:VEVENT',
      ];
    }),
    'END:VCALENDAR',
  ];
}
