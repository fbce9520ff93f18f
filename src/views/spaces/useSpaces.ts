'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { clientFor } from '@/services/reach';
import { ServiceGone } from '@/services/client';
import { SpacesClient } from '@/services/channels/spaces';
import type { Space, SpaceBrief } from '@/services/channels/spacesContract';
import type { Why } from '@/services/types';

export interface SpacesPlace {
  /** Of the interface of spaces. */
  readonly root: string;
  readonly token: string;
}

/** What is known of the spaces of a lineup; null of a list where the service has none. */
export interface Known {
  /** Undefined before they were first seen. */
  readonly spaces: readonly SpaceBrief[] | null | undefined;
  /** Why they could not be seen the last time; what was seen before stays. */
  readonly why: Why | null;
  /** How often they were looked at. */
  readonly looks: number;
}

const NOTHING: Known = { spaces: undefined, why: null, looks: 0 };

/** Spaces change slowly; whoever looks at them sees what is new within so long. */
const AGAIN_MS = 5_000;

/** The spaces of a lineup, looked at again and again while the page is seen. */
export function useSpaces({ root, token }: SpacesPlace, lineupId: string) {
  const [known, setKnown] = useState(NOTHING);
  const [turn, setTurn] = useState(0);
  const again = useCallback(() => setTurn((count) => count + 1), []);
  useEffect(() => {
    const stop = new AbortController();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async (): Promise<void> => {
      try {
        const spaces = await clientOf(root, token, stop.signal).of({ id: lineupId });
        if (stop.signal.aborted) return;
        setKnown(({ looks }) => ({ spaces, why: null, looks: looks + 1 }));
        if (spaces) timer = setTimeout(() => void look(), AGAIN_MS);
      } catch (error) {
        if (stop.signal.aborted) return;
        setKnown((before) => ({ ...before, why: whyOf(error) }));
      }
    };
    void look();
    return () => {
      stop.abort();
      clearTimeout(timer);
    };
  }, [root, token, lineupId, turn]);
  return { known, again };
}

/** The whole of a space, read anew with every look at the list; null while it is not there. */
export function useSpace(
  { root, token }: SpacesPlace,
  id: string | undefined,
  looks: number,
): Space | null {
  const [space, setSpace] = useState<Space | null>(null);
  useEffect(() => {
    if (id === undefined) return undefined;
    const stop = new AbortController();
    void clientOf(root, token, stop.signal)
      .read(id)
      .then(setSpace)
      .catch(() => undefined);
    return () => stop.abort();
  }, [root, token, id, looks]);
  return space?.id === id ? space : null;
}

/** A client for one thing to be done: a service that failed once may answer the next time. */
export function useSpacesClient({ root, token }: SpacesPlace): () => SpacesClient {
  const stop = useRef<AbortController | null>(null);
  useEffect(() => {
    const controller = new AbortController();
    stop.current = controller;
    return () => controller.abort();
  }, []);
  return useMemo(() => () => clientOf(root, token, stop.current?.signal), [root, token]);
}

function clientOf(root: string, token: string, stop?: AbortSignal): SpacesClient {
  return new SpacesClient(clientFor('spaces', root, token, stop));
}

export function whyOf(error: unknown): Why {
  if (error instanceof ServiceGone) return { code: 'gone', reason: error.reason };
  return { code: 'refused', detail: error instanceof Error ? error.message : '' };
}
