'use client';

import { saySeats } from '@/messages/seats';
import type { SeatGroup } from '@/schema/seatSession';
import type { SeatsSession } from '@/services/seats/contract';
import page from '../frame/SidePage.module.css';
import styles from './Seats.module.css';

/** So many lines are drawn; a lecture of a thousand would make the page slow. */
const SHOWN = 100;

interface LogProps {
  readonly session: SeatsSession;
  readonly nameOf: (person: string) => string;
  readonly groups: readonly SeatGroup[];
}

/** What happened, the newest first. */
export function Log({ session, nameOf, groups }: LogProps) {
  const lines = session.log.slice(-SHOWN).reverse();
  return (
    <details className={styles.log}>
      <summary className={page.said}>{saySeats.log}</summary>
      {lines.length === 0 && <p>{saySeats.logEmpty}</p>}
      <ol>
        {lines.map(({ id, at, what, person, group }) => (
          <li key={id}>
            {saySeats.logLine(
              what,
              nameOf(person),
              groups.find((one) => one.id === group)?.name ?? null,
              Date.parse(at),
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}
