import { isAddress } from '../../formats/address';
import { eachOf, ServiceGone } from '../client';
import {
  addressOf,
  byGroup,
  peopleOf,
  planThatHeld,
  whereEverybodyIs,
  type Person,
} from '../people';
import type { GroupPlan, HandedOff, HandOffOptions, ServiceLineup, Why } from '../types';
import type { ScimGroup, ScimUser } from './contract';
import { Refusal, type Operation, type ReadGroup, type Scim } from './scim';

export interface ChannelOptions extends HandOffOptions {
  /** Users whom the service does not know are made. */
  readonly createUsers: boolean;
  /** Addresses of those who are merely away: they stay where they are, and are put nowhere. */
  readonly mayStay: readonly string[];
  /** Address → name of everybody who was ever in the class, for telling who leaves. */
  readonly nameOf: ReadonlyMap<string, string>;
}

/** Requests under way at a time. */
const AT_ONCE = 8;
/** Addresses that are looked up in one request, and how long its filter may be: some take no more than 2,000 signs. */
const TOGETHER = 20;
const LONGEST_FILTER = 1_500;
/** What stands around each address in a filter, as it is sent. */
const AROUND_ADDRESS = 'userName%20eq%20%22%22%20or%20'.length;
/** A change is computed again so often where others change the same channel at the same time. */
const MOST_ROUNDS = 12;

/** Who is to be in a channel: students by their user, and staff. */
interface Wanted {
  readonly externalId: string;
  readonly displayName: string;
  /** User id → the students it stands for. */
  readonly students: ReadonlyMap<string, readonly Person[]>;
  readonly staff: readonly string[];
  /** The group is no more: its channel is emptied, and never made. */
  readonly over: boolean;
}

/** Brings the channels of a service in line with a lineup; what is right already is left alone. */
export function handOffToChannels(
  scim: Scim,
  lineup: ServiceLineup,
  options: ChannelOptions,
): Promise<HandedOff> {
  return new ChannelRun(scim, lineup, options).run();
}

/** What a channel of ours is called by for good: the lineup, and the group within it. */
export function channelPrefix({ id }: Pick<ServiceLineup, 'id'>): string {
  return `gruppetto:${encodeURIComponent(id)}:`;
}

class ChannelRun {
  private readonly whyOf = new Map<Person, Why>();
  private readonly arrivedAs = new Set<Person>();
  private readonly userOf = new Map<string, ScimUser | Why>();
  private readonly users = new Map<string, ScimUser>();
  private readonly stay = new Set<string>();
  private readonly plan = new Map<string, GroupPlan>();
  private ended: HandedOff['ended'] = null;
  private wrote = false;
  private done = 0;
  private readonly people: readonly Person[];
  private readonly peopleIn: ReadonlyMap<string, readonly Person[]>;

  constructor(
    private readonly scim: Scim,
    private readonly lineup: ServiceLineup,
    private readonly options: ChannelOptions,
  ) {
    this.people = peopleOf(lineup);
    this.peopleIn = byGroup(lineup, this.people);
  }

  async run(): Promise<HandedOff> {
    try {
      await this.lookUp();
      await this.bring();
      if (this.wrote) await this.seeWhoIsThere();
    } catch (error) {
      this.stopAt(error);
    }
    return this.result();
  }

  /** What ends the run: the service is gone, or says no to what everything else rests on. */
  private stopAt(error: unknown): void {
    if (error instanceof ServiceGone) {
      this.ended = error.reason;
      return;
    }
    const why = whyOf(error);
    this.people.forEach((person) => {
      if (!this.arrivedAs.has(person) && !this.whyOf.has(person)) this.refuse(person, why);
    });
  }

  /** Every address is looked up once, whoever has it. */
  private async lookUp(): Promise<void> {
    const addresses = new Map<string, { readonly address: string; readonly name: string }>();
    for (const person of this.people) {
      const address = person.email.trim();
      if (address === '') this.whyOf.set(person, { code: 'noAddress' });
      else if (!isAddress(address)) {
        this.whyOf.set(person, { code: 'badAddress', about: address });
      } else if (!addresses.has(address.toLowerCase())) {
        addresses.set(address.toLowerCase(), { address, name: person.name });
      }
    }
    const staff = [...this.lineup.staff, ...this.lineup.groups.flatMap(({ led }) => led)].filter(
      ({ email }) => isAddress(email.trim()),
    );
    staff.forEach(({ email, name }) =>
      addresses.set(addressOf({ email }), { address: email.trim(), name }),
    );
    const students = new Set(this.people.map(addressOf));
    const away = this.options.mayStay.filter(
      (address) => isAddress(address) && !students.has(address.toLowerCase()),
    );
    await this.lookUpTogether([...addresses.values()].map(({ address }) => address));
    await eachOf([...addresses], AT_ONCE, async ([key, { address, name }]) => {
      if (!this.userOf.has(key)) this.userOf.set(key, await this.find(address, name));
    });
    await eachOf(away, AT_ONCE, async (address) => {
      const found = await this.known(address);
      if (found && 'id' in found) this.stay.add(found.id);
    });
  }

  /** Many in one request; whoever is not found so is looked up alone, and so is everybody where a service says no. */
  private async lookUpTogether(addresses: readonly string[]): Promise<void> {
    await eachOf(inBatches(addresses), AT_ONCE, async (batch) => {
      if (batch.length < 2) return;
      const wanted = new Set(batch.map((address) => address.toLowerCase()));
      try {
        for (const user of await this.scim.usersNamed(batch)) {
          const key = user.userName.toLowerCase();
          if (!wanted.has(key)) continue;
          this.users.set(user.id, user);
          this.userOf.set(key, user);
        }
      } catch (error) {
        if (error instanceof ServiceGone) throw error;
      }
    });
  }

  private async known(address: string): Promise<ScimUser | Why | null> {
    const exactly = await this.scim.usersWhere('userName', address);
    const found =
      exactly.length > 0 ? exactly : await this.scim.usersWhere('emails.value', address);
    const lower = address.toLowerCase();
    const named = found.find(({ userName }) => userName.toLowerCase() === lower);
    const [first, ...others] = found;
    const user = named ?? (others.length === 0 ? first : undefined);
    if (user) this.users.set(user.id, user);
    return user ?? (others.length > 0 ? { code: 'severalUsers' } : null);
  }

  private async find(address: string, name: string): Promise<ScimUser | Why> {
    try {
      const found = await this.known(address);
      if (found) return found;
      if (!this.options.createUsers) return { code: 'unknownUser' };
      // Whoever would be made counts as found while nothing is written.
      if (this.options.dryRun) return { id: `new ${address}`, userName: address };
      const made = await this.scim.createUser(address, name);
      this.users.set(made.id, made);
      return made;
    } catch (error) {
      return whyOf(error);
    }
  }

  private async bring(): Promise<void> {
    const prefix = channelPrefix(this.lineup);
    const listed = await this.listed(prefix);
    const ours = new Map<string, ScimGroup>();
    const others: ScimGroup[] = [];
    const keys = new Set(this.lineup.groups.map(({ key }) => `${prefix}${key}`));
    for (const group of listed) {
      const id = group.externalId ?? '';
      if (!id.startsWith(prefix)) continue;
      if (keys.has(id) && !ours.has(id)) ours.set(id, group);
      else others.push(group);
    }
    const staff = this.idsOf(this.lineup.staff);
    await eachOf(this.lineup.groups, AT_ONCE, async (group) => {
      const wanted = this.wanted(prefix, group, staff);
      const there = ours.get(wanted.externalId) ?? null;
      try {
        await this.bringOne(group.name, wanted, there);
      } catch (error) {
        const why = whyOf(error);
        for (const person of [...wanted.students.values()].flat()) {
          if (!this.arrivedAs.has(person)) this.refuse(person, why);
        }
      }
      this.options.onGroup?.(++this.done);
    });
    // A channel of a group that is no more keeps what was written there, and has no students.
    await eachOf(others, AT_ONCE, async (group) => {
      const wanted: Wanted = {
        externalId: group.externalId ?? '',
        displayName: group.displayName,
        students: new Map(),
        staff: staff.filter((id) => (group.members ?? []).some(({ value }) => value === id)),
        over: true,
      };
      await this.bringOne(group.displayName, wanted, group).catch((error: unknown) => {
        whyOf(error);
      });
    });
  }

  /** All channels of the lineup; one by one where the service does not search by the beginning of a text. */
  private async listed(prefix: string): Promise<readonly ScimGroup[]> {
    try {
      return await this.scim.groupsOf(prefix);
    } catch (error) {
      if (!(error instanceof Refusal) || error.status !== 400) throw error;
    }
    const found: ScimGroup[] = [];
    await eachOf(this.lineup.groups, AT_ONCE, async ({ key }) => {
      const group = await this.scim.groupCalled(`${prefix}${key}`);
      if (group) found.push(group);
    });
    return found;
  }

  private idsOf(staff: ServiceLineup['staff']): readonly string[] {
    return staff.flatMap(({ email }) => {
      const user = this.userOf.get(addressOf({ email }));
      return user && 'id' in user ? [user.id] : [];
    });
  }

  private wanted(
    prefix: string,
    { key, name, led }: ServiceLineup['groups'][number],
    staff: readonly string[],
  ): Wanted {
    const students = new Map<string, Person[]>();
    for (const person of this.peopleIn.get(key) ?? []) {
      if (this.whyOf.has(person)) continue;
      const user = this.userOf.get(addressOf(person));
      if (user && 'id' in user) students.set(user.id, [...(students.get(user.id) ?? []), person]);
      else this.refuse(person, user ?? { code: 'unknownUser' });
    }
    return {
      externalId: `${prefix}${key}`,
      displayName: `${this.lineup.name} · ${name}`,
      students,
      staff: [...new Set([...staff, ...this.idsOf(led)])],
      over: false,
    };
  }

  /** One channel: made where it is missing, else changed by what differs, again and again until nothing does. */
  private async bringOne(name: string, wanted: Wanted, listed: ScimGroup | null): Promise<void> {
    const { dryRun } = this.options;
    if (!listed) {
      this.plan.set(wanted.externalId, this.planOf(name, wanted, null));
      if (dryRun) {
        this.arrive(wanted, [...wanted.students.keys()]);
        return;
      }
      await this.make(wanted);
      return;
    }
    // A list may leave out who is in a group; then the group is read.
    let read: ReadGroup | null = listed.members
      ? { group: listed, etag: null }
      : await this.scim.group(listed.id);
    if (read) {
      await this.knowLeaving(read.group, wanted);
      this.plan.set(wanted.externalId, this.planOf(name, wanted, read.group));
    }
    for (let round = 0; round < MOST_ROUNDS; round++) {
      if (!read) {
        if (!dryRun && !wanted.over) await this.make(wanted);
        return;
      }
      const operations = this.operations(wanted, read.group);
      if (operations.length === 0 || dryRun) {
        const inside = dryRun ? [...wanted.students.keys()] : memberIds(read.group);
        this.arrive(wanted, inside);
        return;
      }
      // What was listed a while ago has no tag to change it by.
      if (read.etag === null) {
        read = await this.scim.group(read.group.id);
        if (!read || this.operations(wanted, read.group).length === 0) continue;
      }
      read = await this.change(wanted, read);
    }
    throw new Refusal(412, '', '');
  }

  /** Sends the difference, and reads what stands there then. */
  private async change(wanted: Wanted, read: ReadGroup): Promise<ReadGroup | null> {
    this.wrote = true;
    try {
      await this.scim.patch(read, this.operations(wanted, read.group));
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      await this.changeOneByOne(wanted, read.group.id);
    }
    return this.scim.group(read.group.id);
  }

  /** Where a change is refused as a whole: first who leaves, then whoever may come, each for themselves. */
  private async changeOneByOne(wanted: Wanted, id: string): Promise<void> {
    const only = async (choose: (operation: Operation) => readonly Operation[]): Promise<void> => {
      for (let round = 0; round < MOST_ROUNDS; round++) {
        const read = await this.scim.group(id);
        const operations = read ? this.operations(wanted, read.group).flatMap(choose) : [];
        if (!read || operations.length === 0) return;
        if (await this.scim.patch(read, operations)) return;
      }
    };
    const kept = async (work: Promise<void>): Promise<Why | null> =>
      work.then(
        () => null,
        (error: unknown) => whyOf(error),
      );
    await kept(only((one) => (one.op === 'add' ? [] : [one])));
    for (const user of [...wanted.students.keys(), ...wanted.staff]) {
      const why = await kept(
        only((one) =>
          one.op === 'add' && one.value.some(({ value }) => value === user)
            ? [{ ...one, value: [{ value: user }] }]
            : [],
        ),
      );
      if (why) this.leaveOut(wanted, user, why);
    }
  }

  private readonly leftOut = new Map<string, Set<string>>();

  /** Whom a channel does not take is not asked for again. */
  private leaveOut(wanted: Wanted, user: string, why: Why): void {
    const out = this.leftOut.get(wanted.externalId) ?? new Set();
    out.add(user);
    this.leftOut.set(wanted.externalId, out);
    wanted.students.get(user)?.forEach((person) => this.refuse(person, why));
  }

  private async make(wanted: Wanted): Promise<void> {
    this.wrote = true;
    const ids = [...new Set([...wanted.students.keys(), ...wanted.staff])];
    let made: ScimGroup;
    try {
      made = await this.scim.createGroup(wanted.externalId, wanted.displayName, ids);
    } catch (error) {
      if (!(error instanceof Refusal) || ids.length === 0) throw error;
      // Perhaps one of them is the matter, and not the channel.
      made = await this.scim.createGroup(wanted.externalId, wanted.displayName, []);
    }
    // A service may have taken fewer than it was given, or found the group there with others in it.
    if (made.members && this.operations(wanted, made).length === 0) {
      this.arrive(wanted, memberIds(made));
      return;
    }
    let read = await this.scim.group(made.id);
    for (let round = 0; read && round < MOST_ROUNDS; round++) {
      if (this.operations(wanted, read.group).length === 0) {
        this.arrive(wanted, memberIds(read.group));
        return;
      }
      read = await this.change(wanted, read);
    }
    throw new Refusal(412, '', '');
  }

  /** What has to change in a group as it stands. */
  private operations(wanted: Wanted, group: ScimGroup): readonly Operation[] {
    const inside = new Set(memberIds(group));
    const out = this.leftOut.get(wanted.externalId);
    const all = [...new Set([...wanted.students.keys(), ...wanted.staff])];
    const joins = all.filter((id) => !inside.has(id) && !out?.has(id));
    const known = new Set(all);
    const leaves = [...inside].filter((id) => !known.has(id) && !this.stay.has(id));
    return [
      ...(group.displayName === wanted.displayName
        ? []
        : [{ op: 'replace', path: 'displayName', value: wanted.displayName } as const]),
      ...leaves.map(
        (id) => ({ op: 'remove', path: `members[value eq ${JSON.stringify(id)}]` }) as const,
      ),
      ...(joins.length === 0
        ? []
        : [{ op: 'add', path: 'members', value: joins.map((value) => ({ value })) } as const]),
    ];
  }

  /** Names of those who leave are asked for, where they are not known. */
  private async knowLeaving(group: ScimGroup, wanted: Wanted): Promise<void> {
    const leaving = memberIds(group).filter(
      (id) => !wanted.students.has(id) && !wanted.staff.includes(id) && !this.stay.has(id),
    );
    for (const id of leaving) {
      if (this.users.has(id)) continue;
      const user = await this.scim.user(id);
      if (user) this.users.set(id, user);
    }
  }

  private planOf(name: string, wanted: Wanted, group: ScimGroup | null): GroupPlan {
    const inside = new Set(group ? memberIds(group) : []);
    const joins = [...wanted.students].flatMap(([id, people]) =>
      inside.has(id) ? [] : people.map((person) => ({ name: person.name })),
    );
    const leaves = [...inside].flatMap((id) =>
      wanted.students.has(id) || wanted.staff.includes(id) || this.stay.has(id)
        ? []
        : [{ name: this.nameOf(id, group), email: this.users.get(id)?.userName ?? '' }],
    );
    return { name, joins, leaves, ...(group ? { channel: group.id } : {}) };
  }

  private nameOf(id: string, group: ScimGroup | null): string {
    const user = this.users.get(id);
    const known = user && this.options.nameOf.get(user.userName.toLowerCase());
    const display = group?.members?.find(({ value }) => value === id)?.display;
    return known ?? user?.displayName ?? display ?? user?.userName ?? id;
  }

  /** Those of a channel who are in it. */
  private arrive(wanted: Wanted, inside: readonly string[]): void {
    const there = new Set(inside);
    for (const [id, people] of wanted.students) {
      for (const person of people) {
        if (there.has(id)) {
          this.arrivedAs.add(person);
          this.whyOf.delete(person);
        } else if (!this.whyOf.has(person)) {
          this.refuse(person, { code: 'notThere' });
        }
      }
    }
  }

  /** A receipt is true: at the end it is read once more who is where. */
  private async seeWhoIsThere(): Promise<void> {
    const prefix = channelPrefix(this.lineup);
    const inside = new Map<string, ReadonlySet<string>>();
    for (const group of await this.listed(prefix)) {
      if (group.members) inside.set(group.externalId ?? '', new Set(memberIds(group)));
    }
    for (const { key } of this.lineup.groups) {
      const there = inside.get(`${prefix}${key}`);
      if (!there) continue;
      for (const person of this.peopleIn.get(key) ?? []) {
        if (!this.arrivedAs.has(person)) continue;
        const user = this.userOf.get(addressOf(person));
        if (user && 'id' in user && !there.has(user.id)) {
          this.arrivedAs.delete(person);
          this.refuse(person, { code: 'notThere' });
        }
      }
    }
  }

  private refuse(person: Person, why: Why): void {
    this.whyOf.set(person, why);
  }

  private result(): HandedOff {
    const { people, arrivedAs, whyOf: reasons, ended } = this;
    const where = whereEverybodyIs(people, arrivedAs, reasons, ended);
    const plan = planThatHeld([...this.plan.values()], where.refused);
    return { ...where, plan, ended, told: [] };
  }
}

function inBatches(addresses: readonly string[]): readonly (readonly string[])[] {
  const batches: string[][] = [];
  let left = 0;
  for (const address of addresses) {
    const length = encodeURIComponent(address).length + AROUND_ADDRESS;
    const last = batches.at(-1);
    if (last && last.length < TOGETHER && length <= left) last.push(address);
    else {
      batches.push([address]);
      left = LONGEST_FILTER;
    }
    left -= length;
  }
  return batches;
}

function memberIds({ members }: ScimGroup): readonly string[] {
  return (members ?? []).map(({ value }) => value);
}

/** Why something failed; that the service is gone ends everything. */
function whyOf(error: unknown): Why {
  if (error instanceof ServiceGone) throw error;
  if (error instanceof Refusal) return { code: 'refused', detail: error.detail };
  // An answer of another shape than the standard's.
  return { code: 'refused', detail: '' };
}
