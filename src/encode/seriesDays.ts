import type { SeriesWish } from '../schema/series';

/** Days from one round to the next. */
const STEP = { day: 1, week: 7, twoWeeks: 14 };

/** The days of a series, as many as there are rounds; none where it has no days of its own. YYYY-MM-DD. */
export function daysOf({
  rounds,
  every,
  from,
  notOn,
}: Pick<SeriesWish, 'rounds' | 'every' | 'from' | 'notOn'>): readonly string[] {
  if (every === null) return [];
  const out = new Set(notOn);
  const step = STEP[every];
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
 * Those of the days of a series on which the class has groups already (`taken`, in any order), and the first day of the
 * same kind after all of them, on which the series would have its days to itself; null where none is taken.
 */
export function takenDays(
  wish: Pick<SeriesWish, 'rounds' | 'every' | 'from' | 'notOn'>,
  taken: readonly string[],
): { readonly days: readonly string[]; readonly after: string } | null {
  const known = new Set(taken);
  const days = daysOf(wish).filter((day) => known.has(day));
  const last = taken.reduce((latest, day) => (day > latest ? day : latest), '');
  if (days.length === 0) return null;
  // A day of the series comes at the latest after as many as there are from its first to the last that is taken.
  const rounds = (dayNumber(last) ?? 0) - (dayNumber(wish.from) ?? 0) + 2;
  const after = daysOf({ ...wish, rounds }).find((day) => day > last);
  return after === undefined ? null : { days, after };
}

/**
 * The days of rounds of which the one at `at` falls out: it and all after it move on by one, and the last comes to the
 * next day as the rounds were planned (`wish`; a week later where they had no days of their own).
 */
export function daysMovedOn(
  days: readonly string[],
  at: number,
  wish: Pick<SeriesWish, 'every' | 'notOn'>,
): readonly string[] {
  const last = days.at(-1);
  if (last === undefined) return days;
  const every = wish.every ?? 'week';
  const from = dayText((dayNumber(last) ?? 0) + STEP[every]);
  const next = daysOf({ every, from, notOn: wish.notOn, rounds: 1 });
  return [...days.slice(0, at), ...days.slice(at + 1), ...next];
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
