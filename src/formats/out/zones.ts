const MINUTE_MS = 60_000;
const DAY_MS = 24 * 60 * MINUTE_MS;
/** Far enough to either side of an event to meet the changes of the clock around it. */
const AROUND_DAYS = 400;

/** The zone's clock ahead of UTC at a moment, in minutes. */
function offsetAt(zone: string, moment: number): number {
  const clock = clockOf(zone);
  const parts = Object.fromEntries(
    clock.formatToParts(moment).map(({ type, value }) => [type, Number(value)]),
  );
  const { year = 0, month = 1, day = 1, hour = 0, minute = 0, second = 0 } = parts;
  const shown = Date.UTC(year, month - 1, day, hour, minute, second);
  return Math.round((shown - Math.floor(moment / 1000) * 1000) / MINUTE_MS);
}

const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(zone: string): Intl.DateTimeFormat {
  const known = clocks.get(zone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-u-ca-iso8601-nu-latn', {
    ...{ timeZone: zone, hourCycle: 'h23', year: 'numeric', month: '2-digit', day: '2-digit' },
    ...{ hour: '2-digit', minute: '2-digit', second: '2-digit' },
  });
  clocks.set(zone, clock);
  return clock;
}

/** When the zone's clock shows what `local` says as if it were UTC; of a time that is left out, by the clock before. */
export function momentOf(zone: string, local: number): number {
  const before = offsetAt(zone, local - DAY_MS);
  const guess = local - before * MINUTE_MS;
  return offsetAt(zone, guess) === before ? guess : afterChange(zone, local, guess);
}

function afterChange(zone: string, local: number, guess: number): number {
  const second = local - offsetAt(zone, guess) * MINUTE_MS;
  const shown = second + offsetAt(zone, second) * MINUTE_MS;
  return shown === local ? second : guess;
}

interface Change {
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** Changes of the clock within 400 days of a moment, found day by day and then to the minute. */
function changesAround(zone: string, moment: number): readonly Change[] {
  const changes: Change[] = [];
  const start = moment - AROUND_DAYS * DAY_MS;
  let from = offsetAt(zone, start);
  for (let day = 1; day <= 2 * AROUND_DAYS; day++) {
    const to = offsetAt(zone, start + day * DAY_MS);
    if (to === from) continue;
    let [low, high] = [start + (day - 1) * DAY_MS, start + day * DAY_MS];
    while (high - low > MINUTE_MS) {
      const middle = low + Math.floor((high - low) / 2 / MINUTE_MS) * MINUTE_MS;
      if (offsetAt(zone, middle) === from) low = middle;
      else high = middle;
    }
    changes.push({ at: high, from, to });
    from = to;
  }
  return changes;
}

/** The zone as a calendar tells it around a moment (RFC 5545, 3.6.5): one part for each change of the clock. */
export function zoneLines(zone: string, moment: number): readonly string[] {
  // Changes fall on whole minutes; the search does too when it starts on one.
  const around = Math.floor(moment / MINUTE_MS) * MINUTE_MS;
  const changes = changesAround(zone, around);
  const first = changes[0]?.from ?? offsetAt(zone, around);
  const least = Math.min(first, ...changes.map(({ to }) => to));
  const part = (kind: string, start: string, from: number, to: number): readonly string[] => [
    `BEGIN:${kind}`,
    `DTSTART:${start}`,
    `TZOFFSETFROM:${offset(from)}`,
    `TZOFFSETTO:${offset(to)}`,
    `END:${kind}`,
  ];
  const kindOf = (to: number): string => (to > least ? 'DAYLIGHT' : 'STANDARD');
  return [
    'BEGIN:VTIMEZONE',
    `TZID:${zone}`,
    ...part(kindOf(first), '19700101T000000', first, first),
    ...changes.flatMap(({ at, from, to }) =>
      part(kindOf(to), basic(at + from * MINUTE_MS), from, to),
    ),
    'END:VTIMEZONE',
  ];
}

function offset(minutes: number): string {
  const size = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}${two(size % 60)}`;
}

function two(number: number): string {
  return String(number).padStart(2, '0');
}

/** Date and time in basic form, of milliseconds as if they were UTC. */
export function basic(ms: number): string {
  return new Date(ms).toISOString().replace(/[-:]|\.\d+Z$/g, '');
}

/** Whether the zone's clock is UTC's. */
export function isUtc(zone: string): boolean {
  return /^(?:Etc\/)?(?:UTC|UCT|Universal|Zulu|GMT)$/i.test(zone);
}
