import {
  EVENTS,
  MadeSession,
  Session,
  type EventName,
  type LiveEvent,
  type Room,
} from './contract';

/** A session out of an answer: with all it tells, or where that is told otherwise, with who is in which room. */
export function readSession(body: unknown): Session {
  const read = Session.safeParse(body);
  return read.success ? read.data : MadeSession.parse(body);
}

/**
 * An event as it came over the line; null for one of another name, which tells us nothing. What is told otherwise than
 * here has the session read anew.
 */
export function readEvent(name: string, data: string): LiveEvent | null {
  if (!Object.hasOwn(EVENTS, name)) return null;
  const event = name as EventName;
  try {
    const read = EVENTS[event].safeParse(JSON.parse(data));
    if (read.success) return { event, data: read.data } as LiveEvent;
  } catch {
    // No JSON: as unreadable as any other shape.
  }
  return { event: 'reset', data: {} };
}

/** The session after an event, whether or not it held it already; null where it has to be read anew. */
export function afterEvent(session: Session, told: LiveEvent): Session | null {
  const { rooms } = session;
  switch (told.event) {
    case 'session':
      return { ...session, ...told.data };
    case 'room': {
      const there = rooms.some(({ id }) => id === told.data.id);
      const now = (room: Room): Room =>
        room.id === told.data.id ? { ...room, ...told.data } : room;
      return {
        ...session,
        rooms: there ? rooms.map(now) : [...rooms, { ...told.data, people: [] }],
      };
    }
    case 'roomGone':
      return { ...session, rooms: rooms.filter(({ id }) => id !== told.data.id) };
    case 'person': {
      const { room: roomId, person } = told.data;
      const address = person.email.toLowerCase();
      if (!rooms.some(({ id }) => id === roomId)) return null;
      return {
        ...session,
        rooms: rooms.map((room) => {
          const people = room.people ?? [];
          const at = people.findIndex(({ email }) => email.toLowerCase() === address);
          if (room.id === roomId) {
            return { ...room, people: at < 0 ? [...people, person] : people.with(at, person) };
          }
          return at < 0 ? room : { ...room, people: people.toSpliced(at, 1) };
        }),
      };
    }
    case 'message': {
      const before = session.messages ?? [];
      if (before.some(({ id }) => id === told.data.id)) return session;
      return { ...session, messages: [...before, told.data] };
    }
    case 'reset':
      return null;
  }
}
