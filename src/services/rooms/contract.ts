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

export const Room = z.object({
  id: z.string(),
  name: z.string(),
  link: z.optional(z.nullable(z.string())),
  people: z.optional(z.array(z.object({ name: z.optional(z.string()), email: z.string() }))),
});
export type Room = z.infer<typeof Room>;

/** What `POST /sessions` and `GET /sessions/ID` answer. */
export const Session = z.object({ id: z.string(), rooms: z.array(Room) });
export type Session = z.infer<typeof Session>;

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
