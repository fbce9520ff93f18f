'use client';

import { useSyncExternalStore, type RefObject } from 'react';

/** Whether the element fills the screen, and the way to change that; a browser that refuses is told of. */
export function useFullScreen(
  element: RefObject<HTMLElement | null>,
  onRefused: () => void,
): readonly [boolean, () => void] {
  const full = useSyncExternalStore(
    (changed) => {
      document.addEventListener('fullscreenchange', changed);
      return () => document.removeEventListener('fullscreenchange', changed);
    },
    () => document.fullscreenElement !== null,
    () => false,
  );
  const toggle = (): void => {
    const { current } = element;
    if (full) void document.exitFullscreen().catch(() => undefined);
    else if (current && 'requestFullscreen' in current) {
      current.requestFullscreen().catch(onRefused);
    } else onRefused();
  };
  return [full, toggle];
}
