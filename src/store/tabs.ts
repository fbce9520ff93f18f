import type { Diff } from './diff';
import type { RecordStore } from './recordStore';

/** The part of a BroadcastChannel that is used, so that tests need no browser. */
export interface Channel {
  postMessage(message: unknown): void;
  onmessage: ((event: MessageEvent) => void) | null;
  close(): void;
}

/** Keeps two tabs in step: what changes here goes out, what comes in is applied and goes no further. */
export function keepInStep(store: RecordStore, channel: Channel): () => void {
  const stop = store.listen((diff, source) => {
    if (source === 'user' || source === 'undo') channel.postMessage(diff);
  });
  channel.onmessage = (event: MessageEvent) => {
    // Only this application, of this origin, speaks on the channel.
    store.apply(event.data as Diff, 'tab');
  };
  return () => {
    stop();
    channel.close();
  };
}
