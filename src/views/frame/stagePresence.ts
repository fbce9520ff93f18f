'use client';

import { useEffect, useState } from 'react';

/** What windows tell each other about stages: who is there, and who asks. */
type Word = { readonly ask: true } | { readonly id: string; readonly classId: string | null };

const CHANNEL = 'gruppetto-stage';

function channel(): BroadcastChannel | null {
  return 'BroadcastChannel' in globalThis ? new BroadcastChannel(CHANNEL) : null;
}

/** Says to other windows that this one shows the stage of a class, for as long as it does. */
export function useStagePresence(classId: string): void {
  useEffect(() => {
    const port = channel();
    if (!port) return undefined;
    const id = crypto.randomUUID();
    const say = (of: string | null): void => port.postMessage({ id, classId: of } satisfies Word);
    port.onmessage = ({ data }: MessageEvent<Word>) => {
      if ('ask' in data) say(classId);
    };
    const gone = (): void => say(null);
    const back = (): void => say(classId);
    say(classId);
    window.addEventListener('pagehide', gone);
    window.addEventListener('pageshow', back);
    return () => {
      gone();
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
    port.onmessage = ({ data }: MessageEvent<Word>) => {
      if ('ask' in data) return;
      if (data.classId === classId) stages.add(data.id);
      else stages.delete(data.id);
      setOpen(stages.size > 0);
    };
    port.postMessage({ ask: true } satisfies Word);
    return () => port.close();
  }, [classId]);
  return open;
}
