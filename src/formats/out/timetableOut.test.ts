import ICAL from 'ical.js';
import { timetableCalendar, timetableCsv, type Meeting } from './timetableOut';

const meeting: Meeting = {
  ...{ key: 'l_1 0', group: 'Alder', adult: 'Maren Oyelaran', period: 'Tuesday late' },
  ...{ room: 'Room 4, east', skills: ['maps', 'flow'], students: ['Amira Haddad', '=Bo'] },
  ...{ day: 2, from: '13:30', to: '14:10' },
};
const HEADINGS = {
  ...{ adult: 'Adult', period: 'Time', group: 'Group' },
  ...{ room: 'Room', skills: 'Skills', students: 'Students' },
};

/** The events of a calendar as an independent parser reads them. */
async function eventsOf(meetings: readonly Meeting[], from: string, weeks: number) {
  const { content } = await timetableCalendar(meetings, from, weeks);
  const calendar = new ICAL.Component(ICAL.parse(String(content)) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
}

test('a meeting is at its hours on the first such day, every week for as long as is asked', async () => {
  const [event] = await eventsOf([meeting], '2026-11-27', 3);
  expect(event?.startDate.toString()).toBe('2026-12-01T13:30:00');
  expect(event?.endDate.toString()).toBe('2026-12-01T14:10:00');
  expect([event?.summary, event?.location]).toEqual(['Alder, Maren Oyelaran', 'Room 4, east']);
  expect(event?.description).toBe('maps, flow\nAmira Haddad\n=Bo');
  const days = event!.iterator();
  // Past the last there is none, whatever the package's types say.
  const next = (): string | undefined => (days.next() as ICAL.Time | null)?.toString();
  const all = [next(), next(), next(), next()];
  expect(all).toEqual([
    ...['2026-12-01T13:30:00', '2026-12-08T13:30:00', '2026-12-15T13:30:00', undefined],
  ]);
});

test('the day itself counts; without hours it is the whole day, without a day it is in no calendar', async () => {
  const events = await eventsOf(
    [
      { ...meeting, day: 5 },
      { ...meeting, key: 'b', day: 0, from: null, to: null },
      { ...meeting, key: 'c', day: null, from: null, to: null },
    ],
    '2026-11-27',
    1,
  );
  expect(events.map(({ startDate }) => startDate.toString())).toEqual([
    '2026-11-27T13:30:00',
    '2026-11-29',
  ]);
});

test('as a table every group has a row, and no cell is a formula', async () => {
  const { content } = await timetableCsv([{ ...meeting, group: '=Alder' }], HEADINGS);
  const [heading, row] = String(content).replace('\ufeff', '').split('\r\n');
  expect(heading).toBe('Adult,Time,Group,Room,Skills,Students');
  expect(row).toMatch(
    /^Maren Oyelaran,Tuesday late,['\t ]*=Alder|^Maren Oyelaran,Tuesday late,"?'=Alder/,
  );
});
