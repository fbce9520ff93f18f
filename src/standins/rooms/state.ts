import type {
  LiveEvent,
  LivePerson,
  Presence,
  Room,
  RoomMessage,
  RoomPerson,
  Session,
  SessionRequest,
  SessionState as Stage,
} from '../../services/rooms/contract';
import { habitsOf, walkOf, type Deed } from './people';

interface Inside extends RoomPerson {
  presence: Presence;
  /** Milliseconds since 1970. */
  since: number;
}
export interface RoomState {
  readonly id: string;
  readonly name: string;
  asking: boolean;
  people: Inside[];
}

/** What somebody is about to do. */
interface Due {
  readonly at: number;
  readonly email: string;
  readonly does: Deed['does'];
  readonly then: readonly Deed[];
}

interface Told {
  readonly id: number;
  readonly told: LiveEvent;
}

/** So many events are kept for whoever lost the line. */
const KEPT_EVENTS = 20_000;

/** One session of rooms on a clock that it is told: what people do by themselves comes when time is let pass. */
export class LiveState {
  readonly rooms: RoomState[];
  readonly messages: RoomMessage[] = [];
  readonly name: string;
  state: Stage = 'made';
  minutes: number | null;
  private readonly warningSeconds: number | null;
  private readonly countdownSeconds: number;
  private readonly moveIn: SessionRequest['moveIn'];
  private openedAt: number | null = null;
  private endsAt: number | null = null;
  private closesAt: number | null = null;
  /** When everybody is told that the time runs out; null where that is over, or nobody asked for it. */
  private warnsAt: number | null = null;
  /** Sorted by time, the next last. */
  private due: Due[] = [];
  private readonly log: Told[] = [];
  private told = 0;
  private nextRoom = 1;

  constructor(
    readonly id: string,
    request: SessionRequest,
    private now: number,
    private readonly linkOf: (session: string, room: string) => string,
    /** How many times faster than usual people are. */
    private readonly pace = () => 1,
  ) {
    this.name = request.name;
    this.minutes = request.minutes;
    this.warningSeconds = request.warningSeconds;
    this.countdownSeconds = request.countdownSeconds ?? 0;
    this.moveIn = request.moveIn;
    this.rooms = request.rooms.map(({ name, people }) => ({
      id: this.roomId(),
      name,
      asking: false,
      people: people.map((person) => ({ ...person, presence: 'waiting', since: now })),
    }));
  }

  /** Lets time pass until a moment, in milliseconds since 1970. */
  advance(to: number): void {
    for (;;) {
      const deed = this.due.at(-1)?.at ?? Infinity;
      const end = this.state === 'open' ? (this.endsAt ?? Infinity) : Infinity;
      const warn = this.state === 'open' ? (this.warnsAt ?? Infinity) : Infinity;
      const close = this.state === 'closing' ? (this.closesAt ?? Infinity) : Infinity;
      const at = Math.min(deed, end, close, warn);
      if (at > to) break;
      this.now = Math.max(this.now, at);
      if (at === warn) this.warn();
      else if (at === close) this.shut();
      else if (at === end) this.beginClosing();
      else this.happen(this.due.pop() as Due);
    }
    this.now = Math.max(this.now, to);
  }

  open(): void {
    if (this.state !== 'made') return;
    this.state = 'open';
    this.openedAt = this.now;
    this.setEnd();
    this.tell({ event: 'session', data: this.time() });
    for (const { people } of this.rooms) people.forEach((person) => this.expect(person));
  }

  /** Ends the time; the rooms close after their countdown. */
  close(): void {
    if (this.state === 'made') this.shut();
    else if (this.state === 'open') this.beginClosing();
  }

  /** So many minutes since the rooms were opened; in the countdown they are opened again by it. */
  setMinutes(minutes: number): void {
    this.minutes = minutes;
    if (this.state === 'closing') this.state = 'open';
    this.setEnd();
    this.tell({ event: 'session', data: this.time() });
    this.advance(this.now);
  }

  move(email: string, to: RoomState): void {
    const found = this.find(email);
    if (!found || found.room === to) return;
    const { room, person } = found;
    room.people = room.people.filter((one) => one !== person);
    to.people.push(person);
    if (person.presence === 'here' || person.presence === 'onTheWay') {
      const due = this.takeDue(email);
      this.become(to, person, 'onTheWay');
      const walk: Deed = { after: walkOf(`${this.id} ${email} ${this.told}`), does: 'here' };
      // Whoever was walking walks to the other room instead.
      this.schedule(email, [walk, ...(due[0]?.does === 'here' ? due.slice(1) : due)]);
    } else this.tellPerson(to, person);
  }

  letIn(room: RoomState, people: readonly RoomPerson[]): void {
    for (const one of people) {
      const person: Inside = { ...one, presence: 'waiting', since: this.now };
      room.people.push(person);
      this.tellPerson(room, person);
      if (this.state === 'open') this.expect(person);
    }
  }

  addRoom(name: string): RoomState {
    const room: RoomState = { id: this.roomId(), name, asking: false, people: [] };
    this.rooms.push(room);
    this.tellRoom(room);
    return room;
  }

  removeRoom(room: RoomState): void {
    this.rooms.splice(this.rooms.indexOf(room), 1);
    this.tell({ event: 'roomGone', data: { id: room.id } });
  }

  /** Somebody of the teachers is there: nobody has to ask any more. */
  visit(room: RoomState): void {
    if (!room.asking) return;
    room.asking = false;
    this.tellRoom(room);
  }

  say(text: string, rooms: readonly string[] | null, from: string | null = null): void {
    const message: RoomMessage = {
      id: `m${this.messages.length + 1}`,
      text,
      rooms: rooms && [...rooms],
      at: iso(this.now),
      from,
    };
    this.messages.push(message);
    this.tell({ event: 'message', data: message });
  }

  /** What came after an event, or one that says that this is kept no more. */
  since(id: number): readonly Told[] {
    const first = (this.log[0]?.id ?? this.told + 1) - 1;
    if (id < first || id > this.told) {
      return [{ id: this.told, told: { event: 'reset', data: {} } }];
    }
    return this.log.slice(id - first);
  }

  body(): Session {
    return {
      id: this.id,
      ...{ name: this.name },
      ...this.time(),
      rooms: this.rooms.map((room) => this.roomBody(room)),
      messages: [...this.messages],
      now: iso(this.now),
      lastEvent: String(this.told),
    };
  }

  roomBody(room: RoomState): Room {
    const { people, ...about } = this.roomAbout(room);
    return { ...about, people };
  }

  private roomAbout({ id, name, asking, people }: RoomState) {
    return { id, name, link: this.linkOf(this.id, id), asking, people: people.map(bodyOf) };
  }

  private time() {
    const { state, minutes, openedAt, endsAt, closesAt, warningSeconds } = this;
    return {
      ...{ state, minutes, warningSeconds },
      openedAt: openedAt === null ? null : iso(openedAt),
      endsAt: endsAt === null ? null : iso(endsAt),
      closesAt: closesAt === null ? null : iso(closesAt),
    };
  }

  private roomId(): string {
    return `r${this.nextRoom++}`;
  }

  private find(email: string): { readonly room: RoomState; readonly person: Inside } | null {
    const address = email.toLowerCase();
    for (const room of this.rooms) {
      const person = room.people.find((one) => one.email.toLowerCase() === address);
      if (person) return { room, person };
    }
    return null;
  }

  private setEnd(): void {
    this.endsAt =
      this.openedAt === null || this.minutes === null
        ? null
        : this.openedAt + this.minutes * 60_000;
    this.closesAt = this.endsAt === null ? null : this.endsAt + this.countdownSeconds * 1000;
    const warns =
      this.endsAt === null || !this.warningSeconds
        ? null
        : this.endsAt - this.warningSeconds * 1000;
    this.warnsAt = warns !== null && warns >= this.now ? warns : null;
  }

  private warn(): void {
    this.warnsAt = null;
    this.say(`${this.warningSeconds} seconds left.`, null);
  }

  private beginClosing(): void {
    this.state = 'closing';
    this.endsAt = this.now;
    this.closesAt = this.now + this.countdownSeconds * 1000;
    if (this.countdownSeconds === 0) this.shut();
    else this.tell({ event: 'session', data: this.time() });
  }

  private shut(): void {
    this.state = 'closed';
    this.closesAt = this.now;
    this.due = [];
    this.tell({ event: 'session', data: this.time() });
  }

  private expect({ email }: RoomPerson): void {
    this.schedule(email, habitsOf(`${this.id} ${email.toLowerCase()}`, this.moveIn));
  }

  private schedule(email: string, deeds: readonly Deed[]): void {
    const [next, ...then] = deeds;
    if (!next) return;
    const due: Due = { at: this.now + next.after / this.pace(), email, does: next.does, then };
    // The list is sorted with the next one last.
    let [low, high] = [0, this.due.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.due[middle] as Due).at > due.at) low = middle + 1;
      else high = middle;
    }
    this.due.splice(low, 0, due);
  }

  /** What somebody would have done, which they do no more. */
  private takeDue(email: string): readonly Deed[] {
    const mine = this.due.find((one) => one.email === email);
    if (!mine) return [];
    this.due = this.due.filter((one) => one !== mine);
    return [{ after: (mine.at - this.now) * this.pace(), does: mine.does }, ...mine.then];
  }

  private happen({ email, does, then }: Due): void {
    const found = this.find(email);
    if (!found) return;
    const { room, person } = found;
    if (does === 'ask') {
      room.asking = true;
      this.tellRoom(room);
      this.say('Could you come to us?', [room.id], person.name);
    } else this.become(room, person, does);
    this.schedule(email, then);
  }

  private become(room: RoomState, person: Inside, presence: Presence): void {
    person.presence = presence;
    person.since = this.now;
    this.tellPerson(room, person);
  }

  private tellPerson(room: RoomState, person: Inside): void {
    this.tell({ event: 'person', data: { room: room.id, person: bodyOf(person) } });
  }

  private tellRoom(room: RoomState): void {
    const { people: _, ...about } = this.roomAbout(room);
    this.tell({ event: 'room', data: about });
  }

  private tell(told: LiveEvent): void {
    this.log.push({ id: ++this.told, told });
    if (this.log.length > KEPT_EVENTS) this.log.splice(0, this.log.length - KEPT_EVENTS);
  }
}

function bodyOf({ name, email, role, presence, since }: Inside): LivePerson {
  return { name, email, role, presence, since: iso(since) };
}

function iso(ms: number): string {
  return new Date(ms).toISOString();
}
