'use client';

import { saySeats } from '@/messages/seats';
import { sayShown } from '@/messages/shown';
import type { LineupRecord } from '@/schema/lineup';
import { classById, seatSessionOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useStageNames } from '../frame/names';
import { NoSeatsOpen } from '../frame/NoSeatsOpen';
import { useRoute } from '../primitives/route';
import { seatsAddress, typedAddress } from '../frame/seatsService';
import { useRealRoll } from '../frame/students';
import { InClassLanguage, useClassLanguage } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useReach } from '../frame/useReach';
import { Button } from '../primitives/Button';
import { QrCode } from '../primitives/QrCode';
import { inPages } from './paging';
import styles from './print.module.css';
import { Page } from './sheets/Page';

/** Two in a row, five rows. */
const PER_PAGE = 10;

/** A slip for each who chooses: their name, the address, their PIN and their own code, to cut and hand out. */
export function SeatSlips() {
  const { go } = useRoute();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const record = useQuery(seatSessionOf, lineup?.id ?? ('' as LineupRecord['id']));
  const nameOf = useStageNames(useRealRoll(classId, lineup), classId);
  const reach = useReach();
  const [tag] = useClassLanguage(classId);
  const opened = record?.opened;
  if (!lineup || !theClass || !opened) {
    return (
      <main className={styles.none}>
        <NoSeatsOpen classId={classId} />
      </main>
    );
  }
  if (!reach) return null;
  const address = seatsAddress(reach.base, opened.code, tag);
  const pages = inPages(opened.slips, PER_PAGE);
  return (
    <div className={styles.print}>
      <header className={styles.bar}>
        <h1>{saySeats.slipsTitle(lineup.name)}</h1>
        <p className={styles.count} role="status">
          {saySeats.pages(pages.length)}
        </p>
        <Button variant="contained" onClick={() => window.print()}>
          {saySeats.print}
        </Button>
        <Button variant="paper" onClick={() => go(`/c/${classId}/groups/seats`)}>
          {saySeats.slipsBack}
        </Button>
      </header>
      <main className={styles.sheets}>
        <InClassLanguage classId={classId}>
          {pages.map((slips, page) => (
            <Page key={page} className={theClass.name} lineup={lineup.name} size="a4" bare>
              <ul className={styles.seatSlips}>
                {slips.map(({ id, studentId, pin, secret }) => (
                  <li key={id}>
                    <div>
                      <h3>
                        <bdi>{nameOf(studentId)}</bdi>
                      </h3>
                      <p>{typedAddress(reach.base, opened.code)}</p>
                      <p className={styles.pin}>{sayShown.seats.slipPin(pin)}</p>
                    </div>
                    <QrCode
                      text={`${address}#t=${secret}`}
                      label={sayShown.seats.slipCode(nameOf(studentId))}
                    />
                  </li>
                ))}
              </ul>
            </Page>
          ))}
        </InClassLanguage>
      </main>
    </div>
  );
}
