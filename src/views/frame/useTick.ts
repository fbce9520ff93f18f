'use client';

import { useSyncExternalStore } from 'react';

const STEP_MS = 5_000;

let moment = 0;
let timer: ReturnType<typeof setInterval> | undefined;
const listeners = new Set<() => void>();

function listen(changed: () => void): () => void {
  listeners.add(changed);
  moment = Date.now();
  timer ??= setInterval(() => {
    moment = Date.now();
    listeners.forEach((one) => one());
  }, STEP_MS);
  return () => {
    listeners.delete(changed);
    if (listeners.size > 0) return;
    clearInterval(timer);
    timer = undefined;
  };
}

const now = (): number => (moment === 0 ? (moment = Date.now()) : moment);

/** The moment in ms, told anew every five seconds: for what is said to the minute. One clock for all who ask. */
export function useTick(): number {
  return useSyncExternalStore(listen, now, () => 0);
}
