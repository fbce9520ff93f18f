import * as z from 'zod/mini';

export { CHOICE_REFUSALS, OPEN_ROOT, SEATS_ROOT, type ChoiceRefusal } from './plain';

/** What students are asked for: to sit, to name partners, or to rank topics. */
export const SEAT_KINDS = ['seats', 'partners', 'topics'] as const;
export type SeatKind = (typeof SEAT_KINDS)[number];

export const MOST_PEOPLE = 5_000;
export const MOST_GROUPS = 500;
const ID = z.string().check(z.regex(/^[\w-]{1,40}$/));
const NAME = z.string().check(z.minLength(1), z.maxLength(200));
const TEXT = z.string().check(z.maxLength(2_000));
const COUNT = z.int().check(z.gte(0), z.lte(MOST_PEOPLE));
/** RFC 3339, with any offset. */
const MOMENT = z.iso.datetime({ offset: true });

export const GroupRequest = z.object({
  id: ID,
  name: NAME,
  /** Which sign stands for the group, counted from 0. */
  sign: z.int().check(z.gte(0), z.lte(100_000)),
  topic: TEXT,
  seats: COUNT,
});
export type GroupRequest = z.infer<typeof GroupRequest>;

export const PersonRequest = z.object({
  /** Of this session alone: it tells nothing about the person elsewhere. */
  id: ID,
  name: NAME,
  /** Typed from a slip. */
  pin: z.string().check(z.regex(/^\d{4,12}$/)),
  /** In the personal link; as good as a PIN, and not to be guessed. */
  secret: z.string().check(z.regex(/^[\w-]{20,64}$/)),
});
export type PersonRequest = z.infer<typeof PersonRequest>;

/** What `POST /sessions` takes. */
export const SeatsRequest = z.object({
  name: NAME,
  kind: z.enum(SEAT_KINDS),
  groups: z.array(GroupRequest).check(z.maxLength(MOST_GROUPS)),
  people: z.array(PersonRequest).check(z.minLength(1), z.maxLength(MOST_PEOPLE)),
  /** When it closes by itself; null where it does not. */
  endsAt: z.nullable(MOMENT),
  mayChange: z.boolean(),
  namesSeen: z.boolean(),
  firstLeads: z.boolean(),
  /** Most partners named, or topics ranked. */
  most: z.int().check(z.gte(1), z.lte(50)),
  /**
   * Each choice waits until the teacher's side has said anew which groups are closed to whom, and neither places left nor
   * others' names are told: nothing can be read off what changes.
   */
  guarded: z.boolean(),
});
export type SeatsRequest = z.infer<typeof SeatsRequest>;

export const SEATS_STATES = ['open', 'paused', 'closed'] as const;
export type SeatsState = (typeof SEATS_STATES)[number];

/** What of a session a teacher changes while it runs. */
export const SeatsPatch = z.object({
  state: z.optional(z.enum(SEATS_STATES)),
  endsAt: z.optional(z.nullable(MOMENT)),
});
export type SeatsPatch = z.infer<typeof SeatsPatch>;

/** What `PUT /sessions/ID/closed` takes: person → groups closed to them; who is not named keeps theirs. */
export const Closures = z.object({
  /** The revision they were worked out from. */
  after: z.int(),
  closed: z.record(ID, z.array(ID)),
});
export type Closures = z.infer<typeof Closures>;

export const LOG_KINDS = [
  'came',
  'sat',
  'left',
  'turnedAway',
  'moved',
  'wished',
  'wrongPin',
  'locked',
] as const;
export const LogEntry = z.object({
  id: z.int(),
  at: MOMENT,
  what: z.enum(LOG_KINDS),
  person: ID,
  /** The group it is about; null for none. */
  group: z.nullable(ID),
});
export type LogEntry = z.infer<typeof LogEntry>;

/** Somebody as the teacher's side sees them. */
export const SeatPerson = z.object({
  id: ID,
  /** Null while in no group. */
  group: z.nullable(ID),
  /** Since when they sit there. */
  since: z.nullable(MOMENT),
  came: z.boolean(),
  /** Too many wrong PINs: no more are taken for now. */
  locked: z.boolean(),
  /** Persons named, or groups in their order. */
  wishes: z.array(ID),
});
export type SeatPerson = z.infer<typeof SeatPerson>;

/** A session as the teacher's side sees it; `GET /sessions/ID` tells the whole, an event only what changed. */
export const SeatsSession = z.object({
  id: z.string(),
  code: z.string(),
  state: z.enum(SEATS_STATES),
  endsAt: z.nullable(MOMENT),
  /** Grows with every change of seats. */
  revision: z.int(),
  groups: z.array(z.object({ id: ID, seats: COUNT })),
  people: z.array(SeatPerson),
  log: z.array(LogEntry),
  /** The service's clock. */
  now: MOMENT,
  /** Id of the last event that this holds already. */
  lastEvent: z.string(),
});
export type SeatsSession = z.infer<typeof SeatsSession>;

/** What `GET /sessions/ID/events` tells as `changed`: whole things as they are after; `reset` says: read anew. */
export const SeatsEvent = z.object({
  revision: z.int(),
  state: z.enum(SEATS_STATES),
  endsAt: z.nullable(MOMENT),
  groups: z.array(z.object({ id: ID, seats: COUNT })),
  people: z.array(SeatPerson),
  log: z.array(LogEntry),
});
export type SeatsEvent = z.infer<typeof SeatsEvent>;

/** What anybody with the code is told. */
export const Door = z.object({
  name: z.string(),
  state: z.enum(SEATS_STATES),
  people: z.array(z.object({ id: z.string(), name: z.string() })),
});
export type Door = z.infer<typeof Door>;

/** A group as one student sees it. Full, and closed to them for whatever reason, are told alike to the byte. */
export const SeenGroup = z.object({
  id: z.string(),
  name: z.string(),
  sign: z.int(),
  topic: z.string(),
  open: z.boolean(),
  /** Places left; null where that is not told. */
  left: z.nullable(z.int()),
  /** Null where that is not told. */
  names: z.nullable(z.array(z.string())),
});
export type SeenGroup = z.infer<typeof SeenGroup>;

/** All that a student's page ever receives once somebody is known. */
export const SeenByStudent = z.object({
  session: z.string(),
  name: z.string(),
  /** What the student is called. */
  me: z.string(),
  kind: z.enum(SEAT_KINDS),
  state: z.enum(SEATS_STATES),
  endsAt: z.nullable(z.string()),
  now: z.string(),
  mayChange: z.boolean(),
  most: z.int(),
  /** The group they sit in. */
  group: z.nullable(z.string()),
  leads: z.boolean(),
  groups: z.array(SeenGroup),
  wishes: z.array(z.string()),
  /** Whom they may name, themselves left out; empty where nobody is asked to. */
  people: z.array(z.object({ id: z.string(), name: z.string() })),
});
export type SeenByStudent = z.infer<typeof SeenByStudent>;

export const Choice = z.object({ group: z.nullable(ID) });
export const Wishes = z.object({ wishes: z.array(ID).check(z.maxLength(50)) });
export const Entry = z.object({ person: ID, pin: z.string().check(z.maxLength(12)) });
export const Entered = z.object({ token: z.string() });
