import type { LivePerson, Room, Session } from '@/services/rooms/contract';

/** Whoever has not come after so long is told as late. */
const LATE_MS = 60_000;

/** What needs the teacher, most urgent first. */
export type Need =
  | { readonly kind: 'asking'; readonly room: Room }
  | { readonly kind: 'alone'; readonly room: Room; readonly person: LivePerson }
  | { readonly kind: 'dropped'; readonly room: Room; readonly person: LivePerson }
  | { readonly kind: 'late'; readonly room: Room; readonly person: LivePerson };

export interface Count {
  readonly here: number;
  readonly of: number;
}

/** A person with what is to be seen of them: a service that does not watch who comes counts them as there. */
export function presenceOf({ presence = 'here' }: LivePerson): NonNullable<LivePerson['presence']> {
  return presence;
}

/** Whether somebody is one of the students: staff walk about. */
function isStudent({ role }: LivePerson): boolean {
  return role !== 'staff';
}

export function studentsOf({ people = [] }: Room): readonly LivePerson[] {
  return people.filter(isStudent);
}

export function countOf(rooms: readonly Room[]): Count {
  const people = rooms.flatMap(studentsOf);
  return { here: people.filter((one) => presenceOf(one) === 'here').length, of: people.length };
}

/** When the rooms were opened, in ms; null where the service does not tell. */
export function openedAt(session: Session): number | null {
  const { endsAt, minutes, state } = session;
  if (session.openedAt) return Date.parse(session.openedAt);
  if (state !== 'open' || !endsAt || minutes == null) return null;
  return Date.parse(endsAt) - minutes * 60_000;
}

/** The minutes since the opening that give so many more from a moment of the service's clock on, in ms. */
export function minutesUntil(session: Session, now: number, more: number): number {
  const opened = openedAt(session);
  if (opened === null) return (session.minutes ?? 0) + more;
  return Math.ceil((now - opened) / 60_000) + more;
}

/** What needs the teacher at a moment of the service's clock, in ms; nothing while rooms are not open. */
export function needsOf(session: Session, now: number): readonly Need[] {
  if (session.state !== 'open') return [];
  const opened = openedAt(session) ?? 0;
  const needs: Need[] = [];
  for (const room of session.rooms) {
    if (room.asking) needs.push({ kind: 'asking', room });
    const people = studentsOf(room);
    const here = people.filter((one) => presenceOf(one) === 'here');
    const [alone] = here;
    const long = alone && now - Math.max(opened, sinceOf(alone)) > LATE_MS;
    if (alone && here.length === 1 && people.length > 1 && long) {
      needs.push({ kind: 'alone', room, person: alone });
    }
    for (const person of people) {
      const presence = presenceOf(person);
      const late = presence === 'waiting' && now - Math.max(opened, sinceOf(person)) > LATE_MS;
      if (presence === 'dropped') needs.push({ kind: 'dropped', room, person });
      else if (late) needs.push({ kind: 'late', room, person });
    }
  }
  return [...needs].sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind));
}

const ORDER: readonly Need['kind'][] = ['asking', 'alone', 'dropped', 'late'];

function sinceOf({ since }: LivePerson): number {
  return since === undefined ? 0 : Date.parse(since);
}

/** Rooms, those that were visited longest ago first; never visited ones before all. */
export function byVisit(
  rooms: readonly Room[],
  visits: Readonly<Record<string, number>>,
): readonly Room[] {
  return [...rooms].sort((a, b) => (visits[a.id] ?? 0) - (visits[b.id] ?? 0));
}
