'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { browserArrangeClient, type ArrangeClient } from '@/worker/arrangeClient';

const ArrangeContext = createContext<ArrangeClient | null>(null);

/** Gives the views below one arranging worker. */
export function ArrangingProvider({ children }: { readonly children: ReactNode }) {
  const [client] = useState(browserArrangeClient);
  useEffect(() => () => client.close(), [client]);
  return <ArrangeContext.Provider value={client}>{children}</ArrangeContext.Provider>;
}

export function useArrangeClient(): ArrangeClient {
  const client = useContext(ArrangeContext);
  if (!client) throw new Error('expected an ArrangingProvider above this view, received none');
  return client;
}
