'use client';

import { useCallback, useLayoutEffect, useRef } from 'react';

/** A command that stays the same function while what it does is always the newest: for handlers of memoised rows. */
export function useStable<A extends readonly unknown[], R>(
  run: (...args: A) => R,
): (...args: A) => R {
  const newest = useRef(run);
  useLayoutEffect(() => {
    newest.current = run;
  });
  return useCallback((...args: A) => newest.current(...args), []);
}
