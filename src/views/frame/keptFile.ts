import { openDB } from 'idb';
import { useSyncExternalStore } from 'react';
import type { AppStore } from '@/store/appStore';
import { backupOf } from './classFiles';
import { markKeptFile } from './keptFileMark';
import { noteSaved } from './safekeeping';

/**
 * A backup file on the teacher's disk that is written again after each change (File System Access). The handle of the
 * file is kept apart from the classes: it means nothing anywhere else.
 */
const DATABASE = 'gruppetto-kept-file';
const HANDLES = 'handles';
/** Work is gathered this long before the file is written again. */
const GATHER_MS = 4_000;
/** Tabs write one after the other, each after what was done in it. */
const LOCK = 'gruppetto-kept-file';

interface Picker {
  readonly showSaveFilePicker?: (options: object) => Promise<FileSystemFileHandle>;
}
/** Parts of File System Access that are not in the types of every browser. */
interface Allowing {
  readonly queryPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (wish: { mode: 'readwrite' }) => Promise<PermissionState>;
}
type Handle = FileSystemFileHandle & Allowing;

export type KeptFile =
  /** This browser cannot write to a file again. */
  | { readonly state: 'unable' }
  | { readonly state: 'none' }
  /** The browser wants to be allowed once more before it writes. */
  | { readonly state: 'asking'; readonly name: string }
  | { readonly state: 'failed'; readonly name: string }
  | { readonly state: 'kept'; readonly name: string };

let handle: Handle | null = null;
let status: KeptFile | null = null;
const listeners = new Set<() => void>();

/** How it stands with the file that keeps itself. */
export function useKeptFile(): KeptFile {
  return useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    now,
    now,
  );
}

function now(): KeptFile {
  // The same object each time: a view would take another for a change.
  return (status ??= { state: 'showSaveFilePicker' in window ? 'none' : 'unable' });
}

/** Ends what follows the work, where something does. */
let follows: (() => void) | null = null;

/** Writes the chosen file again after each change, until the returned function is called. */
export function keepFileUpToDate(store: AppStore): () => void {
  follow(store);
  void takeUp(store);
  return () => follows?.();
}

function follow(store: AppStore): void {
  follows?.();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const end = store.history.listen(() => {
    if (handle === null) return;
    clearTimeout(timer);
    timer = setTimeout(() => void write(store), GATHER_MS);
  });
  follows = () => {
    clearTimeout(timer);
    end();
    follows = null;
  };
}

/** Asks for a file and keeps it from now on; does nothing where the teacher thinks better of it. */
export async function chooseKeptFile(store: AppStore, suggestedName: string): Promise<void> {
  const { showSaveFilePicker } = window as Picker;
  if (!showSaveFilePicker) return;
  try {
    handle = await showSaveFilePicker.call(window, {
      suggestedName,
      types: [{ accept: { 'application/json': ['.json'] } }],
    });
  } catch {
    return;
  }
  follow(store);
  await write(store);
  markKeptFile(true);
  // Where the handle cannot be kept, the file is until this page is closed.
  const chosen = handle;
  await opened()
    .then((database) => database.put(HANDLES, chosen, 'file'))
    .catch(() => undefined);
}

/** Asks the browser to be allowed again. */
export async function allowKeptFile(store: AppStore): Promise<void> {
  if ((await handle?.requestPermission?.({ mode: 'readwrite' })) === 'granted') await write(store);
}

/** Leaves the file as it is from now on. */
export async function dropKeptFile(): Promise<void> {
  handle = null;
  markKeptFile(false);
  await (await opened()).delete(HANDLES, 'file');
  become({ state: 'none' });
}

async function takeUp(store: AppStore): Promise<void> {
  if (!('showSaveFilePicker' in window)) return;
  const kept = (await (await opened()).get(HANDLES, 'file').catch(() => undefined)) as
    Handle | undefined;
  // One that was chosen meanwhile is the newer one.
  if (handle) return;
  handle = kept ?? null;
  if (!kept) become({ state: 'none' });
  else if ((await kept.queryPermission?.({ mode: 'readwrite' })) === 'granted') await write(store);
  else become({ state: 'asking', name: kept.name });
}

/** The file is written beside the old one and put in its place when it is whole: the browser sees to that. */
async function write(store: AppStore): Promise<void> {
  const file = handle;
  if (!file) return;
  try {
    await navigator.locks.request(LOCK, async () => {
      const stream = await file.createWritable();
      await stream.write(`${JSON.stringify(backupOf(store), null, 1)}\n`);
      await stream.close();
    });
    become({ state: 'kept', name: file.name });
    noteSaved(store);
  } catch (error) {
    const refused = error instanceof DOMException && error.name === 'NotAllowedError';
    become({ state: refused ? 'asking' : 'failed', name: file.name });
  }
}

function become(next: KeptFile): void {
  status = next;
  listeners.forEach((changed) => changed());
}

function opened() {
  return openDB(DATABASE, 1, { upgrade: (fresh) => void fresh.createObjectStore(HANDLES) });
}
