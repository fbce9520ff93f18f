'use client';

import { lazily } from '@/views/primitives/lazily';
import { useCallback, type ReactNode } from 'react';
import type { AppRecord } from '@/schema/records';
import { openAppStore, type Opened } from '@/store/appStore';
import type { Ended } from '@/store/database';
import { Leaving } from '@/store/leaving';
import { StoreProvider, useOpenedStore } from '@/store/react';
import { Spare } from '@/store/spare';
import { ArrangingProvider } from '@/views/frame/arranging';
import { SeatKeeper } from '@/views/frame/SeatKeeper';
import { Speaking } from '@/views/frame/Speaking';
import { Waiting } from '@/views/frame/Waiting';

/** Nothing that a page waits for. */
const Background = lazily(() =>
  import('@/views/frame/Background').then((module) => module.Background),
);

/** Names in the browser's storage; the demo never mixes with a teacher's own classes. */
const STORE_NAME = 'gruppetto';
const DEMO_STORE_NAME = 'gruppetto-demo';

interface ProvidersProps {
  readonly demo: boolean;
  readonly children: ReactNode;
}

export function Providers({ demo, children }: ProvidersProps) {
  const open = useCallback(
    (onEnded: (how: Ended) => void): Promise<Opened> => {
      const name = demo ? DEMO_STORE_NAME : STORE_NAME;
      return openAppStore({
        name,
        channel: 'BroadcastChannel' in globalThis ? () => new BroadcastChannel(name) : null,
        hasStorage: 'indexedDB' in globalThis,
        leaving: leavingOf(name),
        spare: new Spare('caches' in globalThis ? caches : undefined, name),
        firstRecords: demo ? demoRecords : () => Promise.resolve([]),
        onEnded,
      });
    },
    [demo],
  );
  const status = useOpenedStore(open);
  return (
    <Speaking>
      {status.state === 'ready' ? (
        <StoreProvider value={status.store}>
          <ArrangingProvider>{children}</ArrangingProvider>
          <SeatKeeper />
          <Background />
        </StoreProvider>
      ) : (
        <Waiting status={status} />
      )}
    </Speaking>
  );
}

/** Null where the browser gives no storage. */
function leavingOf(name: string): Leaving | null {
  try {
    return new Leaving(localStorage, name, crypto.randomUUID());
  } catch {
    return null;
  }
}

async function demoRecords(): Promise<readonly AppRecord[]> {
  // Read once, the first time: no page need carry what reads it.
  const [response, { readClassFile }] = await Promise.all([
    fetch('/demo-data'),
    import('@/schema/classFile'),
  ]);
  const files: unknown = await response.json();
  if (!Array.isArray(files)) return [];
  return files.flatMap((file) => {
    const read = readClassFile(file);
    return read.ok ? read.records : [];
  });
}
