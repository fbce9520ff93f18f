import * as z from 'zod/mini';
import { RoomPerson, SessionRequest } from '../../services/rooms/contract';
import { Refused, reply, Standin, type Ask, type Directory, type Reply } from '../http';
import { once, problem, read, type Done } from '../problems';
import { LiveState, type RoomState } from './state';

interface TokenState {
  readonly sessions: Map<string, LiveState>;
  readonly done: Done;
  next: number;
}

export interface RoomLimits {
  readonly rooms: number;
  /** Most people in a room. */
  readonly people: number;
}

/** A stand-in for a service of rooms (`docs/handoff.md`), with problem details (RFC 9457) for whatever it refuses. */
export class Rooms extends Standin<TokenState> {
  constructor(
    directoryFor: (token: string) => Directory | null,
    private readonly limits: RoomLimits = { rooms: 300, people: 50 },
    now?: () => number,
    /** How many times faster than usual people are. */
    private readonly pace = () => 1,
    /** Where a room is to be looked at. */
    private readonly linkOf: (session: string, room: string) => string = (_, room) =>
      `https://rooms.example.org/${room}`,
  ) {
    super(directoryFor, now);
  }

  protected begin(): TokenState {
    return { sessions: new Map(), done: new Map(), next: 1 };
  }

  protected unknownToken(): Reply {
    return problem(401, 'The token is not known.');
  }

  protected answer(ask: Ask, state: TokenState, directory: Directory): Reply {
    const known = new Set(directory.map(({ email }) => email.toLowerCase()));
    const { method, path } = ask;
    if (method === 'POST' && path === '/sessions') {
      return once(ask, state.done, () => this.open(ask, state, known));
    }
    if (method === 'GET' && path === '/sessions') return this.list(state);
    const [, sessions, id = '', part, roomId, inside] = path.split('/');
    const session = state.sessions.get(decodeURIComponent(id));
    if (sessions !== 'sessions' || !session) return problem(404, 'There is no such session.');
    session.advance(this.now());
    const room = (): RoomState => roomIn(session, decodeURIComponent(roomId ?? ''));
    switch (`${method} ${[part, roomId && 'ID', inside].filter(Boolean).join('/')}`) {
      case 'GET ':
        return bodyFor(session, ask.query.get('as'));
      case 'PATCH ':
        return extend(ask, session);
      case 'GET events':
        return this.events(ask, session);
      case 'POST open':
        session.open();
        return reply(204);
      case 'POST close':
        session.close();
        return reply(204);
      case 'POST moves':
        return once(ask, state.done, () => move(ask, session));
      case 'POST messages':
        return once(ask, state.done, () => say(ask, session));
      case 'POST rooms':
        return once(ask, state.done, () => this.addRoom(ask, session));
      case 'DELETE rooms/ID':
        return remove(session, room());
      case 'POST rooms/ID/people':
        return once(ask, state.done, () => this.letIn(ask, session, room(), known));
      case 'POST rooms/ID/visits':
        session.visit(room());
        return reply(204);
      default:
        return problem(404, 'There is nothing here.');
    }
  }

  /** What there is, for whoever looks at the stand-in itself. */
  private list({ sessions }: TokenState): Reply {
    const all = [...sessions.values()];
    all.forEach((session) => session.advance(this.now()));
    return reply(200, { sessions: all.map((session) => session.body()) });
  }

  private open(ask: Ask, state: TokenState, known: ReadonlySet<string>): Reply {
    const request = read(ask, SessionRequest);
    const { rooms } = request;
    if (rooms.length > this.limits.rooms) {
      return problem(422, `A session has ${this.limits.rooms} rooms at most.`, {
        limit: this.limits.rooms,
      });
    }
    const seen = new Set<string>();
    const errors = rooms.flatMap((room, at) =>
      this.errorsIn(room.people, known, seen, `#/rooms/${at}/people`),
    );
    if (errors.length > 0) return problem(422, 'Some people cannot be let in.', { errors });
    const id = `s${state.next++}`;
    const session = new LiveState(id, request, this.now(), this.linkOf, this.pace);
    state.sessions.set(id, session);
    // In an order of its own: rooms are told apart by name.
    const body = session.body();
    return reply(201, { ...body, rooms: [...body.rooms].reverse() });
  }

  /** What happens from now on, or from the last event that was seen (`Last-Event-ID`). */
  private events({ headers }: Ask, session: LiveState): Reply {
    const last = headers['last-event-id'];
    let seen = last === undefined ? Number(session.body().lastEvent) : Number(last);
    const stream = (): string => {
      session.advance(this.now());
      const news = session.since(Number.isInteger(seen) ? seen : -1);
      seen = news.at(-1)?.id ?? seen;
      return news
        .map(
          ({ id, told }) =>
            `id: ${id}\nevent: ${told.event}\ndata: ${JSON.stringify(told.data)}\n\n`,
        )
        .join('');
    };
    return { ...reply(200, null, { 'Content-Type': 'text/event-stream' }), stream };
  }

  private errorsIn(
    people: readonly RoomPerson[],
    known: ReadonlySet<string>,
    seen: Set<string>,
    at: string,
  ): readonly object[] {
    return people.flatMap(({ email }, place) => {
      const address = email.toLowerCase();
      const detail = !known.has(address)
        ? `${email} is not known here.`
        : seen.has(address)
          ? `${email} is in another room.`
          : place >= this.limits.people
            ? `A room holds ${this.limits.people} people.`
            : null;
      seen.add(address);
      return detail === null ? [] : [{ detail, pointer: `${at}/${place}/email` }];
    });
  }

  private addRoom(ask: Ask, session: LiveState): Reply {
    const { name } = read(ask, z.object({ name: z.string(), people: z.array(RoomPerson) }));
    if (session.rooms.length >= this.limits.rooms) {
      return problem(422, `A session has ${this.limits.rooms} rooms at most.`);
    }
    return reply(201, session.roomBody(session.addRoom(name)));
  }

  private letIn(ask: Ask, session: LiveState, room: RoomState, known: ReadonlySet<string>): Reply {
    const { people } = read(ask, z.object({ people: z.array(RoomPerson) }));
    const errors = this.errorsIn(people, known, new Set(), '#/people');
    if (errors.length > 0) return problem(422, 'Some people cannot be let in.', { errors });
    session.letIn(room, people);
    return reply(204);
  }
}

/** The session, or with `as` what this person sees of it: their own room, and what was said there. */
function bodyFor(session: LiveState, as: string | null): Reply {
  const body = session.body();
  if (as === null) return reply(200, body);
  const mine = body.rooms.find(({ people }) =>
    people?.some(({ email }) => email.toLowerCase() === as.toLowerCase()),
  );
  if (!mine) return problem(404, 'They are in no room of this session.');
  const messages = body.messages?.filter(({ rooms }) => rooms?.includes(mine.id) ?? true);
  return reply(200, { ...body, rooms: [mine], messages });
}

function move(ask: Ask, session: LiveState): Reply {
  const { moves } = read(
    ask,
    z.object({ moves: z.array(z.object({ email: z.string(), to: z.string() })) }),
  );
  const targets = moves.map(({ to }) => roomIn(session, to));
  const inside = new Set(
    session.rooms.flatMap(({ people }) => people.map(({ email }) => email.toLowerCase())),
  );
  const errors = moves.flatMap(({ email }, at) =>
    inside.has(email.toLowerCase())
      ? []
      : [{ detail: `${email} is in no room.`, pointer: `#/moves/${at}/email` }],
  );
  if (errors.length > 0) return problem(422, 'Some people cannot be moved.', { errors });
  moves.forEach(({ email }, at) => session.move(email, targets[at] as RoomState));
  return reply(204);
}

function remove(session: LiveState, room: RoomState): Reply {
  if (room.people.length > 0) return problem(409, 'Somebody is in this room.');
  session.removeRoom(room);
  return reply(204);
}

function say(ask: Ask, session: LiveState): Reply {
  const shape = z.object({ text: z.string(), rooms: z.optional(z.array(z.string())) });
  const { text, rooms = null } = read(ask, shape);
  rooms?.forEach((id) => roomIn(session, id));
  session.say(text, rooms);
  return reply(204);
}

function extend(ask: Ask, session: LiveState): Reply {
  const { minutes } = read(ask, z.object({ minutes: z.number().check(z.gt(0)) }), [
    'application/merge-patch+json',
    'application/json',
  ]);
  if (session.state === 'closed') return problem(409, 'The rooms are closed.');
  session.setMinutes(minutes);
  return reply(200, session.body());
}

function roomIn({ rooms }: LiveState, id: string): RoomState {
  const room = rooms.find((one) => one.id === id);
  if (!room) throw new Refused(problem(404, 'There is no such room.'));
  return room;
}
