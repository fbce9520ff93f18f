'use client';

import { startTransition, useCallback, useEffect, useMemo, useState } from 'react';
import { sayLive } from '@/messages/live';
import { LiveRooms, type Line, type Outcome } from '@/services/rooms/board';
import type { Session } from '@/services/rooms/contract';
import { whenBack } from '../frame/whenBack';
import { useNotices } from '../primitives/notices';

export interface Place {
  /** Of the service of rooms. */
  readonly root: string;
  readonly token: string;
  readonly sessionId: string;
}

interface Seen {
  readonly session: Session;
  /** How far the service's clock is ahead of ours, in ms. */
  readonly ahead: number;
}

export interface Board {
  readonly seen: Seen | null;
  readonly line: Line;
  /** Asks the service for something; what it refuses is told, what it did is followed by `then`. */
  readonly act: (work: (rooms: LiveRooms) => Promise<Outcome>, then?: () => void) => void;
}

/** A session of rooms while this page is open, seen as it happens and led. */
export function useBoard({ root, token, sessionId }: Place): Board {
  const { notify } = useNotices();
  const rooms = useMemo(() => new LiveRooms(root, token, sessionId), [root, token, sessionId]);
  const [seen, setSeen] = useState<Seen | null>(null);
  const [line, setLine] = useState<Line>('connecting');
  useEffect(() => {
    const stop = new AbortController();
    void rooms.watch(
      {
        // A thousand who come at once are drawn bit by bit, and whatever is pressed meanwhile comes first.
        onSession: (session, ahead) => startTransition(() => setSeen({ session, ahead })),
        onLine: setLine,
        wake: whenBack,
      },
      stop.signal,
    );
    return () => stop.abort();
  }, [rooms]);
  const act = useCallback<Board['act']>(
    (work, then) => {
      void work(rooms).then((outcome) => {
        if (outcome) notify({ text: sayLive.rooms.failed(outcome) });
        else then?.();
      });
    },
    [rooms, notify],
  );
  return { seen, line, act };
}
