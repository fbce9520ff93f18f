'use client';

import { clockFigures } from '@/messages/clockFigures';
import { useState, type ReactNode } from 'react';
import { sayLive } from '@/messages/live';
import type { Session } from '@/services/rooms/contract';
import { useNow } from '../frame/useNow';
import { Button } from '../primitives/Button';
import { minutesUntil, openedAt } from './liveFacts';
import styles from './Rooms.module.css';
import type { Board } from './useBoard';

interface TimeBandProps {
  readonly session: Session;
  readonly ahead: number;
  readonly act: Board['act'];
  /** Who is here, in words. */
  readonly count: string;
  readonly children: ReactNode;
}

/** The time that the rooms have left, as figures and as a stretch that runs out, and what may be done about it. */
export function TimeBand({ session, ahead, act, count, children }: TimeBandProps) {
  const words = sayLive.rooms;
  const { state = 'open', minutes = null, closesAt = null, warningSeconds = null } = session;
  const [closing, setClosing] = useState(false);
  const ends = state === 'closing' ? closesAt : (session.endsAt ?? null);
  const end = ends === null || state === 'closed' ? null : Date.parse(ends) - ahead;
  const now = useNow(end);
  const left = end === null ? null : Math.max(0, end - now);
  const opened = openedAt(session);
  const whole = minutes === null ? null : minutes * 60_000;
  const share = left === null || whole === null || opened === null ? null : left / whole;
  const warns = left !== null && left <= (warningSeconds ?? 60) * 1000;
  const countdown = countdownOf(session);
  const setMinutes = (next: number): void => act((live) => live.setMinutes(Math.max(1, next)));
  const add = (by: number): void => setMinutes((minutes ?? 0) + by);
  return (
    <section
      className={styles.time}
      aria-label={words.state[state]}
      data-state={state}
      data-warns={warns || undefined}
    >
      <p className={styles.figures} role="timer">
        {left === null && whole === null
          ? '–'
          : clockFigures(Math.ceil((left ?? (state === 'closed' ? 0 : whole) ?? 0) / 1000))}
      </p>
      <div className={styles.about}>
        <p>
          <strong>{state === 'open' ? count : words.state[state]}</strong>{' '}
          {state === 'open' && (end === null ? words.noEnd : words.endsAt(end))}
        </p>
        <div className={styles.stretch} aria-hidden="true">
          <div style={{ inlineSize: `${(share ?? (state === 'open' ? 1 : 0)) * 100}%` }} />
        </div>
        {children}
      </div>
      <div className={styles.doings}>
        {state === 'made' && (
          <Button variant="contained" onClick={() => act((live) => live.open())}>
            {words.open}
          </Button>
        )}
        {state === 'closing' && (
          <Button
            variant="apricot"
            onClick={() => setMinutes(minutesUntil(session, Date.now() + ahead, 5))}
          >
            {words.reopen}
          </Button>
        )}
        {state === 'open' && minutes !== null && (
          <>
            <Button variant="paper" aria-label={words.less} onClick={() => add(-1)}>
              −1
            </Button>
            <Button variant="paper" aria-label={words.more(1)} onClick={() => add(1)}>
              +1
            </Button>
            <Button variant="paper" aria-label={words.more(5)} onClick={() => add(5)}>
              +5
            </Button>
          </>
        )}
        {state === 'open' &&
          (closing ? (
            <>
              <Button
                variant="contained"
                grave
                onClick={() => {
                  setClosing(false);
                  act((live) => live.close());
                }}
              >
                {words.closeSure(countdown)}
              </Button>
              <Button variant="paper" onClick={() => setClosing(false)}>
                {words.keepOpen}
              </Button>
            </>
          ) : (
            <Button variant="paper" onClick={() => setClosing(true)}>
              {words.close}
            </Button>
          ))}
      </div>
    </section>
  );
}

/** Seconds between the end of the time and the closing; null where the service does not tell. */
function countdownOf({ endsAt, closesAt }: Session): number | null {
  if (!endsAt || !closesAt) return null;
  return Math.round((Date.parse(closesAt) - Date.parse(endsAt)) / 1000);
}
