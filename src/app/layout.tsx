import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import '@/views/theme/tokens.css';
import './global.css';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { say } from '@/messages';
import { Providers } from './providers';

export const metadata: Metadata = {
  title: { default: say.frame.product, template: `%s · ${say.frame.product}` },
  description: say.frame.tagline,
};

export const viewport: Viewport = { colorScheme: 'light dark' };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang={say.language}>
      <body>
        <AppRouterCacheProvider options={{ key: 'g', ...(nonce ? { nonce } : {}) }}>
          <Providers demo={process.env.GRUPPETTO_DEMO === '1'}>{children}</Providers>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
