'use client';

import { useEffect, useState } from 'react';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { spokenOrder } from '@/messages/speaking';
import { sayLive } from '@/messages/live';
import { isAddress } from '@/formats/address';
import { clientFor } from '@/services/reach';
import { SpacesClient } from '@/services/channels/spaces';
import type { Space } from '@/services/channels/spacesContract';
import { Session } from '@/services/rooms/contract';
import type { Why } from '@/services/types';
import type { NamesByAddress } from '../frame/useNamesByAddress';
import { Select } from '../primitives/Select';
import type { PlacedSpace } from './placed';
import { SpaceBody } from './SpaceBody';
import styles from './Spaces.module.css';
import { whyOf, type SpacesPlace } from './useSpaces';

export interface RoomsPlace {
  readonly root: string;
  readonly token: string;
  readonly sessionId: string;
}

/** What the service shows to a student: asked of it as that student, for the own space and for every other. */
interface Seen {
  readonly as: string;
  readonly own: readonly Space[];
  readonly others: number;
  /** Names of spaces that are shown and should not be. */
  readonly leaks: readonly string[];
  readonly roomNames: readonly string[];
}

const TEACHER = '';

interface AsChooserProps {
  readonly out: AddressedLineup;
  readonly names: NamesByAddress;
  /** Address of the student; null for the teacher. */
  readonly as: string | null;
  readonly onAs: (email: string | null) => void;
}

/** Whose eyes the page is looked at with. */
export function AsChooser({ out, names, as, onAs }: AsChooserProps) {
  const words = sayLive.spaces.as;
  const students = out.groups
    .flatMap((group) => group.members)
    .map(({ email }) => email.trim())
    .filter(isAddress)
    .map((value) => ({ value, label: names.nameOf({ email: value }) }))
    .sort((a, b) => spokenOrder(a.label, b.label));
  return (
    <section aria-label={words.title}>
      <h3 className={styles.subtitle}>{words.title}</h3>
      <Select
        label={words.who}
        value={as ?? TEACHER}
        options={[{ value: TEACHER, label: words.nobody }, ...students]}
        onChange={(email) => onAs(email === TEACHER ? null : email)}
      />
    </section>
  );
}

interface SeenBodyProps {
  readonly place: SpacesPlace;
  readonly rooms: RoomsPlace | null;
  readonly spaces: readonly PlacedSpace[];
  readonly names: NamesByAddress;
  /** Address of the student. */
  readonly as: string;
}

/** The spaces and rooms exactly as a student has them, and the proof that nothing else is shown. */
export function SeenBody({ place, rooms, spaces, names, as }: SeenBodyProps) {
  const words = sayLive.spaces.as;
  const [seen, setSeen] = useState<Seen | { readonly as: string; readonly why: Why } | null>(null);
  const { root, token } = place;
  // Spaces are looked at again and again; who is asked for, and where, changes seldom.
  const ids = JSON.stringify(spaces.map(({ brief, name }) => [brief.id, name]));
  const room = JSON.stringify(rooms);
  useEffect(() => {
    const stop = new AbortController();
    seenBy(
      as,
      new SpacesClient(clientFor('spaces', root, token, stop.signal)),
      JSON.parse(ids) as [string, string][],
      JSON.parse(room) as RoomsPlace | null,
      stop.signal,
    )
      .then(setSeen)
      .catch((error: unknown) => {
        if (!stop.signal.aborted) setSeen({ as, why: whyOf(error) });
      });
    return () => stop.abort();
  }, [as, root, token, ids, room]);
  if (seen?.as !== as) return <p role="status">{words.looking}</p>;
  if ('why' in seen) return <p className={styles.issue}>{sayLive.spaces.failed(seen.why)}</p>;
  const { own, others, leaks, roomNames } = seen;
  return (
    <div className={styles.seen} role="status">
      <p>
        <strong>{words.sees(names.nameOf({ email: as }), own.length, roomNames.length)}</strong>{' '}
        {leaks.length > 0 ? (
          <span className={styles.issue}>{words.leaks(leaks)}</span>
        ) : (
          words.proved(others)
        )}
      </p>
      {own.map((space) => (
        <article key={space.id} className={styles.student}>
          <h3 className={styles.subtitle}>{space.name}</h3>
          <p className={styles.members}>
            {space.members.map((one) => names.nameOf(one)).join(', ')}
          </p>
          <SpaceBody space={space} names={names} />
        </article>
      ))}
      {rooms && roomNames.length === 0 && <p>{words.noRoom}</p>}
      {roomNames.map((name) => (
        <p key={name}>{words.room(name)}</p>
      ))}
    </div>
  );
}

async function seenBy(
  as: string,
  client: SpacesClient,
  spaces: readonly (readonly [string, string])[],
  rooms: RoomsPlace | null,
  stop: AbortSignal,
): Promise<Seen> {
  const listed = new Set(((await client.seenBy(as)) ?? []).map(({ id }) => id));
  const own: Space[] = [];
  const leaks: string[] = [];
  let others = 0;
  for (const [id, name] of spaces) {
    // Not the list alone: each is asked for by its own address too.
    const space = await client.read(id, as);
    const mine = space?.members.some(({ email }) => email.toLowerCase() === as.toLowerCase());
    if (space && mine) own.push(space);
    else others++;
    if (!mine && (space !== null || listed.has(id))) leaks.push(name);
  }
  return { as, own, others, leaks, roomNames: rooms ? await roomsSeenBy(as, rooms, stop) : [] };
}

async function roomsSeenBy(
  as: string,
  { root, token, sessionId }: RoomsPlace,
  stop: AbortSignal,
): Promise<readonly string[]> {
  const answer = await clientFor('rooms', root, token, stop).send(
    'GET',
    `/sessions/${encodeURIComponent(sessionId)}?${new URLSearchParams({ as })}`,
  );
  const read = Session.safeParse(answer.body);
  return answer.status === 200 && read.success ? read.data.rooms.map(({ name }) => name) : [];
}
