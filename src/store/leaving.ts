import { CURRENT_VERSIONS } from '../schema/records';
import type { Write } from './database';

/** What is used of the browser's small storage, which answers at once. */
export type SmallStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/**
 * Keeps what a page has still to write when it is left: a write that has only begun ends with its page, while this is there
 * at once. The next opening writes it. It is too much for some browsers after a large list; then the write may still end.
 */
export class Leaving {
  private readonly key: string;

  constructor(
    private readonly storage: SmallStorage,
    private readonly name: string,
    id: string,
  ) {
    this.key = `${name}:left:${id}`;
  }

  keep({ diffs, marks }: Write, now: number): void {
    const left = { at: now, versions: CURRENT_VERSIONS, diffs, marks: [...marks] };
    try {
      this.storage.setItem(this.key, JSON.stringify(left));
    } catch {
      this.drop();
    }
  }

  /** All is written by now. */
  drop(): void {
    this.storage.removeItem(this.key);
  }

  /** Keys of all that pages of this storage have left. */
  keys(): readonly string[] {
    const all = Array.from({ length: this.storage.length }, (_, at) => this.storage.key(at) ?? '');
    return all.filter((key) => key.startsWith(`${this.name}:left:`));
  }

  textOf(key: string): string | null {
    return this.storage.getItem(key);
  }

  forget(key: string): void {
    this.storage.removeItem(key);
  }
}
