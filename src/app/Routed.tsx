'use client';

import { useParams, useRouter } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import { RouteProvider, type Route } from '@/views/primitives/route';
import { letStylesComeBeside } from './stylesBeside';

letStylesComeBeside();

/** Tells the pages within where they are, by the router that shows them. */
export function Routed({ children }: { readonly children: ReactNode }) {
  const router = useRouter();
  const params = useParams<Record<string, string>>();
  const route = useMemo<Route>(
    () => ({
      params,
      go: (address) => router.push(address),
      goInstead: (address) => router.replace(address),
      fetchAhead: (address) => router.prefetch(address),
    }),
    [params, router],
  );
  return <RouteProvider value={route}>{children}</RouteProvider>;
}
