'use client';

import { withWords } from '@/messages/speaking';
import { useEffect } from 'react';
import { useStore } from '@/store/react';
import { hasKeptFile } from './keptFileMark';
import { keepOffline } from './newerBuild';
import { askToStay, countWork } from './safekeeping';

/** What goes on beside the work: keeping the application for when there is no network, and the classes safe. */
export function Background() {
  const store = useStore();
  useEffect(() => {
    // Once the page has come to rest; a browser that keeps nothing for offline works all the same.
    const atRest = afterRest(() => void keepOffline().catch(() => undefined));
    void askToStay(store);
    const ends = [countWork(store)];
    let ended = false;
    if (hasKeptFile()) {
      void withWords(import('./keptFile')).then(({ keepFileUpToDate }) => {
        if (!ended) ends.push(keepFileUpToDate(store));
      });
    }
    return () => {
      ended = true;
      atRest();
      ends.forEach((end) => end());
    };
  }, [store]);
  return null;
}

/** A page that works on all the time waits no longer than this, in ms. */
const LONGEST_WAIT = 2_000;

/** Runs something when the page has nothing else to do; the returned function takes that back. */
function afterRest(run: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const timer = setTimeout(run, LONGEST_WAIT);
    return () => clearTimeout(timer);
  }
  const handle = window.requestIdleCallback(run, { timeout: LONGEST_WAIT });
  return () => window.cancelIdleCallback(handle);
}
