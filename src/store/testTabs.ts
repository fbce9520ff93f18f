import { openAppStore, type AppStore, type Opened, type OpenOptions } from './appStore';
import type { Channel } from './tabs';

/** A channel between the tabs of a test: what one says, every other hears a moment later. */
export function testChannel(): () => Channel {
  const ends = new Set<Channel>();
  return () => {
    const end: Channel = {
      onmessage: null,
      postMessage: (message) => {
        const data: unknown = structuredClone(message);
        for (const other of ends) {
          if (other !== end) setTimeout(() => other.onmessage?.({ data } as MessageEvent));
        }
      },
      close: () => ends.delete(end),
    };
    ends.add(end);
    return end;
  };
}

export function openTab(name: string, more: Partial<OpenOptions> = {}): Promise<Opened> {
  return openAppStore({
    name,
    channel: null,
    hasStorage: true,
    firstRecords: () => Promise.resolve([]),
    onEnded: () => undefined,
    ...more,
  });
}

/** A store that must open. */
export async function openStore(name: string, more: Partial<OpenOptions> = {}): Promise<AppStore> {
  const opened = await openTab(name, more);
  if (opened.state !== 'ready') throw new Error(`expected a store, received ${opened.state}`);
  return opened.store;
}

/** Lets messages and the reads and writes they lead to come to an end. */
export async function settled(tabs: readonly AppStore[]): Promise<void> {
  for (let turn = 0; turn < 4; turn++) {
    await Promise.all(tabs.map(({ saver }) => saver.flush()));
    for (let i = 0; i < 12; i++) await new Promise((done) => setTimeout(done));
  }
}
