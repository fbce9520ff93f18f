'use client';

import { createContext, useContext } from 'react';

/** Where the reader is, and the way to another page. */
export interface Route {
  /** What the address names, under the names that the folders of the page give it, such as `classId`. */
  readonly params: Readonly<Record<string, string | undefined>>;
  readonly go: (address: string) => void;
  /** Goes there in the place of this page: the way back leads past it. */
  readonly goInstead: (address: string) => void;
  /** Fetches what an address needs before somebody goes there; absent where every page is loaded anew. */
  readonly fetchAhead?: (address: string) => void;
}

const RouteContext = createContext<Route | null>(null);

/** Given by whatever shows the page: the router, or a page that stands alone. */
export const RouteProvider = RouteContext.Provider;

export function useRoute(): Route {
  const route = useContext(RouteContext);
  if (!route) throw new Error('expected a RouteProvider around the page, found none');
  return route;
}
