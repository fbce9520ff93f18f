import { isAddress } from '../address';

/** A lineup as it leaves: names, groups, roles, places, staff; nothing quiet. Addresses are null, not asked for. */
export interface LineupOut<Email extends string | null = null> {
  /** Opaque; only hashes of it are written. */
  readonly id: string;
  readonly classId: string;
  readonly name: string;
  readonly className: string;
  readonly courseCode: string;
  /** What the class is told about its work, in Markdown. */
  readonly instructions: string;
  readonly groups: readonly GroupOut<Email>[];
  readonly staff: readonly StaffOut<Email>[];
}

/** The same with addresses, '' where there is none; asked for by name. */
export type AddressedLineup = LineupOut<string>;
export type AnyLineup = LineupOut<string | null>;

export interface GroupOut<Email extends string | null = null> {
  /** What it stays when it is renamed, within its lineup. */
  readonly key: string;
  readonly name: string;
  readonly sign: number;
  readonly place: string;
  /** Names of its stations, turn by turn; none where nothing goes round. */
  readonly stations: readonly string[];
  /** Staff of this group and of no other. */
  readonly led: readonly StaffOut<Email>[];
  /** When it meets, as that is called; '' where it is not settled. */
  readonly time: string;
  readonly members: readonly MemberOut<Email>[];
}
export type AnyGroup = GroupOut<string | null>;

/** A group with the link that was made for it; '' for none. */
export type LinkedGroup = AnyGroup & { readonly link: string };

export interface MemberOut<Email extends string | null = null> {
  /** Opaque; only hashes of it are written. */
  readonly id: string;
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  /** `lead`, or roles of the class's own. */
  readonly roles: readonly string[];
  readonly email: Email;
}
export type AnyMember = MemberOut<string | null>;

export interface StaffOut<Email extends string | null = null> {
  readonly name: string;
  readonly role: string;
  readonly email: Email;
}

/** The role of whoever speaks for a group. */
export const LEAD = 'lead';

export function withoutAddresses(lineup: AddressedLineup): LineupOut {
  return {
    ...lineup,
    groups: lineup.groups.map((group) => ({
      ...group,
      members: group.members.map((member) => ({ ...member, email: null })),
      led: group.led.map((one) => ({ ...one, email: null })),
    })),
    staff: lineup.staff.map((one) => ({ ...one, email: null })),
  };
}

/**
 * Every text of the lineup as any file can hold it: line breaks and other control signs as blanks, halves of a character
 * (lone surrogates) as U+FFFD; a group without a name gets one.
 */
export function cleanLineup(
  lineup: AddressedLineup,
  unnamed: (number: number) => string,
): AddressedLineup {
  return {
    ...lineup,
    name: clean(lineup.name),
    className: clean(lineup.className),
    courseCode: clean(lineup.courseCode),
    instructions: lineup.instructions.toWellFormed(),
    groups: lineup.groups.map((group, row) => ({
      ...group,
      name: group.name.trim() === '' ? unnamed(row + 1) : clean(group.name),
      place: clean(group.place),
      stations: group.stations.map(clean),
      led: group.led.map(cleanStaff),
      time: clean(group.time),
      members: group.members.map((member) => ({
        ...member,
        name: clean(member.name),
        givenName: clean(member.givenName),
        familyName: clean(member.familyName),
        roles: member.roles.map(clean),
        email: clean(member.email).trim(),
      })),
    })),
    staff: lineup.staff.map(cleanStaff),
  };
}

function cleanStaff({ name, role, email }: StaffOut<string>): StaffOut<string> {
  return { name: clean(name), role: clean(role), email: clean(email).trim() };
}

/** Control signs (C0, C1), the line and paragraph separators, and what no XML 1.0 document may hold. */
// eslint-disable-next-line no-control-regex -- they are what is looked for
const UNWRITABLE = /(?:\r\n|[\u0000-\u001f\u007f-\u009f\u2028\u2029\ufffe\uffff])/g;

export function clean(text: string): string {
  return text.toWellFormed().replace(UNWRITABLE, ' ');
}

/** The address where mail can be sent to it; null for none and for what cannot be one. */
export function usableAddress(email: string | null): string | null {
  return email !== null && isAddress(email) ? email : null;
}

/** Usable addresses, each once whatever its letter case, in their order. */
export function usableAddresses(
  people: readonly { readonly email: string | null }[],
): readonly string[] {
  const found = new Map<string, string>();
  for (const { email } of people) {
    const address = usableAddress(email);
    if (address !== null && !found.has(address.toLowerCase())) {
      found.set(address.toLowerCase(), address);
    }
  }
  return [...found.values()];
}

export interface MemberRow {
  readonly group: AnyGroup;
  /** Counted from 1 in the lineup's order. */
  readonly number: number;
  readonly member: AnyMember;
}

/** One row for each member, group by group. */
export function memberRows({ groups }: Pick<AnyLineup, 'groups'>): readonly MemberRow[] {
  return groups.flatMap((group, row) =>
    group.members.map((member) => ({ group, number: row + 1, member })),
  );
}

/** Names of those who have the role. */
export function holders({ members }: AnyGroup, role: string): readonly string[] {
  return members.flatMap(({ name, roles }) => (roles.includes(role) ? [name] : []));
}
