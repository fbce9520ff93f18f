import type { Metadata } from 'next';
import { ChoosingView } from '@/views/choosing/ChoosingView';
import { Routed } from '../../Routed';

export const metadata: Metadata = { referrer: 'no-referrer' };

export default function Page() {
  return (
    <Routed>
      <ChoosingView />
    </Routed>
  );
}
