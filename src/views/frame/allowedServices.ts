'use client';

const COOKIE = 'gruppetto-services';

/** Whether the page may talk to the address: its own, or one that its content policy was made with. */
export function isAllowed(address: string): boolean {
  const { origin } = new URL(address);
  return origin === window.location.origin || ALLOWED_AT_LOAD.includes(origin);
}

/** Lets the content policy of the next page allow the address, and no other than those that were entered. */
export function allow(address: string): void {
  const { origin } = new URL(address);
  const all = [...new Set([...allowed(), origin])].slice(-8).join(' ');
  document.cookie = `${COOKIE}=${encodeURIComponent(all)}; path=/; max-age=31536000; SameSite=Strict`;
}

function allowed(): readonly string[] {
  if (typeof document === 'undefined') return [];
  const [, found = ''] = new RegExp(`(?:^|; )${COOKIE}=([^;]*)`).exec(document.cookie) ?? [];
  return decodeURIComponent(found)
    .split(' ')
    .filter((one) => one !== '');
}

/** What stood in the cookie when the page was made: the policy does not change after. */
const ALLOWED_AT_LOAD = allowed();
