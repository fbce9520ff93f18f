'use client';

import { createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { AppStore, Opened } from './appStore';
import type { ActionLabel } from './history';
import type { Query } from './queries';
import type { SaveState } from './saver';

export type StoreStatus = { readonly state: 'loading' } | { readonly state: 'replaced' } | Opened;

const StoreContext = createContext<AppStore | null>(null);

/** Gives the views below their store. */
export const StoreProvider = StoreContext.Provider;

/** Opens the store once in the browser and writes what waits whenever the page may be about to go. */
export function useOpenedStore(open: (onReplaced: () => void) => Promise<Opened>): StoreStatus {
  const [status, setStatus] = useState<StoreStatus>({ state: 'loading' });
  useEffect(() => {
    let closed = false;
    let opened: AppStore | null = null;
    const flush = (): void => void opened?.saver.flush();
    void open(() => setStatus({ state: 'replaced' })).then((next) => {
      opened = next.state === 'ready' ? next.store : null;
      if (closed) void opened?.close();
      else setStatus(next);
    });
    document.addEventListener('visibilitychange', flush);
    window.addEventListener('pagehide', flush);
    return () => {
      closed = true;
      document.removeEventListener('visibilitychange', flush);
      window.removeEventListener('pagehide', flush);
      void opened?.close();
    };
  }, [open]);
  return status;
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

export function useUndo(): UndoState {
  const { history } = useStore();
  const listen = (changed: () => void): (() => void) => history.listen(changed);
  const nextUndo = useSyncExternalStore(
    listen,
    () => history.nextUndo,
    () => null,
  );
  const nextRedo = useSyncExternalStore(
    listen,
    () => history.nextRedo,
    () => null,
  );
  return { nextUndo, nextRedo, undo: () => history.undo(), redo: () => history.redo() };
}
