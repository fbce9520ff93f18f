'use client';

import { createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { AppStore, Opened } from './appStore';
import type { Ended } from './database';
import type { ActionLabel, Place } from './history';
import type { RecordKind, RecordOf } from '../schema/records';
import type { Query } from './queries';
import type { SaveState } from './saver';

export type StoreStatus =
  /** `slow` once the storage has kept the page waiting for long. */
  | { readonly state: 'loading'; readonly slow: boolean }
  /** The storage is no longer this tab's; all that was on screen is still in `store`. */
  | { readonly state: 'ended'; readonly how: Ended; readonly store: AppStore | null }
  | Opened;

/** After this long a word is due on what is being waited for. */
const SLOW_MS = 5_000;

const StoreContext = createContext<AppStore | null>(null);

/** Gives the views below their store. */
export const StoreProvider = StoreContext.Provider;

/** Opens the store once in the browser and writes what waits whenever the page may be about to go. */
export function useOpenedStore(
  open: (onEnded: (how: Ended) => void) => Promise<Opened>,
): StoreStatus {
  const [status, setStatus] = useState<StoreStatus>({ state: 'loading', slow: false });
  useEffect(() => {
    let closed = false;
    let opened: AppStore | null = null;
    const slow = setTimeout(() => setStatus({ state: 'loading', slow: true }), SLOW_MS);
    const flush = (): void => void opened?.saver.flush();
    const look = (): void => {
      flush();
      const seen = document.visibilityState === 'visible';
      if (opened && seen && !opened.inStep) void opened.lookAgain();
    };
    // A browser asks only where leaving would lose something.
    const ask = (event: BeforeUnloadEvent): void => {
      if (opened && losesOnLeaving(opened)) event.preventDefault();
    };
    const leave = (): void => opened?.leave();
    const show = (next: Opened): void => {
      clearTimeout(slow);
      opened = next.state === 'ready' ? next.store : null;
      if (closed) void opened?.close();
      else setStatus(next);
    };
    open((how) => setStatus({ state: 'ended', how, store: opened })).then(show, (error: unknown) =>
      show({ state: 'unread', why: String(error) }),
    );
    document.addEventListener('visibilitychange', look);
    window.addEventListener('pagehide', leave);
    window.addEventListener('beforeunload', ask);
    return () => {
      closed = true;
      clearTimeout(slow);
      document.removeEventListener('visibilitychange', look);
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('beforeunload', ask);
      void opened?.close();
    };
  }, [open]);
  return status;
}

/** Whether something is in this page alone: a write that keeps failing, or changes where nothing is ever written. */
function losesOnLeaving({ saver, history, lasting }: AppStore): boolean {
  return saver.status.state === 'failed' || (!lasting && history.nextUndo() !== null);
}

export function useStore(): AppStore {
  const store = useContext(StoreContext);
  if (!store) throw new Error('expected a StoreProvider above this view, received none');
  return store;
}

/** The answer of a query, kept up to date; its arguments are ids. */
export function useQuery<A extends readonly string[], T>(query: Query<A, T>, ...args: A): T {
  const { records } = useStore();
  const read = (): T => query(records, ...args);
  return useSyncExternalStore((changed) => records.listen(changed), read, read);
}

/** One record, kept up to date. */
export function useRecord<K extends RecordKind>(kind: K, id: string): RecordOf<K> | undefined {
  const { records } = useStore();
  const read = (): RecordOf<K> | undefined => records.get(kind, id);
  return useSyncExternalStore((changed) => records.listen(changed), read, read);
}

export function useSaveState(): SaveState {
  const { saver } = useStore();
  const read = (): SaveState => saver.status;
  return useSyncExternalStore((changed) => saver.listen(changed), read, read);
}

export interface UndoState {
  readonly nextUndo: ActionLabel | null;
  readonly nextRedo: ActionLabel | null;
  readonly undo: () => ActionLabel | null;
  readonly redo: () => ActionLabel | null;
}

/** Undo and redo in one place: a class, or the shelf. */
export function useUndo(place: Place): UndoState {
  const { history } = useStore();
  const listen = (changed: () => void): (() => void) => history.listen(changed);
  const nextUndo = useSyncExternalStore(
    listen,
    () => history.nextUndo(place),
    () => null,
  );
  const nextRedo = useSyncExternalStore(
    listen,
    () => history.nextRedo(place),
    () => null,
  );
  return { nextUndo, nextRedo, undo: () => history.undo(place), redo: () => history.redo(place) };
}
