'use client';

import { useEffect, useRef, type RefObject } from 'react';

/** The press on a tile that has begun before dragging was loaded, and has not ended; null where there is none. */
export function useEarlyPress(area: RefObject<HTMLElement | null>): RefObject<Event | null> {
  const press = useRef<Event | null>(null);
  useEffect(() => {
    const heard = new AbortController();
    const begin = (event: Event): void => {
      press.current = event;
    };
    const end = (): void => {
      press.current = null;
    };
    const options = { passive: true, signal: heard.signal };
    for (const name of ['mousedown', 'touchstart']) {
      area.current?.addEventListener(name, begin, options);
    }
    for (const name of ['mouseup', 'touchend', 'touchcancel']) {
      window.addEventListener(name, end, options);
    }
    return () => heard.abort();
  }, [area]);
  return press;
}
