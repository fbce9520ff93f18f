import './styles';
import type { Metadata, Viewport } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { say } from '@/messages';

/** Titles come with the pages, in the language of whoever reads them. */
export const metadata: Metadata = { description: say.frame.tagline };

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
