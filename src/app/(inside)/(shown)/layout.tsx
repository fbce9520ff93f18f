import type { ReactNode } from 'react';
import { NoFiles } from '@/views/primitives/NoFiles';

export default function ShownLayout({ children }: { readonly children: ReactNode }) {
  return <NoFiles>{children}</NoFiles>;
}
