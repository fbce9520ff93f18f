import { NextResponse, type NextRequest } from 'next/server';

/**
 * A strict Content-Security-Policy (W3C CSP Level 3) with a fresh nonce for each page: only our own scripts
 * run, and no request leaves for another host. Inline style attributes are allowed, for dragging moves tiles with them.
 */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID());
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development');
  const headers = new Headers(request.headers);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = {
  matcher: [
    {
      source: '/((?!_next/static|icon.svg|demo-data).*)',
      missing: [{ type: 'header', key: 'next-router-prefetch' }],
    },
  ],
};

function contentPolicy(nonce: string, development: boolean): string {
  return [
    `default-src 'self'`,
    // Development tools evaluate source maps; the built application never does.
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    `style-src-attr 'unsafe-inline'`,
    `worker-src 'self'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');
}
