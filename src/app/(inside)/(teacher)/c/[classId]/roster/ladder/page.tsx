import type { Metadata } from 'next';
import { sayLadder } from '@/messages/ladder';
import { LadderView } from '@/views/ladder/LadderView';

export const metadata: Metadata = { title: sayLadder.page };

export default function Page() {
  return <LadderView />;
}
