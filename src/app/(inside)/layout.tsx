import type { ReactNode } from 'react';
import { Routed } from '../Routed';
import { Providers } from './providers';

/** Every page that knows the classes of this browser: the teacher's, and what they show. */
export default function InsideLayout({ children }: { readonly children: ReactNode }) {
  return (
    <Routed>
      <Providers demo={process.env.GRUPPETTO_DEMO === '1'}>{children}</Providers>
    </Routed>
  );
}
