'use client';

import { useEffect, useState } from 'react';

const STILL_MS = 3_000;

/** Whether neither pointer nor focus has moved for a moment: then pointer and controls step back from the class's eyes. */
export function useStill(): boolean {
  const [still, setStill] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const moved = (): void => {
      setStill(false);
      clearTimeout(timer);
      timer = setTimeout(() => setStill(true), STILL_MS);
    };
    moved();
    const kinds = ['pointermove', 'pointerdown', 'focusin'] as const;
    kinds.forEach((kind) => window.addEventListener(kind, moved, { passive: true }));
    return () => {
      clearTimeout(timer);
      kinds.forEach((kind) => window.removeEventListener(kind, moved));
    };
  }, []);
  return still;
}
