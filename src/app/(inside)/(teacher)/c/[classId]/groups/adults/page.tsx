import type { Metadata } from 'next';
import { sayAdults } from '@/messages/adults';
import { AdultsView } from '@/views/adults/AdultsView';

export const metadata: Metadata = { title: sayAdults.page };

export default function Page() {
  return <AdultsView />;
}
