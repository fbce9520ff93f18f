'use client';

import { useEffect, useState } from 'react';

/** What windows tell each other about stages: who is there, and who asks. */
type Word = { readonly ask: true } | { readonly id: string; readonly classId: string | null };

const CHANNEL = 'gruppetto-stage';

function channel(): BroadcastChannel | null {
  return 'BroadcastChannel' in globalThis ? new BroadcastChannel(CHANNEL) : null;
}

/** What a stage holds while it is there (Web Locks): the browser lets it go when the window is gone, however it went. */
const lockOf = (id: string): string => `${CHANNEL} ${id}`;

/** Null where a browser has no locks; then nobody tells of a window that crashes. */
function locks(): LockManager | null {
  return 'locks' in navigator ? navigator.locks : null;
}

/** Says to other windows that this one shows the stage of a class, for as long as it does. */
export function useStagePresence(classId: string): void {
  useEffect(() => {
    const port = channel();
    if (!port) return undefined;
    const id = crypto.randomUUID();
    const held = new AbortController();
    const say = (of: string | null): void => port.postMessage({ id, classId: of } satisfies Word);
    port.onmessage = ({ data }: MessageEvent<Word>) => {
      if ('ask' in data) say(classId);
    };
    const gone = (): void => say(null);
    const back = (): void => say(classId);
    const whileHere = new Promise<void>((resolve) => {
      held.signal.addEventListener('abort', () => resolve());
    });
    // Whoever hears of this stage waits for its lock: it is held first.
    const holding = locks()?.request(lockOf(id), () => {
      if (!held.signal.aborted) say(classId);
      return whileHere;
    });
    if (holding) void holding.catch(() => undefined);
    else say(classId);
    window.addEventListener('pagehide', gone);
    window.addEventListener('pageshow', back);
    return () => {
      gone();
      held.abort();
      window.removeEventListener('pagehide', gone);
      window.removeEventListener('pageshow', back);
      port.close();
    };
  }, [classId]);
}

/** Whether another window shows the stage of the class. */
export function useStageOpen(classId: string): boolean {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const port = channel();
    if (!port) return undefined;
    const stages = new Set<string>();
    const waits = new AbortController();
    const left = (id: string): void => {
      stages.delete(id);
      setOpen(stages.size > 0);
    };
    port.onmessage = ({ data }: MessageEvent<Word>) => {
      if ('ask' in data) return;
      const { id } = data;
      if (data.classId !== classId) {
        left(id);
        return;
      }
      if (!stages.has(id)) {
        const { signal } = waits;
        // It is ours once the stage is gone; where the wait is given up there is nothing to do.
        void locks()
          ?.request(lockOf(id), { signal }, () => left(id))
          .catch(() => undefined);
      }
      stages.add(id);
      setOpen(true);
    };
    port.postMessage({ ask: true } satisfies Word);
    return () => {
      waits.abort();
      port.close();
    };
  }, [classId]);
  return open;
}
