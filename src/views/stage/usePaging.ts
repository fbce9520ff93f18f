'use client';

import { useEffect, type RefObject } from 'react';

/** Long enough to find a name in a screenful. */
const PAGE_MS = 12_000;

/**
 * Turns slowly through what is longer than its box, a screenful at a time and from the end back to the start; a hand
 * on the page stops it for as long as it takes to come round again.
 */
export function usePaging(box: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    let waiting = false;
    const turn = (): void => {
      const { scrollTop, clientHeight, scrollHeight } = element;
      if (scrollHeight <= clientHeight + 1) return;
      if (waiting) {
        waiting = false;
        return;
      }
      const atEnd = scrollTop + clientHeight >= scrollHeight - 1;
      element.scrollTo({ top: atEnd ? 0 : scrollTop + clientHeight * 0.92 });
    };
    const hold = (): void => {
      waiting = true;
    };
    const timer = setInterval(turn, PAGE_MS);
    const touched = ['wheel', 'pointerdown', 'keydown'] as const;
    touched.forEach((kind) => element.addEventListener(kind, hold, { passive: true }));
    return () => {
      clearInterval(timer);
      touched.forEach((kind) => element.removeEventListener(kind, hold));
    };
  }, [box]);
}
