'use client';

import { useEffect } from 'react';
import { useStore } from '@/store/react';
import { hasKeptFile } from './keptFileMark';
import { keepOffline } from './newerBuild';
import { askToStay, countWork } from './safekeeping';

/** What goes on beside the work: keeping the application for when there is no network, and the classes safe. */
export function Background() {
  const store = useStore();
  useEffect(() => {
    // A browser that keeps nothing for offline works all the same.
    keepOffline().catch(() => undefined);
    void askToStay(store);
    const ends = [countWork(store)];
    let ended = false;
    if (hasKeptFile()) {
      void import('./keptFile').then(({ keepFileUpToDate }) => {
        if (!ended) ends.push(keepFileUpToDate(store));
      });
    }
    return () => {
      ended = true;
      ends.forEach((end) => end());
    };
  }, [store]);
  return null;
}
