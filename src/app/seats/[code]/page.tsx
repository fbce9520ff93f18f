import type { Metadata } from 'next';
import { ChoosingView } from '@/views/choosing/ChoosingView';

export const metadata: Metadata = { referrer: 'no-referrer' };

export default function Page() {
  return <ChoosingView />;
}
