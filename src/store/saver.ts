import type { AppRecord } from '../schema/records';
import type { Write } from './database';
import type { Mark } from './history';

export type SaveState =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  /** The last write failed; everything is still in memory and the write is tried again. */
  | { readonly state: 'failed'; readonly attempts: number };

/** Changes are gathered this long before a write, so that typing does not write every letter. */
const GATHER_MS = 60;
const FIRST_RETRY_MS = 1_000;
const LONGEST_RETRY_MS = 15_000;

/** Timers, to be replaced in tests. */
export interface Timers {
  readonly set: (run: () => void, ms: number) => unknown;
  readonly clear: (timer: unknown) => void;
}

const browserTimers: Timers = {
  set: (run, ms) => setTimeout(run, ms),
  clear: (timer) => clearTimeout(timer as ReturnType<typeof setTimeout>),
};

/**
 * Writes what changed, soon and in order. What a failed write held stays here, joined by what changes
 * meanwhile, until a later write takes it all.
 */
export class Saver {
  private records = new Map<string, AppRecord | null>();
  private marks = new Map<string, Mark | null>();
  private running: Promise<void> | null = null;
  private timer: unknown = null;
  private attempts = 0;
  private current: SaveState = { state: 'saved' };
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly write: (write: Write) => Promise<void>,
    private readonly timers: Timers = browserTimers,
  ) {}

  get status(): SaveState {
    return this.current;
  }

  listen(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  putRecord(id: string, record: AppRecord | null): void {
    this.records.set(id, record);
    this.schedule(GATHER_MS);
  }

  putMark(id: string, mark: Mark | null): void {
    this.marks.set(id, mark);
    this.schedule(GATHER_MS);
  }

  /** Writes all that waits, now; resolves when the attempt is over, well or not. */
  async flush(): Promise<void> {
    this.timers.clear(this.timer);
    this.timer = null;
    if (this.running) await this.running;
    if (this.records.size === 0 && this.marks.size === 0) return;
    this.running = this.writeOnce().finally(() => {
      this.running = null;
    });
    await this.running;
  }

  private schedule(ms: number): void {
    if (this.current.state !== 'failed') this.become({ state: 'saving' });
    if (this.timer !== null) return;
    this.timer = this.timers.set(() => {
      this.timer = null;
      void this.flush();
    }, ms);
  }

  private async writeOnce(): Promise<void> {
    const taken: Write = { records: this.records, marks: this.marks };
    this.records = new Map();
    this.marks = new Map();
    try {
      await this.write(taken);
      this.attempts = 0;
      const more = this.records.size > 0 || this.marks.size > 0;
      this.become({ state: more ? 'saving' : 'saved' });
    } catch {
      // Newer changes win over those of the failed write.
      this.records = new Map([...taken.records, ...this.records]);
      this.marks = new Map([...taken.marks, ...this.marks]);
      this.attempts++;
      this.become({ state: 'failed', attempts: this.attempts });
      this.schedule(Math.min(LONGEST_RETRY_MS, FIRST_RETRY_MS * 2 ** (this.attempts - 1)));
    }
  }

  private become(next: SaveState): void {
    if (next.state === this.current.state && next.state !== 'failed') return;
    this.current = next;
    this.listeners.forEach((listener) => listener());
  }
}
