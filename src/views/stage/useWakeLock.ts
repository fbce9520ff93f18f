'use client';

import { useEffect, useRef } from 'react';

/** Keeps the screen awake while the stage is seen, where the browser allows it; a refusal is told of, no more. */
export function useWakeLock(onRefused: () => void): void {
  const refused = useRef(onRefused);
  useEffect(() => {
    refused.current = onRefused;
  });
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const ask = (): void => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (given) => {
          lock = given;
        },
        // A page that has just been left is refused too, and asks again when it is back.
        () => {
          if (document.visibilityState === 'visible') refused.current();
        },
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}
