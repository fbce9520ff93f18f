'use client';

import { serviceOrigins, SERVICES_COOKIE } from '@/serving/contentPolicy';

/** Whether the page may talk to the address: its own, or one that its content policy was made with. */
export function isAllowed(address: string): boolean {
  const { origin } = new URL(address);
  return origin === window.location.origin || ALLOWED_AT_LOAD.includes(origin);
}

/** Lets the content policy of the next page allow the address, and no other than those that were entered. */
export function allow(address: string): void {
  const { origin } = new URL(address);
  const all = [...new Set([...allowed(), origin])].slice(-8).join(' ');
  document.cookie = `${SERVICES_COOKIE}=${encodeURIComponent(all)}; path=/; max-age=31536000; SameSite=Strict`;
}

function allowed(): readonly string[] {
  if (typeof document === 'undefined') return [];
  const [, found = ''] =
    new RegExp(`(?:^|; )${SERVICES_COOKIE}=([^;]*)`).exec(document.cookie) ?? [];
  return serviceOrigins(decodeURIComponent(found));
}

/** What stood in the cookie when the page was made: the policy does not change after. */
const ALLOWED_AT_LOAD = allowed();
