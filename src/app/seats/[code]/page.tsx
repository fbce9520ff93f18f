import type { Metadata } from 'next';
import { ChoosingView } from '@/views/choosing/ChoosingView';
import { NoFiles } from '@/views/primitives/NoFiles';
import { Routed } from '../../Routed';

export const metadata: Metadata = { referrer: 'no-referrer' };

export default function Page() {
  return (
    <Routed>
      <NoFiles>
        <ChoosingView />
      </NoFiles>
    </Routed>
  );
}
