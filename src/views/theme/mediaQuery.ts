'use client';

import { useSyncExternalStore } from 'react';

/** Whether a media query holds, kept up to date. */
export function useMediaQuery(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => matchMedia(query).matches,
    () => false,
  );
}
