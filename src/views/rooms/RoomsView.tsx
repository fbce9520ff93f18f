'use client';

import { sayLive } from '@/messages/live';
import type { LineupRecord } from '@/schema/lineup';
import { serviceRoot } from '@/services/reach';
import { classById, receiptsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useClassId } from '../frame/useClassId';
import { useOpenLineup } from '../frame/useOpenLineup';
import { isAllowed } from '../frame/allowedServices';
import { TokenField } from '../frame/TokenField';
import { useToken } from '../frame/token';
import { LinkButton } from '../primitives/LinkButton';
import { Invitation } from '../primitives/Invitation';
import { LiveBoard } from './LiveBoard';
import styles from './Rooms.module.css';

/** The rooms of the lineup that is open, while they run: the last session that a hand-off has made. */
export function RoomsView() {
  const classId = useClassId();
  const lineup = useOpenLineup();
  const theClass = useQuery(classById, classId);
  const receipts = useQuery(receiptsOf, lineup?.id ?? ('' as LineupRecord['id']));
  const service = receipts.find(({ service: one }) => one?.session)?.service;
  const session = service?.session;
  const address = service?.address ?? '';
  const { token, setToken } = useToken(address);
  const root = serviceRoot('rooms', address);
  if (!lineup || !theClass || !session || root === null || !isAllowed(address)) {
    return (
      <Invitation text={sayLive.rooms.none}>
        <LinkButton variant="contained" href={`/c/${classId}/handoff`}>
          {sayLive.rooms.toHandOff}
        </LinkButton>
      </Invitation>
    );
  }
  const title = <h2 className={styles.title}>{sayLive.rooms.title(lineup.name)}</h2>;
  if (token === '') {
    return (
      <div className={styles.board}>
        {title}
        <TokenField
          text={sayLive.rooms.address(address)}
          label={sayLive.rooms.token}
          go={sayLive.rooms.look}
          onToken={setToken}
        />
      </div>
    );
  }
  return (
    <LiveBoard
      key={`${address} ${session.id} ${token}`}
      place={{ root, token, sessionId: session.id }}
      address={address}
      kept={session.rooms}
      theClass={theClass}
      lineup={lineup}
      title={title}
      onToken={() => setToken('')}
    />
  );
}
