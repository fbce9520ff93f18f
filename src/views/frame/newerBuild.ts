'use client';

import { useSyncExternalStore } from 'react';
import type { ToWorker } from '@/serving/messages';

/** Where the worker is that holds the application for when there is no network. */
const WORKER = '/offline.js';
/** How often a page that stays open asks for a newer build. */
const ASK_MS = 60 * 60_000;

/** How long a browser is given to go over to a newer worker: one with a request that never ends lets it wait for minutes. */
const PATIENCE_MS = 6_000;
/** On which tabs tell each other to open anew. */
const CHANNEL = 'gruppetto-builds';

let registered: ServiceWorkerRegistration | null = null;
const listeners = new Set<() => void>();

/** Has this browser keep the application, and looks for newer builds from then on. */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator) || registered || process.env.NODE_ENV !== 'production')
    return;
  const { serviceWorker } = navigator;
  let served = serviceWorker.controller !== null;
  serviceWorker.addEventListener('controllerchange', () => {
    const isServed = serviceWorker.controller !== null;
    // What serves the page now is of another build than the page: it opens anew, as do the other tabs. Where nothing does,
    // the browser has cleared the site, and the page is the last to hold what was on it.
    if (served && isServed) location.reload();
    served = isServed;
  });
  const others = otherTabs();
  if (others) others.onmessage = () => location.reload();
  const registration = await serviceWorker.register(WORKER);
  registered = registration;
  const watch = (worker: ServiceWorker | null): void => {
    worker?.addEventListener('statechange', look);
  };
  registration.addEventListener('updatefound', () => watch(registration.installing));
  watch(registration.installing);
  look();
  if (!served) {
    // It is never ready where it could not fetch all that it holds: nothing waits for it.
    void serviceWorker.ready.then(({ active }) =>
      say(active, { type: 'serveMe', scripts: ownScripts() }),
    );
  }
  setInterval(() => void registration.update().catch(() => undefined), ASK_MS);
}

/** Opens the newer build that waits, here and in the other tabs; without one just opens the page anew. */
export async function takeNewerBuild(): Promise<void> {
  await keepOffline().catch(() => undefined);
  await registered?.update().catch(() => undefined);
  if (registered?.installing) await installed(registered.installing);
  if (registered?.waiting && registered.active) {
    say(registered.waiting, { type: 'SKIP_WAITING' });
    setTimeout(() => void putAway().catch(() => undefined), PATIENCE_MS);
  } else location.reload();
}

/** Ends a worker that the browser does not let go: every tab comes from the network, and is kept anew from there. */
async function putAway(): Promise<void> {
  // It has gone over by now, and whoever was asked about unsaved work has stayed.
  if (!isWaiting()) return;
  // Without its server there would be no page to open; what is here works on.
  const { ok } = await fetch(WORKER, { cache: 'no-store' });
  if (!ok) return;
  await registered?.unregister();
  otherTabs()?.postMessage('');
  location.reload();
}

function otherTabs(): BroadcastChannel | null {
  return 'BroadcastChannel' in globalThis ? new BroadcastChannel(CHANNEL) : null;
}

/** Resolves when a worker has fetched all that it holds, or could not. */
function installed(worker: ServiceWorker): Promise<void> {
  return new Promise((done) => {
    const tell = (): void => {
      if (worker.state !== 'installing') done();
    };
    worker.addEventListener('statechange', tell);
    tell();
  });
}

/** Whether a newer build is here and waits to be opened. */
export function useNewerBuild(): boolean {
  return useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    isWaiting,
    () => false,
  );
}

/** Whether a worker waits for another to go; the first of all is no newer build. */
function isWaiting(): boolean {
  return Boolean(registered?.active && registered.waiting);
}

function look(): void {
  listeners.forEach((changed) => changed());
}

function say(worker: ServiceWorker | null, message: ToWorker): void {
  worker?.postMessage(message);
}

function ownScripts(): readonly string[] {
  return [...document.querySelectorAll<HTMLScriptElement>('script[src]')].map(
    ({ src }) => new URL(src).pathname,
  );
}
