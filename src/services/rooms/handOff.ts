import { isAddress } from '../../formats/address';
import { breathe, ServiceGone, type Answer, type ServiceClient } from '../client';
import {
  addressOf,
  byGroup,
  peopleOf,
  planThatHeld,
  whereEverybodyIs,
  type Person,
} from '../people';
import type { GroupPlan, HandedOff, HandOffOptions, ServiceLineup, Why } from '../types';
import { isOk, refusal } from '../answers';
import { Problem, MadeSession, type RoomPerson, type SessionRequest } from './contract';

export interface RoomOptions extends HandOffOptions {
  readonly moveIn: SessionRequest['moveIn'];
  readonly mayReturn: boolean;
  readonly minutes: number | null;
  readonly warningSeconds: number | null;
  readonly countdownSeconds: number | null;
  /** Opens the rooms when everybody is in them. */
  readonly open: boolean;
  /** The session that an earlier receipt tells of. */
  readonly earlier: EarlierSession | null;
  /** Told apart from other sessions of the same lineup: the day, YYYY-MM-DD. */
  readonly day: string;
  /** Hexadecimal SHA-256 of a text. */
  readonly hash: (text: string) => Promise<string>;
}

/** What a receipt keeps of a session. */
export interface EarlierSession {
  readonly id: string;
  readonly rooms: readonly KeptRoom[];
}

export interface KeptRoom {
  readonly name: string;
  readonly id: string;
  readonly link: string | null;
  /** Of the group that it was made for; null in receipts of others. */
  readonly key: string | null;
}

export interface RoomsHandedOff extends HandedOff {
  readonly session: EarlierSession | null;
}

/** Puts a lineup into the rooms of one session; where there is one already, only what differs is sent. */
export function handOffToRooms(
  client: ServiceClient,
  lineup: ServiceLineup,
  options: RoomOptions,
): Promise<RoomsHandedOff> {
  return new RoomRun(client, lineup, options).run();
}

class RoomRun {
  private readonly whyOf = new Map<Person, Why>();
  private readonly arrivedAs = new Set<Person>();
  private readonly people: readonly Person[];
  private readonly peopleIn: ReadonlyMap<string, readonly Person[]>;
  private readonly told: string[] = [];
  private plan: readonly GroupPlan[] = [];
  private session: EarlierSession | null;
  private ended: HandedOff['ended'] = null;

  constructor(
    private readonly client: ServiceClient,
    private readonly lineup: ServiceLineup,
    private readonly options: RoomOptions,
  ) {
    this.people = [...peopleOf(lineup), ...leadersOf(lineup)];
    this.peopleIn = byGroup(lineup, this.people);
    this.session = options.earlier;
  }

  async run(): Promise<RoomsHandedOff> {
    this.checkAddresses();
    await breathe();
    try {
      const { earlier } = this.options;
      const there = earlier ? await this.read(earlier.id) : null;
      if (there && earlier) await this.bring(there, earlier);
      else await this.begin(earlier ? `after ${earlier.id}` : '');
      if (this.options.open && this.session && !this.options.dryRun) {
        const opened = await this.client.send('POST', `${sessionPath(this.session.id)}/open`);
        if (!isOk(opened)) this.told.push(refusal(opened).detail);
      }
    } catch (error) {
      if (!(error instanceof ServiceGone)) throw error;
      this.ended = error.reason;
    }
    return this.result();
  }

  /** Whoever has no address that can be used, or one that stands in another room already, is refused by us. */
  private checkAddresses(): void {
    const roomOf = new Map<string, Person>();
    for (const person of this.people) {
      const address = person.email.trim();
      const before = roomOf.get(address.toLowerCase());
      if (address === '') this.refuse(person, { code: 'noAddress' });
      else if (!isAddress(address)) this.refuse(person, { code: 'badAddress', about: address });
      else if (before && before.key !== person.key) {
        this.refuse(person, { code: 'addressElsewhere', about: before.group });
      } else roomOf.set(address.toLowerCase(), before ?? person);
    }
  }

  /** A session that is not there yet: sent anew without those who are refused, until it is taken. */
  private async begin(salt: string): Promise<void> {
    this.plan = this.lineup.groups.map(({ key, name }) => ({
      name,
      joins: this.going(key)
        .filter(isStudent)
        .map((person) => ({ name: person.name })),
      leaves: [],
    }));
    if (this.options.dryRun) {
      this.people.forEach((person) => {
        if (!this.whyOf.has(person)) this.arrivedAs.add(person);
      });
      return;
    }
    // Every round refuses somebody, so it ends.
    for (;;) {
      const rows = this.lineup.groups.map(({ key, name }) => ({ name, people: this.entries(key) }));
      const body = this.request(
        rows.map(({ name, people }) => ({ name, people: people.map(entryOf) })),
      );
      const answer = await this.post('/sessions', body, salt);
      if (isOk(answer)) {
        const made = MadeSession.safeParse(answer.body);
        if (made.success) this.keep(made.data, rows.map(({ people }) => people).flat());
        else this.refuseAll(answer);
        return;
      }
      const refused = this.refusedIn(answer, (pointer) => {
        const [, room, person] = /^\/rooms\/(\d+)(?:\/people\/(\d+))?/.exec(pointer) ?? [];
        const people = room === undefined ? undefined : rows[Number(room)]?.people;
        if (person === undefined) return people ?? [];
        const found = people?.[Number(person)];
        return found ? [found] : [];
      });
      if (!refused) {
        this.refuseAll(answer);
        return;
      }
    }
  }

  /** A session that is there: who moved is moved, and who is new is let in. */
  private async bring(there: MadeSession, earlier: EarlierSession): Promise<void> {
    const roomOf = this.roomsOf(there, earlier);
    const now = new Map<string, string>();
    for (const room of there.rooms) {
      room.people?.forEach(({ email }) => now.set(email.toLowerCase(), room.id));
    }
    this.plan = this.planAgainst(there, roomOf, now);
    await breathe();
    if (this.options.dryRun) {
      this.people.forEach((person) => {
        if (!this.whyOf.has(person)) this.arrivedAs.add(person);
      });
      return;
    }
    // The same change at another time is another request: the state is part of its key.
    const state = await this.options.hash(
      JSON.stringify(there.rooms.map(({ id, people }) => [id, people])),
    );
    const path = sessionPath(there.id);
    for (const { key, name } of this.lineup.groups) {
      if (roomOf.has(key)) continue;
      await this.addRoom(path, key, name, state, roomOf);
    }
    await this.move(path, roomOf, now, state);
    for (const { key } of this.lineup.groups) {
      const room = roomOf.get(key);
      if (room !== undefined)
        await this.letIn(`${path}/rooms/${encodeURIComponent(room)}/people`, key, now, state);
    }
    const after = await this.read(there.id);
    if (after) this.settle(after, roomOf);
  }

  /** Group key → id of its room, by what the receipt says and then by name. */
  private roomsOf(there: MadeSession, earlier: EarlierSession): Map<string, string> {
    const rooms = new Map<string, string>();
    const taken = new Set<string>();
    const ids = new Set(there.rooms.map(({ id }) => id));
    for (const { key } of this.lineup.groups) {
      const kept = earlier.rooms.find((room) => room.key === key && ids.has(room.id));
      if (kept) {
        rooms.set(key, kept.id);
        taken.add(kept.id);
      }
    }
    for (const { key, name } of this.lineup.groups) {
      if (rooms.has(key)) continue;
      const named = there.rooms.find((room) => room.name === name && !taken.has(room.id));
      if (named) {
        rooms.set(key, named.id);
        taken.add(named.id);
      }
    }
    return rooms;
  }

  private planAgainst(
    there: MadeSession,
    roomOf: ReadonlyMap<string, string>,
    now: ReadonlyMap<string, string>,
  ): readonly GroupPlan[] {
    const wanted = new Map(
      this.people
        .filter((person) => !this.whyOf.has(person))
        .map((person) => [addressOf(person), person]),
    );
    return this.lineup.groups.map(({ key, name }) => {
      const room = roomOf.get(key);
      const inside = there.rooms.find(({ id }) => id === room)?.people ?? [];
      return {
        name,
        joins: this.going(key)
          .filter(isStudent)
          .filter((person) => room === undefined || now.get(addressOf(person)) !== room)
          .map((person) => ({ name: person.name })),
        leaves: inside
          .filter(({ email }) => wanted.get(email.toLowerCase())?.key !== key)
          .map((one) => ({
            name: wanted.get(one.email.toLowerCase())?.name ?? one.name ?? one.email,
          })),
      };
    });
  }

  private async addRoom(
    path: string,
    key: string,
    name: string,
    state: string,
    roomOf: Map<string, string>,
  ): Promise<void> {
    const answer = await this.post(`${path}/rooms`, { name, people: [] }, state);
    if (!isOk(answer)) {
      this.going(key).forEach((person) => this.refuse(person, refusal(answer)));
      return;
    }
    const read = MadeSession.safeParse({ id: '-', rooms: [answer.body] });
    const [room] = read.success ? read.data.rooms : [];
    if (room) roomOf.set(key, room.id);
  }

  private async move(
    path: string,
    roomOf: ReadonlyMap<string, string>,
    now: ReadonlyMap<string, string>,
    state: string,
  ): Promise<void> {
    // Every round refuses somebody, so it ends.
    for (;;) {
      const moving = this.people.filter((person) => {
        const at = now.get(addressOf(person));
        const to = roomOf.get(person.key);
        return !this.whyOf.has(person) && at !== undefined && to !== undefined && at !== to;
      });
      if (moving.length === 0) return;
      const moves = moving.map((person) => ({
        email: person.email.trim(),
        to: roomOf.get(person.key),
      }));
      const answer = await this.post(`${path}/moves`, { moves }, state);
      if (isOk(answer)) return;
      const refused = this.refusedIn(answer, (pointer) => {
        const found = moving[Number(/^\/moves\/(\d+)/.exec(pointer)?.[1] ?? -1)];
        return found ? [found] : [];
      });
      if (!refused) {
        moving.forEach((person) => this.refuse(person, refusal(answer)));
        return;
      }
    }
  }

  private async letIn(
    path: string,
    key: string,
    now: ReadonlyMap<string, string>,
    state: string,
  ): Promise<void> {
    // Every round refuses somebody, so it ends.
    for (;;) {
      const coming = this.entries(key).filter(({ email }) => !now.has(email.trim().toLowerCase()));
      if (coming.length === 0) return;
      const answer = await this.post(path, { people: coming.map(entryOf) }, state);
      if (isOk(answer)) return;
      const refused = this.refusedIn(answer, (pointer) => {
        const found = coming[Number(/^\/people\/(\d+)/.exec(pointer)?.[1] ?? -1)];
        return found ? [found] : [];
      });
      if (!refused) {
        coming.forEach((person) => this.refuse(person, refusal(answer)));
        return;
      }
    }
  }

  /** Who is where after a second hand-off. */
  private settle(after: MadeSession, roomOf: ReadonlyMap<string, string>): void {
    const at = new Map<string, string>();
    after.rooms.forEach((room) =>
      room.people?.forEach(({ email }) => at.set(email.toLowerCase(), room.id)),
    );
    for (const person of this.people) {
      if (this.whyOf.has(person)) continue;
      const room = roomOf.get(person.key);
      if (room !== undefined && at.get(addressOf(person)) === room) {
        this.arrivedAs.add(person);
      } else this.refuse(person, { code: 'notThere' });
    }
    this.remember(after, roomOf);
  }

  private keep(session: MadeSession, inside: readonly Person[]): void {
    const entered = new Set(inside.map(({ email }) => email.trim().toLowerCase()));
    for (const person of this.people) {
      if (!this.whyOf.has(person) && entered.has(addressOf(person))) {
        this.arrivedAs.add(person);
      }
    }
    // Rooms come in any order and are told apart by name; two of one name are taken as they come.
    const left = [...session.rooms];
    const roomOf = new Map<string, string>();
    for (const { key, name } of this.lineup.groups) {
      const at = left.findIndex((room) => room.name === name);
      const [room] = at < 0 ? [] : left.splice(at, 1);
      if (room) roomOf.set(key, room.id);
    }
    this.remember(session, roomOf);
  }

  private remember({ id, rooms }: MadeSession, roomOf: ReadonlyMap<string, string>): void {
    const keyOf = new Map([...roomOf].map(([key, room]) => [room, key]));
    // In the order of their groups, whatever order the service has; rooms of its own behind them.
    const places = this.lineup.groups.map(({ key }) => roomOf.get(key));
    const placeOf = (room: string): number =>
      places.includes(room) ? places.indexOf(room) : places.length;
    const inOrder = [...rooms].sort((a, b) => placeOf(a.id) - placeOf(b.id));
    this.session = {
      id,
      rooms: inOrder.map((room) => ({
        name: room.name,
        id: room.id,
        link: room.link ?? null,
        key: keyOf.get(room.id) ?? null,
      })),
    };
  }

  /** Those of a group who have not been refused. */
  private going(key: string): readonly Person[] {
    return (this.peopleIn.get(key) ?? []).filter((person) => !this.whyOf.has(person));
  }

  /** The same, each address once. */
  private entries(key: string): readonly Person[] {
    const seen = new Set<string>();
    return this.going(key).filter(({ email }) => {
      const address = email.trim().toLowerCase();
      if (seen.has(address)) return false;
      seen.add(address);
      return true;
    });
  }

  private request(rooms: SessionRequest['rooms']): SessionRequest {
    const { moveIn, mayReturn, minutes, warningSeconds, countdownSeconds } = this.options;
    return {
      name: this.lineup.name,
      rooms,
      moveIn,
      mayReturn,
      minutes,
      warningSeconds,
      countdownSeconds,
    };
  }

  /** The key is made from what is sent: the same for every try, after a crash too, and another for another body. */
  private async post(path: string, body: unknown, salt: string): Promise<Answer> {
    const { day, hash } = this.options;
    const key = await hash(JSON.stringify([this.lineup.id, day, path, salt, body]));
    return this.client.send('POST', path, {
      body,
      headers: { 'Idempotency-Key': `gruppetto-${key}` },
    });
  }

  private async read(id: string): Promise<MadeSession | null> {
    const answer = await this.client.send('GET', sessionPath(id));
    await breathe();
    const read = MadeSession.safeParse(answer.body);
    await breathe();
    return isOk(answer) && read.success ? read.data : null;
  }

  /** Refuses those whom the answer points at; false where it points at nobody who was sent. */
  private refusedIn(answer: Answer, at: (pointer: string) => readonly Person[]): boolean {
    const problem = Problem.safeParse(answer.body);
    if (answer.status !== 422 || !problem.success) return false;
    let found = false;
    for (const { pointer = '', detail } of problem.data.errors ?? []) {
      for (const person of at(plainPointer(pointer))) {
        // Others with the same address are the same person there.
        for (const one of this.people) {
          if (one.key !== person.key || one.email.toLowerCase() !== person.email.toLowerCase())
            continue;
          this.refuse(one, { code: 'refused', detail: detail ?? problem.data.detail ?? '' });
          found = true;
        }
      }
    }
    return found;
  }

  private refuseAll(answer: Answer): void {
    const why = refusal(answer);
    const { detail } = why;
    if (detail !== '') this.told.push(detail);
    this.people.forEach((person) => {
      if (!this.whyOf.has(person)) this.refuse(person, why);
    });
  }

  private refuse(person: Person, why: Why): void {
    this.whyOf.set(person, why);
    this.arrivedAs.delete(person);
  }

  private result(): RoomsHandedOff {
    const { people, arrivedAs, whyOf, plan, ended, told, session } = this;
    const where = whereEverybodyIs(people.filter(isStudent), arrivedAs, whyOf, ended);
    // Of staff whom the service refused the teacher hears in its words; the figures are those of students.
    for (const person of people) {
      const why = whyOf.get(person);
      if (!isStudent(person) && why?.code === 'refused') told.push(`${person.name}: ${why.detail}`);
    }
    return { ...where, plan: planThatHeld(plan, where.refused), ended, told, session };
  }
}

function sessionPath(id: string): string {
  return `/sessions/${encodeURIComponent(id)}`;
}

const STAFF = 'staff';

function isStudent({ roles }: Person): boolean {
  return !roles.includes(STAFF);
}

/**
 * Adults who lead one group alone, as people of its room; whoever leads several at once goes from one to the next, and
 * without an address nobody can be let in.
 */
function leadersOf({ groups }: ServiceLineup): readonly Person[] {
  const times = new Map<string, number>();
  groups.forEach(({ led }) =>
    led.forEach((one) => times.set(addressOf(one), (times.get(addressOf(one)) ?? 0) + 1)),
  );
  return groups.flatMap(({ key, name, led }) =>
    led
      .filter((one) => isAddress(one.email.trim()) && times.get(addressOf(one)) === 1)
      .map((one) => ({ ...one, id: addressOf(one), roles: [STAFF], group: name, key })),
  );
}

function entryOf({ name, email, roles }: Person): RoomPerson {
  const role = roles.includes(STAFF) ? STAFF : roles.includes('lead') ? 'lead' : 'student';
  return { name, email: email.trim(), role };
}

/** A JSON pointer (RFC 6901) without the sign of a fragment and its triplets. */
function plainPointer(pointer: string): string {
  const text = pointer.startsWith('#') ? pointer.slice(1) : pointer;
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
