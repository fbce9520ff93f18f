'use client';

import { useSyncExternalStore, type RefObject } from 'react';

/** Whether the element fills the screen, and the way to change that; browsers may refuse. */
export function useFullScreen(
  element: RefObject<HTMLElement | null>,
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
    const done = full ? document.exitFullscreen() : element.current?.requestFullscreen();
    void done?.catch(() => undefined);
  };
  return [full, toggle];
}
