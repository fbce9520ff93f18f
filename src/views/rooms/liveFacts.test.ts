import type { LivePerson, Room, Session } from '@/services/rooms/contract';
import { byVisit, countOf, minutesUntil, needsOf } from './liveFacts';

const OPENED = Date.parse('2026-11-26T10:00:00Z');
const at = (seconds: number): string => new Date(OPENED + seconds * 1000).toISOString();

/** A person written as "ana here 30": since so many seconds after the opening. */
const person = (text: string): LivePerson => {
  const [name = '', presence, since = '0'] = text.split(' ');
  const known = presence as LivePerson['presence'];
  return { name, email: `${name}@example.org`, presence: known, since: at(Number(since)) };
};
const room = (id: string, ...people: readonly string[]): Room => ({
  ...{ id, name: id },
  people: people.map(person),
});
const session = (...rooms: readonly Room[]): Session => ({
  ...{ id: 's1', rooms: [...rooms], state: 'open', minutes: 20, endsAt: at(1200) },
});
const told = (live: Session, seconds: number): string[] =>
  needsOf(live, OPENED + seconds * 1000).map((need) =>
    [need.kind, need.room.id, 'person' in need ? need.person.name : ''].join(' ').trim(),
  );

test('who asks comes first, then who is alone, who dropped out, and who is late', () => {
  const live = session(room('r1', 'ana here', 'bo waiting', 'caro dropped 50'), {
    ...room('r2', 'dov here', 'eli here'),
    asking: true,
  });
  expect(told(live, 90)).toEqual(['asking r2', 'alone r1 ana', 'dropped r1 caro', 'late r1 bo']);
});

test('in the first minute nobody is late or alone, and who was let in later has a minute of their own', () => {
  const live = session(room('r1', 'ana here', 'bo waiting'));
  expect(told(live, 30)).toEqual([]);
  expect(told(session(room('r1', 'ana waiting 100', 'bo here', 'caro here')), 150)).toEqual([]);
});

test('staff and services that do not watch raise no alarm, and closed rooms need nobody', () => {
  const staff = { ...person('oda waiting'), role: 'staff' };
  const plain: Room = { id: 'r1', name: 'r1', people: [{ email: 'ana@example.org' }, staff] };
  expect(told(session(plain), 500)).toEqual([]);
  expect(countOf([plain])).toEqual({ here: 1, of: 1 });
  expect(told({ ...session(room('r1', 'ana waiting')), state: 'closed' }, 500)).toEqual([]);
});

test('the room that was visited longest ago is next, one never visited before all', () => {
  const rooms = ['r1', 'r2', 'r3'].map((id) => room(id));
  expect(byVisit(rooms, { r1: 5, r3: 2 }).map(({ id }) => id)).toEqual(['r2', 'r3', 'r1']);
});

test('five minutes more from now count from the opening, also where the rooms were closed early', () => {
  const closing: Session = { ...session(), state: 'closing', openedAt: at(0), endsAt: at(70) };
  expect(minutesUntil(closing, OPENED + 80_000, 5)).toBe(7);
  expect(minutesUntil({ ...closing, openedAt: null }, OPENED + 80_000, 5)).toBe(25);
});
