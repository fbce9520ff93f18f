'use client';

import { useSyncExternalStore } from 'react';
import { today } from './today';

const DAY_MS = 86_400_000;

/** Tells of a new day at midnight, and when a page that slept through it is looked at again. */
function listen(changed: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const untilMidnight = (): number => new Date().setHours(24, 0, 1, 0) - Date.now();
  const wait = (): void => {
    timer = setTimeout(
      () => {
        changed();
        wait();
      },
      Math.min(DAY_MS, untilMidnight()),
    );
  };
  wait();
  document.addEventListener('visibilitychange', changed);
  return () => {
    clearTimeout(timer);
    document.removeEventListener('visibilitychange', changed);
  };
}

/** Today where the teacher is, as YYYY-MM-DD; tomorrow it is another day, also on a page left open. */
export function useToday(): string {
  return useSyncExternalStore(listen, today, today);
}
