import { DATABASE_VERSION } from './database';
import type { Diff } from './diff';

/** The part of a BroadcastChannel that is used, so that tests need no browser. */
export interface Channel {
  postMessage(message: unknown): void;
  onmessage: ((event: MessageEvent) => void) | null;
  close(): void;
}

/** What tabs tell each other; every message says how new the sender is. */
interface Message {
  readonly age: number;
  /** Records that stand otherwise on the disk by now. */
  readonly changed: readonly string[];
  /** The change itself, where there is no disk to look at. */
  readonly diff?: Diff;
}

export interface TabListener {
  /** Records have changed on the disk. */
  readonly onChanged: (ids: readonly string[]) => void;
  /** Something has changed in a tab that has no disk. */
  readonly onDiff: (diff: Diff) => void;
  /** A tab of a newer Gruppetto has spoken. */
  readonly onNewer: () => void;
}

/** One tab's end of the channel between the tabs; silent where the browser has none. */
export class Tabs {
  constructor(
    private readonly channel: Channel | null,
    listener: TabListener,
  ) {
    if (!channel) return;
    channel.onmessage = ({ data }: MessageEvent) => {
      // Tabs from before messages had an age are closed by the storage itself.
      if (!isMessage(data)) return;
      if (data.age > DATABASE_VERSION) listener.onNewer();
      else if (data.age < DATABASE_VERSION) this.greet();
      else if (data.diff) listener.onDiff(data.diff);
      else if (data.changed.length > 0) listener.onChanged(data.changed);
    };
    this.greet();
  }

  /** Says that this tab is there, and how new. */
  greet(): void {
    this.say({ changed: [] });
  }

  tellChanged(changed: readonly string[]): void {
    if (changed.length > 0) this.say({ changed });
  }

  tellDiff(diff: Diff): void {
    this.say({ changed: [], diff });
  }

  close(): void {
    this.channel?.close();
  }

  private say(message: Omit<Message, 'age'>): void {
    this.channel?.postMessage({ age: DATABASE_VERSION, ...message } satisfies Message);
  }
}

function isMessage(data: unknown): data is Message {
  return (
    typeof data === 'object' &&
    data !== null &&
    'age' in data &&
    typeof data.age === 'number' &&
    'changed' in data &&
    Array.isArray(data.changed)
  );
}
