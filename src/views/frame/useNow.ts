'use client';

import { useEffect, useState } from 'react';

/**
 * The moment in ms, kept up to date until a clock has ended; `endsAt` null stands still. It looks again just after each
 * second of what is left has turned, so that all windows turn together.
 */
export function useNow(endsAt: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (endsAt === null) return undefined;
    let timer: ReturnType<typeof setTimeout>;
    const look = (): void => {
      const moment = Date.now();
      setNow(moment);
      const left = endsAt - moment;
      if (left > 0) timer = setTimeout(look, (left % 1000 || 1000) + 1);
    };
    look();
    return () => clearTimeout(timer);
  }, [endsAt]);
  return now;
}
