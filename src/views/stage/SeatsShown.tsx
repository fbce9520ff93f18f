'use client';

import { saySeats } from '@/messages/seats';
import { sayShown } from '@/messages/shown';
import type { LineupRecord } from '@/schema/lineup';
import { seatSessionOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { NoSeatsOpen } from '../frame/NoSeatsOpen';
import { useLiveSeats } from '../frame/liveSeats';
import { seatsAddress, typedAddress } from '../frame/seatsService';
import { InClassLanguage, useClassLanguage } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useNow } from '../frame/useNow';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useReach } from '../frame/useReach';
import { LinkButton } from '../primitives/LinkButton';
import { QrCode } from '../primitives/QrCode';
import styles from './SeatsShown.module.css';

/** For the projector while a class chooses: where to go, how long it is open, how many have a place. No name, no rule. */
export function SeatsShown() {
  const classId = useClassId();
  const lineup = useOpenLineup();
  const record = useQuery(seatSessionOf, lineup?.id ?? ('' as LineupRecord['id']));
  const live = useLiveSeats(record?.id ?? '');
  const reach = useReach();
  const [tag] = useClassLanguage(classId);
  const endsAt = live.session?.endsAt ?? null;
  const now = useNow(endsAt === null ? null : Date.parse(endsAt) - live.ahead) + live.ahead;
  const code = record?.opened?.code;
  if (!lineup || !record || !code || !reach) {
    return (
      <main className={styles.page}>
        <NoSeatsOpen classId={classId} />
      </main>
    );
  }
  const address = seatsAddress(reach.base, code, tag);
  const { people = [], state = 'open' } = live.session ?? {};
  const done = people.filter(({ group, wishes }) =>
    record.kind === 'seats' ? group !== null : wishes.length > 0,
  ).length;
  const over = record.closedAt !== null || state === 'closed';
  const left = endsAt === null ? null : Math.max(0, Math.round((Date.parse(endsAt) - now) / 1000));
  return (
    <InClassLanguage classId={classId}>
      <main className={styles.page}>
        <h1 className={styles.title}>{lineup.name}</h1>
        {over ? (
          <p className={styles.large}>{sayShown.seats.over}</p>
        ) : (
          <>
            <p className={styles.address}>{typedAddress(reach.base, code)}</p>
            <QrCode className={styles.code} text={address} label={sayShown.seats.addressLabel} />
            <p className={styles.text}>{sayShown.seats.pin}</p>
            <p className={styles.large} data-paused={state === 'paused'}>
              {state === 'paused'
                ? sayShown.seats.isPaused
                : left === null
                  ? sayShown.seats.isOpen
                  : sayShown.seats.left(
                      left > 90
                        ? sayShown.seats.minutes(Math.ceil(left / 60))
                        : sayShown.seats.seconds(left),
                    )}
            </p>
          </>
        )}
        {people.length > 0 && (
          <p className={styles.text}>
            {record.kind === 'seats'
              ? sayShown.seats.places(done, people.length)
              : sayShown.seats.answered(done, people.length)}
          </p>
        )}
        <LinkButton size="small" variant="plain" href={`/c/${classId}/groups/seats`}>
          {saySeats.slipsBack}
        </LinkButton>
      </main>
    </InClassLanguage>
  );
}
