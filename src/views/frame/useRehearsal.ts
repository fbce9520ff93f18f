'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Bench } from '@/encode/bench';
import { requestFor } from '@/encode/request';
import { useArrangeClient } from './arranging';

/** With more students the rehearsal would still be running when the first shuffle is asked for. */
const MOST_STUDENTS = 120;
/** After the first painting, and what is loaded beside it, have had the machine to themselves. */
const WAIT_MS = 400;

/**
 * Has the worker deal a lineup twice for nobody, soon after it is opened: started and warm, it answers the first real
 * shuffle as quickly as the later ones. Returns what ends the rehearsal, for a shuffle that is asked for before.
 */
export function useRehearsal(opened: Bench): () => void {
  const client = useArrangeClient();
  const [bench] = useState(opened);
  const end = useRef<() => void>(null);
  useEffect(() => {
    if (bench.students.length > MOST_STUDENTS) return undefined;
    const stop = new AbortController();
    const wait = setTimeout(() => {
      const { signal } = stop;
      const deal = (seed: number) => client.arrange(requestFor(bench, seed).request, { signal });
      // Once to load and compile, once more to have the hot parts compiled well.
      deal(1).then(
        () => deal(2).catch(() => undefined),
        () => undefined,
      );
    }, WAIT_MS);
    end.current = () => {
      clearTimeout(wait);
      stop.abort();
    };
    return end.current;
  }, [client, bench]);
  return useCallback(() => end.current?.(), []);
}
