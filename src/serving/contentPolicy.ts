/** Where the page writes down the origins of services that the teacher has entered. */
export const SERVICES_COOKIE = 'gruppetto-services';
const MOST_SERVICES = 8;

/** Origins out of the cookie; whatever is not just an origin of the web is left out. */
export function serviceOrigins(cookie: string): readonly string[] {
  return cookie
    .split(' ')
    .filter((one) => /^https?:\/\/(?:[a-z0-9-]+\.)*[a-z0-9-]+(?::\d{1,5})?$/.test(one))
    .slice(0, MOST_SERVICES);
}

/**
 * A strict Content-Security-Policy (W3C CSP Level 3) around the nonce of one page: only our own scripts run, and no
 * request leaves for another host but the services that the teacher has entered. Inline style attributes are allowed,
 * for dragging moves tiles with them.
 */
export function contentPolicy(
  nonce: string,
  services: readonly string[],
  development = false,
): string {
  return [
    `default-src 'self'`,
    // Development tools evaluate source maps; the built application never does.
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    `style-src-attr 'unsafe-inline'`,
    `worker-src 'self'`,
    `manifest-src 'self'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    ['connect-src', "'self'", ...services].join(' '),
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');
}

/** The nonce that a policy names, or null. */
export function nonceOf(policy: string): string | null {
  return /'nonce-([^']+)'/.exec(policy)?.[1] ?? null;
}
