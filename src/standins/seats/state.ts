import type {
  ChoiceRefusal,
  GroupRequest,
  LogEntry,
  SeatPerson,
  SeatsEvent,
  SeatsPatch,
  SeatsRequest,
  SeatsSession,
  SeatsState,
  SeenByStudent,
  SeenGroup,
} from '../../services/seats/contract';

/** What came of a choice; null where it was taken. */
export type Outcome = ChoiceRefusal | null;

interface Person {
  readonly id: string;
  readonly name: string;
  group: Group | null;
  /** Since when they sit, in ms; and the how manieth to sit down it was, so that two of one moment have an order. */
  since: number;
  turn: number;
  came: boolean;
  wrong: number;
  /** No PIN is taken before this moment. */
  lockedUntil: number;
  closed: ReadonlySet<string>;
  wishes: readonly string[];
}

interface Group extends GroupRequest {
  seats: number;
  /** In the order in which they sat down. */
  readonly members: Set<Person>;
}

interface Held {
  readonly person: Person;
  readonly group: string | null;
  readonly done: (outcome: Outcome) => void;
}

interface Changed {
  readonly id: number;
  readonly groups: readonly Group[];
  readonly people: readonly Person[];
  readonly log: readonly LogEntry[];
}

/** So many wrong PINs are taken one after the other; then none for a while, twice as long each time. */
export const PIN_TRIES = 5;
const FIRST_LOCK_MS = 30_000;
/** So many events, and lines of the log, are kept. */
const KEPT_EVENTS = 10_000;
const KEPT_LOG = 5_000;
const MOST_HELD = 5_000;

/** What is kept of a session in a file. */
export interface KeptSession {
  readonly id: string;
  readonly code: string;
  readonly request: SeatsRequest;
  readonly state: SeatsState;
  readonly endsAt: string | null;
  readonly revision: number;
  readonly people: readonly (SeatPerson & { readonly closed: readonly string[] })[];
  readonly log: readonly LogEntry[];
}

/**
 * One session of choosing on a clock that it is told. Choices are decided one after the other; in a guarded session each
 * waits until the teacher's side has said, of the seats as they are, which groups are closed to whom.
 */
export class SeatState {
  state: SeatsState = 'open';
  revision = 0;
  endsAt: number | null;
  readonly groups: Group[];
  private readonly people: ReadonlyMap<string, Person>;
  private readonly log: LogEntry[] = [];
  private readonly events: Changed[] = [];
  private held: Held[] = [];
  /** Of whom no PIN is taken for now. */
  private readonly locked = new Set<Person>();
  /** The revision that the closures were worked out from. */
  private settled = -1;
  private told = 0;
  private logged = 0;
  private turns = 0;
  private readonly listeners = new Set<() => void>();

  constructor(
    readonly id: string,
    readonly code: string,
    readonly request: SeatsRequest,
    private now: number,
  ) {
    this.groups = request.groups.map((group) => ({ ...group, members: new Set() }));
    this.people = new Map(
      request.people.map(({ id: one, name }) => [
        one,
        {
          ...{ id: one, name, group: null, since: 0, turn: 0, came: false, wrong: 0 },
          ...{ lockedUntil: 0, closed: new Set(), wishes: [] },
        },
      ]),
    );
    this.endsAt = request.endsAt === null ? null : Date.parse(request.endsAt);
  }

  /** Told after every change; returns what ends that. */
  listen(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Lets time pass until a moment, in ms since 1970. */
  advance(to: number): void {
    this.now = Math.max(this.now, to);
    const free = [...this.locked].filter(({ lockedUntil }) => lockedUntil <= this.now);
    free.forEach((person) => this.locked.delete(person));
    if (free.length > 0) this.tell([], free, []);
    if (this.state !== 'closed' && this.endsAt !== null && this.endsAt <= this.now) this.close();
  }

  /** Whether what students see is up to date: what is closed to whom was worked out from the seats as they are. */
  get isSettled(): boolean {
    return !this.request.guarded || this.state === 'closed' || this.settled === this.revision;
  }

  /**
   * Asks for a seat, or with null to leave; `done` is told once it is decided, which may be at once. What is returned takes
   * the request back, as long as it has not been decided: true where it was in time.
   */
  choose(person: string, group: string | null, done: (outcome: Outcome) => void): () => boolean {
    const who = this.person(person);
    if (this.held.length >= MOST_HELD) {
      done('wait');
      return () => false;
    }
    const mine: Held = { person: who, group, done };
    this.held.push(mine);
    this.work();
    return () => {
      const waits = this.held.includes(mine);
      this.held = this.held.filter((one) => one !== mine);
      return waits;
    };
  }

  /** Says which groups are closed to whom; false where seats have changed since that was worked out. */
  settle(after: number, closed: Readonly<Record<string, readonly string[]>>): boolean {
    if (after !== this.revision) return false;
    const known = new Set(this.groups.map(({ id }) => id));
    for (const [id, groups] of Object.entries(closed)) {
      const person = this.people.get(id);
      if (person) person.closed = new Set(groups.filter((group) => known.has(group)));
    }
    this.settled = after;
    this.notify();
    this.work();
    return true;
  }

  wish(person: string, wishes: readonly string[]): Outcome {
    const who = this.person(person);
    if (this.state !== 'open') return this.state;
    const partners = this.request.kind === 'partners';
    const known = (id: string): boolean =>
      partners
        ? this.people.has(id) && id !== person
        : this.groups.some((group) => group.id === id);
    const asked = [...new Set(wishes)];
    if (this.request.kind === 'seats' || asked.length > this.request.most || !asked.every(known)) {
      return 'unknown';
    }
    who.wishes = asked;
    this.tell([], [who], [this.line('wished', who, null)]);
    return null;
  }

  /** Whether a PIN may be tried now; a wrong one is counted by `tried`. */
  mayTry(person: string): boolean {
    return this.person(person).lockedUntil <= this.now;
  }

  /** Milliseconds until a PIN may be tried again. */
  lockedFor(person: string): number {
    return Math.max(0, this.person(person).lockedUntil - this.now);
  }

  tried(person: string, right: boolean): void {
    const who = this.person(person);
    if (right) {
      who.wrong = 0;
      this.came(person);
      return;
    }
    who.wrong++;
    const locks = who.wrong % PIN_TRIES === 0;
    if (locks) {
      who.lockedUntil = this.now + FIRST_LOCK_MS * 2 ** (who.wrong / PIN_TRIES - 1);
      this.locked.add(who);
    }
    this.tell([], [who], [this.line(locks ? 'locked' : 'wrongPin', who, null)]);
  }

  came(person: string): void {
    const who = this.person(person);
    if (who.came) return;
    who.came = true;
    this.tell([], [who], [this.line('came', who, null)]);
  }

  /** Lets somebody try PINs again at once. */
  unlock(person: string): void {
    const who = this.person(person);
    Object.assign(who, { wrong: 0, lockedUntil: 0 });
    this.locked.delete(who);
    this.tell([], [who], []);
  }

  /** Puts somebody into a group, or out of any; 'taken' where all of its seats are. */
  move(person: string, group: string | null): Outcome {
    const who = this.person(person);
    if (this.state === 'closed') return 'closed';
    const to = this.group(group);
    if (to === undefined) return 'unknown';
    if (to === who.group) return null;
    if (to && to.members.size >= to.seats) return 'taken';
    this.seat(who, to, 'moved');
    return null;
  }

  patch({ state, endsAt }: SeatsPatch): boolean {
    // What is closed stays so: nothing that comes after counts.
    if (this.state === 'closed') return state === 'closed' && endsAt === undefined;
    if (endsAt !== undefined) this.endsAt = endsAt === null ? null : Date.parse(endsAt);
    if (state === 'closed') this.close();
    else if (state !== undefined) this.state = state;
    this.tell([], [], []);
    this.advance(this.now);
    this.work();
    return true;
  }

  /** Gives a group so many seats; false where more sit there already. */
  setSeats(id: string, seats: number): boolean {
    const group = this.group(id);
    if (!group || group.members.size > seats || this.state === 'closed') return false;
    group.seats = seats;
    this.revision++;
    this.tell([group], [], []);
    this.work();
    return true;
  }

  has(person: string): boolean {
    return this.people.has(person);
  }

  /** Everybody who is in no group, or in one: for those who sit down by themselves. */
  groupOf(person: string): string | null {
    return this.person(person).group?.id ?? null;
  }

  body(): SeatsSession {
    return {
      ...{ id: this.id, code: this.code, state: this.state, endsAt: iso(this.endsAt) },
      revision: this.revision,
      groups: this.groups.map(({ id, seats }) => ({ id, seats })),
      people: [...this.people.values()].map((person) => this.personBody(person)),
      log: [...this.log],
      now: new Date(this.now).toISOString(),
      lastEvent: String(this.told),
    };
  }

  /** What came after an event, as one; null where nothing did, 'reset' where it is kept no more. */
  since(id: number): { readonly id: number; readonly event: SeatsEvent | 'reset' } | null {
    if (id === this.told) return null;
    const first = (this.events[0]?.id ?? this.told + 1) - 1;
    if (id < first || id > this.told) return { id: this.told, event: 'reset' };
    const missed = this.events.slice(id - first);
    const groups = new Set(missed.flatMap((one) => one.groups));
    const people = new Set(missed.flatMap((one) => one.people));
    return {
      id: this.told,
      event: {
        ...{ revision: this.revision, state: this.state, endsAt: iso(this.endsAt) },
        groups: [...groups].map(({ id: one, seats }) => ({ id: one, seats })),
        people: [...people].map((person) => this.personBody(person)),
        log: missed.flatMap(({ log }) => log),
      },
    };
  }

  get lastEvent(): number {
    return this.told;
  }

  /** All that one student may see. */
  seenBy(id: string): SeenByStudent {
    const me = this.person(id);
    const { request, state } = this;
    const isMine = (group: Group): boolean => group === me.group;
    const partners = request.kind === 'partners';
    return {
      session: this.id,
      me: me.name,
      ...{ name: request.name, kind: request.kind, state, endsAt: iso(this.endsAt) },
      now: new Date(this.now).toISOString(),
      ...{ mayChange: request.mayChange, most: request.most },
      group: me.group?.id ?? null,
      leads: me.group !== null && this.leadOf(me.group) === me,
      groups: partners ? [] : this.groups.map((group) => this.seen(group, me, isMine(group))),
      wishes: [...me.wishes],
      people: partners
        ? [...this.people.values()].flatMap(({ id: one, name }) =>
            one === id ? [] : [{ id: one, name }],
          )
        : [],
    };
  }

  kept(): KeptSession {
    const people = [...this.people.values()].map((person) => ({
      ...this.personBody(person),
      closed: [...person.closed],
    }));
    const { id, code, request, state, revision, log } = this;
    return { id, code, request, state, endsAt: iso(this.endsAt), revision, people, log };
  }

  /** A session as it was kept, with those who sat in the order in which they had sat down. */
  static from(kept: KeptSession, now: number): SeatState {
    const session = new SeatState(kept.id, kept.code, kept.request, now);
    const bySeat = [...kept.people].sort((a, b) => ((a.since ?? '') < (b.since ?? '') ? -1 : 1));
    for (const { id, group, since, came, wishes, closed } of bySeat) {
      const person = session.person(id);
      Object.assign(person, { came, wishes, closed: new Set(closed) });
      const to = session.group(group) ?? null;
      if (to) session.put(person, to, Date.parse(since ?? ''));
    }
    session.log.push(...kept.log);
    session.logged = kept.log.at(-1)?.id ?? 0;
    Object.assign(session, { state: kept.state, revision: kept.revision });
    session.endsAt = kept.endsAt === null ? null : Date.parse(kept.endsAt);
    return session;
  }

  private seen(group: Group, me: Person, mine: boolean): SeenGroup {
    const { guarded, namesSeen, kind } = this.request;
    const { id, name, sign, topic } = group;
    // Both are looked at always, so that neither can be told from the other by the time it takes.
    const full = group.members.size >= group.seats;
    const closed = me.closed.has(id);
    const open = kind === 'topics' || !(Number(full) | Number(closed));
    const shown = namesSeen && (mine || !guarded);
    return {
      ...{ id, name, sign, topic, open },
      left: guarded || kind === 'topics' ? null : Math.max(0, group.seats - group.members.size),
      names: shown && kind === 'seats' ? [...group.members].map((one) => one.name) : null,
    };
  }

  private leadOf(group: Group): Person | null {
    return this.request.firstLeads ? ([...group.members][0] ?? null) : null;
  }

  private work(): void {
    while (this.held.length > 0 && this.isSettled) {
      const [next] = this.held;
      this.held = this.held.slice(1);
      if (next) next.done(this.decide(next.person, next.group));
    }
  }

  private decide(person: Person, id: string | null): Outcome {
    const group = this.group(id);
    if (this.state !== 'open') return this.state;
    if (group === undefined || this.request.kind !== 'seats') return 'unknown';
    if (group === person.group) return null;
    if (person.group && !this.request.mayChange) return 'fixed';
    if (group === null) {
      this.seat(person, null, 'left');
      return null;
    }
    // As in `seen`: the same work for either.
    const full = group.members.size >= group.seats;
    const closed = person.closed.has(group.id);
    if (Number(full) | Number(closed)) {
      this.tell([], [person], [this.line('turnedAway', person, group)]);
      return 'taken';
    }
    this.seat(person, group, 'sat');
    return null;
  }

  private seat(person: Person, to: Group | null, what: LogEntry['what']): void {
    const from = person.group;
    this.put(person, to, this.now);
    this.revision++;
    this.tell([], [person], [this.line(what, person, to ?? from)]);
  }

  private put(person: Person, to: Group | null, since: number): void {
    person.group?.members.delete(person);
    person.group = to;
    person.since = since;
    person.turn = ++this.turns;
    to?.members.add(person);
  }

  private close(): void {
    this.state = 'closed';
    this.endsAt = this.endsAt === null ? this.now : Math.min(this.endsAt, this.now);
    this.tell([], [], []);
    this.work();
  }

  private person(id: string): Person {
    const person = this.people.get(id);
    if (!person) throw new Error(`expected somebody of the session, received ${id}`);
    return person;
  }

  /** Null for no group, undefined for one that there is not. */
  private group(id: string | null): Group | null | undefined {
    return id === null ? null : this.groups.find((one) => one.id === id);
  }

  private personBody({ id, group, since, came, lockedUntil, wishes }: Person): SeatPerson {
    return {
      ...{ id, came, wishes: [...wishes], locked: lockedUntil > this.now },
      group: group?.id ?? null,
      since: group ? new Date(since).toISOString() : null,
    };
  }

  private line(what: LogEntry['what'], { id }: Person, group: Group | null): LogEntry {
    const at = new Date(this.now).toISOString();
    return { id: ++this.logged, at, what, person: id, group: group?.id ?? null };
  }

  private tell(
    groups: readonly Group[],
    people: readonly Person[],
    log: readonly LogEntry[],
  ): void {
    this.events.push({ id: ++this.told, groups, people, log });
    if (this.events.length > KEPT_EVENTS) this.events.splice(0, KEPT_EVENTS / 10);
    this.log.push(...log);
    if (this.log.length > KEPT_LOG) this.log.splice(0, KEPT_LOG / 10);
    this.notify();
  }

  private notify(): void {
    for (const listener of this.listeners) listener();
  }
}

function iso(ms: number | null): string | null {
  return ms === null ? null : new Date(ms).toISOString();
}
