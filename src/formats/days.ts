/** The months as English writes them, whole or short: "Marks 5" is no day of March. */
const MONTHS = [
  ...['jan(?:uary)?', 'feb(?:ruary)?', 'mar(?:ch)?', 'apr(?:il)?', 'may', 'june?', 'july?'],
  ...['aug(?:ust)?', 'sept?(?:ember)?', 'oct(?:ober)?', 'nov(?:ember)?', 'dec(?:ember)?'],
];

/**
 * The day that a heading names, as YYYY-MM-DD: 2026-09-03, 3.9.2026, 3/9/26, 3 Sep, Thu 3 September 2026, Sep 3; null
 * where it names none. Of two numbers the first is the day where it can be. Without a year it is the last such day that
 * is not after `today`.
 */
export function dayIn(text: string, today: string): string | null {
  const iso = /(?<!\d)(\d{4})-(\d{1,2})-(\d{1,2})(?!\d)/.exec(text);
  if (iso) return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  // 3.9. and 3.9.2026 are days; 3.9 is as well a number.
  const figures =
    /(?<![\d.])(\d{1,2})(?:\.(\d{1,2})\.(\d{4}|\d{2})?|\/(\d{1,2})(?:\/(\d{4}|\d{2}))?)(?![\d.])/.exec(
      text,
    );
  if (figures) {
    const [one, two] = [Number(figures[1]), Number(figures[2] ?? figures[4])];
    const year = yearOf(figures[3] ?? figures[5]);
    return dated(two, one, year, today) ?? dated(one, two, year, today);
  }
  const word = `\\b(${MONTHS.join('|')})\\b\\.?`;
  const after = new RegExp(
    `(?<!\\d)(\\d{1,2})(?:st|nd|rd|th)?\\.?\\s+${word}(?:,?\\s+(\\d{4}))?`,
    'i',
  );
  const before = new RegExp(`${word}\\s+(\\d{1,2})(?:st|nd|rd|th)?(?!\\d)(?:,?\\s+(\\d{4}))?`, 'i');
  const [, day, name, year] = after.exec(text) ?? swapped(before.exec(text)) ?? [];
  if (day === undefined || name === undefined) return null;
  const month = MONTHS.findIndex((one) => new RegExp(`^${one}$`, 'i').test(name));
  return dated(month + 1, Number(day), yearOf(year), today);
}

function swapped(found: RegExpExecArray | null): readonly (string | undefined)[] | null {
  return found && [found[0], found[2], found[1], found[3]];
}

function yearOf(text: string | undefined): number | null {
  if (text === undefined) return null;
  return text.length === 2 ? 2000 + Number(text) : Number(text);
}

function dated(month: number, day: number, year: number | null, today: string): string | null {
  if (year !== null) return dayOf(year, month, day);
  const thisYear = Number(today.slice(0, 4));
  const now = dayOf(thisYear, month, day);
  return now !== null && now <= today ? now : dayOf(thisYear - 1, month, day);
}

/** Null for what is in no calendar, as the 31st of April. */
function dayOf(year: number, month: number, day: number): string | null {
  const two = (number: number): string => String(number).padStart(2, '0');
  const text = `${year}-${two(month)}-${two(day)}`;
  const ms = Date.parse(`${text}T00:00:00Z`);
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(text) ? text : null;
}

const DAY_MS = 86_400_000;
/** What comes round for ever is followed for so many years, and no event is longer than so many days. */
const MOST_YEARS = 3;
const MOST_DAYS = 120;
const MOST_EVENTS = 5_000;
const MOST_TIMES = 2_000;

/**
 * The days on which a calendar (RFC 5545) has something, from `from` on, sorted (YYYY-MM-DD); what comes round is
 * followed for three years. Null for what is no calendar. An event with a time counts on the days it touches.
 */
export async function daysInCalendar(
  text: string,
  from: string,
): Promise<readonly string[] | null> {
  const { default: ical } = await import('ical.js');
  const until = `${Number(from.slice(0, 4)) + MOST_YEARS}${from.slice(4)}`;
  const days = new Set<string>();
  try {
    const root = new ical.Component(ical.parse(text) as unknown[]);
    for (const component of root.getAllSubcomponents('vevent').slice(0, MOST_EVENTS)) {
      const event = new ical.Event(component);
      const times = event.iterator();
      for (let count = 0; count < MOST_TIMES; count++) {
        // At the end there is none, whatever its type says.
        const start = times.next() as ReturnType<typeof times.next> | undefined;
        if (!start || start.toString().slice(0, 10) > until) break;
        const { endDate } = event.getOccurrenceDetails(start);
        addDays(days, start.toString(), endDate.toString());
        if (!event.isRecurring()) break;
      }
    }
  } catch {
    return null;
  }
  return [...days].filter((day) => day >= from && day <= until).sort();
}

/** From the day of a start to that of an end, which itself counts only where it has a time after midnight. */
function addDays(days: Set<string>, start: string, end: string): void {
  const first = Date.parse(`${start.slice(0, 10)}T00:00:00Z`);
  const last = Date.parse(`${end.slice(0, 10)}T00:00:00Z`);
  const inLast = /T(?!00:00:00)/.test(end);
  for (let ms = first; ms < last || (ms === last && (inLast || first === last)); ms += DAY_MS) {
    if (ms - first > MOST_DAYS * DAY_MS) return;
    days.add(new Date(ms).toISOString().slice(0, 10));
  }
}
