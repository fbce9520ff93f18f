/** A time in the week as it was typed: a name, and the day and hours that it says. */
export interface PeriodRead {
  readonly name: string;
  /** 0 for Sunday; null where none is named. */
  readonly day: number | null;
  /** HH:MM; null where none is named. */
  readonly from: string | null;
  readonly to: string | null;
}

/** Week days as English writes them, whole or short, in their order from Sunday. */
const DAYS = [
  ...['sun(?:days?)?', 'mon(?:days?)?', 'tue(?:s(?:days?)?)?', 'wed(?:nes(?:days?)?)?'],
  ...['thu(?:r(?:s(?:days?)?)?)?', 'fri(?:days?)?', 'sat(?:ur(?:days?)?)?'],
];
const CLOCK = String.raw`(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?`;

/**
 * What a time of the week says: "Mon 8:45-9:25", "Thursday 2 pm", "Tue 3". One figure without a colon, am or pm is the
 * number of a lesson and no hour; an end before its beginning is none.
 */
export function readPeriod(text: string): PeriodRead {
  const name = text.trim().replace(/\s+/g, ' ');
  const day = DAYS.findIndex((word) => new RegExp(`(?<!\\p{L})${word}(?!\\p{L})`, 'iu').test(name));
  const span = new RegExp(`(?<!\\d)${CLOCK}\\s*(?:-|–|—|to|until)\\s*${CLOCK}(?!\\d)`, 'i').exec(
    name,
  );
  const alone = new RegExp(
    String.raw`(?<!\d)(\d{1,2})(?:[:.h](\d{2})\s*(am|pm)?|()\s*(am|pm))(?!\d)`,
    'i',
  ).exec(name);
  const spanSays = span !== null && [2, 3, 5, 6].some((at) => span[at] !== undefined);
  const from = spanSays
    ? clockOf(span[1], span[2], span[3] ?? span[6])
    : alone
      ? clockOf(alone[1], alone[2], alone[3] ?? alone[5])
      : null;
  const to = spanSays ? clockOf(span[4], span[5], span[6]) : null;
  return {
    ...{ name, from },
    day: day < 0 ? null : day,
    to: from !== null && to !== null && to > from ? to : null,
  };
}

function clockOf(
  hours: string | undefined,
  minutes: string | undefined,
  half: string | undefined,
): string | null {
  const noon = half?.toLowerCase() === 'pm' ? 12 : 0;
  const hour = half === undefined ? Number(hours) : (Number(hours) % 12) + noon;
  const minute = Number(minutes ?? 0);
  if (hour > 23 || minute > 59) return null;
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}
