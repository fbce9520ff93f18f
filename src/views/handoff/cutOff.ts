'use client';

import { useEffect, useState } from 'react';
import * as z from 'zod/mini';
import type { LineupId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import type { ServiceKind } from '@/services/reach';

/** A hand-off that is under way, or was cut off: how far it had come. */
export const CUT_OFF: Setting<{
  readonly lineupId: string;
  readonly kind: string;
  readonly address: string;
  readonly at: string;
  readonly done: number;
  readonly of: number;
} | null> = {
  name: 'serviceCutOff',
  shape: z.nullable(
    z.object({
      ...{ lineupId: z.string(), kind: z.string(), address: z.string(), at: z.string() },
      ...{ done: z.number(), of: z.number() },
    }),
  ),
  usual: null,
};

/** Held by the tab that sends a lineup to a service of this kind. */
export function lockOf(kind: ServiceKind, lineupId: LineupId): string {
  return `gruppetto-handoff:${kind}:${lineupId}`;
}

/** Whether some tab holds a lock, looked at again and again while it is of interest. */
export function useHeld(name: string, wanted: boolean): boolean {
  const [held, setHeld] = useState(true);
  useEffect(() => {
    if (!wanted) return undefined;
    const look = (): void =>
      void navigator.locks.query().then(({ held: all = [] }) => {
        setHeld(all.some((lock) => lock.name === name));
      });
    look();
    const timer = setInterval(look, 1_000);
    return () => clearInterval(timer);
  }, [name, wanted]);
  return held;
}
