import type { AppRecord } from '../schema/records';
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

/** Rounds in which nothing may change any more before all is called quiet, and after how many that is given up. */
const QUIET_ROUNDS = 4;
const MOST_ROUNDS = 200;

/** Lets messages and the reads and writes they lead to come to an end: until no tab changes any more. */
export async function settled(tabs: readonly AppStore[]): Promise<void> {
  let quiet = 0;
  let before: readonly AppRecord[] = [];
  for (let round = 0; quiet < QUIET_ROUNDS && round < MOST_ROUNDS; round++) {
    await Promise.all(tabs.map(({ saver }) => saver.flush()));
    for (let i = 0; i < 12; i++) await new Promise((done) => setTimeout(done));
    const now = tabs.flatMap(({ records }) => records.every());
    const same = now.length === before.length && now.every((one, at) => one === before[at]);
    quiet = same ? quiet + 1 : 0;
    before = now;
  }
}
