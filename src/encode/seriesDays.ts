import type { SeriesWish } from '../schema/series';

/** The days of a series, as many as there are rounds; none where it has no days of its own. YYYY-MM-DD. */
export function daysOf({ rounds, every, from, notOn }: SeriesWish): readonly string[] {
  if (every === null) return [];
  const out = new Set(notOn);
  const step = { day: 1, week: 7, twoWeeks: 14 }[every];
  const days: string[] = [];
  const date = new Date(`${from}T12:00:00Z`);
  // Every day left out pushes the last one back, and no more than those are left out.
  for (let tries = 0; days.length < rounds && tries < rounds + notOn.length; tries++) {
    const day = date.toISOString().slice(0, 10);
    // On school days only, where every day counts.
    const weekend = every === 'day' && [0, 6].includes(date.getUTCDay());
    if (!weekend && !out.has(day)) days.push(day);
    if (weekend) tries--;
    date.setUTCDate(date.getUTCDate() + step);
  }
  return days;
}

/**
 * Days from the one at `at` on, each moved to the next: that day falls out, and the last goes on as far as the two
 * before it lie apart (a week where there is one alone). Null where the rounds have no days.
 */
export function daysMovedOn(
  days: readonly (string | null)[],
  at: number,
): readonly (string | null)[] {
  const last = days.at(-1);
  const before = days.at(-2);
  if (last === undefined || last === null) return days;
  const step = before ? (dayNumber(last) ?? 0) - (dayNumber(before) ?? 0) : 0;
  const next = dayText((dayNumber(last) ?? 0) + (step > 0 ? step : 7));
  return [...days.slice(0, at), ...days.slice(at + 1), next];
}

/** Days and stretches of days out of a text, a line each ("2026-10-26 to 2026-10-30"); `unread` is the first that is none. */
export function daysIn(text: string): {
  readonly days: readonly string[];
  readonly unread: string | null;
} {
  const days = new Set<string>();
  let unread: string | null = null;
  for (const line of text.split('\n').map((one) => one.trim())) {
    if (line === '') continue;
    const [first = '', last = first] = line.split(/\s+(?:to|-|–)\s+/);
    const [from, until] = [dayNumber(first), dayNumber(last)];
    if (from === null || until === null || until < from || until - from > LONGEST_STRETCH) {
      unread ??= line;
      continue;
    }
    for (let day = from; day <= until; day++) days.add(dayText(day));
  }
  return { days: [...days].sort(), unread };
}

/** Longer than any holidays; what is longer is a slip of the year. */
const LONGEST_STRETCH = 120;
const DAY_MS = 86_400_000;

/** Days since 1970 of a day YYYY-MM-DD; null for what is none, the 31st of April too. */
function dayNumber(text: string): number | null {
  const ms = /^\d{4}-\d{2}-\d{2}$/.test(text) ? Date.parse(`${text}T00:00:00Z`) : NaN;
  const day = ms / DAY_MS;
  return Number.isNaN(ms) || dayText(day) !== text ? null : day;
}

function dayText(day: number): string {
  return new Date(day * DAY_MS).toISOString().slice(0, 10);
}
