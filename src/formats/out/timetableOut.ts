import { contentLines, textValue } from './contentLines';
import { csvFile } from './csv';
import { textFile, type Written } from './wayOut';

/** One meeting of a group with its adult. */
export interface Meeting {
  /** Of the lineup and the group: what tells it from others in a calendar. */
  readonly key: string;
  readonly group: string;
  readonly adult: string;
  readonly period: string;
  readonly room: string;
  readonly skills: readonly string[];
  readonly students: readonly string[];
  /** 0 for Sunday, and hours as HH:MM; null for a time that is only named. */
  readonly day: number | null;
  readonly from: string | null;
  readonly to: string | null;
}

/** What the columns of a timetable are called. */
export interface TimetableHeadings {
  readonly adult: string;
  readonly period: string;
  readonly group: string;
  readonly room: string;
  readonly skills: string;
  readonly students: string;
}

/** A timetable as CSV, a row for each group. */
export async function timetableCsv(
  meetings: readonly Meeting[],
  headings: TimetableHeadings,
): Promise<Written> {
  const columns = ['adult', 'period', 'group', 'room', 'skills', 'students'] as const;
  return csvFile(
    [
      columns.map((column) => headings[column]),
      ...meetings.map((meeting) =>
        columns.map((column) => {
          const value = meeting[column];
          return typeof value === 'string' ? value : value.join('; ');
        }),
      ),
    ],
    { for: 'spreadsheet' },
  );
}

/**
 * A timetable as a calendar (RFC 5545): each meeting at its hours by the clock of whoever reads it, from the first such
 * week day on or after `from` (YYYY-MM-DD), every week for so many weeks (1 and up). A time without a day has no place in
 * a calendar and is left out; one without hours takes the whole day.
 */
export async function timetableCalendar(
  meetings: readonly Meeting[],
  from: string,
  weeks: number,
): Promise<Written> {
  const { uidOf } = await import('./uids');
  const events = meetings.flatMap((meeting) => {
    if (meeting.day === null) return [];
    const day = firstOn(from, meeting.day);
    const at = (clock: string): string => `${day}T${clock.replace(':', '')}00`;
    const hours =
      meeting.from === null
        ? [`DTSTART;VALUE=DATE:${day}`, 'TRANSP:TRANSPARENT']
        : [
            `DTSTART:${at(meeting.from)}`,
            ...(meeting.to !== null && meeting.to > meeting.from
              ? [`DTEND:${at(meeting.to)}`]
              : []),
          ];
    const told = [meeting.skills.join(', '), meeting.students.join('\n')].filter(Boolean);
    return [
      'BEGIN:VEVENT',
      `UID:${uidOf('event', 'timetable', meeting.key)}@gruppetto.invalid`,
      // A file without a clock: the same timetable gives the same file.
      `DTSTAMP:${day}T000000Z`,
      ...hours,
      ...(weeks > 1 ? [`RRULE:FREQ=WEEKLY;COUNT=${weeks}`] : []),
      `SUMMARY:${textValue(`${meeting.group}, ${meeting.adult}`)}`,
      ...(told.length > 0 ? [`DESCRIPTION:${textValue(told.join('\n'))}`] : []),
      ...(meeting.room === '' ? [] : [`LOCATION:${textValue(meeting.room)}`]),
      'END:VEVENT',
    ];
  });
  return textFile(
    'ics',
    'text/calendar',
    contentLines([
      ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Gruppetto//Timetable//EN'],
      ...['CALSCALE:GREGORIAN', ...events, 'END:VCALENDAR'],
    ]),
  );
}

/** The first day from one on, itself included, that is a week day (0 for Sunday), as YYYYMMDD. */
function firstOn(from: string, day: number): string {
  const start = new Date(`${from}T00:00:00Z`);
  const ahead = (day - start.getUTCDay() + 7) % 7;
  const first = new Date(start.getTime() + ahead * 86_400_000);
  return first.toISOString().slice(0, 10).replaceAll('-', '');
}
