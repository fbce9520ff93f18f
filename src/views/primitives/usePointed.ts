import { useEffect, useState } from 'react';

const HINTS = ['pointermove', 'pointerdown', 'touchstart'] as const;

/** Whether a mouse, pen or finger was seen at work by now: what only they need is loaded then. */
export function usePointed(): boolean {
  const [pointed, setPointed] = useState(false);
  useEffect(() => {
    const seen = new AbortController();
    const see = (): void => {
      setPointed(true);
      seen.abort();
    };
    for (const hint of HINTS) {
      window.addEventListener(hint, see, { passive: true, signal: seen.signal });
    }
    return () => seen.abort();
  }, []);
  return pointed;
}
