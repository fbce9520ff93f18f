'use client';

import { useEffect, useState } from 'react';
import * as z from 'zod/mini';
import { SEATS } from './seatsService';

const Reach = z.object({ students: z.nullable(z.string()), visitors: z.boolean() });

/** Where students' pages answer: in the local network, or on this machine alone; and whether students can be simulated. */
export interface Reach {
  readonly base: string;
  readonly isLocal: boolean;
  readonly visitors: boolean;
}

export function useReach(): Reach | null {
  const [reach, setReach] = useState<Reach | null>(null);
  useEffect(() => {
    const none = { students: null, visitors: false };
    void fetch(`${SEATS}/reach`)
      .then(async (response) => Reach.parse(await response.json()))
      .catch(() => none)
      .then(({ students, visitors }) =>
        setReach({ base: students ?? location.origin, isLocal: students === null, visitors }),
      );
  }, []);
  return reach;
}
