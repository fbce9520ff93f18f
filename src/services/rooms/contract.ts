import * as z from 'zod/mini';

/** Where the rooms of a service are, below the address that a teacher enters. */
export const ROOMS_ROOT = '/rooms/v1';

export const RoomPerson = z.object({
  name: z.string(),
  email: z.string(),
  role: z.enum(['student', 'lead', 'staff']),
});
export type RoomPerson = z.infer<typeof RoomPerson>;

/** What `POST /sessions` takes. */
export const SessionRequest = z.object({
  name: z.string(),
  rooms: z.array(z.object({ name: z.string(), people: z.array(RoomPerson) })),
  moveIn: z.enum(['automatic', 'invited']),
  mayReturn: z.boolean(),
  minutes: z.nullable(z.number().check(z.gt(0))),
  warningSeconds: z.nullable(z.int().check(z.gte(0))),
  countdownSeconds: z.nullable(z.int().check(z.gte(0))),
});
export type SessionRequest = z.infer<typeof SessionRequest>;

/** RFC 3339, with any offset. */
const MOMENT = z.iso.datetime({ offset: true });

/** Where somebody is while rooms are open; `waiting` has not come yet, `dropped` was here and is gone. */
export const PRESENCES = ['waiting', 'onTheWay', 'here', 'dropped'] as const;
export type Presence = (typeof PRESENCES)[number];

/** Somebody in a room; a service that does not watch who comes leaves presence out. */
export const LivePerson = z.object({
  name: z.optional(z.string()),
  email: z.string(),
  role: z.optional(z.string()),
  presence: z.optional(z.enum(PRESENCES)),
  /** When that became so. */
  since: z.optional(MOMENT),
});
export type LivePerson = z.infer<typeof LivePerson>;

export const Room = z.object({
  id: z.string(),
  name: z.string(),
  link: z.optional(z.nullable(z.string())),
  /** Somebody there has asked for the teacher. */
  asking: z.optional(z.boolean()),
  people: z.optional(z.array(LivePerson)),
});
export type Room = z.infer<typeof Room>;

export const SESSION_STATES = ['made', 'open', 'closing', 'closed'] as const;
export type SessionState = (typeof SESSION_STATES)[number];

/** What of a session changes by itself or by a teacher; times are the service's own. */
export const SessionTime = z.object({
  state: z.optional(z.enum(SESSION_STATES)),
  minutes: z.optional(z.nullable(z.number())),
  openedAt: z.optional(z.nullable(MOMENT)),
  /** When the time is up; null while it does not run. */
  endsAt: z.optional(z.nullable(MOMENT)),
  /** When the rooms close, the countdown after the time included; null while that is not known. */
  closesAt: z.optional(z.nullable(MOMENT)),
  warningSeconds: z.optional(z.nullable(z.number())),
});
export type SessionTime = z.infer<typeof SessionTime>;

/** Something said in a session: by the teacher, or by somebody in a room to the teacher. */
export const RoomMessage = z.object({
  id: z.string(),
  text: z.string(),
  /** Ids of the rooms it was said to, or came from; null for all. */
  rooms: z.nullable(z.array(z.string())),
  at: MOMENT,
  /** Name of whoever wrote it; null for the teacher. */
  from: z.nullable(z.string()),
});
export type RoomMessage = z.infer<typeof RoomMessage>;

/** The least that `POST /sessions` and `GET /sessions/ID` answer: all that a hand-off rests on. */
export const MadeSession = z.object({
  id: z.string(),
  rooms: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      link: z.optional(z.nullable(z.string())),
      people: z.optional(z.array(z.object({ name: z.optional(z.string()), email: z.string() }))),
    }),
  ),
});
export type MadeSession = z.infer<typeof MadeSession>;

/** The same with all that a service tells of a session while it runs. */
export const Session = z.extend(SessionTime, {
  id: z.string(),
  rooms: z.array(Room),
  messages: z.optional(z.array(RoomMessage)),
  /** The service's clock at the time of the answer. */
  now: z.optional(MOMENT),
  /** Id of the last event that the answer already holds. */
  lastEvent: z.optional(z.string()),
});
export type Session = z.infer<typeof Session>;

/**
 * What `GET /sessions/ID/events` tells as `text/event-stream`: each event by its name, with its data as JSON. An event
 * tells a whole thing as it is after, so that it may come twice.
 */
export const EVENTS = {
  /** Somebody is in this room, and in no other, in this way. */
  person: z.object({ room: z.string(), person: LivePerson }),
  /** A room is new or another; who is in it is not told. */
  room: z.omit(Room, { people: true }),
  roomGone: z.object({ id: z.string() }),
  session: SessionTime,
  message: RoomMessage,
  /** What was missed is kept no more: the session has to be read anew. */
  reset: z.object({}),
} as const;
export type EventName = keyof typeof EVENTS;
export type LiveEvent = {
  [Name in EventName]: { readonly event: Name; readonly data: z.infer<(typeof EVENTS)[Name]> };
}[EventName];

/** Problem details (RFC 9457), with what is wrong by pointers into the request (RFC 6901). */
export const Problem = z.object({
  title: z.optional(z.string()),
  detail: z.optional(z.string()),
  limit: z.optional(z.number()),
  errors: z.optional(
    z.array(z.object({ detail: z.optional(z.string()), pointer: z.optional(z.string()) })),
  ),
});
export type Problem = z.infer<typeof Problem>;
