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
export type Known =
  | { readonly state: 'looking' }
  | { readonly state: 'known'; readonly spaces: readonly SpaceBrief[] | null }
  | { readonly state: 'failed'; readonly why: Why };

/** Spaces change slowly; whoever looks at them sees what is new within so long. */
const AGAIN_MS = 5_000;

/** The spaces of a lineup, looked at again and again while the page is seen. */
export function useSpaces({ root, token }: SpacesPlace, lineupId: string) {
  const [known, setKnown] = useState<Known>({ state: 'looking' });
  const [turn, setTurn] = useState(0);
  const again = useCallback(() => setTurn((count) => count + 1), []);
  useEffect(() => {
    const stop = new AbortController();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async (): Promise<void> => {
      try {
        const spaces = await clientOf(root, token, stop.signal).of({ id: lineupId });
        setKnown({ state: 'known', spaces });
        if (!stop.signal.aborted && spaces) timer = setTimeout(() => void look(), AGAIN_MS);
      } catch (error) {
        if (stop.signal.aborted) return;
        setKnown({ state: 'failed', why: whyOf(error) });
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

/** The whole of a space, kept up to date as its brief changes; null while it is not there. */
export function useSpace(
  { root, token }: SpacesPlace,
  brief: SpaceBrief | undefined,
  as: string | null,
): Space | null {
  const [space, setSpace] = useState<{ readonly of: string; readonly space: Space | null } | null>(
    null,
  );
  const id = brief?.id ?? '';
  const of = `${id} ${as ?? ''}`;
  // What a list tells of a space says when the whole of it is another.
  const sign = JSON.stringify(brief ?? null);
  useEffect(() => {
    if (id === '') return undefined;
    const stop = new AbortController();
    void clientOf(root, token, stop.signal)
      .read(id, as)
      .then((read) => setSpace({ of, space: read }))
      .catch(() => undefined);
    return () => stop.abort();
  }, [root, token, id, as, of, sign]);
  return space?.of === of ? space.space : null;
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
