import type { RescueFile } from '../schema/classFile';
import type { StoredRecord } from './database';

/** As much as a browser may write while it opens a storage again, in bytes. */
const ENOUGH = 8 * 1024 * 1024;
/** Every trial and every copy has a cache of its own: Chromium never writes again into one in which a write has failed. */
const TRIAL = 'room';
const COPY = 'copy';
const ENTRY = '/records';
/** So long a browser is given to be started anew, which shows whether its storage is whole, in ms. */
const LONG_MS = 2 * 24 * 3_600_000;

/** What is used of the place in which a browser keeps answers of a site. */
export type SpareCaches = Pick<CacheStorage, 'open' | 'keys' | 'delete'>;

/**
 * A second place for all records, used only once the browser has let go of its storage. Chromium (156) was seen to clear a
 * storage soon after the disk was full, and one whose last write had been cut short there when it was started anew, though
 * all had been written again by then.
 */
export class Spare {
  /** When the first copy was made, in ms since 1970; null for none. */
  private since: number | null = null;
  private count = 0;
  private running: Promise<void> | null = null;
  private next: (() => readonly StoredRecord[]) | null = null;

  constructor(
    private readonly caches: SpareCaches | undefined,
    private readonly name: string,
  ) {}

  /** Whether all records are to be kept here with every change. */
  get isUsed(): boolean {
    return this.since !== null;
  }

  /** Whether a storage can be opened: some megabytes are written and thrown away. True where that cannot be tried. */
  async hasRoom(): Promise<boolean> {
    const name = this.nameOf(TRIAL, Date.now());
    const cache = await this.caches?.open(name).catch(() => null);
    if (!cache) return true;
    try {
      await cache.put(ENTRY, new Response(new Uint8Array(ENOUGH)));
      return true;
    } catch {
      return false;
    } finally {
      await this.drop([name]);
    }
  }

  /** Keeps all records from now on; what comes while a copy is being made is in the one after it. */
  keep(records: () => readonly StoredRecord[], now: number): Promise<void> {
    this.since ??= now;
    this.next = records;
    this.running ??= this.copy().finally(() => {
      this.running = null;
    });
    return this.running;
  }

  /** Looks for a copy of an earlier page: null for none, or where it has been long enough without a fault. */
  async find(now: number): Promise<RescueFile | null> {
    const names = await this.names();
    const newest = names.filter((name) => name.startsWith(this.nameOf(COPY))).at(-1);
    const cache = newest && (await this.caches?.open(newest).catch(() => null));
    const entry = cache ? await cache.match(ENTRY).catch(() => undefined) : undefined;
    const found: unknown = await entry?.json().catch(() => null);
    const isRecent = isCopy(found) && now - found.since < LONG_MS;
    await this.drop(isRecent ? names.filter((name) => name !== newest) : names);
    if (!isRecent) return null;
    this.since = found.since;
    return found.all;
  }

  private async copy(): Promise<void> {
    while (this.next) {
      const all: RescueFile = { format: 'gruppetto.rescue', version: 1, records: this.next() };
      this.next = null;
      const copy: Copy = { since: this.since ?? 0, all };
      const before = await this.names();
      const name = this.nameOf(COPY, Date.now());
      const cache = await this.caches?.open(name).catch(() => null);
      const kept = await cache?.put(ENTRY, new Response(JSON.stringify(copy))).then(
        () => true,
        () => false,
      );
      // Without room the copy before it stays.
      await this.drop(kept ? before.filter((one) => one !== name) : [name]);
    }
  }

  /** Numbered, so that none comes twice and the newest is the last. */
  private nameOf(what: string, now?: number): string {
    const first = `${this.name}-${what}-`;
    return now === undefined ? first : `${first}${now}-${String(this.count++).padStart(6, '0')}`;
  }

  /** The caches that are used here, the oldest first. */
  private async names(): Promise<readonly string[]> {
    const all = (await this.caches?.keys().catch(() => [])) ?? [];
    const own = [TRIAL, COPY].map((what) => this.nameOf(what));
    return all.filter((name) => own.some((one) => name.startsWith(one))).sort();
  }

  private async drop(names: readonly string[]): Promise<void> {
    for (const name of names) await this.caches?.delete(name).catch(() => false);
  }
}

interface Copy {
  readonly since: number;
  readonly all: RescueFile;
}

function isCopy(value: unknown): value is Copy {
  const { since, all } = (value ?? {}) as Partial<Copy>;
  return typeof since === 'number' && Array.isArray(all?.records);
}
