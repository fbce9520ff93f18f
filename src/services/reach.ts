import { MACHINE, rootOf, ServiceClient } from './client';
import { SPACES_ROOT } from './channels/spacesContract';
import { ROOMS_ROOT } from './rooms/contract';
import type { ServiceLineup } from './types';

export type ServiceKind = 'channels' | 'rooms';
/** What is spoken with; spaces belong to channels. */
export type Interface = ServiceKind | 'spaces';

const PLAIN = 'application/json, application/problem+json';

/** Where each kind of service is below the address that a teacher enters, and what it answers in. */
const KINDS: Readonly<Record<Interface, { readonly root: string; readonly accept: string }>> = {
  channels: { root: '/scim/v2', accept: 'application/scim+json, application/json' },
  rooms: { root: ROOMS_ROOT, accept: PLAIN },
  spaces: { root: SPACES_ROOT, accept: PLAIN },
};

/** The root of a service; null where the address is none of the web. */
export function serviceRoot(kind: Interface, address: string): string | null {
  return rootOf(address.trim(), KINDS[kind].root);
}

export function clientFor(
  kind: Interface,
  root: string,
  token: string,
  stop?: AbortSignal,
): ServiceClient {
  return new ServiceClient(root, token, MACHINE, KINDS[kind].accept, stop);
}

/** What is read of everybody of a class. */
interface Known {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly awayOn: string | null;
  readonly left: string | null;
}

/** What channels need to know of the class beside the lineup: who is merely away on a day, and who has which address. */
export function classAround(
  { groups }: ServiceLineup,
  students: readonly Known[],
  day: string,
): { readonly mayStay: readonly string[]; readonly nameOf: ReadonlyMap<string, string> } {
  const seated = new Set(groups.flatMap(({ members }) => members.map(({ id }) => id)));
  return {
    mayStay: students.flatMap(({ id, awayOn, left, email }) =>
      awayOn === day && left === null && !seated.has(id) ? [email.trim()] : [],
    ),
    nameOf: new Map(students.map(({ email, name }) => [email.trim().toLowerCase(), name])),
  };
}
