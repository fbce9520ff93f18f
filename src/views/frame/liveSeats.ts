'use client';

import { useSyncExternalStore } from 'react';
import type { LineState } from '@/services/eventLine';
import type { SeatsSession } from '@/services/seats/contract';

/** A choosing as it was last told, and how far that can be trusted. */
export interface LiveSeats {
  readonly session: SeatsSession | null;
  readonly line: LineState;
  /** How far the service's clock is ahead of ours, in ms. */
  readonly ahead: number;
}

const UNKNOWN: LiveSeats = { session: null, line: 'connecting', ahead: 0 };
const known = new Map<string, LiveSeats>();
const listeners = new Set<() => void>();

/** Tells every view of a choosing; null once it is followed no more. */
export function tellSeats(id: string, change: Partial<LiveSeats> | null): void {
  if (change === null) known.delete(id);
  else known.set(id, { ...(known.get(id) ?? UNKNOWN), ...change });
  for (const listener of listeners) listener();
}

/** A choosing while it is followed (SeatKeeper). */
export function useLiveSeats(id: string): LiveSeats {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => known.get(id) ?? UNKNOWN,
    () => UNKNOWN,
  );
}
