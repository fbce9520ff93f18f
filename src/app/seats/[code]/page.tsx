import type { Metadata } from 'next';
import { sayChoosing } from '@/messages/choosing';
import { ChoosingView } from '@/views/choosing/ChoosingView';

export const metadata: Metadata = { title: sayChoosing.page, referrer: 'no-referrer' };

export default function Page() {
  return <ChoosingView />;
}
