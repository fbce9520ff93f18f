import type { OnDisk, Write } from './database';
import { after, touchedIds, type Diff } from './diff';
import type { AppRecord } from '../schema/records';
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

const NOTHING: Write = { diffs: [], marks: new Map() };

/** Timers, to be replaced in tests. */
export interface Timers {
  readonly set: (run: () => void, ms: number) => unknown;
  readonly clear: (timer: unknown) => void;
}

export const browserTimers: Timers = {
  set: (run, ms) => setTimeout(run, ms),
  clear: (timer) => clearTimeout(timer as ReturnType<typeof setTimeout>),
};

/**
 * Writes what changed, soon and in order, as changes and not as whole records: what another tab wrote meanwhile stays.
 * What a failed write held stays here, followed by what changes meanwhile, until a later write takes it all.
 */
export class Saver {
  private diffs: Diff[] = [];
  private marks = new Map<string, Mark | null>();
  /** What the write under way has taken. */
  private writing: Write = NOTHING;
  private running: Promise<void> | null = null;
  private timer: unknown = null;
  private attempts = 0;
  private stopped = false;
  private current: SaveState = { state: 'saved' };
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly write: (write: Write) => Promise<OnDisk>,
    /** Told how the records of each write stand on the disk. */
    private readonly onWritten: (now: OnDisk) => void,
    private readonly timers: Timers = browserTimers,
  ) {}

  get status(): SaveState {
    return this.current;
  }

  listen(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  putDiff(diff: Diff): void {
    this.diffs.push(diff);
    this.schedule(GATHER_MS);
  }

  putMark(id: string, mark: Mark | null): void {
    this.marks.set(id, mark);
    this.schedule(GATHER_MS);
  }

  /** A record of the disk with all that is still on its way there. */
  withWaiting(id: string, onDisk: AppRecord | undefined): AppRecord | undefined {
    return [...this.writing.diffs, ...this.diffs].reduce<AppRecord | undefined>(
      (record, diff) => after(diff, id, record),
      onDisk,
    );
  }

  /** All that is still to be written, as far as is known here; null for nothing. */
  waiting(): Write | null {
    if (this.stopped) return null;
    const diffs = [...this.writing.diffs, ...this.diffs];
    const marks = new Map([...this.writing.marks, ...this.marks]);
    return diffs.length + marks.size === 0 ? null : { diffs, marks };
  }

  /** Whether anything about these records is on its way to the disk just now. */
  isWriting(ids: Iterable<string>): boolean {
    const touched = new Set(this.writing.diffs.flatMap(touchedIds));
    return [...ids].some((id) => touched.has(id));
  }

  /** Writes all that waits, now; resolves when the attempt is over, well or not. */
  async flush(): Promise<void> {
    this.timers.clear(this.timer);
    this.timer = null;
    if (this.running) await this.running;
    if (this.stopped || !this.isWaiting()) return;
    this.running ??= this.writeOnce().finally(() => {
      this.running = null;
    });
    await this.running;
  }

  /** Writes nothing any more: the storage now belongs to a newer Gruppetto, or is gone. */
  stop(): void {
    this.stopped = true;
    this.timers.clear(this.timer);
  }

  private isWaiting(): boolean {
    return this.diffs.length > 0 || this.marks.size > 0;
  }

  private schedule(ms: number): void {
    if (this.current.state !== 'failed') this.become({ state: 'saving' });
    if (this.timer !== null || this.stopped) return;
    this.timer = this.timers.set(() => {
      this.timer = null;
      void this.flush();
    }, ms);
  }

  private async writeOnce(): Promise<void> {
    const taken: Write = { diffs: this.diffs, marks: this.marks };
    this.writing = taken;
    this.diffs = [];
    this.marks = new Map();
    try {
      const now = await this.write(taken);
      this.writing = NOTHING;
      this.attempts = 0;
      this.onWritten(now);
      this.become({ state: this.isWaiting() ? 'saving' : 'saved' });
    } catch {
      this.writing = NOTHING;
      this.diffs = [...taken.diffs, ...this.diffs];
      // A mark made anew meanwhile is the newer one.
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
