'use client';

import { sayLive } from '@/messages/live';
import type { LineupRecord } from '@/schema/lineup';
import { serviceRoot } from '@/services/reach';
import { classById, receiptsOf, shownTake } from '@/store/queries';
import { useQuery } from '@/store/react';
import { isAllowed } from '../frame/allowedServices';
import { TokenField } from '../frame/TokenField';
import { useToken } from '../frame/token';
import { useClassId } from '../frame/useClassId';
import { useOpenLineup } from '../frame/useOpenLineup';
import { lazily } from '../primitives/lazily';
import { LinkButton } from '../primitives/LinkButton';
import { Invitation } from '../primitives/Invitation';
import styles from './Spaces.module.css';

/** What speaks to the service comes once its token is known. */
const Spaces = lazily(() => import('./Spaces').then((module) => module.Spaces));

/** What each group of the open lineup has to itself in the channels that it was handed off to last. */
export function SpacesView() {
  const classId = useClassId();
  const lineup = useOpenLineup();
  const theClass = useQuery(classById, classId);
  const take = useQuery(shownTake, lineup?.id ?? ('' as LineupRecord['id']));
  const receipts = useQuery(receiptsOf, lineup?.id ?? ('' as LineupRecord['id']));
  const address = receipts.find(({ to }) => to === 'channels')?.service?.address ?? '';
  const session = receipts.find(({ service }) => service?.session)?.service ?? null;
  const { token, setToken } = useToken(address);
  const rooms = useToken(session?.address ?? '');
  const root = serviceRoot('spaces', address);
  const words = sayLive.spaces;
  if (!lineup || !theClass || !take || root === null || !isAllowed(address)) {
    return (
      <Invitation text={words.none}>
        <LinkButton variant="contained" href={`/c/${classId}/handoff`}>
          {words.toHandOff}
        </LinkButton>
      </Invitation>
    );
  }
  const title = <h2 className={styles.title}>{words.title(lineup.name)}</h2>;
  if (token === '') {
    return (
      <div className={styles.view}>
        {title}
        <TokenField
          text={words.address(address)}
          label={words.token}
          go={words.look}
          onToken={setToken}
        />
      </div>
    );
  }
  const roomsRoot = session && serviceRoot('rooms', session.address);
  return (
    <Spaces
      key={`${address} ${token} ${lineup.id}`}
      place={{ root, token }}
      rooms={
        roomsRoot && session.session && rooms.token !== ''
          ? { root: roomsRoot, token: rooms.token, sessionId: session.session.id }
          : null
      }
      theClass={theClass}
      lineup={lineup}
      take={take}
      title={title}
    />
  );
}
