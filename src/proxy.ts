import { NextResponse, type NextRequest } from 'next/server';
import { contentPolicy, serviceOrigins, SERVICES_COOKIE } from './serving/contentPolicy';

/** Gives each page a fresh nonce and the policy around it. */
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
      source:
        '/((?!_next/static|icon.svg|icons/|manifest.webmanifest|manifests/|offline.js|demo-data|standins/).*)',
      missing: [{ type: 'header', key: 'next-router-prefetch' }],
    },
  ],
};
