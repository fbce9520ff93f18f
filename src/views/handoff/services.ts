import * as z from 'zod/mini';
import type { PublicAddresses } from '@/encode/publicLineup';
import type { ReceiptRecord } from '@/schema/receipt';
import type { Setting } from '@/schema/setting';
import type { RollStudent } from '@/schema/student';
import { handOffToChannels } from '@/services/channels/handOff';
import { Scim } from '@/services/channels/scim';
import { lostSights, SpacesClient, type LostSight } from '@/services/channels/spaces';
import { classAround, clientFor, serviceRoot, type ServiceKind } from '@/services/reach';
import { handOffToRooms, type EarlierSession } from '@/services/rooms/handOff';
import type { HandedOff } from '@/services/types';
import { isDemo } from '../frame/isDemo';

/** Where the services of a class are, and how rooms are opened; a token is never kept here. */
const Connection = z.object({
  address: z.string(),
  createUsers: z.boolean(),
  moveIn: z.enum(['automatic', 'invited']),
  mayReturn: z.boolean(),
  minutes: z.nullable(z.number()),
  open: z.boolean(),
});
export type Connection = z.infer<typeof Connection>;

const USUAL: Connection = {
  ...{ address: '', createUsers: false, moveIn: 'automatic', mayReturn: true },
  ...{ minutes: 20, open: false },
};
export const CONNECTIONS: Readonly<Record<ServiceKind, Setting<Connection>>> = {
  channels: { name: 'serviceChannels', shape: Connection, usual: USUAL },
  rooms: { name: 'serviceRooms', shape: Connection, usual: USUAL },
};

export interface Asked {
  readonly kind: ServiceKind;
  readonly connection: Connection;
  readonly token: string;
  readonly lineup: PublicAddresses;
  /** Everybody of the class under their real names. */
  readonly students: readonly RollStudent[];
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly earlier: EarlierSession | null;
  readonly dryRun: boolean;
  readonly stop: AbortSignal;
  readonly onGroup: (done: number) => void;
}

export type Sent = HandedOff & {
  readonly session?: EarlierSession | null;
  /** What those who leave would not see any more; told before anything is sent. */
  readonly lost?: readonly LostSight[];
};

/** Brings a service in line with a lineup, or with a dry run tells what would change. */
export async function sendTo(asked: Asked): Promise<Sent> {
  const { kind, connection, token, lineup, students, day, earlier, dryRun, stop, onGroup } = asked;
  const client = clientFor(kind, serviceRoot(kind, connection.address) ?? '', token, stop);
  if (kind === 'channels') {
    const sent = await handOffToChannels(new Scim(client), lineup, {
      ...classAround(lineup, students, day),
      ...{ dryRun, onGroup, createUsers: connection.createUsers },
    });
    if (!dryRun || sent.ended) return sent;
    const root = serviceRoot('spaces', connection.address) ?? '';
    const spaces = new SpacesClient(clientFor('spaces', root, token, stop));
    // A service without spaces has nothing that could be lost sight of.
    return { ...sent, lost: await lostSights(spaces, sent.plan).catch(() => []) };
  }
  const { moveIn, mayReturn, minutes, open } = connection;
  return handOffToRooms(client, lineup, {
    ...{ dryRun, onGroup, moveIn, mayReturn, minutes, open, earlier, day },
    ...{ warningSeconds: 60, countdownSeconds: 30 },
    hash: async (text) => {
      const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
      return Array.from(new Uint8Array(digest), (byte) => byte.toString(16).padStart(2, '0')).join(
        '',
      );
    },
  });
}

/** The session that the last hand-off to rooms at this address tells of. */
export function earlierSession(
  receipts: readonly ReceiptRecord[],
  kind: ServiceKind,
  address: string,
): EarlierSession | null {
  if (kind !== 'rooms') return null;
  return (
    receipts.find(({ to, service }) => to === 'rooms' && service?.address === address)?.service
      ?.session ?? null
  );
}

/** The practice service of the demo; null where there is none. */
export function practiceAddress(): string | null {
  return isDemo() ? `${window.location.origin}/standins` : null;
}
export const PRACTICE_TOKEN = 'river';
