import * as z from 'zod/mini';
import { RoomPerson, SessionRequest } from '../services/rooms/contract';
import {
  isOfType,
  jsonOf,
  LARGEST_BODY,
  Refused,
  reply,
  Standin,
  type Ask,
  type Directory,
  type Reply,
} from './http';

interface RoomState {
  readonly id: string;
  readonly name: string;
  people: RoomPerson[];
}
export interface SessionState {
  readonly id: string;
  readonly name: string;
  readonly rooms: RoomState[];
  state: 'made' | 'open' | 'closed';
  minutes: number | null;
  readonly messages: { readonly text: string; readonly rooms: readonly string[] | null }[];
}
interface TokenState {
  readonly sessions: Map<string, SessionState>;
  /** Idempotency key → what was asked with it, and the answer. */
  readonly done: Map<string, { readonly asked: string; readonly reply: Reply }>;
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
  ) {
    super(directoryFor);
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
      return once(ask, state, () => this.open(ask, state, known));
    }
    const [, sessions, id = '', part, roomId, people] = path.split('/');
    const session = state.sessions.get(decodeURIComponent(id));
    if (sessions !== 'sessions' || !session) return problem(404, 'There is no such session.');
    switch (`${method} ${[part, roomId && 'ID', people].filter(Boolean).join('/')}`) {
      case 'GET ':
        return reply(200, sessionBody(session));
      case 'PATCH ':
        return extend(ask, session);
      case 'POST open':
        session.state = 'open';
        return reply(204);
      case 'POST close':
        session.state = 'closed';
        return reply(204);
      case 'POST moves':
        return once(ask, state, () => move(ask, session));
      case 'POST messages':
        return once(ask, state, () => say(ask, session));
      case 'POST rooms':
        return once(ask, state, () => this.addRoom(ask, state, session));
      case 'POST rooms/ID/people':
        return once(ask, state, () =>
          this.letIn(ask, roomIn(session, decodeURIComponent(roomId ?? '')), known),
        );
      default:
        return problem(404, 'There is nothing here.');
    }
  }

  private open(ask: Ask, state: TokenState, known: ReadonlySet<string>): Reply {
    const { name, rooms, minutes } = read(ask, SessionRequest);
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
    const session: SessionState = {
      ...{ id: `s${state.next++}`, name, state: 'made', minutes, messages: [] },
      rooms: rooms.map((room) => ({
        id: `r${state.next++}`,
        name: room.name,
        people: [...room.people],
      })),
    };
    state.sessions.set(session.id, session);
    // In an order of its own: rooms are told apart by name.
    const body = sessionBody(session);
    return reply(201, { ...body, rooms: [...body.rooms].reverse() });
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

  private addRoom(ask: Ask, state: TokenState, session: SessionState): Reply {
    const { name } = read(ask, z.object({ name: z.string(), people: z.array(RoomPerson) }));
    if (session.rooms.length >= this.limits.rooms) {
      return problem(422, `A session has ${this.limits.rooms} rooms at most.`);
    }
    const room: RoomState = { id: `r${state.next++}`, name, people: [] };
    session.rooms.push(room);
    return reply(201, roomBody(room));
  }

  private letIn(ask: Ask, room: RoomState, known: ReadonlySet<string>): Reply {
    const { people } = read(ask, z.object({ people: z.array(RoomPerson) }));
    const errors = this.errorsIn(people, known, new Set(), '#/people');
    if (errors.length > 0) return problem(422, 'Some people cannot be let in.', { errors });
    room.people.push(...people);
    return reply(204);
  }
}

/** The same answer for the same key and body; another body with a key that was used is refused. */
function once(ask: Ask, state: TokenState, work: () => Reply): Reply {
  const key = ask.headers['idempotency-key'] ?? '';
  if (key === '' || key.length > 255) return problem(400, 'An Idempotency-Key is needed.');
  const asked = `${ask.path} ${ask.body}`;
  const before = state.done.get(key);
  if (before) return before.asked === asked ? before.reply : problem(422, 'This key was used.');
  const answer = work();
  state.done.set(key, { asked, reply: answer });
  return answer;
}

function move(ask: Ask, session: SessionState): Reply {
  const { moves } = read(
    ask,
    z.object({ moves: z.array(z.object({ email: z.string(), to: z.string() })) }),
  );
  const targets = moves.map(({ to }) => roomIn(session, to));
  moves.forEach(({ email }, at) => {
    const lower = email.toLowerCase();
    for (const room of session.rooms) {
      const person = room.people.find((one) => one.email.toLowerCase() === lower);
      if (!person) continue;
      room.people = room.people.filter((one) => one !== person);
      targets[at]?.people.push(person);
      return;
    }
  });
  return reply(204);
}

function say(ask: Ask, session: SessionState): Reply {
  const shape = z.object({ text: z.string(), rooms: z.optional(z.array(z.string())) });
  const { text, rooms = null } = read(ask, shape);
  session.messages.push({ text, rooms });
  return reply(204);
}

function extend(ask: Ask, session: SessionState): Reply {
  const { minutes } = read(ask, z.object({ minutes: z.number().check(z.gt(0)) }), [
    'application/merge-patch+json',
    'application/json',
  ]);
  session.minutes = minutes;
  return reply(200, sessionBody(session));
}

function roomIn({ rooms }: SessionState, id: string): RoomState {
  const room = rooms.find((one) => one.id === id);
  if (!room) throw new Refused(problem(404, 'There is no such room.'));
  return room;
}

function read<T>(ask: Ask, shape: z.ZodMiniType<T>, types = ['application/json']): T {
  if (!isOfType(ask, types)) throw new Refused(problem(415, `Send ${types.join(' or ')}.`));
  if (ask.body.length > LARGEST_BODY) throw new Refused(problem(413, 'This is too large.'));
  const given = shape.safeParse(jsonOf(ask));
  if (given.success) return given.data;
  const errors = given.error.issues.map(({ path, message }) => ({
    detail: message,
    pointer: `#/${path.map(String).join('/')}`,
  }));
  throw new Refused(problem(400, 'This is not what is asked for here.', { errors }));
}

function sessionBody({ id, name, rooms, state, minutes }: SessionState) {
  return { id, name, state, minutes, rooms: rooms.map(roomBody) };
}

function roomBody({ id, name, people }: RoomState) {
  return { id, name, link: `https://rooms.example.org/${id}`, people: [...people] };
}

function problem(status: number, detail: string, more: object = {}): Reply {
  return reply(
    status,
    { type: 'about:blank', title: detail, status, detail, ...more },
    { 'Content-Type': 'application/problem+json' },
  );
}
