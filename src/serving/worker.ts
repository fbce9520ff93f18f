/// <reference lib="webworker" />
import { Serwist, type PrecacheEntry } from 'serwist';
import { contentPolicy, nonceOf, serviceOrigins, SERVICES_COOKIE } from './contentPolicy';
import type { ToWorker } from './messages';
import { filled, pageFor, type KeptPage } from './pages';
import { keepShared, SHARED_PATH, SHARED_QUERY } from './shared';

/** Put in when it is built (`scripts/offline.mjs`). */
declare const BUILD: string;
declare const FILES: readonly string[];
declare const PAGES: readonly string[];

declare const self: ServiceWorkerGlobalScope;

/** One store of pages for each build, so that a page never meets the scripts of another. */
const PAGE_CACHE = `gruppetto-pages-${BUILD}`;
const PAYLOAD = '?payload';
/** Pages of which nothing is kept: what is on them is nowhere but on a server. */
const ONLINE = /^\/(seats|standins)\b/;

const entries: PrecacheEntry[] = FILES.map((url) => ({
  url,
  // What stands under _next/static is called after what is in it.
  revision: url.startsWith('/_next/static/') ? null : BUILD,
}));
const serwist = new Serwist({
  precacheEntries: entries,
  // A file is the same whatever stands behind its question mark.
  precacheOptions: { ignoreURLParametersMatching: [/.*/], concurrency: 4 },
  skipWaiting: false,
  clientsClaim: false,
});

self.addEventListener('install', (event) => event.waitUntil(keepPages()));
self.addEventListener('activate', (event) => event.waitUntil(dropOtherBuilds()));
self.addEventListener('message', (event) => {
  const message = event.data as ToWorker | null;
  if (message?.type === 'serveMe') event.waitUntil(serve(message.scripts));
});

serwist.registerCapture(
  ({ url, sameOrigin, request }) =>
    sameOrigin && (request.mode === 'navigate' || isPayload(request)) && kept(url) !== null,
  async ({ url, request }) => {
    const page = kept(url);
    if (!page) return fetch(request);
    if (isPayload(request)) return payload(page, request);
    return (await documentOf(page)) ?? fetch(request);
  },
);
// A bookmark that leads nowhere leads to the first page where nobody can say so.
serwist.registerCapture(
  ({ url, sameOrigin, request }) => sameOrigin && request.mode === 'navigate' && kept(url) === null,
  ({ request }) =>
    fetch(request).catch(() =>
      ONLINE.test(new URL(request.url).pathname) ? Response.error() : Response.redirect('/'),
    ),
);
serwist.registerCapture(
  ({ url, sameOrigin }) => sameOrigin && url.pathname === SHARED_PATH,
  async ({ request }) => {
    await keepShared(await request.formData());
    return Response.redirect(`/?${SHARED_QUERY}`, 303);
  },
  'POST',
);
serwist.addEventListeners();

function kept(url: URL): KeptPage | null {
  return pageFor(url.pathname, PAGES);
}

function isPayload(request: Request): boolean {
  return request.headers.get('rsc') === '1';
}

/** Every page of this build, as a document and as what a link within the application asks for. */
async function keepPages(): Promise<void> {
  const cache = await caches.open(PAGE_CACHE);
  // One after the other: the page that is being worked on comes first.
  for (const page of PAGES) {
    await cache.put(page, await fetched(page, {}));
    await cache.put(page + PAYLOAD, await fetched(`${page}?_rsc`, { rsc: '1' }));
  }
}

async function fetched(url: string, headers: Record<string, string>): Promise<Response> {
  const response = await fetch(url, { headers, cache: 'no-store' });
  if (!response.ok) throw new Error(`expected ${url} to answer, got ${response.status}`);
  // A response that came by way of another address is refused for a document.
  return new Response(await response.text(), { headers: response.headers });
}

async function dropOtherBuilds(): Promise<void> {
  const names = await caches.keys();
  const others = names.filter((name) => name.startsWith('gruppetto-pages-') && name !== PAGE_CACHE);
  await Promise.all(others.map((name) => caches.delete(name)));
}

/** Null where the browser has thrown the page away, or does not let the services of the teacher be read. */
async function documentOf(kept: KeptPage): Promise<Response | null> {
  const services = await servicesOf();
  const found = services && (await inCache(kept.page));
  if (!services || !found) return null;
  const fresh = btoa(crypto.randomUUID());
  const headers = new Headers(found.headers);
  const old = nonceOf(headers.get('content-security-policy') ?? '');
  headers.set('content-security-policy', contentPolicy(fresh, services));
  return new Response(filled(await found.text(), kept.ids, { old, fresh }), { headers });
}

/** What a link within the application asks for; nothing is fetched ahead, for everything is here. */
async function payload(kept: KeptPage, request: Request): Promise<Response> {
  if (request.headers.has('next-router-prefetch')) return new Response(null, { status: 204 });
  const found = await inCache(kept.page + PAYLOAD);
  if (!found) return fetch(request);
  const text = filled(await found.text(), kept.ids, { old: null, fresh: '' });
  return new Response(text, { headers: found.headers });
}

async function inCache(key: string): Promise<Response | undefined> {
  const cache = await caches.open(PAGE_CACHE);
  return cache.match(key, { ignoreVary: true });
}

/** Takes over the pages that were loaded without it, where they are of its own build. */
async function serve(scripts: readonly string[]): Promise<void> {
  const own = new Set(FILES);
  if (scripts.length > 0 && scripts.every((script) => own.has(script))) await self.clients.claim();
}

/** The services of the teacher, null where this browser does not tell a worker. */
async function servicesOf(): Promise<readonly string[] | null> {
  if (!('cookieStore' in self)) return null;
  const cookie = await self.cookieStore.get(SERVICES_COOKIE);
  return serviceOrigins(decodeURIComponent(cookie?.value ?? ''));
}
