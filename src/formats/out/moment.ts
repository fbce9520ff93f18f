import type { OutIssue } from './wayOut';
import type { OutOptions } from './options';

export interface Moment {
  /** Beginning by the clock of the wall, in milliseconds as if it were UTC. */
  readonly local: number;
  readonly minutes: number;
}

/** A week; nobody's groups sit together for longer. */
const MOST_MINUTES = 7 * 24 * 60;

/** What is wrong with a day, a time or a length that was given; null for nothing. */
export function momentIssue({
  date,
  time,
  minutes,
}: Pick<OutOptions, 'date' | 'time' | 'minutes'>): OutIssue | null {
  if (date !== '' && dayOf(date) === null) return { code: 'badDate', given: date };
  if (time !== '' && minuteOfDay(time) === null) return { code: 'badTime', given: time };
  if (minutes !== '' && lengthOf(minutes) === null) return { code: 'badMinutes', given: minutes };
  return null;
}

/** The moment that was given whole and right; null otherwise. */
export function momentIn(options: Pick<OutOptions, 'date' | 'time' | 'minutes'>): Moment | null {
  const [day, minute] = [dayOf(options.date), minuteOfDay(options.time)];
  const minutes = lengthOf(options.minutes);
  if (day === null || minute === null || minutes === null) return null;
  return { local: day + minute * 60_000, minutes };
}

function dayOf(date: string): number | null {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(date) ?? [];
  if (year === undefined || Number(year) < 1970) return null;
  const ms = Date.UTC(Number(year), Number(month) - 1, Number(day));
  // A day that does not exist comes back as another.
  return new Date(ms).toISOString().startsWith(date) ? ms : null;
}

function minuteOfDay(time: string): number | null {
  const [, hour, minute] = /^(\d{1,2}):(\d{2})$/.exec(time) ?? [];
  if (hour === undefined || Number(hour) > 23 || Number(minute) > 59) return null;
  return Number(hour) * 60 + Number(minute);
}

function lengthOf(minutes: string): number | null {
  if (!/^\d{1,5}$/.test(minutes)) return null;
  const length = Number(minutes);
  return length >= 1 && length <= MOST_MINUTES ? length : null;
}
