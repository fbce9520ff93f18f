import type { ReactNode } from 'react';
import { Frame } from '@/views/frame/Frame';

export default function BenchLayout({ children }: { readonly children: ReactNode }) {
  return <Frame>{children}</Frame>;
}
