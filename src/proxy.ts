import { NextResponse, type NextRequest } from 'next/server';

/**
 * A strict Content-Security-Policy (W3C CSP Level 3) with a fresh nonce for each page: only our own scripts
 * run, and no request leaves for another host but the services that the teacher has entered. Inline style attributes are allowed, for dragging moves tiles with them.
 */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID());
  const services = serviceOrigins(request.cookies.get(SERVICES_COOKIE)?.value ?? '');
  const policy = contentPolicy(nonce, services, process.env.NODE_ENV === 'development');
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = {
  matcher: [
    {
      source: '/((?!_next/static|icon.svg|demo-data|standins/).*)',
      missing: [{ type: 'header', key: 'next-router-prefetch' }],
    },
  ],
};

/** Where the page writes down the origins of services that the teacher has entered. */
const SERVICES_COOKIE = 'gruppetto-services';
const MOST_SERVICES = 8;

/** Origins out of the cookie; whatever is not just an origin of the web is left out. */
export function serviceOrigins(cookie: string): readonly string[] {
  return cookie
    .split(' ')
    .filter((one) => /^https?:\/\/(?:[a-z0-9-]+\.)*[a-z0-9-]+(?::\d{1,5})?$/.test(one))
    .slice(0, MOST_SERVICES);
}

function contentPolicy(nonce: string, services: readonly string[], development: boolean): string {
  return [
    `default-src 'self'`,
    // Development tools evaluate source maps; the built application never does.
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    `style-src-attr 'unsafe-inline'`,
    `worker-src 'self'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    ['connect-src', "'self'", ...services].join(' '),
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');
}
