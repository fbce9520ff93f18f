import { dayIn, daysInCalendar } from './days';

const TODAY = '2026-11-27';

test.each([
  ['2026-09-03', '2026-09-03'],
  ['Week 1 (3.9.2026)', '2026-09-03'],
  ['3/9/26', '2026-09-03'],
  ['9/23/2026', '2026-09-23'],
  ['Thu 3 September', '2026-09-03'],
  ['Sep 3rd, 2025', '2025-09-03'],
  ['3 Dec', '2025-12-03'],
  ['27 Nov', '2026-11-27'],
  ['14.1.', '2026-01-14'],
  ['3/9', '2026-09-03'],
  ['May 4', '2026-05-04'],
  ['Sept. 3', '2026-09-03'],
  // Of two numbers the first is the day where it can be, and a day to come is one of last year.
  ['12/11', '2026-11-12'],
  ['28/11', '2025-11-28'],
  ['27/11', '2026-11-27'],
  ['3/9/2025', '2025-09-03'],
  ['31/12/26', '2026-12-31'],
  ['2nd of May, then May 4', '2026-05-04'],
  ['on 21st October, 2024', '2024-10-21'],
  ['January 5th', '2026-01-05'],
  ['1 june', '2026-06-01'],
])('"%s" names a day: %s', (text, day) => {
  expect(dayIn(text, TODAY)).toBe(day);
});

test.each([
  ...['Week 3', 'Group', 'Round 12', '31 April 2026', 'Room 2.30.1', 'Team of 4', ''],
  ...['Marks 5', 'Decision 1', '3 octaves', 'Task 1.2', 'Junior 4'],
  ...['2026-13-03', '12026-09-031', '123/4', '1.2.3.4', '13/13', 'May', '3 of them may'],
])('"%s" names no day, or none that there is', (text) => {
  expect(dayIn(text, TODAY)).toBeNull();
});

const calendar = (...events: readonly string[]): string =>
  [
    ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//y//EN'],
    ...events.flatMap((lines) => ['BEGIN:VEVENT', 'UID:x', ...lines.split('|'), 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');

test('days of a calendar: stretches end before their end, times count on the days they touch, the past is left out', async () => {
  const text = calendar(
    'DTSTART;VALUE=DATE:20261026|DTEND;VALUE=DATE:20261029',
    'DTSTART;VALUE=DATE:20261224',
    'DTSTART:20261130T090000|DTEND:20261201T100000',
    'DTSTART;VALUE=DATE:20250101',
  );
  expect(await daysInCalendar(text, '2026-09-01')).toEqual([
    ...['2026-10-26', '2026-10-27', '2026-10-28', '2026-11-30', '2026-12-01', '2026-12-24'],
  ]);
});

test('an event ends with its last minute: midnight is none of the next day, and none is longer than a term', async () => {
  const text = calendar(
    'DTSTART:20261130T090000|DTEND:20261201T000000',
    'DTSTART:20261210T090000|DTEND:20261210T090000',
    'DTSTART:20261212T000000|DTEND:20261212T000000',
    'DTSTART;VALUE=DATE:20270101|DTEND;VALUE=DATE:20280101',
  );
  const days = await daysInCalendar(text, '2026-09-01');
  expect(days?.slice(0, 4)).toEqual(['2026-11-30', '2026-12-10', '2026-12-12', '2027-01-01']);
  expect(days).toHaveLength(3 + 121);
  expect(days?.at(-1)).toBe('2027-05-01');
});

test('what comes round every year is followed, and for ever comes to an end', async () => {
  const text = calendar(
    'DTSTART;VALUE=DATE:20200101|RRULE:FREQ=YEARLY',
    'DTSTART;VALUE=DATE:20261101|RRULE:FREQ=DAILY;COUNT=3',
  );
  expect(await daysInCalendar(text, '2026-09-01')).toEqual([
    ...['2026-11-01', '2026-11-02', '2026-11-03', '2027-01-01', '2028-01-01', '2029-01-01'],
  ]);
});

test('what is no calendar is told as such, one without events has no days', async () => {
  expect(await daysInCalendar('Holidays: soon', TODAY)).toBeNull();
  expect(await daysInCalendar(calendar(), TODAY)).toEqual([]);
});
