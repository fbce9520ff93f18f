'use client';

import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from '@mui/material/styles';
import { useState, type ReactNode } from 'react';
import { theme } from './theme';

/**
 * Our theme around what the package draws. It stands around each such part, none of which is in a first load, and not
 * around the page: so the styling engine comes along with the first of them.
 */
export function MuiRoot({ children }: { readonly children: ReactNode }) {
  const [cache] = useState(pageCache);
  return (
    <CacheProvider value={cache}>
      <ThemeProvider theme={theme}>{children}</ThemeProvider>
    </CacheProvider>
  );
}

let made: ReturnType<typeof createCache> | null = null;

/** One for the page, whose styles carry the nonce that the content policy asks for. */
function pageCache(): ReturnType<typeof createCache> {
  const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;
  made ??= createCache({ key: 'g', ...(nonce ? { nonce } : {}) });
  return made;
}
