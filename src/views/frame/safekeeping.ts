import * as z from 'zod/mini';
import type { Setting } from '@/schema/setting';
import { choose, chosen } from '@/store/actions/drafts';
import type { AppStore } from '@/store/appStore';
import { allClasses } from '@/store/queries';

/** When everything was last saved as a file (ms since 1970), and how many steps of work came after. */
interface Safekeeping {
  readonly savedAt: number | null;
  readonly steps: number;
}

export const SAFEKEEPING: Setting<Safekeeping> = {
  name: 'safekeeping',
  shape: z.object({ savedAt: z.nullable(z.number()), steps: z.number() }),
  usual: { savedAt: null, steps: 0 },
};

/** After so many steps without a file a reminder stands on the shelf. */
export const STEPS_UNTIL_REMINDED = 60;
/** Steps are noted so many at a time: a note for each would double what is written. */
const STEPS_AT_ONCE = 5;

/** Notes how much is done, until the returned function is called. */
export function countWork(store: AppStore): () => void {
  let unnoted = 0;
  return store.history.listen(({ put }) => {
    unnoted += put.length;
    if (unnoted < STEPS_AT_ONCE) return;
    const { savedAt, steps } = chosen(store, SAFEKEEPING, null);
    choose(store, SAFEKEEPING, null, { savedAt, steps: steps + unnoted });
    unnoted = 0;
  });
}

/** Everything was just saved as a file. */
export function noteSaved(store: AppStore): void {
  choose(store, SAFEKEEPING, null, { savedAt: Date.now(), steps: 0 });
}

/** Asks the browser not to clear the classes when the machine runs short of room; only once there are some. */
export async function askToStay({ records, lasting }: AppStore): Promise<void> {
  if (!lasting || !('storage' in navigator) || allClasses(records).length === 0) return;
  // Some browsers ask the teacher, and some have none of this.
  if (!(await navigator.storage.persisted().catch(() => true))) {
    await navigator.storage.persist().catch(() => false);
  }
}

/** What the browser tells of the room for this application, in bytes; null where it does not. */
export interface Room {
  readonly used: number;
  readonly most: number;
  /** Whether it has promised not to clear it by itself. */
  readonly promised: boolean;
  /** Whether the application itself is kept here too, for when there is no network. */
  readonly offline: boolean;
}

export async function roomHere(): Promise<Room | null> {
  try {
    const { usage, quota } = await navigator.storage.estimate();
    const promised = await navigator.storage.persisted();
    const offline = 'serviceWorker' in navigator && navigator.serviceWorker.controller !== null;
    return usage === undefined || quota === undefined
      ? null
      : { used: usage, most: quota, promised, offline };
  } catch {
    return null;
  }
}
