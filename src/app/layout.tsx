import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import '@/views/theme/tokens.css';
import '@/views/theme/tones.css';
import './global.css';
import type { Metadata, Viewport } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { say } from '@/messages';

export const metadata: Metadata = {
  title: { default: say.frame.product, template: `%s · ${say.frame.product}` },
  description: say.frame.tagline,
};

export const viewport: Viewport = { colorScheme: 'light dark' };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Each answer has a nonce of its own, so that no page is made beforehand.
  await connection();
  return (
    <html lang={say.language} data-demo={process.env.GRUPPETTO_DEMO === '1'}>
      <body>{children}</body>
    </html>
  );
}
