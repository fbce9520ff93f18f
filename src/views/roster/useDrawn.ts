'use client';

import { startTransition, useDeferredValue, useEffect, useMemo, useState } from 'react';

/** A list longer than this is drawn a piece at a time, so that the page answers meanwhile. */
export const AT_ONCE = 400;
const PIECE = 1_000;
const NOBODY: readonly never[] = [];

/** A list as it is to be drawn: of a long one a piece more with each drawing, and later changes a moment later. */
export function useDrawn<T>(list: readonly T[]): readonly T[] {
  const [reached, setReached] = useState(0);
  const short = list.length <= AT_ONCE;
  const whole = reached >= list.length;
  useEffect(() => {
    if (!short && !whole) startTransition(() => setReached(reached + PIECE));
  }, [short, whole, reached]);
  const grown = useMemo(() => (whole ? list : list.slice(0, reached)), [list, whole, reached]);
  const later = useDeferredValue(grown, NOBODY);
  return short ? list : later;
}
