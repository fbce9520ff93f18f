'use client';

import { sayShown } from '@/messages/shown';
import { clockState, secondsShown } from '@/encode/conducting';
import type { Clock } from '@/schema/scene';
import { useNow } from '../frame/useNow';
import styles from './StageView.module.css';

interface ClockFaceProps {
  readonly clock: Clock;
  readonly large?: boolean;
}

/** What is left, in figures of one width, with a word where it runs out. */
export function ClockFace({ clock, large = false }: ClockFaceProps) {
  const now = useNow(clock.endsAt);
  const state = clockState(clock, now);
  return (
    <p className={styles.clock} data-state={state} data-large={large || undefined} role="timer">
      <span>{sayShown.stage.clock.figures(secondsShown(clock, now))}</span>
      {state !== 'running' && <small>{sayShown.stage.clock[state]}</small>}
    </p>
  );
}
